/**
 * What an act on a lot amounts to: the facts to append, or why it is refused. Nothing is
 * changed here and nobody is asked for the time.
 */
import type { PlainDate } from '../calendar/plainDate'
import type { LotId, PocketId } from '../ids'
import { type Amount, less, NOTHING, sum } from '../quantity/amount'
import type { ItemKind } from './itemKind'
import { type Lot, type LotDetails, type PartWay, READY, type Standing, sameDetail } from './lot'
import type { Fact, LotStock } from './movement'

export type StockRefusal =
  | { readonly code: 'not_enough'; readonly there: Amount; readonly asked: Amount }
  | { readonly code: 'too_much'; readonly there: Amount }
  | { readonly code: 'nothing_asked' }
  | { readonly code: 'same_pocket' }
  | { readonly code: 'already_opened'; readonly on: PlainDate }
  | { readonly code: 'opened_in_future'; readonly today: PlainDate }
  | { readonly code: 'nothing_changed' }
  | { readonly code: 'not_cleaned'; readonly since: PlainDate }
  | { readonly code: 'already_lent'; readonly to: string }
  | { readonly code: 'not_lent' }
  | { readonly code: 'nothing_to_clean' }
  | { readonly code: 'more_than_lent'; readonly lent: Amount }
  /** A sterile or pressurised pack, say, cannot be filled into another. */
  | { readonly code: 'cannot_decant'; readonly kind: ItemKind }
  | { readonly code: 'needs_directions' }

export interface LotFact {
  readonly lotId: LotId
  readonly fact: Fact
}
export type Decision =
  | { readonly kind: 'append'; readonly facts: readonly LotFact[] }
  | { readonly kind: 'refuse'; readonly refusal: StockRefusal }

const append = (...facts: LotFact[]): Decision => ({ kind: 'append', facts })
const refuse = (refusal: StockRefusal): Decision => ({ kind: 'refuse', refusal })

/** Whether so much can be taken out of the pocket; null when it can. */
function cannotTake(stock: LotStock, pocket: PocketId, asked: Amount): Decision | null {
  if (asked === NOTHING) return refuse({ code: 'nothing_asked' })
  const there = stock.held.get(pocket) ?? NOTHING
  return asked > there ? refuse({ code: 'not_enough', there, asked }) : null
}

/** So much of a lot, out of one pocket. */
export interface Some {
  readonly pocket: PocketId
  readonly amount: Amount
}

export const decideReceive = (stock: LotStock, to: PocketId, amount: Amount): Decision =>
  decideReceiveInto(stock, [{ pocket: to, amount }])

/** Receives one lot into several pockets at once. */
export const decideReceiveInto = ({ lotId }: LotStock, into: readonly Some[]): Decision =>
  into.length === 0 || into.some(({ amount }) => amount === NOTHING)
    ? refuse({ code: 'nothing_asked' })
    : append(
        ...into.map(
          ({ pocket, amount }): LotFact => ({
            lotId,
            fact: { kind: 'received', to: pocket, amount },
          }),
        ),
      )

/**
 * Uses some up.
 * @param insteadOf the lot that should have gone first, where another was taken
 */
export const decideUse = (
  { standing }: Pick<Lot, 'standing'>,
  stock: LotStock,
  { pocket, amount }: Some,
  insteadOf?: LotId,
): Decision =>
  standing.kind === 'unclean'
    ? refuse({ code: 'not_cleaned', since: standing.since })
    : (cannotTake(stock, pocket, amount) ??
      append({ lotId: stock.lotId, fact: { kind: 'used', from: pocket, amount, insteadOf } }))

export const decideDiscard = (stock: LotStock, from: PocketId, amount: Amount): Decision =>
  cannotTake(stock, from, amount) ??
  append({ lotId: stock.lotId, fact: { kind: 'discarded', from, amount } })

/** Gives some away for good. */
export const decideGive = (stock: LotStock, { pocket, amount }: Some, to: string): Decision =>
  cannotTake(stock, pocket, amount) ??
  append({ lotId: stock.lotId, fact: { kind: 'given', from: pocket, amount, to } })

export function decideMove(
  stock: LotStock,
  { pocket: from, amount }: Some,
  to: PocketId,
  insteadOf?: LotId,
): Decision {
  if (from === to) return refuse({ code: 'same_pocket' })
  return (
    cannotTake(stock, from, amount) ??
    append({ lotId: stock.lotId, fact: { kind: 'moved', from, to, amount, insteadOf } })
  )
}

