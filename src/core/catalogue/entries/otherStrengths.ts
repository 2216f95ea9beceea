/**
 * The same ingredients in the other strengths and forms that are sold, each an entry of its own:
 * so that a bottle is taken for what it is and never for its neighbour. None is proposed to be
 * got, and no dose follows from any of them: the bench goes by the strength that is written.
 */
import type { Row } from '../define'
import { PEOPLE, section, YEARS } from '../define'
import type { CatalogueEntry, Form } from '../entry'
import type { RoleId } from '../roles'
import type { SubstanceId } from '../substances'

const SOURCE =
  'Strength and form as sold, on public labels; ages and amounts are those of the very pack'

interface Family {
  readonly substance: SubstanceId
  readonly names: readonly [string, ...string[]]
  readonly roles: readonly RoleId[]
  readonly section: 'pain' | 'allergy' | 'stomach'
  readonly fromMonths: number
  readonly standIn: string
  readonly purpose: string
}

const FAMILIES = {
  acetaminophen: {
    substance: 'acetaminophen',
    names: ['Acetaminophen', 'paracetamol'],
    roles: ['pain-fever'],
    section: 'pain',
    fromMonths: 12 * YEARS,
    standIn: 'acetaminophen-500',
    purpose: 'Pain and fever, as the pack says for its own strength',
  },
  ibuprofen: {
    substance: 'ibuprofen',
    names: ['Ibuprofen'],
    roles: ['pain-fever'],
    section: 'pain',
    fromMonths: 12 * YEARS,
    standIn: 'ibuprofen-200',
    purpose: 'Pain and fever, as the pack says for its own strength',
  },
  naproxen: {
    substance: 'naproxen',
    names: ['Naproxen'],
    roles: ['pain-fever'],
    section: 'pain',
    fromMonths: 12 * YEARS,
    standIn: 'naproxen-220',
    purpose: 'Pain, as the pack or the prescriber says',
  },
  aspirin: {
    substance: 'aspirin',
    names: ['Aspirin', 'acetylsalicylic acid'],
    roles: ['pain-fever'],
    section: 'pain',
    fromMonths: 16 * YEARS,
    standIn: 'aspirin-325',
    purpose: 'As the pack or the prescriber says; 16 years and over',
  },
  cetirizine: {
    substance: 'cetirizine',
    names: ['Cetirizine'],
    roles: ['allergy-tablet'],
    section: 'allergy',
    fromMonths: 6 * YEARS,
    standIn: 'cetirizine-10',
    purpose: 'Itch and hay fever, as the pack says for its own strength',
  },
  loratadine: {
    substance: 'loratadine',
    names: ['Loratadine'],
    roles: ['allergy-tablet'],
    section: 'allergy',
    fromMonths: 6 * YEARS,
    standIn: 'loratadine-10',
    purpose: 'Itch and hay fever, as the pack says for its own strength',
  },
  diphenhydramine: {
    substance: 'diphenhydramine',
    names: ['Diphenhydramine'],
    roles: ['allergy-tablet'],
    section: 'allergy',
    fromMonths: 12 * YEARS,
    standIn: 'diphenhydramine-25',
    purpose: 'Itch and hives, as the pack says; it makes drowsy',
  },
  chlorphenamine: {
    substance: 'chlorphenamine',
    names: ['Chlorphenamine', 'chlorpheniramine'],
    roles: ['allergy-tablet'],
    section: 'allergy',
    fromMonths: 6 * YEARS,
    standIn: 'cetirizine-10',
    purpose: 'Itch and hives, as the pack says; it makes drowsy',
  },
  fexofenadine: {
    substance: 'fexofenadine',
    names: ['Fexofenadine'],
    roles: ['allergy-tablet'],
    section: 'allergy',
    fromMonths: 12 * YEARS,
    standIn: 'loratadine-10',
    purpose: 'Hay fever, as the pack says',
  },
  loperamide: {
    substance: 'loperamide',
    names: ['Loperamide'],
    roles: ['stop-runs'],
    section: 'stomach',
    fromMonths: 12 * YEARS,
    standIn: 'loperamide-2',
    purpose: 'Diarrhoea, as the pack says for its own form',
  },
  meclizine: {
    substance: 'meclizine',
    names: ['Meclizine', 'meclozine'],
    roles: ['travel-sick'],
    section: 'stomach',
    fromMonths: 12 * YEARS,
    standIn: 'meclizine-25',
    purpose: 'Travel sickness, as the pack says for its own strength',
  },
} as const satisfies Record<string, Family>

