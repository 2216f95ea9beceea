/**
 * In what a thing's name differs from a catalogue entry, as far as that decides. One difference
 * that is {@link vetoes} makes it another thing, whatever the likeness of the words.
 */
import type { Route } from '../catalogue/entry'
import { classesOf, isSubstanceId, type SubstanceId } from '../catalogue/substances'
import { type Alias, type Identity, isNeutral } from './identity'
import { isStrength, type Printed, samePrinted } from './printed'
import type { ThingName } from './readName'
import {
  AGE_WORDS,
  FORM_WORDS,
  ROUTE_WORDS,
  SIZES,
  SPECIES_WORDS,
  VARIANT_WORDS,
} from './vocabulary'

export type Difference =
  /** Named, and not in the entry. */
  | { readonly code: 'substance'; readonly substance: SubstanceId }
  /** In the entry, and not named: a mixture, or a name that does not say what is in it. */
  | { readonly code: 'substance_missing'; readonly substance: SubstanceId }
  /** Something more is joined to what the entry is. */
  | { readonly code: 'mixture'; readonly word: string }
  | { readonly code: 'strength' }
  | { readonly code: 'strength_missing' }
  /** The entry says no strength to compare with. */
  | { readonly code: 'strength_unlisted' }
  | { readonly code: 'size' }
  | { readonly code: 'size_missing' }
  /** It may hold latex or not, and the name does not say. */
  | { readonly code: 'material_missing' }
  | { readonly code: 'form'; readonly form: string }
  | { readonly code: 'route'; readonly route: Route }
  | { readonly code: 'species' }
  | { readonly code: 'age'; readonly word: string }
  | { readonly code: 'without'; readonly word: string }
  | { readonly code: 'variant'; readonly word: string }
  | { readonly code: 'no_evidence' }
  | { readonly code: 'not_real' }
  | { readonly code: 'doubtful' }
  /** A word that nothing explains. */
  | { readonly code: 'word'; readonly word: string }
  /** The entry's name says more. */
  | { readonly code: 'says_less'; readonly word: string }

const VETOES: ReadonlySet<Difference['code']> = new Set([
  'substance',
  'mixture',
  'strength',
  'form',
  'route',
  'species',
  'age',
  'without',
  'variant',
  'no_evidence',
  'not_real',
] as const)

/** Whether it is another thing: never offered, whatever else fits. */
export const vetoes = ({ code }: Difference): boolean => VETOES.has(code)

export interface Compared {
  /** Every difference that decides, or leaves open what decides. */
  readonly open: readonly Difference[]
  /** Words of the name that do not belong to what the entry is. */
  readonly strange: readonly string[]
}

/** A name against an entry, whichever of its aliases is meant. */
export function compare(name: ThingName, identity: Identity): Compared {
  const open: Difference[] = []
  const { entry } = identity
  if (name.withoutEvidence && !identity.isComfort) open.push({ code: 'no_evidence' })
  if (name.doubts.has('not_real') && !identity.said.has('trainer')) open.push({ code: 'not_real' })
  if (name.doubts.size > 0 && !name.doubts.has('not_real')) open.push({ code: 'doubtful' })
  for (const substance of name.substances)
    if (!identity.substances.has(substance) && !identity.said.has(`is:${substance}`))
      open.push({ code: 'substance', substance })
  for (const substance of identity.acting)
    if (!name.substances.has(substance)) open.push({ code: 'substance_missing', substance })
  if (identity.mayHoldLatex && !saysMaterial(name)) open.push({ code: 'material_missing' })
  open.push(...figures(name.printed, identity))
  const strange: string[] = []
  let more: string | null = null
  for (const word of name.words) {
    const difference = wordDifference(word, identity)
    if (!difference) continue
    strange.push(word)
    open.push(difference)
    if (difference.code === 'word' && /^[a-z]{4,}$/.test(word)) more ??= word
  }
  if (more !== null && name.isJoined && identity.acting.size > 0 && entry.route !== 'none')
    open.push({ code: 'mixture', word: more })
  return { open, strange }
}

/** What an alias says and the name does not. */
export const saysLess = (
  name: ThingName,
  identity: Identity,
  alias: Alias,
): readonly Difference[] =>
  alias.words.flatMap((word): Difference[] =>
    says(name, word, identity) ? [] : [{ code: 'says_less', word }],
  )

const LATEX_FREE_STUFF = ['nitrile', 'vinyl', 'neoprene', 'cotton', 'pvc']
const saysMaterial = (name: ThingName): boolean =>
  name.substances.has('latex') ||
  name.without.has('latex') ||
  LATEX_FREE_STUFF.some((stuff) => name.words.includes(stuff))

/** Whether the name says a word of the alias, or one that means the same. */
function says(name: ThingName, word: string, identity: Identity): boolean {
  if (name.words.includes(word)) return true
  if (word.startsWith('is:')) return name.substances.has(word.slice(3) as SubstanceId)
  if (word.startsWith('not:')) return name.without.has(word.slice(4))
  const form = Object.hasOwn(FORM_WORDS, word) ? FORM_WORDS[word] : undefined
  // A liquid's strength in a volume says that it is one.
  if (form === 'liquid' && name.printed.some(({ kind }) => kind === 'in_volume')) return true
  if (form !== undefined && name.forms.has(form)) return true
  const route = Object.hasOwn(ROUTE_WORDS, word) ? ROUTE_WORDS[word] : undefined
  return route !== undefined && route === identity.entry.route && name.routes.has(route)
}

