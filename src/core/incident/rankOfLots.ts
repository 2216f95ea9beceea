/** In which order lots at hand are offered, and which are a last resort. */
import type { PlainDate } from '../calendar/plainDate'
import type { RoleId } from '../catalogue/roles'
import type { Asking } from '../cover/asking'
import { gravest, isSetAside, type Objection } from '../cover/objections'
import type { Pantry, Shelf } from '../cover/pantry'
import { reachedFirst } from '../cover/reaching'
import type { Patient } from '../cover/suitability'
import { turnsFirst } from '../cover/taking'
import type { KitId, LotId, MemberId, PlaceId } from '../ids'

/** The first to be taken first. */
export const RANKS = ['prescribed', 'taught', 'usable', 'past_date', 'recalled'] as const

export type Rank = (typeof RANKS)[number]

/** A lot that may be used, where it lies, and what has to be said of it. */
export interface AtHandLot {
  readonly lotId: LotId
  readonly shelf: Shelf
  /** Its full name with its strength. */
  readonly title: string
  readonly kitId: KitId
  readonly placeId: PlaceId
  readonly isHere: boolean
  /** Who carries it, by name; null where it stays at its place. */
  readonly carrier: string | null
  readonly rank: Rank
  readonly remarks: readonly Objection[]
  /** Somebody else's life-saver: only on the emergency line's word. */
  readonly onTheirWord: boolean
}

export interface UsePart {
  readonly roles: readonly RoleId[]
  /** Serves one after the other and is not used up. */
  readonly isTool: boolean
  /** Best first. */
  readonly lots: readonly AtHandLot[]
}

export interface UseWay {
  readonly need: string
  readonly way: string
  readonly first: boolean
  readonly caution: string | null
  readonly rank: Rank
  readonly parts: readonly UsePart[]
  /** Roles that need nothing from a kit where people live: running water, a towel. */
  readonly fromHome: readonly RoleId[]
  /** Every part has something to be used, here or from home. */
  readonly whole: boolean
}

/** A way is as good as the least of what it takes; what is prescribed lifts it. */
export function rankOf(lots: readonly AtHandLot[]): Rank {
  if (lots.some(({ rank }) => rank === 'prescribed')) return 'prescribed'
  const worst = Math.max(1, ...lots.map(({ rank }) => RANKS.indexOf(rank)))
  return RANKS[worst] ?? 'usable'
}

/** A windlass further than this is fetched after pressing has begun. */
const WINDLASS_SECONDS = 180

/**
 * First choice first; but a windlass that nobody present was taught, or that lies too far, comes
 * after pressure.
 */
export function inOrder(scene: Scene, ways: readonly UseWay[]): readonly UseWay[] {
  const isLate = ({ parts }: UseWay): boolean =>
    parts.some(({ roles, lots }) => {
      if (!roles.includes('windlass')) return false
      const [first] = lots
      return (
        !first ||
        first.remarks.some(({ code }) => code === 'no_skill') ||
        !first.isHere ||
        (first.shelf.seconds ?? 0) > WINDLASS_SECONDS
      )
    })
  const pressing = ways.filter((way) => !isLate(way))
  return scene.here === null && pressing.length === 0
    ? ways
    : [...pressing.slice(0, 1), ...ways.filter(isLate), ...pressing.slice(1)]
}

export function rankOfLot(
  { pantry }: Scene,
  shelf: Shelf,
  patient: Patient | null,
  objections: readonly Objection[],
): Rank {
  const { itemId, facts } = pantry.things[shelf.thing] ?? {}
  if (objections.some(({ code }) => code === 'past_date')) return 'past_date'
  const isTheirs = (memberId: MemberId | null | undefined): boolean =>
    patient !== null && memberId === patient.member.id
  const owner = itemId ? pantry.house.owners.get(itemId) : undefined
  if (isTheirs(owner?.id) || (isTheirs(shelf.forMember) && facts?.isMedicine)) return 'prescribed'
  return objections.some(({ code }) => code === 'no_skill') ? 'usable' : 'taught'
}

/** What is used when there is nothing better: past its day, another's life-saver, a recalled one. */
export function asLastResort(
  lot: AtHandLot,
  objections: readonly Objection[],
  saves: boolean,
): AtHandLot | null {
  const against = objections.filter((one) => isSetAside(gravest([one])))
  if (against.every(({ code }) => code === 'spent')) return { ...lot, rank: 'past_date' }
  if (!saves) return null
  if (against.every(({ code }) => code === 'somebody_elses' || code === 'spent'))
    return {
      ...lot,
      rank: against.some(({ code }) => code === 'spent') ? 'past_date' : lot.rank,
      onTheirWord: true,
    }
  return against.every(({ code }) => code === 'recalled') ? { ...lot, rank: 'recalled' } : null
}

export function bestFirst(a: AtHandLot, b: AtHandLot): number {
  return (
    RANKS.indexOf(a.rank) - RANKS.indexOf(b.rank) ||
    Number(b.isHere) - Number(a.isHere) ||
    Number(a.onTheirWord) - Number(b.onTheirWord) ||
    weight(a) - weight(b) ||
    reachedFirst(a.shelf, b.shelf) ||
    turnsFirst(a.shelf, b.shelf)
  )
}

/** What has least to be said of it comes first. */
const weight = ({ remarks }: AtHandLot): number =>
  remarks.filter((one) => gravest([one]) === 'weaker').length

// ---- the scene ---------------------------------------------------------------------------------

export interface Scene {
  readonly pantry: Pantry
  readonly asking: Asking
  readonly here: PlaceId | null
  readonly carriers: ReadonlyMap<KitId, { readonly name: string; readonly isHere: boolean }>
  readonly date: PlainDate
}
