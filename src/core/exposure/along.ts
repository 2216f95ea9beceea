/** What a thing met day by day on its way: measured where it was, else as the model has it. */
import type { PlainDate } from '../calendar/plainDate'
import type { PocketId } from '../ids'
import { dayOfYear } from './chart'
import type { PocketLine } from './household'
import { type Modelled, modelled } from './model'
import type { Path } from './path'

/** Hundredths of °C; null where nothing is known of the day. */
export interface DayMet {
  readonly on: PlainDate
  readonly range: { readonly low: number; readonly high: number } | null
  readonly of: 'measured' | 'typed' | 'modelled'
}

/** A local day and the minute at which it begins. */
export interface DayBegin {
  readonly on: PlainDate
  readonly from: number
}

/**
 * @param days in order; each ends where the next begins, the last at `now`
 * @param modelOf of the place of a pocket; null where the model says nothing of it
 */
export function daysAlong(
  path: Path,
  lines: ReadonlyMap<PocketId, PocketLine>,
  days: readonly DayBegin[],
  now: number,
  modelOf: (pocketId: PocketId) => Modelled | null,
): readonly DayMet[] {
  return days.map(({ on, from }, at): DayMet => {
    const end = days[at + 1]?.from ?? now
    const met = path.flatMap((stay) => {
      const [begin, until] = [Math.max(from, stay.from), Math.min(end, stay.to ?? now)]
      return until <= begin ? [] : [{ ...stay, begin, until }]
    })
    const measured = met.flatMap(({ pocketId, begin, until }) => {
      const figures = lines.get(pocketId)?.timeline.between(begin, until)
      return figures?.hottest && figures.coldest
        ? [
            {
              low: figures.coldest.hundredths,
              high: figures.hottest.hundredths,
              isTyped: figures.measured === 0,
            },
          ]
        : []
    })
    if (measured.length > 0)
      return {
        on,
        range: {
          low: Math.min(...measured.map(({ low }) => low)),
          high: Math.max(...measured.map(({ high }) => high)),
        },
        of: measured.every(({ isTyped }) => isTyped) ? 'typed' : 'measured',
      }
    const hours = met.flatMap(({ pocketId }) => {
      const model = modelOf(pocketId)
      return model
        ? Array.from({ length: 24 }, (_, hour) =>
            Math.round(modelled(model, dayOfYear(on), hour) * 100),
          )
        : []
    })
    return {
      on,
      range: hours.length === 0 ? null : { low: Math.min(...hours), high: Math.max(...hours) },
      of: 'modelled',
    }
  })
}
