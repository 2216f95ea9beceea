/**
 * Every patient against every bottle in every state: nothing that is forbidden is shown for use, by
 * the bench, the emergency screen or the board, and no screen answers otherwise than the one
 * question. What is forbidden is written down here a second time, in plain statements, so that a
 * slip in the rules does not hide itself.
 */
import { describe, expect, it } from 'vitest'
import { Asking, waysOf } from '../../src/core/cover/asking'
import { sourcesOfWay } from '../../src/core/cover/explain'
import { NEEDS } from '../../src/core/cover/needs'
import { gradeOf, gravest, objectionsTo } from '../../src/core/cover/objections'
import { type Pantry, pantry, type Shelf } from '../../src/core/cover/pantry'
import { DEFAULT_SCHOOLS } from '../../src/core/cover/schools'
import { type Patient, patientOn } from '../../src/core/cover/suitability'
import type { DoseCard } from '../../src/core/dosing/card'
import { LABELS } from '../../src/core/dosing/labels'
import { offersFor } from '../../src/core/dosing/lots'
import { isFor } from '../../src/core/dosing/sources'
import { workOut } from '../../src/core/dosing/workOut'
import type { LabelSet } from '../../src/core/household/labelSet'
import type { Member, PersonFacts } from '../../src/core/household/member'
import { SPECIES, type Species } from '../../src/core/household/species'
import type { LotId, PlaceId } from '../../src/core/ids'
import { atHand, offeredLots } from '../../src/core/incident/atHand'
import type { IncidentKind } from '../../src/core/incident/kindNames'
import { kindsFor } from '../../src/core/incident/kinds'
import type { Lot } from '../../src/core/stock/lot'
import { aRule, NOON } from '../support/care'
import { aMember, aPerson, aQuestion, aStock, DAY, type Put } from '../support/cover'
import { idOf } from '../support/ids'

// ---- who ---------------------------------------------------------------------------------------

const AGES = [0.1, 0.4, 1, 2.5, 5, 8, 11.5, 14, 17, 40, 70, null] as const
type Facts = Partial<PersonFacts>
const CONDITIONS: readonly (readonly [string, Facts])[] = [
  ['none', {}],
  ['thinner', { bloodThinner: true }],
  ['kidney', { conditions: ['kidney-disease'] }],
  ['ulcer', { conditions: ['stomach-ulcer'] }],
  ['aspirin asthma', { conditions: ['aspirin-asthma'] }],
  ['asthma', { conditions: ['asthma'] }],
  ['pressure', { conditions: ['high-blood-pressure'] }],
  ['heart', { conditions: ['heart-disease'] }],
  ['late pregnancy', { pregnancy: 'late' }],
  ['anaphylaxis', { conditions: ['anaphylaxis'] }],
]
const NO_ALLERGY: Facts = {}
const ALLERGIES: readonly (readonly [string, Facts])[] = [
  ['aspirin', { allergies: [{ kind: 'substance', substance: 'aspirin' }] }],
  ['sorbitol', { allergies: [{ kind: 'substance', substance: 'sorbitol' }] }],
  ['acetaminophen', { allergies: [{ kind: 'named', name: 'paracetamol' }] }],
]
const PER_AGE = CONDITIONS.length * 2
const KILOGRAMS: Readonly<Record<string, number>> = {
  '0.1': 4,
  '0.4': 6.5,
  '1': 10,
  '2.5': 13,
  '5': 18,
  '8': 25,
  '11.5': 38,
}

/** Each condition without an allergy and with one, in turn. */
const people: readonly Member[] = AGES.flatMap((years) =>
  CONDITIONS.flatMap(([, condition], at) =>
    [NO_ALLERGY, ALLERGIES[at % ALLERGIES.length]?.[1] ?? {}].map((allergy) => {
      const kg = KILOGRAMS[String(years)]
      return aPerson(years, {
        facts: { swallowsTablets: true, ...condition, ...allergy },
        ...(kg !== undefined && { kg }),
      })
    }),
  ),
)
const animals: readonly Member[] = SPECIES.filter((one) => one !== 'person').flatMap((species) =>
  ([{}, { traits: ['collie-type'] }] as const).flatMap((facts) =>
    ([{}, { told: {} }] as const).map((told) =>
      aMember(species, { years: 4, kg: 10, facts: { ...facts, ...told } as never }),
    ),
  ),
)

