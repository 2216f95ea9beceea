import { describe, expect, it } from 'vitest'
import { AN_ID, faulty, sent } from '../../../../tests/support/forms'
import { plainDate } from '../../../core/calendar/plainDate'
import { amount } from '../../../core/quantity/amount'
import { expiryFault } from './ExpiryField'
import { itemCalled, type LotDraft, lotDraft, readLotDraft } from './lotDraft'

type Item = Parameters<typeof itemCalled>[1][number]
const settings = { today: plainDate('2026-11-28'), order: 'day-first' } as const
const gauze = {
  id: AN_ID(1),
  name: 'Gauze',
  strength: '7.5 cm',
  packSize: 10_000,
  packPriceMinor: 399,
} as unknown as Item
const read = (change: Partial<LotDraft>) =>
  readLotDraft(
    { ...lotDraft(undefined, undefined, ''), expiry: '03/2028', ...change },
    { pocketId: AN_ID(2), items: [gauze], ...settings },
  )

describe('what is put into a pocket', () => {
  it('is known by its whole name, however it is written', () => {
    expect(itemCalled(' gauze 7.5 CM ', [gauze])).toBe(gauze)
    expect(itemCalled('Gauze', [gauze])).toBeUndefined()
    expect(sent(read({ name: 'GAUZE 7.5 cm' })).body.item).toEqual({ id: gauze.id })
  })
  it('new, is what was written, counted as the amount says', () => {
    const { body } = sent(
      read({ name: 'Plasters', strength: '6 cm', amount: '20 plasters', purpose: 'cuts' }),
    )
    expect(body).toMatchObject({
      item: { new: { name: 'Plasters', strength: '6 cm', unit: 'plaster', purpose: 'cuts' } },
      amount: 20_000,
      par: null,
      expiry: { kind: 'month', month: '2028-03' },
      unitPriceMinor: null,
    })
    expect(body.item).not.toHaveProperty('new.catalogueId')
  })
  it('is taken for an entry of the catalogue only where somebody said so', () => {
    const of = (entryId: string | null | undefined) =>
      (sent(read({ name: 'Plasters', entryId })).body.item as { new: object }).new
    expect(of('plaster-strip')).toHaveProperty('catalogueId', 'plaster-strip')
    expect(of(null)).not.toHaveProperty('catalogueId')
    expect(of(undefined)).not.toHaveProperty('catalogueId')
  })
  it('begins with what is expected of it and what one of it costs', () => {
    const draft = lotDraft(gauze, amount(4000), 'Corner pharmacy')
    expect(draft).toMatchObject({
      name: 'Gauze 7.5 cm',
      amount: '4',
      price: '0.40',
      boughtAt: 'Corner pharmacy',
    })
    expect(lotDraft({ ...gauze, packSize: null } as Item, undefined, '').price).toBe('')
    expect(lotDraft({ ...gauze, packPriceMinor: null } as Item, undefined, '').price).toBe('')
  })
  it('a par of nothing is none', () => {
    expect(sent(read({ name: 'Tape', par: '0' })).body.par).toBeNull()
    expect(sent(read({ name: 'Tape', par: '2' })).body.par).toBe(2000)
  })
  it('without a date is of unknown date, never of none', () => {
    expect(sent(read({ name: 'Tape', expiry: '' })).body.expiry).toEqual({ kind: 'unknown' })
    expect(sent(read({ name: 'Tape', expiry: 'none' })).body.expiry).toEqual({ kind: 'none' })
  })
  it.each([
    [{ name: ' ' }, ['name']],
    [{ name: 'Tape', amount: '0' }, ['amount']],
    [{ name: 'Tape', amount: 'some' }, ['amount']],
    [{ name: 'Tape', par: 'enough' }, ['par']],
    [{ name: 'Tape', price: 'cheap' }, ['price']],
    [{ name: 'Tape', expiry: '03/04/27' }, ['expiry']],
    [{ name: '', amount: '', price: 'x' }, ['name', 'amount', 'price']],
  ])('%j is not sent', (change, fields) => {
    expect(Object.keys(faulty(read(change)))).toEqual(fields)
  })
})

describe('why a date is not taken', () => {
  it.each([
    ['2028-03', undefined],
    ['', undefined],
    ['03/04/27', 'Pick which day is meant.'],
    ['2099-01', 'Pick which day is meant.'],
    ['2099-01!', undefined],
  ])('%j: %s', (typed, said) => {
    expect(expiryFault(typed, settings)).toBe(said)
  })
  it('says what to do where it is no date', () => {
    expect(expiryFault('31.2.2027', settings)).toMatch(/\w+/)
    expect(expiryFault('soonish', settings)).toMatch(/\w+/)
  })
})
