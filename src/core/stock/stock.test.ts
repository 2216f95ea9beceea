import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aLot, anItem, onDay, TODAY } from '../../../tests/support/household'
import { idOf } from '../../../tests/support/ids'
import { plainDate } from '../calendar/plainDate'
import type { LotId, MovementId, PocketId } from '../ids'
import { type Amount, amount, units } from '../quantity/amount'
import {
  type Decision,
  decideAmend,
  decideCount,
  decideDiscard,
  decideMove,
  decideOpen,
  decideReceive,
  decideUse,
} from './decide'
import { judgeLot } from './judge'
import { READY } from './lot'
import {
  emptyStock,
  evolve,
  type Fact,
  fold,
  type LotStock,
  type Movement,
  NegativeStockError,
  reverse,
} from './movement'

const lotId = idOf<LotId>(5, 1)
const pockets = [1, 2, 3].map((n) => idOf<PocketId>(3, n))

/** What somebody may try; most of it possible, some of it not. */
const anAct = fc.record({
  what: fc.constantFrom('receive', 'use', 'discard', 'move', 'count' as const),
  from: fc.constantFrom(...pockets),
  to: fc.constantFrom(...pockets),
  amount: fc.integer({ min: 0, max: 9000 }).map(amount),
})

function decide(
  stock: LotStock,
  act: { what: string; from: PocketId; to: PocketId; amount: Amount },
): Decision {
  switch (act.what) {
    case 'receive':
      return decideReceive(stock, act.to, act.amount)
    case 'use':
      return decideUse({ standing: READY }, stock, { pocket: act.from, amount: act.amount })
    case 'discard':
      return decideDiscard(stock, act.from, act.amount)
    case 'move':
      return decideMove(stock, { pocket: act.from, amount: act.amount }, act.to)
    default:
      return decideCount(stock, act.from, act.amount)
  }
}

const aHistory = fc.array(anAct, { maxLength: 40 }).map((acts) => {
  let stock = emptyStock(lotId)
  const facts: Fact[] = []
  for (const act of acts) {
    const decision = decide(stock, act)
    if (decision.kind === 'refuse') continue
    for (const { fact } of decision.facts) {
      facts.push(fact)
      stock = evolve(stock, fact)
    }
  }
  return { facts, stock }
})

const held = (stock: LotStock) => [...stock.held].sort()

describe('the ledger of a lot', () => {
  it('folds to what act upon act has led to', () => {
    fc.assert(
      fc.property(aHistory, ({ facts, stock }) => {
        expect(held(fold(lotId, facts))).toEqual(held(stock))
        expect(fold(lotId, facts).version).toBe(facts.length)
      }),
    )
  })
  it('never decides below nothing, and refuses with what is there', () => {
    fc.assert(
      fc.property(aHistory, anAct, ({ stock }, act) => {
        const decision = decide(stock, act)
        if (decision.kind === 'append')
          for (const { fact } of decision.facts) expect(() => evolve(stock, fact)).not.toThrow()
        else if (decision.refusal.code === 'not_enough')
          expect(decision.refusal.there).toBe(stock.held.get(act.from) ?? 0)
      }),
    )
  })
  it('is brought back by the counter-movement, and forward again by the counter of that', () => {
    fc.assert(
      fc.property(aHistory, ({ facts }) => {
        fc.pre(facts.length > 0)
        const before = fold(lotId, facts.slice(0, -1))
        const last = facts.at(-1) as Fact
        const after = evolve(before, last)
        const movement = (n: number, fact: Fact): Movement => ({
          id: idOf<MovementId>(9, n),
          lotId,
          fact,
        })
        const undone = reverse(movement(1, last))
        expect(held(evolve(after, undone))).toEqual(held(before))
        const redone = reverse(movement(2, undone))
        expect(held(evolve(evolve(after, undone), redone))).toEqual(held(after))
        const undoneAgain = reverse(movement(3, redone))
        expect(held(evolve(after, undoneAgain))).toEqual(held(before))
      }),
    )
  })
  it('cannot be driven below nothing', () => {
    expect(() =>
      evolve(emptyStock(lotId), { kind: 'used', from: pockets[0] as PocketId, amount: units(1) }),
    ).toThrow(NegativeStockError)
  })
  it('takes a confirming count on the record', () => {
    const [pocket] = pockets as [PocketId]
    const stock = fold(lotId, [{ kind: 'received', to: pocket, amount: units(3) }])
    expect(decideCount(stock, pocket, units(3))).toMatchObject({
      kind: 'append',
      facts: [{ fact: { kind: 'counted', was: 3000, found: 3000 } }],
    })
  })
})

