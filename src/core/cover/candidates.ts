/** What could fill a part of a way: what lies here already, what lies elsewhere, a lesson, a purchase. */
import { catalogue } from '../catalogue/catalogue'
import { companionRoles } from '../catalogue/companions'
import type { CatalogueEntry } from '../catalogue/entry'
import { isProposedIn } from '../catalogue/labelAges'
import type { RoleId } from '../catalogue/roles'
import { mayUse, type SkillId } from '../catalogue/skills'
import type { ItemId, KitId, LotId, PocketId } from '../ids'
import { THOUSAND } from '../quantity/amount'
import type { Added } from './added'
import { type Asking, companionsFor } from './asking'
import { entryThing } from './entryThing'
import type { Part } from './need'
import type { Shelf } from './pantry'
import { SUITS } from './patientBook'
import { spokenOf } from './spoken'
import type { Patient, Thing } from './suitability'
import { isGoodOn } from './taking'

export type Step =
  | {
      readonly kind: 'move'
      readonly title: string
      readonly itemId: ItemId
      readonly uses: number
      readonly kitId: KitId
      readonly lotId: LotId
      readonly pocketId: PocketId
    }
  | {
      readonly kind: 'buy'
      readonly title: string
      readonly itemId: ItemId | null
      readonly entryId: string | null
      readonly packs: number
      /** What is missing, in uses; the packs hold as much or more. */
      readonly uses: number
      readonly costMinor: number | null
      readonly spec: string
    }
  | { readonly kind: 'learn'; readonly skill: SkillId; readonly title: string }

/** What may be proposed; without it everything may. */
export interface Bounds {
  /** Uses of what lies elsewhere that nobody there needs. */
  readonly spare: (shelf: Shelf) => number
}

/** A step with what it changes. */
export interface Candidate {
  readonly step: Step
  readonly adds: Added | null
  readonly teaches: SkillId | null
}

/**
 * What could fill a part, the likeliest first: what makes count what lies here already (its
 * companion, a lesson), what lies in another kit, what is bought.
 */
export function candidatesFor(
  asking: Asking,
  part: Part,
  missing: number,
  patients: readonly (Patient | null)[],
  bounds: Bounds | undefined,
): readonly (readonly Candidate[])[] {
  const carried = carry(asking, part, missing, patients, bounds)
  const bought = cheapest(asking, part, missing, patients)
  const [patient = null] = patients
  const choices = [
    ...completed(asking, part, patient, bounds),
    ...(carried ? [carried] : []),
    ...lessons(asking, part, patient),
    ...(bought ? [[bought, ...companionsOf(asking, bought, patient)]] : []),
  ]
  return choices.filter((choice) => choice.length > 0)
}

/** What lies here and lacks only what it is unsafe without: that is what is missing. */
function completed(
  asking: Asking,
  part: Part,
  patient: Patient | null,
  bounds: Bounds | undefined,
): readonly (readonly Candidate[])[] {
  return spokenOf(asking, part, patient).flatMap(({ why }) => {
    const lacks = why.flatMap((one) =>
      one.code === 'no_companion' && one.without === 'unsafe'
        ? one.roles
        : one.code === 'lick_risk'
          ? (['lick-guard'] as const)
          : [],
    )
    const onlyThat = why.every(({ code }) => code === 'lick_risk' || code === 'no_companion')
    if (lacks.length === 0 || !onlyThat) return []
    const bringing = lacks.map((role) => gotten(asking, { any: [role], uses: 1 }, patient, bounds))
    return bringing.some((one) => one === null) ? [] : [bringing.flatMap((one) => one ?? [])]
  })
}

const gotten = (
  asking: Asking,
  part: Part,
  patient: Patient | null,
  bounds: Bounds | undefined,
): readonly Candidate[] | null => {
  const carried = carry(asking, part, part.uses, [patient], bounds)
  if (carried) return carried
  const bought = cheapest(asking, part, part.uses, [patient])
  return bought ? [bought] : null
}

/** Where somebody only has to be taught to use what lies here. */
function lessons(
  asking: Asking,
  part: Part,
  patient: Patient | null,
): readonly (readonly Candidate[])[] {
  const skills = new Map<SkillId, string>()
  for (const { why, title } of spokenOf(asking, part, patient))
    for (const one of why)
      if (
        one.code === 'no_skill' &&
        why.every(({ code }) => code === 'no_skill' || code === 'no_companion')
      )
        skills.set(one.skill, title)
  return [...skills].map(([skill, title]) => [
    { step: { kind: 'learn', skill, title }, adds: null, teaches: skill },
  ])
}

/** Steps that bring enough from other kits, the fullest first; null when there is not enough. */
function carry(
  asking: Asking,
  part: Part,
  missing: number,
  patients: readonly (Patient | null)[],
  bounds: Bounds | undefined,
): readonly Candidate[] | null {
  const { pantry } = asking
  const spareOf = bounds?.spare ?? (({ uses }: Shelf) => uses)
  const steps: Candidate[] = []
  let left = missing
  const elsewhere = playersIn(asking, part)
    .flatMap((at) => pantry.shelvesOf[at] ?? [])
    .filter(
      (shelf) =>
        !asking.isHere(shelf) && isGoodOn(shelf, asking.question.date) && spareOf(shelf) > 0,
    )
    .filter(({ thing }) => areUsable(asking, thing, patients))
    .sort((a, b) => b.uses - a.uses)
  for (const shelf of elsewhere) {
    const kit = pantry.stock.kits[shelf.kit]
    const thing = pantry.things[shelf.thing]
    if (left <= 0) break
    if (!kit || !thing?.itemId) continue
    const uses = Math.min(left, spareOf(shelf))
    left -= uses
    steps.push({
      step: {
        kind: 'move',
        title: thing.title,
        itemId: thing.itemId,
        uses,
        kitId: kit.id,
        lotId: shelf.lotId,
        pocketId: shelf.pocket.id,
      },
      adds: { thing, known: pantry.known[shelf.thing] ?? null, uses, through: shelf.through },
      teaches: null,
    })
  }
  return left <= 0 ? steps : null
}

