/**
 * A line of temperature that is asked about many stretches of time: sums up to each span and extremes of
 * blocks make each answer cost the logarithm of its length.
 */
import { ageing } from './kinetic'
import { FROST, HARD_FROST, THRESHOLDS } from './limits'
import type { Span } from './spans'

/** What a stretch of time did, before anybody judges it. Minutes, hundredths of °C. */
export interface Figures {
  /** Told by a logger, of the whole. */
  readonly measured: number
  /** Of which only the highest and the lowest are known. */
  readonly typed: number
  readonly whole: number
  /** Above each of {@link THRESHOLDS}, measured. */
  readonly above: readonly number[]
  /** Sum over the measured time of how fast things aged. */
  readonly aged: number
  readonly hottest: Extreme | null
  readonly coldest: Extreme | null
  /** Each time at or below freezing, in order. */
  readonly frosts: readonly Frost[]
  /** The highest and the lowest that somebody typed. */
  readonly typedHigh: number | null
  readonly typedLow: number | null
}

export interface Extreme {
  readonly hundredths: number
  /** Somewhen in the span that begins then. */
  readonly at: number
}

export interface Frost {
  readonly from: number
  readonly to: number
  readonly lowest: number
  /** Longest time on end at or below −5 °C. */
  readonly hardMinutes: number
  /** Hard until its end, and so long: what follows may go on. */
  readonly hardAtEnd: number
  readonly hardAtBegin: number
}

const BLOCK = 64
const NO_FROSTS: readonly Frost[] = []

export class Timeline {
  private readonly measuredTo: Float64Array
  private readonly typedTo: Float64Array
  private readonly agedTo: Float64Array
  private readonly aboveTo: readonly Float64Array[]
  /** Of each span; plain numbers side by side are read many times faster than the spans themselves. */
  private readonly begins: Float64Array
  private readonly ends: Float64Array
  private readonly highs: Float64Array
  private readonly lows: Float64Array
  private readonly hottestIn: Int32Array
  private readonly coldestIn: Int32Array
  /** Frosts from their first to their last span, whole; and the times of hard frost in them. */
  private readonly runs: readonly FrostRun[]
  private readonly whole: readonly Frost[]
  private readonly hard: readonly { readonly from: number; readonly to: number }[]

  /** @param spans in ascending order, none over another; modelled ones are no measurement and are left out */
  constructor(private readonly spans: readonly Span[]) {
    const count = spans.length
    this.begins = new Float64Array(count)
    this.ends = new Float64Array(count)
    this.highs = new Float64Array(count)
    this.lows = new Float64Array(count)
    this.measuredTo = new Float64Array(count + 1)
    this.typedTo = new Float64Array(count + 1)
    this.agedTo = new Float64Array(count + 1)
    this.aboveTo = THRESHOLDS.map(() => new Float64Array(count + 1))
    const blocks = Math.ceil(count / BLOCK)
    this.hottestIn = new Int32Array(blocks).fill(-1)
    this.coldestIn = new Int32Array(blocks).fill(-1)
    const frosty: number[] = []
    for (const [at, span] of spans.entries()) {
      this.begins[at] = span.from
      this.ends[at] = span.to
      this.highs[at] = span.high
      this.lows[at] = span.low
      const minutes = span.to - span.from
      const isMeasured = span.of === 'measured'
      this.measuredTo[at + 1] = this.to(this.measuredTo, at) + (isMeasured ? minutes : 0)
      this.typedTo[at + 1] = this.to(this.typedTo, at) + (isMeasured ? 0 : minutes)
      this.agedTo[at + 1] =
        this.to(this.agedTo, at) + (isMeasured ? minutes * ageing(span.high) : 0)
      for (const [n, threshold] of THRESHOLDS.entries()) {
        const sums = this.aboveTo[n]
        if (sums)
          sums[at + 1] = this.to(sums, at) + (isMeasured && span.high > threshold ? minutes : 0)
      }
      const block = Math.floor(at / BLOCK)
      const [hot, cold] = [this.hottestIn[block] ?? -1, this.coldestIn[block] ?? -1]
      if (span.high > (spans[hot]?.high ?? Number.NEGATIVE_INFINITY)) this.hottestIn[block] = at
      if (span.low < (spans[cold]?.low ?? Number.POSITIVE_INFINITY)) this.coldestIn[block] = at
      if (isMeasured && span.low <= FROST) frosty.push(at)
    }
    this.runs = runsOf(spans, frosty)
    this.whole = this.runs.map(({ frost }) => frost)
    this.hard = hardOf(spans, frosty)
  }

  private to(sums: Float64Array, at: number): number {
    return sums[at] ?? 0
  }

