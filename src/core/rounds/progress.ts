/** How far a round is: what was answered last of each thing, who is where, what is contradicted. */
import type { PlainDate } from '../calendar/plainDate'
import type { LotId, PocketId } from '../ids'
import { type Ask, asksOf, pocketsOf } from './asks'
import type { Bare, Contents, RoundPocket, Thing } from './contents'
import {
  type Entry,
  type FoundEntry,
  inTime,
  isFound,
  isLooked,
  type LookedEntry,
  type Round,
  thingKey,
} from './round'

export interface ThingProgress {
  readonly lotId: LotId
  /** Null when it has left the pocket since it was answered. */
  readonly thing: Thing | null
  readonly asks: readonly Ask[]
  /** The latest answer; null while there is none. */
  readonly answer: LookedEntry | null
  /** An earlier answer of somebody else that says another number. */
  readonly against: LookedEntry | null
}

export interface PocketProgress {
  readonly pocket: RoundPocket
  readonly things: readonly ThingProgress[]
  readonly found: readonly FoundEntry[]
  /** Things that are asked about, and how many of them are answered. */
  readonly asked: number
  readonly answered: number
  readonly closed: boolean
  /** Who has it in front of them. */
  readonly at: readonly string[]
}

export interface Progress {
  readonly pockets: readonly PocketProgress[]
  readonly asked: number
  readonly answered: number
  readonly seconds: number
}

/** Somebody who has said nothing for so long is not there any more. */
const AWAY_MILLISECONDS = 20 * 60_000

/**
 * @param now ISO time, to tell who is still at a pocket
 */
export function progressOf(
  round: Pick<Round, 'pocketIds'>,
  contents: Contents,
  entries: readonly Entry[],
  now: string,
): Progress {
  const sorted = inTime(entries)
  const answers = new Map<string, LookedEntry[]>()
  for (const entry of sorted) {
    if (!isLooked(entry)) continue
    const key = thingKey(entry.fact.lotId, entry.fact.pocketId)
    answers.set(key, [...(answers.get(key) ?? []), entry])
  }
  const places = whoIsWhere(sorted, now)
  const pockets = pocketsOf(contents, round.pocketIds).map((pocket): PocketProgress => {
    const present = new Map(pocket.things.map((thing) => [thing.lotId, thing]))
    const left = sorted.flatMap((entry) =>
      isLooked(entry) && entry.fact.pocketId === pocket.id && !present.has(entry.fact.lotId)
        ? [entry.fact.lotId]
        : [],
    )
    const things = [...present.keys(), ...new Set(left)].map((lotId) =>
      thingProgress(
        lotId,
        present.get(lotId) ?? null,
        answers.get(thingKey(lotId, pocket.id)) ?? [],
        contents.today,
      ),
    )
    const asked = things.filter(({ asks, answer }) => asks.length > 0 || answer !== null)
    const here = sorted.filter(({ fact }) => fact.pocketId === pocket.id)
    const last = here.findLast(({ fact }) => fact.kind === 'closed' || fact.kind === 'at_pocket')
    return {
      pocket,
      things,
      found: here.filter(isFound),
      asked: asked.length,
      answered: asked.filter(({ answer }) => answer !== null).length,
      closed: last?.fact.kind === 'closed',
      at: places.get(pocket.id) ?? [],
    }
  })
  const total = (of: (pocket: PocketProgress) => number): number =>
    pockets.reduce((sum, pocket) => sum + of(pocket), 0)
  return {
    pockets,
    asked: total(({ asked }) => asked),
    answered: total(({ answered }) => answered),
    seconds: entries.reduce((sum, { seconds }) => sum + seconds, 0),
  }
}

function thingProgress(
  lotId: LotId,
  thing: Thing | null,
  answers: readonly LookedEntry[],
  today: PlainDate,
): ThingProgress {
  const answer = answers.at(-1) ?? null
  // Whoever counts again corrects themselves; two people are two opinions.
  const against =
    answers.findLast(
      ({ by, fact }) => by !== answer?.by && fact.look.found !== answer?.fact.look.found,
    ) ?? null
  return { lotId, thing, asks: thing ? asksOf(thing, today) : [], answer, against }
}

function whoIsWhere(
  sorted: readonly Entry[],
  now: string,
): ReadonlyMap<PocketId, readonly string[]> {
  const last = new Map<string, Entry>()
  for (const entry of sorted) last.set(entry.by, entry)
  const places = new Map<PocketId, string[]>()
  for (const { by, at, fact } of last.values()) {
    if (fact.kind === 'closed' || Date.parse(now) - Date.parse(at) > AWAY_MILLISECONDS) continue
    places.set(fact.pocketId, [...(places.get(fact.pocketId) ?? []), by])
  }
  return places
}

/** What belongs into a pocket, is not recorded there, and was not found in this round either. */
export function notFound({ pocket, found }: PocketProgress): readonly Bare[] {
  const seen = new Set(found.flatMap(({ fact: { item } }) => ('id' in item ? [item.id] : [])))
  return pocket.bare.filter(({ itemId }) => !seen.has(itemId))
}

/** The first thing of a pocket that is asked about and not answered. */
export const nextIn = ({ things }: PocketProgress): ThingProgress | null =>
  things.find(({ asks, answer }) => asks.length > 0 && answer === null) ?? null

/** The next pocket with something to answer that nobody else has in front of them. */
export const nextPocket = (progress: Progress, by: string): PocketProgress | null => {
  const open = progress.pockets.filter(({ closed }) => !closed)
  return open.find(({ at }) => at.every((who) => who === by)) ?? open[0] ?? null
}
