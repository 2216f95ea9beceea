/** The days that a plan works with: when somebody is at a place, thinned out far ahead. */
import { addDays, daysBetween, type PlainDate } from '../calendar/plainDate'
import { type Presence, staysFrom } from '../calendar/presence'
import type { Chance } from './problem'

/**
 * Nobody plans the day for next spring: where somebody is every day or every week, chances
 * further ahead are taken further apart.
 */
export const gapAfter = (day: number): number =>
  day < 28 ? 7 : day < 112 ? 28 : day < 364 ? 56 : 91

/**
 * When somebody is there, from today on, within so many days; none where nobody knows.
 * Dated visits are all kept; they are what stock is carried on.
 */
export function chancesAt(presence: Presence, today: PlainDate, days: number): readonly Chance[] {
  const found: Chance[] = []
  let next = 0
  for (const stay of staysFrom(presence, today, addDays(today, days - 1))) {
    const from = Math.max(0, daysBetween(today, stay.from))
    const leaves = Math.min(days, daysBetween(today, stay.to))
    if (stay.kind === 'visit') found.push({ day: from, leaves })
    else
      for (let day = Math.max(from, next); day <= leaves && day < days; day = next) {
        found.push({ day, leaves: day })
        next = day + gapAfter(day)
      }
  }
  return found
}
