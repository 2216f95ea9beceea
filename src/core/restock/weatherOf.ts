/** What the weather of each place does to the things of a household, for a plan. */

import { daysBetween } from '../calendar/plainDate'
import { nextThere } from '../calendar/presence'
import { harshModelOf, isOpenAir, type PlaceYear } from '../exposure/placeModel'
import { daysAhead, type Spell, spellOf } from '../exposure/spell'
import type { Keeping } from '../exposure/storage'
import type { ItemId, LotId, PocketId } from '../ids'
import type { JudgedHolding, Line, Survey } from '../watch/survey'
import type { RestockProblem, Shelf, Spoils } from './problem'
import { endOn } from './weather'

/** What is known of heat and frost. */
export interface KnownWeather {
  readonly years: readonly PlaceYear[]
  readonly keepingOf: (itemId: ItemId) => Keeping | undefined
  /** Minutes above its class that a part of a lot has met so far. */
  readonly borne: (lotId: LotId, pocketId: PocketId) => number
}

type Site = Line['site']

/** Days: nobody is sent anywhere farther ahead. */
const FARTHEST = 365

/** Nobody puts a thing somewhere for a few days only to change it again. A working figure of ours. */
const SHORTEST_STAY_DAYS = 28

export interface WeatherOfSites {
  readonly spellAt: (site: Site, itemId: ItemId) => Spell | null
  readonly hereOf: (holding: JudgedHolding) => Spell | null
}

/** Of places whose year somebody has told; no fridge, and nothing that is carried about. */
export function weatherOf(
  { today }: Pick<Survey, 'today'>,
  { years, keepingOf, borne }: KnownWeather,
  days: number,
): WeatherOfSites {
  const ahead = new Map<string, ReturnType<typeof daysAhead>>()
  const spells = new Map<string, Spell | null>()
  const daysAt = ({ place }: Site) => {
    const model = harshModelOf(place, years)
    if (!model) return null
    const known = ahead.get(place.id) ?? daysAhead(model, today, days)
    ahead.set(place.id, known)
    return known
  }
  const at = (site: Site, itemId: ItemId, minutes: number): Spell | null => {
    const keeping = isOpenAir(site) ? keepingOf(itemId) : undefined
    const here = keeping ? daysAt(site) : null
    if (!keeping || !here) return null
    const key = [site.place.id, keeping.storage, keeping.frostHarms, minutes].join('/')
    const known = spells.has(key) ? (spells.get(key) ?? null) : spellOf(here, keeping, minutes)
    spells.set(key, known)
    return known
  }
  return {
    spellAt: (site, itemId) => worthwhile(at(site, itemId, 0)),
    hereOf: ({ lot, item, site }) => at(site, item.id, borne(lot.id, site.pocket.id)),
  }
}

const kept = new WeakMap<Spell, Spell>()

/** Where it would be harmed within a few weeks it is not put at all. */
function worthwhile(spell: Spell | null): Spell | null {
  if (!spell) return null
  const known = kept.get(spell)
  if (known) return known
  const { until, by } = spell
  const made = {
    until: until.map((last, day) =>
      last !== null && last - day < SHORTEST_STAY_DAYS ? day - 1 : last,
    ),
    by,
  }
  kept.set(spell, made)
  return made
}

export const lineKey = ({ item, site }: Pick<Line, 'item' | 'site'>): string =>
  `${item.id}/${site.pocket.id}`

/**
 * Lines that nobody is asked to fill: the next time that somebody is there, what belongs there would be harmed
 * within a few weeks. A plan keeps them empty then.
 */
export function harshLines(
  survey: Pick<Survey, 'today' | 'lines'>,
  known: Omit<KnownWeather, 'borne'>,
): ReadonlySet<string> {
  if (known.years.length === 0) return new Set()
  const { today } = survey
  const chances = new Map(
    survey.lines.map(({ site: { place } }) => {
      const next = nextThere(place.presence, today)
      return [place.id, next.kind === 'on' ? daysBetween(today, next.day) : 0]
    }),
  )
  const days = Math.min(FARTHEST, Math.max(0, ...chances.values())) + SHORTEST_STAY_DAYS
  const weather = weatherOf(survey, { ...known, borne: () => 0 }, days)
  return new Set(
    survey.lines
      .filter(({ site, item, par }) => {
        const day = chances.get(site.place.id) ?? 0
        const until = weather.spellAt(site, item.id)?.until[day] ?? null
        return par > 0 && until !== null && until < day
      })
      .map(lineKey),
  )
}

/** Which things are harmed on which lines, each spell once. */
export function spoilsOf(
  lines: readonly { readonly site: Site; readonly things: readonly number[] }[],
  itemIdOf: (thing: number) => ItemId,
  weather: WeatherOfSites,
): Pick<RestockProblem, 'spells' | 'spoils'> {
  const spells: Spell[] = []
  const spoils: Spoils[] = []
  lines.forEach(({ site, things }, line) => {
    for (const thing of things) {
      const spell = weather.spellAt(site, itemIdOf(thing))
      if (!spell) continue
      const known = spells.indexOf(spell)
      spoils.push({ thing, line, spell: known < 0 ? spells.push(spell) - 1 : known })
    }
  })
  return { spells, spoils }
}

/**
 * What becomes of it where it lies. It is ready today, so that the model alone makes nothing of it before
 * somebody has been there.
 * @param first the first day on which somebody is there
 */
export function hereOf(spell: Spell | null, first: number): Shelf['here'] {
  if (!spell) return null
  const one = { spells: [spell], spoils: [{ thing: 0, line: 0, spell: 0 }] }
  const end = endOn(one, { line: 0, thing: 0 }, 0, Number.POSITIVE_INFINITY)
  return end.by === 'date' ? null : { ...end, last: Math.max(end.last, first) }
}
