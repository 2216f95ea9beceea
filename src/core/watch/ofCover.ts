/**
 * Errands about what a place is not ready for. What a target asks for already says what it brings;
 * what no target asks for is an errand of its own. Everything is tried before it is said.
 */
import type { PlainDate } from '../calendar/plainDate'
import { Asking, OWN_MEDICINE } from '../cover/asking'
import { type Cell, judgeNeed, rowOf } from '../cover/board'
import type { Step } from '../cover/candidates'
import { isReadyState } from '../cover/cellState'
import type { Closing } from '../cover/closing'
import { closingsFor } from '../cover/explain'
import { behind } from '../cover/leaning'
import type { Need } from '../cover/need'
import { type Added, type Pantry, type Shelf, withAdded } from '../cover/pantry'
import { questionAt } from '../cover/scene'
import type { Patient } from '../cover/suitability'
import type { Kit, Place } from '../household/places'
import { asksFor } from '../judgement/days'
import type { Judgement, PlaceJudgement } from '../judgement/judgement'
import { type Missing, missingIn, type Problem, problemsOf } from '../judgement/readiness'
import { less, NOTHING, THOUSAND, total, upToMost } from '../quantity/amount'
import { anErrand, type Brings, type Errand, type ErrandAct, soonness } from './errand'
import { pocketFor } from './pocketFor'
import type { Survey } from './survey'

export interface Judged {
  readonly pantry: Pantry
  readonly judgement: Judgement
}

/** Each errand about a target with what it brings, and an errand for every gap that none of them closes. */
export function ofCover(
  judged: Judged,
  survey: Survey,
  targets: readonly Errand[],
): readonly Errand[] {
  const spare = spareOf(survey)
  return onceEverywhere(
    judged.judgement.places.flatMap((place) => ofPlace(judged, survey, targets, place, spare)),
    survey.today,
  )
}

function ofPlace(
  judged: Judged,
  survey: Survey,
  targets: readonly Errand[],
  place: PlaceJudgement,
  spare: (shelf: Shelf) => number,
): readonly Errand[] {
  const at = survey.places.find(({ id }) => id === place.place.id)
  if (!at) return []
  const on = askedOn(judged, place)
  const here = targets
    .filter((errand) => errand.place.id === at.id)
    .map((errand) => ({ errand, ...broughtBy(judged, place, on, errand) }))
  const closed = new Set(here.flatMap(({ closes }) => closes.map(cellKey)))
  const told = here.map(({ errand, brings }) => ({ ...errand, brings }))
  return [...told, ...merged(gaps(judged, survey, { place, at, closed, spare }, on))]
}

/** The place as it is asked about on a day; laid out once for all that is tried there. */
function askedOn(
  { pantry, judgement }: Judged,
  { place }: PlaceJudgement,
): (day: PlainDate) => Asking {
  const askings = new Map<PlainDate, Asking>()
  return (day) => {
    const before = askings.get(day)
    if (before) return before
    const asking = new Asking(pantry, questionAt(pantry.stock, place, day), judgement.book)
    askings.set(day, asking)
    return asking
  }
}

/** What nothing known answers is asked once, where somebody is soonest; the other places are named. */
function onceEverywhere(all: readonly Errand[], today: PlainDate): readonly Errand[] {
  const questions = new Map<string, Errand[]>()
  for (const errand of all) {
    const { act, reason } = errand
    if (act !== 'find_out' || reason.code !== 'gap') continue
    const key = `${reason.problem}/${reason.tier}/${reason.members.join()}`
    questions.set(key, [...(questions.get(key) ?? []), errand])
  }
  const asked = [...questions.values()].flatMap((same): Errand[] => {
    const [first, ...others] = same.sort((a, b) =>
      soonness(a.place, today).localeCompare(soonness(b.place, today)),
    )
    return first?.reason.code === 'gap'
      ? [{ ...first, reason: { ...first.reason, also: others.map(({ place }) => place.name) } }]
      : []
  })
  return [...all.filter(({ act }) => act !== 'find_out'), ...asked]
}

