/** What is asked of a board, and the hands, places and things it may reckon with. */

import { monthNumber, type PlainDate } from '../calendar/plainDate'
import type { Companion } from '../catalogue/companions'
import type { ItemFacts } from '../catalogue/itemFacts'
import { NEVER_COVER, type RoleId } from '../catalogue/roles'
import { mayUse, type SkillId } from '../catalogue/skills'
import { isRunning } from '../household/course'
import { isCarried, isExpected, type KitUse } from '../household/kitUse'
import { type Member, skillsOn } from '../household/member'
import { isFar, type Place } from '../household/places'
import type { ItemId, KitId, MemberId } from '../ids'
import { THOUSAND } from '../quantity/amount'
import { concerns } from './arising'
import { behind, rolesOf } from './leaning'
import { leftOutKey } from './leftOut'
import type { Need, Part, Way } from './need'
import { dateGrade, type Hands } from './objections'
import { isShared, type Pantry, type Shelf } from './pantry'
import { PatientBook } from './patientBook'
import type { Schools } from './schools'
import { isFor, licksOff, type Patient, unsuited } from './suitability'

export interface Question {
  readonly date: PlainDate
  /** Where it happens: its traits, and how far help is. */
  readonly place: Pick<Place, 'minutesToHelp' | 'traits'>
  readonly kits: ReadonlySet<KitId>
  /** Whoever is there. */
  readonly members: ReadonlySet<MemberId>
  /** Who of them helps; their skills count. A sitter is a member who helps, or nobody. */
  readonly skills: ReadonlySet<SkillId>
  /** Items to think away. */
  readonly without: ReadonlySet<ItemId>
  /** How many days it must hold out. */
  readonly days: number
  /** What the kits are for; absent: everything is expected of them. */
  readonly expected?: readonly KitUse[]
  /** What the keeper has said is not kept ready here: needs, by `leftOutKey`. */
  readonly leftOut?: ReadonlySet<string>
}

/** Skills of those who help among the members, on a day. */
export const skillsAmong = (
  members: readonly Member[],
  present: ReadonlySet<MemberId>,
  day: PlainDate,
): ReadonlySet<SkillId> =>
  new Set(
    members.filter((one) => one.helper && present.has(one.id)).flatMap((one) => skillsOn(one, day)),
  )

/** Skills that a person uses on themselves count even where they help nobody else. */
const ownSkills = (member: Member, day: PlainDate): readonly SkillId[] => skillsOn(member, day)

/** The ways that the household's schools allow, first choice first; what counts as cover. */
export const waysOf = (need: Need, schools: Schools): readonly Way[] =>
  waysAtHand(need, schools).filter(({ lastResort }) => !lastResort)

/** The same with what one does with nothing better: for when it has happened. */
export const waysAtHand = (need: Need, schools: Schools): readonly Way[] =>
  need.ways.filter(({ school }) => !school || school[1].includes(schools[school[0]]))

/** Uses that a part asks for: by the days to hold out, the distance from help and the weight. */
export function usesOf(
  part: Part,
  { place, days, expected }: Pick<Question, 'place' | 'days' | 'expected'>,
  schools: Schools,
  grams: number | null,
): number {
  const { size } = schools
  if (part.perKgDay !== undefined && grams !== null)
    return Math.ceil(part.perKgDay * (grams / 1000) * Math.max(3, days) * 10) / 10
  // What is carried only has to bridge the way to the next kit.
  const bridges = expected?.every(({ range }) => isCarried(range)) ?? false
  const further = size === 'minimal' || bridges ? 0 : (part.perDay ?? 0) * Math.max(0, days - 1)
  const far = !bridges && (size === 'complete' || (size === 'distance' && isFar(place)))
  const spent = part.any.every((role) => !isShared(role))
  const times =
    far && spent && (part.perDay !== undefined || part.far !== undefined) ? (part.far ?? 1.5) : 1
  return Math.ceil((part.uses + further) * times * 10) / 10
}

/** The need whose parts are a member's own prescriptions, not roles. */
export const OWN_MEDICINE = 'own-medicine'

/** What is there where people live, kits or no kits: clean running water, towels, cloths, something to write with. */
const AT_HOME: readonly RoleId[] = [
  'water',
  'cool-burn',
  'rinse-wound',
  'rinse-eye',
  'cloth',
  'wrap-animal',
  'pen',
]