/** Positions of the things of the household that play the part, in their order. */
function playersIn({ pantry }: Asking, part: Part): readonly number[] {
  const [only] = part.any
  if (part.any.length === 1 && only !== undefined) return pantry.byRole.get(only) ?? []
  const all = new Set(part.any.flatMap((role) => pantry.byRole.get(role) ?? []))
  return [...all].sort((a, b) => a - b)
}

/** @param thing its position, or what it is where the household does not have it */
const areUsable = (
  asking: Asking,
  thing: number | Thing,
  patients: readonly (Patient | null)[],
): boolean => patients.every((patient) => isUsable(asking, thing, patient))

function isUsable(asking: Asking, thing: number | Thing, patient: Patient | null): boolean {
  const { pantry, question, book } = asking
  const it = typeof thing === 'number' ? pantry.things[thing] : thing
  if (!it) return false
  const { skill } = it.facts
  return (
    (patient === null ||
      (typeof thing === 'number'
        ? book.suit(thing, patient) === SUITS.suits
        : book.suitOf(thing, patient) === 'suits')) &&
    (skill === null ||
      mayUse(skill, question.skills) ||
      // Who carries their own auto-injector uses it before anybody else is trained.
      (patient !== null && skill === 'auto-injector'))
  )
}

function cheapest(
  asking: Asking,
  part: Part,
  missing: number,
  patients: readonly (Patient | null)[],
): Candidate | null {
  const { pantry } = asking
  const purchases: (Candidate & { readonly step: Extract<Step, { kind: 'buy' }> })[] = []
  for (const at of playersIn(asking, part)) {
    const thing = pantry.things[at]
    const known = pantry.known[at]
    // What was only thought of is no thing of the household.
    if (!thing || !known || pantry.thingOf.get(known.item.id) !== at) continue
    const { item, facts } = known
    if (item.packSize === null || item.packPriceMinor === null) continue
    if (!areUsable(asking, at, patients)) continue
    const each = (item.packSize / THOUSAND) * facts.uses
    const packs = Math.ceil(missing / each - 1e-9)
    purchases.push({
      step: {
        kind: 'buy',
        title: thing.title,
        itemId: item.id,
        entryId: facts.entry?.id ?? null,
        packs,
        uses: missing,
        costMinor: packs * item.packPriceMinor,
        spec: facts.entry?.spec ?? '',
      },
      adds: { thing, known, uses: packs * each, through: null },
      teaches: null,
    })
  }
  for (const entry of entriesFor(part)) {
    if (!isProposedIn(entry, pantry.house.labels)) continue
    const thing = entryThing(entry)
    if (!areUsable(asking, thing, patients)) continue
    const each = entry.pack.units * entry.uses
    const packs = Math.ceil(missing / each - 1e-9)
    purchases.push({
      step: {
        kind: 'buy',
        title: thing.title,
        itemId: null,
        entryId: entry.id,
        packs,
        uses: missing,
        costMinor: packs * entry.pack.priceMinor,
        spec: entry.spec,
      },
      adds: { thing, known: null, uses: packs * each, through: null },
      teaches: null,
    })
  }
  const cheapestFirst = purchases.sort(
    (a, b) =>
      (a.step.costMinor ?? 0) - (b.step.costMinor ?? 0) ||
      Number(b.step.itemId !== null) - Number(a.step.itemId !== null),
  )
  // What somebody of the household must not touch is bought only where nothing else would do.
  const harmless = cheapestFirst.find(
    ({ adds }) => adds && !asking.book.harmsAnybody(adds.thing, asking.question.date),
  )
  return harmless ?? cheapestFirst[0] ?? null
}

let byRole: ReadonlyMap<RoleId, readonly CatalogueEntry[]> | undefined

/** The entries of the catalogue that play the part; looked through once, as it does not change. */
function entriesFor(part: Part): readonly CatalogueEntry[] {
  byRole ??= entriesByRole()
  const known = byRole
  const [only] = part.any
  if (part.any.length === 1 && only !== undefined) return known.get(only) ?? []
  const all = new Set(part.any.flatMap((role) => known.get(role) ?? []))
  return [...catalogue().values()].filter((entry) => all.has(entry))
}

function entriesByRole(): ReadonlyMap<RoleId, readonly CatalogueEntry[]> {
  const found = new Map<RoleId, CatalogueEntry[]>()
  for (const entry of catalogue().values())
    for (const role of new Set(entryThing(entry).facts.roles))
      found.set(role, [...(found.get(role) ?? []), entry])
  return found
}

/** What a new thing is unsafe or weaker without, as far as it is not here and can be got. */
function companionsOf(
  asking: Asking,
  { adds }: Candidate,
  patient: Patient | null,
): readonly Candidate[] {
  if (!adds) return []
  const roles: readonly RoleId[] = companionRoles(
    companionsFor(adds.thing.facts, patient),
    'unsafe',
    'weaker',
  )
  return roles.flatMap((role): readonly Candidate[] => {
    const part: Part = { any: [role], uses: 1 }
    if (asking.comesFromTap(part) || asking.serving(part, patient, true).length > 0) return []
    const bought = cheapest(asking, part, 1, [patient])
    return bought ? [bought] : []
  })
}
