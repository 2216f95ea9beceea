/** Where kits are kept: places, the kits in them, the pockets of a kit. */
import type { PlainDate } from '../calendar/plainDate'
import type { Presence, Rhythm } from '../calendar/presence'
import type { VehicleFacts } from '../evacuation/evacuation'
import type { KitId, MemberId, PlaceId } from '../ids'
import type { Container } from './container'
import type { GoesWith } from './goesWith'
import type { KitRange, KitUse, KitWhom } from './kitUse'
import { MAT_COLUMNS, type MatCell } from './pocket'

/** The six place hues, in the order in which new places take them. */
export const HUES = ['persimmon', 'cobalt', 'magenta', 'fern', 'lagoon', 'ochre'] as const
export type Hue = (typeof HUES)[number]

/** What may happen there. `remote` also follows from the minutes to help. */
export const PLACE_TRAITS = {
  tap: 'clean tap water',
  vehicle: 'a car',
  road: 'on the road',
  remote: 'far from help',
  night: 'people sleep there',
  water: 'near water',
  cold: 'cold',
  heat: 'hot',
  ticks: 'ticks',
  blades: 'saws and blades',
} as const
export type PlaceTrait = keyof typeof PLACE_TRAITS
export const PLACE_TRAIT_IDS = Object.keys(PLACE_TRAITS) as readonly PlaceTrait[]

/** What a place's name and rhythm suggest; the keeper may say otherwise. */
export function guessTraits(name: string, rhythm: Rhythm): readonly PlaceTrait[] {
  if (/\b(car|van|truck|lorry|camper|estate)\b/i.test(name)) return ['vehicle']
  if (/\b(bike|bicycle|cycle|scooter|pram)\b/i.test(name)) return ['road']
  if (/\b(boat|lake|beach|pool)\b/i.test(name)) return ['water', 'night']
  if (/\b(cottage|cabin|hut|lodge|tent|hill)\b/i.test(name)) return ['night', 'cold', 'ticks']
  return rhythm.kind === 'always' ? ['tap', 'night'] : []
}

/** From here on help is far. */
const FAR_MINUTES = 60

/** Whether a kit there has to hold out. */
export const isFar = (place: Pick<Place, 'minutesToHelp' | 'traits'>): boolean =>
  place.traits.includes('remote') || (place.minutesToHelp ?? 0) >= FAR_MINUTES

/** Whether one can call from there. */
export const SIGNALS = ['good', 'patchy', 'none'] as const
export type Signal = (typeof SIGNALS)[number]

/** What the air does to a kit there. */
export const CLIMATES = ['heated', 'car', 'unheated'] as const
export type Climate = (typeof CLIMATES)[number]

export interface Place {
  readonly id: PlaceId
  readonly name: string
  readonly hue: Hue
  /** Minutes to a clinic; null when nobody has said. */
  readonly minutesToHelp: number | null
  readonly note: string
  readonly traits: readonly PlaceTrait[]
  /** Minutes to a vet; null when nobody has said. */
  readonly minutesToVet: number | null
  readonly signal: Signal | null
  readonly climate: Climate | null
  /** Who is there as a rule, when somebody is. */
  readonly usuallyThere: readonly MemberId[]
  readonly presence: Presence
  /** Of a vehicle: seats and room; null where nobody has said, or it is none. */
  readonly vehicle: VehicleFacts | null
  readonly version: number
}

export interface Kit {
  readonly id: KitId
  readonly placeId: PlaceId
  readonly name: string
  /** Where it hangs or stands. */
  readonly note: string
  /** A check is due this many days after the last one. */
  readonly checkEveryDays: number
  /** Null when nobody has said what it is kept in. */
  readonly container: Container | null
  /** How far it has to reach; null when nobody has said, then as its place suggests. */
  readonly range: KitRange | null
  readonly whom: KitWhom
  /** Minutes to fetch it from where people at its place are; null where nobody has said, then it is at hand. */
  readonly minutesAway: number | null
  /** Who carries it; null where it stays at its place. */
  readonly goesWith: GoesWith | null
  readonly lastCheck: { readonly on: PlainDate; readonly by: string } | null
  readonly version: number
}

type WhatPlaceSays = Pick<Place, 'traits' | 'minutesToHelp'>

/**
 * What a place suggests where nobody has said what a kit is for. What it does not tell is taken for
 * a home: too much is expected rather than too little.
 */
export function guessRange(place: WhatPlaceSays, isStore: boolean): KitRange {
  if (isStore) return 'home'
  if (place.traits.includes('vehicle')) return 'vehicle'
  if (place.traits.includes('road')) return 'bag'
  return place.traits.includes('night') || isFar(place) ? 'away' : 'home'
}

/** What is expected of a kit: as the keeper said, else as its place or its being carried suggests. */
export const kitUseOf = (
  kit: Pick<Kit, 'range' | 'whom'> & { readonly goesWith?: Kit['goesWith'] },
  place: WhatPlaceSays,
  isStore: boolean,
): KitUse => ({
  range: kit.range ?? (kit.goesWith ? 'bag' : guessRange(place, isStore)),
  whom: kit.whom,
})

/**
 * A free cell below everything else, for a pocket added without a drawing: three abreast,
 * filled row by row.
 */
export function nextFreeCell(taken: readonly MatCell[]): MatCell {
  const columns = MAT_COLUMNS / 3
  const bottom = Math.max(0, ...taken.map((cell) => cell.row + cell.rows - 1))
  const lastRow = taken.filter((cell) => cell.row + cell.rows - 1 === bottom)
  const right = Math.max(0, ...lastRow.map((cell) => cell.column + cell.columns - 1))
  if (bottom > 0 && right + columns <= MAT_COLUMNS)
    return { column: right + 1, row: bottom, columns, rows: 1 }
  return { column: 1, row: bottom + 1, columns, rows: 1 }
}