interface Sold {
  readonly of: keyof typeof FAMILIES
  readonly strength: string
  readonly as: 'tablet' | 'capsule' | 'liquid' | 'chewable' | 'suppository' | 'drops'
  readonly fromMonths?: number
  readonly pack: readonly [number, number]
}

/** Every strength in which they are commonly sold and which has no entry elsewhere. */
const SOLD: readonly Sold[] = [
  { of: 'acetaminophen', strength: '325 mg', as: 'tablet', pack: [24, 350] },
  { of: 'acetaminophen', strength: '650 mg', as: 'tablet', pack: [24, 450] },
  { of: 'acetaminophen', strength: '1000 mg', as: 'tablet', pack: [20, 390] },
  { of: 'acetaminophen', strength: '500 mg', as: 'capsule', pack: [16, 220] },
  { of: 'acetaminophen', strength: '80 mg', as: 'chewable', fromMonths: 24, pack: [30, 590] },
  { of: 'acetaminophen', strength: '160 mg', as: 'chewable', fromMonths: 24, pack: [24, 590] },
  { of: 'acetaminophen', strength: '120 mg/5 mL', as: 'liquid', fromMonths: 3, pack: [1, 420] },
  { of: 'acetaminophen', strength: '250 mg/5 mL', as: 'liquid', fromMonths: 72, pack: [1, 480] },
  { of: 'acetaminophen', strength: '100 mg/mL', as: 'drops', fromMonths: 24, pack: [1, 520] },
  { of: 'acetaminophen', strength: '80 mg', as: 'suppository', fromMonths: 3, pack: [10, 390] },
  { of: 'acetaminophen', strength: '250 mg', as: 'suppository', fromMonths: 24, pack: [10, 420] },
  { of: 'acetaminophen', strength: '500 mg', as: 'suppository', fromMonths: 72, pack: [10, 450] },
  { of: 'ibuprofen', strength: '400 mg', as: 'tablet', pack: [20, 420] },
  { of: 'ibuprofen', strength: '600 mg', as: 'tablet', pack: [20, 690] },
  { of: 'ibuprofen', strength: '800 mg', as: 'tablet', pack: [20, 890] },
  { of: 'ibuprofen', strength: '200 mg', as: 'capsule', pack: [20, 410] },
  { of: 'ibuprofen', strength: '100 mg', as: 'chewable', fromMonths: 72, pack: [24, 650] },
  { of: 'ibuprofen', strength: '200 mg/5 mL', as: 'liquid', fromMonths: 72, pack: [1, 690] },
  { of: 'ibuprofen', strength: '40 mg/mL', as: 'drops', fromMonths: 6, pack: [1, 720] },
  { of: 'ibuprofen', strength: '60 mg', as: 'suppository', fromMonths: 3, pack: [10, 520] },
  { of: 'naproxen', strength: '250 mg', as: 'tablet', pack: [20, 520] },
  { of: 'naproxen', strength: '500 mg', as: 'tablet', pack: [20, 720] },
  { of: 'aspirin', strength: '75 mg', as: 'tablet', pack: [28, 220] },
  { of: 'aspirin', strength: '81 mg', as: 'tablet', pack: [36, 290] },
  { of: 'aspirin', strength: '100 mg', as: 'tablet', pack: [50, 320] },
  { of: 'aspirin', strength: '300 mg', as: 'tablet', pack: [16, 180] },
  { of: 'aspirin', strength: '500 mg', as: 'tablet', pack: [20, 390] },
  { of: 'cetirizine', strength: '5 mg', as: 'tablet', pack: [10, 420] },
  { of: 'cetirizine', strength: '10 mg', as: 'capsule', pack: [10, 490] },
  { of: 'loratadine', strength: '1 mg/mL', as: 'liquid', fromMonths: 24, pack: [1, 650] },
  { of: 'diphenhydramine', strength: '50 mg', as: 'tablet', pack: [20, 590] },
  { of: 'diphenhydramine', strength: '25 mg', as: 'capsule', pack: [24, 520] },
  { of: 'chlorphenamine', strength: '4 mg', as: 'tablet', pack: [28, 380] },
  { of: 'chlorphenamine', strength: '2 mg/5 mL', as: 'liquid', fromMonths: 12, pack: [1, 460] },
  { of: 'fexofenadine', strength: '120 mg', as: 'tablet', pack: [30, 790] },
  { of: 'fexofenadine', strength: '180 mg', as: 'tablet', pack: [30, 890] },
  { of: 'loperamide', strength: '2 mg', as: 'capsule', pack: [12, 420] },
  { of: 'loperamide', strength: '1 mg/5 mL', as: 'liquid', pack: [1, 650] },
  { of: 'meclizine', strength: '12.5 mg', as: 'tablet', pack: [20, 520] },
]

