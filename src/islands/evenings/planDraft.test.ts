/** What the form of an evening sends, held against the contract, and each of its faults. */
import { describe, expect, it } from 'vitest'
import { giveEvening } from '../../contract/evenings'
import { type PlanDraft, planFaults, planOf, withLines, withoutLines } from './planDraft'

const id = (n: number): string => `00000000-0000-4000-8000-00000000000${n}`
const draft: PlanDraft = {
  forName: 'Kari',
  day: '2026-11-26',
  from: '18:00',
  to: '23.30',
  placeId: id(1),
  members: new Set([id(2)]),
  kits: new Set([id(3)]),
  callName: 'Ilse',
  callPhone: '555-0151',
  address: '',
  know: ' The red bottle \n\n is in the lid ',
  mayNot: '',
  gives: new Set([`${id(2)} label:us-ibuprofen`, `${id(4)} label:us-ibuprofen`]),
  courses: new Set(),
}
const zone = 'Europe/Oslo'

describe('an evening as it is typed', () => {
  it('is what the contract takes: lines without blanks, and nothing for who is not in their care', () => {
    const sent = giveEvening.body.parse(planOf(draft))
    expect(sent.plan.know).toEqual(['The red bottle', 'is in the lid'])
    expect(sent.plan.mayNot).toEqual([])
    expect(sent.plan.gives).toEqual([{ memberId: id(2), cardId: 'label:us-ibuprofen' }])
    expect(planFaults(draft, zone)).toEqual([])
  })
  it.each([
    [{ forName: '  ' }, 'forName'],
    [{ day: '' }, 'day'],
    [{ from: 'six' }, 'from'],
    [{ from: '24:00' }, 'from'],
    [{ to: '18:60' }, 'to'],
    [{ members: new Set<string>() }, 'members'],
    [{ callPhone: '' }, 'callPhone'],
  ] as const)('%j is said at its field', (patch, field) => {
    expect(planFaults({ ...draft, ...patch }, zone)).toEqual([field])
  })
})

describe('what is filled in', () => {
  it('stands there once, and goes with whom it is about; the keeper’s own words stay', () => {
    const filled = withLines('Feed the cat', ['Ned: nuts.', 'Runa: asthma.'])
    expect(withLines(filled, ['Ned: nuts.'])).toBe('Feed the cat\nNed: nuts.\nRuna: asthma.')
    expect(withoutLines(filled, ['Ned: nuts.'])).toBe('Feed the cat\nRuna: asthma.')
  })
})
