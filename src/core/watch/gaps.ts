/** Gaps that no target closes: each an errand of its own, with the cheapest that was tried and closes it. */
import type { PlainDate } from '../calendar/plainDate'
import type { Asking } from '../cover/asking'
import type { Cell } from '../cover/board'
import type { Step } from '../cover/candidates'
import { isReadyState } from '../cover/cellState'
import type { Closing } from '../cover/closing'
import { closingsFor } from '../cover/explain'
import type { Need, Tier } from '../cover/need'
import type { Pantry, Shelf } from '../cover/pantry'
import type { Patient } from '../cover/suitability'
import type { Kit, Place } from '../household/places'
import type { ItemId } from '../ids'
import type { Judged, Judgement, PlaceJudgement } from '../judgement/judgement'
import { type Missing, missingIn, type Problem } from '../judgement/readiness'
import { NOTHING, THOUSAND, total, upToMost } from '../quantity/amount'
import type { Item } from '../stock/item'
import { anErrand, type Brings, type Errand, type ErrandAct } from './errand'
import type { Site, Survey } from './survey'

/** Of one need, for one member or for all at once: people's and animals' needs share a problem. */
export const cellKey = ({ need, cell }: Missing): string => `${need.id}/${cell.memberId ?? ''}`

export const idOf = ({ id, name, tier }: Problem) => ({ problemId: id, name, tier })

export const bringing = (
  problem: Problem,
  answered: readonly Missing[],
  from: PlainDate | null,
): Brings => ({
  ...idOf(problem),
  members: [...new Set(answered.flatMap(({ cell }) => cell.memberId ?? []))],
  from,
})

/** One member; whoever is there; or all whom it strikes at once. */
export function patientsOf(
  asking: Asking,
  need: Need,
  memberId: Cell['memberId'],
): readonly (Patient | null)[] {
  if (memberId !== null) return asking.patients.filter(({ member }) => member.id === memberId)
  return need.scope === 'party' ? [null] : asking.concernedBy(need)
}

export interface Where {
  readonly place: PlaceJudgement
  readonly at: Place
  /** What errands about targets answer, by `cellKey`. */
  readonly closed: ReadonlySet<string>
  readonly spare: (shelf: Shelf) => number
  readonly itemOf: ReadonlyMap<ItemId, Item>
  /** Where something new goes there. */
  readonly pocketOf: (step: Exclude<Step, { kind: 'learn' }>, tier: Tier) => Site | null
}

export function gaps(
  judged: Judged,
  survey: Survey,
  where: Where,
  asked: (day: PlainDate) => Asking,
): readonly Errand[] {
  const { place, closed, spare } = where
  const { today, closings } = judged.judgement
  return missingIn(place.today).flatMap((problem) => {
    const open = problem.missing.filter((one) => !closed.has(cellKey(one)))
    const groups = new Map<string, { closing: Closing | null; missing: Missing[] }>()
    for (const [need, of] of byNeed(open)) {
      // What strikes all at once is got for all at once.
      const together =
        need.everybodyAtOnce || need.scope === 'party' ? [of] : of.map((one) => [one])
      for (const missing of together) {
        const memberId = need.everybodyAtOnce ? null : (missing[0]?.cell.memberId ?? null)
        const key = `${place.place.id}/${need.id}/${memberId ?? 'all'}`
        const closing = closings.closing(key, need, () => {
          const patients = patientsOf(asked(today), need, memberId)
          const [best = null] = closingsFor(asked(today), need, patients, { spare })
          return best
        })
        const steps = JSON.stringify(closing?.steps ?? need.id)
        const known = groups.get(steps)
        groups.set(steps, { closing, missing: [...(known?.missing ?? []), ...missing] })
      }
    }
    return [...groups.values()].map(({ closing, missing }) =>
      gapErrand(judged, survey, where, problem, closing, missing),
    )
  })
}

