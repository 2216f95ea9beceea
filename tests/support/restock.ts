/** Seeded households for planning: as small as can be tried out in full, or as large as any. */
import { plainDate } from '../../src/core/calendar/plainDate'
import { seeded } from '../../src/core/chance/seeded'
import type { Spell } from '../../src/core/exposure/spell'
import { gapAfter } from '../../src/core/restock/chances'
import type {
  Chance,
  Offer,
  ParLine,
  RestockProblem,
  Shelf,
  Stop,
  Thing,
  Tier,
} from '../../src/core/restock/problem'
import { endOn } from '../../src/core/restock/weather'

export interface Size {
  readonly stops: number
  readonly things: number
  readonly lots: number
  readonly days: number
  readonly shops: number
  /** Of one thing, at so many stops at most. */
  readonly linesEach: number
  /** Uses a year at the most, for a line. */
  readonly usesAYear: number
  readonly standIns: boolean
  readonly visits: number
}

export const TINY: Size = {
  stops: 2,
  things: 1,
  lots: 2,
  days: 300,
  shops: 1,
  linesEach: 2,
  usesAYear: 0,
  standIns: false,
  visits: 2,
}
export const USUAL: Size = {
  stops: 4,
  things: 40,
  lots: 160,
  days: 365,
  shops: 3,
  linesEach: 3,
  usesAYear: 8,
  standIns: true,
  visits: 4,
}
export const LARGE: Size = {
  stops: 12,
  things: 150,
  lots: 2000,
  days: 730,
  shops: 4,
  linesEach: 6,
  usesAYear: 8,
  standIns: true,
  visits: 6,
}

const TIERS: readonly Tier[] = ['life', 'urgent', 'urgent', 'comfort', 'comfort', 'comfort']

/** The same seed and size make the same household. */
export function seededProblem(
  seed: number,
  size: Size,
  fields: Partial<RestockProblem> = {},
): RestockProblem {
  const chance = seeded(seed)
  const below = (count: number): number => Math.floor(chance() * count)
  const oneOf = <T>(of: readonly T[]): T => of[below(of.length)] as T
  const { days } = size
  const stops: Stop[] = Array.from({ length: size.stops }, (_, index) => ({
    chances:
      index === 0 && size.visits > 2
        ? everyday(days)
        : visitsOf(
            Array.from({ length: size.visits }, () => below(days)),
            below,
          ),
  }))
  const things: Thing[] = Array.from({ length: size.things }, (_, index) => {
    const freshDays = oneOf([null, 200, 365, 730, 1095])
    return {
      freshDays,
      wornDays: freshDays ?? 3650,
      standIns: size.standIns && index % 9 === 1 ? [index - 1] : [],
    }
  })
  const lines: ParLine[] = things.flatMap((_, thing) =>
    [...new Set(Array.from({ length: 1 + below(size.linesEach) }, () => below(size.stops)))].map(
      (stop): ParLine => {
        const par = 1 + below(6)
        const tier = oneOf(TIERS)
        // Few things are used every month, and those where people live; what saves a life waits.
        const often =
          size.usesAYear *
          chance() ** 4 *
          ((stops[stop]?.chances.length ?? 0) > size.visits ? 1 : 0.15)
        return {
          key: `${thing}/${stop}`,
          thing,
          stop,
          par,
          room: chance() < 0.3 ? par + below(3) : null,
          tier,
          uses: usesOf(tier === 'life' ? often / 10 : often, days),
        }
      },
    ),
  )
  const shelves: Shelf[] = Array.from({ length: size.lots }, (_, index): Shelf => {
    const line = below(lines.length)
    const { thing, stop } = lines[line] as ParLine
    const elsewhere = chance() < 0.1
    return {
      key: `lot ${index}`,
      thing,
      stop: elsewhere ? below(size.stops) : stop,
      line: elsewhere ? null : line,
      amount: 1 + below(4),
      lastDay: chance() < 0.15 ? null : below(days * 2) - 20,
      here: null,
      stays: chance() < 0.1 ? 'own_medicine' : null,
    }
  })
  // One thing costs much the same everywhere; a larger pack is a little cheaper for each.
  const offers: Offer[] = things.flatMap((_, thing) => {
    const unitMinor = 40 + below(400) * (chance() < 0.1 ? 8 : 1)
    const packs = oneOf([[1], [1, 5], [2], [5], [10], [5, 10], [20]])
    return Array.from({ length: 1 + below(size.shops) }, (__, shop): Offer => {
      const units = oneOf(packs)
      return {
        thing,
        shop,
        units,
        priceMinor: Math.round(unitMinor * units ** 0.92 * (0.85 + chance() * 0.3)),
        leadDays: shop * 2,
      }
    })
  })
  return {
    today: plainDate('2026-11-26'),
    days,
    budgetMinor: null,
    comfortMinor: 25,
    stops,
    things,
    lines,
    shelves,
    shops: Array.from({ length: size.shops }, (_, index) => `shop ${index}`),
    offers,
    wishes: [],
    spells: [],
    spoils: [],
    ...fields,
  }
}

/** The same household with frost or heat on some of its lines, for a part of the time. */
export function weathered(problem: RestockProblem, seed: number): RestockProblem {
  const chance = seeded(seed * 7 + 3)
  const { days } = problem
  const spells = [0, 1].map((): Spell => {
    const from = Math.floor(chance() * days * 0.7)
    const to = from + 1 + Math.floor(chance() * days * 0.4)
    // Some days in the heat are borne; frost harms at once.
    const borne = chance() < 0.5 ? 0 : Math.floor(chance() * days * 0.1)
    const until = Array.from({ length: days }, (_, day) =>
      day > to || Math.max(day, from) + borne > to ? null : Math.max(day, from) + borne - 1,
    )
    const letter = borne === 0 ? 'f' : 'h'
    return { until, by: until.map((one) => (one === null ? '.' : letter)).join('') }
  })
  const spoils = problem.lines.flatMap((line, index) =>
    chance() < 0.6
      ? [line.thing, ...(problem.things[line.thing]?.standIns ?? [])].map((thing) => ({
          thing,
          line: index,
          spell: Math.floor(chance() * spells.length),
        }))
      : [],
  )
  const made = { ...problem, spells, spoils }
  return {
    ...made,
    shelves: problem.shelves.map((shelf) => {
      if (shelf.line === null) return shelf
      const end = endOn(made, { line: shelf.line, thing: shelf.thing }, 0, Number.POSITIVE_INFINITY)
      if (end.by === 'date') return shelf
      const first = problem.stops[shelf.stop]?.chances[0]?.day ?? 0
      return { ...shelf, here: { ...end, last: Math.max(end.last, first) } }
    }),
  }
}

function everyday(days: number): Chance[] {
  const chances: Chance[] = []
  for (let day = 0; day < days; day += gapAfter(day)) chances.push({ day, leaves: day })
  return chances
}

function visitsOf(days: readonly number[], below: (count: number) => number): Chance[] {
  return [...new Set(days)]
    .sort((a, b) => a - b)
    .map((day) => ({ day, leaves: day + below(4) }))
    .filter(({ day }, index, all) => index === 0 || day > (all[index - 1]?.leaves ?? 0))
}

function usesOf(perYear: number, days: number) {
  const uses: { day: number; amount: number }[] = []
  if (perYear < 0.2) return uses
  let due = 0
  for (let day = 0; day < days; day += gapAfter(day)) {
    due += (perYear * gapAfter(day)) / 365
    const amount = Math.floor(due)
    if (amount > 0) uses.push({ day: Math.min(days - 1, day + gapAfter(day) - 1), amount })
    due -= amount
  }
  return uses
}
