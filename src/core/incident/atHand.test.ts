/** What the emergency screen offers and what it sets aside, scene by scene and for everybody. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aMember, aPantry, aPerson, DAY, type Put, type Scene } from '../../../tests/support/cover'
import { idOf } from '../../../tests/support/ids'
import { plainDate } from '../calendar/plainDate'
import { CATALOGUE } from '../catalogue/catalogue'
import type { SkillId } from '../catalogue/skills'
import { gradeOf, gravest, objectionsTo } from '../cover/objections'
import { patientOn } from '../cover/suitability'
import type { Member } from '../household/member'
import { SPECIES } from '../household/species'
import type { PlaceId } from '../ids'
import { atHand, offeredLots } from './atHand'
import { INCIDENT_KIND_IDS, type IncidentKind } from './kindNames'
import { INCIDENT_KINDS, kindsFor } from './kinds'
import { memberOf } from './patient'

const HERE = idOf<PlaceId>(1, 1)
const NOVEMBER = plainDate('2026-11-28')

interface Happening extends Partial<Scene> {
  readonly patient: Member
  readonly kind: IncidentKind
  readonly put: readonly Put[]
  readonly others?: readonly Member[]
}
const happens = ({ patient, kind, put, others = [], ...scene }: Happening) =>
  atHand(aPantry({ members: [patient, ...others], put, ...scene }), {
    patient,
    kind,
    here: HERE,
    date: DAY,
  })
const titles = (answer: ReturnType<typeof atHand>) => offeredLots(answer).map(({ title }) => title)
const aside = (answer: ReturnType<typeof atHand>, title: string) =>
  answer.setAside.find((one) => one.title.startsWith(title))
const taught = (...skills: readonly SkillId[]): Member =>
  aPerson(40, {
    helper: true,
    facts: { skills: skills.map((skill) => ({ skill, until: null, by: 'School' })) },
  })
const ned = aPerson(8, {
  kg: 26,
  name: 'Ned',
  facts: { conditions: ['anaphylaxis'], swallowsTablets: false },
})
const PEN = 'adrenaline-015'

describe('a severe allergy', () => {
  const pens: readonly Put[] = [{ of: PEN, count: 2, days: 200 }]
  it('shows the child’s own pen first although nobody is signed off', () => {
    const answer = happens({
      patient: ned,
      kind: 'anaphylaxis',
      put: pens,
      courses: [{ member: ned, of: PEN, perDay: null }],
    })
    const [way] = answer.ways
    expect(way?.rank).toBe('prescribed')
    const [pen] = way?.parts[0]?.lots ?? []
    expect(pen?.remarks.map((one) => [one.code, gradeOf(one)])).toEqual([['no_skill', 'remark']])
    expect(answer.setAside).toEqual([])
    expect(answer.calls).toEqual([
      'Call the emergency number first. Say: anaphylaxis.',
      'Follow the signed plan.',
    ])
  })
  it('shows somebody else’s on the line’s word only, and says so', () => {
    const mia = aPerson(9, { name: 'Mia' })
    const answer = happens({
      patient: mia,
      others: [ned],
      kind: 'anaphylaxis',
      put: pens,
      courses: [{ member: ned, of: PEN, perDay: null }],
    })
    const [pen] = offeredLots(answer)
    expect([pen?.title.startsWith('Adrenaline'), pen?.onTheirWord]).toEqual([true, true])
  })
  it('shows one past its day where there is nothing better, and a recalled one last', () => {
    const late = happens({
      patient: ned,
      kind: 'anaphylaxis',
      put: [{ of: PEN, days: -20 }],
      courses: [{ member: ned, of: PEN, perDay: null }],
    })
    expect(offeredLots(late).map(({ rank }) => rank)).toEqual(['past_date'])
    const recalled: Put = {
      of: PEN,
      days: 200,
      lot: { standing: { kind: 'held', reason: 'Recalled, B-7: weak spring', recall: 'B-7' } },
    }
    const both = (put: readonly Put[]) =>
      offeredLots(
        happens({
          patient: ned,
          kind: 'anaphylaxis',
          put,
          courses: [{ member: ned, of: PEN, perDay: null }],
        }),
      ).map(({ rank }) => rank)
    expect(both([recalled])).toEqual(['recalled'])
    // Two lots in one pocket, the older one first: what is said of them is the gravest.
    const forAnother = happens({
      patient: aPerson(9, { name: 'Mia' }),
      kind: 'sting',
      put: [
        {
          of: 'cetirizine-10',
          days: 90,
          lot: { standing: { kind: 'lent', to: 'Tove', since: DAY } },
        },
        { ...recalled, of: 'cetirizine-10' },
      ],
    })
    expect(aside(forAnother, 'Cetirizine')?.grade).toBe('forbidden')
    expect(both([recalled, { of: PEN, days: 200 }])).toEqual(['prescribed'])
  })
  it('is answered for a guest of whom nothing is known', () => {
    const guest = memberOf(
      {
        kind: 'guest',
        name: 'A guest',
        species: 'person',
        years: null,
        grams: null,
        allergies: '',
      },
      [],
      DAY,
    )
    if (!guest) throw new Error('A guest is always somebody')
    const answer = happens({ patient: guest, kind: 'anaphylaxis', put: pens })
    expect(titles(answer)).toHaveLength(1)
    expect(answer.setAside).toEqual([])
  })
})

describe('bleeding', () => {
  const put: readonly Put[] = [
    { of: 'tourniquet-windlass', count: 1 },
    { of: 'pressure-dressing', count: 2 },
  ]
  it('a windlass without a pen is used, and first where somebody was taught', () => {
    const helper = taught('tourniquet')
    const answer = happens({ patient: helper, kind: 'bleeding', put })
    expect(answer.ways[0]?.way).toContain('Windlass')
    expect(aside(answer, 'Windlass')).toBeUndefined()
  })
  it('a windlass that nobody was taught comes after pressure, with its remark', () => {
    const answer = happens({ patient: taught(), kind: 'bleeding', put })
    expect(answer.ways.slice(0, 2).map(({ way }) => way.includes('Windlass'))).toEqual([
      false,
      expect.any(Boolean),
    ])
    const windlass = offeredLots(answer).find(({ title }) => title.startsWith('Windlass'))
    expect(windlass?.remarks.map(({ code }) => code)).toContain('no_skill')
  })
  it('a windlass that lies elsewhere comes after pressure', () => {
    const answer = happens({
      patient: taught('tourniquet'),
      kind: 'bleeding',
      put: [
        { of: 'tourniquet-windlass', count: 1, kit: 1 },
        { of: 'pressure-dressing', count: 2 },
      ],
    })
    expect(answer.ways[0]?.way.includes('Windlass')).toBe(false)
  })
  it('pads pressed by hand are offered, and are no cover', () => {
    const answer = happens({
      patient: taught(),
      kind: 'bleeding',
      put: [{ of: 'gauze', count: 6 }],
    })
    expect(titles(answer).some((title) => title.startsWith('Gauze'))).toBe(true)
  })
  it('of a hen is pressed with what there is', () => {
    const answer = happens({
      patient: aMember('hen', { kg: 2 }),
      kind: 'bleeding',
      put: [{ of: 'gauze', count: 6 }],
      traits: ['tap'],
    })
    expect(titles(answer)).toContain('Gauze pads 7.5 cm')
  })
})

describe('what seemed to have nothing', () => {
  it('an overheated dog beside a tap in November is cooled with water', () => {
    const answer = happens({
      patient: aMember('dog', { kg: 20 }),
      kind: 'heat',
      put: [],
      traits: ['tap', 'night'],
    })
    expect(answer.ways.some(({ fromHome, whole }) => whole && fromHome.includes('water'))).toBe(
      true,
    )
    expect(answer.first).toContain('cool water')
  })
  it('a chilled child at home has blankets', () => {
    const answer = happens({
      patient: aPerson(6),
      kind: 'cold',
      put: [{ of: 'fleece-blanket', count: 1 }],
      traits: ['tap', 'night'],
    })
    expect(titles(answer)).toEqual(['Blanket'])
  })
  it('a fall at home has the splint, by who may use it', () => {
    const answer = happens({
      patient: taught('splinting'),
      kind: 'fall',
      put: [{ of: 'splint-foldable' }, { of: 'elastic-bandage' }, { of: 'triangular-bandage' }],
      traits: ['tap'],
    })
    expect(titles(answer).some((title) => title.startsWith('Folding splint'))).toBe(true)
  })
  it('a guinea pig’s torn nail has styptic powder, then starch', () => {
    const pig = aMember('guinea pig', { kg: 1 })
    const styptic = happens({
      patient: pig,
      kind: 'nail',
      put: [{ of: 'starch' }, { of: 'styptic-powder' }],
      traits: ['tap'],
    })
    expect(titles(styptic)).toEqual(['Styptic powder', 'Starch'])
    const starch = happens({ patient: pig, kind: 'nail', put: [{ of: 'starch' }], traits: ['tap'] })
    expect(titles(starch)).toEqual(['Starch'])
  })
  it('chest pain has its call, and the aspirin that the patient is allergic to is named', () => {
    const answer = happens({
      patient: aPerson(35, { facts: { allergies: [{ kind: 'substance', substance: 'aspirin' }] } }),
      kind: 'chest',
      put: [{ of: 'aspirin-325' }],
    })
    expect(answer.calls[0]).toContain('emergency number')
    expect(titles(answer)).toEqual([])
    expect(aside(answer, 'Aspirin')).toMatchObject({ grade: 'forbidden' })
  })
  it('aspirin to chew is not asked about for a heart that is ill, on the line’s word', () => {
    const answer = happens({
      patient: aPerson(70, { facts: { conditions: ['heart-disease'] } }),
      kind: 'chest',
      put: [{ of: 'aspirin-325' }],
    })
    expect(titles(answer)).toEqual(['Aspirin 325 mg'])
    const thinned = happens({
      patient: aPerson(70, { facts: { bloodThinner: true } }),
      kind: 'chest',
      put: [{ of: 'aspirin-325' }],
    })
    expect(aside(thinned, 'Aspirin')?.grade).toBe('forbidden')
  })
  it('a pocket mask is used by whoever took any first aid course', () => {
    const answer = happens({
      patient: aPerson(30),
      others: [taught('first-aid')],
      kind: 'breathing',
      put: [{ of: 'breathing-barrier', count: 1 }],
    })
    expect(offeredLots(answer)[0]?.remarks).toEqual([])
  })
})

describe('for everybody, whatever lies there', () => {
  const aPut = fc.record({
    of: fc.constantFrom(...CATALOGUE.map(({ id }) => id)),
    count: fc.constant(4),
    days: fc.constantFrom(-10, 300),
    kit: fc.constantFrom(0, 1),
  })
  const happening = fc.constantFrom(...SPECIES).chain((species) =>
    fc.record({
      species: fc.constant(species),
      kind: fc.constantFrom(...kindsFor(species)),
      put: fc.uniqueArray(aPut, { selector: ({ of }) => of, maxLength: 14 }),
      unasked: fc.boolean(),
      tap: fc.boolean(),
    }),
  )
  it('calls, says what to do, offers nothing forbidden, and names every thing it sets aside', () => {
    fc.assert(
      fc.property(happening, ({ species, kind, put, unasked, tap }) => {
        const patient = aMember(species, { years: 6, ...(unasked && { facts: { told: {} } }) })
        const pantry = aPantry({ members: [patient], put, traits: tap ? ['tap'] : [] })
        const answer = atHand(pantry, { patient, kind, here: HERE, date: DAY })
        expect(answer.calls[0]).not.toBe('')
        expect(answer.first).not.toBe('')
        const subject = patientOn(patient, [], DAY)
        const shown = new Set(offeredLots(answer).map(({ lotId }) => lotId))
        for (const lot of offeredLots(answer)) {
          const grade = gravest(objectionsTo(pantry, lot.shelf, subject, DAY))
          if (lot.rank !== 'recalled')
            expect([lot.title, grade]).not.toEqual([lot.title, 'forbidden'])
          if (grade === 'ask_first') expect(lot.onTheirWord || kind !== 'fever').toBe(true)
        }
        for (const one of answer.setAside) {
          expect(one.why.length).toBeGreaterThan(0)
          expect(shown.has(one.lotId)).toBe(false)
        }
      }),
      { seed: 20261128, numRuns: 300 },
    )
  })
  it('every kind has a call and a first line for everybody it can happen to', () => {
    for (const species of SPECIES)
      for (const kind of kindsFor(species)) {
        const { call, first }: (typeof INCIDENT_KINDS)[IncidentKind] = INCIDENT_KINDS[kind]
        const words = { ...call, ...first }
        expect([species, kind, Object.values(words).every((text) => text.length > 3)]).toEqual([
          species,
          kind,
          true,
        ])
      }
    expect(INCIDENT_KIND_IDS.length).toBeGreaterThan(20)
  })
  it('the month and the place do not matter once it has happened', () => {
    for (const month of ['01', '04', '07', '11']) {
      const tick = atHand(aPantry({ members: [ned], put: [{ of: 'tick-tweezers', count: 1 }] }), {
        patient: ned,
        kind: 'tick',
        here: HERE,
        date: plainDate(`2026-${month}-10`),
      })
      expect([month, titles(tick).length > 0]).toEqual([month, true])
    }
    expect(NOVEMBER > DAY).toBe(true)
  })
})

describe('gloves, once somebody bleeds', () => {
  const small = aPerson(38, { name: 'Ilse', helper: true, facts: { gloveSize: 'S' } })
  const large = aPerson(40, { name: 'Ruben', helper: true, facts: { gloveSize: 'L' } })
  const gloves = (patient: Member, others: readonly Member[], ...of: readonly string[]) =>
    titles(
      happens({
        patient,
        kind: 'bleeding',
        others,
        put: of.map((one) => ({ of: one, count: 2 })),
      }),
    ).filter((title) => title.startsWith('Gloves'))
  const nameOf = (id: string): string => {
    const entry = CATALOGUE.find((one) => one.id === id)
    return `${entry?.name} ${entry?.strength}`.trim()
  }
  it('fit a helper who is not hurt, whoever is; an animal’s as well', () => {
    for (const patient of [ned, aMember('dog', { kg: 14 })]) {
      expect(gloves(patient, [small], 'gloves-s', 'gloves-l')).toContain(nameOf('gloves-s'))
      expect(gloves(patient, [small, large], 'gloves-l')).toEqual([nameOf('gloves-l')])
    }
  })
  it('are the helper’s own where nobody else is there', () => {
    expect(gloves(large, [], 'gloves-l')).toEqual([nameOf('gloves-l')])
  })
  it('of latex are never for a patient who must not touch it', () => {
    const allergic = aPerson(8, {
      kg: 26,
      facts: { allergies: [{ kind: 'substance', substance: 'latex' }] },
    })
    expect(gloves(allergic, [small], 'gloves-latex')).toEqual([])
    expect(gloves(ned, [small], 'gloves-latex')).not.toEqual([])
  })
})