describe('opening', () => {
  const item = anItem(1)
  const lot = aLot(1, item)
  const [pocket] = pockets as [PocketId]
  const four = fold(lot.id, [{ kind: 'received', to: pocket, amount: units(4) }])
  const part = idOf<LotId>(5, 2)
  const open = (of: typeof lot, howMany: Amount, on = TODAY) =>
    decideOpen(of, four, { pocket, amount: howMany, on }, TODAY, part)

  it('one bottle of four parts from the rest, which stay sealed', () => {
    const decision = open(lot, units(1))
    expect(
      decision.kind === 'append' && decision.facts.map(({ lotId: of, fact }) => [of, fact.kind]),
    ).toEqual([
      [lot.id, 'split_off'],
      [part, 'split_from'],
      [part, 'amended'],
    ])
  })
  it('all of it stays the lot it is', () => {
    const decision = open(lot, units(4))
    expect(
      decision.kind === 'append' && decision.facts.map(({ lotId: of, fact }) => [of, fact.kind]),
    ).toEqual([[lot.id, 'amended']])
  })
  it('is refused twice, tomorrow, and for more than there is', () => {
    const opened = aLot(1, item, { opened: { kind: 'opened', on: TODAY } })
    expect(open(opened, units(1))).toMatchObject({ refusal: { code: 'already_opened', on: TODAY } })
    expect(open(lot, units(1), plainDate('2026-11-27'))).toMatchObject({
      refusal: { code: 'opened_in_future' },
    })
    expect(open(lot, units(5))).toMatchObject({
      refusal: { code: 'not_enough', there: 4000, asked: 5000 },
    })
  })
})

describe('changing details', () => {
  it('records only what differs, with what it was', () => {
    const lot = aLot(1, anItem(1), { batch: 'A1', note: 'lid' })
    expect(decideAmend(lot, emptyStock(lot.id), { batch: 'A2', note: 'lid' }, TODAY)).toMatchObject(
      {
        facts: [{ fact: { changes: { from: { batch: 'A1' }, to: { batch: 'A2' } } } }],
      },
    )
    expect(decideAmend(lot, emptyStock(lot.id), { batch: 'A1' }, TODAY)).toMatchObject({
      refusal: { code: 'nothing_changed' },
    })
  })
})

describe('the state of a lot', () => {
  const item = anItem(1)
  const nextCheck = plainDate('2026-12-26')
  const state = (fields: Parameters<typeof aLot>[2]) =>
    judgeLot(aLot(1, item, fields), item, TODAY, nextCheck).state
  it('is good to the end of its day, turning to the next check, sound after it', () => {
    expect(state({ expiry: onDay('2026-11-25') })).toBe('spent')
    expect(state({ expiry: onDay('2026-11-26') })).toBe('turning')
    expect(state({ expiry: onDay('2026-12-26') })).toBe('turning')
    expect(state({ expiry: onDay('2026-12-27') })).toBe('sound')
    expect(state({ expiry: { kind: 'none' } })).toBe('sound')
  })
  it('spent comes before held and lent: what is past its day is to go', () => {
    const standing = { kind: 'held', reason: 'the vet' } as const
    expect(state({ expiry: onDay('2027-12-31'), standing })).toBe('held')
    expect(state({ expiry: onDay('2026-01-01'), standing })).toBe('spent')
    expect(state({ condition: 'leaked', standing })).toBe('spent')
    expect(state({ standing: { kind: 'lent', to: 'Grete', since: TODAY } })).toBe('lent')
  })
})
