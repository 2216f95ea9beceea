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
  private readonly frosty: readonly number[]

  /** @param spans in ascending order, none over another; modelled ones are no measurement and are left out */
  constructor(private readonly spans: readonly Span[]) {
    const count = spans.length
    this.begins = Float64Array.from(spans, ({ from }) => from)
    this.ends = Float64Array.from(spans, ({ to }) => to)
    this.highs = Float64Array.from(spans, ({ high }) => high)
    this.lows = Float64Array.from(spans, ({ low }) => low)
    this.measuredTo = new Float64Array(count + 1)
    this.typedTo = new Float64Array(count + 1)
    this.agedTo = new Float64Array(count + 1)
    this.aboveTo = THRESHOLDS.map(() => new Float64Array(count + 1))
    const blocks = Math.ceil(count / BLOCK)
    this.hottestIn = new Int32Array(blocks).fill(-1)
    this.coldestIn = new Int32Array(blocks).fill(-1)
    const frosty: number[] = []
    for (const [at, span] of spans.entries()) {
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
    this.frosty = frosty
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

  private frosts(first: number, last: number, from: number, to: number): readonly Frost[] {
    let begin = lowerBound(this.frosty, first)
    const found: Frost[] = []
    for (; begin < this.frosty.length; begin++) {
      const at = this.frosty[begin] ?? 0
      if (at > last) break
      const span = this.spans[at]
      if (!span) continue
      const [start, end] = [Math.max(from, span.from), Math.min(to, span.to)]
      const hard = span.low <= HARD_FROST ? end - start : 0
      pushFrost(found, {
        from: start,
        to: end,
        lowest: span.low,
        hardMinutes: hard,
        hardAtBegin: hard,
        hardAtEnd: hard,
      })
    }
    return found
  }
}

function lowerBound(sorted: readonly number[], value: number): number {
  let [low, high] = [0, sorted.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if ((sorted[middle] ?? 0) < value) low = middle + 1
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

/** Of several stretches one after the other. */
export function added(all: readonly Figures[]): Figures {
  const sum = (of: (one: Figures) => number): number => all.reduce((so, one) => so + of(one), 0)
  const frosts: Frost[] = []
  for (const one of all) for (const frost of one.frosts) pushFrost(frosts, frost)
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
