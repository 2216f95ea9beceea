/** What it would take to keep what a plan lets run short. */
import { describe, expect, it } from 'vitest'
import type { BareLine } from './board'
import { staysShort } from './keepAll'

const lines = [{ thing: 0 }, { thing: 0 }, { thing: 1 }] as never
const offers = [
  { thing: 0, shop: 0, units: 10, priceMinor: 500, leadDays: 0 },
  { thing: 0, shop: 1, units: 2, priceMinor: 120, leadDays: 0 },
  { thing: 1, shop: 0, units: 1, priceMinor: 540, leadDays: 0 },
]
const bare = (line: number, short: number, why: BareLine['why']): BareLine => ({
  kind: 'bare',
  line,
  short,
  stretches: [],
  from: 0,
  days: 90,
  why,
})
const of = (...all: readonly BareLine[]) => staysShort({ lines, offers }, all)

describe('what stays short', () => {
  it('is nothing where nothing is, or where it only waits for a visit', () => {
    expect(of()).toEqual({ lines: 0, moreMinor: null })
    expect(of(bare(0, 4, 'until_the_visit'))).toEqual({ lines: 0, moreMinor: null })
  })
  it('of one thing is bought together, in the packs that are cheapest a unit', () => {
    expect(of(bare(0, 6, 'not_worth'), bare(1, 4, 'budget'))).toEqual({ lines: 2, moreMinor: 500 })
    expect(of(bare(0, 7, 'not_worth'), bare(1, 4, 'not_worth')).moreMinor).toBe(1000)
    expect(of(bare(0, 1, 'not_worth'), bare(2, 2, 'not_worth')).moreMinor).toBe(1580)
  })
  it('for want of something else than money counts, and has no price', () => {
    expect(of(bare(0, 2, 'no_room'), bare(1, 1, 'nobody_there'))).toEqual({
      lines: 2,
      moreMinor: null,
    })
    expect(of(bare(0, 2, 'no_room'), bare(2, 1, 'budget'))).toEqual({ lines: 2, moreMinor: 540 })
  })
  it('has no price where no shop has one', () => {
    expect(staysShort({ lines, offers: [] }, [bare(0, 2, 'budget')])).toEqual({
      lines: 1,
      moreMinor: null,
    })
  })
})