const SHAPES: Readonly<
  Record<
    Sold['as'],
    Pick<Row, 'mm' | 'grams' | 'uses'> & {
      readonly form: Form
      readonly unit: string
      /** What the entry is called; the plain tablet goes without a word. */
      readonly word: string
      readonly others: readonly string[]
    }
  >
> = {
  tablet: {
    form: 'tablet',
    unit: 'tablet',
    word: '',
    others: ['tablets'],
    mm: [90, 40, 3],
    grams: 1,
  },
  capsule: {
    form: 'tablet',
    unit: 'capsule',
    word: 'capsules',
    others: ['softgels'],
    mm: [90, 40, 6],
    grams: 1,
  },
  chewable: {
    form: 'tablet',
    unit: 'tablet',
    word: 'chewable tablets',
    others: ['chewables', 'junior tablets', 'children’s chewable tablets'],
    mm: [90, 50, 4],
    grams: 1,
  },
  liquid: {
    form: 'liquid',
    unit: 'bottle',
    word: 'liquid',
    others: ['syrup', 'suspension', 'oral suspension', 'oral solution'],
    mm: [130, 55, 55],
    grams: 150,
    uses: 8,
  },
  drops: {
    form: 'drops',
    unit: 'bottle',
    word: 'drops by mouth',
    others: ['infant drops', 'oral drops'],
    mm: [80, 30, 30],
    grams: 40,
    uses: 8,
  },
  suppository: {
    form: 'suppository',
    unit: 'piece',
    word: 'suppositories',
    others: [],
    mm: [35, 12, 12],
    grams: 2,
  },
}

/** "acetaminophen-120-in-5-liquid" */
const idOf = ({ of, strength, as }: Sold): string =>
  `${of}-${strength
    .replace(/ m[gL]/g, '')
    .replace('/', '-in-')
    .replace('mL', '1')
    .replace('.', '-')}-${as}`

function rowOf(sold: Sold): Row & { readonly section: Family['section'] } {
  const family: Family = FAMILIES[sold.of]
  const { form, unit, word, others, ...shape } = SHAPES[sold.as]
  const [own, ...other] = family.names
  const isMeasured = form === 'liquid' || form === 'drops'
  return {
    ...shape,
    section: family.section,
    id: idOf(sold),
    name: word === '' ? own : `${own} ${word}`,
    strength: sold.strength,
    also: [
      ...(word === '' ? other : other.map((name) => `${name} ${word}`)),
      ...family.names.flatMap((name) => others.map((another) => `${name} ${another}`)),
    ],
    form,
    unit,
    roles: family.roles,
    of: [[family.substance, sold.strength]],
    fromMonths: sold.fromMonths ?? family.fromMonths,
    route: form === 'suppository' ? 'rectum' : 'mouth',
    ...(isMeasured && {
      with: ['dose-syringe'] as const,
      openedRule: 'oral-liquid' as const,
      ml: form === 'drops' ? 30 : 100,
      frost: true,
      hazards: ['liquid', 'glass'] as const,
      // What sweetens it differs between products: the label is asked, and until then it counts.
      contains: ['sorbitol', 'sucralose'] as const,
    }),
    pack: sold.pack,
    spec: `Single ingredient, ${sold.strength}; not to be taken for another strength`,
    standIns: [family.standIn],
    purpose: family.purpose,
  }
}

export const OTHER_STRENGTHS: readonly CatalogueEntry[] = (
  ['pain', 'allergy', 'stomach'] as const
).flatMap((id) =>
  section(
    id,
    {
      kind: 'medicine',
      form: 'tablet',
      route: 'mouth',
      species: PEOPLE,
      unit: 'tablet',
      temp: [15, 25],
      source: SOURCE,
      onlyKnown: true,
    },
    SOLD.map(rowOf).filter((row) => row.section === id),
  ),
)
