import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aLot, anItem, onDay, TODAY } from '../../../tests/support/household'
import { idOf } from '../../../tests/support/ids'
import { plainDate } from '../calendar/plainDate'
import type { LotId, MovementId, PocketId } from '../ids'
import { amount, NOTHING, sum, type Total, units } from '../quantity/amount'
import {
  type Decision,
  decideAmend,
  decideClean,
  decideDecant,
  decideGive,
  decideLend,
  decideOpen,
  decideReuse,
  decideTakeBack,
  decideUse,
} from './decide'
import { firstOut, soonerThan } from './firstOut'
import { judgeLot } from './judge'
import type { Lot } from './lot'
import { detailsBefore, detailsSetBy, evolve, type LotStock, reverse } from './movement'
import { tellingOf } from './telling'

const here = idOf<PocketId>(3, 1)
const there = idOf<PocketId>(3, 2)
const part = idOf<LotId>(5, 9)
const item = anItem(1)
const stockOf = (lot: Lot, ...held: [PocketId, number][]): LotStock => ({
  lotId: lot.id,
  version: 1,
  held: new Map(held.map(([pocket, count]) => [pocket, units(count)])),
})
const factsOf = (decision: Decision) => {
  if (decision.kind === 'refuse') throw new Error(decision.refusal.code)
  return decision.facts
}
const codeOf = (decision: Decision) => (decision.kind === 'refuse' ? decision.refusal.code : 'done')

/** The lots after a decision: what lies where, and the details. */
function afterwards(
  lot: Lot,
  stock: LotStock,
  decision: Decision,
  others: readonly [Lot, LotStock][] = [],
) {
  const stocks = new Map([[lot.id, stock], ...others.map(([l, s]) => [l.id, s] as const)])
  const lots = new Map([[lot.id, lot], ...others.map(([l]) => [l.id, l] as const)])
  for (const { lotId, fact } of factsOf(decision)) {
    const now = stocks.get(lotId) ?? { lotId, version: 0, held: new Map() }
    stocks.set(lotId, evolve(now, fact))
    lots.set(lotId, { ...(lots.get(lotId) ?? { ...lot, id: lotId }), ...detailsSetBy(fact) })
  }
  const held = (id: LotId): Total => sum([...(stocks.get(id)?.held.values() ?? [])])
  return {
    held,
    lot: (id: LotId) => lots.get(id) as Lot,
    stock: (id: LotId) => stocks.get(id) as LotStock,
  }
}

describe('lending', () => {
  const lot = aLot(1, item)
  const four = stockOf(lot, [here, 4])
  it('parts what is lent from the rest; whole lots are lent as they are', () => {
    const lent = afterwards(
      lot,
      four,
      decideLend(lot, four, { pocket: here, amount: units(1), to: 'Grete' }, TODAY, part),
    )
    expect([lent.held(lot.id), lent.held(part)]).toEqual([3000, 1000])
    expect(judgeLot(lent.lot(part), item, TODAY, TODAY)).toMatchObject({
      state: 'lent',
      to: 'Grete',
    })
    expect(judgeLot(lent.lot(lot.id), item, TODAY, TODAY).state).toBe('sound')
    const whole = decideLend(
      lot,
      four,
      { pocket: here, amount: units(4), to: 'Grete' },
      TODAY,
      part,
    )
    expect(factsOf(whole).map(({ lotId }) => lotId)).toEqual([lot.id])
  })
  it('what comes back joins the rest; what is short was used', () => {
    const lent = afterwards(
      lot,
      four,
      decideLend(lot, four, { pocket: here, amount: units(2), to: 'Grete' }, TODAY, part),
    )
    const rest = { lot: lent.lot(lot.id), stock: lent.stock(lot.id) }
    const back = afterwards(
      lent.lot(part),
      lent.stock(part),
      decideTakeBack(lent.lot(part), lent.stock(part), { pocket: here, amount: units(1) }, rest),
      [[rest.lot, rest.stock]],
    )
    expect([back.held(lot.id), back.held(part)]).toEqual([3000, 0])
  })
  it('a part that has changed meanwhile stays a lot of its own', () => {
    const lent = {
      ...aLot(2, item, { standing: { kind: 'lent', to: 'Grete', since: TODAY } }),
      note: 'dented',
    }
    const stock = stockOf(lent, [here, 1])
    const facts = factsOf(
      decideTakeBack(lent, stock, { pocket: here, amount: units(1) }, { lot, stock: four }),
    )
    expect(facts.map(({ fact }) => fact.kind)).toEqual(['amended'])
  })
  it('refuses to lend twice, to take back what is not lent, and more than was lent', () => {
    const lent = aLot(2, item, { standing: { kind: 'lent', to: 'Grete', since: TODAY } })
    const one = stockOf(lent, [here, 1])
    expect(
      codeOf(decideLend(lent, one, { pocket: here, amount: units(1), to: 'Odd' }, TODAY, part)),
    ).toBe('already_lent')
    expect(codeOf(decideTakeBack(lot, four, { pocket: here, amount: units(1) }, null))).toBe(
      'not_lent',
    )
    expect(codeOf(decideTakeBack(lent, one, { pocket: here, amount: units(2) }, null))).toBe(
      'more_than_lent',
    )
  })
})

