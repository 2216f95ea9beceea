/**
 * Titles of the catalogue combined with strengths, forms, ways of use, species and negations:
 * whatever differs in what decides is never sure, and nearly all that does not differ is.
 */
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '../catalogue/catalogue'
import type { CatalogueEntry } from '../catalogue/entry'
import type { SubstanceId } from '../catalogue/substances'
import { identityOf } from './identity'
import { samePrinted } from './printed'
import { proposeEntry } from './proposeEntry'
import { readName } from './readName'
import { ROUTE_WORDS, SPECIES_WORDS } from './vocabulary'

interface Added {
  readonly words: string
  /** Whether an entry with these words added is still the same thing. */
  readonly keeps: (entry: CatalogueEntry) => boolean
}

const identity = new Map(CATALOGUE.map((entry) => [entry.id, identityOf(entry)]))
const of = (entry: CatalogueEntry) => {
  const found = identity.get(entry.id)
  if (!found) throw new Error(entry.id)
  return found
}

const strength = (words: string): Added => ({
  words,
  keeps: (entry) =>
    readName('', words).printed.every((one) =>
      of(entry).printed.some((other) => samePrinted(one, other)),
    ),
})
const form = (words: string): Added => ({
  words,
  keeps: (entry) => [...readName(words).forms].every((one) => of(entry).forms.has(one)),
})
const route = (words: string): Added => ({
  words,
  keeps: (entry) => of(entry).said.has(words) || ROUTE_WORDS[words] === entry.route,
})
/** A plain thing for everybody is asked about; it neither keeps nor loses. */
const species = (words: string): Added => ({
  words,
  keeps: (entry) => {
    const word = words.replace(/^for /, '').replace(/s$/, '')
    const meant = SPECIES_WORDS[word] ?? []
    const { species: whom } = entry.madeFor
    return (
      of(entry).said.has(word) ||
      (meant.every((one) => whom.includes(one)) &&
        (meant.includes('person') || !whom.includes('person')))
    )
  },
})
const without = (words: string, substance: 'latex' | 'alcohol' | 'nuts'): Added => ({
  words,
  keeps: (entry) => !of(entry).substances.has(substance),
})
const other = (words: string): Added => ({
  words,
  keeps: (entry) =>
    readName(words).words.every(
      (word) =>
        of(entry).said.has(word) ||
        (word.startsWith('is:') && of(entry).substances.has(word.slice(3) as SubstanceId)) ||
        word === 'with',
    ),
})

const STRENGTHS = ['500 mg', '100 mg/5 mL', '1 %', '35 %', '81 mg', '250 mg/5 mL', '7.3 mg'].map(
  strength,
)
const FORMS = ['tablets', 'liquid', 'ointment', 'suppositories', 'drops', 'inhaler'].map(form)
const ROUTES = ['eye', 'ear', 'nasal', 'oral'].map(route)
const SPECIES = ['for dogs', 'for cats', 'for horses', 'for people'].map(species)
const NEGATIONS = [
  without('latex-free', 'latex'),
  without('alcohol-free', 'alcohol'),
  without('nut-free', 'nuts'),
  { words: 'non-sterile', keeps: (entry: CatalogueEntry) => of(entry).said.has('not:sterile') },
]
const OTHERS = ['PM', 'forte', 'plus codeine', 'with xylitol', 'unlabelled', 'homeopathic'].map(
  other,
)
const SINGLES = [...STRENGTHS, ...FORMS, ...ROUTES, ...SPECIES, ...NEGATIONS, ...OTHERS]
const NOTHING: Added = { words: '', keeps: () => true }
const PAIRS = SPECIES.flatMap((a) => [...STRENGTHS, ...FORMS].map((b) => [a, b] as const))

const MEDICINES_AND_MORE = [
  ...CATALOGUE.filter(({ route: way }) => way !== 'none'),
  ...CATALOGUE.filter(({ route: way }) => way === 'none'),
].slice(0, 330)

describe('names made of titles and words that decide', () => {
  let differing = 0
  const wronglySure: string[] = []
  let same = 0
  let sameSure = 0
  const tryOne = (entry: CatalogueEntry, added: readonly Added[]) => {
    const words = added.map((one) => one.words).join(' ')
    const name = `${entry.name} ${words}`.trim()
    const found = proposeEntry({ name, strength: entry.strength })
    const isSure = found.kind === 'sure' && found.entry.id === entry.id
    if (added.every(({ keeps }) => keeps(entry))) {
      same += 1
      if (isSure) sameSure += 1
    } else {
      differing += 1
      if (isSure) wronglySure.push(`${name} ${entry.strength}`)
    }
  }
  for (const entry of MEDICINES_AND_MORE) {
    tryOne(entry, [NOTHING])
    for (const one of SINGLES) tryOne(entry, [one])
    for (const pair of PAIRS) tryOne(entry, pair)
  }
  it('are at least twenty thousand, of more than 300 titles', () => {
    expect(MEDICINES_AND_MORE.length).toBeGreaterThanOrEqual(300)
    expect(differing + same).toBeGreaterThan(20_000)
    expect(same).toBeGreaterThan(1500)
  })
  it('are never sure where they differ', () => {
    expect(wronglySure).toEqual([])
  })
  it('are sure where they do not, nine times of ten', () => {
    expect(sameSure / same).toBeGreaterThanOrEqual(0.9)
  })
})
