import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, earlier, plainDate, plainMonth } from '../calendar/plainDate'
import { lastGoodDay } from './lastGoodDay'
import type { OpenedClock } from './openedClock'
import { OPENED_RULES, type OpenedRuleId } from './openedRules'

const rule = (id: OpenedRuleId): OpenedClock => ({ kind: 'rule', rule: id })
const openedOn = (day: string) => ({ kind: 'opened', on: plainDate(day) }) as const
const until = (month: string) => ({ kind: 'month', month: plainMonth(month) }) as const

describe('the last good day', () => {
  it.each([
    ['eye-drops', '2026-11-01', '2026-11-29'],
    ['saline-pourable', '2026-11-01', '2026-11-01'],
    ['peroxide', '2026-11-01', '2027-05-01'],
    ['peroxide-emesis', '2026-11-01', '2026-12-01'],
    ['reconstituted-antibiotic', '2026-11-01', '2026-11-15'],
    ['insulin', '2026-11-01', '2026-11-29'],
    ['nitroglycerin', '2026-08-31', '2027-02-28'],
    ['tube', '2026-11-01', '2027-11-01'],
    ['oral-liquid', '2026-11-01', '2027-05-01'],
    ['antiseptic', '2026-11-01', '2027-05-01'],
    ['recovery-food', '2026-11-01', '2027-05-01'],
  ] as const)('%s opened on %s is good through %s', (id, opened, last) => {
    expect(lastGoodDay({ expiry: until('2029-12'), opened: openedOn(opened) }, rule(id))).toEqual({
      kind: 'day',
      day: last,
      clock: 'opened',
    })
  })
  it('a sterile pack is over when it is opened; pressurised saline keeps its printed date', () => {
    const opened = openedOn('2026-11-01')
    expect(lastGoodDay({ expiry: until('2029-12'), opened }, rule('single-dose'))).toEqual({
      kind: 'over',
    })
    expect(
      lastGoodDay({ expiry: until('2029-12'), opened }, rule('saline-pressurised')),
    ).toMatchObject({ clock: 'printed', day: '2029-12-31' })
  })
  it('without a period set, opening changes nothing', () => {
    expect(
      lastGoodDay(
        { expiry: { kind: 'unknown' }, opened: openedOn('2026-11-01') },
        { kind: 'unset' },
      ),
    ).toEqual({ kind: 'open_ended', why: 'not_recorded' })
  })
  it('is never later than either clock', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 2000 }),
        fc.integer({ min: 0, max: 2000 }),
        fc.integer({ min: 1, max: 400 }),
        (printedAhead, openedAhead, days) => {
          const printed = addDays(plainDate('2026-01-01'), printedAhead)
          const on = addDays(plainDate('2026-01-01'), openedAhead)
          const last = lastGoodDay(
            { expiry: { kind: 'day', day: printed }, opened: { kind: 'opened', on } },
            { kind: 'own', period: { kind: 'days', days }, source: 'label' },
          )
          const byOpening = addDays(on, days)
          expect(last).toEqual({
            kind: 'day',
            day: earlier(printed, byOpening),
            clock: printed <= byOpening ? 'printed' : 'opened',
          })
        },
      ),
    )
  })
  it('names a source for every rule', () => {
    for (const { source, name } of Object.values(OPENED_RULES)) {
      expect(name).not.toBe('')
      expect(source).toMatch(/label|Label/)
    }
  })
})
