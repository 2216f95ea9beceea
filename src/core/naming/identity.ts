/** The catalogue's entries as names, read by the same reader as what people type. */
import { CATALOGUE } from '../catalogue/catalogue'
import type { CatalogueEntry } from '../catalogue/entry'
import { NEVER_COVER } from '../catalogue/roles'
import type { SubstanceId } from '../catalogue/substances'
import { stem } from './plainText'
import type { Printed } from './printed'
import { readName, substanceSpellings } from './readName'
import { type Spelling, spellingOf } from './spelling'
import {
  AGE_WORDS,
  FORM_WORDS,
  FORMS_SPOKEN,
  NEUTRAL_WORDS,
  ROUTE_WORDS,
  SIZE_WORDS,
  SPECIES_WORDS,
  VARIANT_WORDS,
} from './vocabulary'

/** One way to say what an entry is. */
export interface Alias {
  /** Words that must all be said. */
  readonly words: readonly string[]
  /** The entry's own name, and not another word for it. */
  readonly isOwn: boolean
}

export interface Identity {
  readonly entry: CatalogueEntry
  readonly aliases: readonly Alias[]
  /** Every word of every alias, and what one of it is called. */
  readonly said: ReadonlySet<string>
  readonly forms: ReadonlySet<string>
  readonly substances: ReadonlySet<SubstanceId>
  readonly acting: ReadonlySet<SubstanceId>
  readonly printed: readonly Printed[]
  /** Its figures say how strong it is, not how large. */
  readonly hasStrength: boolean
  readonly isComfort: boolean
  /** Sold in other sizes under the same name: the size decides. */
  readonly hasSiblings: boolean
  /** One of the things that are sold with latex and without. */
  readonly mayHoldLatex: boolean
}

export interface Identities {
  readonly all: readonly Identity[]
  /** By each word that an alias says. */
  readonly saying: ReadonlyMap<string, readonly Identity[]>
  readonly spelling: Spelling
}

export const isNeutral = (word: string): boolean => NEUTRAL_WORDS.has(word)

const telling = (words: readonly string[]): readonly string[] =>
  words.filter((word) => !isNeutral(word))

export function identityOf(
  entry: CatalogueEntry,
  sameName: ReadonlyMap<string, number> = new Map(),
): Identity {
  const sized = readName('', entry.strength)
  const names = [entry.name, ...entry.also].map((name) => readName(name))
  const unit = stem(entry.unit)
  const forms = new Set([
    ...names.flatMap((name) => [...name.forms]),
    ...(FORMS_SPOKEN[entry.form] ?? []),
    ...(Object.hasOwn(FORM_WORDS, unit) ? [FORM_WORDS[unit] ?? unit] : []),
  ])
  const acting = new Set(entry.ingredients.map(({ substance }) => substance))
  const printed = [...sized.printed, ...names.flatMap((name) => name.printed)]
  for (const { strength } of entry.ingredients)
    if (acting.size > 1) printed.push(...readName('', strength).printed)
  const sizes = sized.words.filter((word) => !word.startsWith('is:'))
  return {
    entry,
    aliases: names.map(({ words }, at) => ({
      words: [...new Set([...telling(words), ...sizes])],
      isOwn: at === 0,
    })),
    said: new Set([...names.flatMap(({ words }) => words), ...sizes, ...(unit ? [unit] : [])]),
    forms,
    substances: new Set([...acting, ...entry.contains]),
    acting,
    printed,
    hasStrength: acting.size > 0,
    mayHoldLatex:
      entry.roles.includes('gloves') ||
      names.some(({ words }) => words.some((word) => word === 'elastic' || word === 'cohesive')),
    hasSiblings: (sameName.get(entry.name) ?? 1) > 1,
    isComfort: entry.roles.every((role) => NEVER_COVER.includes(role)),
  }
}

export function identitiesOf(entries: readonly CatalogueEntry[]): Identities {
  const sameName = new Map<string, number>()
  for (const { name } of entries) sameName.set(name, (sameName.get(name) ?? 0) + 1)
  const all = entries.map((entry) => identityOf(entry, sameName))
  const saying = new Map<string, Identity[]>()
  for (const identity of all)
    for (const word of new Set(identity.aliases.flatMap(({ words }) => words))) {
      const of = saying.get(word) ?? []
      of.push(identity)
      saying.set(word, of)
    }
  const ours = new Set([
    ...all.flatMap(({ said }) => [...said]),
    ...Object.keys(FORM_WORDS),
    ...Object.keys(ROUTE_WORDS),
    ...Object.keys(SPECIES_WORDS),
    ...Object.keys(SIZE_WORDS),
    ...AGE_WORDS,
    ...NEUTRAL_WORDS,
    ...VARIANT_WORDS,
    ...substanceSpellings(),
  ])
  return { all, saying, spelling: spellingOf(ours) }
}

let shipped: Identities | undefined
/** Of the catalogue as it ships; read when it is first asked for. */
export const identities = (): Identities => {
  shipped ??= identitiesOf(CATALOGUE)
  return shipped
}
