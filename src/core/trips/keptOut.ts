/** What would do and stays at home, because no bag may take it through a cabin or a hold. */
import type { Need } from '../cover/need'
import type { Pantry } from '../cover/pantry'
import type { CabinRefusal } from './cabin'
import { sizeOf } from './room'
import { verdictFor } from './takeOut'
import type { Trip } from './trip'

export interface KeptOut {
  readonly title: string
  readonly because: CabinRefusal
}

/**
 * Of the sources' things those that would play a part in what is missing, and that every bag that is
 * filled refuses; each by its name once.
 */
export function keptOutOf(
  pantry: Pantry,
  trip: Trip,
  missing: readonly Need[],
): readonly KeptOut[] {
  const bags = trip.bags.filter(({ filled }) => filled)
  if (bags.length === 0) return []
  const roles = new Set(
    missing.flatMap(({ ways }) => ways.flatMap(({ parts }) => parts.flatMap(({ any }) => any))),
  )
  const sources = new Set(trip.sources)
  const found = new Map<string, CabinRefusal>()
  for (const { thing, kit } of pantry.shelves) {
    const it = pantry.things[thing]
    const placeId = pantry.stock.kits[kit]?.placeId
    if (!it || !placeId || !sources.has(placeId) || found.has(it.title)) continue
    if (!it.facts.roles.some((role) => roles.has(role))) continue
    const stowed = { facts: it.facts, mm: sizeOf(it.facts)?.mm ?? null }
    const refusals = bags.flatMap((bag) => {
      const verdict = verdictFor(bag, trip, stowed)
      return verdict?.kind === 'refused' ? [verdict.because] : []
    })
    const [first] = refusals
    if (first && refusals.length === bags.length) found.set(it.title, first)
  }
  return [...found].map(([title, because]) => ({ title, because }))
}