/** A count is a statement about the pocket, so the same number again is recorded too: it confirms. */
export const decideCount = (stock: LotStock, pocket: PocketId, found: Amount): Decision =>
  append({
    lotId: stock.lotId,
    fact: { kind: 'counted', pocket, was: stock.held.get(pocket) ?? NOTHING, found },
  })

/**
 * Changes details of some of a lot. When it is only part of it, that part goes on as a lot of
 * its own, because from now on something else is true of it than of the rest.
 */
function changeSome(
  lot: Lot,
  stock: LotStock,
  { pocket, amount }: Some,
  to: Partial<LotDetails>,
  way: PartWay,
  asLot: LotId,
): Decision {
  const refused = cannotTake(stock, pocket, amount)
  if (refused) return refused
  const whole = amount === sum([...stock.held.values()])
  const change: LotFact = { lotId: whole ? lot.id : asLot, fact: amended(lot, to) }
  return whole
    ? append(change)
    : append(...parting(lot.id, { pocket, amount }, asLot, pocket, way), change)
}

const amended = (from: Partial<LotDetails>, to: Partial<LotDetails>): Fact => ({
  kind: 'amended',
  changes: {
    from: Object.fromEntries(Object.keys(to).map((key) => [key, from[key as keyof LotDetails]])),
    to,
  },
})

const parting = (
  lotId: LotId,
  { pocket, amount }: Some,
  asLot: LotId,
  to: PocketId,
  way: PartWay,
): readonly LotFact[] => [
  { lotId, fact: { kind: 'split_off', from: pocket, amount, into: asLot, way } },
  { lotId: asLot, fact: { kind: 'split_from', to, amount, outOf: lotId, way } },
]

/**
 * Opens some of a lot.
 * @param asLot the id the opened part takes if it has to part from the rest
 */
export function decideOpen(
  lot: Lot,
  stock: LotStock,
  { on, ...some }: Some & { readonly on: PlainDate },
  today: PlainDate,
  asLot: LotId,
): Decision {
  if (lot.opened.kind === 'opened') return refuse({ code: 'already_opened', on: lot.opened.on })
  if (on > today) return refuse({ code: 'opened_in_future', today })
  return changeSome(lot, stock, some, { opened: { kind: 'opened', on } }, 'opened', asLot)
}

/** Uses an instrument that comes back: it waits to be cleaned before it counts again. */
export function decideReuse(
  lot: Lot,
  stock: LotStock,
  some: Some,
  today: PlainDate,
  asLot: LotId,
): Decision {
  if (lot.standing.kind === 'unclean')
    return refuse({ code: 'not_cleaned', since: lot.standing.since })
  const standing: Standing = { kind: 'unclean', since: today }
  return changeSome(lot, stock, some, { standing }, 'unclean', asLot)
}

/** Lends some to somebody; it keeps its place here, and does not count until it is back. */
export function decideLend(
  lot: Lot,
  stock: LotStock,
  { to, ...some }: Some & { readonly to: string },
  today: PlainDate,
  asLot: LotId,
): Decision {
  if (lot.standing.kind === 'lent') return refuse({ code: 'already_lent', to: lot.standing.to })
  const standing: Standing = { kind: 'lent', to, since: today }
  return changeSome(lot, stock, some, { standing }, 'lent', asLot)
}

/** The lot that a part came from, where it may go back to it. */
export interface Rest {
  readonly lot: Lot
  readonly stock: LotStock
}

/**
 * Ready again: an instrument is clean, or what was lent is back. A part of another lot joins
 * it again when nothing else sets the two apart.
 * @param back how much came; what is short was used up where it was
 */
function readyAgain(
  lot: Lot,
  stock: LotStock,
  { pocket, amount: back }: Some,
  rest: Rest | null,
): Decision {
  const there = stock.held.get(pocket) ?? NOTHING
  if (back > there) return refuse({ code: 'more_than_lent', lent: there })
  const short = less(there, back)
  const facts: LotFact[] = []
  if (short > NOTHING)
    facts.push({ lotId: lot.id, fact: { kind: 'used', from: pocket, amount: short } })
  facts.push({ lotId: lot.id, fact: amended(lot, { standing: READY }) })
  if (rest && back > NOTHING && sum([...stock.held.values()]) === there && isLike(lot, rest.lot))
    facts.push(...parting(lot.id, { pocket, amount: back }, rest.lot.id, pocket, 'rejoined'))
  return append(...facts)
}