  /** What was between two moments. @param from of the household's minutes, before `to` */
  between(from: number, to: number): Figures {
    const first = this.firstEndingAfter(from)
    const last = this.lastBeginningBefore(to)
    const within = first <= last
    const sum = (sums: Float64Array, each: (span: Span) => number): number => {
      if (!within) return 0
      const whole = this.to(sums, last + 1) - this.to(sums, first)
      return whole - this.cut(first, last, from, to, each)
    }
    const isMeasured = ({ of }: Span): number => (of === 'measured' ? 1 : 0)
    return {
      whole: to - from,
      measured: sum(this.measuredTo, isMeasured),
      typed: sum(this.typedTo, (span) => 1 - isMeasured(span)),
      aged: sum(this.agedTo, (span) => isMeasured(span) * ageing(span.high)),
      above: this.aboveTo.map((sums, n) =>
        sum(sums, (span) => (span.of === 'measured' && span.high > (THRESHOLDS[n] ?? 0) ? 1 : 0)),
      ),
      hottest: this.extreme(first, last, 'high'),
      coldest: this.extreme(first, last, 'low'),
      frosts: within ? this.frosts(first, last, from, to) : [],
      ...this.typedExtremes(first, last),
    }
  }

  /** What of the first and the last span lies outside. */
  private cut(
    first: number,
    last: number,
    from: number,
    to: number,
    each: (span: Span) => number,
  ): number {
    const [begin, end] = [this.spans[first], this.spans[last]]
    if (!begin || !end) return 0
    return Math.max(0, from - begin.from) * each(begin) + Math.max(0, end.to - to) * each(end)
  }

  /** Of a reading that stands for no time too, where it lies within. */
  private firstEndingAfter(from: number): number {
    let [low, high] = [0, this.spans.length]
    while (low < high) {
      const middle = (low + high) >> 1
      const end = this.ends[middle] ?? 0
      if (end > from || (end === from && this.begins[middle] === from)) high = middle
      else low = middle + 1
    }
    return low
  }

  private lastBeginningBefore(to: number): number {
    let [low, high] = [0, this.spans.length]
    while (low < high) {
      const middle = (low + high) >> 1
      if ((this.begins[middle] ?? 0) < to) low = middle + 1
      else high = middle
    }
    return low - 1
  }

  private extreme(first: number, last: number, side: 'high' | 'low'): Extreme | null {
    const [values, blocks, sign] =
      side === 'high' ? [this.highs, this.hottestIn, 1] : [this.lows, this.coldestIn, -1]
    let [best, most] = [-1, Number.NEGATIVE_INFINITY]
    for (let at = first; at <= last; ) {
      const isWhole = at % BLOCK === 0 && at + BLOCK - 1 <= last
      const one = isWhole ? (blocks[at / BLOCK] ?? at) : at
      const value = sign * (values[one] ?? 0)
      if (value > most) {
        most = value
        best = one
      }
      at += isWhole ? BLOCK : 1
    }
    const span = this.spans[best]
    return span ? { hundredths: span[side], at: span.from } : null
  }

  private typedExtremes(first: number, last: number): Pick<Figures, 'typedHigh' | 'typedLow'> {
    if (this.to(this.typedTo, last + 1) === this.to(this.typedTo, first))
      return { typedHigh: null, typedLow: null }
    const typed = this.spans.slice(first, last + 1).filter(({ of }) => of === 'typed')
    return typed.length === 0
      ? { typedHigh: null, typedLow: null }
      : {
          typedHigh: Math.max(...typed.map(({ high }) => high)),
          typedLow: Math.min(...typed.map(({ low }) => low)),
        }
  }

  /** What lies wholly within is taken as it is; of what is cut only the times of hard frost are looked at. */
  private frosts(first: number, last: number, from: number, to: number): readonly Frost[] {
    const begin = lowerBound(this.runs, first, (run) => run.last)
    const end = lowerBound(this.runs, last + 1, (run) => run.first)
    if (begin >= end) return NO_FROSTS
    const found = this.whole.slice(begin, end)
    for (const at of end - begin === 1 ? [begin] : [begin, end - 1]) {
      const run = this.runs[at]
      if (!run) continue
      const [start, stop] = [Math.max(from, run.frost.from), Math.min(to, run.frost.to)]
      if (start !== run.frost.from || stop !== run.frost.to)
        found[at - begin] = this.cutFrost(run, first, last, start, stop)
    }
    return found
  }

