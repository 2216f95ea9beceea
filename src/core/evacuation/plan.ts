/** The whole plan of evacuation a house: who does what in which minutes, who rides where, what is taken. */
import type { PlainDate } from '../calendar/plainDate'
import type { Pantry } from '../cover/pantry'
import type { PatientBook } from '../cover/patientBook'
import type { MemberId } from '../ids'
import { type Evacuation, type EvacuationAsked, PLAN_MINUTES } from './evacuation'
import { evacuationLoads, type Loads } from './loads'
import { type EvacuationParty, type EvacuationQuestion, evacuationParty } from './party'
import { handsOnFoot, type Rides, ridesFor, type Vehicle } from './rides'
import { type Schedule, scheduleTasks } from './schedule'
import { evacuationTasks, USUAL_SECONDS } from './tasks'

/** What is missing or does not work out. */
export type EvacuationGap =
  /** Nobody at home can fetch, carry and lead. */
  | { readonly kind: 'no_hands' }
  /** Longer than the time there is, with people alone. */
  | { readonly kind: 'too_long'; readonly seconds: number }
  | { readonly kind: 'no_driver' }
  | { readonly kind: 'no_seat'; readonly names: readonly string[] }
  | { readonly kind: 'no_room'; readonly names: readonly string[] }
  | { readonly kind: 'few_hands'; readonly have: number; readonly need: number }
  | { readonly kind: 'led_away'; readonly names: readonly string[] }
  | { readonly kind: 'nowhere' }
  | { readonly kind: 'nowhere_for_animals' }

export interface EvacuationPlan {
  readonly party: EvacuationParty
  readonly schedule: Schedule
  /** When everybody is away from the house, in seconds; getting in and counting heads included. */
  readonly away: number
  /** Null where one goes on foot. */
  readonly rides: Rides | null
  readonly loads: Loads
  readonly gaps: readonly EvacuationGap[]
  readonly questions: readonly EvacuationQuestion[]
}

export interface EvacuationKnown {
  readonly pantry: Pantry
  readonly evacuation: Evacuation
  readonly vehicles: readonly Vehicle[]
  /** Whose photo is kept. */
  readonly photos: ReadonlySet<string>
  /** Whom a thing suits, found once for all that is asked of this pantry. */
  readonly book?: PatientBook
}

/** Plans how a household leaves, from who is there. Pure: asked anew at every press. */
export function planEvacuation(
  { pantry, evacuation, vehicles, photos, book }: EvacuationKnown,
  asked: EvacuationAsked,
  today: PlainDate,
): EvacuationPlan {
  const home = new Set(asked.home)
  const { party, questions } = evacuationParty(pantry.stock.members, home, today)
  const tasks = evacuationTasks(party, { ...asked, measured: measuredIn(evacuation) })
  const boarding = USUAL_SECONDS.board
  const hands = party.people.flatMap(({ id, hasHands }) => (hasHands ? [id] : []))
  const limit = PLAN_MINUTES[asked.plan] * 60 - boarding
  const schedule = scheduleTasks(tasks, hands, limit)
  const rides = asked.onFoot ? null : ridesFor(party, vehicles)
  return {
    party,
    schedule,
    away: schedule.done + boarding,
    rides,
    loads: evacuationLoads(pantry, asked, today, evacuation.days, book),
    gaps: [
      ...(schedule.done > limit
        ? [{ kind: 'too_long' as const, seconds: schedule.done + boarding }]
        : []),
      ...gapsOf(party, rides, evacuation),
    ],
    questions: [...questions, ...questionsOf(party, { evacuation, vehicles, photos }, asked)],
  }
}

/** The latest time of each step, by plan and key: an hour's packing says nothing about ten minutes'. */
function measuredIn({
  rehearsals,
}: Pick<Evacuation, 'rehearsals'>): Readonly<Record<string, number>> {
  const all: Record<string, number> = {}
  for (const { plan, steps } of rehearsals)
    for (const [key, seconds] of Object.entries(steps)) all[`${plan}/${key}`] = seconds
  return all
}

function gapsOf(
  party: EvacuationParty,
  rides: Rides | null,
  evacuation: Evacuation,
): readonly EvacuationGap[] {
  const nameOf = (id: MemberId): string =>
    [...party.people, ...party.animals].find((one) => one.id === id)?.name ?? ''
  const gaps: EvacuationGap[] = []
  const someHands = party.people.some(({ hasHands }) => hasHands)
  if (!someHands && party.people.length + party.animals.length > 0) gaps.push({ kind: 'no_hands' })
  if (rides) {
    if (rides.rides.length === 0) gaps.push({ kind: 'no_driver' })
    else {
      if (rides.unseated.length > 0)
        gaps.push({ kind: 'no_seat', names: rides.unseated.map(nameOf) })
      if (rides.left.length > 0) gaps.push({ kind: 'no_room', names: rides.left.map(nameOf) })
    }
  }
  if (rides === null || rides.rides.length === 0) {
    const { have, need } = handsOnFoot(party)
    if (have < need) gaps.push({ kind: 'few_hands', have, need })
  }
  const led = party.animals.filter(({ out }) => out === 'halter')
  if (led.length > 0 && rides) gaps.push({ kind: 'led_away', names: led.map(({ name }) => name) })
  if (evacuation.goTo.length === 0) gaps.push({ kind: 'nowhere' })
  else if (
    party.animals.length > 0 &&
    evacuation.goTo.every(({ takesAnimals }) => takesAnimals === false)
  )
    gaps.push({ kind: 'nowhere_for_animals' })
  return gaps
}

function questionsOf(
  party: EvacuationParty,
  { evacuation, vehicles, photos }: Omit<EvacuationKnown, 'pantry'>,
  { onFoot }: EvacuationAsked,
): readonly EvacuationQuestion[] {
  const questions: EvacuationQuestion[] = []
  if (!onFoot)
    for (const { id, name, facts } of vehicles)
      if (facts === null || facts.seats === null || facts.animals === null)
        questions.push({ kind: 'seats', placeId: id, name })
  if (evacuation.goTo.length === 0) questions.push({ kind: 'go_to' })
  if (
    party.animals.length > 0 &&
    evacuation.goTo.every(({ takesAnimals }) => takesAnimals !== true)
  )
    for (const { name, takesAnimals } of evacuation.goTo)
      if (takesAnimals === null) questions.push({ kind: 'animals_there', name })
  if (evacuation.tell.length === 0) questions.push({ kind: 'tell' })
  if (evacuation.papers === '') questions.push({ kind: 'papers' })
  for (const { id, name } of party.animals)
    if (!photos.has(id)) questions.push({ kind: 'photo', memberId: id, name })
  return questions
}
