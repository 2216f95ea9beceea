/** What a pocket is for, as its label says: "Pouch B · fever, pain", "Bracken", "Foot · animals". */
import type { Form, SectionId } from '../catalogue/entry'
import { ROLES, type RoleId } from '../catalogue/roles'
import { NEEDS } from '../cover/needs'
import { ANIMALS, type Species } from '../household/species'
import { plainText, stem } from '../naming/plainText'
import { SPECIES_WORDS } from '../naming/vocabulary'
import type { Ages, Goods } from './goods'
import { TOPICS } from './topics'

export interface Purpose {
  readonly sections: readonly SectionId[]
  readonly roles: readonly RoleId[]
  readonly forms: readonly Form[]
  readonly isForMedicines: boolean
  /** Ids of members whom it names; empty where it names nobody. */
  readonly members: readonly string[]
  /** Whom it is for; empty for anybody. */
  readonly species: readonly Species[]
  readonly ages: Ages | null
  /** For what waits for an answer or for the bin: nothing is put there by a layout. */
  readonly waits: boolean
}

/** Whom a label may name. */
export interface Named {
  readonly id: string
  readonly name: string
  readonly species: Species
}

/** Words, each on its own, of a pocket for what is not to be used as it is. */
const WAITS = /^(wait\w*|held|return\w*|expired|throw|bin|unknown|ask|quarantine)$/
const WAITS_IN_WORDS = /(^| )(on hold|out of date|not sure)( |$)/
const AGE_WORDS: Readonly<Record<string, Ages>> = {
  child: 'children',
  children: 'children',
  kid: 'children',
  baby: 'children',
  toddler: 'children',
  infant: 'children',
  'grown-up': 'adults',
  grownup: 'adults',
  adult: 'adults',
}
const ALL_ANIMALS: ReadonlySet<string> = new Set(['animal', 'pet', 'vet'])

/** Words that name where a pocket is or what it looks like, not what is in it. */
const SAYS_NOTHING: ReadonlySet<string> = new Set(
  `for and the with own of in on to or a an small big large thing things other rest top bottom middle
  upper lower left right front back side inner outer inside outside main room lid tray drawer pouch
  pocket shelf door flap foot half net sleeve roll case bag box fridge cellar first second third need
  needed cover medicine against everybody use regular best whole person member family home day`.split(
    /\s+/,
  ),
)

const wordsOf = (text: string): readonly string[] =>
  plainText(text)
    .split(/[^a-z0-9-]+/)
    .filter((word) => word !== '')
    .map(stem)

let nouns: ReadonlyMap<string, ReadonlySet<RoleId>> | undefined
/** Words of needs and roles with what they ask for: "inhaler", "nosebleed", "tick". */
function rolesByWord(): ReadonlyMap<string, ReadonlySet<RoleId>> {
  if (nouns) return nouns
  const found = new Map<string, Set<RoleId>>()
  const add = (text: string, roles: readonly RoleId[]): void => {
    for (const word of wordsOf(text))
      if (word.length > 3 && !SAYS_NOTHING.has(word))
        found.set(word, new Set([...(found.get(word) ?? []), ...roles]))
  }
  for (const [role, { name }] of Object.entries(ROLES)) add(name, [role as RoleId])
  for (const { name, ways } of NEEDS)
    add(
      name,
      ways.flatMap(({ parts }) => parts.flatMap(({ any }) => any)),
    )
  nouns = found
  return nouns
}

/** Members of whom every word of their name stands in a text. */
export function membersNamed(text: string, members: readonly Named[]): readonly Named[] {
  const words = wordsOf(text)
  return members.filter(({ name }) => {
    const own = wordsOf(name)
    return own.length > 0 && own.every((word) => words.includes(word))
  })
}

