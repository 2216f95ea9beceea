/**
 * A plan lived through day by day: what is taken, put, bought, used up and turns, and what each
 * line lacks on each day. It knows nothing of how a plan is found and is what plans are judged
 * and compared by.
 */
import { countsOn, lastOf } from './moving'
import type { Decisions } from './plan'
import {
  bareDayMinor,
  CARRY_MINOR,
  type End,
  type RestockProblem,
  standInDayMinor,
  type Tier,
  unservedMinor,
  wantedOn,
  wearOf,
} from './problem'
import { endHere, endOn } from './weather'

/** So many lie together and turn on the same day. */
interface Pile extends End {
  readonly thing: number
  /** The shelf it comes from; null for what was bought. */
  readonly shelf: number | null
  /** Good through this day wherever it is kept well. */
  readonly lasts: number
  amount: number
}

/** A line lacks so many from a day until before another. */
export interface Lack {
  readonly from: number
  readonly until: number
  readonly short: number
}

/** Good no longer, where it lies. */
export interface Turned {
  readonly shelf: number | null
  readonly thing: number
  readonly line: number | null
  readonly stop: number
  readonly day: number
  readonly amount: number
  /** Past its date; or frost or heat harmed it, where it lay. */
  readonly by: End['by']
  /** The first day on which frost or heat is there, which may be past. */
  readonly on: number
}

/** Taken out at a visit to make room, although good still. */
export interface SwappedOut extends Turned {
  readonly last: number
}

/** A decision that cannot be carried out as it stands. */
export type PlanFault =
  | { readonly code: 'not_there'; readonly shelf: number; readonly day: number }
  | { readonly code: 'nobody_there'; readonly stop: number; readonly day: number }
  | { readonly code: 'not_bought'; readonly thing: number; readonly day: number }
  | { readonly code: 'too_soon'; readonly offer: number; readonly day: number }
  | { readonly code: 'no_room'; readonly line: number; readonly day: number }
  /** Frost or heat would harm it there that day, or it is past its date. */
  | { readonly code: 'spoilt'; readonly line: number; readonly day: number }
  | { readonly code: 'may_not_move'; readonly shelf: number; readonly line: number }
  | { readonly code: 'over_budget'; readonly byMinor: number }

/** All sums in the currency's smallest unit; days of bareness weighted by the share lacking. */
export interface Cost {
  readonly spentMinor: number
  /** Of what is spent, the share that wears off in the time looked ahead. */
  readonly wornMinor: number
  readonly carryMinor: number
  readonly standInMinor: number
  readonly bareMinor: Readonly<Record<Tier, number>>
  readonly unservedMinor: number
  /** What plans are compared by. */
  readonly totalMinor: number
}

export interface Replayed {
  readonly cost: Cost
  readonly bareDays: Readonly<Record<Tier, number>>
  /** By line, in the order of the days. */
  readonly lacks: readonly (readonly Lack[])[]
  readonly turned: readonly Turned[]
  readonly swappedOut: readonly SwappedOut[]
  readonly faults: readonly PlanFault[]
}

const EPSILON = 1e-6

/** Lives through the time looked ahead. */
export function replay(problem: RestockProblem, decisions: Decisions): Replayed {
  const run = new Run(problem, decisions)
  for (let day = 0; day < problem.days; day++) run.live(day)
  return run.end()
}

class Run {
  private readonly onLine: Pile[][]
  private readonly loose: Pile[] = []
  private readonly byShelf = new Map<number, Pile>()
  private readonly reserved = new Map<number, number>()
  private readonly inHand = new Map<string, number>()
  private readonly bought = new Map<string, { left: number; readonly last: number }>()
  private readonly startedWith: number[]
  private readonly faults: PlanFault[] = []
  private readonly turned: Turned[] = []
  private readonly swappedOut: SwappedOut[] = []
  private readonly lacks: { from: number; until: number; short: number }[][]
  private readonly bareDays = { life: 0, urgent: 0, comfort: 0 }
  private readonly bareMinor = { life: 0, urgent: 0, comfort: 0 }
  private spent = 0
  private worn = 0
  private carried = 0
  private standIn = 0
  private unserved = 0

