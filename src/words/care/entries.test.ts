/** What was noted at an incident, each kind of entry as a line. */
import { describe, expect, it } from 'vitest'
import type { CareEntryId, CareFact } from '../../core/incident/entry'
import type { MixFault } from '../../core/mixing/mix'
import type { Temperature } from '../../core/quantity/measure'
import * as care from '.'

type Kind = CareFact['kind']
const dose = {
  kind: 'dose',
  cardId: null,
  title: 'Ibuprofen liquid',
  portion: { unit: 'mL', thousandths: 7500 },
  holds: [{ key: 'ibuprofen', measure: { unit: 'mg', thousandths: 150_000 } }],
  rule: null,
  takes: [],
  anyway: '',
} as const
/** One of every kind with its line; the compiler says where one is missing. */
const ENTRIES: { readonly [K in Kind]: readonly [Extract<CareFact, { kind: K }>, string] } = {
  about: [{ kind: 'about', what: 'anaphylaxis', placeId: null }, 'Severe allergy, place changed'],
  dose: [dose as never, 'Ibuprofen liquid: 7.5 mL (150 mg)'],
  used: [
    { kind: 'used', title: 'Non-stick pads', words: '2 pads', takes: [] },
    'Used: Non-stick pads, 2 pads',
  ],
  reading: [
    {
      kind: 'reading',
      reading: { of: 'temperature', value: 3860 as Temperature, site: 'ear' },
    },
    'Temperature 38.6 °C, ear',
  ],
  seen: [
    { kind: 'seen', seen: ['drowsy', 'confused'], words: 'since noon' },
    'drowsy, confused, since noon',
  ],
  photo: [{ kind: 'photo', words: 'the rash' }, 'Photo: the rash'],
  note: [{ kind: 'note', words: 'asked for water' }, 'asked for water'],
  called: [{ kind: 'called', whom: 'the vet' }, 'Called the vet'],
  tourniquet: [{ kind: 'tourniquet', where: 'left thigh' }, 'Tourniquet on: left thigh'],
  timer: [{ kind: 'timer', what: 'Look again', minutes: 5 }, 'Timer: Look again'],
  timer_done: [{ kind: 'timer_done', timer: 't1' }, 'Checked'],
  step: [{ kind: 'step', guide: 'burn', step: 2, words: 'Cool with water' }, 'Cool with water'],
  mixed: [
    { kind: 'mixed', title: 'Rehydration', words: '500 mL', keepHours: 24, takes: [] },
    'Mixed: Rehydration, 500 mL',
  ],
  struck: [{ kind: 'struck', entryId: 'e1' as CareEntryId }, 'Struck out'],
  ended: [{ kind: 'ended' }, 'Ended'],
  reopened: [{ kind: 'reopened' }, 'Goes on'],
  looking_back: [
    { kind: 'looking_back', worked: 'calm', missing: '', next: '' },
    'Looked back on it',
  ],
}

describe('an entry', () => {
  it.each(Object.values(ENTRIES))('$kind', (fact, line) => {
    expect(care.incident.fact(fact, 'metric')).toBe(line)
  })
  it('leaves out what was not said', () => {
    const bare: readonly (readonly [CareFact, string])[] = [
      [{ kind: 'used', title: 'Gauze', words: '', takes: [] }, 'Used: Gauze'],
      [{ kind: 'photo', words: '' }, 'Photo'],
      [{ kind: 'tourniquet', where: '' }, 'Tourniquet on'],
      [{ kind: 'seen', seen: ['drowsy'], words: '' }, 'drowsy'],
      [{ ...dose, holds: [] } as never, 'Ibuprofen liquid: 7.5 mL'],
      [{ kind: 'about' }, ''],
    ]
    for (const [fact, line] of bare) expect(care.incident.fact(fact, 'metric')).toBe(line)
  })
  it('a reading is in the household’s units; a pulse is counted a minute', () => {
    const fever = { of: 'temperature', value: 3860 as Temperature, site: 'mouth' } as const
    expect(care.incident.fact({ kind: 'reading', reading: fever }, 'us')).toBe(
      'Temperature 101.5 °F, mouth',
    )
    for (const [of, name] of [
      ['pulse', 'Pulse'],
      ['breathing', 'Breaths'],
    ] as const)
      expect(
        care.incident.fact({ kind: 'reading', reading: { of, value: 88 } as never }, 'metric'),
      ).toBe(`${name} 88 a minute`)
  })
})

describe('a timer', () => {
  it.each([
    ['set', 'Look again'],
    ['next_dose', 'Look again: may be given again, if it is still needed'],
    ['throw_away', 'Look again: throw away what is left'],
  ])('%s', (kind, line) => {
    expect(care.incident.timer({ kind, what: 'Look again' } as never)).toBe(line)
  })
})

const MIX_FAULTS: { readonly [C in MixFault['code']]: readonly [object, string] } = {
  nothing: [{}, 'Give amounts above nothing.'],
  too_weak: [
    { stock: 3000, wanted: 6000 },
    'The concentrate (3 %) is weaker than what it should become (6 %). Use it as it is, or another.',
  ],
  too_little: [{ least: 250_000 }, 'That little cannot be measured. Make 250 mL or more.'],
  no_weight: [{}, 'Weigh first: a feed goes by weight.'],
  no_feeds: [{}, 'Say how many feeds a day.'],
  not_spooned: [
    { near: [250_000, 500_000] },
    'The spoons do not come out for that. Make 250 mL or 500 mL.',
  ],
}
it.each(Object.entries(MIX_FAULTS))('a mix: %s', (code, [facts, sentence]) => {
  expect(care.mixes.fault({ code, ...facts } as MixFault)).toBe(sentence)
})

describe('where something lies in an incident', () => {
  it.each([
    [true, null, 'Cottage, Case, Lid'],
    [true, 60, 'Cottage, Case, Lid'],
    [true, 61, 'Cottage, Case, Lid, 61 s away'],
    [true, 90, 'Cottage, Case, Lid, 2 min away'],
    [true, 545, 'Cottage, Case, Lid, 9 min away'],
    // Nine minutes from the cottage's kitchen are not nine minutes from here.
    [false, 545, 'Cottage, Case, Lid'],
  ])('here: %s, %s s: %s', (isHere, seconds, said) => {
    const lot = { isHere, carrier: null, shelf: { seconds } }
    expect(care.incident.whereLies('Cottage', 'Case', 'Lid', lot)).toBe(said)
  })
})
