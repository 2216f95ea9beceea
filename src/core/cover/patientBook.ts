/**
 * Members as the rules see them, each made once for all days and places between which nothing about
 * them changes, with whom a thing suits found once for each.
 */
import type { PlainDate } from '../calendar/plainDate'
import { isRunning } from '../household/course'
import type { Member } from '../household/member'
import { ageInMonths, weightOn } from '../household/weight'
import type { MemberId } from '../ids'
import type { Pantry } from './pantry'
import { patientIn } from './patientIn'
import {
  isAllergicTo,
  isFor,
  isWordValid,
  type Patient,
  type Suit,
  suitOf,
  type Thing,
} from './suitability'

/** Up to here every month of age may matter to a rule or a label; from here on whole years. */
export const MONTHS_MATTER_UNTIL = 48

/** How whom a thing suits is kept. */
export const SUITS = { not: 0, asked_first: 1, suits: 2 } as const

export class PatientBook {
  private readonly made: Map<MemberId, Map<string, Patient>>
  private readonly suits: Map<Patient, Int8Array>
  /** Of what the household does not have: by what it is. */
  private readonly others: Map<Patient, Map<Thing, Suit>>
  /** So many things the household has; what stands behind them differs from pantry to pantry. */
  private readonly own: number
  private readonly harming: Map<PlainDate, Map<Thing, boolean>>

  /** @param known of the same members, courses, rules and things: what it found holds here as well */
  constructor(
    private readonly pantry: Pantry,
    known?: PatientBook,
  ) {
    this.made = known?.made ?? new Map()
    this.suits = known?.suits ?? new Map()
    this.others = known?.others ?? new Map()
    this.harming = known?.harming ?? new Map()
    this.own = known?.own ?? pantry.things.length
  }

  /** The same patient on every day on which the rules see them alike. */
  on(member: Member, day: PlainDate): Patient {
    const of = this.made.get(member.id) ?? new Map<string, Patient>()
    this.made.set(member.id, of)
    const key = this.seenAs(member, day)
    const patient = of.get(key) ?? patientIn(this.pantry, member, day)
    of.set(key, patient)
    return patient
  }

  /** 0 does not suit, 1 only if asked first, 2 suits. */
  suit(thing: number, patient: Patient): number {
    let known = this.suits.get(patient)
    if (!known) {
      known = new Int8Array(this.own).fill(-1)
      this.suits.set(patient, known)
    }
    const before = known[thing] ?? -1
    if (before >= 0) return before
    const it = this.pantry.things[thing]
    if (!it) return 0
    const suit = isFor(it, patient) ? SUITS[suitOf(it, patient, this.pantry.house)] : SUITS.not
    // Beyond what is its own nothing is kept.
    known[thing] = suit
    return suit
  }

  /** The same for a thing that the household does not have yet. */
  suitOf(thing: Thing, patient: Patient): Suit {
    return kept(keptMap(this.others, patient), thing, () =>
      suitOf(thing, patient, this.pantry.house),
    )
  }

  /** Whether anybody of the household is allergic to what is in a thing, also who is not there that day. */
  harmsAnybody(thing: Thing, day: PlainDate): boolean {
    return kept(keptMap(this.harming, day), thing, () =>
      this.pantry.stock.members.some((member) => isAllergicTo(this.on(member, day), thing)),
    )
  }

  /** Everything about a member that depends on the day. */
  private seenAs({ id, species, born, weighings, facts }: Member, day: PlainDate): string {
    const months = ageInMonths(born, day)
    const weight = weightOn(species, born, weighings, day)
    const { courses, signed } = this.pantry.stock
    return [
      months === null ? '' : months <= MONTHS_MATTER_UNTIL ? months : Math.floor(months / 12) * 12,
      weight.kind === 'fresh' ? weight.weighing.grams : weight.kind,
      courses.flatMap((one) =>
        one.memberId === id ? [isRunning(one, day) ? 1 : one.startsOn > day ? 0 : 2] : [],
      ),
      (facts.settled ?? []).map((word) => Number(isWordValid(word, day))),
      signed.map(({ memberId, until }) =>
        memberId === id && (until === null || until >= day) ? 1 : 0,
      ),
    ].join('|')
  }
}

function keptMap<Key, Inner, Value>(
  outer: Map<Key, Map<Inner, Value>>,
  key: Key,
): Map<Inner, Value> {
  return kept(outer, key, () => new Map())
}

function kept<Key, Value>(map: Map<Key, Value>, key: Key, make: () => Value): Value {
  const before = map.get(key)
  if (before !== undefined) return before
  const made = make()
  map.set(key, made)
  return made
}
