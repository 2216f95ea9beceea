/**
 * What a household carries without need: the same thing in several places beyond what belongs
 * there, things kept just in case that nobody ever used, things that did not work. Each with
 * the room, weight and money it takes. It proposes to think, never to throw away.
 */
import { daysBetween, type PlainDate } from '../calendar/plainDate'
import type { ItemId } from '../ids'
import { volumeOf, worthOf } from '../layout/fill'
import type { Goods } from '../layout/goods'
import { type Entries, goodsOfLine } from '../layout/ofKit'
import { type Amount, less, NOTHING, sum, type Total, wholeUnitsUp } from '../quantity/amount'
import type { Item } from '../stock/item'
import { isGoodNow } from '../stock/judge'
import type { Verdict } from '../stock/verdict'
import { itemsOf, type JudgedHolding, type Line, type Survey } from '../watch/survey'

export interface Burden {
  readonly grams: number
  /** Cubic millimetres. */
  readonly volume: number
  readonly minor: number
  /** Things of unknown size or price among them. */
  readonly unknown: number
}

export type ReviewReason =
  /** Good stock beyond what belongs anywhere, in several kits. */
  | { readonly kind: 'duplicate'; readonly kits: number; readonly surplus: Total }
  /** Here since that day, and no use of it is recorded. */
  | { readonly kind: 'idle'; readonly since: PlainDate }
  | { readonly kind: 'verdict'; readonly verdict: Verdict }

export interface ReviewLine {
  /** Stays the same while the reason stands. */
  readonly key: string
  readonly reason: ReviewReason
  /** Several where they are one entry of the catalogue under other names. */
  readonly items: readonly Item[]
  readonly lines: readonly Line[]
  readonly amount: Total
  readonly par: Total
  /** Of the surplus for duplicates, of everything otherwise. */
  readonly burden: Burden
}

/** Nobody needs it within a year: then it is kept just in case. */
export const IDLE_DAYS = 365

/** A surplus smaller than this share of what belongs there is a reserve, not a duplicate. */
const WORTH_A_THOUGHT = 0.25

export interface Use {
  readonly last: PlainDate
  readonly times: number
}

/** Complaints first, then duplicates, then what lies idle; within each what costs most. */
export function review(
  survey: Survey,
  uses: ReadonlyMap<ItemId, Use>,
  entries: Entries,
): readonly ReviewLine[] {
  const groups = new Map<string, Line[]>()
  for (const line of survey.lines) {
    const key = line.item.catalogueId ?? line.item.id
    groups.set(key, [...(groups.get(key) ?? []), line])
  }
  const found = [...groups].flatMap(([key, lines]) => linesOf(key, lines, uses, entries, survey))
  return found.sort(
    (a, b) =>
      ORDER.indexOf(a.reason.kind) - ORDER.indexOf(b.reason.kind) ||
      b.burden.minor - a.burden.minor,
  )
}
const ORDER: readonly ReviewReason['kind'][] = ['verdict', 'duplicate', 'idle']

function linesOf(
  key: string,
  all: readonly Line[],
  uses: ReadonlyMap<ItemId, Use>,
  entries: Entries,
  { today }: Survey,
): ReviewLine[] {
  const lines = all.filter(({ holdings }) => holdings.length > 0)
  if (lines.length === 0) return []
  const items = itemsOf(lines)
  const amount = sum(lines.map(({ good }) => good))
  const par = sum(all.map((line) => line.par))
  const common = { items, lines, amount, par }
  const made: ReviewLine[] = []
  for (const item of items)
    if (item.verdict) {
      const own = lines.filter((line) => line.item.id === item.id)
      made.push({
        ...common,
        key: `review:verdict:${item.id}`,
        reason: { kind: 'verdict', verdict: item.verdict },
        items: [item],
        lines: own,
        burden: burdenOf(own, entries, null),
      })
    }
  const kits = new Set(lines.map(({ site }) => site.kit.id)).size
  const surplus = less(amount, par)
  if (kits > 1 && par > NOTHING && surplus >= par * WORTH_A_THOUGHT)
    made.push({
      ...common,
      key: `review:duplicate:${key}`,
      reason: { kind: 'duplicate', kits, surplus },
      burden: burdenOf(lines, entries, surplus),
    })
  const holdings = lines.flatMap((line) => line.holdings)
  const since = holdings.map(({ lot }) => lot.receivedOn).sort()[0]
  const idle =
    since !== undefined &&
    daysBetween(since, today) >= IDLE_DAYS &&
    items.every(({ essential, id, kind }) => !essential && !uses.has(id) && kind !== 'paper')
  if (idle && made.length === 0 && !lines.some((line) => isLifeSaving(line, entries)))
    made.push({
      ...common,
      key: `review:idle:${key}`,
      reason: { kind: 'idle', since },
      burden: burdenOf(lines, entries, null),
    })
  return made
}

/** What a life may depend on is meant to lie unused. */
const isLifeSaving = (line: Line, entries: Entries): boolean =>
  goodsOfLine(line, entries).urgency !== 'comfort'

/** @param most counts only so much of it, the first to turn last; null for everything */
function burdenOf(lines: readonly Line[], entries: Entries, most: Total | null): Burden {
  let left = most
  let grams = 0
  let volume = 0
  let minor = 0
  let unknown = 0
  for (const line of lines) {
    const goods = goodsOfLine(line, entries)
    for (const holding of line.holdings) {
      if (most !== null && !isGoodNow(holding.judged)) continue
      const counts = left === null ? holding.amount : (Math.min(left, holding.amount) as Amount)
      if (left !== null) left = less(left, counts)
      if (counts === NOTHING) continue
      const one = taken(goods, holding, counts)
      grams += one.grams
      volume += one.volume
      minor += one.minor
      unknown += one.unknown
    }
  }
  return { grams: Math.round(grams), volume, minor: Math.round(minor), unknown }
}

function taken(goods: Goods, { lot }: JudgedHolding, amount: Amount): Burden {
  const worth = worthOf({ lot, goods, amount })
  return {
    grams: goods.size ? (goods.size.grams * amount) / 1000 : 0,
    volume: goods.size ? volumeOf(goods.size.mm) * wholeUnitsUp(amount) : 0,
    minor: worth ?? 0,
    unknown: Number(!goods.size || worth === null),
  }
}