/** Nothing but their standing sets two lots apart, and the second may be used. */
function isLike(lot: Lot, other: Lot): boolean {
  const { standing: _, ...details } = detailsOf(lot)
  const { standing, ...others } = detailsOf(other)
  return (
    standing.kind === 'ready' &&
    (Object.keys(details) as (keyof typeof details)[]).every((key) =>
      sameDetail(details[key], others[key]),
    )
  )
}

const detailsOf = ({
  id,
  itemId,
  receivedOn,
  origin,
  claimedOn,
  version,
  ...details
}: Lot): LotDetails => details

/** What was lent comes back, whole or in part. */
export const decideTakeBack = (
  lot: Lot,
  stock: LotStock,
  some: Some,
  rest: Rest | null,
): Decision =>
  lot.standing.kind === 'lent' ? readyAgain(lot, stock, some, rest) : refuse({ code: 'not_lent' })

/** An instrument has been cleaned: all of it that lies in the pocket. */
export const decideClean = (
  lot: Lot,
  stock: LotStock,
  pocket: PocketId,
  rest: Rest | null,
): Decision =>
  lot.standing.kind === 'unclean'
    ? readyAgain(lot, stock, { pocket, amount: stock.held.get(pocket) ?? NOTHING }, rest)
    : refuse({ code: 'nothing_to_clean' })

/** What loses its worth, or bursts, when it is filled into another container. */
export const NEVER_DECANTED: readonly ItemKind[] = [
  'sterile',
  'pressurised',
  'sharp',
  'battery',
  'instrument',
]

/**
 * Fills some into another container. The part and what stays behind are both opened by it;
 * the part keeps name, strength, date and batch, and a medicine takes its directions along.
 * @param asLot the id of the part
 */
export function decideDecant(
  lot: Lot,
  kind: ItemKind,
  stock: LotStock,
  { to, directions, ...some }: Some & { readonly to: PocketId; readonly directions: string },
  today: PlainDate,
  asLot: LotId,
): Decision {
  if (NEVER_DECANTED.includes(kind)) return refuse({ code: 'cannot_decant', kind })
  if (kind === 'medicine' && directions.trim() === '') return refuse({ code: 'needs_directions' })
  const refused = cannotTake(stock, some.pocket, some.amount)
  if (refused) return refused
  const opening: Partial<LotDetails> =
    lot.opened.kind === 'sealed' ? { opened: { kind: 'opened', on: today } } : {}
  const changes: Partial<LotDetails> =
    directions === lot.directions ? opening : { ...opening, directions }
  const rest = less(sum([...stock.held.values()]), some.amount)
  return append(
    ...parting(lot.id, some, asLot, to, 'decanted'),
    ...(Object.keys(changes).length > 0 ? [{ lotId: asLot, fact: amended(lot, changes) }] : []),
    ...(lot.opened.kind === 'sealed' && rest > NOTHING
      ? [{ lotId: lot.id, fact: amended(lot, opening) }]
      : []),
  )
}

/**
 * Changes details, keeping the former values; only what differs is recorded.
 * @param part when it is true only of some of the lot, and the id that part takes
 */
export function decideAmend(
  lot: Lot,
  stock: LotStock,
  wanted: Partial<LotDetails>,
  today: PlainDate,
  part: (Some & { readonly asLot: LotId }) | null = null,
): Decision {
  const opened = wanted.opened
  if (opened?.kind === 'opened' && opened.on > today)
    return refuse({ code: 'opened_in_future', today })
  const changes = Object.fromEntries(
    (Object.keys(wanted) as (keyof LotDetails)[])
      .filter((key) => wanted[key] !== undefined && !sameDetail(wanted[key], lot[key]))
      .map((key) => [key, wanted[key]]),
  ) as Partial<LotDetails>
  if (Object.keys(changes).length === 0) return refuse({ code: 'nothing_changed' })
  return part === null
    ? append({ lotId: lot.id, fact: amended(lot, changes) })
    : changeSome(lot, stock, part, changes, 'split', part.asLot)
}
