import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BEGINNINGS, type BegunFacts, begun, FIRST_STEPS } from './beginning'

const NOTHING: BegunFacts = {
  beginning: 'open',
  canCall: false,
  members: 0,
  places: 0,
  bare: 0,
  kits: 0,
  things: 0,
  unmatched: 0,
  checked: 0,
  hasSheet: false,
}

const count = fc.nat({ max: 3 })
const facts = fc.record({
  beginning: fc.constantFrom(...BEGINNINGS),
  canCall: fc.boolean(),
  members: count,
  places: count,
  bare: count,
  kits: count,
  things: count,
  unmatched: count,
  checked: count,
  hasSheet: fc.boolean(),
})

describe('the first steps', () => {
  it('of a new household begin with the country', () =>
    expect(begun(NOTHING)).toEqual({ done: [], next: 'country' }))

  it('go one by one, each by what the record holds', () => {
    let known: BegunFacts = NOTHING
    const taken: [Partial<BegunFacts>, string][] = [
      [{ canCall: true }, 'members'],
      [{ members: 1 }, 'places'],
      [{ places: 2, bare: 2 }, 'kits'],
      // A car without a kit is no step done.
      [{ kits: 1, bare: 1 }, 'kits'],
      [{ kits: 2, bare: 0 }, 'things'],
      // What nobody has said what it is counts for nothing yet.
      [{ things: 4, unmatched: 1 }, 'things'],
      [{ unmatched: 0 }, 'check'],
      [{ checked: 1 }, 'sheet'],
    ]
    for (const [change, next] of taken) {
      known = { ...known, ...change }
      expect(begun(known).next).toBe(next)
    }
    expect(begun({ ...known, hasSheet: true })).toEqual({ done: FIRST_STEPS, next: null })
  })

  it('can be taken in any order', () =>
    expect(begun({ ...NOTHING, places: 1, kits: 1 })).toEqual({
      done: ['places', 'kits'],
      next: 'country',
    }))

  it('are over with the lid sheet: a place that is added later is no first step', () =>
    expect(begun({ ...NOTHING, canCall: true, hasSheet: true, bare: 1 }).next).toBeNull())

  it('still ask whom to call, whatever was printed', () =>
    expect(begun({ ...NOTHING, hasSheet: true }).next).toBe('country'))

  it('never hold up a household that put them away, and never name a step that is done', () =>
    fc.assert(
      fc.property(facts, (known) => {
        const { done, next } = begun(known)
        if (known.beginning === 'over') expect(next).toBeNull()
        if (next !== null) expect(done).not.toContain(next)
        else expect(known.beginning === 'over' || known.hasSheet).toBe(true)
      }),
    ))

  it('lose nothing by more of anything', () =>
    fc.assert(
      fc.property(facts, (known) => {
        const more = {
          ...known,
          members: known.members + 1,
          kits: known.kits + 1,
          checked: known.checked + 1,
        }
        expect(begun(more).done).toEqual(expect.arrayContaining([...begun(known).done]))
      }),
    ))
})