  private cutFrost(run: FrostRun, first: number, last: number, from: number, to: number): Frost {
    let [most, atBegin, atEnd] = [0, 0, 0]
    for (let at = lowerBound(this.hard, from, (one) => one.to); at < this.hard.length; at++) {
      const one = this.hard[at]
      if (!one || one.from >= to) break
      const minutes = Math.max(0, Math.min(to, one.to) - Math.max(from, one.from))
      most = Math.max(most, minutes)
      if (one.from <= from) atBegin = minutes
      if (one.to >= to) atEnd = minutes
    }
    const lowest = this.extreme(Math.max(first, run.first), Math.min(last, run.last), 'low')
    return {
      from,
      to,
      lowest: lowest?.hundredths ?? run.frost.lowest,
      hardMinutes: most,
      hardAtBegin: atBegin,
      hardAtEnd: atEnd,
    }
  }
}

/** A frost by its spans. */
interface FrostRun {
  readonly first: number
  readonly last: number
  readonly frost: Frost
}

function runsOf(spans: readonly Span[], frosty: readonly number[]): readonly FrostRun[] {
  const runs: FrostRun[] = []
  for (const at of frosty) {
    const span = spans[at]
    if (!span) continue
    const joined = runs.at(-1)
    const frosts = joined ? [joined.frost] : []
    pushFrost(frosts, frostOfSpan(span))
    const [one, other] = frosts
    if (joined && one && !other) runs[runs.length - 1] = { ...joined, last: at, frost: one }
    else if (one) runs.push({ first: at, last: at, frost: other ?? one })
  }
  return runs
}

const frostOfSpan = ({ from, to, low }: Span): Frost => {
  const hard = low <= HARD_FROST ? to - from : 0
  return { from, to, lowest: low, hardMinutes: hard, hardAtBegin: hard, hardAtEnd: hard }
}

function hardOf(spans: readonly Span[], frosty: readonly number[]) {
  const found: { from: number; to: number }[] = []
  for (const at of frosty) {
    const span = spans[at]
    if (!span || span.low > HARD_FROST) continue
    const last = found.at(-1)
    if (last && last.to === span.from) last.to = span.to
    else found.push({ from: span.from, to: span.to })
  }
  return found
}

/** The first in ascending order that is not below a value. */
function lowerBound<One>(sorted: readonly One[], value: number, of: (one: One) => number): number {
  let [low, high] = [0, sorted.length]
  while (low < high) {
    const middle = (low + high) >> 1
    const one = sorted[middle]
    if (one !== undefined && of(one) < value) low = middle + 1
    else high = middle
  }
  return low
}

/** Frost that goes on is one, also from one pocket to the next. */
export function pushFrost(frosts: Frost[], next: Frost): void {
  const last = frosts.at(-1)
  if (!last || last.to !== next.from) {
    frosts.push(next)
    return
  }
  const joined = last.hardAtEnd + next.hardAtBegin
  const isHard = (one: Frost): boolean => one.hardMinutes === one.to - one.from
  frosts[frosts.length - 1] = {
    from: last.from,
    to: next.to,
    lowest: Math.min(last.lowest, next.lowest),
    hardMinutes: Math.max(last.hardMinutes, next.hardMinutes, joined),
    hardAtBegin: isHard(last) ? joined : last.hardAtBegin,
    hardAtEnd: isHard(next) ? joined : next.hardAtEnd,
  }
}

/** Frosts of one stretch and of the next: only where they meet can one go on. */
function joined(before: readonly Frost[], next: readonly Frost[]): readonly Frost[] {
  const [first] = next
  if (before.length === 0 || !first) return before.length === 0 ? next : before
  const all = before.slice()
  pushFrost(all, first)
  return next.length === 1 ? all : all.concat(next.slice(1))
}

/** Of several stretches one after the other. */
export function added(all: readonly Figures[]): Figures {
  const [only] = all
  if (only && all.length === 1) return only
  const sum = (of: (one: Figures) => number): number => all.reduce((so, one) => so + of(one), 0)
  const frosts = all.reduce((so, { frosts: next }) => joined(so, next), NO_FROSTS)
  const most = <T>(of: (one: Figures) => T | null, better: (a: T, b: T) => boolean): T | null =>
    all.reduce<T | null>((best, one) => {
      const next = of(one)
      return next !== null && (best === null || better(next, best)) ? next : best
    }, null)
  return {
    whole: sum(({ whole }) => whole),
    measured: sum(({ measured }) => measured),
    typed: sum(({ typed }) => typed),
    aged: sum(({ aged }) => aged),
    above: THRESHOLDS.map((_, n) => sum(({ above }) => above[n] ?? 0)),
    hottest: most(
      ({ hottest }) => hottest,
      (a, b) => a.hundredths > b.hundredths,
    ),
    coldest: most(
      ({ coldest }) => coldest,
      (a, b) => a.hundredths < b.hundredths,
    ),
    frosts,
    typedHigh: most(
      ({ typedHigh }) => typedHigh,
      (a, b) => a > b,
    ),
    typedLow: most(
      ({ typedLow }) => typedLow,
      (a, b) => a < b,
    ),
  }
}