  constructor(
    private readonly problem: RestockProblem,
    private readonly decisions: Decisions,
  ) {
    const { lines, shelves } = problem
    this.onLine = lines.map(() => [])
    this.lacks = lines.map(() => [])
    shelves.forEach((shelf, index) => {
      const pile = {
        thing: shelf.thing,
        shelf: index,
        lasts: lastOf(shelf),
        amount: shelf.amount,
        ...endHere(shelf),
      }
      this.byShelf.set(index, pile)
      if (shelf.line === null) this.loose.push(pile)
      else this.onLine[shelf.line]?.push(pile)
    })
    this.startedWith = this.onLine.map((piles) => total(piles.filter(({ last }) => last >= 0)))
    for (const { shelf, line, amount } of decisions.carries) {
      this.reserved.set(shelf, (this.reserved.get(shelf) ?? 0) + amount)
      const of = shelves[shelf]
      // Back to where it lay is no place of another's.
      const isKept = of?.stays !== null && of?.line !== line
      if (!of || isKept || !countsOn(problem, line, of.thing))
        this.faults.push({ code: 'may_not_move', shelf, line })
    }
  }

  live(day: number): void {
    this.turn(day)
    this.take(day)
    this.buy(day)
    this.put(day)
    this.measure(day)
    this.consume(day)
  }

  private isThere(stop: number, day: number): boolean {
    return this.problem.stops[stop]?.chances.some((chance) => chance.day === day) ?? false
  }

  private turn(day: number): void {
    const gone = (piles: Pile[], line: number | null, stop: (pile: Pile) => number) => {
      for (const pile of piles)
        if (pile.last < day && pile.amount > EPSILON) {
          const { thing, shelf, amount, by, on } = pile
          this.turned.push({ shelf, thing, line, stop: stop(pile), day, amount, by, on })
          pile.amount = 0
        }
    }
    this.problem.lines.forEach(({ stop }, line) => {
      gone(this.onLine[line] ?? [], line, () => stop)
    })
    gone(this.loose, null, ({ shelf }) => this.problem.shelves[shelf ?? -1]?.stop ?? -1)
  }

  private take(day: number): void {
    for (const { shelf, line, amount, takeOn } of this.decisions.carries) {
      if (takeOn !== day) continue
      const pile = this.byShelf.get(shelf)
      const { stop = -1 } = this.problem.shelves[shelf] ?? {}
      if (!this.isThere(stop, day)) this.faults.push({ code: 'nobody_there', stop, day })
      if (!pile || pile.amount + EPSILON < amount) {
        this.faults.push({ code: 'not_there', shelf, day })
        continue
      }
      pile.amount -= amount
      this.reserved.set(shelf, (this.reserved.get(shelf) ?? 0) - amount)
      const key = `${shelf}/${line}`
      this.inHand.set(key, (this.inHand.get(key) ?? 0) + amount)
    }
  }

  private buy(day: number): void {
    const { offers, things } = this.problem
    for (const { offer: index, packs, by } of this.decisions.buys) {
      if (by !== day) continue
      const offer = offers[index]
      const thing = offer && things[offer.thing]
      if (!offer || !thing) continue
      if (offer.leadDays > day) this.faults.push({ code: 'too_soon', offer: index, day })
      const minor = packs * offer.priceMinor
      this.spent += minor
      this.worn += wearOf(this.problem, thing, minor, day)
      const key = `${offer.thing}/${day}`
      const known = this.bought.get(key)
      const last = day + (thing.freshDays ?? Number.POSITIVE_INFINITY)
      this.bought.set(key, { left: (known?.left ?? 0) + packs * offer.units, last })
    }
  }

  private put(day: number): void {
    const arrivals = new Set<number>()
    const arrive = (line: number, pile: Pile) => {
      const stop = this.problem.lines[line]?.stop ?? -1
      if (!this.isThere(stop, day)) this.faults.push({ code: 'nobody_there', stop, day })
      if (pile.last < day) this.faults.push({ code: 'spoilt', line, day })
      this.onLine[line]?.push(pile)
      arrivals.add(line)
    }
    for (const { shelf, line, amount, putOn } of this.decisions.carries) {
      if (putOn !== day) continue
      const key = `${shelf}/${line}`
      const there = this.inHand.get(key) ?? 0
      const { thing = -1, lastDay = -1 } = this.problem.shelves[shelf] ?? {}
      if (there + EPSILON < amount) {
        this.faults.push({ code: 'not_there', shelf, day })
        continue
      }
      this.inHand.set(key, there - amount)
      const lasts = lastOf({ lastDay })
      arrive(line, {
        thing,
        shelf,
        amount,
        lasts,
        ...endOn(this.problem, { line, thing }, day, lasts),
      })
      this.carried += (CARRY_MINOR * amount) / (this.problem.lines[line]?.par ?? 1)
    }
    for (const { thing, line, amount, boughtBy, putOn } of this.decisions.puts) {
      if (putOn !== day) continue
      const pack = this.bought.get(`${thing}/${boughtBy}`)
      if (!pack || pack.left + EPSILON < amount) {
        this.faults.push({ code: 'not_bought', thing, day })
        continue
      }
      pack.left -= amount
      const { last: lasts } = pack
      arrive(line, {
        thing,
        shelf: null,
        amount,
        lasts,
        ...endOn(this.problem, { line, thing }, day, lasts),
      })
    }
    for (const line of arrivals) this.makeRoom(line, day)
  }

