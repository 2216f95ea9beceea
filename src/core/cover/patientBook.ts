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
import { isWordValid, type Patient, suitOf } from './suitability'

/** Up to here every month of age may matter to a rule or a label; from here on whole years. */
export const MONTHS_MATTER_UNTIL = 48

const SUITS = { not: 0, asked_first: 1, suits: 2 } as const

export class PatientBook {
  private readonly made: Map<MemberId, Map<string, Patient>>
  private readonly suits: Map<Patient, Int8Array>

  /** @param known of the same members, courses, rules and things: what it found holds here as well */
  constructor(
    private readonly pantry: Pantry,
    known?: PatientBook,
  ) {
    this.made = known?.made ?? new Map()
    this.suits = known?.suits ?? new Map()
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
      known = new Int8Array(this.pantry.things.length).fill(-1)
      this.suits.set(patient, known)
    }
    const before = known[thing] ?? -1
    if (before >= 0) return before
    const it = this.pantry.things[thing]
    if (!it) return 0
    const suit = SUITS[suitOf(it, patient, this.pantry.house)]
    known[thing] = suit
    return suit
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
