/** What temperatures did to a thing: within, an excursion to know of, beyond, or nobody knows. */
import { kineticOf } from './kinetic'
import { FROST, freezesIn, HARD_FROST_MINUTES, LIMITS, type Limits, THRESHOLDS } from './limits'
import type { Keeping } from './storage'
import type { Figures } from './timeline'

/** Why a thing must not be used before somebody who knows has answered. */
export type Harm =
  | { readonly code: 'too_long'; readonly above: number; readonly minutes: number }
  | { readonly code: 'too_hot'; readonly above: number; readonly hundredths: number }
  | { readonly code: 'mean'; readonly most: number; readonly hundredths: number }
  | { readonly code: 'may_have_frozen'; readonly minutes: number; readonly hundredths: number }
  | { readonly code: 'froze'; readonly minutes: number; readonly hundredths: number }
  /** Only a lowest is known, and not how long. */
  | { readonly code: 'frost_typed'; readonly hundredths: number }

/** To be known, and no reason to set it aside. */
export type Told =
  | { readonly code: 'above'; readonly above: number; readonly minutes: number }
  /** Somebody typed a highest: for how long nobody knows. */
  | { readonly code: 'above_typed'; readonly above: number; readonly hundredths: number }
  | { readonly code: 'below'; readonly below: number; readonly hundredths: number }

export type Verdict =
  /** @see share of the time that anything was measured */
  | { readonly kind: 'unknown'; readonly because: 'class' | 'heat' | 'unmeasured' }
  | { readonly kind: 'within' }
  | { readonly kind: 'excursion' }
  | { readonly kind: 'beyond'; readonly harms: readonly Harm[] }

export interface Exposure {
  readonly verdict: Verdict
  readonly told: readonly Told[]
  /** °C, rounded to a hundredth; null where too little was measured for a mean. */
  readonly mean: number | null
  /** Of the time, what was measured: 0 to 1. */
  readonly share: number
  readonly figures: Figures
}

/**
 * A mean is judged once so much was measured: a warm afternoon is no mean. Thirty days, as excursions are
 * reckoned over; before that it is only shown.
 */
const MEAN_MINUTES = 30 * 24 * 60
/** Up to this it is as warm as rooms are; what is harmed by less says so on its label. */
const USUAL_HEAT = 3000
/** Less than this measured is not known. */
const ENOUGH = 0.5

/**
 * Judges what a thing has met. Harm that was seen is harm however little was measured; where less than half
 * of the time was measured nothing is "within".
 * @param all since it came, or since somebody who knows has answered
 * @param year of it the last year: the mean is of that
 */
export function judgeExposure(keeping: Keeping, all: Figures, year: Figures = all): Exposure {
  const limits = (keeping.storage && LIMITS[keeping.storage]) ?? null
  const share = year.whole <= 0 ? 0 : Math.min(1, year.measured / year.whole)
  const mean =
    year.measured > 0 ? Math.round(kineticOf(year.aged / year.measured) * 100) / 100 : null
  const heat = limits
    ? heatOf(limits, all, year.measured >= MEAN_MINUTES ? mean : null)
    : { harms: [], told: [], isExcursion: false }
  const harms = [...(keeping.frostHarms ? frostOf(keeping, all) : []), ...heat.harms]
  return {
    verdict: verdictOf(keeping, { harms, isExcursion: heat.isExcursion, share, all }),
    told: heat.told,
    mean,
    share,
    figures: all,
  }
}

