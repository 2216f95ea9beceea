/**
 * The rows of one par line: how much of what turns on the same day lies on it from one event to
 * the next, what of it is used up, what is lacking of the par, and that it all has room.
 */

import type { Entry, ProgramBuilder } from '../solving/program'
import type { ExpectedUse } from '../usage/expected'
import { bareDayMinor, type RestockProblem, unservedMinor, wantedOn } from './problem'

/** What may come onto a line or go from it. */
export interface Traffic {
  /** Lies there from the first day. */
  readonly lying: { readonly last: number; readonly amount: number }[]
  readonly comes: Coming[]
  readonly goes: Passing[]
}

/** What comes out of packs comes only where one was opened. */
interface Coming extends Passing {
  readonly packs: readonly number[]
}

/** So many as a column says, on a day, of what is good through another. */
interface Passing {
  readonly column: number
  readonly day: number
  readonly last: number
}

export const noTraffic = (): Traffic => ({ lying: [], comes: [], goes: [] })

/** A number that a program decides: a constant and columns. */
interface Held {
  readonly lies: number
  readonly entries: readonly Entry[]
}

/** So many columns are added up in place before a column stands for their sum. */
const SIDE_BY_SIDE = 6

const minus = (column: number): Entry => [column, -1]
const plus = (column: number): Entry => [column, 1]

/**
 * Adds the rows of a line.
 * @param useful the days on which something may be put there
 * @returns the columns that cost because something lacks
 */
export function addLineRows(
  problem: RestockProblem,
  index: number,
  traffic: Traffic,
  useful: readonly number[],
  program: ProgramBuilder,
): readonly number[] {
  const line = problem.lines[index]
  const chances = problem.stops[line?.stop ?? -1]?.chances ?? []
  const [first] = chances
  if (!line || !first) return []
  const lacking: number[] = []
  const wanted = wantedOn(line)
  const already = traffic.lying.reduce((total, { amount }) => total + amount, 0)
  const held = new Map<number, Held>()
  for (const { last, amount } of traffic.lying)
    held.set(last, { lies: (held.get(last)?.lies ?? 0) + amount, entries: [] })
  let drawn = new Map<number, number>()
  let short: number | null = null
  const cuts = cutsOf(problem, index, traffic)
  const comesOn = byDay(traffic.comes)
  const goesOn = byDay(traffic.goes)

  cuts.slice(0, -1).forEach((from, at) => {
    const until = cuts[at + 1] as number
    let changed = false
    // What may be lacking here, as far as it is not known from the start.
    const lost: Entry[] = short === null ? [] : [plus(short)]
    let due = at === 0 ? 0 : (line.uses.find(({ day }) => day === from - 1)?.amount ?? 0)
    const lose = ({ lies, entries }: Held) => {
      due += lies
      lost.push(...entries)
    }
    const comes = comesOn.get(from) ?? []
    const goes = goesOn.get(from) ?? []
    // Where there is no room for all, what turns first is swapped out.
    const tight = line.room !== null && comes.length > 0
    for (const last of new Set([...held.keys(), ...comes.map((one) => one.last)])) {
      const before = held.get(last) ?? { lies: 0, entries: [] }
      const draw = drawn.get(last)
      const gone = draw === undefined ? [] : [draw]
      const rest = before.entries.map(([column, factor]): Entry => [column, -factor])
      if (last < from) {
        // What was taken on its last day was there.
        if (gone.length > 0) program.atMost(before.lies, [...gone.map(plus), ...rest])
        lose(before)
        held.delete(last)
        changed = true
        continue
      }
      const added = comes.filter((one) => one.last === last).map(({ column }) => column)
      if (tight && last < problem.days && held.has(last)) {
        const out = program.column()
        gone.push(out)
        lost.push(plus(out))
      }
      gone.push(...goes.filter((one) => one.last === last).map(({ column }) => column))
      if (added.length === 0 && gone.length === 0) continue
      if (gone.length === 0 && before.entries.length + added.length <= SIDE_BY_SIDE) {
        held.set(last, { ...before, entries: [...before.entries, ...added.map(plus)] })
        changed = true
        continue
      }
      // What comes today was not there to be used yesterday, nor to be taken today.
      if (added.length > 0 && gone.length > 0)
        program.atMost(before.lies, [...gone.map(plus), ...rest])
      const now = program.column()
      program.exactly(before.lies, [plus(now), ...rest, ...gone.map(plus), ...added.map(minus)])
      held.set(last, { lies: 0, entries: [plus(now)] })
      changed = true
    }
    drawn = new Map()
    lost.push(...goes.map(({ column }) => plus(column)))
    const next = useful.find((day) => day > from) ?? problem.days
    for (const [last, one] of held) if (last < next - 1) lose(one)
    for (const { day, amount } of line.uses) if (day >= from && day < next - 1) due += amount
    // No pack, no unit of it; and nobody puts more than lacks before the next chance to put.
    const most = uses(line.uses, from, next) + line.par
    for (const { column, packs } of comes) {
      if (packs.length === 0) continue
      program.atMost(0, [plus(column), ...packs.map((pack): Entry => [pack, -most])])
      if (from > first.day)
        program.atMost(0, [
          plus(column),
          ...packs.map((pack): Entry => [pack, -due]),
          ...lost.map(([other, factor]): Entry => [other, -factor]),
        ])
    }
    if (tight) {
      const { lies, entries } = sumOf(held, from)
      program.atMost(Math.max(line.room ?? 0, already) - lies, entries)
    }
    if (from >= first.day) {
      const cost = (bareDayMinor(problem, line.tier) * (until - from)) / line.par
      const there = sumOf(held, until - 1)
      // A stretch like the one before lacks the same.
      if (!changed && short !== null) program.cost[short] = (program.cost[short] ?? 0) + cost
      else if (there.entries.length > 0 || there.lies < wanted) {
        short = program.column({ cost, upper: wanted })
        lacking.push(short)
        program.atLeast(wanted - there.lies, [...there.entries, plus(short)])
      } else short = null
    }
    const use = line.uses.find(({ day }) => day === until - 1)
    if (!use) return
    const unserved = program.column({
      cost: unservedMinor(problem, line, use.day),
      upper: use.amount,
    })
    lacking.push(unserved)
    for (const last of held.keys())
      if (last >= use.day) drawn.set(last, program.column({ upper: use.amount }))
    program.exactly(use.amount, [plus(unserved), ...[...drawn.values()].map(plus)])
  })
  for (const [last, draw] of drawn) {
    const { lies, entries } = held.get(last) as Held
    program.atMost(lies, [
      plus(draw),
      ...entries.map(([column, factor]): Entry => [column, -factor]),
    ])
  }
  return lacking
}

