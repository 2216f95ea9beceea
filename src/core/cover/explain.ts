/** A cell of the board in full: which lots, where, what is held back and why, what would close the gap. */

import type { PlainDate } from '../calendar/plainDate'
import { catalogue } from '../catalogue/catalogue'
import type { CatalogueEntry } from '../catalogue/entry'
import { itemFacts } from '../catalogue/itemFacts'
import type { RoleId } from '../catalogue/roles'
import type { SkillId } from '../catalogue/skills'
import type { ItemId, KitId, LotId, MemberId, PlaceId } from '../ids'
import { THOUSAND } from '../quantity/amount'
import { Asking, type Cell, demandsOf, isTool, judgeNeed, type Question, waysOf } from './board'
import { promise } from './joint'
import type { Need, Part, Way } from './need'
import type { Barred, CoverPocket, Pantry, Shelf } from './pantry'
import { SCHOOLS, schoolAnswer } from './schools'
import { licksOff, type Patient, suits, type Thing, type Unsuited, unsuited } from './suitability'
import { reachedFirst, turnsFirst } from './taking'

/** So much of a lot, and where it lies. */
export interface Source {
  readonly lotId: LotId
  readonly title: string
  /** Uses taken of it, and what one is called. */
  readonly uses: number
  readonly kitId: KitId
  readonly placeId: PlaceId
  readonly pocket: CoverPocket
  readonly through: PlainDate | null
}

export type HeldWhy =
  | Unsuited
  | Barred
  | { readonly code: 'spent'; readonly day: PlainDate }
  | { readonly code: 'no_skill'; readonly skill: SkillId }
  | { readonly code: 'no_companion'; readonly roles: readonly RoleId[] }

/** Something that lies here, plays the role and does not count. */
export interface HeldBack {
  readonly title: string
  readonly kitId: KitId
  readonly pocket: string
  readonly why: readonly [HeldWhy, ...HeldWhy[]]
}

export interface PartAnswer {
  readonly part: Part | null
  readonly uses: number
  readonly sources: readonly Source[]
  /** Uses that nothing here gives. */
  readonly missing: number
  readonly held: readonly HeldBack[]
}

export interface WayAnswer {
  readonly way: Way
  /** Parts that need nothing from a kit where clean water runs. */
  readonly fromTap: readonly Part[]
  readonly first: boolean
  readonly parts: readonly PartAnswer[]
}

export type Step =
  | { readonly kind: 'move'; readonly title: string; readonly uses: number; readonly kitId: KitId }
  | {
      readonly kind: 'buy'
      readonly title: string
      readonly itemId: ItemId | null
      readonly entryId: string | null
      readonly packs: number
      readonly costMinor: number | null
      readonly spec: string
    }
  | { readonly kind: 'learn'; readonly skill: SkillId; readonly title: string }

/** What would make one way whole, for so much. */
export interface Closing {
  readonly way: string
  readonly first: boolean
  readonly steps: readonly Step[]
  readonly costMinor: number
}

export interface Explanation {
  readonly cell: Omit<Cell, 'needId' | 'memberId'>
  readonly ways: readonly WayAnswer[]
  /** Cheapest first. */
  readonly closings: readonly Closing[]
  readonly cautions: readonly string[]
}

/** Explains one cell. @param memberId null for what concerns the party */
export function explain(
  pantry: Pantry,
  question: Question,
  need: Need,
  memberId: MemberId | null,
): Explanation {
  const asking = new Asking(pantry, question)
  const patient =
    memberId === null
      ? null
      : (asking.patients.find(({ member }) => member.id === memberId) ?? null)
  const ways = waysOf(need, pantry.stock.schools)
  const cell = judgeNeed(asking, need, [patient])
  const answers = ways.map((way, position) => answerOf(asking, need, way, patient, position === 0))
  return {
    cell,
    ways: answers,
    closings: cell.state === 'covered' ? [] : closingsOf(asking, answers, patient),
    cautions: cautionsOf(need, cell.way, pantry),
  }
}

