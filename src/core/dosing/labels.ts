/**
 * Doses as printed on public over-the-counter labels, for people, country by country: no set fits
 * a bottle of another strength. Weight decides where it is
 * known and fresh, age where it is not. Where labels differ the stricter is kept and said so.
 * No animal has a line here: what an animal may have is what its vet wrote.
 */
import type { SubstanceId } from '../catalogue/substances'
import type { LabelSet } from '../household/labelSet'
import { type Measure, millilitres, type Strength } from '../quantity/measure'
import {
  type Band,
  type CardId,
  type Cuts,
  type DoseAmount,
  type DoseCard,
  hours,
  type PortionUnit,
  type Sign,
} from './card'

const LABEL = 'Public over-the-counter label'

const mg = (count: number): Measure => ({ unit: 'mg', thousandths: count * 1000 })
const liquid = (count: number, inMl: number): Strength => ({
  kind: 'liquid',
  holds: mg(count),
  in: millilitres(inMl),
})
const each = (count: number): Strength => ({ kind: 'each', holds: mg(count) })

const portion = (count: number, unit: PortionUnit): DoseAmount => ({
  kind: 'portion',
  portion: { unit, thousandths: count * 1000 },
})
const ml = (count: number): DoseAmount => portion(count, 'mL')
const tablets = (count: number): DoseAmount => portion(count, 'tablet')
const weighs = (count: number): DoseAmount => ({ kind: 'measure', measure: mg(count) })

/** The whole gram next to the printed pounds: weights are kept in whole grams. */
const POUND = 453.592
const lb = (count: number): number => Math.round(count * POUND)
const years = (from: number, below: number | null) => ({
  from: from * 12,
  below: below === null ? null : below * 12,
})

const band = (it: Partial<Band> & Pick<Band, 'printed' | 'amount' | 'again'>): Band => ({
  grams: null,
  months: null,
  upTo: null,
  afterFirst: null,
  mostDoses: null,
  most: null,
  ...it,
})

/** The five printed lines of children's liquids. */
const childrensBands = (every: number, mostDoses: number): readonly [Band, ...Band[]] => {
  const line = (from: number, to: number, age: readonly [number, number], dose: number): Band =>
    band({
      printed: `${from}–${to} lb (${age[1] - age[0] === 1 ? age[0] : `${age[0]}–${age[1] - 1}`} y)`,
      grams: { from: lb(from), to: lb(to) },
      months: years(age[0], age[1]),
      amount: ml(dose),
      again: hours(every),
      mostDoses,
    })
  return [
    line(24, 35, [2, 4], 5),
    line(36, 47, [4, 6], 7.5),
    line(48, 59, [6, 9], 10),
    line(60, 71, [9, 11], 12.5),
    line(72, 95, [11, 12], 15),
  ]
}

const adults = (
  printed: string,
  fromYears: number,
  it: Partial<Band> & Pick<Band, 'amount' | 'again'>,
): readonly [Band] => [band({ printed, months: years(fromYears, null), ...it })]

interface Label {
  readonly id: string
  readonly substance: SubstanceId
  readonly name: string
  readonly unit: PortionUnit
  readonly strength: Strength
  readonly bands: readonly [Band, ...Band[]]
  readonly cuts?: Cuts
  readonly purpose: string
  readonly days?: number
  readonly series?: DoseCard['series']
  readonly notWith?: readonly Sign[]
  readonly notWithUnderYears?: number
  readonly stop: readonly string[]
  readonly directions?: string
  readonly stricter?: string
}

const FEVER_STOP = [
  'fever for more than three days, or pain for more than ten (five in a child)',
  'new signs, redness or swelling',
  'a rash, or trouble breathing: call the emergency number',
]

const label = (it: Label): DoseCard => ({
  id: `label:${it.id}` as CardId,
  about: { kind: 'substance', substance: it.substance },
  name: it.name,
  unit: it.unit,
  strength: it.strength,
  cuts: it.cuts ?? 1,
  for: { kind: 'people' },
  bands: it.bands,
  largest: null,
  purpose: it.purpose,
  days: it.days ?? null,
  ...(it.series && { series: it.series }),
  notWith: it.notWith ?? [],
  notWithUnderYears: it.notWithUnderYears ?? null,
  stop: it.stop,
  directions: it.directions ?? '',
  source: { kind: 'label', who: it.stricter ? `${LABEL}; ${it.stricter}` : LABEL, on: null },
  reviewOn: null,
  endsOn: null,
  confirmed: null,
  version: 0,
})

