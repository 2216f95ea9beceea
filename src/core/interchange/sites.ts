/**
 * Where a line's words lead: names of places, kits and pockets that exist are tried first, in
 * whichever column they stand; a name that is new is a question and never a twin.
 */
import { stem } from '../naming/plainText'
import { type Known, nameKey, type Site, siteWords } from './known'
import type { Cells } from './readLine'

export type SitePart = 'place' | 'kit' | 'pocket'

/** What a name is that nobody knew. */
export type NameAnswer =
  | { readonly kind: 'is'; readonly site: Partial<Site> }
  | { readonly kind: 'new'; readonly as: SitePart }
export type NameAnswers = ReadonlyMap<string, NameAnswer>

export interface NameQuestion {
  /** Of the name in its column; answers are kept by it. */
  readonly key: string
  readonly text: string
  readonly as: SitePart
  readonly lines: readonly number[]
  /** What exists and may be meant, the likeliest first. */
  readonly near: readonly Partial<Site>[]
}

export interface Resolved {
  /** For each line whose names are known or answered: cells that say the whole way. */
  readonly cells: ReadonlyMap<number, Cells>
  readonly questions: readonly NameQuestion[]
  readonly asking: ReadonlySet<number>
}

/** "The hall boxes" and "Hall box" are one name. */
const wordsIn = (name: string): readonly string[] =>
  nameKey(name)
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .split(' ')
    .filter((word) => word !== '' && !['the', 'our', 'my', 'a', 'in', 'at', 'of'].includes(word))
    .map(stem)
const looseKey = (name: string): string => wordsIn(name).join(' ')

const sharesWord = (a: string, b: string): number => {
  const [left, right] = [wordsIn(a), wordsIn(b)]
  const shared = left.filter((word) => right.includes(word) && word.length > 2).length
  return shared === 0 ? 0 : shared / Math.max(left.length, right.length)
}

type Found =
  | { readonly kind: 'site'; readonly site: Partial<Site> }
  | { readonly kind: 'unknown'; readonly near: readonly Partial<Site>[] }

const unique = (sites: readonly Partial<Site>[]): readonly Partial<Site>[] => [
  ...new Map(sites.map((site) => [JSON.stringify(site), site])).values(),
]

/** Every way to say a place, a kit or a pocket that exists. */
function existing(
  known: Known,
): readonly { readonly part: SitePart; readonly name: string; readonly site: Partial<Site> }[] {
  const all = known.pockets.flatMap(({ place, kit, pocket }) => [
    { part: 'place' as const, name: place, site: { place } as Partial<Site> },
    { part: 'kit' as const, name: kit, site: { place, kit } },
    { part: 'pocket' as const, name: pocket, site: { place, kit, pocket } },
  ])
  return [...new Map(all.map((one) => [JSON.stringify(one), one])).values()].filter(
    ({ name }) => name !== '',
  )
}

const within = (site: Partial<Site>, around: Partial<Site>): boolean =>
  (around.place === undefined || site.place === around.place) &&
  (around.kit === undefined || site.kit === around.kit)

/**
 * @param around what the cells before have said
 */
function find(
  text: string,
  as: SitePart,
  around: Partial<Site>,
  all: ReturnType<typeof existing>,
): Found {
  const here = all.filter(({ site }) => within(site, around))
  const key = looseKey(text)
  // Its own column first; then whatever else goes by that name.
  for (const parts of [[as], ['place', 'kit', 'pocket'].filter((part) => part !== as)]) {
    const same = unique(
      here
        .filter(({ part, name }) => parts.includes(part) && looseKey(name) === key)
        .map(({ site }) => site),
    )
    const [only] = same
    if (only && same.length === 1) return { kind: 'site', site: only }
    if (same.length > 1) return { kind: 'unknown', near: same }
  }
  const near = here
    .map((one) => ({ ...one, alike: sharesWord(one.name, text) + (one.part === as ? 0.1 : 0) }))
    .filter(({ alike }) => alike >= 0.34)
    .sort((a, b) => b.alike - a.alike)
  return { kind: 'unknown', near: unique(near.map(({ site }) => site)).slice(0, 4) }
}

export const nameAnswerKey = (as: SitePart, text: string, around: Partial<Site>): string =>
  [as, looseKey(text), around.place ?? '', around.kit ?? ''].join('|')

/** Reads the site of every line against what exists and what was answered. */
export function resolveSites(
  rows: readonly { readonly line: number; readonly cells: Cells }[],
  known: Known,
  answers: NameAnswers,
  fallback: Site,
): Resolved {
  const all = existing(known)
  const cells = new Map<number, Cells>()
  const asking = new Set<number>()
  const questions = new Map<string, NameQuestion & { readonly lines: number[] }>()
  for (const row of rows) {
    const [place = '', kit = '', pocket = ''] = siteWords(row.cells)
    let site: Partial<Site> = {}
    let asks = false
    /** What lies in something new is new as well, and need not be asked about. */
    let isNew = false
    for (const [as, text] of [
      ['place', place],
      ['kit', kit],
      ['pocket', pocket],
    ] as const) {
      if (text === '' || asks) continue
      const found = find(text, as, site, all)
      const key = nameAnswerKey(as, text, site)
      const answer = answers.get(key)
      if (found.kind === 'site') site = { ...site, ...found.site }
      else if (answer?.kind === 'is') site = { ...site, ...answer.site }
      else if (answer || isNew) {
        site = asNew(answer ? answer.as : as, text, site, fallback)
        isNew = true
      } else {
        asks = true
        asking.add(row.line)
        const question = questions.get(key)
        if (question) question.lines.push(row.line)
        else questions.set(key, { key, text, as, lines: [row.line], near: found.near })
      }
    }
    if (!asks)
      cells.set(row.line, {
        ...row.cells,
        place: site.place ?? '',
        kit: site.kit ?? '',
        pocket: site.pocket ?? '',
      })
  }
  return { cells, questions: [...questions.values()], asking }
}

function asNew(as: SitePart, text: string, site: Partial<Site>, fallback: Site): Partial<Site> {
  switch (as) {
    case 'place':
      return { place: text }
    case 'kit':
      return { place: site.place ?? fallback.place, kit: text }
    case 'pocket':
      return { place: site.place ?? fallback.place, kit: site.kit ?? fallback.kit, pocket: text }
  }
}

/** Names of everything that exists, as they are compared. */
export const knownNames = (known: Known): ReadonlySet<string> =>
  new Set(
    known.pockets
      .flatMap(({ place, kit, pocket }) => [place, kit, pocket])
      .filter((name) => name !== '')
      .map(nameKey),
  )
