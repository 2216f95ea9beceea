/** The place that an address narrows its screen to; null for all of them. */
import { placeId } from '../contract/primitives'
import type { PlaceId } from '../core/ids'

export function placeIn(url: URL): PlaceId | null {
  const asked = placeId.safeParse(url.searchParams.get('place'))
  return asked.success ? asked.data : null
}
