/** The forms of leaving the house: what is written, what is wrong, what is sent. */
import { describe, expect, it } from 'vitest'
import { idOf } from '../../../tests/support/ids'
import { NOTHING_SAID } from '../../core/evacuation/evacuation'
import type { Step } from '../../core/evacuation/schedule'
import { blankFacts } from '../../core/household/member'
import type { MemberId, PlaceId } from '../../core/ids'
import {
  hidingDraft,
  NO_REFUGE,
  planDraft,
  readHidingDraft,
  readPlanDraft,
  readVehicleDraft,
  vehicleDraft,
} from './drafts'
import { rehearsedSteps } from './rehearsed'

type Reading = ReturnType<typeof readPlanDraft>
// biome-ignore lint/suspicious/noExplicitAny: whatever it sends
const sent = (reading: any) => {
  if (reading.kind !== 'act') throw new Error(`Nothing is sent: ${JSON.stringify(reading)}`)
  return reading.act.asked.body
}
const faults = (reading: Reading) =>
  reading.kind === 'faults'
    ? Object.entries(reading.faults).flatMap(([name, text]) => (text === undefined ? [] : [name]))
    : []

describe('the plan', () => {
  const refuge = { name: 'Anna', phone: '555-0101', address: 'Hill 2', takesAnimals: null }
  it('comes back as it went out', () => {
    const said = {
      ...NOTHING_SAID,
      goTo: [refuge, { ...refuge, name: 'Hall', takesAnimals: true }],
      tell: [{ name: 'Ove', phone: '' }],
      papers: 'Blue folder',
      leftHow: ['Gas off', 'Windows shut'],
      days: 5,
    }
    const { rehearsals: _, ...rest } = said
    expect(sent(readPlanDraft(planDraft(said), 3))).toEqual({ seenVersion: 3, ...rest })
  })
  it('lines with nothing in them are left out; one without a name is marked', () => {
    const draft = planDraft(NOTHING_SAID)
    expect(sent(readPlanDraft(draft, 1))).toMatchObject({ goTo: [], tell: [] })
    const nameless = { ...draft, goTo: [{ ...NO_REFUGE, phone: '555' }] }
    expect(faults(readPlanDraft(nameless, 1))).toEqual(['goTo'])
  })
  it.each(['2', '15', '3.5', 'x', ''])('days: %j is not taken', (days) => {
    expect(faults(readPlanDraft({ ...planDraft(NOTHING_SAID), days }, 1))).toEqual(['days'])
  })
})

describe('a vehicle', () => {
  const place = { id: idOf<PlaceId>(1, 1), version: 2, vehicle: null }
  it('of which nothing was said stays unsaid where a field is empty', () => {
    expect(sent(readVehicleDraft(vehicleDraft(place), place)).vehicle).toEqual({
      seats: null,
      animals: null,
      isAway: false,
    })
  })
  it('takes no half seats', () => {
    const draft = { seats: '4.5', animals: '-1', isAway: false }
    expect(faults(readVehicleDraft(draft, place) as never)).toEqual(['seats', 'animals'])
  })
})

describe('an animal', () => {
  const cat = { id: idOf<MemberId>(6, 1), version: 1, facts: blankFacts('cat') }
  it('keeps everything else that is known of it', () => {
    const facts = {
      ...cat.facts,
      coat: 'Short',
      evacuation: { hides: true, where: 'bath' },
    } as never
    const draft = hidingDraft({ facts })
    expect(draft).toEqual({ hides: true, where: 'bath', sharesWith: null })
    const body = sent(readHidingDraft({ ...draft, sharesWith: 'other' }, { ...cat, facts }))
    expect(body.facts).toMatchObject({
      coat: 'Short',
      evacuation: { hides: true, where: 'bath', sharesWith: 'other' },
    })
  })
})

describe('a rehearsal', () => {
  const [ilse, tove] = [idOf<MemberId>(6, 1), idOf<MemberId>(6, 2)]
  const step = (key: string, by: MemberId): Step =>
    ({ task: { key }, by, from: 0, to: 0 }) as unknown as Step
  it('a step took from when the same hands had done the one before', () => {
    const steps = [step('a', ilse), step('b', ilse), step('c', tove), step('d', tove)]
    const done = new Map([
      ['b', 30],
      ['a', 50],
      ['c', 40],
    ])
    expect(rehearsedSteps(steps, done)).toEqual({ b: 30, a: 20, c: 40 })
  })
  it('two presses at once are a second each, never none', () => {
    expect(
      rehearsedSteps(
        [step('a', ilse), step('b', ilse)],
        new Map([
          ['a', 10],
          ['b', 10],
        ]),
      ),
    ).toEqual({ a: 10, b: 1 })
  })
})
