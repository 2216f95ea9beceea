/**
 * Several lines of temperature as one. The nearest counts: a logger in the pocket before one in the kit
 * before one at the place, any of them before what somebody typed, and that before a model.
 */
import type { Span } from './spans'

/** From here on two loggers at one spot say different things, in hundredths of a kelvin. */
const APART = 200
/** Disagreeing for so long is asked about. */
const ASKED_MINUTES = 60

export interface Line {
  /** The lower, the nearer to the thing: what is nearer counts alone while it says something. */
  readonly nearness: number
  /** In ascending order, none over another; a reading alone has no length. */
  readonly spans: readonly Span[]
}

export interface Together {
  readonly spans: readonly Span[]
  /** Minutes in which loggers at one spot were 2 K apart or more, where an hour of it came together. */
  readonly apartMinutes: number
}

/** Linear in the number of spans, but for sorting their ends. */
export function together(lines: readonly Line[]): Together {
  const [only, other] = lines
  if (!only) return { spans: [], apartMinutes: 0 }
  if (!other) return { spans: only.spans, apartMinutes: 0 }
  const ends = [
    ...new Set(lines.flatMap(({ spans }) => spans.flatMap(({ from, to }) => [from, to]))),
  ].sort((a, b) => a - b)
  const at = lines.map(() => 0)
  const found: Span[] = []
  // A reading alone stands for no time; it is an extreme where nothing else is known.
  const alone = lines.flatMap(({ spans }) => spans.filter(({ from, to }) => from === to))
  let [apart, run] = [0, 0]
  for (const [n, from] of ends.entries()) {
    const to = ends[n + 1]
    if (to === undefined) break
    const here = lines.flatMap(({ nearness, spans }, line): { nearness: number; span: Span }[] => {
      let index = at[line] ?? 0
      while ((spans[index]?.to ?? Number.POSITIVE_INFINITY) <= from) index += 1
      at[line] = index
      const span = spans[index]
      return span && span.from <= from && span.to >= to ? [{ nearness, span }] : []
    })
    const nearest = Math.min(...here.map(({ nearness }) => nearness))
    const counting = here.flatMap(({ nearness, span }) => (nearness === nearest ? [span] : []))
    const isApart = spreadOf(counting) >= APART
    run = isApart ? run + (to - from) : 0
    // An hour of it counts from its beginning.
    if (isApart && run >= ASKED_MINUTES)
      apart += run - (to - from) < ASKED_MINUTES ? run : to - from
    const one = asOne(counting, from, to)
    if (one) push(found, one)
  }
  const lone = alone.filter(({ from }) => !found.some((one) => one.from <= from && from < one.to))
  return { spans: [...found, ...lone].sort((a, b) => a.from - b.from), apartMinutes: apart }
}

/** Between what loggers say; what somebody typed is a range by itself, and contradicts nothing. */
const spreadOf = (spans: readonly Span[]): number =>
  spans.length < 2 || spans.some(({ of }) => of !== 'measured')
    ? 0
    : Math.max(...spans.map(({ high }) => high)) - Math.min(...spans.map(({ low }) => low))

/** Averaged while they agree; where they do not, the harsher counts in each direction. */
function asOne(spans: readonly Span[], from: number, to: number): Span | null {
  const [first] = spans
  if (!first) return null
  const mean = (of: (span: Span) => number): number =>
    spans.reduce((sum, one) => sum + of(one), 0) / spans.length
  const agree = first.of === 'measured' && spreadOf(spans) < APART
  return {
    from,
    to,
    low: agree ? mean(({ low }) => low) : Math.min(...spans.map(({ low }) => low)),
    high: agree ? mean(({ high }) => high) : Math.max(...spans.map(({ high }) => high)),
    of: first.of,
  }
}

/** What goes on unchanged is one. */
function push(spans: Span[], next: Span): void {
  const last = spans.at(-1)
  if (
    last &&
    last.to === next.from &&
    last.low === next.low &&
    last.high === next.high &&
    last.of === next.of
  )
    spans[spans.length - 1] = { ...last, to: next.to }
  else spans.push(next)
}
