/**
 * Who must not have what. Each rule names what it is about, whom it is about, the reason that
 * is shown and where it comes from. The list is a start: the label and the prescriber win.
 */
import type { SubstanceClass, SubstanceId } from '../catalogue/substances'
import type { LabelSet } from '../household/labelSet'
import type { AnimalTrait, PersonCondition, Pregnancy } from '../household/member'
import { BIRDS, GUT_SENSITIVE, type Species } from '../household/species'

/** All members that are given must hold. */
export interface Whom {
  readonly species?: readonly Species[]
  readonly underMonths?: number
  readonly fromMonths?: number
  /** Up to this weight, where the weight is known. */
  readonly upToGrams?: number
  readonly condition?: readonly PersonCondition[]
  readonly allergy?: readonly SubstanceId[]
  readonly trait?: readonly AnimalTrait[]
  readonly pregnancy?: readonly Pregnancy[]
  readonly bloodThinner?: true
}

export interface Rule {
  readonly id: string
  readonly substances?: readonly SubstanceId[]
  readonly classes?: readonly SubstanceClass[]
  /** Only where it goes in this way; any way when absent. */
  readonly routes?: readonly ('mouth' | 'skin' | 'nose' | 'none')[]
  readonly whom: Whom
  /** Only where the household follows one of these labels; everywhere when absent. */
  readonly labels?: readonly LabelSet[]
  readonly reason: string
  readonly source: string
}

const LABEL = 'Public over-the-counter labels'
const TOX = 'Veterinary toxicology teaching; call the vet or the poison line'
const PEOPLE: readonly Species[] = ['person']

