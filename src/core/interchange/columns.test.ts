/** Every column with content is understood, asked about, or kept; every row of the file is told. */
import { describe, expect, it } from 'vitest'
import { TODAY } from '../../../tests/support/household'
import { questionsOf } from './columns'
import { fieldOf } from './headings'
import { nameKey } from './known'
import { readList, writtenOnce } from './readList'
import { readTable } from './table'

const tableOf = (text: string) => {
  const reading = readTable(text)
  if (reading.kind === 'refused') throw new Error(reading.code)
  return reading.table
}
const asked = (text: string, known: readonly string[] = []) => {
  const { columns, rows } = tableOf(text)
  return questionsOf(columns, rows, new Set(known.map(nameKey)), TODAY).map(
    ({ column, holds, fields }) => [column, holds, fields[0]],
  )
}
const read = (text: string) => {
  const table = tableOf(text)
  return readList(table, table.columns, {
    order: 'day-first',
    today: TODAY,
    carried: writtenOnce(table, table.columns),
  })
}

describe('headings as keepers write them', () => {
  it.each([
    ['discard after', 'expiry'],
    ['valid thru', 'expiry'],
    ['should be', 'par'],
    ['ideal', 'par'],
    ['pieces left', 'amount'],
    ['Left', 'amount'],
    ['which bag', 'kit'],
    ['Which pocket?', 'pocket'],
    ['contents', 'item'],
    ['Use before', 'expiry'],
  ])('%s is %s', (heading, field) => {
    expect(fieldOf(heading)).toBe(field)
  })
})

describe('a column that nobody knows', () => {
  it('of dates, amounts, prices or known pockets is asked about', () => {
    expect(asked('item;qty;thrown by\nPads;3;03/2028\nTape;1;05/2029')).toEqual([
      [2, 'dates', 'expiry'],
    ])
    expect(asked('item;exp;xyz\nPads;03/28;12\nTape;none;4')).toEqual([[2, 'amounts', 'amount']])
    expect(asked('item;qty;worth\nPads;3;€ 3.20\nTape;1;€ 4.00')).toEqual([[2, 'prices', 'price']])
    expect(asked('item;qty;packed\nPads;3;Lid\nTape;1;Upper tray', ['Lid', 'Upper tray'])).toEqual([
      [2, 'places', 'kit'],
    ])
  })
  it('of anything else is kept with the note, under its heading', () => {
    const { rows } = read('item;qty;Colour;notes\nPads;3;blue;for Ada')
    expect(rows[0]?.cells.note).toBe('for Ada; Colour: blue')
  })
  it('that is named twice is kept as well', () => {
    const { rows } = read('item;qty;exp;best before\nPads;3;03/28;04/28')
    expect(rows[0]?.cells).toMatchObject({ expiry: '03/28', note: 'best before: 04/28' })
  })
  it('the item column is found by its words where no heading says it', () => {
    const { rows } = read('Bit;qty;exp\nPads;3;03/28\nTape;1;none')
    expect(rows.map(({ cells }) => cells.item)).toEqual(['Pads', 'Tape'])
  })
})

describe('blocks, totals and rules', () => {
  it('a kit that is written once goes on for its block', () => {
    const { rows } = read(
      'kit;item;qty\nBoot bag;Pads;3\n;Tape;1\n;Gauze;2\nHall box;Pads;1\n;Tape;2\n;Pen;1',
    )
    expect(rows.map(({ cells }) => cells.kit)).toEqual([
      'Boot bag',
      'Boot bag',
      'Boot bag',
      'Hall box',
      'Hall box',
      'Hall box',
    ])
    expect(rows[1]?.reading).toMatchObject({ remarks: ['carried_down'] })
  })
  it('a total line becomes no lot', () => {
    const { rows, left } = read('item;qty\nPads;3\nTotal;3\nGrand total: ;3')
    expect(rows.map(({ cells }) => cells.item)).toEqual(['Pads'])
    expect(left.filter(({ why }) => why === 'total').map(({ line }) => line)).toEqual([3, 4])
  })
  it('every row of the file is a line or is told with its reason', () => {
    const text =
      'Our kits;;\nitem;qty;kit\n== Car ==;;\nPads;3;\n------;---;---\nitem;qty;kit\nTape;?;\nTotal;4;\n;;remember the lamp cells before winter'
    const { rows, left } = read(text)
    const told = [...rows.map(({ line }) => line), ...left.map(({ line }) => line)].sort(
      (a, b) => a - b,
    )
    expect(told).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9])
    expect(left.map(({ why }) => why)).toEqual([
      'title',
      'headings',
      'section',
      'rule',
      'headings',
      'total',
      'remark',
    ])
  })
})

describe('amounts that nobody can count on', () => {
  const line = (amount: string, par = '') =>
    read(`item;qty;par\nPads;${amount};${par}`).rows[0]?.reading
  it.each([
    ['some', 'vague'],
    ['a handful', 'vague'],
    ['?', 'vague'],
    ['3 S, 2 M, 5 L', 'several'],
    ['20-30', 'between'],
    ['5000', 'very_many'],
  ])('%s is asked', (amount, why) => {
    expect(line(amount)).toMatchObject({ kind: 'ask', questions: [{ field: 'amount', why }] })
  })
  it('sums, packs and tubs are read', () => {
    const amountOf = (text: string) => {
      const reading = line(text)
      return reading?.kind === 'ready' ? [reading.value.amount / 1000, reading.value.unit] : reading
    }
    expect(amountOf('20 + 5')).toEqual([25, ''])
    expect(amountOf('3 + 2 boxes')).toEqual([5, 'box'])
    expect(amountOf('pack of 10')).toEqual([10, ''])
    expect(amountOf('2 packs of 10')).toEqual([20, ''])
    expect(amountOf('200 mls')).toEqual([200, 'mL'])
    expect(amountOf('200 mL')).toEqual([200, 'mL'])
    expect(amountOf('5000!')).toEqual([5000, ''])
  })
  it('"?" for a par sets none and says so', () => {
    expect(line('3', '?')).toMatchObject({
      kind: 'ready',
      remarks: ['par_not_known'],
      value: { par: null },
    })
  })
  it('zero without a par is asked, and not gone', () => {
    expect(line('0')).toMatchObject({
      kind: 'ask',
      questions: [{ field: 'par', why: 'none_there' }],
    })
    expect(line('0', '4')).toMatchObject({ kind: 'ready', value: { amount: 0, par: 4000 } })
  })
})

describe('what its own words make doubtful', () => {
  it.each([
    ['white tablets, no label', 'unidentified'],
    ['left-over antibiotic', 'left_over'],
    ['Heart drops from Grandma', 'left_over'],
    ['Ibuprofen 200 mg', null],
  ])('%s starts on hold: %s', (item, hold) => {
    const reading = read(`item;qty\n"${item}";3`).rows[0]?.reading
    expect(reading?.kind === 'ready' && reading.value.hold).toBe(hold)
  })
  it('also where the note says it', () => {
    const reading = read('item;qty;note\nCapsules;3;left over from the operation').rows[0]?.reading
    expect(reading).toMatchObject({
      kind: 'ready',
      value: { hold: 'left_over' },
      remarks: ['on_hold'],
    })
  })
})
