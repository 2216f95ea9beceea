import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainDate } from '../calendar/plainDate'
import { checkDigit, readGtin } from './gtin'
import { type CodeFields, type CodeReading, readCode, SEPARATOR } from './readCode'

const TODAY = plainDate('2026-11-26')
const GS = SEPARATOR
/** 952 is the prefix that GS1 keeps for examples. */
const SALINE = '09520000000011'

const month = (text: string) => ({ kind: 'month', month: text })
const day = (text: string) => ({ kind: 'day', day: text })
const read = (fields: Record<string, unknown>) => ({ kind: 'read', fields })
const refused = (refusal: Record<string, unknown>) => ({ kind: 'refused', refusal })

/** What is sent, and what is to come of it. */
const TABLE: readonly (readonly [what: string, scanned: string, reading: object])[] = [
  ['EAN-13', '9520000000011', read({ gtin: SALINE })],
  ['EAN-13 with its symbology', ']E09520000000011', read({ gtin: SALINE })],
  ['EAN-8', '95200002', read({ gtin: '00000095200002' })],
  ['EAN-8 with its symbology', ']E495200002', read({ gtin: '00000095200002' })],
  ['UPC-A', '095200000011', read({ gtin: '00095200000011' })],
  ['ITF-14', ']I109520000000011', read({ gtin: SALINE })],
  ['GTIN-14 alone', '19520000000018', read({ gtin: '19520000000018' })],
  [
    'EAN-13, check digit wrong',
    '9520000000019',
    refused({ ai: '01', code: 'check_digit', expected: 1, found: 9 }),
  ],
  [
    'EAN-8, check digit wrong',
    '95200003',
    refused({ ai: '01', code: 'check_digit', expected: 2, found: 3 }),
  ],
  [
    'two digits exchanged',
    '9250000000011',
    refused({ ai: '01', code: 'check_digit', expected: 7, found: 1 }),
  ],
  [
    'EAN with too few digits',
    ']E0952000000',
    refused({ ai: '01', code: 'wrong_length', digits: 9 }),
  ],
  [
    'all of it, DataMatrix',
    `]d201${SALINE}1727033110A7${GS}21X9`,
    read({ gtin: SALINE, expiry: day('2027-03-31'), batch: 'A7', serial: 'X9' }),
  ],
  [
    'all of it, GS1-128',
    `]C101${SALINE}1727033110A7`,
    read({ gtin: SALINE, expiry: day('2027-03-31'), batch: 'A7' }),
  ],
  [
    'all of it, QR',
    `]Q301${SALINE}1727033110A7`,
    read({ gtin: SALINE, expiry: day('2027-03-31'), batch: 'A7' }),
  ],
  [
    'without a symbology identifier',
    `01${SALINE}17270331`,
    read({ gtin: SALINE, expiry: day('2027-03-31') }),
  ],
  [
    'a separator in front',
    `${GS}01${SALINE}17270331`,
    read({ gtin: SALINE, expiry: day('2027-03-31') }),
  ],
  [
    'a separator after a fixed length',
    `01${SALINE}${GS}17270331`,
    read({ gtin: SALINE, expiry: day('2027-03-31') }),
  ],
  ['a separator at the end', `10A7${GS}`, read({ batch: 'A7' })],
  [
    'batch in front of the date',
    `10A7${GS}17270331`,
    read({ batch: 'A7', expiry: day('2027-03-31') }),
  ],
  ['batch without its separator swallows the date', '10A717270331', read({ batch: 'A717270331' })],
  ['day 00 is the month', ']d217270300', read({ expiry: month('2027-03') })],
  ['day 00 in February of a leap year', ']d217280200', read({ expiry: month('2028-02') })],
  ['day 00 of best before', ']d215270300', read({ bestBefore: month('2027-03') })],
  ['day 00 of made on', ']d211250100', read({ madeOn: month('2025-01') })],
  ['29 February in a leap year', ']d217280229', read({ expiry: day('2028-02-29') })],
  [
    '29 February in another',
    ']d217270229',
    refused({ code: 'no_such_date', ai: '17', found: '270229' }),
  ],
  ['month 13', ']d217271301', refused({ code: 'no_such_date', ai: '17', found: '271301' })],
  [
    'month 00 with day 00',
    ']d217270000',
    refused({ code: 'no_such_date', ai: '17', found: '270000' }),
  ],
  ['50 years ahead: this century', ']d217760101', read({ expiry: day('2076-01-01') })],
  ['51 years ahead: the past one', ']d217770101', read({ expiry: day('1977-01-01') })],
  ['99 behind the hundred: the past century', ']d211990615', read({ madeOn: day('1999-06-15') })],
  ['count of 30', '3024', read({ count: 24 })],
  ['count of 37 after a batch', `10A7${GS}370012`, read({ batch: 'A7', count: 12 })],
  ['made on and batch', `1125110310L-44/2`, read({ madeOn: day('2025-11-03'), batch: 'L-44/2' })],
  [
    'a weight is read',
    `01${SALINE}3103000250${'10A7'}`,
    read({ gtin: SALINE, grams: 250, batch: 'A7' }),
  ],
  ['an own number is passed over', `90HOUSE${GS}17270331`, read({ expiry: day('2027-03-31') })],
  ['a health number is passed over', `7101234567${GS}10A7`, read({ batch: 'A7' })],
  [
    'typed, with parentheses',
    `(01)${SALINE}(17)270300(10)A7`,
    read({ gtin: SALINE, expiry: month('2027-03'), batch: 'A7' }),
  ],
  ['typed, with blanks', `(01) ${SALINE} (10) A7`, read({ gtin: SALINE, batch: 'A7' })],
  [
    'typed, a batch with parentheses',
    `(10)A(7)(17)270331`,
    read({ batch: 'A(7)', expiry: day('2027-03-31') }),
  ],
  [
    'typed, unknown identifier',
    '(05)123',
    refused({ code: 'unknown_identifier', rest: '(05)123' }),
  ],
  [
    'typed, an identifier that is another’s beginning',
    '(010)9',
    refused({ code: 'unknown_identifier', rest: '(010)9' }),
  ],
  [
    'check digit wrong inside',
    `01${SALINE.slice(0, 13)}917270331`,
    refused({ ai: '01', code: 'check_digit', expected: 1, found: 9 }),
  ],
  [
    'too few digits of an item',
    '010952000',
    refused({ code: 'too_short', ai: '01', found: 7, wanted: 14 }),
  ],
  [
    'too few digits of a date',
    `17270${GS}10A7`,
    refused({ code: 'too_short', ai: '17', found: 3, wanted: 6 }),
  ],
  ['letters in a date', '1727O331', refused({ code: 'not_digits', ai: '17', found: '27O331' })],
  ['letters in a count', '30TWO', refused({ code: 'not_digits', ai: '30', found: 'TWO' })],
  ['a count too long', '30123456789', refused({ code: 'too_long', ai: '30', found: 9, wanted: 8 })],
  ['a batch of twenty', '10ABCDEFGHIJKLMNOPQRST', read({ batch: 'ABCDEFGHIJKLMNOPQRST' })],
  [
    'a batch of twenty-one',
    '10ABCDEFGHIJKLMNOPQRSTU',
    refused({ code: 'too_long', ai: '10', found: 21, wanted: 20 }),
  ],
  [
    'an empty batch',
    `10${GS}17270331`,
    refused({ code: 'too_short', ai: '10', found: 0, wanted: 1 }),
  ],
  [
    'a character that is not allowed',
    '10A^7',
    refused({ code: 'bad_character', ai: '10', found: 'A^7' }),
  ],
  [
    'unknown identifier in a row',
    `01${SALINE}05123`,
    refused({ code: 'unknown_identifier', rest: '05123' }),
  ],
  ['the batch twice, differently', `10A7${GS}10A8`, refused({ code: 'said_twice', ai: '10' })],
  ['the batch twice, the same', `10A7${GS}10A7`, read({ batch: 'A7' })],
  ['an address', 'https://example.test', refused({ code: 'not_a_code' })],
  ['another symbology', ']d1HELLO', refused({ code: 'not_a_code' })],
  ['nothing', '  ', refused({ code: 'empty' })],
  ['only a symbology identifier', ']d2', refused({ code: 'empty' })],
]