/** One thing that answers several problems is got once: as much as the one that needs most of it. */
function merged(found: readonly Errand[]): readonly Errand[] {
  const byThings = new Map<string, Errand>()
  for (const errand of found) {
    const things = errand.steps.map((step) =>
      step.kind === 'learn'
        ? step.skill
        : (step.itemId ?? (step.kind === 'buy' ? step.entryId : '')),
    )
    // What brings nothing yet says for itself what it is about.
    const stands = things.length === 0 || errand.brings.length === 0
    const key = stands ? errand.key : `${errand.act}:${things.join()}`
    const known = byThings.get(key)
    byThings.set(key, known ? both(known, errand) : errand)
  }
  return [...byThings.values()]
}

/** The graver one, with what the other brings as well. */
function both(a: Errand, b: Errand): Errand {
  const larger = packsOf(b) > packsOf(a) ? b : a
  return {
    ...a,
    amount: larger.amount,
    steps: larger.steps,
    brings: [...a.brings, ...b.brings],
    reason:
      a.reason.code === 'gap' && larger.reason.code === 'gap'
        ? { ...a.reason, packs: larger.reason.packs, costMinor: larger.reason.costMinor }
        : a.reason,
  }
}

const packsOf = ({ reason, steps }: Errand): number =>
  reason.code === 'gap' && reason.packs > 0
    ? reason.packs
    : Math.max(0, ...steps.map((step) => (step.kind === 'learn' ? 0 : step.uses)))

// ---- what topping up brings ---------------------------------------------------------------------

/** Of one need, for one member or for all at once: people's and animals' needs share a problem. */
const cellKey = ({ need, cell }: Missing): string => `${need.id}/${cell.memberId ?? ''}`

interface Brought {
  readonly brings: readonly Brings[]
  /** What is missing today and is not once it is done. */
  readonly closes: readonly Missing[]
}

/** What a place becomes ready for by an errand about a target, or stays ready for. */
function broughtBy(
  { pantry, judgement }: Judged,
  { today, lapses }: PlaceJudgement,
  asked: (day: PlainDate) => Asking,
  { act, item, kit, amount }: Errand,
): Brought {
  const thing = item && pantry.things[pantry.thingOf.get(item.id) ?? -1]
  const at = kit ? pantry.kitAt.get(kit.id) : undefined
  if (!item || !thing || at === undefined) return { brings: [], closes: [] }
  const known = pantry.known[pantry.thingOf.get(item.id) ?? -1] ?? null
  const added: Added = { thing, known, uses: (amount / THOUSAND) * thing.facts.uses, through: null }
  const roles = behind(pantry, new Set(thing.facts.roles))
  const touches = (need: Need) => asksFor(need, roles)
  const missed = act === 'top_up' ? missingIn(today) : []
  const isAsked =
    missed.some(({ missing }) => missing.some(({ need }) => touches(need))) ||
    lapses.some(({ problemId }) =>
      today.problems.some(
        ({ id, rows }) => id === problemId && rows.some((row) => touches(row.need)),
      ),
    )
  if (!isAsked) return { brings: [], closes: [] }
  const fuller = withAdded(pantry, at, [added])
  const brings: Brings[] = []
  const closes: Missing[] = []
  const on = (day: PlainDate) => asked(day).withMore(fuller)
  if (missed.length > 0) {
    const now = on(judgement.today)
    for (const problem of missed) {
      const answered = problem.missing.filter(
        ({ need, cell }) => touches(need) && isAnswered(now, need, cell),
      )
      closes.push(...answered)
      if (answered.length > 0) brings.push(bringing(problem, answered, null))
    }
  }
  for (const lapse of lapses) {
    const problem = today.problems.find(({ id }) => id === lapse.problemId)
    const needs = problem?.rows.map(({ need }) => need).filter(touches) ?? []
    if (!problem || needs.length === 0) continue
    const then = on(lapse.from)
    const rows = problem.rows.flatMap(({ need }) => rowOf(then, need) ?? [])
    if (problemsOf(rows).every(({ isReady }) => isReady))
      brings.push({ ...idOf(problem), members: lapse.members, from: lapse.from })
  }
  return { brings, closes }
}

