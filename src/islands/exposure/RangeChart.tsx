/** The lowest and the highest of each day, with the range a thing may be in and what happened when. */
import { useEffect, useRef } from 'react'
import { addDays, type PlainDate } from '../../core/calendar/plainDate'
import * as words from '../../words'
import { fullDay, shortMonth } from '../../words/frame/format'
import type { RangeDay } from './view'

const exposureWords = words.exposure

/** Hundredths of °C; null for no end. */
interface Ends {
  readonly from: number | null
  readonly to: number | null
}

interface Props {
  readonly days: readonly RangeDay[]
  readonly band: Ends | null
  readonly outside: Ends
  readonly marks: readonly { readonly on: PlainDate; readonly text: string }[]
  readonly label: string
}

/** Colder or hotter than the range; by the model nothing is. */
export const isOut = ({ range, of }: RangeDay, { from, to }: Ends): boolean =>
  range !== null &&
  of !== 'modelled' &&
  ((from !== null && range.low <= from) || (to !== null && range.high > to))

const ORIGIN = {
  measured: '',
  typed: exposureWords.year.typed,
  modelled: exposureWords.year.modelled,
}

export const rangeText = ({ range, of }: RangeDay): string =>
  range === null
    ? exposureWords.year.nobody
    : [exposureWords.lots.range(range.low, range.high), ORIGIN[of]].filter(Boolean).join(', ')

export function RangeChart({ days, band, outside, marks, label }: Props) {
  const box = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const element = box.current
    const [first] = days
    if (!element || !first || !days.some(({ range }) => range !== null)) return
    let dispose = () => {}
    let gone = false
    void import('../../ui/drawDays').then(({ drawDays }) => {
      if (gone) return
      const celsius = (hundredths: number | null) => (hundredths === null ? null : hundredths / 100)
      const step = days.length > 120 ? 2 : 1
      dispose = drawDays(element, {
        days: days.map((day) =>
          day.range
            ? {
                low: day.range.low / 100,
                high: day.range.high / 100,
                isPale: day.of === 'modelled',
                isOut: isOut(day, outside),
              }
            : null,
        ),
        band: band && { from: celsius(band.from), to: celsius(band.to) },
        marks: marks.flatMap(({ on, text }) => {
          const day = days.findIndex((one) => one.on === on)
          return day < 0 ? [] : [{ day, text }]
        }),
        under: (at) => {
          const date = addDays(first.on, at)
          return date.endsWith('-01') && Number(date.slice(5, 7)) % step === 0
            ? shortMonth(date)
            : ''
        },
        tip: (at) => {
          const day = days[at]
          return day ? `${fullDay(day.on)}: ${rangeText(day)}` : ''
        },
      })
    })
    return () => {
      gone = true
      dispose()
    }
  }, [days, band, outside, marks])
  return <div ref={box} role="img" aria-label={label} style={{ height: 230 }} />
}
