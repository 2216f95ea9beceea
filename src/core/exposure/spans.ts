/**
 * The time that each reading stands for: half-way to its neighbours. A gap is more than three hours,
 * or three usual steps where the usual step is above an hour: nothing stands for its middle.
 */
import type { Series } from './readings'

/** How warm it was for a while. `low` and `high` differ where two loggers disagree, or only limits are known. */
export interface Span {
  /** Minutes, possibly half ones. */
  readonly from: number
  readonly to: number
  readonly low: number
  readonly high: number
  readonly of: 'measured' | 'typed' | 'modelled'
}

/** A gap is longer than this where readings come every hour or more often. */
const GAP_MINUTES = 180

/** The step that most readings keep to; null where there are no two. */
export function usualStep({ minutes }: Pick<Series, 'minutes'>): number | null {
  const steps = minutes.slice(1).map((at, n) => at - (minutes[n] ?? at))
  if (steps.length === 0) return null
  steps.sort((a, b) => a - b)
  return steps[Math.floor((steps.length - 1) / 2)] ?? null
}

/** How long may pass between two readings before nothing is known of what was between them. */
export const longestStep = (usual: number | null): number =>
  usual !== null && usual > 60 ? 3 * usual : GAP_MINUTES

/**
 * Each reading with the time it stands for. The first and the last of a run count the half step beyond
 * them too, so that equal steps give the plain mean; beside a gap it is half a usual step. One reading
 * alone stands for no time: it is only an extreme.
 */
export function spansOf(series: Series): readonly Span[] {
  const { minutes, hundredths } = series
  const usual = usualStep(series)
  const longest = longestStep(usual)
  const beside = Math.min(usual ?? 0, longest) / 2
  return minutes.map((at, n) => {
    const before = at - (minutes[n - 1] ?? Number.NEGATIVE_INFINITY)
    const after = (minutes[n + 1] ?? Number.POSITIVE_INFINITY) - at
    const value = hundredths[n] ?? 0
    return {
      from: at - halfOf(before, after, longest, beside),
      to: at + halfOf(after, before, longest, beside),
      low: value,
      high: value,
      of: 'measured',
    }
  })
}

/** Half of the step to one neighbour; where there is none, as much as to the other. */
function halfOf(step: number, other: number, longest: number, beside: number): number {
  if (step <= longest) return step / 2
  return Number.isFinite(step) || other > longest ? beside : other / 2
}

export interface Gap {
  readonly from: number
  readonly to: number
}

/** Where nothing is known between two readings. */
export function gapsOf(series: Pick<Series, 'minutes'>): readonly Gap[] {
  const longest = longestStep(usualStep(series))
  return series.minutes.flatMap((to, n) => {
    const from = series.minutes[n - 1]
    return from !== undefined && to - from > longest ? [{ from, to }] : []
  })
}

/** One value for so long is asked about: a sensor that is stuck says nothing. */
const STUCK_MINUTES = 48 * 60

/** Where a logger said the same for two days or longer. */
export function stuckIn({ minutes, hundredths }: Series): readonly Gap[] {
  const stuck: Gap[] = []
  let begin = 0
  for (let n = 1; n <= minutes.length; n++) {
    if (n < minutes.length && hundredths[n] === hundredths[begin]) continue
    const [from, to] = [minutes[begin], minutes[n - 1]]
    if (from !== undefined && to !== undefined && to - from >= STUCK_MINUTES)
      stuck.push({ from, to })
    begin = n
  }
  return stuck
}