function verdictOf(
  { storage, frostHarms }: Keeping,
  {
    harms,
    isExcursion,
    share,
    all,
  }: {
    readonly harms: readonly Harm[]
    readonly isExcursion: boolean
    readonly share: number
    readonly all: Figures
  },
): Verdict {
  if (harms.length > 0) return { kind: 'beyond', harms }
  if (isExcursion) return { kind: 'excursion' }
  if (storage === null) return { kind: 'unknown', because: 'class' }
  // "Keep dry" names no highest temperature: what it may meet nobody has said.
  const isHeatSaid = storage === 'no-limit' || LIMITS[storage] !== undefined
  if (!isHeatSaid && (all.hottest?.hundredths ?? 0) > USUAL_HEAT)
    return { kind: 'unknown', because: 'heat' }
  const judges = LIMITS[storage] !== undefined || frostHarms
  if (judges && all.whole > 0 && share < ENOUGH) return { kind: 'unknown', because: 'unmeasured' }
  return { kind: 'within' }
}

/** Whole minutes above the limit of its class. */
export const minutesAbove = ({ above }: Pick<Limits, 'above'>, figures: Figures): number =>
  Math.round(figures.above[THRESHOLDS.indexOf(above as never)] ?? 0)

function heatOf(limits: Limits, figures: Figures, mean: number | null) {
  const { above, ceiling, toldMinutes, mostMinutes } = limits
  const minutes = minutesAbove(limits, figures)
  const hottest = figures.hottest?.hundredths ?? Number.NEGATIVE_INFINITY
  const harms: Harm[] = []
  if (hottest > ceiling) harms.push({ code: 'too_hot', above: ceiling, hundredths: hottest })
  if (minutes > mostMinutes) harms.push({ code: 'too_long', above, minutes })
  if (limits.mean !== null && mean !== null && Math.round(mean * 100) > limits.mean)
    harms.push({ code: 'mean', most: limits.mean, hundredths: Math.round(mean * 100) })
  const told: Told[] = []
  if (minutes > 0) told.push({ code: 'above', above, minutes })
  const { typedHigh } = figures
  const isTypedAbove = typedHigh !== null && typedHigh > above
  if (isTypedAbove) told.push({ code: 'above_typed', above, hundredths: typedHigh })
  // A reading alone says that it was so warm, and not for how long.
  else if (minutes === 0 && hottest > above && hottest <= ceiling)
    told.push({ code: 'above_typed', above, hundredths: hottest })
  const coldest = figures.coldest?.hundredths ?? Number.POSITIVE_INFINITY
  if (limits.below !== null && coldest < limits.below)
    told.push({ code: 'below', below: limits.below, hundredths: coldest })
  const isExcursion = minutes > toldMinutes || told.some(({ code }) => code === 'above_typed')
  return { harms, told, isExcursion }
}

function frostOf(
  { millilitres }: Keeping,
  { frosts, coldest, typedLow }: Figures,
): readonly Harm[] {
  const froze = frosts.find(({ hardMinutes }) => hardMinutes >= HARD_FROST_MINUTES)
  if (froze)
    return [
      {
        code: 'froze',
        minutes: Math.round(froze.to - froze.from),
        hundredths: froze.lowest,
      },
    ]
  const needed = freezesIn(millilitres)
  const may = frosts.find(({ from, to }) => to - from >= needed)
  if (may)
    return [
      { code: 'may_have_frozen', minutes: Math.round(may.to - may.from), hundredths: may.lowest },
    ]
  // A lowest that somebody read off, or a reading alone: for how long nobody knows, so it may have.
  const lone = frosts.some(({ from, to }) => from === to) ? (coldest?.hundredths ?? null) : null
  const low = typedLow !== null && typedLow <= FROST ? typedLow : lone
  return low !== null && low <= FROST ? [{ code: 'frost_typed', hundredths: low }] : []
}

/** The higher the graver. */
export const GRAVITY: Readonly<Record<Verdict['kind'], number>> = {
  within: 0,
  unknown: 1,
  excursion: 2,
  beyond: 3,
}

/** The graver of two: what lay in two pockets before it came together is as bad as its worst part. */
export const graver = (a: Exposure, b: Exposure): Exposure =>
  GRAVITY[b.verdict.kind] > GRAVITY[a.verdict.kind] ? b : a