/** Whoever must not have these looks for the word; that the entry is without them is known. */
const isLookedFor = (substance: SubstanceId): boolean =>
  classesOf(substance).includes('food allergen') ||
  (['latex', 'adhesive', 'fragrance', 'alcohol', 'lanolin', 'colophony', 'nickel'] as const).some(
    (one) => one === substance,
  )

/** In what one word differs; null when it is part of what the entry is, or says nothing. */
function wordDifference(word: string, identity: Identity): Difference | null {
  const { entry, said, forms } = identity
  if (word.startsWith('is:')) return null
  if (word.startsWith('not:')) {
    const what = word.slice(4)
    if (isSubstanceId(what) && identity.substances.has(what)) return { code: 'without', word: what }
    if (said.has(word) || (isSubstanceId(what) && isLookedFor(what))) return null
    return { code: 'without', word: what }
  }
  if (said.has(word) || isNeutral(word)) return null
  if (word === 'sterile') return entry.kind === 'sterile' ? null : { code: 'word', word }
  if (Object.hasOwn(SPECIES_WORDS, word)) return speciesDifference(word, identity)
  if (AGE_WORDS.has(word))
    return entry.route === 'none' ? { code: 'word', word } : { code: 'age', word }
  const form = Object.hasOwn(FORM_WORDS, word) ? FORM_WORDS[word] : undefined
  if (form !== undefined) return forms.has(form) ? null : { code: 'form', form }
  const route = Object.hasOwn(ROUTE_WORDS, word) ? ROUTE_WORDS[word] : undefined
  if (route !== undefined) return route === entry.route ? null : { code: 'route', route }
  if (SIZES.has(word)) return { code: 'size' }
  if (VARIANT_WORDS.has(word))
    return entry.route === 'none' ? { code: 'word', word } : { code: 'variant', word }
  return { code: 'word', word }
}

function speciesDifference(word: string, { entry, acting }: Identity): Difference | null {
  const meant = SPECIES_WORDS[word] ?? []
  const { species } = entry.madeFor
  const forPeople = species.includes('person')
  const fits =
    meant.includes('person') || !forPeople ? meant.every((one) => species.includes(one)) : false
  if (fits) return null
  // A plain thing for everybody: what is sold for animals is asked about.
  const isPlain = forPeople && species.length > 1 && entry.route === 'none' && acting.size === 0
  return isPlain && meant.some((one) => species.includes(one))
    ? { code: 'word', word }
    : { code: 'species' }
}

/** Strengths against strengths, sizes against sizes. */
function figures(typed: readonly Printed[], identity: Identity): readonly Difference[] {
  const { printed, hasStrength, entry } = identity
  const found: Difference[] = []
  const strengths = distinct(printed.filter((one) => hasStrength && isStrength(one)))
  const onlyPercent = strengths.length > 0 && strengths.every(({ kind }) => kind === 'percent')
  const inVolume = strengths.find((one) => one.kind === 'in_volume')
  let told = 0
  for (const one of typed.filter((each) => hasStrength && isStrength(each))) {
    if (strengths.some((other) => samePrinted(one, other))) {
      told += 1
      continue
    }
    // "15 g" on a tube of cream is what it holds.
    if (one.kind === 'mass' && onlyPercent && one.micrograms >= 1_000_000) continue
    if (strengths.length === 0) found.push({ code: 'strength_unlisted' })
    else if (one.kind === 'mass' && inVolume?.micrograms === one.micrograms) continue
    else found.push({ code: 'strength' })
  }
  if (strengths.length > 0 && told < Math.max(1, strengths.length))
    found.push({ code: 'strength_missing' })

  const isSize = (one: Printed): boolean => !(hasStrength && isStrength(one))
  const sizes = printed.filter(isSize)
  const typedSizes = typed.filter(isSize)
  for (const one of typedSizes) {
    const same = sizes.filter(({ kind }) => kind === one.kind)
    const isHeld = one.kind === 'volume' && entry.millilitres !== null
    if (same.length > 0 && !isHeld && !same.some((other) => samePrinted(one, other)))
      found.push({ code: 'size' })
    if (same.length === 0 && !isHeld && one.kind !== 'lengths') {
      if (isStrength(one) && one.kind !== 'mass') found.push({ code: 'strength' })
      else if (one.kind === 'gauge' || one.kind === 'mass' || entry.uses > 1)
        found.push({ code: 'size' })
    }
  }
  for (const one of sizes)
    if (
      (one.kind !== 'lengths' || identity.hasSiblings) &&
      !typedSizes.some(({ kind }) => kind === one.kind)
    )
      found.push({ code: 'size_missing' })
  return found
}

const distinct = (all: readonly Printed[]): readonly Printed[] =>
  all.filter((one, at) => all.findIndex((other) => samePrinted(one, other)) === at)