/** Two days, counted from the first of doses that follow each other within a day. */
const LOPERAMIDE_SERIES = { apartHours: 24, mostHours: 48 }

const US_LABELS: readonly DoseCard[] = [
  label({
    id: 'acetaminophen-liquid',
    substance: 'acetaminophen',
    name: 'Acetaminophen liquid',
    unit: 'mL',
    strength: liquid(160, 5),
    bands: childrensBands(4, 5),
    purpose: 'Pain and fever',
    days: 3,
    stop: FEVER_STOP,
    directions: 'Shake well. Measure with the syringe, not with a kitchen spoon.',
  }),
  label({
    id: 'acetaminophen-500',
    substance: 'acetaminophen',
    name: 'Acetaminophen tablets',
    unit: 'tablet',
    strength: each(500),
    bands: adults('12 years and over', 12, {
      amount: tablets(2),
      again: hours(6),
      most: tablets(6),
    }),
    purpose: 'Pain and fever',
    days: 3,
    stop: FEVER_STOP,
  }),
  label({
    id: 'ibuprofen-liquid',
    substance: 'ibuprofen',
    name: 'Ibuprofen liquid',
    unit: 'mL',
    strength: liquid(100, 5),
    bands: childrensBands(6, 4),
    purpose: 'Pain and fever',
    days: 3,
    stop: [...FEVER_STOP, 'stomach pain, black stool or blood'],
    directions: 'Shake well. With food or milk where the stomach is upset.',
  }),
  label({
    id: 'ibuprofen-200',
    substance: 'ibuprofen',
    name: 'Ibuprofen tablets',
    unit: 'tablet',
    strength: each(200),
    bands: adults('12 years and over', 12, {
      amount: tablets(1),
      upTo: tablets(2),
      again: hours(4),
      most: tablets(6),
    }),
    purpose: 'Pain and fever',
    days: 3,
    stop: [...FEVER_STOP, 'stomach pain, black stool or blood'],
    directions: 'One; two if one does not help.',
  }),
  label({
    id: 'diphenhydramine-liquid',
    substance: 'diphenhydramine',
    name: 'Diphenhydramine liquid',
    unit: 'mL',
    strength: liquid(12.5, 5),
    bands: [
      band({
        printed: '6–11 years',
        months: years(6, 12),
        amount: ml(5),
        upTo: ml(10),
        again: hours(4),
        mostDoses: 6,
      }),
      band({
        printed: '12 years and over',
        months: years(12, null),
        amount: ml(10),
        upTo: ml(20),
        again: hours(4),
        mostDoses: 6,
      }),
    ],
    purpose: 'Allergy, itch',
    stop: ['swelling of face or tongue, or trouble breathing: call the emergency number'],
    directions: 'Makes drowsy; in some children the opposite.',
  }),
  label({
    id: 'cetirizine-syrup',
    substance: 'cetirizine',
    name: 'Cetirizine syrup',
    unit: 'mL',
    strength: liquid(1, 1),
    bands: [
      band({
        printed: '2–5 years',
        months: years(2, 6),
        amount: weighs(2.5),
        again: hours(12),
        most: weighs(5),
      }),
      band({
        printed: '6 years and over',
        months: years(6, null),
        amount: weighs(5),
        upTo: weighs(10),
        again: hours(24),
        most: weighs(10),
      }),
    ],
    purpose: 'Allergy, itch',
    stop: ['swelling of face or tongue, or trouble breathing: call the emergency number'],
  }),
  label({
    id: 'cetirizine-10',
    substance: 'cetirizine',
    name: 'Cetirizine tablets',
    unit: 'tablet',
    strength: each(10),
    cuts: 2,
    bands: adults('6 years and over', 6, {
      amount: weighs(5),
      upTo: weighs(10),
      again: hours(24),
      most: weighs(10),
    }),
    purpose: 'Allergy, itch',
    stop: ['swelling of face or tongue, or trouble breathing: call the emergency number'],
  }),
  label({
    id: 'loperamide-2',
    substance: 'loperamide',
    name: 'Loperamide tablets',
    unit: 'tablet',
    strength: each(2),
    cuts: 2,
    bands: [
      band({
        printed: '48–59 lb (6–8 y)',
        grams: { from: lb(48), to: lb(59) },
        months: years(6, 9),
        amount: tablets(1),
        afterFirst: tablets(0.5),
        again: hours(0),
        most: tablets(2),
      }),
      band({
        printed: '60–95 lb (9–11 y)',
        grams: { from: lb(60), to: lb(95) },
        months: years(9, 12),
        amount: tablets(1),
        afterFirst: tablets(0.5),
        again: hours(0),
        most: tablets(3),
      }),
      band({
        printed: '12 years and over',
        months: years(12, null),
        amount: tablets(2),
        afterFirst: tablets(1),
        again: hours(0),
        most: tablets(4),
      }),
    ],
    purpose: 'Diarrhoea',
    series: LOPERAMIDE_SERIES,
    notWith: ['fever', 'bloody-stool'],
    stop: ['fever or blood', 'not better in two days', 'a swollen belly'],
    directions: 'The first, then the smaller amount after each loose stool. Drink.',
  }),
  label({
    id: 'bismuth-262',
    substance: 'bismuth-subsalicylate',
    name: 'Bismuth tablets',
    unit: 'tablet',
    strength: each(262),
    bands: adults('12 years and over', 12, {
      amount: tablets(2),
      again: hours(1),
      mostDoses: 8,
    }),
    purpose: 'Upset stomach',
    days: 2,
    notWith: ['bloody-stool', 'flu-or-chickenpox'],
    stop: ['ringing in the ears', 'not better in two days'],
    stricter: 'labels say every half to one hour, we keep the hour',
  }),
  label({
    id: 'meclizine-25',
    substance: 'meclizine',
    name: 'Meclizine tablets',
    unit: 'tablet',
    strength: each(25),
    bands: adults('12 years and over', 12, {
      amount: tablets(1),
      upTo: tablets(2),
      again: hours(24),
      most: tablets(2),
    }),
    purpose: 'Travel sickness',
    stop: ['blurred sight, or trouble passing water'],
    directions: 'One hour before the journey. Makes drowsy: do not drive.',
  }),
  label({
    id: 'aspirin-325',
    substance: 'aspirin',
    name: 'Aspirin tablets',
    unit: 'tablet',
    strength: each(325),
    bands: adults('16 years and over', 16, {
      amount: tablets(1),
      upTo: tablets(2),
      again: hours(4),
      most: tablets(12),
    }),
    purpose: 'Pain and fever',
    days: 3,
    notWith: ['fever', 'flu-or-chickenpox'],
    notWithUnderYears: 20,
    stop: ['ringing in the ears', 'black stool or blood'],
    stricter: 'labels say 12 years, we keep 16',
  }),
]