/** What a thing goes with for a patient; what is licked off is unsafe without a cover. */
export const companionsFor = (facts: ItemFacts, patient: Patient | null): readonly Companion[] =>
  patient && licksOff(facts, patient)
    ? [...facts.companions, { role: 'lick-guard', without: 'unsafe' }]
    : facts.companions

/** `second`: only as plan B (asked about first, or plain and past its date). */
type Grade = 'good' | 'second'

/** What was asked before, and what is different now. */
interface Since {
  readonly asking: Asking
  /** What counts otherwise: it has ended, or it has come. */
  readonly changed: readonly Shelf[]
  /** Members, skills or things differ: who plays what is found anew. */
  readonly isAboutMembers: boolean
}

/** A question with what follows from it, so that each cell is a few sums. */
export class Asking implements Hands {
  readonly patients: readonly Patient[]
  /** Uses of each thing that are there on the day, by grade. */
  private readonly good: Float64Array
  private readonly second: Float64Array
  private readonly kitOn: Uint8Array
  /** Whether anything of a thing lies here, whatever speaks against it. */
  private readonly present: Uint8Array
  /** By role, then by member and grade. */
  private readonly atHand: Map<RoleId, Map<string, boolean>>
  private readonly players: Map<RoleId, Map<string, readonly number[]>>
  private readonly hasTap: boolean
  readonly month: number

  constructor(
    readonly pantry: Pantry,
    readonly question: Question,
    /** Shared by questions of several days and places: whom a thing suits is found once. */
    readonly book: PatientBook = new PatientBook(pantry),
    since?: Since,
  ) {
    const { stock, things } = pantry
    this.month = monthNumber(question.date)
    this.hasTap = question.place.traits.includes('tap')
    if (since) {
      const { asking, changed, isAboutMembers } = since
      const isSame =
        question.date === asking.question.date && question.members === asking.question.members
      this.patients = isAboutMembers && !isSame ? this.patientsOf(question) : asking.patients
      this.kitOn = asking.kitOn
      this.present = new Uint8Array(things.length)
      this.present.set(asking.present)
      this.good = new Float64Array(things.length)
      this.good.set(asking.good)
      this.second = new Float64Array(things.length)
      this.second.set(asking.second)
      for (const thing of new Set(changed.map((shelf) => shelf.thing))) this.count(thing)
      const roles = rolesOf(pantry, changed)
      this.atHand = isAboutMembers ? new Map() : without(asking.atHand, roles)
      this.players = isAboutMembers ? new Map() : without(asking.players, behind(pantry, roles))
      return
    }
    this.atHand = new Map()
    this.players = new Map()
    this.patients = this.patientsOf(question)
    this.good = new Float64Array(things.length)
    this.second = new Float64Array(things.length)
    this.kitOn = Uint8Array.from(stock.kits, ({ id }) => (question.kits.has(id) ? 1 : 0))
    this.present = new Uint8Array(things.length)
    for (const shelf of pantry.shelves) {
      if (this.isThere(shelf)) this.present[shelf.thing] = 1
      const grade = this.gradeOf(shelf)
      if (grade === 'good') this.good[shelf.thing] = (this.good[shelf.thing] ?? 0) + shelf.uses
      else if (grade === 'second')
        this.second[shelf.thing] = (this.second[shelf.thing] ?? 0) + shelf.uses
    }
  }

  private patientsOf({ members, date }: Question): readonly Patient[] {
    return this.pantry.stock.members
      .filter(({ id }) => members.has(id))
      .map((member) => this.book.on(member, date))
  }

  /** The same question on a later day on which nothing is different but that these have ended. */
  after(date: PlainDate, ended: readonly Shelf[]): Asking {
    const since = { asking: this, changed: ended, isAboutMembers: false }
    return new Asking(this.pantry, { ...this.question, date }, this.book, since)
  }

  /** A later question of the same kits, on a day on which somebody came, went or is seen otherwise. */
  afterwards(question: Question, ended: readonly Shelf[]): Asking {
    return new Asking(this.pantry, question, this.book, {
      asking: this,
      changed: ended,
      isAboutMembers: true,
    })
  }

