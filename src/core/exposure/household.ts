/** What a household's places and pockets did to each thing that lies there. */
import type { Pocket } from '../household/pocket'
import type { KitId, LotId, PlaceId, PocketId } from '../ids'
import type { Fact } from '../stock/movement'
import { type Path, pathsOf, type TimedMovement } from './path'
import type { Series } from './readings'
import { type Span, spansOf } from './spans'
import type { Keeping } from './storage'
import { added, Timeline } from './timeline'
import { type Line, together } from './together'
import { type Exposure, graver, judgeExposure } from './verdict'

/** Where a logger lies. */
export type Spot =
  | { readonly kind: 'place'; readonly id: PlaceId }
  | { readonly kind: 'kit'; readonly id: KitId }
  | { readonly kind: 'pocket'; readonly id: PocketId }

/** Everything that one logger has told, or a lowest and a highest that somebody read off. */
export type Log =
  | { readonly kind: 'logger'; readonly spot: Spot; readonly name: string; readonly series: Series }
  | { readonly kind: 'typed'; readonly spot: Spot; readonly span: Span }

export interface PocketSite extends Pick<Pocket, 'id' | 'kitId' | 'sort' | 'spot'> {
  readonly placeId: PlaceId
  /** Its kit goes with somebody: what is measured at its place says nothing of it. */
  readonly isCarried: boolean
}

const YEAR_MINUTES = 365 * 24 * 60
const NEARNESS = { pocket: 0, kit: 1, place: 2 } as const
/** What somebody typed counts after every logger. */
const TYPED = 10

/** Whether a line at a spot says how warm it is in a pocket. A fridge is not as warm as its room. */
function isOf(spot: Spot, pocket: PocketSite): boolean {
  if (spot.kind === 'pocket') return spot.id === pocket.id
  const isApart =
    pocket.sort === 'elsewhere' && pocket.spot !== 'shelf' && pocket.spot !== 'bedside'
  if (isApart) return false
  return spot.kind === 'kit'
    ? spot.id === pocket.kitId
    : spot.id === pocket.placeId && !pocket.isCarried
}

export interface PocketLine {
  readonly timeline: Timeline
  readonly spans: readonly Span[]
  readonly apartMinutes: number
}

/** The line of each pocket of which anything was measured; pockets with the same loggers share theirs. */
export function linesOf(
  logs: readonly Log[],
  pockets: readonly PocketSite[],
): ReadonlyMap<PocketId, PocketLine> {
  const spans = logs.map((log) => (log.kind === 'typed' ? [log.span] : spansOf(log.series)))
  const made = new Map<string, PocketLine>()
  const lines = new Map<PocketId, PocketLine>()
  for (const pocket of pockets) {
    const here = logs.flatMap((log, at) => (isOf(log.spot, pocket) ? [at] : []))
    if (here.length === 0) continue
    const key = here.join()
    const known = made.get(key) ?? lineOf(here.map((at) => lineFrom(logs[at], spans[at])))
    made.set(key, known)
    lines.set(pocket.id, known)
  }
  return lines
}

const lineFrom = (log: Log | undefined, spans: readonly Span[] = []): Line => ({
  nearness: log ? NEARNESS[log.spot.kind] + (log.kind === 'typed' ? TYPED : 0) : 0,
  spans,
})

function lineOf(lines: readonly Line[]): PocketLine {
  const { spans, apartMinutes } = together(lines)
  return { timeline: new Timeline(spans), spans, apartMinutes }
}

export interface JudgedExposure extends Exposure {
  readonly lotId: LotId
  readonly pocketId: PocketId
  /** It came then, or somebody who knows answered then: what was before does not count. */
  readonly since: number
  /** The way on which it met that; of several that came together, the worst. */
  readonly path: Path
}

/** Somebody who knows has said that it may be used: what was before is answered. */
export function answersIn(movements: readonly TimedMovement[]): ReadonlyMap<LotId, number> {
  const answered = new Map<LotId, number>()
  for (const { lotId, fact, minute } of movements) {
    const before = fact.kind === 'split_from' ? answered.get(fact.outOf) : undefined
    if (isAnswer(fact)) answered.set(lotId, minute)
    // What is parted off was asked about with the rest.
    else if (before !== undefined) answered.set(lotId, before)
    else if (fact.kind === 'undone' && isAnswer(fact.of)) answered.delete(lotId)
  }
  return answered
}

function isAnswer(fact: Fact): boolean {
  if (fact.kind !== 'amended') return false
  const { from, to } = fact.changes
  return (
    from.standing?.kind === 'held' &&
    from.standing.exposure === true &&
    // Lost, lent or to be cleaned is no answer.
    to.standing?.kind === 'ready'
  )
}

/**
 * Judges everything that lies somewhere of which anything was ever measured on its way.
 * @param movements of all lots, in the order of the record
 * @param keepingOf how each lot is to be kept
 * @param now minutes
 */
export function judgeHousehold(
  lines: ReadonlyMap<PocketId, PocketLine>,
  movements: readonly TimedMovement[],
  keepingOf: (lotId: LotId) => Keeping | undefined,
  now: number,
): readonly JudgedExposure[] {
  const answered = answersIn(movements)
  return [...pathsOf(movements)].flatMap(([key, paths]): readonly JudgedExposure[] => {
    const [lot, pocket] = key.split('/')
    const lotId = lot as LotId
    const keeping = keepingOf(lotId)
    if (!keeping) return []
    const judged = paths.flatMap((path) => {
      if (!path.some(({ pocketId }) => lines.has(pocketId))) return []
      const since = Math.max(path[0]?.from ?? now, answered.get(lotId) ?? Number.NEGATIVE_INFINITY)
      const between = (from: number) => figuresOf(lines, path, from, now)
      const all = between(since)
      const year = since < now - YEAR_MINUTES ? between(now - YEAR_MINUTES) : all
      return [{ ...judgeExposure(keeping, all, year), since, path }]
    })
    const [first, ...others] = judged
    if (!first) return []
    const worst = others.reduce<Exposure & Pick<JudgedExposure, 'since' | 'path'>>(
      (so, one) => (graver(so, one) === one ? one : so),
      first,
    )
    return [{ ...worst, lotId, pocketId: pocket as PocketId }]
  })
}

const NOTHING = new Timeline([])

function figuresOf(
  lines: ReadonlyMap<PocketId, PocketLine>,
  path: Path,
  since: number,
  now: number,
) {
  return added(
    path.flatMap(({ pocketId, from, to }) => {
      const [begin, end] = [Math.max(from, since), to ?? now]
      return end <= begin ? [] : [(lines.get(pocketId)?.timeline ?? NOTHING).between(begin, end)]
    }),
  )
}
