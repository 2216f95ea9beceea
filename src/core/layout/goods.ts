/** What laying a kit out has to know of a thing: how big it is, how soon it is needed, what it does. */
import type { Companion } from '../catalogue/companions'
import type { CatalogueEntry, Form, Size } from '../catalogue/entry'
import { type ItemFacts, itemFacts } from '../catalogue/itemFacts'
import type { RoleId } from '../catalogue/roles'
import { NEEDS } from '../cover/needs'
import { SPECIES, type Species } from '../household/species'
import type { Item } from '../stock/item'
import { URGENCY, type Urgency } from './urgency'

/** Whose dose it is, where a label tells them apart. */
export type Ages = 'children' | 'adults'

export interface Goods {
  /** Of one unit; null when neither the catalogue nor the household knows. */
  readonly size: Size | null
  /** Folds and bends: only its volume has to fit. */
  readonly soft: boolean
  readonly urgency: Urgency
  /** Things that people look for together. */
  readonly group: string
  readonly form: Form | null
  readonly roles: readonly RoleId[]
  /** What it should lie beside. */
  readonly companions: readonly Companion[]
  readonly leaks: boolean
  readonly sharp: boolean
  readonly flammable: boolean
  /** Sparks or heats: a cell, a flame. */
  readonly sparks: boolean
  /** Spoilt by what leaks or by damp: paper, tablets, sterile packs, cells. */
  readonly spoils: boolean
  readonly lightHarms: boolean
  readonly frostHarms: boolean
  /** Only at 2–8 °C. */
  readonly cold: boolean
  readonly isMedicine: boolean
  /** Made for people, for animals, or for both; both where nobody knows. */
  readonly made: 'people' | 'animals' | 'both'
  /** Whom it is made for; everybody where nobody knows. */
  readonly species: readonly Species[]
  readonly ages: Ages | null
  /** The acting ingredient with its strength, to keep strengths of one thing apart. */
  readonly ingredient: string
  readonly strength: string
  /** Of one unit by its pack price, in the currency's smallest unit. */
  readonly unitPriceMinor: number | null
}

/** Fold and bend: only their volume has to fit. */
export const SOFT_FORMS: ReadonlySet<CatalogueEntry['form']> = new Set([
  'pad',
  'roll',
  'strip',
  'wipe',
  'cloth',
  'paper',
])

/** The urgent end of what each role is asked for, by the first way of meeting each need. */
const urgencyOfRoles: ReadonlyMap<RoleId, Urgency> = (() => {
  const found = new Map<RoleId, Urgency>()
  for (const need of NEEDS)
    for (const part of need.ways[0].parts) {
      const [role] = part.any
      if (!role) continue
      const known = found.get(role)
      if (!known || URGENCY[need.tier] > URGENCY[known]) found.set(role, need.tier)
    }
  return found
})()

/** Small things that are fetched every week count as urgent: they live at the lid. */
const FETCHED_DAILY: ReadonlySet<RoleId> = new Set<RoleId>(['plaster'])
/** Life depends on these within the first minute; water and warmth can wait for three. */
const FIRST_MINUTE: ReadonlySet<CatalogueEntry['section']> = new Set(['bleeding', 'emergency'])

function urgencyOf(item: Pick<Item, 'essential'>, entry: CatalogueEntry | null): Urgency {
  if (!entry) return item.essential ? 'urgent' : 'comfort'
  const asked = entry.roles.map((role) => urgencyOfRoles.get(role) ?? 'comfort')
  const life = asked.includes('life')
  if (life && FIRST_MINUTE.has(entry.section)) return 'life'
  const urgent =
    life ||
    item.essential ||
    asked.includes('urgent') ||
    entry.roles.some((r) => FETCHED_DAILY.has(r))
  return urgent ? 'urgent' : 'comfort'
}