export const RULES: readonly Rule[] = [
  {
    id: 'aspirin-young',
    substances: ['aspirin'],
    whom: { species: PEOPLE, underMonths: 192 },
    reason: 'not under 16: danger of Reye syndrome',
    source: LABEL,
  },
  {
    id: 'aspirin-thinner',
    substances: ['aspirin'],
    whom: { bloodThinner: true },
    reason: 'not with a blood thinner',
    source: LABEL,
  },
  {
    id: 'bismuth-young',
    substances: ['bismuth-subsalicylate'],
    whom: { species: PEOPLE, underMonths: 144 },
    reason: 'not under 12',
    source: LABEL,
  },
  {
    id: 'bismuth-aspirin-allergy',
    substances: ['bismuth-subsalicylate'],
    whom: { allergy: ['aspirin'] },
    reason: 'a salicylate: not with an aspirin allergy',
    source: LABEL,
  },
  {
    id: 'bismuth-thinner',
    substances: ['bismuth-subsalicylate'],
    whom: { bloodThinner: true },
    reason: 'a salicylate: not with a blood thinner',
    source: LABEL,
  },
  {
    id: 'nsaid-infant',
    substances: ['ibuprofen', 'naproxen'],
    whom: { species: PEOPLE, underMonths: 6 },
    labels: ['us', 'none'],
    reason: 'never under six months',
    source: LABEL,
  },
  {
    id: 'nsaid-infant-uk',
    substances: ['ibuprofen', 'naproxen'],
    whom: { species: PEOPLE, underMonths: 3 },
    labels: ['uk'],
    reason: 'never under three months',
    source: LABEL,
  },
  {
    id: 'nsaid-light-uk',
    substances: ['ibuprofen', 'naproxen'],
    whom: { species: PEOPLE, underMonths: 6, upToGrams: 5000 },
    labels: ['uk'],
    reason: 'only above 5 kg',
    source: LABEL,
  },
  {
    id: 'nsaid-thinner',
    substances: ['ibuprofen', 'naproxen'],
    whom: { bloodThinner: true },
    reason: 'not with a blood thinner',
    source: LABEL,
  },
  {
    id: 'nsaid-kidney',
    classes: ['nsaid'],
    whom: { condition: ['kidney-disease'] },
    reason: 'not with kidney disease',
    source: LABEL,
  },
  {
    id: 'nsaid-ulcer',
    classes: ['nsaid'],
    whom: { condition: ['stomach-ulcer'] },
    reason: 'not with a stomach ulcer',
    source: LABEL,
  },
  {
    id: 'nsaid-late-pregnancy',
    classes: ['nsaid'],
    whom: { pregnancy: ['late'] },
    reason: 'not in late pregnancy',
    source: LABEL,
  },
  {
    id: 'nsaid-asthma',
    classes: ['nsaid'],
    whom: { condition: ['aspirin-asthma'] },
    reason: 'not with asthma that aspirin sets off',
    source: LABEL,
  },
  {
    id: 'nsaid-aspirin-allergy',
    substances: ['ibuprofen', 'naproxen'],
    whom: { allergy: ['aspirin'] },
    reason: 'not with an aspirin allergy',
    source: LABEL,
  },
  {
    id: 'decongestant-pressure',
    classes: ['decongestant'],
    routes: ['mouth', 'nose'],
    whom: { condition: ['high-blood-pressure'] },
    reason: 'not with high blood pressure',
    source: LABEL,
  },
  {
    id: 'sedating-young',
    classes: ['sedating antihistamine'],
    routes: ['mouth'],
    whom: { species: PEOPLE, underMonths: 72 },
    reason: 'under six only as a doctor says',
    source: LABEL,
  },
  {
    id: 'loperamide-young',
    substances: ['loperamide'],
    whom: { species: PEOPLE, underMonths: 72 },
    reason: 'not under six',
    source: LABEL,
  },
  {
    id: 'loperamide-young-uk',
    substances: ['loperamide'],
    whom: { species: PEOPLE, underMonths: 144 },
    labels: ['uk'],
    reason: 'not under twelve',
    source: LABEL,
  },
  {
    id: 'benzocaine-young',
    substances: ['benzocaine'],
    whom: { species: PEOPLE, underMonths: 24 },
    reason: 'never under two years',
    source: LABEL,
  },
  {
    id: 'honey-infant',
    substances: ['honey'],
    whom: { species: PEOPLE, underMonths: 12 },
    reason: 'never under twelve months',
    source: 'Public health advice on infant botulism',
  },
  {
    id: 'cat-acetaminophen',
    substances: ['acetaminophen'],
    whom: { species: ['cat'] },
    reason: 'deadly to cats',
    source: TOX,
  },
  {
    id: 'cat-nsaid',
    classes: ['nsaid'],
    whom: { species: ['cat'] },
    reason: 'poisonous to cats',
    source: TOX,
  },
  {
    id: 'cat-permethrin',
    substances: ['permethrin'],
    whom: { species: ['cat'] },
    reason: 'deadly to cats',
    source: TOX,
  },
  {
    id: 'cat-benzocaine',
    substances: ['benzocaine'],
    whom: { species: ['cat'] },
    reason: 'poisonous to cats',
    source: TOX,
  },
  {
    id: 'cat-phenol',
    substances: ['phenol'],
    whom: { species: ['cat'] },
    reason: 'poisonous to cats',
    source: TOX,
  },
  {
    id: 'cat-dog-tea-tree',
    substances: ['tea-tree-oil'],
    whom: { species: ['cat', 'dog'] },
    reason: 'poisonous to cats and dogs',
    source: TOX,
  },
  {
    id: 'cat-bismuth',
    substances: ['bismuth-subsalicylate'],
    whom: { species: ['cat'] },
    reason: 'a salicylate: poisonous to cats',
    source: TOX,
  },
  {
    id: 'cat-dog-decongestant',
    classes: ['decongestant'],
    whom: { species: ['cat', 'dog'] },
    reason: 'dangerous to cats and dogs',
    source: TOX,
  },
  {
    id: 'dog-nsaid',
    substances: ['ibuprofen', 'naproxen'],
    whom: { species: ['dog'] },
    reason: 'poisonous to dogs',
    source: TOX,
  },
  {
    id: 'ferret-nsaid',
    substances: ['ibuprofen', 'naproxen'],
    whom: { species: ['ferret'] },
    reason: 'poisonous to ferrets',
    source: TOX,
  },
  {
    id: 'rabbit-fipronil',
    substances: ['fipronil'],
    whom: { species: ['rabbit'] },
    reason: 'poisonous to rabbits',
    source: 'Labels of spot-on medicines; call the vet',
  },
  {
    id: 'dog-acetaminophen',
    substances: ['acetaminophen'],
    whom: { species: ['dog'] },
    reason: 'not for a dog without its vet',
    source: TOX,
  },
  {
    id: 'dog-xylitol',
    substances: ['xylitol'],
    whom: { species: ['dog'] },
    reason: 'contains xylitol: poisonous to dogs',
    source: TOX,
  },
  {
    id: 'collie-loperamide',
    substances: ['loperamide'],
    whom: { species: ['dog'], trait: ['collie-type'] },
    reason: 'not for collie types: it reaches the brain',
    source: TOX,
  },
  {
    id: 'rodent-penicillin',
    classes: ['gut-upsetting antibiotic'],
    routes: ['mouth', 'none'],
    whom: { species: GUT_SENSITIVE },
    reason: 'deadly gut upset in rabbits and rodents',
    source: TOX,
  },
  {
    id: 'rodent-sweetener',
    classes: ['sweetener'],
    whom: { species: GUT_SENSITIVE },
    reason: 'sweeteners upset the gut of rabbits and rodents',
    source: TOX,
  },
  {
    id: 'rodent-ointment',
    classes: ['antibiotic ointment'],
    routes: ['skin', 'none'],
    whom: { species: GUT_SENSITIVE },
    reason: 'licked off, it upsets the gut',
    source: TOX,
  },
  {
    id: 'rodent-permethrin',
    substances: ['permethrin'],
    whom: { species: GUT_SENSITIVE },
    reason: 'poisonous to rabbits and rodents',
    source: TOX,
  },
  {
    id: 'bird-oily',
    classes: ['oily'],
    whom: { species: BIRDS },
    reason: 'oily ointments mat the feathers',
    source: TOX,
  },
  {
    id: 'bird-fumes',
    classes: ['essential oil'],
    whom: { species: BIRDS },
    reason: 'fumes: dangerous to birds',
    source: TOX,
  },
  {
    id: 'bird-alcohol',
    substances: ['alcohol'],
    whom: { species: BIRDS },
    reason: 'fumes: dangerous to birds',
    source: TOX,
  },
]

/** Every fault of the rules, each naming its offender. */
export function ruleFaults(rules: readonly Rule[]): readonly string[] {
  const seen = new Set<string>()
  return rules.flatMap((rule) => {
    const faults: string[] = []
    if (seen.has(rule.id)) faults.push(`${rule.id}: stands twice`)
    seen.add(rule.id)
    if (!rule.substances?.length && !rule.classes?.length)
      faults.push(`${rule.id}: is about nothing`)
    if (Object.keys(rule.whom).length === 0) faults.push(`${rule.id}: is about nobody`)
    if (rule.reason === '' || rule.source === '')
      faults.push(`${rule.id}: gives no reason or source`)
    return faults
  })
}
