import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { plainDate } from '../../core/calendar/plainDate'
import { dayFault, dayInOrder, forms, issueText } from './forms'

const [min, max] = [plainDate('2026-01-10'), plainDate('2026-11-28')]

describe('a day in a field', () => {
  it.each([
    ['', undefined],
    ['   ', undefined],
    ['2026-05-01', undefined],
    ['2026-01-10', undefined],
    ['2026-11-28', undefined],
    ['2026-01-09', 'No earlier than 10 Jan 2026.'],
    ['2026-11-29', 'No later than 28 Nov 2026.'],
    ['next week', 'Write a whole day, like 28 Nov 2026.'],
    ['2026-02-30', 'Write a whole day, like 28 Nov 2026.'],
  ])('%j: %s', (value, said) => {
    expect(dayFault(value, { min, max })).toBe(said)
  })
  it('without limits any day is one', () => {
    expect(dayFault('1931-05-01')).toBeUndefined()
  })
  it('is shown in the order of the household, and cannot be mistaken in any', () => {
    const day = plainDate('2026-04-03')
    expect(dayInOrder(day, 'day-first')).toBe('3 Apr 2026')
    expect(dayInOrder(day, 'month-first')).toBe('Apr 3, 2026')
    expect(dayInOrder(day, 'year-first')).toBe('2026-04-03')
  })
})

describe('what the contract does not take, in words', () => {
  const said = (schema: z.ZodType, value: unknown): string => {
    const issue = schema.safeParse(value).error?.issues[0]
    return issue ? issueText(issue) : 'taken'
  }
  it.each([
    ['nothing written', z.string().min(1), '', forms.missing],
    ['nothing chosen', z.array(z.string()).min(1), [], forms.missing],
    ['too small a number', z.number().min(3), 2, 'No less than 3.'],
    ['too large a number', z.number().max(3), 4, 'No more than 3.'],
    ['too long', z.string().max(3), 'abcd', 'Shorter, please: 3 letters at most.'],
    ['too many', z.array(z.int()).max(1), [1, 2], 'No more than 1 of them.'],
    ['another kind', z.int(), 'x', forms.notTaken],
    ['none of these', z.enum(['a', 'b']), 'c', forms.notTaken],
    ['a pattern', z.string().regex(/^\d+$/), 'x', forms.notTaken],
    [
      'in words of its own',
      z.string().regex(/^[A-Z]{2}$/, 'Give two letters'),
      'x',
      'Give two letters',
    ],
    ['a number in words of its own', z.int('Give whole grams'), 1.5, 'Give whole grams'],
    [
      'a rule in words of its own',
      z.string().refine(() => false, 'Not on a Sunday'),
      'x',
      'Not on a Sunday',
    ],
  ])('%s', (_, schema, value, words) => {
    expect(said(schema, value)).toBe(words)
  })
})
