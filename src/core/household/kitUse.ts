/**
 * What a kit is for: how far it has to reach until the next kit or help does, and whom it is for. The
 * small kit only has to get one back to the car, the car kit to the clinic; the cottage has to hold out.
 */
import type { Species } from './species'

/** Each is expected to answer what the ones before it answer, and more. */
export const KIT_RANGES = ['body', 'bag', 'vehicle', 'home', 'away'] as const
export type KitRange = (typeof KIT_RANGES)[number]

export const KIT_WHOM = ['everybody', 'people', 'animals'] as const
export type KitWhom = (typeof KIT_WHOM)[number]

export interface KitUse {
  readonly range: KitRange
  readonly whom: KitWhom
}

const reach = (range: KitRange): number => KIT_RANGES.indexOf(range)

/** Whether the kits together are expected to answer something. @param species null: for whoever is there */
export const isExpected = (
  uses: readonly KitUse[],
  needRange: KitRange,
  species: Species | null,
): boolean =>
  uses.some(({ range, whom }) => reach(range) >= reach(needRange) && isFor(whom, species))

const isFor = (whom: KitWhom, species: Species | null): boolean =>
  whom === 'everybody' || species === null || (whom === 'people') === (species === 'person')

/** Whether a kit only has to bridge the way to another: what one carries, not what holds out. */
export const isCarried = (range: KitRange): boolean => range === 'body' || range === 'bag'