// ---- what lies there, in which state -----------------------------------------------------------

const BOTTLES = [
  'acetaminophen-liquid',
  'acetaminophen-500',
  'acetaminophen-120-in-5-liquid',
  'ibuprofen-liquid',
  'ibuprofen-200',
  'naproxen-220',
  'aspirin-325',
  'cetirizine-10',
  'cetirizine-syrup',
  'diphenhydramine-liquid',
  'loperamide-2',
  'bismuth-262',
  'decongestant-tablet',
  'honey',
  'adrenaline-015',
  'reliever-inhaler',
] as const
const STATES: readonly (readonly [
  string,
  { readonly days?: number; readonly lot?: Partial<Lot> },
])[] = [
  ['good', { days: 300 }],
  ['spent', { days: -3 }],
  ['held', { days: 300, lot: { standing: { kind: 'held', reason: 'the prescriber' } } }],
  [
    'recalled',
    { days: 300, lot: { standing: { kind: 'held', reason: 'Recalled, B: bad', recall: 'B' } } },
  ],
  ['leaked', { days: 300, lot: { condition: 'leaked' } }],
  ['lent', { days: 300, lot: { standing: { kind: 'lent', to: 'Tove', since: DAY } } }],
  ['missing', { days: 300, lot: { standing: { kind: 'missing', since: DAY } } }],
  ['unclean', { days: 300, lot: { standing: { kind: 'unclean', since: DAY } } }],
]
const put: readonly Put[] = BOTTLES.flatMap((of) =>
  STATES.map(([, { days, lot }]) => ({
    of,
    count: 4,
    ...(days !== undefined && { days }),
    ...(lot && { lot }),
  })),
)
const stateOf = (shelf: Shelf): string => {
  const at = Number(shelf.lotId.slice(-12)) - 1
  return STATES[at % STATES.length]?.[0] ?? ''
}

// ---- what is forbidden, once more, in plain words ----------------------------------------------

const TABOO: Partial<Readonly<Record<Species, readonly string[]>>> = {
  cat: ['acetaminophen', 'ibuprofen', 'naproxen', 'aspirin', 'bismuth-subsalicylate'],
  dog: ['ibuprofen', 'naproxen', 'acetaminophen', 'xylitol'],
  rabbit: ['sorbitol', 'sucralose', 'xylitol'],
  'guinea pig': ['sorbitol', 'sucralose', 'xylitol'],
  hamster: ['sorbitol', 'sucralose', 'xylitol'],
}
const NSAIDS = ['ibuprofen', 'naproxen', 'aspirin']

