/** What an answer of a round amounts to: the facts to append about the lot, and the parts it makes. */
import type { PlainDate } from '../calendar/plainDate'
import type { LotId, PocketId } from '../ids'
import { type Amount, less, NOTHING } from '../quantity/amount'
import {
  type Decision,
  decideAmend,
  decideCount,
  decideDiscard,
  decideOpen,
  decideUse,
  type LotFact,
} from '../stock/decide'
import { type Lot, type LotDetails, type PartWay, READY } from '../stock/lot'
import { evolve, type LotStock } from '../stock/movement'
import type { Look } from './round'

/** A lot that goes on of its own, as it is when it parts. */
export interface MadePart {
  readonly id: LotId
  readonly of: Lot
  readonly way: PartWay
}

export interface LookDecision {
  readonly facts: readonly LotFact[]
  readonly parts: readonly MadePart[]
}

interface Looking {
  readonly lot: Lot
  readonly stock: LotStock
}

/**
 * @param stock as it was when somebody looked
 * @param newIds ids for parts, at least three; taken in turn
 * @param settled details that somebody changed later and that stay as they are
 */
export function decideLook(
  lot: Lot,
  stock: LotStock,
  pocket: PocketId,
  look: Look,
  at: {
    readonly today: PlainDate
    readonly newIds: readonly LotId[]
    readonly settled: ReadonlySet<keyof LotDetails>
  },
): LookDecision {
  const facts: LotFact[] = []
  const parts: MadePart[] = []
  const ids = [...at.newIds]
  let now: Looking = { lot, stock }
  /** Appends what was decided of the lot at hand; a refusal means that there is nothing to do. */
  const append = (decision: Decision): void => {
    if (decision.kind === 'refuse') return
    facts.push(...decision.facts)
    now = evolved(now, decision.facts)
  }
  /** Changes some; where they part from the rest, `go` says to go on with the part. */
  const appendOn = (
    amount: Amount,
    way: PartWay,
    go: boolean,
    decide: (asLot: LotId) => Decision,
  ): void => {
    const asLot = ids.shift()
    if (!asLot || amount === NOTHING) return
    const whole = now
    const decision = decide(asLot)
    append(decision)
    if (decision.kind === 'refuse' || decision.facts.every(({ lotId }) => lotId !== asLot)) return
    parts.push({ id: asLot, of: whole.lot, way })
    if (!go) return
    const part: Looking = {
      lot: { ...whole.lot, id: asLot },
      stock: { lotId: asLot, version: 0, held: new Map() },
    }
    now = evolved(part, decision.facts)
  }

  const there = stock.held.get(pocket) ?? NOTHING
  const { found } = look
  const away = lot.standing.kind === 'lent' || lot.standing.kind === 'missing'
  if (look.gone === 'still_away' && found === NOTHING) return { facts, parts }
  if (look.gone === 'missing' && found === NOTHING) {
    if (!at.settled.has('standing') && lot.standing.kind !== 'missing')
      append(decideAmend(lot, stock, { standing: { kind: 'missing', since: at.today } }, at.today))
    return { facts, parts }
  }
  if (away && found > NOTHING && !at.settled.has('standing'))
    append(decideAmend(now.lot, now.stock, { standing: READY }, at.today))
  const gone = less(there, found)
  if (gone > NOTHING && look.gone === 'used')
    append(decideUse(now.lot, now.stock, { pocket, amount: gone }))
  if (gone > NOTHING && look.gone === 'thrown_away') append(decideDiscard(now.stock, pocket, gone))
  append(decideCount(now.stock, pocket, found))

  const { date } = look
  if (date.kind === 'other' && !at.settled.has('expiry'))
    appendOn(found, 'split', true, (asLot) =>
      decideAmend(now.lot, now.stock, { expiry: date.expiry }, at.today, {
        pocket,
        amount: found,
        asLot,
      }),
    )
  const { worse } = look
  if (worse && !at.settled.has('condition'))
    appendOn(atMost(worse.amount, found), 'split', false, (asLot) =>
      decideAmend(now.lot, now.stock, { condition: worse.condition }, at.today, {
        pocket,
        amount: atMost(worse.amount, found),
        asLot,
      }),
    )
  const unspoiled = now.stock.held.get(pocket) ?? NOTHING
  if (look.opened > NOTHING && !at.settled.has('opened'))
    appendOn(atMost(look.opened, unspoiled), 'opened', false, (asLot) =>
      decideOpen(
        now.lot,
        now.stock,
        { pocket, amount: atMost(look.opened, unspoiled), on: at.today },
        at.today,
        asLot,
      ),
    )
  return { facts, parts }
}

const atMost = (wanted: Amount, most: Amount): Amount => (wanted < most ? wanted : most)

/** The lot and its stock after facts about it. */
function evolved({ lot, stock }: Looking, facts: readonly LotFact[]): Looking {
  let next: Looking = { lot, stock }
  for (const { lotId, fact } of facts) {
    if (lotId !== lot.id) continue
    next = {
      lot: fact.kind === 'amended' ? { ...next.lot, ...fact.changes.to } : next.lot,
      stock: evolve(next.stock, fact),
    }
  }
  return next
}
