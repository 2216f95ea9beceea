/**
 * The contract against the core, both ways: what the core makes comes through whole, and what the
 * contract takes is something that the core knows.
 */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { allEndpoints } from '../src/contract'
import * as wire from '../src/contract/primitives'
import * as careValues from '../src/contract/values/care'
import * as memberValues from '../src/contract/values/members'
import * as placeValues from '../src/contract/values/places'
import * as roundValues from '../src/contract/values/rounds'
import * as stockValues from '../src/contract/values/stock'
import * as watchValues from '../src/contract/values/watch'
import { formatExpiry, parseExpiry } from '../src/core/calendar/expiry'
import { addDays, isPlainDate, isPlainMonth, plainDate } from '../src/core/calendar/plainDate'
import { blankFacts } from '../src/core/household/member'
import { SPECIES } from '../src/core/household/species'
import { amount as amountOf, InvalidAmountError, MOST } from '../src/core/quantity/amount'
import { openedPeriod } from '../src/core/shelf-life/openedClock'
import { OPENED_RULES } from '../src/core/shelf-life/openedRules'
import { CONDITIONS } from '../src/core/stock/lot'

const day = fc
  .integer({ min: 0, max: 100_000 })
  .map((ahead) => addDays(plainDate('1900-01-01'), ahead))
const month = day.map((one) => one.slice(0, 7))
const id = fc.uuid()
const word = fc.stringMatching(/^[a-zæøå]{1,20}$/)
const thousandths = fc.integer({ min: 1, max: MOST })
const weekdays = fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1, maxLength: 7 })

const expiry = fc.oneof(
  fc.record({ kind: fc.constant('day'), day }),
  fc.record({ kind: fc.constant('month'), month }),
  fc.constant({ kind: 'none' }),
  fc.constant({ kind: 'unknown' }),
)
const period = fc.oneof(
  fc.record({ kind: fc.constant('days'), days: fc.integer({ min: 1, max: 3660 }) }),
  fc.record({ kind: fc.constant('months'), months: fc.integer({ min: 1, max: 120 }) }),
  fc.record({ kind: fc.constant('hours'), hours: fc.integer({ min: 1, max: 720 }) }),
  fc.constantFrom(...['that_day', 'at_once', 'printed', 'course'].map((kind) => ({ kind }))),
)
const clock = fc.oneof(
  fc.record({ kind: fc.constant('rule'), rule: fc.constantFrom(...Object.keys(OPENED_RULES)) }),
  fc.record({ kind: fc.constant('own'), period, source: word }),
  fc.constant({ kind: 'unset' }),
)
const standing = fc.oneof(
  fc.constant({ kind: 'ready' }),
  fc.record({ kind: fc.constant('held'), reason: word }),
  fc.record({ kind: fc.constant('held'), reason: word, recall: word }),
  fc.record({ kind: fc.constant('lent'), to: word, since: day }),
  fc.record({ kind: fc.constantFrom('unclean', 'missing'), since: day }),
)
const rhythm = fc.oneof(
  fc.constantFrom({ kind: 'always' }, { kind: 'visits' }),
  fc.record({ kind: fc.constant('weekdays'), days: weekdays }),
  fc.record({
    kind: fc.constant('season'),
    days: weekdays,
    fromMonth: fc.integer({ min: 1, max: 12 }),
    toMonth: fc.integer({ min: 1, max: 12 }),
  }),
)
const spent = fc.oneof(
  fc.record({ kind: fc.constant('date'), day, clock: fc.constantFrom('printed', 'opened') }),
  fc.record({
    kind: fc.constant('condition'),
    condition: fc.constantFrom(...CONDITIONS.filter((one) => one !== 'sound')),
  }),
)
const held = fc.oneof(
  fc.record({ kind: fc.constant('said'), reason: word }),
  fc.record({ kind: fc.constant('left_over'), prescriber: word }),
  fc.record({ kind: fc.constant('opened_no_period'), on: day }),
)
const errand = fc.oneof(
  fc.record({ code: fc.constant('spent'), why: spent }),
  fc.record({ code: fc.constant('held'), because: held }),
  fc.record({ code: fc.constant('lent'), to: word, since: day }),
  fc.record({ code: fc.constantFrom('unclean', 'missing'), since: day }),
  fc.record({ code: fc.constant('dates_missing'), count: fc.nat() }),
)
const roundFact = fc.oneof(
  fc.record({ kind: fc.constantFrom('at_pocket', 'closed'), pocketId: id }),
  fc.record({
    kind: fc.constant('found'),
    pocketId: id,
    item: fc.record({ id }),
    title: word,
    amount: thousandths,
    expiry,
    batch: word,
  }),
)
const careFact = fc.oneof(
  fc.record({ kind: fc.constant('note'), words: word }),
  fc.record({ kind: fc.constant('called'), whom: word }),
  fc.record({ kind: fc.constant('tourniquet'), where: word }),
  fc.record({ kind: fc.constant('photo'), words: word }),
  fc.record({
    kind: fc.constant('timer'),
    what: word,
    minutes: fc.integer({ min: 1, max: 60 * 24 * 60 }),
  }),
  fc.record({ kind: fc.constant('timer_done'), timer: word }),
  fc.record({ kind: fc.constant('struck'), entryId: id }),
  fc.constantFrom({ kind: 'ended' }, { kind: 'reopened' }),
  fc.record({ kind: fc.constant('looking_back'), worked: word, missing: word, next: word }),
)