/** Reads a label. @param members whose names it may hold */
export function purposeOf(label: string, members: readonly Named[] = []): Purpose {
  const words = wordsOf(label)
  const topics = TOPICS.filter((topic) => words.some((word) => topic.words.test(word)))
  const ownWords = new Set(members.flatMap(({ name }) => wordsOf(name)))
  const known = (word: string): boolean =>
    TOPICS.some((topic) => topic.words.test(word)) ||
    ownWords.has(word) ||
    ALL_ANIMALS.has(word) ||
    Object.hasOwn(SPECIES_WORDS, word) ||
    Object.hasOwn(AGE_WORDS, word)
  const named = membersNamed(label, members)
  const bySpecies = words.flatMap((word): readonly Species[] =>
    ALL_ANIMALS.has(word)
      ? ANIMALS
      : Object.hasOwn(SPECIES_WORDS, word)
        ? (SPECIES_WORDS[word] ?? [])
        : [],
  )
  const ages = new Set(words.flatMap((word) => AGE_WORDS[word] ?? []))
  const further = words
    .filter((word) => !known(word))
    .flatMap((word) => [...(rolesByWord().get(word) ?? [])])
  const unique = <T>(all: readonly T[]): readonly T[] => [...new Set(all)]
  return {
    sections: unique(topics.flatMap(({ sections }) => sections)),
    roles: unique([...topics.flatMap(({ roles }) => roles), ...further]),
    forms: unique(topics.flatMap(({ forms }) => forms ?? [])),
    isForMedicines: topics.some(({ medicines }) => medicines === true),
    members: named.map(({ id }) => id),
    species: unique([...bySpecies, ...named.map(({ species }) => species)]),
    ages: ages.size === 1 ? ([...ages][0] ?? null) : null,
    waits: words.some((word) => WAITS.test(word)) || WAITS_IN_WORDS.test(words.join(' ')),
  }
}

/** Whether a label promises some kind of thing, so that others are out of place under it. */
export const promises = ({ sections, roles, forms, isForMedicines }: Purpose): boolean =>
  sections.length + roles.length + forms.length > 0 || isForMedicines

/** Whether it is somebody's: a member's, or that of some species. */
export const namesSomebody = ({ species, members }: Purpose): boolean =>
  species.length + members.length > 0

/** Whether all its words only say where a pocket is. */
export const saysNothing = (label: string): boolean =>
  wordsOf(label).every((word) => word.length < 2 || /^\d/.test(word) || SAYS_NOTHING.has(word))

/** `named`: the label says so. `other`: it promises something else. `plain`: it promises nothing. */
export type UnderLabel = 'named' | 'plain' | 'other'

/** Under which kind of label a thing lies there. @param whose ids of the members it is for */
export function underLabel(goods: Goods, whose: readonly string[], purpose: Purpose): UnderLabel {
  // What it is in the first place: a triangular bandage may hold a dressing, and is a sling.
  const [first] = goods.roles
  if (whose.some((id) => purpose.members.includes(id))) return 'named'
  if (purpose.members.length > 0 && whose.length > 0) return 'other'
  if (
    (first !== undefined && purpose.roles.includes(first)) ||
    purpose.sections.some((section) => section === goods.group) ||
    (goods.form !== null && purpose.forms.includes(goods.form)) ||
    (purpose.isForMedicines && goods.isMedicine)
  )
    return 'named'
  // What is for them alone: an instrument for all animals is not the dog's.
  const isForAnimals = purpose.species.length > 0 && !purpose.species.includes('person')
  if (isForAnimals && goods.species.every((one) => purpose.species.includes(one))) return 'named'
  // Of what nobody knows, nothing can be out of place.
  const isKnown = goods.group !== '' || goods.roles.length > 0
  return promises(purpose) && isKnown ? 'other' : 'plain'
}

const isAnimal = (one: Species): boolean => one !== 'person'

/** Whether it is for somebody else than the label says: another species, member or age. */
export function isForOthers(goods: Goods, whose: readonly string[], purpose: Purpose): boolean {
  const { species, members, ages } = purpose
  if (species.length > 0) {
    const side = (one: Species): boolean =>
      species.some((other) => isAnimal(other) === isAnimal(one))
    const suits = (one: Species): boolean => (goods.isMedicine ? species.includes(one) : side(one))
    if (!goods.species.some(suits)) return true
  }
  if (members.length > 0 && whose.length > 0 && !whose.some((id) => members.includes(id)))
    return true
  return ages !== null && goods.isMedicine && goods.ages !== null && goods.ages !== ages
}