describe('an instrument that comes back', () => {
  const lot = aLot(1, anItem(1, { kind: 'instrument' }))
  const two = stockOf(lot, [here, 2])
  it('cannot be used again before it is clean, and joins the others then', () => {
    const used = afterwards(
      lot,
      two,
      decideReuse(lot, two, { pocket: here, amount: units(1) }, TODAY, part),
    )
    const dirty = used.lot(part)
    expect(judgeLot(dirty, item, TODAY, TODAY)).toMatchObject({ state: 'unclean', since: TODAY })
    const some = { pocket: here, amount: units(1) }
    expect(codeOf(decideUse(dirty, used.stock(part), some))).toBe('not_cleaned')
    expect(codeOf(decideReuse(dirty, used.stock(part), some, TODAY, part))).toBe('not_cleaned')
    const rest = { lot: used.lot(lot.id), stock: used.stock(lot.id) }
    const clean = afterwards(
      dirty,
      used.stock(part),
      decideClean(dirty, used.stock(part), here, rest),
      [[rest.lot, rest.stock]],
    )
    expect([clean.held(lot.id), clean.held(part)]).toEqual([2000, 0])
    expect(codeOf(decideClean(lot, two, here, null))).toBe('nothing_to_clean')
  })
})

describe('decanting', () => {
  const lot = aLot(1, item, { expiry: onDay('2028-01-01'), batch: 'B7' })
  const three = stockOf(lot, [here, 3])
  const ask = { pocket: here, amount: units(1), to: there, directions: '5 mL, four times a day' }
  it('opens the part and the rest; the part keeps date and batch and takes its directions along', () => {
    const done = afterwards(lot, three, decideDecant(lot, 'medicine', three, ask, TODAY, part))
    expect(done.stock(part).held.get(there)).toBe(1000)
    expect(done.lot(part)).toMatchObject({
      batch: 'B7',
      opened: { kind: 'opened', on: TODAY },
      directions: ask.directions,
    })
    expect(done.lot(lot.id).opened).toEqual({ kind: 'opened', on: TODAY })
  })
  it('is refused for medicine without directions, and for what stays in its own pack', () => {
    expect(
      codeOf(decideDecant(lot, 'medicine', three, { ...ask, directions: ' ' }, TODAY, part)),
    ).toBe('needs_directions')
    for (const kind of ['sterile', 'pressurised', 'sharp', 'battery', 'instrument'] as const)
      expect(codeOf(decideDecant(lot, kind, three, ask, TODAY, part))).toBe('cannot_decant')
    expect(
      codeOf(decideDecant(lot, 'supply', three, { ...ask, directions: '' }, TODAY, part)),
    ).toBe('done')
  })
  it('all of it leaves nothing behind to be opened', () => {
    const facts = factsOf(
      decideDecant(lot, 'supply', three, { ...ask, amount: units(3) }, TODAY, part),
    )
    expect(facts.filter(({ lotId, fact }) => lotId === lot.id && fact.kind === 'amended')).toEqual(
      [],
    )
  })
})

