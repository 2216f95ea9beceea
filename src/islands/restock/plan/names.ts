/** Positions of a problem as names, days as dates: what every part of the plan's screen asks. */
import { addDays, type PlainDate } from '../../../core/calendar/plainDate'
import type { PlanView } from './usePlan'

export interface Names {
  readonly today: PlainDate
  readonly day: (offset: number) => PlainDate
  readonly thing: (index: number) => { readonly title: string; readonly unit: string }
  readonly line: (index: number) => PlanView['lines'][number] | undefined
  readonly shelf: (index: number) => PlanView['shelves'][number] | undefined
  readonly stop: (index: number) => PlanView['stops'][number] | undefined
  /** "Lid, Pantry roll (Cottage)"; without the place where that is where one is. */
  readonly whereLine: (index: number, at?: number) => string
  readonly whereShelf: (index: number, at?: number) => string
  readonly thingOfLine: (index: number) => number
  readonly shop: (index: number) => string
}

export function namesOf(view: PlanView): Names {
  const { problem } = view
  const stop = (index: number) => view.stops[index]
  const where = (
    pocket: { readonly pocket: string; readonly kit: string } | undefined,
    stopIndex: number | undefined,
    here: number | undefined,
  ): string => {
    if (!pocket) return ''
    const inKit = `${pocket.pocket}, ${pocket.kit}`
    return stopIndex === here ? inKit : `${inKit} (${stop(stopIndex ?? -1)?.name ?? ''})`
  }
  return {
    today: problem.today,
    day: (offset) => addDays(problem.today, offset),
    thing: (index) => view.things[index] ?? { title: '', unit: '' },
    line: (index) => view.lines[index],
    shelf: (index) => view.shelves[index],
    stop,
    whereLine: (index, at) => where(view.lines[index], problem.lines[index]?.stop, at),
    whereShelf: (index, at) => where(view.shelves[index], problem.shelves[index]?.stop, at),
    thingOfLine: (index) => problem.lines[index]?.thing ?? -1,
    shop: (index) => problem.shops[index] ?? '',
  }
}
