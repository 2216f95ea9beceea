import { describe, expect, it } from 'vitest'
import { idsAsText, idsIn } from '../../ui/useKept'
import { daysIn, MOST_DAYS } from './useQuestion'

describe('a question in an address', () => {
  it('asks about whole days from one to the longest stay, and about one where it says nonsense', () => {
    expect([1, 7, MOST_DAYS].map((days) => daysIn(String(days)))).toEqual([1, 7, MOST_DAYS])
    for (const text of [undefined, '', '0', '-3', '2.5', 'seven', String(MOST_DAYS + 1)])
      expect([text, daysIn(text)]).toEqual([text, 1])
  })
  it('reads back the ids that it writes, and does without none', () => {
    for (const ids of [new Set(['a', 'b']), new Set(['one'])])
      expect(idsIn(idsAsText(ids) ?? '')).toEqual(ids)
    expect(idsAsText(new Set())).toBeNull()
    expect(idsIn(undefined)).toEqual(new Set())
  })
})