  /**
   * The same question with more in one of its kits, or with more learnt.
   * @param fuller this pantry with what `withAdded` adds
   */
  withMore(fuller: Pantry, taught: readonly SkillId[] = []): Asking {
    const skills =
      taught.length === 0 ? this.question.skills : new Set([...this.question.skills, ...taught])
    return new Asking(fuller, { ...this.question, skills }, new PatientBook(fuller, this.book), {
      asking: this,
      changed: fuller.shelves.slice(this.pantry.shelves.length),
      isAboutMembers: true,
    })
  }

  /** Counts a thing anew, shelf by shelf, so that sums do not drift. */
  private count(thing: number): void {
    this.good[thing] = 0
    this.second[thing] = 0
    for (const shelf of this.pantry.shelvesOf[thing] ?? []) {
      if (this.isThere(shelf)) this.present[thing] = 1
      const grade = this.gradeOf(shelf)
      if (grade === 'good') this.good[thing] = (this.good[thing] ?? 0) + shelf.uses
      else if (grade === 'second') this.second[thing] = (this.second[thing] ?? 0) + shelf.uses
    }
  }

  /** Whom a need concerns among those present. */
  concernedBy(need: Need): readonly Patient[] {
    return this.patients.filter(
      (patient) =>
        concerns(need, patient) &&
        !(need.atRisk.ownCarrier && this.sharesCarrier(patient.member)) &&
        this.expects(need, patient.member) &&
        (need.id !== OWN_MEDICINE || this.ownMedicine(patient).length > 0),
    )
  }

  /** Rides with another that is there, and that has a carrier of its own. */
  private sharesCarrier({ facts }: Member): boolean {
    const other = facts.kind === 'animal' ? facts.evacuation?.sharesWith : undefined
    return this.patients.some(
      ({ member }) =>
        member.id === other &&
        member.facts.kind === 'animal' &&
        member.facts.evacuation?.sharesWith === undefined,
    )
  }

  /** Whether these kits are to answer a need at all. @param member null: whoever is there */
  expects({ id, range }: Need, member: Pick<Member, 'id' | 'species'> | null): boolean {
    const { expected, leftOut } = this.question
    if (leftOut?.has(leftOutKey(id, null))) return false
    if (member !== null && leftOut?.has(leftOutKey(id, member.id))) return false
    return expected === undefined || isExpected(expected, range, member?.species ?? null)
  }

  /** Here, and not thought away, whatever else speaks against it. */
  private isThere(shelf: Shelf): boolean {
    const { itemId } = this.pantry.things[shelf.thing] ?? {}
    return this.isHere(shelf) && itemId != null && !this.question.without.has(itemId)
  }

  isHere(shelf: Shelf): boolean {
    return this.kitOn[shelf.kit] === 1
  }

  isPresent(thing: number): boolean {
    return this.present[thing] === 1
  }

  /** How a shelf counts on the day, or null. */
  gradeOf(shelf: Shelf): Grade | null {
    if (!this.isHere(shelf) || shelf.barred) return null
    const thing = this.pantry.things[shelf.thing]
    if (!thing?.itemId || this.question.without.has(thing.itemId)) return null
    const grade = dateGrade(this.pantry, shelf, this.question.date)
    return grade === 'spent' ? null : grade
  }

  /** Tenths of a use of a thing on the day; whole numbers, so that sums are exact. */
  tenthsThere(thing: number, withSecond: boolean): number {
    const all = (this.good[thing] ?? 0) + (withSecond ? (this.second[thing] ?? 0) : 0)
    return Math.floor(all * TENTHS + 1e-9)
  }

  private suitOf(thing: number, patient: Patient | null): number {
    if (patient !== null) return this.book.suit(thing, patient)
    // Who is there alone has all they carry.
    const [alone = null, another] = this.patients
    return isFor(this.pantry.things[thing] ?? {}, another ? null : alone) ? 2 : 0
  }

  hasSkill(thing: number, patient: Patient | null): boolean {
    const skill = this.pantry.things[thing]?.facts.skill ?? null
    if (skill === null || mayUse(skill, this.question.skills)) return true
    return patient !== null && mayUse(skill, new Set(ownSkills(patient.member, this.question.date)))
  }

  /** Whether a part needs nothing from a kit where people live. */
  comesFromTap({ any, stored }: Part): boolean {
    return !stored && this.hasTap && any.some((role) => AT_HOME.includes(role))
  }

  /** Companions of a thing that nothing here plays for this patient, as far as they are second-grade. */
  missing(thing: number, patient: Patient | null): readonly Companion[] {
    return this.missingCompanions(thing, patient, true)
  }

