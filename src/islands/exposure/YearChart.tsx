/** A year at one look, one week of it as a line, and the same as a table. */
import { useEffect, useMemo, useRef, useState } from 'react'
import { addDays, type PlainDate } from '../../core/calendar/plainDate'
import { Box, Stack } from '../../ui/Box'
import { Folded } from '../../ui/Folded'
import { Table } from '../../ui/Table'
import * as words from '../../words'
import { shortDay, shortMonth } from '../../words/frame/format'
import { RangeChart } from './RangeChart'
import { type Chart, daysOf, type ExposureView, hasModel, isMeasured, monthsOf } from './view'

const exposureWords = words.exposure
/** Within which most things may be for a while; hundredths of °C. */
const ROOM = { from: 1500, to: 3000 }
/** Frost, and too hot for most. */
const HARSH = { from: 0, to: 3000 }
const WEEK = 7
const HOURS = 24

interface Props {
  readonly visits: ExposureView['visits']
  readonly chart: Chart
  readonly today: PlainDate
}

export function YearChart({ chart, today, visits }: Props) {
  const [week, setWeek] = useState(() => hottestWeek(chart))
  const most = chart.days - WEEK
  const first = addDays(chart.from, week)
  if (!chart.tenths.some((one) => one !== null))
    return (
      <Box as="p" tone="second" above={4} measure>
        {exposureWords.year.none}
      </Box>
    )
  return (
    <section aria-label={exposureWords.year.title}>
      <Cells chart={chart} onDay={(day) => setWeek(Math.min(most, Math.max(0, day - 3)))} />
      <Box as="p" size={2} tone="second" above={2}>
        {exposureWords.year.about(isMeasured(chart), hasModel(chart))}
      </Box>
      <Box above={4}>
        <label>
          <Box as="span" weight="bold">
            {exposureWords.week.from(first)}
          </Box>
          <input
            type="range"
            min={0}
            max={most}
            step={1}
            value={week}
            aria-label={exposureWords.week.choose}
            aria-valuetext={exposureWords.week.from(first)}
            onChange={(event) => setWeek(Number(event.currentTarget.value))}
            style={{ width: '100%', minHeight: 24, accentColor: 'var(--ink)' }}
          />
        </label>
        <Week chart={chart} from={week} today={today} />
        <Box as="p" size={2} tone="second">
          {exposureWords.week.band}
        </Box>
      </Box>
      <Folded title={exposureWords.way.days}>{() => <Days chart={chart} visits={visits} />}</Folded>
      <Folded title={exposureWords.year.table}>{() => <Months chart={chart} />}</Folded>
    </section>
  )
}

/** Kept from one week to the next: they are drawn once. */
function Days({ chart, visits }: Pick<Props, 'chart' | 'visits'>) {
  const days = useMemo(() => daysOf(chart), [chart])
  const marks = useMemo(
    () => visits.map(({ on, label }) => ({ on, text: label || exposureWords.visit })),
    [visits],
  )
  return (
    <>
      <RangeChart
        days={days}
        band={ROOM}
        outside={HARSH}
        marks={marks}
        label={exposureWords.way.days}
      />
      <Box as="p" size={2} tone="second">
        {exposureWords.year.daysUnder}
      </Box>
    </>
  )
}

/** The week with the hottest hour; without one the last. */
function hottestWeek({ tenths, days }: Chart): number {
  let best = -1
  for (const [at, one] of tenths.entries())
    if (one !== null && (best < 0 || one > (tenths[best] ?? 0))) best = at
  const day = best < 0 ? days - WEEK : Math.floor(best / HOURS) - 3
  return Math.min(days - WEEK, Math.max(0, day))
}

function Cells({ chart, onDay }: { readonly chart: Chart; readonly onDay: (day: number) => void }) {
  const box = useRef<HTMLDivElement>(null)
  const chosen = useRef(onDay)
  useEffect(() => {
    chosen.current = onDay
  })
  useEffect(() => {
    const element = box.current
    if (!element) return
    let dispose = () => {}
    let gone = false
    void import('../../ui/drawYear').then(({ drawYear }) => {
      if (gone) return
      dispose = drawYear(element, {
        ...chart,
        isPale: (index) => chart.origin[index] !== 'm',
        day: (day) => {
          const date = addDays(chart.from, day)
          return date.endsWith('-01') && Number(date.slice(5, 7)) % 2 === 1 ? shortMonth(date) : ''
        },
        tip: (day, hour, tenths) =>
          `${exposureWords.year.hour(addDays(chart.from, day), hour)}: ${exposureWords.degrees(tenths * 10)}${originText(chart.origin[day * HOURS + hour])}`,
        onDay: (day) => chosen.current(day),
      })
    })
    return () => {
      gone = true
      dispose()
    }
  }, [chart])
  const months = monthsOf(chart)
  const hot = months.reduce((sum, one) => sum + one.hotDays, 0)
  const frost = months.reduce((sum, one) => sum + one.frostDays, 0)
  return (
    <div
      ref={box}
      role="img"
      aria-label={`${exposureWords.year.title}: ${exposureWords.year.hotDays} ${hot}, ${exposureWords.year.frostDays} ${frost}`}
      style={{ height: 190 }}
    />
  )
}

const originText = (origin: string | undefined): string =>
  origin === 'm'
    ? ''
    : ` (${origin === 't' ? exposureWords.year.typed : exposureWords.year.modelled})`

const BAND = { from: 15, to: 30 }

function Week({ chart, from, today }: Pick<Props, 'chart' | 'today'> & { readonly from: number }) {
  const box = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const element = box.current
    if (!element) return
    const points = Array.from({ length: WEEK * HOURS }, (_, hour) => from * HOURS + hour).flatMap(
      (at): [number, number][] => {
        const tenths = chart.tenths[at]
        return tenths === null || tenths === undefined ? [] : [[at, tenths / 10]]
      },
    )
    let dispose = () => {}
    let gone = false
    if (points.length > 0)
      void import('../../ui/drawLine').then(({ drawLine }) => {
        if (gone) return
        const begin = Date.parse(`${chart.from}T00:00:00`)
        dispose = drawLine(
          element,
          points.map(([at, value]) => [begin + at * 3_600_000, value]),
          {
            normal: BAND,
            isDense: true,
            label: (value) => `${Math.round(value * 10) / 10}`,
            time: (at) =>
              shortDay(addDays(chart.from, Math.round((at - begin) / 86_400_000)), today),
          },
        )
      })
    return () => {
      gone = true
      dispose()
    }
  }, [chart, from, today])
  return <div ref={box} role="img" aria-label={exposureWords.week.title} style={{ height: 170 }} />
}

function Months({ chart }: Pick<Props, 'chart'>) {
  const yearWords = exposureWords.year
  const said = (tenths: number | null) =>
    tenths === null ? yearWords.nobody : exposureWords.degrees(tenths * 10)
  return (
    <Stack above={3}>
      <Table figures aria-label={yearWords.table}>
        <thead>
          <tr>
            {[
              yearWords.month,
              yearWords.coldest,
              yearWords.hottest,
              yearWords.hotDays,
              yearWords.frostDays,
              yearWords.measured,
            ].map((name) => (
              <th scope="col" key={name}>
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {monthsOf(chart).map((month) => (
            <tr key={month.from}>
              <th scope="row">
                {shortMonth(month.from)} {month.from.slice(0, 4)}
              </th>
              <td>{said(month.coldest)}</td>
              <td>{said(month.hottest)}</td>
              <td>{month.hotDays}</td>
              <td>{month.frostDays}</td>
              <td>{Math.round(month.measured * 100)} %</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Stack>
  )
}
