/** Bringing a list in, in words: every fault says what to do, every question what is not clear. */
import { describe, expect, it } from 'vitest'
import type { Total } from '../core/quantity/amount'
import { bringing, dateRefusal, imports } from './imports'

type Fault = Parameters<typeof imports.fault>[0]
type Question = Parameters<typeof bringing.question>[1]
const total = (many: number): Total => (many * 1000) as Total
const date = imports.field.expiry
const many = imports.field.amount

describe('what a line lacks', () => {
  const cases: readonly (readonly [Fault, string])[] = [
    [{ field: 'expiry', code: 'missing' } as Fault, `${date}: there is nothing`],
    [{ field: 'expiry', code: 'too_long' } as Fault, `${date}: too long, shorten it`],
    [
      { field: 'amount', code: 'not_a_price' } as Fault,
      `${many}: this is not a price; write it like 4.90`,
    ],
    [{ field: 'expiry', code: 'not_a_day' } as Fault, `${date}: give the day, not only the month`],
    [{ field: 'expiry', code: 'in_future' } as Fault, `${date}: that day has not come yet`],
    [
      { field: 'expiry', code: 'date', refusal: { code: 'no_such_day' } } as Fault,
      `${date}: there is no such day; look at the pack again`,
    ],
    [
      { field: 'amount', code: 'amount', refusal: { code: 'negative' } } as Fault,
      `${many}: an amount cannot be less than nothing`,
    ],
  ]
  it.each(cases)('%j', (fault, said) => expect(imports.fault(fault)).toBe(said))
  it.each([
    ['no_such_day', 'there is no such day; look at the pack again'],
    ['not_a_date', 'this is not a date; write it like 03/2027, 15 Mar 2027, or none'],
    ['out_of_range', 'the year is outside 1900 to 2199'],
  ] as const)('a date that is %s', (code, said) =>
    expect(dateRefusal({ code } as Parameters<typeof dateRefusal>[0])).toBe(said),
  )
  it.each([
    [{ code: 'no_number' }, 'there is no number in this; write it like 12, 2 x 10 or half'],
    [{ code: 'negative' }, 'an amount cannot be less than nothing'],
    [{ code: 'too_many' }, 'more than a hundred thousand; is that so?'],
    [{ code: 'too_fine' }, 'finer than a thousandth; round it'],
    [
      { code: 'comma_two_ways', readings: ['1.5', '1500'] },
      '1.5 or 1500? Write it without the comma',
    ],
    [{ code: 'vague' }, 'count them, or write 1 for now'],
    [
      { code: 'several', parts: ['2 pads', '1 roll'] },
      'several things in one: 2 pads, 1 roll; give each a line of its own',
    ],
    [{ code: 'between', low: '2', high: '4' }, '2 or 4? Count them'],
    [{ code: 'very_many' }, 'more than a thousand; write a ! after it if that is so'],
  ])('an amount: %j', (refusal, said) => expect(imports.amountRefused(refusal as never)).toBe(said))
})

describe('what is asked', () => {
  it.each([
    ['far_off', 'That is more than twenty years off. Is it meant?'],
    ['no_year', 'Expiry: the year is missing. What is meant?'],
    ['two_ways', 'Expiry: which day is meant?'],
    ['vague', 'Expiry: how many are there?'],
    ['between', 'Expiry: which is it?'],
    ['very_many', 'Expiry: more than a thousand. Is it meant?'],
    ['none_there', 'None are there. How many belong there?'],
  ] as const)('%s', (why, said) =>
    expect(bringing.question('Expiry', { why } as Question)).toBe(said),
  )
  it('several in one cell: what to write instead', () => {
    expect(bringing.question('How many', { why: 'several' } as Question)).toBe(
      'How many: there are several things in one cell. Write the number of one; give the others a line of their own.',
    )
  })
  it.each([
    ['dates', '“Misc” holds dates, such as “03/27”. What are they?'],
    ['amounts', '“Misc” holds numbers, such as “03/27”. What are they?'],
    ['prices', '“Misc” holds prices, such as “03/27”. What are they?'],
    ['places', '“Misc” holds names of your kits and pockets, such as “03/27”. What are they?'],
  ] as const)('a column of %s', (holds, said) =>
    expect(bringing.column('Misc', holds, '03/27')).toBe(said),
  )
  it('a list that is older is kept as what it said on its day', () => {
    expect(bringing.claimMeans('3 May 2026')).toContain('what the list of 3 May 2026 says')
  })
})