const uses = (of: readonly ExpectedUse[], from: number, until: number): number =>
  of.reduce((sum, { day, amount }) => (day >= from && day < until ? sum + amount : sum), 0)

function byDay<One extends Passing>(passing: readonly One[]): ReadonlyMap<number, readonly One[]> {
  const on = new Map<number, One[]>()
  for (const one of passing) {
    const known = on.get(one.day)
    if (known) known.push(one)
    else on.set(one.day, [one])
  }
  return on
}

/** All that is good through a day. */
function sumOf(held: ReadonlyMap<number, Held>, through: number): Held {
  let lies = 0
  const entries: Entry[] = []
  for (const [last, one] of held) {
    if (last < through) continue
    lies += one.lies
    entries.push(...one.entries)
  }
  return { lies, entries }
}

/** Every day on which something can happen to a line, with the first and the end. */
function cutsOf(problem: RestockProblem, index: number, traffic: Traffic): readonly number[] {
  const line = problem.lines[index]
  const chances = problem.stops[line?.stop ?? -1]?.chances ?? []
  const cuts = new Set([0, problem.days])
  const add = (day: number) => {
    if (day > 0 && day < problem.days) cuts.add(day)
  }
  for (const { day } of chances) add(day)
  for (const { day } of line?.uses ?? []) add(day + 1)
  for (const { last } of traffic.lying) add(last + 1)
  for (const { day, last } of traffic.comes) {
    add(day)
    add(last + 1)
  }
  for (const { day } of traffic.goes) add(day)
  return [...cuts].sort((a, b) => a - b)
}
