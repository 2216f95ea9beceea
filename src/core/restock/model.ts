/**
 * The mixed-integer program of one family of things. Whole packs and whole units are its
 * integers; what a line holds in each stretch between two events is the sum of what lay there,
 * came and has not left, been used or turned.
 *
 * Every row is day-exact: a stretch ends where anything can come, leave, turn or be used, so
 * that the cost of the solution is what `replay` finds day by day.
 */

import type { Entry, ProgramBuilder } from '../solving/program'
import { type Batch, batchesOf, outOfBatches } from './batches'
import type { Family } from './family'
import { addLineRows, noTraffic, type Traffic } from './lineRows'
import { countsOn, daysToPut, departure } from './moving'
import type { Buy, Carry, Decisions, Put } from './plan'
import { CARRY_MINOR, type ParLine, type RestockProblem, standInDayMinor, wearOf } from './problem'
import { endOn } from './weather'

/** Which columns stand for which decisions. */
export interface FamilyColumns {
  readonly carries: readonly CarryColumn[]
  readonly buys: readonly (Omit<Buy, 'packs'> & { readonly column: number })[]
  readonly puts: readonly PutColumn[]
  /** What each pack takes from the budget. */
  readonly spending: readonly Entry[]
  /** What costs because something that must be there is not. */
  readonly lacking: readonly number[]
  /** False where no column can do what the keeper wants. */
  readonly heeded: boolean
}

interface CarryColumn extends Omit<Carry, 'amount' | 'shelf'> {
  readonly batch: Batch
  readonly column: number
}

interface PutColumn extends Omit<Put, 'amount' | 'boughtBy'> {
  /** Null where packs outlast the plan: which of them it comes from is all the same. */
  readonly boughtBy: number | null
  readonly column: number
}

/** So little for each column that it decides only between plans that are equal in all else. */
const TIE = 1e-5
/** As little for each day that a thing is carried sooner than it must be: it waits. */
const SOON = 1e-4

/** Adds the columns and rows of a family to a program. */
export function addFamily(
  problem: RestockProblem,
  family: Family,
  program: ProgramBuilder,
): FamilyColumns {
  return new FamilyModel(problem, family, program).columns
}

class FamilyModel {
  private readonly carries: CarryColumn[] = []
  private readonly buys: (Omit<Buy, 'packs'> & { readonly column: number })[] = []
  private readonly puts: PutColumn[] = []
  private readonly spending: Entry[] = []
  private readonly lacking: number[] = []
  private heeded = true
  private readonly traffic = new Map<number, Traffic>()
  private readonly lying: { readonly amount: number; readonly taken: readonly Entry[] }[] = []

  private readonly days: ReadonlyMap<number, readonly number[]>

  constructor(
    private readonly problem: RestockProblem,
    private readonly family: Family,
    private readonly program: ProgramBuilder,
  ) {
    this.days = new Map(family.lines.map((line) => [line, daysToPut(problem, line)]))
    for (const batch of batchesOf(problem, family)) this.lie(batch)
    for (const thing of family.things) this.buy(thing)
    for (const { amount, taken } of this.lying) if (taken.length > 0) program.atMost(amount, taken)
    for (const line of family.lines) {
      const lacking = addLineRows(problem, line, this.trafficOf(line), this.daysOf(line), program)
      if (this.line(line).tier !== 'comfort') this.lacking.push(...lacking)
    }
    this.wish()
  }

  get columns(): FamilyColumns {
    const { carries, buys, puts, spending, lacking, heeded } = this
    return { carries, buys, puts, spending, lacking, heeded }
  }

  private line = (index: number): ParLine => this.problem.lines[index] as ParLine
  private daysOf = (line: number): readonly number[] => this.days.get(line) ?? []
  private trafficOf = (line: number): Traffic => {
    const known = this.traffic.get(line) ?? noTraffic()
    this.traffic.set(line, known)
    return known
  }

  private tie = (): number => TIE * this.program.cost.length