  private missingCompanions(
    thing: number,
    patient: Patient | null,
    withSecond: boolean,
  ): readonly Companion[] {
    const facts = this.pantry.things[thing]?.facts
    if (!facts) return []
    const asked = companionsFor(facts, patient)
    if (asked.length === 0) return asked
    return asked.filter(({ role }) => !this.isAtHand(role, patient, withSecond))
  }

  private isAtHand(role: RoleId, patient: Patient | null, withSecond: boolean): boolean {
    if (this.hasTap && AT_HOME.includes(role)) return true
    const of = inner(this.atHand, role)
    const key = `${patient?.member.id ?? ''}${withSecond ? '+' : '/'}`
    const known = of.get(key)
    if (known !== undefined) return known
    const found = (this.pantry.byRole.get(role) ?? []).some(
      (other) =>
        this.tenthsThere(other, withSecond) > 0 &&
        this.suitOf(other, patient) >= (withSecond ? 1 : 2),
    )
    of.set(key, found)
    return found
  }

  /** Whether a thing counts for a patient here and now. */
  counts(thing: number, patient: Patient | null, withSecond: boolean): boolean {
    return (
      this.tenthsThere(thing, withSecond) > 0 &&
      this.suitOf(thing, patient) >= (withSecond ? 1 : 2) &&
      this.hasSkill(thing, patient) &&
      this.missingCompanions(thing, patient, withSecond).every(
        ({ without }) => without !== 'unsafe',
      )
    )
  }

  /** The things that can serve a part. */
  serving(part: Part, patient: Patient | null, withSecond: boolean): readonly number[] {
    const [only] = part.any
    if (part.any.length === 1 && only !== undefined) return this.playing(only, patient, withSecond)
    return [...new Set(part.any.flatMap((role) => this.playing(role, patient, withSecond)))]
  }

  /** The things that can play a role for a patient; asked by many needs, found once. */
  private playing(role: RoleId, patient: Patient | null, withSecond: boolean): readonly number[] {
    const of = inner(this.players, role)
    const key = `${patient?.member.id ?? ''}${withSecond ? '+' : '/'}`
    let known = of.get(key)
    if (!known) {
      known = NEVER_COVER.includes(role)
        ? []
        : (this.pantry.byRole.get(role) ?? []).filter((thing) =>
            this.counts(thing, patient, withSecond),
          )
      of.set(key, known)
    }
    return known
  }

  /** Whether it may be taken as the regular medicine that it is. */
  countsAsOwn(thing: number, patient: Patient, withSecond: boolean): boolean {
    const it = this.pantry.things[thing]
    return (
      it !== undefined &&
      isFor(it, patient) &&
      this.tenthsThere(thing, withSecond) > 0 &&
      this.hasSkill(thing, patient) &&
      unsuited(it, patient, this.pantry.house).every(({ code }) => code === 'taken_already')
    )
  }

  /** The parts of the member's own medicines: so many days and two more. */
  ownMedicine(
    patient: Patient,
  ): readonly { readonly things: readonly number[]; readonly uses: number }[] {
    const { courses } = this.pantry.stock
    const carried = this.pantry.carriedOf.get(patient.member.id)
    return courses.flatMap((course) => {
      if (course.memberId !== patient.member.id || !isRunning(course, this.question.date)) return []
      if (course.perDay === null) return []
      const thing = this.pantry.thingOf.get(course.itemId)
      if (thing === undefined) return []
      const perUnit = this.pantry.things[thing]?.facts.uses ?? 1
      const along = carried?.get(course.itemId)
      const things = along === undefined ? [thing] : [thing, along]
      return [{ things, uses: (course.perDay / THOUSAND) * perUnit * (this.question.days + 2) }]
    })
  }
}

// ---- what is known by role ----------------------------------------------------------------------

function inner<Value>(outer: Map<RoleId, Map<string, Value>>, role: RoleId): Map<string, Value> {
  let of = outer.get(role)
  if (!of) {
    of = new Map()
    outer.set(role, of)
  }
  return of
}

function without<Value>(
  outer: ReadonlyMap<RoleId, Map<string, Value>>,
  roles: ReadonlySet<RoleId>,
): Map<RoleId, Map<string, Value>> {
  const left = new Map(outer)
  for (const role of roles) left.delete(role)
  return left
}

// ---- what counts for whom ----------------------------------------------------------------------

export const TENTHS = 10
