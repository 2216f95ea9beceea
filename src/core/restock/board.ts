/** A plan told line by line: what is done when, what it meets, what it saves, and what else would be. */
import type { Weather } from '../exposure/ahead'
import type { Decisions } from './plan'
import type { End, RestockProblem } from './problem'
import { type Lack, type Replayed, replay } from './replay'
import { endOn } from './weather'

/** What a line would lack if nothing were done. */
export interface Meets {
  readonly line: number
  readonly short: number
  readonly from: number
}

export interface CarryLine {
  readonly kind: 'carry'
  readonly shelf: number
  readonly line: number
  readonly amount: number
  readonly takeOn: number
  readonly putOn: number
  readonly meets: Meets | null
  /** What as much of it would cost new. */
  readonly savesMinor: number
  /** The day on which it turns; null when it outlasts the time looked ahead. */
  readonly turnsOn: number | null
  /** Taken away before frost or heat comes to where it lies. */
  readonly before: { readonly by: Weather; readonly day: number } | null
}

export interface BuyLine {
  readonly kind: 'buy'
  readonly offer: number
  readonly packs: number
  /** Here by this day; ordered so many days before. */
  readonly by: number
  readonly orderBy: number
  readonly costMinor: number
  readonly goesTo: readonly {
    readonly line: number
    readonly amount: number
    readonly putOn: number
    readonly meets: Meets | null
  }[]
  /** Of the packs, what no line needs yet. */
  readonly leftOver: number
}

/** Taken out at a visit: spent by then, out of the way of frost or heat, or for what lasts longer. */
export interface TakeOutLine {
  readonly kind: 'throw_away' | 'take_in' | 'swap_out'
  readonly shelf: number | null
  readonly thing: number
  readonly line: number | null
  readonly stop: number
  readonly amount: number
  /** The visit on which it is done; null where nobody knows when somebody is there. */
  readonly on: number | null
  /** The first day on which it is no longer good. */
  readonly turnsOn: number
  readonly by: End['by']
  readonly worthMinor: number
}

/** Why a line stays short. */
export type BareWhy =
  | 'nobody_there'
  | 'until_the_visit'
  | 'no_room'
  | 'weather'
  | 'no_offer'
  | 'not_wanted'
  | 'budget'
  | 'not_worth'

export interface BareLine {
  readonly kind: 'bare'
  readonly line: number
  readonly short: number
  readonly from: number
  readonly days: number
  /** When it lacks how much. */
  readonly stretches: readonly Lack[]
  readonly why: BareWhy
}

export interface RestockBoard {
  readonly carries: readonly CarryLine[]
  readonly buys: readonly BuyLine[]
  readonly takeOuts: readonly TakeOutLine[]
  readonly bare: readonly BareLine[]
  readonly lived: Replayed
}

/**
 * @param isTight whether more money would have bought more
 * @param idle what would be if nothing were done
 */
export function restockBoard(
  problem: RestockProblem,
  decisions: Decisions,
  isTight: boolean,
  idle: Pick<Replayed, 'lacks'>,
): RestockBoard {
  const lived = replay(problem, decisions)
  const meets = (line: number, day: number): Meets | null => {
    const lack = idle.lacks[line]?.find(({ until }) => until > day)
    return lack ? { line, short: lack.short, from: lack.from } : null
  }
  return {
    carries: decisions.carries.map(({ shelf, line, amount, takeOn, putOn }): CarryLine => {
      const { lastDay = null, here = null, thing = -1 } = problem.shelves[shelf] ?? {}
      return {
        kind: 'carry',
        shelf,
        line,
        amount,
        takeOn,
        putOn,
        meets: meets(line, putOn),
        savesMinor: Math.round(newMinor(problem, thing) * amount),
        turnsOn: lastDay !== null && lastDay < problem.days ? lastDay + 1 : null,
        before: here && here.by !== 'date' ? { by: here.by, day: here.on } : null,
      }
    }),
    buys: buysOf(problem, decisions, meets),
    takeOuts: takeOutsOf(problem, lived),
    bare: problem.lines.flatMap((_, line) => bareOf(problem, lived, line, isTight)),
    lived,
  }
}

/** What one unit costs where it is cheapest. */
function newMinor({ offers }: RestockProblem, thing: number): number {
  const prices = offers
    .filter((one) => one.thing === thing)
    .map((one) => one.priceMinor / one.units)
  return prices.length === 0 ? 0 : Math.min(...prices)
}