  /**
   * What is there already: it stays, is used up, turns, or is carried to another line. What frost or heat
   * would harm may be taken away before, and put back when it is over.
   */
  private lie(batch: Batch): void {
    const { problem, program } = this
    const { thing, stop, line: own, last, here, amount, whole } = batch
    const taken: Entry[] = []
    if (own !== null) this.trafficOf(own).lying.push({ last: here, amount })
    this.lying.push({ amount, taken })
    const from = { stop, chances: problem.stops[stop]?.chances ?? [] }
    for (const line of this.family.lines) {
      if (line !== own && (batch.stays || batch.notTo.includes(line))) continue
      if (!countsOn(problem, line, thing)) continue
      const to = this.line(line)
      for (const day of this.daysOf(line)) {
        if (line === own && day <= here) continue
        const visit = departure(from, { stop: to.stop, day: Math.min(day, here) })
        const end = Math.min(endOn(problem, { line, thing }, day, last).last, last)
        if (!visit || end < day) continue
        const column = program.column({
          cost:
            CARRY_MINOR / to.par +
            this.standInMinor(line, thing, day, end) +
            this.tie() +
            SOON * (problem.days - day),
          upper: amount,
          whole: whole ? 'follows' : 'any',
        })
        this.carries.push({ batch, line, takeOn: visit.day, putOn: day, column })
        taken.push([column, 1])
        if (own !== null) this.trafficOf(own).goes.push({ column, day: visit.day, last: here })
        this.trafficOf(line).comes.push({ column, day, last: end, packs: [] })
      }
    }
  }

  /** What a stand-in on a line costs, for each unit, from a day to its end. */
  private standInMinor(line: number, thing: number, from: number, last: number): number {
    const { thing: wanted, par } = this.line(line)
    if (wanted === thing) return 0
    const until = Math.min(this.problem.days, last + 1)
    return (standInDayMinor(this.problem) * (until - from)) / par
  }

  private buy(thing: number): void {
    const { problem, program, family } = this
    if (problem.wishes.some((wish) => wish.kind === 'no_buy' && wish.thing === thing)) return
    const offers = worthwhile(problem, thing)
    const about = problem.things[thing]
    const onto = family.lines.filter((line) => countsOn(problem, line, thing))
    const byDays = [...new Set(onto.flatMap(this.daysOf))].sort((a, b) => a - b)
    if (!about || offers.length === 0) return
    const packs = byDays.map((by) => ({
      by,
      entries: offers.flatMap(({ index, units, priceMinor, leadDays }): Entry[] => {
        if (leadDays > by) return []
        const column = program.column({
          cost: wearOf(problem, about, priceMinor, by) + this.tie(),
          whole: 'whole',
        })
        this.buys.push({ offer: index, by, column })
        this.spending.push([column, priceMinor])
        return [[column, units]]
      }),
    }))
    const { freshDays } = about
    const put = (
      line: number,
      day: number,
      {
        boughtBy,
        lasts,
        packs,
      }: { boughtBy: number | null; lasts: number; packs: readonly number[] },
    ): readonly Entry[] => {
      const { last } = endOn(problem, { line, thing }, day, lasts)
      if (last < day) return []
      const column = program.column({
        cost: this.standInMinor(line, thing, day, last) + this.tie(),
        whole: Number.isInteger(this.line(line).par) ? 'follows' : 'any',
      })
      this.puts.push({ thing, line, putOn: day, boughtBy, column })
      this.trafficOf(line).comes.push({ column, day, last: Math.min(last, problem.days), packs })
      return [[column, 1]]
    }
    if (freshDays === null || (byDays[0] ?? 0) + freshDays >= problem.days) {
      let opened: number | null = null
      let store: number | null = null
      for (const { by, entries } of packs) {
        if (opened === null && entries.length === 0) continue
        const kept: readonly Entry[] = store === null ? [] : [[store, -1]]
        opened = this.boughtBy(opened, entries)
        store = program.column()
        const out: Entry[] = []
        for (const line of onto) {
          if (!this.daysOf(line).includes(by)) continue
          out.push(
            ...put(line, by, {
              boughtBy: null,
              lasts: Number.POSITIVE_INFINITY,
              packs: [opened],
            }),
          )
        }
        const come = entries.map(([pack, units]): Entry => [pack, -units])
        program.exactly(0, [[store, 1], ...kept, ...come, ...out])
      }
      return
    }
    let before: number | null = null
    for (const { by, entries } of packs) {
      if (entries.length === 0) continue
      before = this.boughtBy(before, entries)
      const last = by + freshDays
      const out: Entry[] = []
      for (const line of onto)
        for (const day of this.daysOf(line)) {
          if (day < by || day > last) continue
          out.push(
            ...put(line, day, {
              boughtBy: by,
              lasts: last,
              packs: entries.map(([pack]) => pack),
            }),
          )
        }
      program.atMost(0, [...out, ...entries.map(([column, units]): Entry => [column, -units])])
    }
  }

