import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { onDay, TODAY } from '../../../../tests/support/household'
import type { ItemId, LotId, PocketId } from '../../../core/ids'
import { NOTHING, units } from '../../../core/quantity/amount'
import { type Thing, UNSEEN } from '../../../core/rounds/contents'
import {
  draftOf,
  fewer,
  lookOf,
  stepped,
  wasOf,
  withCondition,
  withDate,
  withFound,
  withGone,
  withOpened,
  withProof,
  withWorse,
} from './draft'

const thing = (recorded = 5): Thing => ({
  lotId: 'lot' as LotId,
  itemId: 'item' as ItemId,
  pocketId: 'pocket' as PocketId,
  title: 'Gauze 7.5 cm',
  unit: 'pad',
  kind: 'sterile',
  essential: false,
  purpose: '',
  forWhom: '',
  directions: '',
  note: '',
  batch: '',
  recorded: units(recorded),
  expiry: onDay('2028-01-31'),
  opened: { kind: 'sealed' },
  condition: 'sound',
  judged: { state: 'sound', lastGood: { kind: 'day', day: TODAY, clock: 'printed' } },
  confirmed: null,
  sighting: UNSEEN,
})
const fresh = draftOf(thing(), null)

describe('an answer while it is given', () => {
  it('opens on what is recorded, or on what was said before', () => {
    expect(fresh.found).toBe(units(5))
    const said = lookOf(thing(), withFound(fresh, units(3)))
    expect(draftOf(thing(), said).found).toBe(units(3))
  })
  it('asks what became of the rest only where there is a rest', () => {
    const used = withGone(withFound(fresh, units(3)), 'used')
    expect(fewer(thing(), used)).toBe(units(2))
    expect(lookOf(thing(), used).gone).toBe('used')
    expect(lookOf(thing(), withFound(used, units(5))).gone).toBe('unknown')
    expect(withGone(used, 'used').gone).toBe('unknown')
  })
  it('cannot be "not here" once some are found', () => {
    const missing = withGone(withFound(fresh, NOTHING), 'missing')
    expect(stepped(missing, 1).gone).toBe('unknown')
  })
  it('takes the recorded date, typed, for what it is', () => {
    const typed = withDate(fresh, { kind: 'other', expiry: onDay('2028-01-31') })
    expect(lookOf(thing(), typed).date).toEqual({ kind: 'as_recorded' })
    const other = withDate(fresh, { kind: 'other', expiry: onDay('2027-01-31') })
    expect(lookOf(thing(), other).date.kind).toBe('other')
  })
  it('toggles conditions, openings and proofs with the same press', () => {
    expect(withCondition(withCondition(fresh, 'torn'), 'torn').worse).toBeNull()
    expect(withOpened(withOpened(fresh)).opened).toBe(NOTHING)
    expect(withProof(withProof(fresh, 'seal'), 'seal').proofs).toEqual([])
  })
  it('never says more of what was found than was found', () => {
    const press = fc.constantFrom('more', 'fewer', 'torn', 'worse', 'better', 'opened', 'none')
    fc.assert(
      fc.property(fc.array(press, { maxLength: 30 }), (presses) => {
        let draft = fresh
        for (const one of presses)
          draft =
            one === 'more'
              ? stepped(draft, 1)
              : one === 'fewer'
                ? stepped(draft, -1)
                : one === 'torn'
                  ? withCondition(draft, 'torn')
                  : one === 'worse'
                    ? withWorse(draft, 1)
                    : one === 'better'
                      ? withWorse(draft, -1)
                      : one === 'opened'
                        ? withOpened(draft)
                        : withFound(draft, NOTHING)
        expect(draft.worse?.amount ?? 0).toBeLessThanOrEqual(draft.found)
        expect(draft.opened).toBeLessThanOrEqual(draft.found)
        expect(draft.found).toBeGreaterThanOrEqual(0)
      }),
    )
  })
  it('remembers the thing as it was known', () => {
    expect(wasOf(thing())).toMatchObject({ title: 'Gauze 7.5 cm', amount: units(5), away: false })
  })
})