function cautionsOf(need: Need, way: number | null, { stock }: Pantry): readonly string[] {
  const chosen = way === null ? undefined : need.ways[way]?.caution
  return [
    ...(chosen ? [chosen] : []),
    ...need.schools.flatMap((question) => {
      const { caution, name } = schoolAnswer(question, stock.schools)
      return caution === '' ? [] : [`${SCHOOLS[question].name} (${name.toLowerCase()}): ${caution}`]
    }),
  ]
}

/** The lots by which a way is met for a patient. */
export const sourcesOfWay = (
  asking: Asking,
  need: Need,
  way: Way,
  patient: Patient | null,
): readonly Source[] =>
  answerOf(asking, need, way, patient, true).parts.flatMap(({ sources }) => sources)

/** With what counts fully; what is second-grade is named only where that is not enough. */
function answerOf(
  asking: Asking,
  need: Need,
  way: Way,
  patient: Patient | null,
  first: boolean,
): WayAnswer {
  const sound = answerWith(asking, need, way, patient, { first, withSecond: false })
  return sound.parts.every(({ missing }) => missing === 0)
    ? sound
    : answerWith(asking, need, way, patient, { first, withSecond: true })
}

function answerWith(
  asking: Asking,
  need: Need,
  way: Way,
  patient: Patient | null,
  { first, withSecond }: { readonly first: boolean; readonly withSecond: boolean },
): WayAnswer {
  const demands = demandsOf(asking, need, way, [patient], withSecond)
  const things = [...new Set(demands.flatMap(({ from }) => from))]
  const at = new Map(things.map((thing, position) => [thing, position]))
  const tenths = things.map((thing) => asking.tenthsThere(thing, withSecond))
  const given = promise(
    demands.map((one) => ({
      uses: isTool(one) ? 0 : Math.ceil(one.uses * 10),
      from: one.from.map((thing) => at.get(thing) ?? 0),
    })),
    tenths,
  )
  return {
    way,
    first,
    fromTap: way.parts.filter((part) => asking.comesFromTap(part)),
    parts: demands.map((one, position) => {
      const takes: readonly (readonly [thing: number, uses: number])[] = isTool(one)
        ? one.from.slice(0, 1).map((thing) => [thing, one.uses] as const)
        : [...(given[position] ?? [])].map(
            ([local, uses]) => [things[local] ?? 0, uses / 10] as const,
          )
      const had = takes.reduce((sum, [, uses]) => sum + uses, 0)
      return {
        part: one.part,
        uses: one.uses,
        sources: takes.flatMap(([thing, uses]) => sourcesOf(asking, thing, uses, withSecond)),
        missing: Math.max(0, Math.round((one.uses - had) * 10) / 10),
        held: one.part ? heldBack(asking, one.part, patient) : [],
      }
    }),
  }
}

/** What counts fully first, of that the soonest to turn, then what is reached first. */
function sourcesOf(asking: Asking, thing: number, uses: number, withSecond: boolean): Source[] {
  const { pantry } = asking
  const shelves = [...(pantry.shelvesOf[thing] ?? [])]
    .map((shelf) => ({ shelf, grade: asking.gradeOf(shelf) }))
    .filter(({ grade }) => grade === 'good' || (withSecond && grade === 'second'))
    .sort(
      ({ shelf: a, grade: gradeA }, { shelf: b, grade: gradeB }) =>
        Number(gradeA === 'second') - Number(gradeB === 'second') ||
        turnsFirst(a, b) ||
        reachedFirst(a, b),
    )
  const sources: Source[] = []
  let left = uses
  for (const { shelf } of shelves) {
    if (left <= 0) break
    const taken = Math.min(left, shelf.uses)
    left -= taken
    const kit = pantry.stock.kits[shelf.kit]
    if (kit)
      sources.push({
        lotId: shelf.lotId,
        title: pantry.things[thing]?.title ?? '',
        uses: taken,
        kitId: kit.id,
        placeId: kit.placeId,
        pocket: shelf.pocket,
        through: shelf.through,
      })
  }
  return sources
}

