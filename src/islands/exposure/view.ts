/** What the screens of heat and frost share. */
import type { z } from 'zod'
import type { readExposure, readLotExposure } from '../../contract/exposure'
import { addDays, monthNumber, type PlainDate } from '../../core/calendar/plainDate'

export type ExposureView = z.infer<(typeof readExposure)['result']>
export type LotMet = z.infer<(typeof readLotExposure)['result']>
export type Chart = NonNullable<ExposureView['chart']>
export type JudgedLot = ExposureView['lots'][number]
export type LogLine = ExposureView['logs'][number]

/** Hundredths of °C. */
export interface RangeDay {
  readonly on: PlainDate
  readonly range: { readonly low: number; readonly high: number } | null
  readonly of: 'measured' | 'typed' | 'modelled'
}

const HOURS = 24
const HOT = 300

export interface MonthLine {
  /** Its first day in the chart. */
  readonly from: PlainDate
  readonly hottest: number | null
  readonly coldest: number | null
  readonly hotDays: number
  readonly frostDays: number
  /** Of its hours: 0 to 1. */
  readonly measured: number
}

/** Of each day its hours. */
export const hoursOf = ({ tenths }: Chart, day: number): readonly number[] =>
  tenths.slice(day * HOURS, (day + 1) * HOURS).filter((one): one is number => one !== null)

/** Days above 30 °C. @param only measured hours count, or all */
export const hotDays = (chart: Chart, only: 'measured' | 'all'): number =>
  daysWith(chart, only, (tenths) => tenths > HOT)

/** Days with frost. @param only measured hours count, or all */
export const frostDays = (chart: Chart, only: 'measured' | 'all'): number =>
  daysWith(chart, only, (tenths) => tenths <= 0)

function daysWith(
  { tenths, origin, days }: Chart,
  only: 'measured' | 'all',
  is: (tenths: number) => boolean,
): number {
  let count = 0
  for (let day = 0; day < days; day++) {
    const isOne = tenths
      .slice(day * HOURS, (day + 1) * HOURS)
      .some(
        (one, hour) =>
          one !== null && is(one) && (only === 'all' || origin[day * HOURS + hour] === 'm'),
      )
    if (isOne) count += 1
  }
  return count
}

/** The year month by month, for whoever reads a table. */
export function monthsOf(chart: Chart): readonly MonthLine[] {
  const months: { from: PlainDate; days: number[] }[] = []
  for (let day = 0; day < chart.days; day++) {
    const date = addDays(chart.from, day)
    const last = months.at(-1)
    if (last && monthNumber(last.from) === monthNumber(date)) last.days.push(day)
    else months.push({ from: date, days: [day] })
  }
  return months.map(({ from, days }) => {
    const hours = days.flatMap((day) => hoursOf(chart, day))
    const origin = days.map((day) => chart.origin.slice(day * HOURS, (day + 1) * HOURS)).join('')
    return {
      from,
      hottest: hours.length === 0 ? null : Math.max(...hours),
      coldest: hours.length === 0 ? null : Math.min(...hours),
      hotDays: days.filter((day) => hoursOf(chart, day).some((one) => one > HOT)).length,
      frostDays: days.filter((day) => hoursOf(chart, day).some((one) => one <= 0)).length,
      measured: [...origin].filter((one) => one === 'm').length / Math.max(1, origin.length),
    }
  })
}

/** The lowest and the highest of each day: measured where any hour of it was. */
export function daysOf({ from, days, tenths, origin }: Chart): readonly RangeDay[] {
  return Array.from({ length: days }, (_, day): RangeDay => {
    const begin = day * HOURS
    const letters = origin.slice(begin, begin + HOURS)
    const of = letters.includes('m') ? 'm' : letters.includes('t') ? 't' : '.'
    const hours = tenths
      .slice(begin, begin + HOURS)
      .filter((one, hour): one is number => one !== null && letters[hour] === of)
    return {
      on: addDays(from, day),
      range:
        hours.length === 0 ? null : { low: Math.min(...hours) * 10, high: Math.max(...hours) * 10 },
      of: of === 'm' ? 'measured' : of === 't' ? 'typed' : 'modelled',
    }
  })
}

export const isMeasured = ({ origin }: Chart): boolean => origin.includes('m')
export const hasModel = ({ origin, tenths }: Chart): boolean =>
  tenths.some((one, at) => one !== null && origin[at] === '.')
