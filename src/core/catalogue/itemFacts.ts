/**
 * What is known about an item of the household: what the catalogue says of its entry, with
 * what the household adds or overrules and its reason. An item without an entry is a plain
 * item: it is counted and dated, and plays the roles that the household gives it, none at first.
 */

import { SPECIES, type Species } from '../household/species'
import type { Item } from '../stock/item'
import { PEOPLE } from './define'
import type { CatalogueEntry, MadeFor, Size } from './entry'
import { isRoleId, type RoleId } from './roles'
import type { SkillId } from './skills'
import { type SubstanceId, substanceName } from './substances'

/** What a household says of its own item; absent members leave the catalogue's word. */
export interface OwnFacts {
  readonly roles?: readonly RoleId[]
  readonly uses?: number
  readonly contains?: readonly SubstanceId[]
  readonly species?: readonly Species[]
  readonly fromMonths?: number
  /** What one unit holds, in millilitres, as printed on the pack. */
  readonly millilitres?: number
  /** Measured by the household: outer millimetres of one, and its grams. */
  readonly size?: Size
  /** Why it was added to or overruled. */
  readonly why?: string
}

export interface ItemFacts {
  readonly entry: CatalogueEntry | null
  readonly roles: readonly RoleId[]
  readonly uses: number
  readonly form: CatalogueEntry['form'] | null
  /** What one unit holds; null where it is no liquid to be measured out, or nobody has said. */
  readonly millilitres: number | null
  readonly route: CatalogueEntry['route']
  /** Ingredients first, then what else is in it. */
  readonly substances: readonly SubstanceId[]
  /** Only what acts: the same again in another product adds up. */
  readonly acting: readonly SubstanceId[]
  readonly madeFor: MadeFor
  readonly skill: SkillId | null
  readonly companions: readonly RoleId[]
  readonly lickRisk: boolean
  readonly isMedicine: boolean
  readonly own: OwnFacts
}

const ANYBODY: MadeFor = { species: SPECIES, fromMonths: 0, toMonths: null, fromGrams: 0 }

/** Puts the catalogue's word and the household's together. */
export function itemFacts(
  item: Pick<Item, 'kind'>,
  entry: CatalogueEntry | null,
  own: OwnFacts,
): ItemFacts {
  const acting = entry?.ingredients.map(({ substance }) => substance) ?? []
  const contains = own.contains ?? entry?.contains ?? []
  const route = entry?.route ?? 'none'
  const isMedicine = entry ? route !== 'none' && entry.kind !== 'food' : item.kind === 'medicine'
  const madeFor = entry?.madeFor ?? (isMedicine ? { ...ANYBODY, species: PEOPLE } : ANYBODY)
  return {
    entry,
    roles: own.roles ?? entry?.roles ?? [],
    uses: own.uses ?? entry?.uses ?? 1,
    form: entry?.form ?? null,
    millilitres: own.millilitres ?? entry?.millilitres ?? null,
    route,
    substances: [...new Set([...acting, ...contains])],
    acting,
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