describe('parting', () => {
  const steps = fc.constantFrom('open', 'lend', 'reuse', 'decant', 'split' as const)
  it('never makes or loses any, whatever is parted, and is taken back whole', () => {
    fc.assert(
      fc.property(
        steps,
        fc.integer({ min: 0, max: 5000 }),
        fc.integer({ min: 1, max: 4000 }),
        (step, asked, other) => {
          const lot = aLot(1, item)
          const stock: LotStock = {
            lotId: lot.id,
            version: 1,
            held: new Map([
              [here, units(4)],
              [there, amount(other)],
            ]),
          }
          const some = { pocket: here, amount: amount(asked) }
          const decision = {
            open: () => decideOpen(lot, stock, { ...some, on: TODAY }, TODAY, part),
            lend: () => decideLend(lot, stock, { ...some, to: 'Grete' }, TODAY, part),
            reuse: () => decideReuse(lot, stock, some, TODAY, part),
            decant: () =>
              decideDecant(
                lot,
                'supply',
                stock,
                { ...some, to: there, directions: '' },
                TODAY,
                part,
              ),
            split: () =>
              decideAmend(lot, stock, { condition: 'torn' }, TODAY, { ...some, asLot: part }),
          }[step]()
          if (asked === 0 || asked > 4000) {
            expect(['not_enough', 'nothing_asked']).toContain(codeOf(decision))
            return
          }
          const done = afterwards(lot, stock, decision)
          expect(done.held(lot.id) + done.held(part)).toBe(4000 + other)
          const undone = new Map<LotId, LotStock>([[lot.id, done.stock(lot.id)]])
          if (done.held(part) > NOTHING) undone.set(part, done.stock(part))
          for (const [index, { lotId, fact }] of [...factsOf(decision)].reverse().entries()) {
            const back = reverse({ id: idOf<MovementId>(9, index), lotId, fact })
            undone.set(lotId, evolve(undone.get(lotId) as LotStock, back))
            expect(detailsBefore(fact)).toEqual(detailsSetBy(back))
          }
          expect([...(undone.get(lot.id) as LotStock).held].sort()).toEqual([...stock.held].sort())
          expect(sum([...(undone.get(part)?.held.values() ?? [])])).toBe(0)
        },
      ),
    )
  })
})

describe('first expired, first out', () => {
  const soon = aLot(1, item, { expiry: onDay('2027-01-01') })
  const late = aLot(2, item, { expiry: onDay('2028-01-01') })
  const never = aLot(3, item)
  const spent = aLot(4, item, { expiry: onDay('2026-01-01') })
  const held = aLot(5, item, {
    expiry: onDay('2026-12-01'),
    standing: { kind: 'held', reason: 'the vet' },
  })
  it('takes what ends soonest of what may be used', () => {
    expect(firstOut([never, late, spent, held, soon], item, TODAY).map(({ id }) => id)).toEqual([
      soon.id,
      late.id,
      never.id,
    ])
  })
  it('what is open goes before what is sealed and ends that day too', () => {
    const open = { ...late, id: idOf<LotId>(5, 7), opened: { kind: 'opened', on: TODAY } as const }
    expect(firstOut([late, open], item, TODAY)[0]?.id).toBe(open.id)
    expect(soonerThan(late, [late, open], item, TODAY)).toBeNull()
  })
  it('names the lot that was passed over, only when it ends sooner', () => {
    expect(soonerThan(late, [late, soon], item, TODAY)?.id).toBe(soon.id)
    expect(soonerThan(soon, [late, soon], item, TODAY)).toBeNull()
    expect(soonerThan(late, [late, spent, held], item, TODAY)).toBeNull()
  })
})

describe('what a movement tells', () => {
  const lot = aLot(1, item)
  const one = stockOf(lot, [here, 1])
  const told = (decision: Decision) => factsOf(decision).map(({ fact }) => tellingOf(fact).kind)
  const some = { pocket: here, amount: units(1) }
  it('a lending, a giving and a cleaning by their names', () => {
    expect(told(decideLend(lot, one, { ...some, to: 'Grete' }, TODAY, part))).toEqual(['lent'])
    expect(told(decideGive(one, some, 'a neighbour'))).toEqual(['given'])
    const dirty = aLot(1, item, { standing: { kind: 'unclean', since: TODAY } })
    expect(told(decideClean(dirty, one, here, null))).toEqual(['cleaned'])
    expect(
      told(decideAmend(lot, one, { standing: { kind: 'missing', since: TODAY } }, TODAY)),
    ).toEqual(['missing'])
    expect(told(decideAmend(lot, one, { condition: 'torn' }, TODAY))).toEqual(['worsened'])
    expect(told(decideAmend(lot, one, { note: 'lid' }, TODAY))).toEqual(['amended'])
  })
  it('that another should have gone first, and that it was taken back', () => {
    const [used] = factsOf(decideUse(lot, one, some, part))
    if (!used) throw new Error('nothing used')
    expect(tellingOf(used.fact)).toMatchObject({ kind: 'used', overruled: true, undone: false })
    const back = reverse({ id: idOf<MovementId>(9, 1), lotId: lot.id, fact: used.fact })
    expect(tellingOf(back)).toMatchObject({ kind: 'used', undone: true })
  })
})

describe('a lot that was not found', () => {
  it('is neither spent nor usable, whatever its date', () => {
    const standing = { kind: 'missing', since: plainDate('2026-11-01') } as const
    expect(
      judgeLot(aLot(1, item, { standing, expiry: onDay('2020-01-01') }), item, TODAY, TODAY).state,
    ).toBe('missing')
  })
})
