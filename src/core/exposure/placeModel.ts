/** The model of a place of the household, and which pockets are as warm as their place. */
import type { Kit, Place } from '../household/places'
import type { Pocket } from '../household/pocket'
import type { PlaceId } from '../ids'
import type { Modelled, MonthsMet, YearOfPlace } from './model'

export interface PlaceYear extends YearOfPlace {
  readonly placeId: PlaceId
  /** As it was measured there. */
  readonly measured?: MonthsMet | null
}

/** How warm a place is by the model, set right by what was measured; null where nobody has said enough. */
export function modelOf(
  place: Pick<Place, 'id' | 'climate'> | undefined,
  years: readonly PlaceYear[],
): Modelled | null {
  const year = years.find(({ placeId }) => placeId === place?.id)
  return place?.climate && year
    ? { climate: place.climate, year, measured: year.measured ?? null }
    : null
}

/** The same of a place where frost and heat get in; null for a heated one too. */
export function harshModelOf(
  place: Pick<Place, 'id' | 'climate'>,
  years: readonly PlaceYear[],
): Modelled | null {
  const model = modelOf(place, years)
  return model?.climate === 'heated' ? null : model
}

/** As warm as its place: no fridge, and nothing that is carried about. */
export const isOpenAir = ({
  pocket,
  kit,
}: {
  readonly pocket: Pick<Pocket, 'sort'>
  readonly kit: Pick<Kit, 'goesWith'>
}): boolean => pocket.sort !== 'elsewhere' && kit.goesWith === null
