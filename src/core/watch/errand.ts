/** What is to be done, where, and why. */
import { addDays, type PlainDate } from '../calendar/plainDate'
import { nextThere } from '../calendar/presence'
import type { SkillId } from '../catalogue/skills'
import type { Step } from '../cover/candidates'
import type { CellState } from '../cover/cellState'
import type { Tier } from '../cover/need'
import type { Kit, Place } from '../household/places'
import type { Topic } from '../household/told'
import type { LotId, MemberId, PocketId, TripId } from '../ids'
import type { IncidentId } from '../incident/entry'
import type { FollowUp } from '../incident/followUps'
import { type Amount, NOTHING, type Total } from '../quantity/amount'
import type { DueCode } from '../rounds/pace'
import type { Item } from '../stock/item'
import type { HeldBecause, SpentWhy } from '../stock/judge'

/** What finds errands. Each has its place in the headline; one without does not compile. */
export const ENGINES = [
  'cover',
  'medicines',
  'incidents',
  'recalls',
  'stock',
  'targets',
  'roadside',
  'rounds',
  'exposure',
  'trips',
  'people',
  'things',
] as const
export type Engine = (typeof ENGINES)[number]

/** What one does there, in the order in which it is done. */
export const ERRAND_ACTS = [
  'set_aside',
  'follow_up',
  'throw_away',
  'clean',
  'ask',
  'put_back',
  'look_for',
  'take_in',
  'pack',
  'carry',
  'buy',
  'refill',
  'replace',
  'top_up',
  'make_up',
  'unpack',
  'bring_back',
  'check',
  'weigh',
  'ask_member',
  'teach',
  'find_out',
  'identify',
] as const
export type ErrandAct = (typeof ERRAND_ACTS)[number]

/** Acts that one press settles; the others are questions, answered where they are asked. */
export const PRESSED_ACTS = [
  'throw_away',
  'put_back',
  'bring_back',
  'clean',
  'look_for',
  'replace',
  'top_up',
  'make_up',
  'refill',
  'carry',
  'buy',
] as const satisfies readonly ErrandAct[]
export type PressedAct = (typeof PRESSED_ACTS)[number]

export const isPressed = (act: ErrandAct): act is PressedAct =>
  (PRESSED_ACTS as readonly ErrandAct[]).includes(act)

export const ENGINE_OF: Readonly<Record<ErrandAct, Engine>> = {
  set_aside: 'recalls',
  follow_up: 'incidents',
  throw_away: 'stock',
  clean: 'stock',
  ask: 'stock',
  put_back: 'stock',
  look_for: 'stock',
  carry: 'cover',
  buy: 'cover',
  find_out: 'cover',
  refill: 'medicines',
  replace: 'targets',
  top_up: 'targets',
  make_up: 'roadside',
  check: 'rounds',
  take_in: 'exposure',
  pack: 'trips',
  unpack: 'trips',
  bring_back: 'trips',
  weigh: 'people',
  ask_member: 'people',
  teach: 'people',
  identify: 'things',
}

export type ErrandReason =
  | { readonly code: 'spent'; readonly why: SpentWhy }
  | { readonly code: 'held'; readonly because: HeldBecause }
  | { readonly code: 'lent'; readonly to: string; readonly since: PlainDate }
  | { readonly code: 'unclean'; readonly since: PlainDate }
  | { readonly code: 'missing'; readonly since: PlainDate }
  | {
      readonly code: 'turns'
      readonly day: PlainDate
      readonly clock: 'printed' | 'opened'
      readonly spare: SpareAt | null
    }
  | {
      readonly code: 'below_par'
      readonly good: Total
      readonly par: Amount
      readonly spare: SpareAt | null
      /** Some of it was given away at a roadside that day. */
      readonly takenOn: PlainDate | null
    }
  | {
      readonly code: 'round_due'
      readonly why: DueCode
      /** The oldest look that it is about; null when nobody has looked yet. */
      readonly since: PlainDate | null
      readonly pockets: number
      readonly allPockets: number
    }
  | { readonly code: 'dates_missing'; readonly count: number }
  /** A problem that the place is not ready for, and no target asks for what is missing. */
  | {
      readonly code: 'gap'
      readonly problem: string
      readonly tier: Tier
      /** For whom; empty for whoever is there. */
      readonly members: readonly MemberId[]
      readonly state: CellState
      /** Where else the same is ready for the same. */
      readonly ready: readonly Place[]
      /** What it takes beside the first thing. */
      readonly also: readonly string[]
      readonly packs: number
      readonly costMinor: number | null
      readonly from: Kit | null
    }
  | {
      readonly code: 'runs_out'
      /** The last day that is wholly supplied; null when nothing is left. */
      readonly lastDay: PlainDate | null
      readonly prescriber: string
      /** The pharmacy is shut that day and until then: the last day on which it is open. */
      readonly openUntil: PlainDate | null
    }
  | { readonly code: 'recalled'; readonly lots: number }
  | { readonly code: 'weight'; readonly kind: 'unknown' | 'stale' }
  | { readonly code: 'not_asked'; readonly topics: readonly Topic[] }
  | { readonly code: 'skill_ends'; readonly skill: SkillId; readonly until: PlainDate }
  | { readonly code: 'unknown_things'; readonly count: number }
  /** Somebody leaves on that day; nothing has been put on its list where none waits. */
  | {
      readonly code: 'trip_soon'
      readonly tripId: TripId
      readonly from: PlainDate
      readonly toPack: number
    }
  | {
      readonly code: 'trip_over'
      readonly tripId: TripId
      readonly to: PlainDate
      readonly packed: number
    }
  /** By the model it is about to be too cold or too hot for so many things. */
  | {
      readonly code: 'weather'
      readonly what: 'frost' | 'heat'
      readonly on: PlainDate
      readonly hundredths: number
      readonly things: number
    }
  | { readonly code: 'taken_along'; readonly since: PlainDate }
  /** At a roadside, by hand or by the code on the lid. */
  | { readonly code: 'given_away'; readonly on: PlainDate; readonly byLid: boolean }
  | {
      readonly code: 'follow_up'
      readonly why: FollowUp['why']
      readonly what: string
      readonly on: PlainDate
      readonly incidentId: IncidentId
    }

