/**
 * A course ahead: how many doses are there, when the last is given, whether it will finish, what
 * may be drawn up beforehand, and by when to fetch more while the pharmacy is open.
 */
import {
  addDays,
  daysBetween,
  earlier,
  type PlainDate,
  type Weekday,
  weekdayOf,
} from '../calendar/plainDate'
import { turnsFirst } from '../cover/taking'
import type { Microlitres } from '../quantity/measure'

export interface CourseQuestion {
  readonly today: PlainDate
  /** The last day of the course; null for a regular medicine. */
  readonly endsOn: PlainDate | null
  /** Thousandths of the unit in one dose: microlitres of a liquid. */
  readonly dose: number
  readonly dosesADay: number
  /** Doses of today that have been given. */
  readonly givenToday: number
  /** Thousandths of the unit that are good, with the day through which they are. */
  readonly supply: readonly { readonly amount: number; readonly through: PlainDate | null }[]
  /** Days that the pharmacy is open. */
  readonly openOn: readonly Weekday[]
  /** Working days that it takes to get more. */
  readonly orderDays: number
  /** Days for which a drawn-up syringe keeps, as the prescriber wrote; null where nobody did. */
  readonly drawnKeepsDays: number | null
}

export interface CoursePlan {
  readonly dosesThere: number
  readonly dosesNeeded: number | null
  /** The last day on which every dose is there; null when not even today. */
  readonly lastFullDay: PlainDate | null
  readonly finishes: boolean | null
  readonly missing: number
  /** The last open day to ask for more so that it is there in time; null when none is needed. */
  readonly askBy: PlainDate | null
  /** That day has passed, or the pharmacy is never open: ask now. */
  readonly tooLate: boolean
  /** Syringes to draw up at once, and through which day they keep. */
  readonly drawUp: {
    readonly syringes: number
    readonly each: Microlitres
    readonly through: PlainDate
  } | null
}

/** A plan further ahead says nothing. */
const MOST_DAYS = 400

/** @throws {RangeError} for a dose of nothing or no dose a day */
export function coursePlan(question: CourseQuestion): CoursePlan {
  const { today, endsOn, dose, dosesADay, openOn, orderDays } = question
  if (dose <= 0 || dosesADay <= 0) throw new RangeError('A course gives something each day')
  const lots = [...question.supply].sort(turnsFirst)
  const left = lots.map(({ amount }) => amount)
  const dosesOn = (day: PlainDate): number =>
    day === today ? Math.max(0, dosesADay - question.givenToday) : dosesADay
  let day = today
  let given = 0
  let lastFullDay: PlainDate | null = null
  for (let ahead = 0; ahead < MOST_DAYS; ahead += 1) {
    day = addDays(today, ahead)
    if (endsOn !== null && day > endsOn) break
    const got = takeDoses(left, lots, dose, dosesOn(day), day)
    given += got
    if (got < dosesOn(day)) break
    lastFullDay = day
  }
  const dosesNeeded =
    endsOn === null
      ? null
      : endsOn < today
        ? 0
        : dosesOn(today) + daysBetween(today, endsOn) * dosesADay
  const finishes = dosesNeeded === null ? null : given >= dosesNeeded
  const needsMore = finishes !== true
  const runsOut = lastFullDay === null ? today : addDays(lastFullDay, 1)
  const askBy = needsMore ? lastDayToAsk(runsOut, openOn, orderDays) : null
  return {
    dosesThere: given,
    dosesNeeded,
    lastFullDay,
    finishes,
    missing: dosesNeeded === null ? 0 : Math.max(0, dosesNeeded - given),
    askBy: askBy !== null && askBy < today ? null : askBy,
    tooLate: needsMore && (askBy === null || askBy < today),
    drawUp: drawUpAhead(question, given, dosesOn),
  }
}

/** Takes doses of a day, what ends first going first; each whole from what is still good. */
function takeDoses(
  left: number[],
  lots: CourseQuestion['supply'],
  dose: number,
  wanted: number,
  day: PlainDate,
): number {
  let got = 0
  while (got < wanted) {
    const good = lots.map(({ through }) => through === null || through >= day)
    const there = left.reduce((sum, amount, at) => sum + (good[at] ? amount : 0), 0)
    if (there < dose) return got
    let needed = dose
    for (let at = 0; at < left.length && needed > 0; at += 1) {
      if (!good[at]) continue
      const taken = Math.min(left[at] ?? 0, needed)
      left[at] = (left[at] ?? 0) - taken
      needed -= taken
    }
    got += 1
  }
  return got
}

/** The last open day, so many open days before something runs out. */
function lastDayToAsk(
  runsOut: PlainDate,
  openOn: readonly Weekday[],
  orderDays: number,
): PlainDate | null {
  if (openOn.length === 0) return null
  let open = 0
  for (let back = 0; back < 60; back += 1) {
    const day = addDays(runsOut, -back)
    if (!openOn.includes(weekdayOf(day))) continue
    if (open === orderDays) return day
    open += 1
  }
  return null
}

function drawUpAhead(
  { today, endsOn, dose, drawnKeepsDays }: CourseQuestion,
  given: number,
  dosesOn: (day: PlainDate) => number,
): CoursePlan['drawUp'] {
  if (drawnKeepsDays === null || drawnKeepsDays < 1 || given === 0) return null
  const keeps = addDays(today, drawnKeepsDays - 1)
  const through = endsOn === null ? keeps : earlier(keeps, endsOn)
  let wanted = 0
  for (let day = today; day <= through; day = addDays(day, 1)) wanted += dosesOn(day)
  const syringes = Math.min(wanted, given)
  return syringes === 0 ? null : { syringes, each: dose as Microlitres, through }
}
