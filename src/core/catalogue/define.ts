/** Shorthand in which the entries of a section are written down; what a section shares stands once. */
import { ANIMALS, SPECIES, type Species } from '../household/species'
import type { Companion, Without } from './companions'
import type { CatalogueEntry, Form, Hazard, Ingredient, Route, SectionId } from './entry'
import type { RoleId } from './roles'
import type { SkillId } from './skills'
import type { SubstanceId } from './substances'

export const EVERYBODY: readonly Species[] = SPECIES
export const PEOPLE: readonly Species[] = ['person']
export const ANIMALS_ONLY: readonly Species[] = ANIMALS

export const YEARS = 12
const POUND = 453.592
/** Grams from the pounds that a label is printed in, rounded down. */
export const pounds = (count: number): number => Math.floor(count * POUND)

export interface Shared {
  readonly kind: CatalogueEntry['kind']
  readonly unit?: string
  readonly form: Form
  readonly route?: Route
  readonly species?: readonly Species[]
  readonly temp?: readonly [number, number]
  readonly frost?: boolean
  readonly light?: boolean
  readonly openedRule?: CatalogueEntry['openedRule']
  readonly source: string
  /** Known when a keeper has it, and not proposed to be got. */
  readonly onlyKnown?: boolean
}

export interface Row extends Partial<Shared> {
  readonly id: string
  readonly name: string
  readonly strength?: string
  readonly also?: readonly string[]
  readonly roles: readonly RoleId[]
  readonly uses?: number
  readonly of?: readonly (readonly [SubstanceId, string?])[]
  readonly contains?: readonly SubstanceId[]
  readonly fromMonths?: number
  readonly toMonths?: number
  readonly fromGrams?: number
  readonly skill?: SkillId
  /** Weaker without these. */
  readonly with?: readonly RoleId[]
  readonly unsafeWithout?: readonly RoleId[]
  readonly tidierWith?: readonly RoleId[]
  readonly lickRisk?: boolean
  readonly hazards?: readonly Hazard[]
  readonly mm: readonly [number, number, number]
  readonly grams: number
  /** Millilitres that one unit holds, where it is measured out. */
  readonly ml?: number
  /** Units in a pack and a guide to its price in hundredths. */
  readonly pack: readonly [number, number]
  readonly spec: string
  readonly standIns?: readonly string[]
  readonly purpose: string
}

const ingredient = ([substance, strength = '']: readonly [SubstanceId, string?]): Ingredient => ({
  substance,
  strength,
})

const strong = (without: Without, roles: readonly RoleId[] = []): readonly Companion[] =>
  roles.map((role) => ({ role, without }))

export function section(
  id: SectionId,
  shared: Shared,
  rows: readonly Row[],
): readonly CatalogueEntry[] {
  return rows.map((row) => {
    const it = { ...shared, ...row }
    const [from, to] = it.temp ?? [5, 30]
    return {
      id: it.id,
      name: it.name,
      strength: it.strength ?? '',
      section: id,
      kind: it.kind,
      unit: it.unit ?? '',
      also: it.also ?? [],
      form: it.form,
      route: it.route ?? 'none',
      roles: it.roles,
      uses: it.uses ?? 1,
      ingredients: (it.of ?? []).map(ingredient),
      contains: it.contains ?? [],
      madeFor: {
        species: it.species ?? EVERYBODY,
        fromMonths: it.fromMonths ?? 0,
        toMonths: it.toMonths ?? null,
        fromGrams: it.fromGrams ?? 0,
      },
      skill: it.skill ?? null,
      companions: [
        ...strong('unsafe', it.unsafeWithout),
        ...strong('weaker', it.with),
        ...strong('tidier', it.tidierWith),
      ],
      lickRisk: it.lickRisk ?? false,
      openedRule: it.openedRule ?? null,
      storage: { from, to, frostHarms: it.frost ?? false, lightHarms: it.light ?? false },
      hazards: it.hazards ?? [],
      size: { mm: it.mm, grams: it.grams },
      millilitres: it.ml ?? null,
      pack: { units: it.pack[0], priceMinor: it.pack[1] },
      spec: it.spec,
      standIns: it.standIns ?? [],
      purpose: it.purpose,
      source: it.source,
      isProposed: !(it.onlyKnown ?? false),
    }
  })
}
