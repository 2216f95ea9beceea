/** Errands about regular medicines and courses: to be got before they run out, on a day somebody sells them. */
import { addDays, type PlainDate, type Weekday, weekdayOf } from '../calendar/plainDate'
import type { Pantry } from '../cover/pantry'
import type { Place } from '../household/places'
import { type CourseLine, coursesOf } from '../judgement/memberSheet'
import { NOTHING } from '../quantity/amount'
import { anErrand, type Errand } from './errand'
import { homeOf } from './ofPeople'
import type { Survey } from './survey'

/** A prescription is asked for this many days ahead: a surgery needs a few, a pharmacy one or two. */
export const REFILL_DAYS = 7

export function ofMedicines(
  pantry: Pantry,
  survey: Survey,
  pharmacyDays: readonly Weekday[],
): readonly Errand[] {
  const { today, places } = survey
  return pantry.stock.members.flatMap((member) => {
    const place = homeOf(member, pantry, places, today)
    return place
      ? coursesOf(pantry, member.id, today).flatMap((line) =>
          errandOf(line, survey, place, pharmacyDays),
        )
      : []
  })
}

function errandOf(
  { course, title, state }: CourseLine,
  { today, lines, stock }: Survey,
  place: Place,
  pharmacyDays: readonly Weekday[],
): Errand[] {
  const lastDay = endsOn(state, today)
  if (lastDay === undefined || (lastDay !== null && lastDay > addDays(today, REFILL_DAYS)))
    return []
  const item = stock.items.find(({ id }) => id === course.itemId) ?? null
  // Where it is taken from at home, else wherever it lies.
  const at =
    lines.find((line) => line.item.id === course.itemId && line.site.place.id === place.id) ??
    lines.find((line) => line.item.id === course.itemId)
  return [
    anErrand({
      key: `refill:${course.id}`,
      act: 'refill',
      title,
      place,
      item,
      kit: at?.site.kit ?? null,
      pocketId: at?.site.pocket.id ?? null,
      memberId: course.memberId,
      amount: item?.packSize ?? NOTHING,
      due: lastDay,
      essential: true,
      reason: {
        code: 'runs_out',
        lastDay,
        prescriber: course.prescriber,
        openUntil: lastOpenDay(today, lastDay ?? today, pharmacyDays),
      },
    }),
  ]
}

/** The last day that is supplied; null when today is not; undefined where nothing runs out. */
function endsOn(state: CourseLine['state'], today: PlainDate): PlainDate | null | undefined {
  if (state.kind === 'regular') return state.lastDay
  if (state.kind !== 'falls_short') return undefined
  return state.from <= today ? null : addDays(state.from, -1)
}

/** The last day from today on which the pharmacy is open before it is needed, where it is shut that day. */
function lastOpenDay(
  today: PlainDate,
  needed: PlainDate,
  open: readonly Weekday[],
): PlainDate | null {
  if (open.includes(weekdayOf(needed))) return null
  for (let day = needed; day >= today; day = addDays(day, -1))
    if (open.includes(weekdayOf(day))) return day
  return null
}