describe('what comes of it', () => {
  it.each([
    [[3, 0, 0, 0, 0], '3 ready'],
    [[3, 2, 1, 1, 4], '3 ready · 2 to answer · 1 to correct · 1 differs · 4 already here'],
    [[0, 0, 0, 2, 0], '0 ready · 2 differ'],
  ] as const)('%j', (counts, said) => {
    const [ready, ask, fault, differ, already] = counts
    expect(imports.summary(ready, ask, fault, differ, already)).toBe(said)
  })
  it.each([
    [1, 0, 'One pack imported'],
    [0, 0, 'No packs imported'],
    [12, 1, '12 packs imported, one new kit'],
    [2, 3, 'Two packs imported, three new kits'],
  ])('%i lots, %i kits', (lots, kits, said) => expect(imports.done(lots, kits)).toBe(said))
  it.each([
    [0, 0, 'One press on Undo takes all of it back.'],
    [1, 0, 'One line was here already. One press on Undo takes all of it back.'],
    [
      2,
      1,
      'Two lines were here already. One line differed and stayed as they were. One press on Undo takes all of it back.',
    ],
  ])('%i already, %i skipped', (already, skipped, said) =>
    expect(imports.doneUnder(already, skipped)).toBe(said),
  )
  it('what is made is named, as far as one can read', () => {
    expect(imports.makes([], [])).toBe('Everything goes into kits that are here.')
    expect(imports.makes(['Cottage'], ['Lid'])).toBe('New: Cottage, Lid')
    const names = Array.from({ length: 9 }, (_, at) => `k${at + 1}`)
    expect(imports.makes([], names)).toBe('New: k1, k2, k3, k4, k5, k6, k7, k8 …')
    expect(imports.makes([], names.slice(0, 8))).toBe('New: k1, k2, k3, k4, k5, k6, k7, k8')
    const pockets = Array.from({ length: 13 }, (_, at) => `p${at + 1}`)
    expect(bringing.made({ places: [], kits: ['Lid'], pockets })).toEqual([
      'New kits: Lid',
      'New pockets: p1, p2, p3, p4, p5, p6, p7, p8, p9, p10, p11, p12 and 1 more',
    ])
  })
  it('a count that differs is left as it is, with both numbers', () => {
    expect(imports.countDiffers(total(3), total(5))).toBe(
      'here with 3, listed with 5: left as it is; correct the count on the mat',
    )
    expect(imports.unitDiffers('tablet', 'strip')).toBe(
      'counted in tablet here, in strip on the list: correct the amount',
    )
  })
  it.each([
    [1, 'Import 1 line', 'One name is new', 'Go on with the last line'],
    [5, 'Import 5 lines', '5 names are new', 'Go on with the other 5 lines'],
  ])('%i', (count, confirm, names, goOn) => {
    expect([imports.confirm(count), bringing.newNames(count), bringing.goOn(count)]).toEqual([
      confirm,
      names,
      goOn,
    ])
  })
  it('several names are made at once', () => {
    expect(bringing.make(['Lid', 'Tray'], false)).toBe('Make Lid, Tray')
    expect(bringing.make(['Lid', 'Tray'], true)).toBe('Make all 2')
    expect(bringing.make(['a', 'b', 'c', 'd', 'e'], false)).toBe('Make all 5')
    expect([bringing.nameIn('Kit', 1), bringing.nameIn('Kit', 3)]).toEqual([
      'Kit, one line',
      'Kit, 3 lines',
    ])
  })
  it('what is on hold at first says why', () => {
    expect(bringing.heldAtFirst(1)).toContain(
      'One pack is on hold: its name says that nobody knows what it is, or that it was left over.',
    )
    expect(bringing.heldAtFirst(2)).toContain(
      '2 packs are on hold: their names say that nobody knows what they are, or that they were left over.',
    )
    expect([bringing.notLines(1), bringing.notLines(4)]).toEqual([
      'One row is no line of the list',
      '4 rows are no lines of the list',
    ])
  })
})
