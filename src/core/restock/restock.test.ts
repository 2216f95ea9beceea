import { describe, expect, it } from 'vitest'
import { ALWAYS, onDay, onePocket, surveyed, visits } from '../../../tests/support/household'
import { shortfalls } from './shortfall'

describe('what a pocket lacks', () => {
  it('counts only what will still be good at the next check there', () => {
    const lots = [
      { units: 2, expiry: onDay('2026-12-10') },
      { units: 3, expiry: onDay('2027-03-15') },
    ]
    const missing = (presence: typeof ALWAYS) =>
      shortfalls(surveyed(onePocket(presence, 6, lots))).map(({ missing: lacks, turning }) => [
        lacks,
        turning,
      ])
    expect(missing(ALWAYS)).toEqual([[3000, 2000]])
    const cottage = visits(['2026-12-05', '2026-12-07'], ['2027-04-01', '2027-04-03'])
    expect(missing(cottage)).toEqual([[6000, 5000]])
    expect(missing(visits())).toEqual([[3000, 2000]])
  })
})
