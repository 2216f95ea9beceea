/** Doses in a test's own words: who, which card, what was given when. */
import { plainDate } from '../../src/core/calendar/plainDate'
import type { SubstanceId } from '../../src/core/catalogue/substances'
import { pantry } from '../../src/core/cover/pantry'
import { DEFAULT_SCHOOLS } from '../../src/core/cover/schools'
import { patientOn } from '../../src/core/cover/suitability'
import {
  type Band,
  type CardId,
  type DoseCard,
  hours,
  type IngredientKey,
  type Minutes,
} from '../../src/core/dosing/card'
import type { DoseRule, GivenDose, Instant } from '../../src/core/dosing/given'
import { ALL_LABELS, LABELS } from '../../src/core/dosing/labels'
import { offersFor } from '../../src/core/dosing/lots'
import type { DoseAnswer, DoseQuestion } from '../../src/core/dosing/question'
import type { RefusalCode } from '../../src/core/dosing/refusal'
import { workOut } from '../../src/core/dosing/workOut'
import type { Member } from '../../src/core/household/member'
import { type Measure, readMeasure, readStrength } from '../../src/core/quantity/measure'
import { aStock, DAY, type Put } from './cover'

export const NOON = Date.parse(`${DAY}T12:00:00Z`) as Instant
export const hoursLater = (count: number, from: Instant = NOON): Instant =>
  (from + count * 3_600_000) as Instant

export const labelCard = (id: string): DoseCard => {
  const card = ALL_LABELS.find((one) => one.id === `label:${id}`)
  if (!card) throw new Error(`No label ${id}`)
  return card
}

export const measure = (written: string): Measure => {
  const reading = readMeasure(written)
  if (reading.kind === 'refused') throw new Error(`${written}: ${reading.fault.code}`)
  return reading.value
}

type Written = Partial<Omit<DoseCard, 'about' | 'strength' | 'bands'>> & {
  readonly of?: SubstanceId
  readonly strength?: string
  readonly rate?: string
  readonly fixed?: string
  readonly again?: number
  readonly most?: string
  readonly mostDoses?: number
  readonly band?: Partial<Band>
}

/** A prescriber's single rule. */
export function aRule(
  who: Member,
  {
    of = 'cetirizine',
    strength,
    rate,
    fixed,
    again = 12,
    most,
    mostDoses,
    band,
    ...card
  }: Written = {},
): DoseCard {
  const animal = who.facts.kind === 'animal'
  const read = strength === undefined ? null : readStrength(strength)
  if (read?.kind === 'refused') throw new Error(`${strength}: ${read.fault.code}`)
  return {
    id: 'a-rule' as CardId,
    about: { kind: 'substance', substance: of },
    name: `${of} as written`,
    unit: read?.value.kind === 'liquid' ? 'mL' : 'tablet',
    strength: read?.value ?? null,
    cuts: 2,
    for: { kind: 'members', memberIds: [who.id] },
    bands: [
      {
        printed: '',
        grams: null,
        months: null,
        amount: rate
          ? { kind: 'rate', perKg: measure(rate) }
          : fixed
            ? { kind: 'measure', measure: measure(fixed) }
            : { kind: 'portion', portion: { unit: 'tablet', thousandths: 1000 } },
        upTo: null,
        afterFirst: null,
        again: hours(again),
        mostDoses: mostDoses ?? null,
        most: most ? { kind: 'measure', measure: measure(most) } : null,
        ...band,
      },
    ],
    largest: null,
    purpose: 'Sting with swelling',
    days: null,
    notWith: [],
    notWithUnderYears: null,
    stop: [],
    directions: '',
    source: { kind: animal ? 'vet' : 'doctor', who: animal ? 'Dr Fenwick' : 'Dr Aske', on: DAY },
    reviewOn: null,
    endsOn: null,
    confirmed: null,
    version: 1,
    ...card,
  }
}

let doses = 0
/** So much of an ingredient, so many hours before noon. */
export function given(
  of: SubstanceId,
  amount: string | null,
  hoursAgo: number,
  more: Partial<GivenDose> & { readonly rule?: DoseRule | null } = {},
): GivenDose {
  doses += 1
  return {
    id: `dose-${String(doses).padStart(4, '0')}`,
    at: hoursLater(-hoursAgo),
    by: 'Ilse',
    title: 'Something with it',
    portion: { unit: 'mL', thousandths: 1000 },
    holds: [
      { key: of as string as IngredientKey, measure: amount === null ? null : measure(amount) },
    ],
    rule: null,
    ...more,
  }
}

export interface Asked extends Partial<Omit<DoseQuestion, 'card' | 'patient' | 'offers'>> {
  readonly takes?: readonly SubstanceId[]
  /** What lies there; absent where nobody asks. */
  readonly put?: readonly Put[]
  readonly others?: readonly Member[]
  readonly courses?: Parameters<typeof aStock>[0]['courses']
}

export function ask(card: DoseCard, member: Member, asked: Asked = {}): DoseAnswer {
  const { takes = [], put, others = [], courses = [], ...rest } = asked
  const patient = patientOn(member, takes, DAY)
  const stock = put && pantry(aStock({ members: [member, ...others], put, courses }))
  return workOut({
    card,
    cards: [...LABELS[rest.labels ?? 'us'], card],
    patient,
    schools: DEFAULT_SCHOOLS,
    labels: 'us',
    answered: new Set(),
    given: [],
    at: NOON,
    now: NOON,
    choice: 'lower',
    signs: new Set(),
    barrel: null,
    barrelsAtHand: new Set(),
    offers: stock ? offersFor(stock, card, patient, null) : null,
    ...rest,
  })
}

/** Codes of why not; none when it is given. */
export const codesOf = (answer: DoseAnswer): readonly RefusalCode[] =>
  answer.kind === 'give' ? [] : answer.refusals.map(({ code }) => code)

/** "10 mL", "1½ tablet" as thousandths; null when there is no amount to show. */
export const portionOf = (answer: DoseAnswer): number | null =>
  answer.kind === 'refused' ? null : answer.dose.portion.thousandths

export const minutes = (count: number): Minutes => count as Minutes
export const day = plainDate
