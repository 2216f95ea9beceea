/**
 * What a household's kits hold for a professional who comes with skills and no supplies: by what it is
 * for, where it is, how many. No names, and no medicine whatever: strangers are given none.
 */

import type { PlainDate } from '../calendar/plainDate'
import type { RoleId } from '../catalogue/roles'
import type { Pantry, Shelf } from '../cover/pantry'
import type { KitId, LotId, PocketId } from '../ids'
import { isPlainThing, MATERIALS } from '../people/plain'
import { type Amount, amount, NOTHING, sum, type Total, units } from '../quantity/amount'
import { withoutNames } from '../sheet/withoutNames'

/** As whoever arrives asks for it; what is worn on the hands and cut with comes last. */
export const CLINICAL_ROLES = {
  bleeding: ['stop-bleed', 'windlass', 'pack-wound', 'large-dressing'],
  airway: ['barrier'],
  breathing: ['chest-seal', 'barrier'],
  warmth: ['warm', 'hand-warm', 'shelter'],
  splint: ['splint', 'sling', 'elastic-wrap', 'padding'],
  dressing: [
    'cover-wound',
    'non-stick',
    'fix-dressing',
    'burn-cover',
    'rinse-wound',
    'close-cut',
    'plaster',
  ],
  eyes: ['rinse-eye', 'eye-cover'],
  animals: ['muzzle', 'leash', 'wrap-animal', 'carrier', 'halter', 'lick-guard', 'pet-thermometer'],
  hands: ['gloves', 'cut-clothes', 'cutting', 'lamp', 'thermometer', 'pressure-cuff', 'bag-waste'],
} as const satisfies Readonly<Record<string, readonly RoleId[]>>
export type ClinicalRole = keyof typeof CLINICAL_ROLES
const ROLES_IN_ORDER = Object.keys(CLINICAL_ROLES) as readonly ClinicalRole[]

/** One thing in one pocket. */
export interface AtRoadside {
  readonly title: string
  readonly unit: string
  readonly amount: Total
  readonly kit: string
  readonly pocket: string
  /** What one press takes: of the lot that ends first, one or what is left of it. */
  readonly take: { readonly lotId: LotId; readonly pocketId: PocketId; readonly amount: Amount }
}

export interface RoadsideGroup {
  readonly role: ClinicalRole
  readonly things: readonly AtRoadside[]
}

export interface Roadside {
  readonly groups: readonly RoadsideGroup[]
  /** Of these there is nothing. */
  readonly none: readonly ClinicalRole[]
}

/**
 * What counts for whoever comes by on a day.
 * @param kits of these alone
 * @param names that are taken out of every text
 */
export function roadside(
  laid: Pantry,
  kits: ReadonlySet<KitId>,
  day: PlainDate,
  names: readonly string[] = laid.stock.members.map(({ name }) => name),
): Roadside {
  const hide = withoutNames(names)
  const there = lyingIn(laid, kits, day)
  const groups = ROLES_IN_ORDER.map((role): RoadsideGroup => {
    const asked: readonly RoleId[] = CLINICAL_ROLES[role]
    const rank = (shelf: Shelf): number =>
      Math.min(
        ...(laid.things[shelf.thing]?.facts.roles ?? []).flatMap((played) => {
          const at = asked.indexOf(played)
          return at < 0 ? [] : [at]
        }),
      )
    const playing = there.filter(([first]) => Number.isFinite(rank(first)))
    return {
      role,
      things: playing
        .sort(([a], [b]) => rank(a) - rank(b) || (a.seconds ?? 999) - (b.seconds ?? 999))
        .map((shelves) => thingOf(laid, shelves, hide)),
    }
  })
  return {
    groups: groups.filter(({ things }) => things.length > 0),
    none: groups.flatMap(({ role, things }) => (things.length === 0 ? [role] : [])),
  }
}

/** Shelves of one thing in one pocket, what ends first at the front. */
type Lying = readonly [Shelf, ...Shelf[]]

function lyingIn(laid: Pantry, kits: ReadonlySet<KitId>, day: PlainDate): Lying[] {
  const together = new Map<string, [Shelf, ...Shelf[]]>()
  for (const shelf of laid.shelves) {
    const kit = laid.stock.kits[shelf.kit]
    const known = laid.known[shelf.thing]
    const isSpent = shelf.through !== null && shelf.through < day
    // What was got for somebody is theirs.
    if (!kit || !known || !kits.has(kit.id) || shelf.barred || isSpent || shelf.forMember) continue
    if (shelf.amount <= NOTHING || !isPlain(known)) continue
    const key = `${known.item.id}/${shelf.pocket.id}`
    const of = together.get(key)
    if (of) of.push(shelf)
    else together.set(key, [shelf])
  }
  return [...together.values()].map(
    (shelves) => shelves.sort((a, b) => ends(a).localeCompare(ends(b))) as [Shelf, ...Shelf[]],
  )
}

const isPlain = ({ item, facts }: Pantry['known'][number]): boolean =>
  isPlainThing({ entry: facts.entry, kind: item.kind, own: facts.own }) &&
  // What its own name says is in it counts as well.
  facts.substances.every((substance) => MATERIALS.includes(substance))

const ends = ({ through }: Shelf): string => through ?? '9'

function thingOf(laid: Pantry, shelves: Lying, hide: (text: string) => string): AtRoadside {
  const [first] = shelves
  return {
    title: hide(laid.things[first.thing]?.title ?? ''),
    unit: laid.known[first.thing]?.item.unit ?? '',
    amount: sum(shelves.map(({ amount }) => amount)),
    kit: hide(laid.stock.kits[first.kit]?.name ?? ''),
    pocket: hide(first.pocket.name),
    take: {
      lotId: first.lotId,
      pocketId: first.pocket.id,
      amount: amount(Math.min(first.amount, units(1))),
    },
  }
}
