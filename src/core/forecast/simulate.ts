/**
 * One thing lived through in a future that chance makes: used now and then, thrown away when it
 * has turned, filled up to its par at every visit in whole packs as they are sold. Each place
 * keeps to itself; what is over of a pack waits for the next place that lacks.
 */
import { addDays, daysBetween, monthNumber } from '../calendar/plainDate'
import { type Chance, gamma, poisson, wholeNear } from '../chance/draws'
import type { ForecastLine, ForecastProblem } from './problem'

/** What becomes of one thing in one future. Sums in the currency's smallest unit. */
export interface Lived {
  /** Spent in each month. */
  readonly spent: number[]
  /** Turned unused in each month, at what it would cost new. */
  readonly lapsed: number[]
  /** The same by place, over all months. */
  readonly lapsedAt: number[]
  /** Of each line, in the order in which they were given: units that were wanted and not there. */
  readonly without: number[]
  /** Of each line, days on which it was not whole, weighted by the share that lacked. */
  readonly bareDays: number[]
}

interface Pile {
  readonly last: number
  amount: number
}

/** Time goes by in steps of a week. */
const STEP_DAYS = 7
const YEAR_DAYS = 365

/** The days ahead in steps, made once for all futures. */
export interface Ahead {
  readonly days: number
  /** Of each step: which of the months ahead it is in, and which month of the year, January 0. */
  readonly months: readonly { readonly ahead: number; readonly ofYear: number }[]
  /** Of each place and step: the first visit in it, and the next one after it; -1 for none. */
  readonly visits: readonly (readonly { readonly on: number; readonly next: number }[])[]
}

export function aheadOf({
  today,
  months,
  stops,
}: Pick<ForecastProblem, 'today' | 'months' | 'stops'>): Ahead {
  const first = monthNumber(today) - 1 + Number(today.slice(0, 4)) * 12
  const days = daysBetween(today, firstDayOf(first + months))
  const steps = Math.ceil(days / STEP_DAYS)
  const monthAt = (day: number) => {
    const date = addDays(today, Math.min(day, days - 1))
    const at = monthNumber(date) - 1 + Number(date.slice(0, 4)) * 12
    return { ahead: at - first, ofYear: at % 12 }
  }
  return {
    days,
    months: Array.from({ length: steps }, (_, step) => monthAt(step * STEP_DAYS)),
    visits: stops.map((chances) =>
      Array.from({ length: steps }, (_, step) => {
        const until = (step + 1) * STEP_DAYS
        return {
          on: chances.find((day) => day >= step * STEP_DAYS && day < until) ?? -1,
          next: Math.min(days, chances.find((day) => day >= until) ?? days),
        }
      }),
    ),
  }
}

const firstDayOf = (month: number) =>
  `${Math.floor(month / 12)}-${String((month % 12) + 1).padStart(2, '0')}-01` as ForecastProblem['today']

/** The lines and shelves of one thing, by their positions. */
export interface ThingOnly {
  readonly thing: number
  readonly lines: readonly number[]
  readonly shelves: readonly number[]
}

export const eachThing = ({ things, lines, shelves }: ForecastProblem): readonly ThingOnly[] =>
  things.map((_, thing) => ({
    thing,
    lines: lines.flatMap((line, index) => (line.thing === thing ? [index] : [])),
    shelves: shelves.flatMap((shelf, index) => (shelf.thing === thing ? [index] : [])),
  }))

/** Where a pile lies; what is over of a pack lies where the pack was bought for. */
interface LyingPile extends Pile {
  readonly stop: number
}

/** @param pars other pars than those of the problem, by line */
export function simulate(
  problem: ForecastProblem,
  only: ThingOnly,
  ahead: Ahead,
  chance: Chance,
  pars: ReadonlyMap<number, number> = new Map(),
): Lived {
  const life = new Life(problem, only, ahead, chance, pars)
  for (let step = 0; step < ahead.months.length; step++) life.step(step)
  return life.lived
}

/** One of the lines in one future. */
interface LivingLine {
  readonly stop: number
  readonly par: number
  readonly each: number
  /** Times it is used in a step, by the month of the year. */
  readonly uses: readonly number[]
  readonly piles: LyingPile[]
}

/** Futures are many: what runs at every step makes no arrays and no closures. */
class Life {
  readonly lived: Lived
  private readonly lines: readonly LivingLine[]
  /** On no line, and what is over of packs. */
  private readonly loose: LyingPile[]
  private readonly over: LyingPile[] = []
  private readonly pack: ForecastProblem['things'][number]['pack']
  private readonly unitMinor: number
  private readonly freshDays: number