function buysOf(
  problem: RestockProblem,
  { buys, puts }: Decisions,
  meets: (line: number, day: number) => Meets | null,
): readonly BuyLine[] {
  // Of several packs for one day, what is put goes onto the first that has it.
  const left = puts.map(({ amount }) => amount)
  return [...buys]
    .sort((a, b) => a.by - b.by)
    .map(({ offer: index, packs, by }): BuyLine => {
      const { thing = -1, units = 0, priceMinor = 0, leadDays = 0 } = problem.offers[index] ?? {}
      let there = packs * units
      const goesTo = puts.flatMap((put, at) => {
        const amount = Math.min(there, left[at] ?? 0)
        if (put.thing !== thing || put.boughtBy !== by || amount <= 0) return []
        there -= amount
        left[at] = (left[at] ?? 0) - amount
        return [{ line: put.line, amount, putOn: put.putOn, meets: meets(put.line, put.putOn) }]
      })
      return {
        kind: 'buy',
        offer: index,
        packs,
        by,
        orderBy: Math.max(0, by - leadDays),
        costMinor: packs * priceMinor,
        goesTo,
        leftOver: Math.round(there * 1000) / 1000,
      }
    })
}

function takeOutsOf(problem: RestockProblem, lived: Replayed): readonly TakeOutLine[] {
  const worth = (thing: number, amount: number): number =>
    Math.round(newMinor(problem, thing) * amount)
  const visit = (stop: number, day: number): number | null =>
    problem.stops[stop]?.chances.find((chance) => chance.day >= day)?.day ?? null
  /** What frost would harm is taken away the last time that somebody is there before. */
  const before = (stop: number, day: number): number | undefined =>
    problem.stops[stop]?.chances.findLast((chance) => chance.day < day)?.day
  return [
    ...lived.turned.map(
      ({ shelf, thing, line, stop, day, amount, by, on }): TakeOutLine => ({
        kind: by === 'date' ? 'throw_away' : 'take_in',
        shelf,
        thing,
        line,
        stop,
        amount,
        on: by === 'date' ? visit(stop, day) : (before(stop, day) ?? visit(stop, day)),
        turnsOn: by === 'date' ? day : on,
        by,
        worthMinor: worth(thing, amount),
      }),
    ),
    ...lived.swappedOut.map(
      ({ shelf, thing, line, stop, day, amount, last }): TakeOutLine => ({
        kind: 'swap_out',
        shelf,
        thing,
        line,
        stop,
        amount,
        on: day,
        turnsOn: last + 1,
        by: 'date',
        worthMinor: worth(thing, amount),
      }),
    ),
  ]
}

function bareOf(
  problem: RestockProblem,
  lived: Replayed,
  index: number,
  isTight: boolean,
): readonly BareLine[] {
  const line = problem.lines[index]
  if (!line) return []
  const lacks = lived.lacks[index] ?? []
  const first = problem.stops[line.stop]?.chances[0]?.day
  const tight = line.room !== null && line.room < line.par
  const short = lacks.reduce((most, lack) => Math.max(most, lack.short), 0)
  const from = lacks[0]?.from ?? 0
  const days = lacks.reduce((sum, lack) => sum + lack.until - lack.from, 0)
  const bare = (why: BareWhy): BareLine => ({
    kind: 'bare',
    line: index,
    short,
    from,
    days,
    stretches: lacks,
    why,
  })
  if (lacks.length === 0)
    return tight ? [noRoom(bare('no_room'), line.par - (line.room ?? 0), problem.days)] : []
  if (first === undefined) return [bare('nobody_there')]
  if (lacks.every(({ until }) => until <= first)) return [bare('until_the_visit')]
  if (isWeather(problem, index, lacks)) return [bare('weather')]
  if (problem.wishes.some((wish) => wish.kind === 'no_buy' && wish.thing === line.thing))
    return [bare('not_wanted')]
  if (!problem.offers.some(({ thing }) => thing === line.thing)) return [bare('no_offer')]
  return [bare(isTight ? 'budget' : 'not_worth')]
}

/** It lacks because frost or heat would harm it whenever somebody could put it there, or took it before. */
function isWeather(problem: RestockProblem, line: number, lacks: readonly Lack[]): boolean {
  const { thing = -1, stop = -1 } = problem.lines[line] ?? {}
  const isHarsh = (day: number): boolean =>
    endOn(problem, { line, thing }, day, Number.POSITIVE_INFINITY).last < day
  const chances = problem.stops[stop]?.chances ?? []
  const first = chances[0]?.day ?? 0
  return lacks
    .filter(({ until }) => until > first)
    .every(({ from, until }) => {
      const within = chances.filter(({ day }) => day >= from && day < until)
      return within.length === 0 ? isHarsh(from) : within.every(({ day }) => isHarsh(day))
    })
}

/** Never full, from the first day to the last. */
const noRoom = (bare: BareLine, short: number, days: number): BareLine => ({
  ...bare,
  short,
  days,
  stretches: [{ from: 0, until: days, short }],
})