/** Why a bottle must not go into somebody, whatever else; null where nothing here says so. */
function forbidden(patient: Patient, shelf: Shelf, laid: Pantry, labels: LabelSet): string | null {
  const { facts, species } = patient.member
  const holds = laid.things[shelf.thing]?.facts.substances ?? []
  const has = (...any: readonly string[]): boolean => holds.some((one) => any.includes(one))
  if (stateOf(shelf) === 'recalled') return 'recalled'
  if (has(...(TABOO[species] ?? []))) return 'species'
  for (const allergy of facts.allergies) {
    const to = allergy.kind === 'substance' ? allergy.substance : 'acetaminophen'
    if (has(to)) return 'allergy'
    if (to === 'aspirin' && has('bismuth-subsalicylate', 'ibuprofen', 'naproxen')) return 'allergy'
  }
  if (facts.kind !== 'person') return null
  const { months } = patient
  const under = (limit: number): boolean => months !== null && months < limit
  if (has('aspirin') && under(192)) return 'age'
  if (has('bismuth-subsalicylate') && under(144)) return 'age'
  if (has('ibuprofen', 'naproxen') && under(labels === 'uk' ? 3 : 6)) return 'age'
  if (has('loperamide') && under(labels === 'uk' ? 144 : 72)) return 'age'
  if (has('diphenhydramine') && under(72)) return 'age'
  if (has('honey') && under(12)) return 'age'
  if (facts.bloodThinner && has(...NSAIDS, 'bismuth-subsalicylate')) return 'thinner'
  const ill = (one: string): boolean => (facts.conditions as readonly string[]).includes(one)
  if (has(...NSAIDS) && (ill('kidney-disease') || ill('stomach-ulcer') || ill('aspirin-asthma')))
    return 'condition'
  if (has(...NSAIDS) && facts.pregnancy === 'late') return 'pregnancy'
  if (has('pseudoephedrine', 'phenylephrine') && ill('high-blood-pressure')) return 'pressure'
  return null
}

/** A vet's rule for what an animal may have: also for what it must not have, confirmed. */
const vetCards = (member: Member): readonly DoseCard[] =>
  (['cetirizine', 'acetaminophen'] as const).map((of) =>
    aRule(member, {
      of,
      rate: '1 mg',
      strength: of === 'cetirizine' ? '1 mg/mL' : '160 mg/5 mL',
      ...(of === 'acetaminophen' && {
        confirmed: { who: 'Dr Fenwick', on: DAY, why: 'Asked twice' },
      }),
    }),
  )

/** Asked as the bench asks, all questions answered. */
const isRefused = (
  card: DoseCard,
  patient: Patient,
  labels: LabelSet,
  offers: ReturnType<typeof offersFor>,
): boolean =>
  offers.good.length > 0 &&
  workOut({
    card,
    cards: [card],
    patient,
    schools: DEFAULT_SCHOOLS,
    labels,
    given: [],
    at: NOON,
    now: NOON,
    choice: 'upper',
    signs: new Set(),
    answered: { has: () => true } as unknown as ReadonlySet<string>,
    barrel: null,
    barrelsAtHand: new Set(),
    offers,
  }).kind === 'refused'

const KINDS: readonly IncidentKind[] = [
  'fever',
  'sting',
  'anaphylaxis',
  'chest',
  'stomach',
  'breathing',
  'rash',
]
const HERE = idOf<PlaceId>(1, 1)
const BOARD = NEEDS.filter(({ id }) =>
  ['fever-pain', 'allergy', 'runs', 'chest-pain', 'throat', 'sting-animal', 'anaphylaxis'].includes(
    id,
  ),
)

interface Counted {
  cases: number
  readonly faults: string[]
}

