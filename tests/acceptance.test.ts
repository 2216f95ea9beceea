/** The lists of twelve keepers: no line is lost, nothing is sure that a careful person would not say. */
import { describe, expect, it } from 'vitest'
import { acceptance } from './acceptance/acceptance'

describe('twelve keepers’ lists', () => {
  const results = acceptance()
  it('are twelve of about thirty lines', () => {
    expect(results).toHaveLength(12)
    for (const { lines } of results) expect(lines).toBeGreaterThanOrEqual(28)
  })
  it.each(results.map((one) => [one.keeper, one] as const))('%s', (_, one) => {
    expect(one.lost, 'no line is lost').toEqual([])
    expect(one.wronglySure, 'no wrong match is sure').toEqual([])
    expect(one.wrong, 'amounts, dates and holds as a careful person has them').toEqual([])
  })
  it('most lines need no question', () => {
    const sure = results.reduce((sum, one) => sum + one.sure, 0)
    const lines = results.reduce((sum, one) => sum + one.lines, 0)
    expect(sure / lines).toBeGreaterThan(0.55)
  })
})
