/** Where something may go, the nearest first: this kit, then this place, then the others by name. */
import type { z } from 'zod'
import type * as places from '../../contract/values/places'
import * as words from '../../words'

type PocketRef = z.infer<typeof places.pocketRef>

export interface PocketGroup {
  readonly group: string
  readonly items: { readonly value: string; readonly label: string }[]
}

const names = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })

/** @param from the pocket that it is in; null where it comes from nowhere */
export function nearPockets(pockets: readonly PocketRef[], from: string | null): PocketGroup[] {
  const here = pockets.find(({ id }) => id === from)
  const rank = ({ kitId, placeId }: PocketRef): number =>
    kitId === here?.kitId ? 0 : placeId === here?.placeId ? 1 : 2
  const sorted = [...pockets].sort(
    (a, b) =>
      // Pockets of a kit keep the order of the kit.
      rank(a) - rank(b) || names.compare(a.place, b.place) || names.compare(a.kit, b.kit),
  )
  const groups = new Map<string, PocketGroup['items'][number][]>()
  for (const one of sorted) {
    const isHere = rank(one) === 0
    const group = isHere ? words.kits.inThisKit : one.place
    const label = isHere ? one.name : `${one.name} · ${one.kit}`
    groups.set(group, [...(groups.get(group) ?? []), { value: one.id, label }])
  }
  return [...groups].map(([group, items]) => ({ group, items }))
}
