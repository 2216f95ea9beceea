/**
 * What is known about an item of the household: what the catalogue says of its entry, with
 * what the household adds or overrules and its reason. An item without an entry is a plain
 * item: it is counted and dated, and plays the roles that the household gives it, none at first.
 */
import { SPECIES } from '../household/species'
import { readName } from '../naming/readName'
import type { Item } from '../stock/item'
import type { Companion } from './companions'
import { PEOPLE } from './define'
import type { CatalogueEntry, MadeFor } from './entry'
import type { OwnFacts } from './ownFacts'
import { isRoleId, type RoleId } from './roles'
import type { SkillId } from './skills'
import { type SubstanceId, substanceName } from './substances'
import { usesOfOne } from './usesOfOne'

export interface ItemFacts {
  readonly entry: CatalogueEntry | null
  readonly roles: readonly RoleId[]
  readonly uses: number
  /** False where nobody has said how many uses one unit gives; `uses` is then a lower bound. */
  readonly usesKnown: boolean
  readonly form: CatalogueEntry['form'] | null
  /** What one unit holds; null where it is no liquid to be measured out, or nobody has said. */
  readonly millilitres: number | null
  readonly route: CatalogueEntry['route']
  /** Ingredients first, then what else is in it. */
  readonly substances: readonly SubstanceId[]
  /** Only what acts: the same again in another product adds up. */
  readonly acting: readonly SubstanceId[]
  /** Named in the item's own words and not in its entry: it counts as contained until the keeper says otherwise. */
  readonly named: readonly SubstanceId[]
  readonly madeFor: MadeFor
  readonly skill: SkillId | null
  readonly companions: readonly Companion[]
  readonly lickRisk: boolean
  readonly isMedicine: boolean
  readonly own: OwnFacts
}

/** Names repeat from lot to lot and from screen to screen. */
const readBefore = new Map<string, readonly SubstanceId[]>()
function namedIn({ name, strength }: Pick<Item, 'name' | 'strength'>): readonly SubstanceId[] {
  const key = `${name}\n${strength}`
  const before = readBefore.get(key)
  if (before) return before
  const found = [...readName(name, strength).substances]
  if (readBefore.size > 5000) readBefore.clear()
  readBefore.set(key, found)
  return found
}

const ANYBODY: MadeFor = { species: SPECIES, fromMonths: 0, toMonths: null, fromGrams: 0 }

/** Puts the catalogue's word and the household's together. */
export function itemFacts(
  item: Pick<Item, 'kind' | 'name' | 'strength' | 'unit'>,
  entry: CatalogueEntry | null,
  own: OwnFacts,
): ItemFacts {
  const acting = entry?.ingredients.map(({ substance }) => substance) ?? []
  const contains = own.contains ?? entry?.contains ?? []
  const named = own.contains ? [] : namedIn(item).filter((one) => !acting.includes(one))
  const { uses, isKnown, millilitres } = usesOfOne(item, entry, own)
  const route = entry?.route ?? 'none'
  const isMedicine = entry ? route !== 'none' && entry.kind !== 'food' : item.kind === 'medicine'
  const madeFor = entry?.madeFor ?? (isMedicine ? { ...ANYBODY, species: PEOPLE } : ANYBODY)
  return {
    entry,
    roles: own.roles ?? entry?.roles ?? [],
    uses,
    usesKnown: isKnown,
    form: entry?.form ?? null,
    millilitres,
    route,
    substances: [...new Set([...acting, ...contains, ...named])],
    acting,
    named: named.filter((one) => !contains.includes(one)),
    madeFor: {
      ...madeFor,
      ...(own.species && { species: own.species }),
      ...(own.fromMonths !== undefined && { fromMonths: own.fromMonths }),
    },
    skill: entry?.skill ?? null,
    companions: entry?.companions ?? [],
    lickRisk: entry?.lickRisk ?? false,
    isMedicine,
    own,
  }
}

export type OwnFactsFault =
  | { readonly code: 'no_role' }
  | { readonly code: 'unknown_role'; readonly role: string }
  | { readonly code: 'uses'; readonly uses: number }
  /** Taken out of the contents although the catalogue lists it as what acts. */
  | { readonly code: 'drops_ingredient'; readonly substance: string }
  | { readonly code: 'needs_reason' }

/** What is wrong with a household's own word on an item; none when it can be kept. */
export function ownFactsFaults(
  own: OwnFacts,
  entry: CatalogueEntry | null,
): readonly OwnFactsFault[] {
  const faults: OwnFactsFault[] = []
  if (own.roles?.length === 0) faults.push({ code: 'no_role' })
  for (const role of own.roles ?? [])
    if (!isRoleId(role)) faults.push({ code: 'unknown_role', role })
  if (own.uses !== undefined && !(own.uses > 0 && own.uses <= 1000))
    faults.push({ code: 'uses', uses: own.uses })
  const dropped = (entry?.contains ?? []).filter(
    (one) => own.contains && !own.contains.includes(one),
  )
  const overrules = dropped.length > 0 || own.species !== undefined || own.fromMonths !== undefined
  if (overrules && (own.why ?? '').trim() === '') {
    const [first] = dropped
    faults.push(
      first
        ? { code: 'drops_ingredient', substance: substanceName(first) }
        : { code: 'needs_reason' },
    )
  }
  return faults
}
