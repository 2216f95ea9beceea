/** What may not be used is told by one function: on hold, left over, opened without a period. */
import { describe, expect, it } from 'vitest'
import {
  aKit,
  aLot,
  anItem,
  aPlace,
  aPocket,
  errandsIn,
  surveyed,
  TODAY,
} from '../../../tests/support/household'
import { addDays, type PlainDate } from '../calendar/plainDate'
import { type Course, leftOverItems } from '../household/course'
import type { CourseId, MemberId } from '../ids'
import { units } from '../quantity/amount'
import { asOpenedClock, openedEnd } from '../shelf-life/openedClock'
import { doubtIn, standingFor } from './holding'
import { isGoodNow, judgeLot } from './judge'

const opened = { kind: 'opened', on: addDays(TODAY, -10) } as const
const medicine = anItem(1, { name: 'Eye drops', kind: 'medicine' })
const course = (fields: Partial<Course>): Course => ({
  id: 'c1' as CourseId,
  memberId: 'm1' as MemberId,
  itemId: medicine.id,
  reason: '',
  prescriber: 'Dr Vale',
  directions: '',
  perDay: units(1),
  startsOn: addDays(TODAY, -40),
  endsOn: addDays(TODAY, -3),
  release: null,
  confirmedAgainstWarning: false,
  version: 1,
  ...fields,
})

describe('a medicine that was opened', () => {
  it('without a period is on hold, and does not count to its printed date', () => {
    const judged = judgeLot(aLot(1, medicine, { opened }), medicine, TODAY, TODAY)
    expect(judged).toMatchObject({
      state: 'held',
      because: { kind: 'opened_no_period', on: opened.on },
    })
    expect(isGoodNow(judged)).toBe(false)
  })
  it.each([
    [{ kind: 'days', days: 28 }, 18],
    [{ kind: 'months', months: 1 }, 20],
    [{ kind: 'hours', hours: 48 }, -9],
    [{ kind: 'hours', hours: 24 }, -10],
  ] as const)('keeps for %j, as its label says', (period, ahead) => {
    expect(openedEnd(opened, { kind: 'own', period, source: 'Label' })).toEqual({
      kind: 'day',
      lastDay: addDays(TODAY, ahead),
    })
  })
  it('whose label says "until the course ends" has no end of its own', () => {
    expect(openedEnd(opened, { kind: 'own', period: { kind: 'course' }, source: 'Label' })).toEqual(
      {
        kind: 'none',
      },
    )
  })
  it('whose days were kept before is read as it is meant today', () => {
    expect(asOpenedClock({ kind: 'own', days: 14, source: 'label' })).toEqual({
      kind: 'own',
      period: { kind: 'days', days: 14 },
      source: 'label',
    })
    expect(asOpenedClock({ kind: 'own', days: 0, source: 'label' })).toMatchObject({
      period: { kind: 'at_once' },
    })
  })
  it('other things that are opened go on', () => {
    const tape = anItem(2, { name: 'Tape' })
    expect(judgeLot(aLot(2, tape, { opened }), tape, TODAY, TODAY).state).toBe('sound')
  })
})

describe('what is left of a course', () => {
  it('is on hold in the survey that Watch, the mat, stock, rounds and the lid sheet read', () => {
    const place = aPlace(1, 'Home')
    const kit = aKit(1, place)
    const pocket = aPocket(1, kit)
    const item = anItem(1, { name: 'Capsules', kind: 'medicine' })
    const lot = aLot(1, item)
    const survey = surveyed({
      places: [place],
      kits: [kit],
      pockets: [pocket],
      items: [item],
      pars: [{ itemId: item.id, pocketId: pocket.id, amount: units(5) }],
      lots: [lot],
      holdings: [{ lotId: lot.id, pocketId: pocket.id, amount: units(5) }],
      courses: [course({ itemId: item.id })],
    })
    expect(survey.holdings[0]?.judged).toMatchObject({
      state: 'held',
      because: { kind: 'left_over', prescriber: 'Dr Vale' },
    })
    expect(survey.lines[0]?.good).toBe(0)
    expect(errandsIn(survey, []).map(({ act }) => act)).toContain('ask')
  })
  it('is so only while nobody has asked, and no later course runs', () => {
    const held = (...courses: Course[]) => leftOverItems(courses, TODAY).has(medicine.id)
    expect(held(course({}))).toBe(true)
    expect(held(course({ endsOn: TODAY }))).toBe(false)
    expect(held(course({ endsOn: null }))).toBe(false)
    expect(held(course({ release: { by: 'Dr Vale', on: TODAY, words: 'keep' } }))).toBe(false)
    expect(held(course({}), course({ id: 'c2' as CourseId, endsOn: null }))).toBe(false)
  })
})

describe('what its words make doubtful', () => {
  it('stands on hold with a reason', () => {
    expect(standingFor(doubtIn('mystery pills'))).toMatchObject({ kind: 'held' })
    expect(standingFor(doubtIn('Cough syrup', 'rest of last winter’s'))).toMatchObject({
      kind: 'held',
    })
    expect(standingFor(doubtIn('Cough syrup', ''))).toEqual({ kind: 'ready' })
  })
})

describe('a lot that cannot be judged', () => {
  it('is held and asked about, and everything beside it stands', () => {
    const gauze = anItem(2, { name: 'Gauze', kind: 'supply' })
    const drops = anItem(3, {
      kind: 'medicine',
      openedClock: { kind: 'own', period: { kind: 'days', days: 28 }, source: 'Label' },
    })
    const place = aPlace(1, 'Home')
    const kit = aKit(1, place)
    const pocket = aPocket(1, kit)
    // No calendar has that day; a record that was written by other hands might.
    const broken = aLot(1, drops, { opened: { kind: 'opened', on: '2026-02-31' as PlainDate } })
    const whole = aLot(2, gauze)
    const survey = surveyed({
      places: [place],
      kits: [kit],
      pockets: [pocket],
      items: [drops, gauze],
      pars: [{ itemId: drops.id, pocketId: pocket.id, amount: units(1) }],
      lots: [broken, whole],
      holdings: [broken, whole].map(({ id }) => ({
        lotId: id,
        pocketId: pocket.id,
        amount: units(1),
      })),
    })
    expect(survey.holdings.map(({ judged }) => judged)).toMatchObject([
      { state: 'held', because: { kind: 'not_judged' } },
      { state: 'sound' },
    ])
    expect(survey.lines[0]?.good).toBe(0)
    expect(errandsIn(survey, []).map(({ act }) => act)).toContain('ask')
  })
})
