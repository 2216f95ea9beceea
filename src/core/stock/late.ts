/**
 * What was done earlier and is heard of only now, from a phone that had no connection. It is
 * decided on the stock as it was then, and what others recorded for later times stays true: a
 * later count has already seen its effect.
 */
import type { PocketId } from '../ids'
import { type Amount, amount, NOTHING } from '../quantity/amount'
import type { LotFact } from './decide'
import type { LotDetails } from './lot'
import { effectOf, type Fact, type LotStock } from './movement'

/** A recorded movement of the lot, done after the moment in question. */
export interface LaterFact {
  readonly fact: Fact
  readonly who: string
  /** ISO time. */
  readonly at: string
  /** It was taken back since. */
  readonly undone: boolean
}

/** The stock as it is recorded for the moment before those movements. */
export function stockBefore(now: LotStock, later: readonly LaterFact[]): LotStock {
  const held = new Map<PocketId, number>(now.held)
  for (const { fact } of later)
    for (const { pocket, by } of effectOf(fact)) held.set(pocket, (held.get(pocket) ?? 0) - by)
  const there = [...held].filter(([, some]) => some > 0)
  return { ...now, held: new Map(there.map(([pocket, some]) => [pocket, amount(some)])) }
}

export interface Arrival {
  readonly facts: readonly LotFact[]
  /** Pockets in which a later count stands against what was decided. */
  readonly overtaken: ReadonlyMap<PocketId, LaterFact>
  /** Pockets in which more has been taken since than was there: somebody has to look. */
  readonly contradicted: ReadonlySet<PocketId>
}

/**
 * Fits facts that were decided on the earlier stock into the present one. All of them are kept;
 * where a later count stands, a `restated` fact gives its number back.
 */
export function arriveLate(
  now: LotStock,
  later: readonly LaterFact[],
  decided: readonly LotFact[],
): Arrival {
  const own = decided.filter(({ lotId }) => lotId === now.lotId)
  const then = stockBefore(now, later)
  const overtaken = new Map<PocketId, LaterFact>()
  const contradicted = new Set<PocketId>()
  const before: LotFact[] = []
  const after: LotFact[] = []
  for (const pocket of pocketsOf(own)) {
    const there = now.held.get(pocket) ?? NOTHING
    const { lowest, net } = courseOf(own, pocket)
    const count = later.findLast(
      ({ fact, undone }) => !undone && fact.kind === 'counted' && fact.pocket === pocket,
    )
    // A count says how many there were, so what followed it is taken from that; whatever had been
    // given back meanwhile, because less seemed to be there, was given back without knowing it.
    const level = own.some(({ fact }) => fact.kind === 'counted' && fact.pocket === pocket)
      ? (then.held.get(pocket) ?? NOTHING) + net + since(later, pocket)
      : there + net
    const wanted = count ? there : Math.max(0, level)
    if (count && net !== 0) overtaken.set(pocket, count)
    if (!count && level < 0) contradicted.add(pocket)
    const lift = Math.max(0, -(there + lowest))
    if (lift > 0) before.push(restated(now, pocket, there, there + lift))
    const end = there + lift + net
    if (end !== wanted) after.push(restated(now, pocket, end, wanted))
  }
  return { facts: [...before, ...decided, ...after], overtaken, contradicted }
}

const restated = ({ lotId }: LotStock, pocket: PocketId, was: number, found: number): LotFact => ({
  lotId,
  fact: { kind: 'restated', pocket, was: was as Amount, found: found as Amount },
})

/** What really came and went since, without the numbers that were only given back. */
const since = (later: readonly LaterFact[], pocket: PocketId): number =>
  later
    .filter(({ fact }) => (fact.kind === 'undone' ? fact.of : fact).kind !== 'restated')
    .flatMap(({ fact }) => effectOf(fact))
    .reduce((sum, effect) => (effect.pocket === pocket ? sum + effect.by : sum), 0)

const pocketsOf = (facts: readonly LotFact[]): ReadonlySet<PocketId> =>
  new Set(facts.flatMap(({ fact }) => effectOf(fact).map(({ pocket }) => pocket)))

/** The sum of what the facts do to a pocket, and how far it falls on the way. */
function courseOf(
  facts: readonly LotFact[],
  pocket: PocketId,
): { readonly lowest: number; readonly net: number } {
  let net = 0
  let lowest = 0
  for (const { fact } of facts)
    for (const effect of effectOf(fact)) {
      if (effect.pocket !== pocket) continue
      net += effect.by
      lowest = Math.min(lowest, net)
    }
  return { lowest, net }
}

/** Details that somebody changed later: an earlier word on them does not overrule that. */
export const amendedLater = (later: readonly LaterFact[]): ReadonlySet<keyof LotDetails> =>
  new Set(
    later.flatMap(({ fact, undone }) =>
      fact.kind === 'amended' && !undone
        ? (Object.keys(fact.changes.to) as (keyof LotDetails)[])
        : [],
    ),
  )