  /** What turns first is taken out where there is no room for all. */
  private makeRoom(index: number, day: number): void {
    const line = this.problem.lines[index]
    const piles = this.onLine[index]
    if (!line || !piles || line.room === null) return
    let over = total(piles) - Math.max(line.room, this.startedWith[index] ?? 0)
    for (const pile of [...piles].sort((a, b) => a.last - b.last)) {
      if (over <= EPSILON) break
      const amount = Math.min(over, pile.amount - this.keptFor(pile))
      if (amount <= EPSILON) continue
      const { thing, shelf, lasts: last } = pile
      this.swappedOut.push({
        shelf,
        thing,
        line: index,
        stop: line.stop,
        day,
        amount,
        last,
        by: 'date',
        on: last + 1,
      })
      pile.amount -= amount
      over -= amount
    }
    if (over > EPSILON) this.faults.push({ code: 'no_room', line: index, day })
  }

  private measure(day: number): void {
    const { problem } = this
    problem.lines.forEach((line, index) => {
      const piles = this.onLine[index] ?? []
      const short = Math.max(0, wantedOn(line) - total(piles))
      const first = problem.stops[line.stop]?.chances[0]?.day
      const lacks = this.lacks[index]
      if (short > EPSILON) {
        const before = lacks?.at(-1)
        if (before && before.until === day && Math.abs(before.short - short) < EPSILON)
          before.until = day + 1
        else lacks?.push({ from: day, until: day + 1, short })
        this.bareDays[line.tier] += short / line.par
        // Before anybody is there nothing can be done about it.
        if (first !== undefined && day >= first)
          this.bareMinor[line.tier] += (bareDayMinor(problem, line.tier) * short) / line.par
      }
      for (const { thing, amount } of piles)
        if (thing !== line.thing) this.standIn += (standInDayMinor(problem) * amount) / line.par
    })
  }

  /** First expiring, first out, but for what is to go elsewhere. */
  private consume(day: number): void {
    this.problem.lines.forEach((line, index) => {
      const due = line.uses.find((use) => use.day === day)
      if (!due) return
      let left = due.amount
      const piles = [...(this.onLine[index] ?? [])].sort((a, b) => a.last - b.last)
      for (const pile of piles) {
        const taken = Math.min(left, Math.max(0, pile.amount - this.keptFor(pile)))
        pile.amount -= taken
        left -= taken
      }
      this.unserved += unservedMinor(this.problem, line, day) * left
    })
  }

  private keptFor(pile: Pile): number {
    const { shelf } = pile
    return shelf !== null && this.byShelf.get(shelf) === pile ? (this.reserved.get(shelf) ?? 0) : 0
  }

  end(): Replayed {
    const { spent, worn, carried, standIn, bareMinor, unserved, problem } = this
    const over = problem.budgetMinor === null ? 0 : spent - problem.budgetMinor
    if (over > 0) this.faults.push({ code: 'over_budget', byMinor: over })
    return {
      cost: {
        spentMinor: spent,
        wornMinor: worn,
        carryMinor: carried,
        standInMinor: standIn,
        bareMinor,
        unservedMinor: unserved,
        totalMinor:
          worn +
          carried +
          standIn +
          bareMinor.life +
          bareMinor.urgent +
          bareMinor.comfort +
          unserved,
      },
      bareDays: this.bareDays,
      lacks: this.lacks,
      turned: this.turned,
      swappedOut: this.swappedOut,
      faults: this.faults,
    }
  }
}

const total = (piles: readonly Pile[]): number => piles.reduce((sum, { amount }) => sum + amount, 0)
