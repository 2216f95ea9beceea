/** What has to be done before a house is left, and in which order it matters. */
import type { MemberId } from '../ids'
import type { PlanKind } from './evacuation'
import type { Creature, EvacuationParty } from './party'

/** What comes first where there is not time for everything. */
export const TIERS_OF_EVACUATION = ['people', 'animals', 'medicines', 'kit', 'rest'] as const
export type EvacuationTier = (typeof TIERS_OF_EVACUATION)[number]

export type TaskKind =
  | 'shut_in'
  | 'own_shoes'
  | 'child_shoes'
  | 'ready_hand'
  | 'ready_carried'
  | 'into_carrier'
  | 'on_lead'
  | 'on_halter'
  | 'medicines'
  | 'kit'
  | 'papers'
  | 'water'
  | 'food'
  | 'warmth'
  | 'beds'
  | 'shut_house'
  | 'board'

export interface EvacuationTask {
  /** The same from plan to plan, so that a rehearsal's time is found again. */
  readonly key: string
  readonly kind: TaskKind
  /** Whom it is about; null for the household. */
  readonly about: MemberId | null
  /** Only this one can do it; null: whoever has hands. */
  readonly by: MemberId | null
  readonly seconds: number
  /** As somebody did it with a clock; else a working figure of ours. */
  readonly isMeasured: boolean
  readonly tier: EvacuationTier
  /** Begun before all else: what has gone under a bed costs more time than everything else. */
  readonly isEarly: boolean
  /** Keys of what has to be done before. */
  readonly after: readonly string[]
}

/** Working figures of ours, in seconds, until a rehearsal has measured them. */
export const USUAL_SECONDS: Readonly<Record<TaskKind, number>> = {
  shut_in: 45,
  own_shoes: 60,
  child_shoes: 60,
  ready_hand: 120,
  ready_carried: 90,
  into_carrier: 150,
  on_lead: 45,
  on_halter: 240,
  medicines: 120,
  kit: 60,
  papers: 60,
  water: 120,
  food: 120,
  warmth: 60,
  beds: 240,
  shut_house: 120,
  board: 120,
}
/** One that hides is looked for where nobody has said where. */
const LOOKING_SECONDS = 120
/** Who sleeps is woken first. */
const WAKING_SECONDS = 60
/** With an hour one dresses, and packs more than what one grabs. */
const HOUR_TIMES = 3
const UNHURRIED: ReadonlySet<TaskKind> = new Set([
  'own_shoes',
  'child_shoes',
  'ready_hand',
  'ready_carried',
  'water',
  'food',
  'warmth',
  'papers',
  'shut_house',
])

export interface TasksAsked {
  readonly plan: PlanKind
  readonly night: boolean
  /** How long a step took when it was rehearsed, by its key. */
  readonly measured: Readonly<Record<string, number>>
}

/** Everything that is to be done, in the order in which it matters; getting away itself comes last. */
export function evacuationTasks(
  party: EvacuationParty,
  asked: TasksAsked,
): readonly EvacuationTask[] {
  const tasks: EvacuationTask[] = []
  const add = (
    kind: TaskKind,
    tier: EvacuationTier,
    given: {
      readonly about?: MemberId
      readonly by?: MemberId
      readonly after?: readonly string[]
      readonly more?: number
    } = {},
  ): string => {
    const { about = null, by = null, after = [], more = 0 } = given
    const key = about === null ? kind : `${kind}/${about}`
    const times = asked.plan === 'hour' && UNHURRIED.has(kind) ? HOUR_TIMES : 1
    const measured = asked.measured[`${asked.plan}/${key}`]
    tasks.push({
      key,
      kind,
      about,
      by,
      seconds: measured ?? USUAL_SECONDS[kind] * times + more,
      isMeasured: measured !== undefined,
      tier,
      isEarly: kind === 'shut_in',
      after,
    })
    return key
  }
  const waking = asked.night ? WAKING_SECONDS : 0
  const shutIn = new Map<MemberId, string>()
  for (const animal of party.animals)
    if (animal.out === 'carrier' && animal.hides !== false)
      shutIn.set(
        animal.id,
        add('shut_in', 'animals', {
          about: animal.id,
          more: animal.where === '' ? LOOKING_SECONDS : 0,
        }),
      )
  for (const { id, help, hasHands } of party.people)
    if (help === 'none')
      add(hasHands ? 'own_shoes' : 'child_shoes', 'people', { about: id, by: id, more: waking })
    else
      add(help === 'hand' ? 'ready_hand' : 'ready_carried', 'people', { about: id, more: waking })
  for (const animal of party.animals) {
    if (animal.sharesWith !== null) continue
    const together = [animal, ...party.animals.filter((one) => one.sharesWith === animal.id)]
    add(OUT_TASK[animal.out], 'animals', {
      about: animal.id,
      after: together.flatMap(({ id }) => shutIn.get(id) ?? []),
      more: (together.length - 1) * USUAL_SECONDS.into_carrier,
    })
  }
  add('medicines', 'medicines')
  add('kit', 'kit')
  add('papers', 'rest')
  add('water', 'rest')
  if (party.animals.length > 0 || asked.plan === 'hour') add('food', 'rest')
  add('warmth', 'rest')
  if (asked.plan === 'hour' && party.animals.length > 0) add('beds', 'rest')
  add('shut_house', 'rest')
  return tasks
}

const OUT_TASK = {
  lead: 'on_lead',
  halter: 'on_halter',
  carrier: 'into_carrier',
} as const satisfies Record<Creature['out'], TaskKind>