describe('what the core makes comes through the contract whole', () => {
  const VALUES: readonly (readonly [string, fc.Arbitrary<unknown>, z.ZodType])[] = [
    ['a printed date', expiry, wire.expiry],
    ['how long it keeps once open', period, wire.openedPeriod],
    ['a clock that opening starts', clock, wire.openedClock],
    ['how a lot stands', standing, wire.standing],
    ['when somebody is there', rhythm, placeValues.rhythm],
    ['why it is spent', spent, stockValues.spentWhy],
    ['why it is held', held, stockValues.heldBecause],
    ['why something is to do', errand, watchValues.errandReason],
    ['what is noted on a round', roundFact, roundValues.entryFact],
    ['what is noted in an incident', careFact, careValues.careFact],
  ]
  it.each(VALUES)('%s', (_, made, schema) => {
    fc.assert(
      fc.property(made, (value) => {
        // What crosses is JSON: nothing may hang on more than that.
        expect(schema.parse(JSON.parse(JSON.stringify(value)))).toEqual(value)
      }),
    )
  })
  it.each(SPECIES)('the facts of a new %s', (species) => {
    const facts = blankFacts(species)
    expect(memberValues.memberFacts.parse(JSON.parse(JSON.stringify(facts)))).toEqual(facts)
  })
})