  constructor(
    problem: ForecastProblem,
    { thing, lines, shelves }: ThingOnly,
    private readonly ahead: Ahead,
    private readonly chance: Chance,
    pars: ReadonlyMap<number, number>,
  ) {
    const { freshDays = null, pack = null } = problem.things[thing] ?? {}
    this.pack = pack
    this.unitMinor = pack ? pack.priceMinor / pack.units : 0
    this.freshDays = freshDays ?? Number.POSITIVE_INFINITY
    const lying = shelves.flatMap((index) => problem.shelves[index] ?? [])
    const pileOf = ({ stop, amount, lastDay }: (typeof lying)[number]): LyingPile => ({
      stop,
      amount,
      last: lastDay ?? Number.POSITIVE_INFINITY,
    })
    this.lines = lines.map((index): LivingLine => {
      const { stop, par, perYear, each, shape, season } = problem.lines[index] as ForecastLine
      const rate = shape === null ? perYear : (perYear * gamma(shape, chance)) / shape
      return {
        stop,
        par: pars.get(index) ?? par,
        each,
        uses: season.map(
          (factor) => (rate / Math.max(each, 1e-9)) * factor * (STEP_DAYS / YEAR_DAYS),
        ),
        piles: lying.filter(({ line }) => line === index).map(pileOf),
      }
    })
    this.loose = lying.filter(({ line }) => line === null).map(pileOf)
    this.lived = {
      spent: new Array<number>(problem.months).fill(0),
      lapsed: new Array<number>(problem.months).fill(0),
      lapsedAt: problem.stops.map(() => 0),
      without: lines.map(() => 0),
      bareDays: lines.map(() => 0),
    }
  }

  step(step: number): void {
    const { months, visits, days } = this.ahead
    const { ahead: month, ofYear } = months[step] as Ahead['months'][number]
    const from = step * STEP_DAYS
    const share = (Math.min(days, from + STEP_DAYS) - from) / STEP_DAYS
    for (let index = 0; index < this.lines.length; index++) {
      const line = this.lines[index] as LivingLine
      this.turn(line.piles, from, month)
      const visit = visits[line.stop]?.[step]
      if (visit && visit.on >= 0) this.fill(line, visit.on, visit.next, month)
      if (line.par > 0) {
        const lacks = Math.max(0, line.par - good(line.piles, from))
        add(this.lived.bareDays, index, (lacks / line.par) * share * STEP_DAYS)
      }
      const expected = line.uses[ofYear] ?? 0
      if (expected <= 0) continue
      for (let uses = poisson(expected * share, this.chance); uses > 0; uses--) {
        const wanted = wholeNear(line.each, this.chance)
        add(this.lived.without, index, wanted - take(line.piles, wanted, from))
      }
    }
    this.turn(this.loose, from, month)
    this.turn(this.over, from, month)
  }

  /** What has turned is written off; empty piles go. */
  private turn(piles: LyingPile[], until: number, month: number): void {
    for (let at = piles.length - 1; at >= 0; at--) {
      const pile = piles[at] as LyingPile
      if (pile.amount > 0 && pile.last >= until) continue
      if (pile.amount > 0) {
        add(this.lived.lapsed, month, pile.amount * this.unitMinor)
        add(this.lived.lapsedAt, pile.stop, pile.amount * this.unitMinor)
      }
      piles.splice(at, 1)
    }
  }

  /** At a visit, filled up with what will be good until the next one. */
  private fill(line: LivingLine, day: number, next: number, month: number): void {
    // What does not even last fresh until the next visit is filled up all the same.
    const through = Math.min(next - 1, day + this.freshDays)
    let missing = Math.ceil(line.par - good(line.piles, through))
    while (missing > 0) {
      let box = this.over.find(({ amount, last }) => amount > 0 && last >= through)
      if (!box) {
        if (!this.pack) return
        add(this.lived.spent, month, this.pack.priceMinor)
        box = { stop: line.stop, amount: this.pack.units, last: day + this.freshDays }
        this.over.push(box)
      }
      const taken = Math.min(missing, box.amount)
      box.amount -= taken
      line.piles.push({ stop: line.stop, amount: taken, last: box.last })
      missing -= taken
    }
  }
}

function add(of: number[], at: number, value: number): void {
  of[at] = (of[at] ?? 0) + value
}

function good(piles: readonly Pile[], through: number): number {
  let sum = 0
  for (let at = 0; at < piles.length; at++) {
    const { amount, last } = piles[at] as Pile
    if (last >= through) sum += amount
  }
  return sum
}

/** First expiring, first out. @returns how many there were of those wanted */
function take(piles: Pile[], wanted: number, day: number): number {
  let left = wanted
  while (left > 0) {
    let first: Pile | null = null
    for (const pile of piles)
      if (pile.amount > 0 && pile.last >= day && (!first || pile.last < first.last)) first = pile
    if (!first) break
    const taken = Math.min(left, first.amount)
    first.amount -= taken
    left -= taken
  }
  return wanted - left
}