const idOf = ({ id, name, tier }: Problem) => ({ problemId: id, name, tier })

const bringing = (
  problem: Problem,
  answered: readonly Missing[],
  from: PlainDate | null,
): Brings => ({
  ...idOf(problem),
  members: [...new Set(answered.flatMap(({ cell }) => cell.memberId ?? []))],
  from,
})

/** What strikes all at once is answered for all at once; each has a medicine of their own. */
function isAnswered(asking: Asking, need: Need, cell: Pick<Cell, 'memberId'>): boolean {
  const memberId = need.everybodyAtOnce && need.id !== OWN_MEDICINE ? null : cell.memberId
  return isReadyState(judgeNeed(asking, need, patientsOf(asking, need, memberId)).state)
}

/** One member; whoever is there; or all whom it strikes at once. */
function patientsOf(
  asking: Asking,
  need: Need,
  memberId: Cell['memberId'],
): readonly (Patient | null)[] {
  if (memberId !== null) return asking.patients.filter(({ member }) => member.id === memberId)
  return need.scope === 'party' ? [null] : asking.concernedBy(need)
}

// ---- gaps that no target closes -----------------------------------------------------------------

interface Where {
  readonly place: PlaceJudgement
  readonly at: Place
  /** What errands about targets answer, by `cellKey`. */
  readonly closed: ReadonlySet<string>
  readonly spare: (shelf: Shelf) => number
}

function gaps(
  judged: Judged,
  survey: Survey,
  where: Where,
  asked: (day: PlainDate) => Asking,
): readonly Errand[] {
  const { place, closed, spare } = where
  const asking = asked(judged.judgement.today)
  return missingIn(place.today).flatMap((problem) => {
    const open = problem.missing.filter((one) => !closed.has(cellKey(one)))
    const groups = new Map<string, { closing: Closing | null; missing: Missing[] }>()
    for (const [need, of] of byNeed(open)) {
      // What strikes all at once is got for all at once.
      const together =
        need.everybodyAtOnce || need.scope === 'party' ? [of] : of.map((one) => [one])
      for (const missing of together) {
        const patients = need.everybodyAtOnce
          ? patientsOf(asking, need, null)
          : patientsOf(asking, need, missing[0]?.cell.memberId ?? null)
        const [closing = null] = closingsFor(asking, need, patients, { spare })
        const key = JSON.stringify(closing?.steps ?? need.id)
        const known = groups.get(key)
        groups.set(key, { closing, missing: [...(known?.missing ?? []), ...missing] })
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
  { at }: Where,
  problem: Problem,
  closing: Closing | null,
  missing: readonly Missing[],
): Errand {
  const steps = closing?.steps ?? []
  const [first] = steps
  const brings = bringing(problem, missing, null)
  const itemId = first && 'itemId' in first ? first.itemId : null
  const item = survey.stock.items.find(({ id }) => id === itemId) ?? null
  const into =
    first && first.kind !== 'learn' ? pocketFor(pantry, survey, at, first, problem.tier) : null
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

/** Uses of a shelf that lie beyond the target of their pocket: nobody there counts on them. */
function spareOf(survey: Survey): (shelf: Shelf) => number {
  const beyond = new Map<string, number>()
  for (const { par, lasting, holdings } of survey.lines) {
    if (par === NOTHING) continue
    let left = less(lasting, par) as number
    for (const { lot, site, amount, judged } of holdings) {
      if (judged.state !== 'sound' || left <= 0) continue
      beyond.set(`${lot.id}/${site.pocket.id}`, Math.min(left, amount) / amount)
      left -= amount
    }
  }
  return ({ lotId, pocket, uses }) => uses * (beyond.get(`${lotId}/${pocket.id}`) ?? 0)
}
