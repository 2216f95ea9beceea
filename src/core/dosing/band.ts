/** Which line of a card fits a patient. */
import type { PlainDate } from '../calendar/plainDate'
import type { Patient } from '../cover/suitability'
import { weightOn } from '../household/weight'
import type { Band, DoseCard } from './card'
import type { DoseRefusal } from './refusal'

export type BandStep =
  | { readonly kind: 'weight'; readonly grams: number; readonly on: PlainDate }
  | { readonly kind: 'age'; readonly months: number; readonly weightIsStale: boolean }
  | { readonly kind: 'band'; readonly printed: string }

export type Fitting =
  | { readonly band: Band; readonly steps: readonly BandStep[] }
  | { readonly refusal: DoseRefusal }

/**
 * The line that fits. Weight decides where it is known and fresh, age where it is not; a weight
 * between two printed lines takes the lower; what is below the first or above the last is asked
 * about. A line without a weight goes by age.
 */
export function bandFor(card: DoseCard, patient: Patient): Fitting {
  const { bands } = card
  const { member, day, months, grams } = patient
  const weight = weightOn(member.species, member.born, member.weighings, day)
  const weighed: readonly BandStep[] =
    weight.kind === 'fresh'
      ? [{ kind: 'weight', grams: weight.weighing.grams, on: weight.weighing.on }]
      : []
  const [single] = bands
  if (bands.length === 1 && single.grams === null && single.months === null)
    return { band: single, steps: weighed }

  const youngest = Math.min(...bands.map((band) => band.months?.from ?? 0))
  if (months !== null && months < youngest)
    return { refusal: { code: 'too_young', fromMonths: youngest } }

  const byAge = bands.filter((band) => band.grams === null && band.months !== null)
  const tied = bands.find((band) => band.both && months !== null && coversAge(band, months))
  if (tied?.grams) {
    if (grams === null)
      return {
        refusal:
          weight.kind === 'stale'
            ? { code: 'stale_weight', since: weight.since }
            : { code: 'no_weight' },
      }
    if (grams < tied.grams.from) return { refusal: { code: 'too_light', from: tied.printed } }
    return { band: tied, steps: [...weighed, { kind: 'band', printed: tied.printed }] }
  }
  const ofAge = months === null ? undefined : byAge.find((band) => coversAge(band, months))
  const aged: readonly BandStep[] =
    months === null ? [] : [{ kind: 'age', months, weightIsStale: weight.kind === 'stale' }]
  if (ofAge) return { band: ofAge, steps: [...aged, { kind: 'band', printed: ofAge.printed }] }

  const byWeight = bands.filter((band) => band.grams !== null && !band.both)
  if (byWeight.length === 0)
    return {
      refusal:
        months === null ? { code: 'age_unknown' } : { code: 'above_bands', last: lastOf(bands) },
    }
  if (grams !== null) {
    const heaviest = byWeight.at(-1)
    const band = byWeight.findLast(({ grams: range }) => range !== null && range.from <= grams)
    if (!band) return { refusal: { code: 'too_light', from: byWeight[0]?.printed ?? '' } }
    if (band === heaviest && grams > (band.grams?.to ?? 0))
      return { refusal: { code: 'above_bands', last: band.printed } }
    return { band, steps: [...weighed, { kind: 'band', printed: band.printed }] }
  }
  if (months === null)
    return {
      refusal:
        weight.kind === 'stale'
          ? { code: 'stale_weight', since: weight.since }
          : { code: 'no_weight' },
    }
  const band = byWeight.find((one) => coversAge(one, months))
  return band
    ? { band, steps: [...aged, { kind: 'band', printed: band.printed }] }
    : { refusal: { code: 'above_bands', last: lastOf(bands) } }
}

const lastOf = (bands: readonly Band[]): string => bands.at(-1)?.printed ?? ''

const coversAge = ({ months }: Band, age: number): boolean =>
  months !== null && age >= months.from && (months.below === null || age < months.below)