/** What no need asks to lie together and everybody keeps together. */
const BESIDE: Partial<Readonly<Record<RoleId, readonly RoleId[]>>> = {
  reliever: ['spacer'],
  spacer: ['reliever'],
  'lamp-cells': ['lamp'],
  'button-cells': ['thermometer', 'pet-thermometer'],
  'probe-cover': ['thermometer', 'pet-thermometer'],
  'feed-syringe': ['recovery-food'],
  'remove-staple': ['staple-cut'],
  'test-strip': ['glucose-meter'],
}

function companionsOf({ companions, roles }: ItemFacts): readonly Companion[] {
  const known = new Set(companions.map(({ role }) => role))
  const further = roles.flatMap((role) => BESIDE[role] ?? []).filter((role) => !known.has(role))
  return [
    ...companions,
    ...[...new Set(further)].map((role): Companion => ({ role, without: 'tidier' })),
  ]
}

/** From this age on a medicine is a grown-up's, as labels count. */
const GROWN_UP_MONTHS = 12 * 12
/** Tablets from this age on are kept with the grown-ups', out of small hands. */
const TABLET_MONTHS = 6 * 12

function agesOf({ isMedicine, madeFor, entry, form }: ItemFacts): Ages | null {
  if (!isMedicine || !entry) return null
  if (madeFor.fromMonths >= (form === 'tablet' ? TABLET_MONTHS : GROWN_UP_MONTHS)) return 'adults'
  const isSyrup = entry.route === 'mouth' && form === 'liquid'
  return madeFor.toMonths !== null || isSyrup ? 'children' : null
}

type Packed = Pick<
  Item,
  'kind' | 'own' | 'name' | 'strength' | 'unit' | 'essential' | 'packPriceMinor' | 'packSize'
>

/** Many lots are of one item: what it is is put together once for all of them. */
const found = new WeakMap<
  Packed,
  { readonly entry: CatalogueEntry | null; readonly goods: Goods }
>()

/** Puts the catalogue's word and the household's own measures together. */
export function goodsOf(item: Packed, entry: CatalogueEntry | null): Goods {
  const before = found.get(item)
  if (before?.entry === entry) return before.goods
  const goods = goodsFrom(item, entry)
  found.set(item, { entry, goods })
  return goods
}

function goodsFrom(item: Packed, entry: CatalogueEntry | null): Goods {
  const facts = itemFacts(item, entry, item.own)
  const hazards = entry?.hazards ?? []
  // What is not matched to the catalogue is for people as a dose; where it may lie, nobody knows.
  const species = entry || item.own.species ? facts.madeFor.species : SPECIES
  const people = species.includes('person')
  const animals = species.some((one) => one !== 'person')
  const perUnit =
    item.packPriceMinor !== null && item.packSize !== null && item.packSize > 0
      ? (item.packPriceMinor * 1000) / item.packSize
      : entry
        ? entry.pack.priceMinor / entry.pack.units
        : null
  return {
    size: item.own.size ?? entry?.size ?? null,
    soft: entry !== null && SOFT_FORMS.has(entry.form),
    urgency: urgencyOf(item, entry),
    group: entry?.section ?? '',
    form: entry?.form ?? null,
    roles: facts.roles,
    companions: companionsOf(facts),
    leaks: hazards.includes('liquid') || hazards.includes('glass'),
    sharp: hazards.includes('blade') || hazards.includes('needle') || item.kind === 'sharp',
    flammable: hazards.includes('flammable'),
    sparks: hazards.includes('cell') || item.kind === 'battery',
    spoils:
      item.kind === 'sterile' ||
      item.kind === 'paper' ||
      item.kind === 'battery' ||
      entry?.form === 'tablet' ||
      entry?.form === 'powder',
    lightHarms: entry?.storage.lightHarms ?? false,
    frostHarms: entry?.storage.frostHarms ?? false,
    cold: entry !== null && entry.storage.to <= 8,
    isMedicine: facts.isMedicine,
    made: people && animals ? 'both' : people ? 'people' : 'animals',
    species,
    ages: agesOf(facts),
    ingredient: facts.isMedicine ? [...facts.acting].sort().join('+') : '',
    strength: item.strength,
    unitPriceMinor: perUnit,
  }
}
