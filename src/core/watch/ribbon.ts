/** The season ribbon: each lot at the day it turns, gathered where tags would lie on each other. */
import { addMonths, byDay, daysBetween, type PlainDate } from '../calendar/plainDate'
import type { Visit } from '../calendar/presence'
import type { Place } from '../household/places'
import { itemTitle } from '../stock/item'
import type { JudgedHolding, Survey } from './survey'

export const RIBBON_MONTHS = 18

export interface RibbonTag {
  /** The first day of those gathered here. */
  readonly day: PlainDate
  readonly row: number
  readonly holdings: readonly JudgedHolding[]
}

export interface RibbonLane {
  readonly place: Place
  readonly visits: readonly Visit[]
  readonly tags: readonly RibbonTag[]
}

export interface Ribbon {
  readonly from: PlainDate
  readonly to: PlainDate
  readonly lanes: readonly RibbonLane[]
}

/** How wide things are drawn; the ribbon decides by it what must be gathered. */
export interface RibbonScale {
  readonly rows: number
  readonly widthPixels: number
  readonly pixelsPerCharacter: number
  readonly paddingPixels: number
}

export const DESK_SCALE: RibbonScale = {
  rows: 2,
  widthPixels: 1020,
  pixelsPerCharacter: 6.6,
  paddingPixels: 34,
}

const LONGEST_TITLE = 22

/** Text as drawn: long names are cut to this on the ribbon. */
export const ribbonTitle = (holding: JudgedHolding): string => {
  const title = itemTitle(holding.item)
  return title.length > LONGEST_TITLE ? `${title.slice(0, LONGEST_TITLE - 1).trimEnd()}…` : title
}

/**
 * Lanes in the household's order; lots that are spent or never turn are not on the ribbon.
 * @param isLife what a life depends on: it is never gathered behind a count
 */
export function ribbon(
  survey: Survey,
  isLife: (holding: JudgedHolding) => boolean,
  scale: RibbonScale = DESK_SCALE,
): Ribbon {
  const to = addMonths(survey.today, RIBBON_MONTHS)
  const days = daysBetween(survey.today, to)
  const ahead = new Map<PlainDate, number>()
  const lanesOf = new Map(survey.places.map(({ id }) => [id, [] as Entry[]]))
  for (const holding of survey.holdings) {
    const day = endOf(holding)
    if (day === null || day < survey.today || day > to) continue
    const at = ahead.get(day) ?? daysBetween(survey.today, day)
    ahead.set(day, at)
    lanesOf.get(holding.site.place.id)?.push({ day, at, holding, isLife: isLife(holding) })
  }
  const daysWide = (characters: number): number =>
    ((characters * scale.pixelsPerCharacter + scale.paddingPixels) * days) / scale.widthPixels
  const lanes = survey.places.map((place) => ({
    place,
    visits: place.presence.visits.filter(
      (visit) => visit.endsOn >= survey.today && visit.startsOn <= to,
    ),
    tags: gather((lanesOf.get(place.id) ?? []).sort(byDayThenName), days, scale.rows, daysWide),
  }))
  return { from: survey.today, to, lanes }
}

interface Entry {
  readonly day: PlainDate
  /** Days from today. */
  readonly at: number
  readonly holding: JudgedHolding
  readonly isLife: boolean
}

const names = new Intl.Collator('en')
const byDayThenName = (a: Entry, b: Entry): number =>
  byDay(a.day, b.day) || names.compare(a.holding.item.name, b.holding.item.name)

function endOf({ judged }: JudgedHolding): PlainDate | null {
  if (judged.state === 'turning') return judged.day
  if (judged.state === 'spent') return null
  return judged.lastGood.kind === 'day' ? judged.lastGood.day : null
}

/** Room for " +99" on a gathered tag. */
const COUNT_CHARACTERS = 4
/** A lane grows to so many rows for what a life depends on; past that even those are gathered. */
const MOST_ROWS = 6

/**
 * Lays entries, sorted by day, into rows. What a life depends on comes first, each under its own
 * name; the rest goes into the first row that is free at its day, and where none is, joins the
 * last tag before it, so that a tag never hides a sooner day.
 */
function gather(
  entries: readonly Entry[],
  days: number,
  rows: number,
  daysWide: (characters: number) => number,
): readonly RibbonTag[] {
  const taken: [from: number, to: number][][] = Array.from({ length: rows }, () => [])
  const tags: { day: PlainDate; row: number; holdings: JudgedHolding[] }[] = []
  const put = ({ day, at: daysAhead, holding }: Entry, most: number): boolean => {
    const width = daysWide(ribbonTitle(holding).length + COUNT_CHARACTERS)
    // A tag near the right edge is drawn further left, so that it stays whole.
    const from = Math.min(daysAhead, days - width)
    const isFree = (row: readonly (readonly [number, number])[]): boolean =>
      row.every(([start, end]) => end <= from || start >= from + width)
    let row = taken.findIndex(isFree)
    if (row < 0 && taken.length < most) row = taken.push([]) - 1
    if (row < 0) return false
    taken[row]?.push([from, from + width])
    tags.push({ day, row, holdings: [holding] })
    return true
  }
  const lastBefore = (day: PlainDate) =>
    tags
      .filter((tag) => tag.day <= day)
      .reduce<(typeof tags)[number] | undefined>(
        (last, tag) => (last && last.day > tag.day ? last : tag),
        undefined,
      )
  const join = (entry: Entry): void => {
    const tag = lastBefore(entry.day)
    if (tag) tag.holdings.push(entry.holding)
    else put(entry, Number.POSITIVE_INFINITY)
  }
  for (const entry of entries.filter(({ isLife }) => isLife)) {
    const same = tags.find(
      (tag) => tag.day === entry.day && tag.holdings[0]?.item.id === entry.holding.item.id,
    )
    if (same) same.holdings.push(entry.holding)
    else if (!put(entry, MOST_ROWS)) join(entry)
  }
  for (const entry of entries.filter(({ isLife }) => !isLife)) if (!put(entry, rows)) join(entry)
  return tags.sort((a, b) => byDay(a.day, b.day) || a.row - b.row)
}
