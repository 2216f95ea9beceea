/**
 * Which catalogue entry a thing may be. *Sure* only when nothing that decides differs or is
 * missing, every word is explained, and no other entry fits as well; what is another thing is
 * never offered, however alike the words are.
 */
import type { CatalogueEntry } from '../catalogue/entry'
import { compare, type Difference, saysLess, vetoes } from './differences'
import { type Alias, type Identities, type Identity, identities } from './identity'
import { samePrinted } from './printed'
import { readName, type ThingName } from './readName'

export interface Candidate {
  readonly entry: CatalogueEntry
  /** How alike the words are, 0 to 1; for the order only, never for being sure. */
  readonly likeness: number
  /** What is to be asked before it is that thing; empty for a sure one. */
  readonly open: readonly Difference[]
}

export interface SetAside {
  readonly entry: CatalogueEntry
  readonly because: Difference
}

export type EntryProposal =
  | { readonly kind: 'sure'; readonly entry: CatalogueEntry; readonly name: ThingName }
  | {
      readonly kind: 'asked'
      readonly candidates: readonly Candidate[]
      readonly name: ThingName
      readonly setAside: SetAside | null
    }
  /** Nothing that is known; with what came near and is another thing. */
  | { readonly kind: 'unknown'; readonly name: ThingName; readonly setAside: SetAside | null }

/** Less alike is not offered at all. */
export const FLOOR = 0.5
/** Alike enough to say why it is not offered. */
const NEAR = 0.6
const MOST_OFFERED = 4

export interface Named {
  readonly name: string
  readonly strength: string
  /** What one is called; a form said there counts as said in the name. */
  readonly unit?: string
}

/**
 * @param unit as counted: "tablet" beside "Cetirizine 10 mg" says the form
 * @example proposeEntry({ name: 'Ibuprofen PM', strength: '200 mg' }).kind // 'unknown'
 */
export function proposeEntry(
  { name: written, strength, unit = '' }: Named,
  { saying, spelling }: Identities = identities(),
): EntryProposal {
  const weightOf = (word: string): number =>
    /^\d/.test(word)
      ? 0.3
      : word.startsWith('is:')
        ? 1
        : 1 / (1 + Math.log2(Math.max(1, saying.get(word)?.length ?? 1)))
  const name = readName(`${written} ${TELLING_UNIT.test(unit) ? unit : ''}`, strength, (word) =>
    spelling.corrected(word),
  )
  const candidates: (Candidate & { readonly identity: Identity; readonly alias: Alias })[] = []
  let setAside: (SetAside & { readonly likeness: number }) | null = null
  for (const identity of new Set(name.words.flatMap((word) => saying.get(word) ?? []))) {
    const best = bestAlias(name, identity, weightOf)
    if (best.likeness < FLOOR) continue
    const veto = best.open.find(vetoes)
    if (!veto) candidates.push({ entry: identity.entry, identity, ...best })
    else if (best.likeness >= NEAR && (!setAside || best.likeness > setAside.likeness))
      setAside = { entry: identity.entry, because: veto, likeness: best.likeness }
  }
  const sure = onlySure(
    candidates.filter(({ open }) => open.length === 0),
    name,
  )
  if (sure) return { kind: 'sure', entry: sure, name }
  const aside = setAside && { entry: setAside.entry, because: setAside.because }
  const offered = candidates
    .sort((a, b) => b.likeness - b.open.length / 50 - (a.likeness - a.open.length / 50))
    .slice(0, MOST_OFFERED)
    .map(({ entry, likeness, open }) => ({ entry, likeness, open }))
  return offered.length > 0
    ? { kind: 'asked', candidates: offered, name, setAside: aside }
    : { kind: 'unknown', name, setAside: aside }
}

/** A unit that says the form of what it counts. */
const TELLING_UNIT =
  /^(?:tablets?|tabs?|capsules?|caplets?|drops?|suppositor(?:y|ies)|lozenges?|patch(?:es)?|sachets?|vials?|wipes?|lollipops?)$/i

type Fit = Pick<Candidate, 'likeness' | 'open'> & { readonly alias: Alias }

/** The alias that leaves least open. */
function bestAlias(name: ThingName, identity: Identity, weightOf: (word: string) => number): Fit {
  const { open, strange } = compare(name, identity)
  const isVetoed = open.some(vetoes)
  let best: Fit | null = null
  for (const alias of identity.aliases) {
    const fit = {
      alias,
      // What is another thing need not be compared word for word.
      open: isVetoed ? open : [...open, ...saysLess(name, identity, alias)],
      likeness: likeness(name, strange, alias, weightOf),
    }
    if (best === null || weight(fit) < weight(best)) best = fit
  }
  return best ?? { alias: { words: [], isOwn: false }, open: [], likeness: 0 }
}

const weight = ({ open, likeness: alike, alias }: Fit): number =>
  open.length - alike - alias.words.length / 100

interface Fitting {
  readonly entry: CatalogueEntry
  readonly alias: Alias
  readonly identity: Identity
}

/** The one that is meant: of containers the one that holds as much; where several fit, the one whose own name says more of it. */
function onlySure(allFitting: readonly Fitting[], name: ThingName): CatalogueEntry | null {
  const held = name.printed.filter(({ kind }) => kind === 'volume')
  const exact = allFitting.filter(({ identity }) =>
    held.some((one) => identity.printed.some((other) => samePrinted(one, other))),
  )
  const fitting = exact.length > 0 ? exact : allFitting
  const most = Math.max(0, ...fitting.map(({ alias }) => alias.words.length))
  const fullest = fitting.filter(({ alias }) => alias.words.length === most)
  const own = fullest.filter(({ alias }) => alias.isOwn)
  const [first, second] = own.length > 0 ? own : fullest
  return first && !second ? first.entry : null
}

/**
 * How alike two names are: words found in each other. A word that many things share tells little;
 * one that the entry explains in another way tells nothing against it.
 */
function likeness(
  { words }: ThingName,
  strange: readonly string[],
  alias: Alias,
  weightOf: (word: string) => number,
): number {
  const weigh = (some: readonly string[]): number =>
    some.reduce((sum, word) => sum + weightOf(word), 0)
  const said = weigh(alias.words.filter((word) => words.includes(word)))
  if (said === 0) return 0
  const forth = said / (said + weigh(strange))
  const back = said / weigh(alias.words)
  return (2 * forth * back) / (forth + back)
}