function judge(member: Member, labels: LabelSet, counted: Counted): void {
  const laid = pantry(aStock({ members: [member], put, labels, traits: ['tap'] }))
  const patient = patientOn(member, [], DAY)
  const byLot = new Map<LotId, Shelf>(laid.shelves.map((shelf) => [shelf.lotId, shelf]))
  const fault = (screen: string, shelf: Shelf, why: string): void => {
    if (counted.faults.length < 20)
      counted.faults.push(
        `${screen}: ${laid.things[shelf.thing]?.title}, ${stateOf(shelf)}, for a ${member.species} (${why})`,
      )
  }
  const bars = new Map(
    laid.shelves.map((one) => [one.lotId, forbidden(patient, one, laid, labels)]),
  )
  // The one question itself never forgets what is forbidden, and only that is called so.
  for (const shelf of laid.shelves) {
    const grade = gravest(objectionsTo(laid, shelf, patient, DAY))
    const why = bars.get(shelf.lotId)
    if (why && grade !== 'forbidden') fault('question', shelf, why)
    counted.cases += 1
  }
  // The bench, card by card.
  for (const card of [...LABELS[labels], ...vetCards(member)]) {
    if (!isFor(card, patient)) continue
    const offers = offersFor(laid, card, patient, null)
    const { barred } = offers
    counted.cases += laid.shelves.length
    // A bottle stands beside an amount only: where the bench refuses, it points to none.
    const good = isRefused(card, patient, labels, offers) ? [] : offers.good
    for (const { lotId } of good) {
      const shelf = byLot.get(lotId) as Shelf
      const why = bars.get(lotId)
      // A prescriber has confirmed the ingredient against its warning; nothing else.
      if (why && !(card.confirmed && why === 'species')) fault(`bench, ${card.name}`, shelf, why)
      if (stateOf(shelf) !== 'good') fault(`bench, ${card.name}`, shelf, 'state')
    }
    for (const { lotId } of barred)
      if (good.some((one) => one.lotId === lotId))
        fault('bench', byLot.get(lotId) as Shelf, 'good and barred')
  }
  // The emergency screen, event by event.
  for (const kind of KINDS) {
    if (!kindsFor(member.species).includes(kind)) continue
    const answer = atHand(laid, { patient: member, kind, here: HERE, date: DAY })
    counted.cases += laid.shelves.length
    const offered = new Set<LotId>()
    for (const { lotId, shelf, rank, onTheirWord } of offeredLots(answer)) {
      offered.add(lotId)
      const why = bars.get(lotId)
      if (why && !(why === 'recalled' && rank === 'recalled'))
        fault(`incident, ${kind}`, shelf, why)
      const against = objectionsTo(laid, shelf, patient, DAY).filter(
        (one) => gradeOf(one) === 'forbidden',
      )
      if (against.length > 0 && rank !== 'recalled' && !onTheirWord)
        fault(`incident, ${kind}`, shelf, against.map(({ code }) => code).join())
    }
    for (const { lotId, grade, why } of answer.setAside) {
      const shelf = byLot.get(lotId) as Shelf
      if (offered.has(lotId)) fault(`incident, ${kind}`, shelf, 'offered and set aside')
      if (grade === 'forbidden' && !why.some((one) => gradeOf(one) === 'forbidden'))
        fault(`incident, ${kind}`, shelf, 'called forbidden')
    }
  }
  // The board, by the lots that it explains a cell with.
  const question = aQuestion(laid)
  const asking = new Asking(laid, question)
  for (const need of BOARD) {
    if (!asking.concernedBy(need).some((one) => one.member.id === member.id)) continue
    counted.cases += laid.shelves.length
    for (const way of waysOf(need, DEFAULT_SCHOOLS))
      for (const { lotId } of sourcesOfWay(asking, need, way, asking.patients[0] ?? null)) {
        const why = bars.get(lotId)
        if (why) fault(`board, ${need.id}`, byLot.get(lotId) as Shelf, why)
      }
  }
}

const BY_LABELS: readonly LabelSet[] = ['us', 'uk', 'none']
const counts = new Map<string, number>()

describe('a generated matrix of patients, bottles, states and cards', () => {
  const groups = BY_LABELS.flatMap((labels) => [
    ...AGES.map((years) => ({
      labels,
      who: years === null ? 'people of unknown age' : `people of ${years} years`,
      members: people.filter((_, at) => Math.floor(at / PER_AGE) === AGES.indexOf(years)),
    })),
    { labels, who: 'animals', members: animals },
  ])
  it.each(groups)(
    'labels $labels, $who: nothing forbidden is shown for use, no screen answers otherwise',
    ({ labels, who, members }) => {
      const counted: Counted = { cases: 0, faults: [] }
      for (const member of members) judge(member, labels, counted)
      expect(counted.faults).toEqual([])
      counts.set(`${labels} ${who}`, counted.cases)
    },
  )
  it('has at least two hundred thousand cases', () => {
    const all = [...counts.values()].reduce((sum, one) => sum + one, 0)
    expect(all).toBeGreaterThan(200_000)
  })
})
