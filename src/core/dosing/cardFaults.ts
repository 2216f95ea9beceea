/** What is wrong with a card that somebody writes down; each fault names its field. */
import type { PlainDate } from '../calendar/plainDate'
import { isAnimal } from '../household/member'
import type { Species } from '../household/species'
import { exact } from '../quantity/exact'
import type { Measure } from '../quantity/measure'
import type { Band, DoseAmount, DoseCard } from './card'

export type CardFault =
  | { readonly code: 'nobody' }
  | { readonly code: 'mixed_species' }
  /** Nobody else than a vet says what an animal may have. */
  | { readonly code: 'needs_vet' }
  | { readonly code: 'vet_for_person' }
  | { readonly code: 'labels_ship' }
  | { readonly code: 'who_says' }
  | { readonly code: 'said_when' }
  | { readonly code: 'said_in_future'; readonly today: PlainDate }
  | { readonly code: 'ends_before_said' }
  | { readonly code: 'needs_strength' }
  | { readonly code: 'unit_differs' }
  | { readonly code: 'form_differs' }
  | { readonly code: 'no_interval' }
  | { readonly code: 'limit_below_dose' }
  | { readonly code: 'raised_below_dose' }
  | { readonly code: 'largest_below_dose' }
  | { readonly code: 'bands_overlap'; readonly printed: string }
  | { readonly code: 'confirmation_incomplete' }

/** @param species of the members that it is for */
export function cardFaults(
  card: Omit<DoseCard, 'id' | 'version'>,
  species: readonly Species[],
  today: PlainDate,
): readonly CardFault[] {
  const faults: CardFault[] = []
  const { source, strength, unit, bands } = card
  const animals = species.filter(isAnimal).length
  if (card.for.kind === 'people' || source.kind === 'label') faults.push({ code: 'labels_ship' })
  if (species.length === 0) faults.push({ code: 'nobody' })
  if (animals > 0 && new Set(species).size > 1) faults.push({ code: 'mixed_species' })
  if (animals > 0 && source.kind !== 'vet') faults.push({ code: 'needs_vet' })
  if (animals === 0 && source.kind === 'vet') faults.push({ code: 'vet_for_person' })
  if (source.who.trim() === '') faults.push({ code: 'who_says' })
  if (source.on === null) faults.push({ code: 'said_when' })
  else {
    if (source.on > today) faults.push({ code: 'said_in_future', today })
    if (card.endsOn !== null && card.endsOn < source.on) faults.push({ code: 'ends_before_said' })
  }
  if (strength && (strength.kind === 'liquid') !== (unit === 'mL'))
    faults.push({ code: 'form_differs' })
  const { confirmed } = card
  if (confirmed && (confirmed.who.trim() === '' || confirmed.why.trim() === ''))
    faults.push({ code: 'confirmation_incomplete' })
  for (const band of bands) faults.push(...bandFaults(band, card))
  const overlapping = bands.find((band, at) =>
    bands.slice(at + 1).some((other) => overlap(band, other)),
  )
  if (overlapping) faults.push({ code: 'bands_overlap', printed: overlapping.printed })
  return faults
}

function bandFaults(
  band: Band,
  { strength, unit, largest }: Pick<DoseCard, 'strength' | 'unit' | 'largest'>,
): readonly CardFault[] {
  const faults: CardFault[] = []
  const amounts = [band.amount, band.upTo, band.afterFirst, band.most].filter((one) => one !== null)
  if (band.again <= 0) faults.push({ code: 'no_interval' })
  if (amounts.some((one) => one.kind === 'portion' && one.portion.unit !== unit))
    faults.push({ code: 'form_differs' })
  const weighed = amounts.flatMap((one) =>
    one.kind === 'measure'
      ? [one.measure]
      : one.kind === 'rate'
        ? [one.perKg]
        : one.kind === 'pound_rate'
          ? [one.perPound]
          : [],
  )
  if (strength === null && (weighed.length > 0 || band.most !== null))
    faults.push({ code: 'needs_strength' })
  if (strength && weighed.some((one) => one.unit !== strength.holds.unit))
    faults.push({ code: 'unit_differs' })
  if (lessThan(band.most, band.amount)) faults.push({ code: 'limit_below_dose' })
  if (lessThan(band.upTo, band.amount)) faults.push({ code: 'raised_below_dose' })
  if (largest && band.amount.kind === 'measure' && below(largest, band.amount.measure))
    faults.push({ code: 'largest_below_dose' })
  return faults
}

const below = (a: Measure, b: Measure): boolean =>
  a.unit === b.unit && exact(a.thousandths).compare(b.thousandths) < 0

/** Whether a limit is less than a dose; where they cannot be compared, no. */
function lessThan(limit: DoseAmount | null, dose: DoseAmount): boolean {
  if (limit === null) return false
  if (limit.kind === 'portion' && dose.kind === 'portion')
    return limit.portion.thousandths < dose.portion.thousandths
  if (limit.kind === 'measure' && dose.kind === 'measure') return below(limit.measure, dose.measure)
  if (limit.kind === 'rate' && dose.kind === 'rate') return below(limit.perKg, dose.perKg)
  if (limit.kind === 'pound_rate' && dose.kind === 'pound_rate')
    return below(limit.perPound, dose.perPound)
  return false
}

const within = (
  a: { readonly from: number; readonly to: number },
  b: { readonly from: number; readonly to: number },
): boolean => a.from <= b.to && b.from <= a.to

/** Two lines that would both fit somebody. */
function overlap(a: Band, b: Band): boolean {
  if (a.grams && b.grams) return within(a.grams, b.grams)
  const ages = ({ months }: Band) => ({
    from: months?.from ?? 0,
    to: months?.below == null ? Number.POSITIVE_INFINITY : months.below - 1,
  })
  return within(ages(a), ages(b))
}

/** A rule book with a fault would give wrong doses: it is checked when the tests load it. */
export const labelFaults = (card: DoseCard): readonly CardFault[] => [
  ...card.bands.flatMap((band) =>
    bandFaults(band, card).filter(({ code }) => code !== 'no_interval'),
  ),
  ...(card.bands.some((band, at) => card.bands.slice(at + 1).some((other) => overlap(band, other)))
    ? [{ code: 'bands_overlap' as const, printed: card.name }]
    : []),
]