  /**
   * Packs in all by a day. Whole like the packs: to halve by it parts plans that buy early from
   * those that buy late, where one pack alone would only move to another day.
   */
  private boughtBy(before: number | null, packs: readonly Entry[]): number {
    const all = this.program.column({ whole: 'whole' })
    this.program.exactly(0, [
      [all, 1],
      ...(before === null ? [] : [[before, -1] as const]),
      ...packs.map(([pack]): Entry => [pack, -1]),
    ])
    return all
  }

  /** So many in all as the keeper wants, on whichever days are best. */
  private wish(): void {
    const { problem, family } = this
    for (const wish of problem.wishes) {
      if (wish.kind === 'carry' && family.shelves.includes(wish.shelf))
        this.want(
          wish.amount,
          this.carries.filter(
            ({ batch, line }) => batch.shelves.includes(wish.shelf) && line === wish.line,
          ),
        )
      if (wish.kind === 'buy' && family.things.includes(problem.offers[wish.offer]?.thing ?? -1))
        this.want(
          wish.packs,
          this.buys.filter(({ offer }) => offer === wish.offer),
        )
    }
  }

  private want(count: number, of: readonly { readonly column: number }[]): void {
    if (of.length === 0) this.heeded = false
    else
      this.program.exactly(
        count,
        of.map(({ column }): Entry => [column, 1]),
      )
  }
}

/** Offers of a thing without those that another beats in every way; what is wished for stays. */
function worthwhile({ offers, wishes }: RestockProblem, thing: number) {
  const of = offers.flatMap((offer, index) => (offer.thing === thing ? [{ ...offer, index }] : []))
  return of.filter(
    (offer) =>
      wishes.some((wish) => wish.kind === 'buy' && wish.offer === offer.index) ||
      !of.some((other) => {
        if (other.index === offer.index || other.leadDays > offer.leadDays) return false
        const asMany = Math.ceil(offer.units / other.units)
        if (asMany * other.priceMinor !== offer.priceMinor)
          return asMany * other.priceMinor < offer.priceMinor
        return other.units === offer.units ? other.index < offer.index : asMany === 1
      }),
  )
}

const THOUSAND = 1000
const rounded = (value: number): number => Math.round(value * THOUSAND) / THOUSAND

/** What a solution decides. */
export function decisionsOf(
  problem: RestockProblem,
  columns: FamilyColumns,
  values: readonly number[],
): Decisions {
  const of = (column: number): number => rounded(values[column] ?? 0)
  const buys = columns.buys
    .map(({ column, ...buy }) => ({ ...buy, packs: Math.round(values[column] ?? 0) }))
    .filter(({ packs }) => packs > 0)
  return {
    buys,
    carries: outOfBatches(
      problem,
      columns.carries
        .map(({ column, ...carry }) => ({ ...carry, amount: of(column) }))
        .filter(({ amount }) => amount > 0),
    ),
    puts: outOfPacks(
      problem,
      buys,
      columns.puts
        .map(({ column, ...put }) => ({ ...put, amount: of(column) }))
        .filter(({ amount }) => amount > 0),
    ),
  }
}

/** Says of every unit on which day its pack was bought, the oldest pack first. */
function outOfPacks(
  { offers }: RestockProblem,
  buys: readonly Buy[],
  puts: readonly (Omit<Put, 'boughtBy'> & { readonly boughtBy: number | null })[],
): readonly Put[] {
  const packs = buys
    .map(({ offer, packs: count, by }) => ({
      thing: offers[offer]?.thing,
      by,
      left: count * (offers[offer]?.units ?? 0),
    }))
    .sort((a, b) => a.by - b.by)
  return [...puts]
    .sort((a, b) => a.putOn - b.putOn)
    .flatMap((put): Put[] => {
      const { boughtBy } = put
      if (boughtBy !== null) return [{ ...put, boughtBy }]
      const parts: Put[] = []
      let left = put.amount
      for (const pack of packs) {
        if (pack.thing !== put.thing || pack.by > put.putOn || pack.left <= 0 || left <= 0) continue
        const amount = rounded(Math.min(left, pack.left))
        pack.left = rounded(pack.left - amount)
        left = rounded(left - amount)
        const before = parts.at(-1)
        if (before?.boughtBy === pack.by)
          parts[parts.length - 1] = { ...before, amount: before.amount + amount }
        else parts.push({ ...put, boughtBy: pack.by, amount })
      }
      return parts
    })
}