export type ReasonCode = ErrandReason['code']

/** Another place has some to spare. */
export interface SpareAt {
  readonly place: Place
  readonly amount: Total
}

/** What a place is ready for once it is done: tried, not guessed. */
export interface Brings {
  readonly problemId: string
  readonly name: string
  readonly tier: Tier
  /** For whom; empty for whoever is there. */
  readonly members: readonly MemberId[]
  /** It is ready until then without it; null where it is not ready now. */
  readonly from: PlainDate | null
}

export interface Errand {
  /** Stays the same while the reason stands, so that it can be put off. */
  readonly key: string
  readonly act: ErrandAct
  readonly place: Place
  readonly title: string
  readonly kit: Kit | null
  readonly pocketId: PocketId | null
  readonly item: Item | null
  readonly memberId: MemberId | null
  readonly lotId: LotId | null
  readonly lotVersion: number | null
  readonly amount: Amount
  readonly reason: ErrandReason
  /** Sooner first; null when it is due already. */
  readonly due: PlainDate | null
  readonly essential: boolean
  readonly brings: readonly Brings[]
  /** What one press does about a gap. */
  readonly steps: readonly Step[]
}

/** An errand with nothing said but what every errand says. */
export const anErrand = (
  about: Pick<Errand, 'key' | 'act' | 'place' | 'title' | 'reason'> & Partial<Errand>,
): Errand => ({
  kit: null,
  pocketId: null,
  item: null,
  memberId: null,
  lotId: null,
  lotVersion: null,
  amount: NOTHING,
  due: null,
  essential: false,
  brings: [],
  steps: [],
  ...about,
})

/** How grave an errand is: the first is done before everything else. */
export const GRAVITIES = ['life', 'soon', 'essential', 'urgent', 'other'] as const
export type Gravity = (typeof GRAVITIES)[number]

/** A medicine that ends within this many days cannot wait for the next round. */
export const SOON_DAYS = 3

export function gravityOf(errand: Errand, today: PlainDate): Gravity {
  const { act, reason, brings, essential, due } = errand
  const isLife = reason.code === 'gap' ? reason.tier === 'life' : brings.some(bringsLifeNow)
  if (isLife) return 'life'
  if (act === 'set_aside') return 'soon'
  if (act === 'refill' && (due === null || due <= addDays(today, SOON_DAYS))) return 'soon'
  if (act === 'refill' || brings.some(({ tier }) => tier === 'life')) return 'essential'
  if (essential && (act === 'top_up' || act === 'replace')) return 'essential'
  if (brings.length > 0 || reason.code === 'gap' || act === 'follow_up') return 'urgent'
  if (act === 'pack' && due !== null && due <= addDays(today, SOON_DAYS)) return 'urgent'
  return 'other'
}

const bringsLifeNow = ({ tier, from }: Errand['brings'][number]): boolean =>
  tier === 'life' && from === null

/** One press puts an errand off until the chance after the coming one, or for a week. */
export function putOffUntil(place: Place, today: PlainDate): PlainDate {
  const there = nextThere(place.presence, today)
  return there.kind === 'on' ? addDays(there.day, 1) : addDays(today, 7)
}

/** The day on which somebody is next there, as text to sort by; last where nobody knows. */
export function soonness(place: Place, today: PlainDate): string {
  const next = nextThere(place.presence, today)
  return next.kind === 'now' ? today : next.kind === 'on' ? next.day : '9'
}