function byNeed(missing: readonly Missing[]): ReadonlyMap<Need, readonly Missing[]> {
  const of = new Map<Need, Missing[]>()
  for (const one of missing) of.set(one.need, [...(of.get(one.need) ?? []), one])
  return of
}

function gapErrand(
  { pantry, judgement }: Judged,
  survey: Survey,
  { at, pocketOf, itemOf }: Where,
  problem: Problem,
  closing: Closing | null,
  missing: readonly Missing[],
): Errand {
  const steps = closing?.steps ?? []
  const [first] = steps
  const brings = bringing(problem, missing, null)
  const itemId = first && 'itemId' in first ? first.itemId : null
  const item = (itemId && itemOf.get(itemId)) ?? null
  const into = first && first.kind !== 'learn' ? pocketOf(first, problem.tier) : null
  const from = first?.kind === 'move' ? first.kitId : null
  const [worst] = missing
  return anErrand({
    key: `gap:${at.id}:${worst?.need.id ?? problem.id}:${brings.members[0] ?? 'all'}`,
    act: actOf(steps),
    title: first ? first.title : problem.name,
    place: at,
    kit: into?.kit ?? null,
    pocketId: into?.pocket.id ?? null,
    item,
    memberId: brings.members.length === 1 ? (brings.members[0] ?? null) : null,
    amount: item && first && first.kind !== 'learn' ? unitsOf(pantry, first) : NOTHING,
    // What becomes only less thin brings nothing yet, and what is got waits for the lesson.
    brings: closing && isReadyState(closing.becomes.state) && isOfOneKind(steps) ? [brings] : [],
    steps,
    reason: {
      code: 'gap',
      problem: problem.name,
      tier: problem.tier,
      members: brings.members,
      state: worst?.cell.state ?? 'none',
      ready: readyElsewhere(judgement, survey, problem.id, brings.members, at),
      also: steps.slice(1).map(({ title }) => title),
      packs: first?.kind === 'buy' ? first.packs : 0,
      costMinor: closing && steps.some(({ kind }) => kind === 'buy') ? closing.costMinor : null,
      from: kitOf(survey, from),
    },
  })
}

const kitOf = (survey: Survey, kitId: Kit['id'] | null): Kit | null =>
  survey.kits.find(({ id }) => id === kitId) ?? null

const actOf = (steps: readonly Step[]): ErrandAct =>
  steps.some(({ kind }) => kind === 'move')
    ? 'carry'
    : steps.some(({ kind }) => kind === 'buy')
      ? 'buy'
      : steps.length > 0
        ? 'teach'
        : 'find_out'

/** Lessons alone, or things alone: one press, or one answer, does all of it. */
const isOfOneKind = (steps: readonly Step[]): boolean =>
  new Set(steps.map(({ kind }) => kind === 'learn')).size < 2

/** In units of the item, whole ones up. */
export function unitsOf(pantry: Pantry, step: Exclude<Step, { kind: 'learn' }>) {
  const at = step.itemId === null ? undefined : pantry.thingOf.get(step.itemId)
  const each = at === undefined ? 1 : (pantry.things[at]?.facts.uses ?? 1)
  return upToMost(total(Math.ceil(step.uses / each - 1e-9) * THOUSAND))
}

/** Other places where the same is ready for the same. */
const readyElsewhere = (
  { places }: Judgement,
  survey: Survey,
  id: string,
  members: Brings['members'],
  at: Place,
): readonly Place[] =>
  places.flatMap(({ place, today, expected }) => {
    const problem = today.problems.find((one) => one.id === id)
    const holds =
      place.id !== at.id &&
      problem !== undefined &&
      members.every(
        (member) =>
          expected.has(member) && !problem.missing.some(({ cell }) => cell.memberId === member),
      ) &&
      (members.length > 0 || problem.isReady)
    const found = holds ? survey.places.find((one) => one.id === place.id) : undefined
    return found ? [found] : []
  })