/** Everything here that plays the part and does not count, with every reason. */
export function heldBack(asking: Asking, part: Part, patient: Patient | null): readonly HeldBack[] {
  const { pantry } = asking
  const players = new Set(part.any.flatMap((role) => pantry.byRole.get(role) ?? []))
  const shelves = [...players].flatMap((thing) => pantry.shelvesOf[thing] ?? [])
  return shelves.flatMap((shelf): HeldBack[] => {
    if (!asking.isHere(shelf)) return []
    const [first, ...more] = whyHeld(asking, shelf, patient)
    const kit = pantry.stock.kits[shelf.kit]
    return first && kit
      ? [
          {
            title: pantry.things[shelf.thing]?.title ?? '',
            kitId: kit.id,
            pocket: shelf.pocket.name,
            why: [first, ...more],
          },
        ]
      : []
  })
}

/** Why what lies on a shelf does not count for a patient; none when it does. */
export function whyHeld(asking: Asking, shelf: Shelf, patient: Patient | null): readonly HeldWhy[] {
  const { pantry, question } = asking
  const thing = pantry.things[shelf.thing]
  if (!thing?.itemId || question.without.has(thing.itemId)) return []
  const why: HeldWhy[] = []
  if (patient) why.push(...unsuited(thing, patient, pantry.owners, pantry.stock.schools))
  if (shelf.barred) why.push(shelf.barred)
  else if (
    shelf.through !== null &&
    shelf.through < question.date &&
    asking.gradeOf(shelf) === null
  )
    why.push({ code: 'spent', day: shelf.through })
  if (!asking.hasSkill(shelf.thing, patient) && thing.facts.skill)
    why.push({ code: 'no_skill', skill: thing.facts.skill })
  const missing = asking.missingCompanions(shelf.thing, patient, true)
  if (patient && licksOff(thing.facts, patient) && missing.includes('lick-guard'))
    why.push({ code: 'lick_risk' })
  const others = missing.filter((role) => role !== 'lick-guard')
  if (others.length > 0) why.push({ code: 'no_companion', roles: others })
  return why
}

// ---- closing a gap -----------------------------------------------------------------------------

/** At most one for the first choice and one for a plan B that is cheaper. */
function closingsOf(
  asking: Asking,
  answers: readonly WayAnswer[],
  patient: Patient | null,
): readonly Closing[] {
  const closings = answers.flatMap(({ way, first, parts }): Closing[] => {
    const steps: Step[] = []
    for (const { part, missing } of parts) {
      if (missing <= 0) continue
      const step = part ? stepFor(asking, part, missing, patient) : null
      if (!step) return []
      steps.push(...step)
    }
    if (steps.length === 0) return []
    return [
      {
        way: way.name,
        first,
        steps,
        costMinor: steps.reduce(
          (sum, step) => sum + (step.kind === 'buy' ? (step.costMinor ?? 0) : 0),
          0,
        ),
      },
    ]
  })
  return closings
    .sort((a, b) => a.costMinor - b.costMinor || Number(b.first) - Number(a.first))
    .slice(0, 2)
}

/** From another kit if it lies there; else learnt, if only the skill is missing; else bought, with its companions. */
function stepFor(
  asking: Asking,
  part: Part,
  missing: number,
  patient: Patient | null,
): readonly Step[] | null {
  const carried = carry(asking, part, missing, patient)
  if (carried) return carried
  const learnt = heldBack(asking, part, patient).find(({ why }) =>
    why.every(({ code }) => code === 'no_skill'),
  )
  const [lesson] = learnt?.why ?? []
  if (learnt && lesson?.code === 'no_skill')
    return [{ kind: 'learn', skill: lesson.skill, title: learnt.title }]
  const bought = cheapest(asking, part, missing, patient)
  if (!bought) return null
  const companions = companionsToBuy(asking, bought.thing, patient)
  return companions === null ? null : [bought.step, ...companions]
}

