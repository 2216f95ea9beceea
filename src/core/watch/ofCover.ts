/**
 * Errands about what a place is not ready for. What a target asks for already says what it brings;
 * what no target asks for is an errand of its own. Everything is tried before it is said.
 */
import type { PlainDate } from '../calendar/plainDate'
import { type Added, withAdded } from '../cover/added'
import { Asking, OWN_MEDICINE } from '../cover/asking'
import { type Cell, judgeNeed, rowOf } from '../cover/board'
import { isReadyState } from '../cover/cellState'
import { behind } from '../cover/leaning'
import type { Need } from '../cover/need'
import type { Shelf } from '../cover/pantry'
import { questionAt } from '../cover/scene'
import { type Spare, shelfKey } from '../judgement/closingBook'
import { asksFor } from '../judgement/days'
import type { Judged, PlaceJudgement } from '../judgement/judgement'
import { type Missing, missingIn, problemsOf } from '../judgement/readiness'
import { less, NOTHING, THOUSAND } from '../quantity/amount'
import { type Brings, type Errand, soonness } from './errand'
import { bringing, cellKey, gaps, idOf, patientsOf, type Where } from './gaps'
import { pocketFor } from './pocketFor'
import type { Site, Survey } from './survey'

/** Each errand about a target with what it brings, and an errand for every gap that none of them closes. */
export function ofCover(
  judged: Judged,
  survey: Survey,
  targets: readonly Errand[],
): readonly Errand[] {
  const beyond = beyondTargets(survey)
  const spare = spareBy(beyond)
  const itemOf = new Map(survey.stock.items.map((item) => [item.id, item]))
  judged.judgement.closings.reckonWith(judged.pantry, beyond)
  return onceEverywhere(
    judged.judgement.places.flatMap((place) =>
      ofPlace(judged, survey, targets, place, { spare, itemOf }),
    ),
    survey.today,
  )
}

function ofPlace(
  judged: Judged,
  survey: Survey,
  targets: readonly Errand[],
  place: PlaceJudgement,
  { spare, itemOf }: Pick<Where, 'spare' | 'itemOf'>,
): readonly Errand[] {
  const at = survey.places.find(({ id }) => id === place.place.id)
  if (!at) return []
  const on = askedOn(judged, place)
  const here = targets
    .filter((errand) => errand.place.id === at.id)
    .map((errand) => ({ errand, ...broughtBy(judged, place, on, errand) }))
  const closed = new Set(here.flatMap(({ closes }) => closes.map(cellKey)))
  const told = here.map(({ errand, brings }) => ({ ...errand, brings }))
  const pockets = new Map<string, Site | null>()
  const pocketOf: Where['pocketOf'] = (step, tier) => {
    const key = `${step.itemId}/${step.kind === 'buy' ? step.entryId : ''}/${tier}`
    const before = pockets.get(key)
    if (before !== undefined) return before
    const site = pocketFor(judged.pantry, survey, at, step, tier)
    pockets.set(key, site)
    return site
  }
  return [
    ...told,
    ...merged(gaps(judged, survey, { place, at, closed, spare, itemOf, pocketOf }, on)),
  ]
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

/** What strikes all at once is answered for all at once; each has a medicine of their own. */
function isAnswered(asking: Asking, need: Need, cell: Pick<Cell, 'memberId'>): boolean {
  const memberId = need.everybodyAtOnce && need.id !== OWN_MEDICINE ? null : cell.memberId
  return isReadyState(judgeNeed(asking, need, patientsOf(asking, need, memberId)).state)
}

// ---- what lies beyond targets ---------------------------------------------------------------------

/** Uses of a shelf that lie beyond the target of their pocket: nobody there counts on them. */
const spareBy =
  (beyond: Spare) =>
  ({ lotId, pocket, uses }: Shelf): number =>
    uses * (beyond.get(shelfKey(lotId, pocket.id)) ?? 0)

/** The share of each shelf that lies beyond the target of its pocket. */
function beyondTargets(survey: Survey): Spare {
  const beyond = new Map<string, number>()
  for (const { par, lasting, holdings } of survey.lines) {
    if (par === NOTHING) continue
    let left = less(lasting, par) as number
    for (const { lot, site, amount, judged } of holdings) {
      if (judged.state !== 'sound' || left <= 0) continue
      beyond.set(shelfKey(lot.id, site.pocket.id), Math.min(left, amount) / amount)
      left -= amount
    }
  }
  return beyond
}