describe('codes', () => {
  it.each(TABLE)('%s', (_, scanned, reading) => {
    expect(readCode(scanned, TODAY)).toEqual(reading)
  })

  it('turns the century where the rule says, whatever the year', () => {
    expect(readCode(']d217010101', plainDate('2051-06-01'))).toEqual(
      read({ expiry: day('2101-01-01') }),
    )
    expect(readCode(']d217010101', plainDate('2050-06-01'))).toEqual(
      read({ expiry: day('2001-01-01') }),
    )
  })

  it('accepts the one check digit that is right, and no other', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^\d{13}$/), fc.integer({ min: 0, max: 9 }), (digits, last) => {
        const right = checkDigit(digits)
        expect(readGtin(`${digits}${last}`).kind).toBe(last === right ? 'read' : 'refused')
      }),
    )
  })

  it('reads the same whichever order the elements have', () => {
    const elements = [`01${SALINE}`, '17270331', `10A7${GS}`, `21S1${GS}`, `3012${GS}`]
    fc.assert(
      fc.property(fc.shuffledSubarray(elements, { minLength: 5 }), (some) => {
        const fields = (reading: CodeReading): CodeFields =>
          reading.kind === 'read' ? reading.fields : {}
        expect(fields(readCode(some.join(''), TODAY))).toEqual(
          fields(readCode(elements.join(''), TODAY)),
        )
      }),
    )
  })

  it('never throws, whatever is scanned', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), fc.string(), (a, b) => {
        expect(['read', 'refused']).toContain(readCode(`${a}${GS}${b}`, TODAY).kind)
      }),
    )
  })

  it('reads an end with its hour: the day before is the last whole one', () => {
    expect(readCode('(7003)2806301400', TODAY)).toEqual(
      read({ expiry: day('2028-06-29'), endsAt: '14:00' }),
    )
    expect(readCode('(7003)2806302359', TODAY)).toEqual(
      read({ expiry: day('2028-06-30'), endsAt: '23:59' }),
    )
    for (const wrong of ['2806302400', '2806311200', '2806000000'])
      expect(readCode(`(7003)${wrong}`, TODAY)).toMatchObject({
        kind: 'refused',
        refusal: { code: 'no_such_date', ai: '7003' },
      })
  })

  it('reads what a box holds with how many, and its weight; one without the other is refused', () => {
    expect(readCode(`(02)${SALINE}(37)12`, TODAY)).toMatchObject(
      read({ holds: SALINE as never, count: 12 }),
    )
    expect(readCode(`(02)${SALINE}`, TODAY)).toEqual({
      kind: 'refused',
      refusal: { code: 'goes_with', ai: '02', other: '37' },
    })
    expect(readCode('(02)09520000000012(37)12', TODAY)).toMatchObject({
      kind: 'refused',
      refusal: { code: 'check_digit', ai: '02' },
    })
    expect(readCode('(3103)000141', TODAY)).toEqual(read({ grams: 141 }))
    expect(readCode('(3101)000015', TODAY)).toEqual(read({ grams: 1500 }))
  })
})