/** Steps that bring enough from other kits, the fullest first; null when there is not enough. */
function carry(
  asking: Asking,
  part: Part,
  missing: number,
  patient: Patient | null,
): readonly Step[] | null {
  const { pantry } = asking
  const steps: Step[] = []
  let left = missing
  const elsewhere = pantry.shelves
    .filter((shelf) => {
      const thing = pantry.things[shelf.thing]
      return (
        !asking.isHere(shelf) &&
        !shelf.barred &&
        (shelf.through === null || shelf.through >= asking.question.date) &&
        thing !== undefined &&
        playsAny(thing, part) &&
        isUsable(asking, thing, patient)
      )
    })
    .sort((a, b) => b.uses - a.uses)
  for (const shelf of elsewhere) {
    const kit = pantry.stock.kits[shelf.kit]
    if (left <= 0) break
    if (!kit) continue
    const uses = Math.min(left, shelf.uses)
    left -= uses
    steps.push({
      kind: 'move',
      title: pantry.things[shelf.thing]?.title ?? '',
      uses,
      kitId: kit.id,
    })
  }
  return left <= 0 ? steps : null
}

const playsAny = ({ facts }: Thing, part: Part): boolean =>
  part.any.some((role) => facts.roles.includes(role))

function isUsable(asking: Asking, thing: Thing, patient: Patient | null): boolean {
  const { pantry, question } = asking
  const { skill } = thing.facts
  return (
    (patient === null || suits(thing, patient, pantry.owners, pantry.stock.schools)) &&
    (skill === null || question.skills.has(skill))
  )
}

/** An entry of the catalogue as a thing one does not have yet. */
export function entryThing(entry: CatalogueEntry): Thing {
  const before = entryThings.get(entry)
  if (before) return before
  const thing: Thing = {
    itemId: null,
    title: entry.strength === '' ? entry.name : `${entry.name} ${entry.strength}`,
    strength: entry.strength,
    facts: itemFacts(entry, entry, {}),
  }
  entryThings.set(entry, thing)
  return thing
}
/** The catalogue does not change: what an entry is as a thing is worked out once. */
const entryThings = new WeakMap<CatalogueEntry, Thing>()

interface Purchase {
  readonly thing: Thing
  readonly step: Extract<Step, { kind: 'buy' }>
}

function cheapest(
  asking: Asking,
  part: Part,
  missing: number,
  patient: Patient | null,
): Purchase | null {
  const { pantry } = asking
  const purchases: Purchase[] = []
  for (const { item, facts } of pantry.known) {
    const at = pantry.thingOf.get(item.id)
    const thing = at === undefined ? undefined : pantry.things[at]
    if (!thing || item.packSize === null || item.packPriceMinor === null) continue
    if (!playsAny(thing, part) || !isUsable(asking, thing, patient)) continue
    const packs = Math.ceil(missing / ((item.packSize / THOUSAND) * facts.uses) - 1e-9)
    purchases.push({
      thing,
      step: {
        kind: 'buy',
        title: thing.title,
        itemId: item.id,
        entryId: facts.entry?.id ?? null,
        packs,
        costMinor: packs * item.packPriceMinor,
        spec: facts.entry?.spec ?? '',
      },
    })
  }
  for (const entry of catalogue().values()) {
    if (!entry.isProposed) continue
    const thing = entryThing(entry)
    if (!playsAny(thing, part) || !isUsable(asking, thing, patient)) continue
    const packs = Math.ceil(missing / (entry.pack.units * entry.uses) - 1e-9)
    purchases.push({
      thing,
      step: {
        kind: 'buy',
        title: thing.title,
        itemId: null,
        entryId: entry.id,
        packs,
        costMinor: packs * entry.pack.priceMinor,
        spec: entry.spec,
      },
    })
  }
  return (
    purchases.sort(
      (a, b) =>
        (a.step.costMinor ?? 0) - (b.step.costMinor ?? 0) ||
        Number(b.step.itemId !== null) - Number(a.step.itemId !== null),
    )[0] ?? null
  )
}

/** What a new thing cannot be without, as far as it is not here. */
function companionsToBuy(
  asking: Asking,
  { facts }: Thing,
  patient: Patient | null,
): readonly Step[] | null {
  const roles: readonly RoleId[] =
    patient && licksOff(facts, patient) ? [...facts.companions, 'lick-guard'] : facts.companions
  const steps: Step[] = []
  for (const role of roles) {
    const part: Part = { any: [role], uses: 1 }
    if (asking.serving(part, patient, true).length > 0) continue
    const bought = cheapest(asking, part, 1, patient)
    if (!bought) return null
    steps.push(bought.step)
  }
  return steps
}
