/** Readings against the patient's own normal: a line, and a band where it should lie. */
import { useEffect, useRef } from 'react'
import type { Instant } from '../../../core/dosing/given'
import type { Reading } from '../../../core/incident/entry'
import type { ReadingLine } from '../../../core/incident/handover'
import { plainValue } from '../../../core/incident/readings'
import * as words from '../../../words'
import classes from './incident.module.css'

interface Props {
  readonly of: Reading['of']
  readonly readings: readonly ReadingLine[]
  readonly units: 'metric' | 'us'
  readonly timeZone: string
  readonly now: Instant
}

const incidentWords = words.care.incident

export function ReadingsChart({ of, readings, units, timeZone, now }: Props) {
  const box = useRef<HTMLDivElement>(null)
  const key = JSON.stringify(readings.map(({ at, corrected }) => [at, plainValue(corrected)]))
  const normal = readings.at(-1)?.normal ?? null
  const band = normal ? `${normal.range.from} ${normal.range.to}` : ''
  // The hours on the axis are those of the day on which it is looked at.
  const shownAt = Math.floor(now / 3_600_000) * 3_600_000
  useEffect(() => {
    const element = box.current
    if (!element) return
    let dispose = () => {}
    let gone = false
    void import('../../../ui/drawLine').then(({ drawLine }) => {
      if (gone) return
      const [from, to] = band.split(' ').map(Number)
      dispose = drawLine(element, JSON.parse(key) as [number, number][], {
        normal: from !== undefined && to !== undefined && band !== '' ? { from, to } : null,
        label: (value) => valueText(of, value, units),
        time: (at) => words.care.time(at as Instant, shownAt as Instant, timeZone),
      })
    })
    return () => {
      gone = true
      dispose()
    }
  }, [key, band, of, units, timeZone, shownAt])
  return (
    <figure className={classes.chart}>
      <figcaption>
        <b>{incidentWords.of[of]}</b> {normal && incidentWords.normal(normal, of, units)}
      </figcaption>
      <div
        ref={box}
        role="img"
        aria-label={`${incidentWords.of[of]}: ${readings.map(({ corrected }) => incidentWords.reading(corrected, units)).join(', ')}`}
      />
    </figure>
  )
}

const valueText = (of: Reading['of'], value: number, units: 'metric' | 'us'): string =>
  of === 'temperature'
    ? units === 'us'
      ? `${Math.round((value * 1.8 + 32) * 10) / 10} °F`
      : `${Math.round(value * 10) / 10} °C`
    : String(Math.round(value))