// ---- United Kingdom and Ireland -----------------------------------------------------------------

const UK_FEVER_STOP = [
  'fever for more than three days, or getting worse',
  'under three months: a doctor first',
  'a rash, or trouble breathing: call the emergency number',
]
const months = (from: number, below: number | null) => ({ from, below })
const ukLine = (
  printed: string,
  age: NonNullable<Band['months']>,
  every: number,
  mostDoses: number,
  amount: DoseAmount,
  more: Partial<Band> = {},
): Band => band({ printed, months: age, amount, again: hours(every), mostDoses, ...more })

const UK_LABELS: readonly DoseCard[] = [
  label({
    id: 'uk-paracetamol-120',
    substance: 'acetaminophen',
    name: 'Paracetamol liquid',
    unit: 'mL',
    strength: liquid(120, 5),
    bands: [
      ukLine('3–5 months', months(3, 6), 4, 4, ml(2.5)),
      ukLine('6–23 months', months(6, 24), 4, 4, ml(5)),
      ukLine('2–3 years', years(2, 4), 4, 4, ml(7.5)),
      ukLine('4–5 years', years(4, 6), 4, 4, ml(10)),
    ],
    purpose: 'Pain and fever',
    days: 3,
    stop: UK_FEVER_STOP,
    directions: 'Shake well. Measure with the syringe, not with a kitchen spoon.',
  }),
  label({
    id: 'uk-paracetamol-250',
    substance: 'acetaminophen',
    name: 'Paracetamol liquid',
    unit: 'mL',
    strength: liquid(250, 5),
    bands: [
      ukLine('6–7 years', years(6, 8), 4, 4, ml(5)),
      ukLine('8–9 years', years(8, 10), 4, 4, ml(7.5)),
      ukLine('10–11 years', years(10, 12), 4, 4, ml(10)),
      ukLine('12–15 years', years(12, 16), 4, 4, ml(10), { upTo: ml(15) }),
      ukLine('16 years and over', years(16, null), 4, 4, ml(10), { upTo: ml(20) }),
    ],
    purpose: 'Pain and fever',
    days: 3,
    stop: UK_FEVER_STOP,
  }),
  label({
    id: 'uk-paracetamol-500',
    substance: 'acetaminophen',
    name: 'Paracetamol tablets',
    unit: 'tablet',
    strength: each(500),
    bands: [
      ukLine('10–15 years', years(10, 16), 4, 4, tablets(1)),
      ukLine('16 years and over', years(16, null), 4, 4, tablets(1), { upTo: tablets(2) }),
    ],
    purpose: 'Pain and fever',
    days: 3,
    stop: UK_FEVER_STOP,
  }),
  label({
    id: 'uk-ibuprofen-100',
    substance: 'ibuprofen',
    name: 'Ibuprofen liquid',
    unit: 'mL',
    strength: liquid(100, 5),
    bands: [
      ukLine('3–5 months and over 5 kg', months(3, 6), 6, 3, ml(2.5), {
        grams: { from: 5001, to: 30_000 },
        both: true,
      }),
      ukLine('6–11 months', months(6, 12), 6, 3, ml(2.5)),
      ukLine('1–3 years', years(1, 4), 6, 3, ml(5)),
      ukLine('4–6 years', years(4, 7), 6, 3, ml(7.5)),
      ukLine('7–9 years', years(7, 10), 6, 3, ml(10)),
      ukLine('10–11 years', years(10, 12), 6, 3, ml(15)),
    ],
    purpose: 'Pain and fever',
    days: 3,
    stop: [...UK_FEVER_STOP, 'stomach pain, black stool or blood'],
    directions: 'Shake well. With food or milk where the stomach is upset.',
  }),
  label({
    id: 'uk-ibuprofen-200',
    substance: 'ibuprofen',
    name: 'Ibuprofen tablets',
    unit: 'tablet',
    strength: each(200),
    bands: adults('12 years and over', 12, {
      amount: tablets(1),
      upTo: tablets(2),
      again: hours(4),
      most: tablets(6),
    }),
    purpose: 'Pain and fever',
    days: 3,
    stop: [...UK_FEVER_STOP, 'stomach pain, black stool or blood'],
    directions: 'One or two.',
  }),
  label({
    id: 'uk-cetirizine-syrup',
    substance: 'cetirizine',
    name: 'Cetirizine syrup',
    unit: 'mL',
    strength: liquid(1, 1),
    bands: [
      band({
        printed: '2–5 years',
        months: years(2, 6),
        amount: weighs(2.5),
        again: hours(12),
        most: weighs(5),
      }),
      band({
        printed: '6–11 years',
        months: years(6, 12),
        amount: weighs(5),
        again: hours(12),
        most: weighs(10),
      }),
      band({
        printed: '12 years and over',
        months: years(12, null),
        amount: weighs(10),
        again: hours(24),
        most: weighs(10),
      }),
    ],
    purpose: 'Allergy, itch',
    stop: ['swelling of face or tongue, or trouble breathing: call the emergency number'],
  }),
  label({
    id: 'uk-cetirizine-10',
    substance: 'cetirizine',
    name: 'Cetirizine tablets',
    unit: 'tablet',
    strength: each(10),
    cuts: 2,
    bands: [
      band({
        printed: '6–11 years',
        months: years(6, 12),
        amount: weighs(5),
        again: hours(12),
        most: weighs(10),
      }),
      band({
        printed: '12 years and over',
        months: years(12, null),
        amount: weighs(10),
        again: hours(24),
        most: weighs(10),
      }),
    ],
    purpose: 'Allergy, itch',
    stop: ['swelling of face or tongue, or trouble breathing: call the emergency number'],
  }),
  label({
    id: 'uk-loperamide-2',
    substance: 'loperamide',
    name: 'Loperamide tablets',
    unit: 'tablet',
    strength: each(2),
    bands: adults('12 years and over', 12, {
      amount: tablets(2),
      afterFirst: tablets(1),
      again: hours(0),
      most: tablets(6),
    }),
    purpose: 'Diarrhoea',
    series: LOPERAMIDE_SERIES,
    notWith: ['fever', 'bloody-stool'],
    stop: ['fever or blood', 'not better in two days', 'a swollen belly'],
    directions: 'The first, then the smaller amount after each loose stool. Drink.',
  }),
]

/** The labels of a country that ship; none where its labels do not. */
export const LABELS: Readonly<Record<LabelSet, readonly DoseCard[]>> = {
  us: US_LABELS,
  uk: UK_LABELS,
  none: [],
}

/** Every label that ships, wherever it is printed: a dose is known by its card for good. */
export const ALL_LABELS: readonly DoseCard[] = [...US_LABELS, ...UK_LABELS]
