/** The reference catalogue as it ships, and the check that it holds together. */
import { isOpenedRuleId } from '../shelf-life/openedRules'
import { ALLERGY } from './entries/allergy'
import {
  ALSO_FOR_WOUNDS,
  ALSO_OUTDOORS,
  ALSO_OWN_MEDICINE,
  ALSO_PAPERS,
  ALSO_TOOLS,
  ALSO_WATER,
} from './entries/alsoKept'
import { ANIMAL_GOODS } from './entries/animals'
import { BLEEDING } from './entries/bleeding'
import { BURNS } from './entries/burns'
import { EMERGENCY } from './entries/emergency'
import { EYES } from './entries/eyes'
import { FOOD } from './entries/food'
import { HORSE_GOODS } from './entries/horseGoods'
import { INFORMATION } from './entries/information'
import { OTHER_STRENGTHS } from './entries/otherStrengths'
import { PAIN } from './entries/pain'
import { SHELTER } from './entries/shelter'
import { SMALL_ANIMAL_GOODS } from './entries/smallAnimals'
import { STOMACH } from './entries/stomach'
import { TOOLS } from './entries/tools'
import { SPLINTS_AND_WRAPS, WOUND_GOODS } from './entries/woundGoods'
import { WOUNDS } from './entries/wounds'
import { WRAPS } from './entries/wraps'
import type { CatalogueEntry } from './entry'
import { isRoleId, NEVER_COVER, type RoleId } from './roles'
import { isSkillId } from './skills'
import { isSubstanceId } from './substances'

export const CATALOGUE: readonly CatalogueEntry[] = [
  ...BLEEDING,
  ...WOUNDS,
  ...BURNS,
  ...WRAPS,
  ...TOOLS,
  ...EYES,
  ...PAIN,
  ...ALLERGY,
  ...STOMACH,
  ...EMERGENCY,
  ...ANIMAL_GOODS,
  ...SHELTER,
  ...FOOD,
  ...INFORMATION,
  ...OTHER_STRENGTHS,
  ...WOUND_GOODS,
  ...SPLINTS_AND_WRAPS,
  ...SMALL_ANIMAL_GOODS,
  ...HORSE_GOODS,
  ...ALSO_FOR_WOUNDS,
  ...ALSO_TOOLS,
  ...ALSO_OWN_MEDICINE,
  ...ALSO_OUTDOORS,
  ...ALSO_WATER,
  ...ALSO_PAPERS,
]

/** A line of the rule book contradicts itself or names what is not there. */
export class RuleBookError extends Error {
  override readonly name = 'RuleBookError'
  constructor(readonly faults: readonly string[]) {
    super(`The rule book does not hold together:\n${faults.join('\n')}`)
  }
}

/** Every fault of the entries, each naming its offender; none when they hold together. */
export function faultsOf(entries: readonly CatalogueEntry[]): readonly string[] {
  const ids = new Set<string>()
  const played = new Set<RoleId>(entries.flatMap(({ roles }) => roles))
  const known = new Set(entries.map(({ id }) => id))
  return entries.flatMap((entry) => {
    const faults: string[] = []
    const fault = (what: string): void => void faults.push(`${entry.id}: ${what}`)
    if (ids.has(entry.id)) fault('stands twice')
    ids.add(entry.id)
    if (entry.name === '' || entry.purpose === '' || entry.spec === '' || entry.source === '')
      fault('a name, purpose, specification or source is missing')
    if (entry.roles.length === 0) fault('plays no role')
    if (!entry.roles.every(isRoleId)) fault('plays an unknown role')
    if (!(entry.uses > 0)) fault(`gives ${entry.uses} uses`)
    for (const { substance } of entry.ingredients)
      if (!isSubstanceId(substance)) fault(`has the unknown ingredient ${substance}`)
    if (!entry.contains.every(isSubstanceId)) fault('contains an unknown substance')
    if (entry.skill !== null && !isSkillId(entry.skill))
      fault(`asks for the unknown skill ${entry.skill}`)
    for (const { role } of entry.companions) {
      if (!played.has(role)) fault(`asks for ${role}, which nothing plays`)
      if (entry.roles.includes(role)) fault(`is its own companion as ${role}`)
    }
    for (const other of entry.standIns)
      if (!known.has(other) || other === entry.id) fault(`names ${other} to stand in`)
    if (entry.openedRule !== null && !isOpenedRuleId(entry.openedRule))
      fault(`names the opened rule ${entry.openedRule}`)
    if (entry.storage.from >= entry.storage.to) fault('keeps at no temperature')
    const [long, wide, high] = entry.size.mm
    if (long < wide || wide < high || high <= 0) fault('measures must stand longest first')
    if (entry.size.grams <= 0 || entry.pack.units <= 0 || entry.pack.priceMinor < 0)
      fault('weight, pack or price is not above nothing')
    const { fromMonths, toMonths, species } = entry.madeFor
    if (species.length === 0) fault('is made for nobody')
    if (toMonths !== null && toMonths <= fromMonths) fault('is for no age')
    if (
      entry.route !== 'none' &&
      entry.kind === 'supply' &&
      entry.ingredients.some(({ strength }) => /mg/.test(strength))
    )
      fault('has a strength in mg and is called a supply')
    if (entry.roles.some((role) => NEVER_COVER.includes(role)) && entry.roles.length > 1)
      fault('is comfort and something else at once')
    return faults
  })
}

/**
 * The catalogue by id, checked.
 * @throws {RuleBookError} naming every offender
 */
export function loadCatalogue(
  entries: readonly CatalogueEntry[] = CATALOGUE,
): ReadonlyMap<string, CatalogueEntry> {
  const faults = faultsOf(entries)
  if (faults.length > 0) throw new RuleBookError(faults)
  return new Map(entries.map((entry) => [entry.id, entry]))
}

let loaded: ReadonlyMap<string, CatalogueEntry> | undefined
/** The catalogue as shipped; checked when it is first asked for. */
export const catalogue = (): ReadonlyMap<string, CatalogueEntry> => {
  loaded ??= loadCatalogue()
  return loaded
}