describe('what the contract takes is something the core knows', () => {
  const agrees = <T>(texts: fc.Arbitrary<T>, schema: z.ZodType, known: (value: T) => boolean) =>
    fc.assert(
      fc.property(texts, (value) => {
        expect([value, schema.safeParse(value).success]).toEqual([value, known(value)])
      }),
      { numRuns: 400 },
    )
  const nearlyADay = fc.oneof(
    day.map(String),
    fc
      .tuple(fc.integer({ min: 1850, max: 2250 }), fc.nat({ max: 14 }), fc.nat({ max: 33 }))
      .map(([y, m, d]) => `${y}-${String(m).padStart(2, '0')}-${String(d).padStart(2, '0')}`),
    fc.string(),
  )
  it('a day', () => agrees(nearlyADay, wire.plainDate, (text) => isPlainDate(text)))
  it('a month', () =>
    agrees(
      fc.oneof(
        month,
        nearlyADay.map((text) => text.slice(0, 7)),
        fc.string(),
      ),
      wire.plainMonth,
      (text) => isPlainMonth(text),
    ))
  it('an amount', () =>
    agrees(
      fc.oneof(
        fc.integer({ min: -10, max: MOST + 10 }),
        fc.constantFrom(-1, 0, MOST, MOST + 1),
        fc.double(),
      ),
      wire.amount,
      (value) => {
        try {
          amountOf(value)
          return true
        } catch (error) {
          if (error instanceof InvalidAmountError) return false
          throw error
        }
      },
    ))
  it('a printed date is kept as text and read back as it was', () => {
    fc.assert(
      fc.property(expiry, (value) => {
        const taken = wire.expiry.parse(value)
        expect(parseExpiry(formatExpiry(taken))).toEqual(taken)
      }),
    )
  })
  it('every clock that is taken stands for a period, or is unset', () => {
    fc.assert(
      fc.property(clock, (value) => {
        const taken = wire.openedClock.parse(value)
        expect(openedPeriod(taken) === null).toBe(taken.kind === 'unset')
      }),
    )
  })
  it('an id is the same however its letters are written', () => {
    fc.assert(
      fc.property(id, (text) => {
        expect(wire.lotId.parse(text.toUpperCase())).toBe(text.toLowerCase())
      }),
    )
  })
  it('edges come longest first, and no edge is nothing', () => {
    const edge = fc.integer({ min: 1, max: 5000 })
    fc.assert(
      fc.property(fc.tuple(edge, edge, edge), (edges) => {
        const taken = wire.millimetres.parse(edges)
        expect([...taken].sort((a, b) => b - a)).toEqual([...taken])
        expect([...taken].sort()).toEqual([...edges].sort())
      }),
    )
    expect(wire.millimetres.safeParse([0, 1, 1]).success).toBe(false)
  })
})

describe('text that somebody typed', () => {
  const HALF = String.fromCharCode(0xd83d)
  it.each([
    ['a name', 'Łódź kiste 🩹', true],
    ['two lines', 'one\ntwo', true],
    ['NUL', 'a\u0000b', false],
    ['a bell', 'a\u0007b', false],
    ['half a picture', `a${HALF}`, false],
  ])('%s', (_, text, taken) => {
    expect(wire.shortText.safeParse(text).success).toBe(taken)
  })
  it('is trimmed before it is measured', () => {
    expect(wire.shortText.parse(`  ${'x'.repeat(120)}  `)).toBe('x'.repeat(120))
    expect(wire.shortText.safeParse('x'.repeat(121)).success).toBe(false)
    expect(wire.givenName.safeParse('   ').success).toBe(false)
    expect(wire.givenName.safeParse('one\ntwo').success).toBe(false)
  })
})

describe('every endpoint', () => {
  const ENDPOINTS = [...allEndpoints]
  it.each(ENDPOINTS)('%s: what is in its path is what it asks for', (_, endpoint) => {
    const inPath = [...endpoint.path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name)
    expect(Object.keys(endpoint.params.shape).sort()).toEqual(inPath.sort())
  })
  it('an act needs a record, a read changes nothing', () => {
    for (const [name, { method, door, records }] of ENDPOINTS) {
      if (method === 'GET') expect([name, records]).toEqual([name, []])
      else if (door === 'household') expect([name, records.length > 0]).toEqual([name, true])
    }
  })
  it('no two of them share an address', () => {
    const addresses = ENDPOINTS.map(
      ([, { method, path }]) => `${method} ${path.replace(/\{\w+\}/g, '{}')}`,
    )
    expect(new Set(addresses).size).toBe(addresses.length)
  })
  /** Two carry one list through a shop: the last word on a line holds. */
  const LAST_WORD_HOLDS = ['changePurchase']
  it('what changes a record that was seen asks which version it was', () => {
    for (const [name, { method, path, body, door }] of ENDPOINTS)
      if (method === 'PATCH' && door === 'household' && !LAST_WORD_HOLDS.includes(name))
        expect([name, path, body instanceof z.ZodObject && 'seenVersion' in body.shape]).toEqual([
          name,
          path,
          true,
        ])
  })
})
