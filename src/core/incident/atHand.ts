/**
 * "What can I use?": what has happened is judged in any place and month, with everything in reach.
 * The call line comes first, then what to do with bare hands; then what is prescribed to this
 * patient for this, what somebody present has been taught, the rest with its remarks, and what is
 * past its date only where nothing better lies there. What is set aside is named with every reason,
 * and only what is forbidden is called so.
 */

import type { PlainDate } from '../calendar/plainDate'
import { concerns } from '../cover/arising'
import { Asking, type Question, skillsAmong, waysAtHand } from '../cover/asking'
import type { Need, Part } from '../cover/need'
import { NEEDS } from '../cover/needs'
import { gravest, isSetAside, type Objection, objectionsTo } from '../cover/objections'
import { isShared, pantry as layOut, type Pantry } from '../cover/pantry'
import { patientIn } from '../cover/patientIn'
import { expectedAt } from '../cover/scene'
import { SCHOOLS, schoolAnswer } from '../cover/schools'
import { GRADES, type Grade, isLifeSaver, type Patient } from '../cover/suitability'
import { goesTo } from '../household/goesWith'
import type { Member } from '../household/member'
import type { KitId, LotId, PlaceId } from '../ids'
import type { IncidentKind } from './kindNames'
import { atOnce, INCIDENT_KINDS } from './kinds'
import {
  type AtHandLot,
  asLastResort,
  bestFirst,
  inOrder,
  RANKS,
  rankOf,
  rankOfLot,
  type Scene,
  type UseWay,
} from './rankOfLots'

/** Something that lies somewhere, plays the role and is not to be used as it lies there. */
export interface SetAside {
  readonly lotId: LotId
  readonly title: string
  readonly kitId: KitId
  readonly pocket: string
  readonly grade: Extract<Grade, 'forbidden' | 'ask_first' | 'not_as_it_is'>
  readonly why: readonly [Objection, ...Objection[]]
}

export interface AtHand {
  /** Never empty: whom to call, before anything else. */
  readonly calls: readonly [string, ...string[]]
  /** What anybody can do with what is there anyway. */
  readonly first: string
  readonly ways: readonly UseWay[]
  readonly setAside: readonly SetAside[]
  readonly cautions: readonly string[]
}

export interface AtHandQuestion {
  readonly patient: Member
  readonly kind: IncidentKind
  readonly here: PlaceId | null
  readonly date: PlainDate
}

export function atHand(known: Pantry, question: AtHandQuestion): AtHand {
  const { patient, kind, date } = question
  const isMember = known.stock.members.some(({ id }) => id === patient.id)
  const pantry = everythingOf(known, isMember ? null : patient)
  const scene: Scene = { ...sceneOf(pantry, question), carriers: carriersIn(known, question) }
  const subject = patientIn(pantry, patient, date)
  const ids: readonly string[] = INCIDENT_KINDS[kind].needs
  const needs = ids
    .flatMap((id) => NEEDS.filter((need) => need.id === id))
    .filter((need) => need.scope === 'party' || isForHelpers(need) || hasHappenedTo(need, subject))
  const helpers = helpersOf(pantry, subject, date)
  const judged = needs.map((need) =>
    waysOfNeed(scene, need, {
      patient: need.scope === 'party' ? null : subject,
      users: isForHelpers(need) ? helpers : null,
    }),
  )
  const { call, first } = atOnce(kind, patient.species)
  return {
    calls: [
      call,
      ...onlyNew(
        needs.map((need) => need.call),
        call,
      ),
    ],
    first,
    ways: judged
      .flatMap(({ ways }) => ways)
      .sort(
        (a, b) =>
          byWord(a) - byWord(b) ||
          Number(hasItsFirst(b)) - Number(hasItsFirst(a)) ||
          RANKS.indexOf(a.rank) - RANKS.indexOf(b.rank) ||
          Number(isNear(b)) - Number(isNear(a)),
      ),
    setAside: onceEach(judged.flatMap(({ setAside }) => setAside)),
    cautions: [...new Set(needs.flatMap((need) => cautionsOf(need, pantry)))],
  }
}

/** What is prescribed to this patient for this comes before everything. */
const byWord = ({ rank }: UseWay): number => (rank === 'prescribed' ? 0 : 1)
/** What the way is about is there; a wrap that lacks does not put a windlass behind a pad. */
const hasItsFirst = ({ parts }: UseWay): boolean => (parts[0]?.lots.length ?? 1) > 0
const isNear = ({ parts }: UseWay): boolean =>
  parts.every(({ lots }) => lots.length === 0 || lots.some(({ isHere }) => isHere))

/** Nothing is said twice: a sentence that stands already is left out of the next call. */
function onlyNew(calls: readonly string[], first: string): readonly string[] {
  const said = [...sentences(first)]
  // "Call the vet." is said by "Call the vet, at night the animal clinic."
  const isSaid = (one: string): boolean =>
    said.some((other) => other.startsWith(one.replace(/\.$/, '')))
  return calls.flatMap((call) => {
    const fresh = sentences(call).filter((one) => one !== '' && !isSaid(one))
    said.push(...fresh)
    return fresh.length === 0 ? [] : [fresh.join(' ')]
  })
}
const sentences = (text: string): readonly string[] => text.split(/(?<=\.) /)

/** What the helpers put on themselves, whoever is hurt. */
const isForHelpers = ({ atRisk }: Need): boolean => atRisk.helper === true

/** Those who can help; alone one helps oneself, and where nobody is named a helper, anybody may. */
function helpersOf(
  pantry: Pantry,
  subject: Patient,
  date: PlainDate,
): readonly [Patient | null, ...(Patient | null)[]] {
  const [first, ...more] = pantry.stock.members
    .filter(({ id, helper }) => helper && id !== subject.member.id)
    .map((one) => patientIn(pantry, one, date))
  return first ? [first, ...more] : [subject.member.helper ? subject : null]
}

/** It has happened: neither conditions nor the likelihood at an age matter, only the kind of body. */
function hasHappenedTo(need: Need, patient: Patient): boolean {
  const { species, fromMonths, underMonths } = need.atRisk
  const isAged = AGES_MATTER.has(need.id)
  return concerns(
    {
      ...need,
      atRisk: {
        ...(species ? { species } : { species: speciesOf(need, patient) }),
        ...(isAged && fromMonths !== undefined && { fromMonths }),
        ...(isAged && underMonths !== undefined && { underMonths }),
      },
    },
    patient,
  )
}

/** What is given to a baby under three months differs from what an older one is given. */
const AGES_MATTER: ReadonlySet<string> = new Set(['fever-pain', 'fever-baby'])

/** Needs by condition name no species: people's conditions are people's, animals' are animals'. */
const speciesOf = ({ atRisk }: Need, { member }: Patient) =>
  atRisk.condition && member.species !== 'person'
    ? []
    : atRisk.animalCondition && member.species === 'person'
      ? []
      : [member.species]

/**
 * With a guest, where it has happened to one. What goes with somebody is there for whoever needs it as
 * soon as they are: it is said with whom it is, and nothing speaks against it.
 */
function everythingOf(known: Pantry, guest: Member | null): Pantry {
  const { members, kits } = known.stock
  if (!guest && !kits.some(({ goesWith }) => goesWith)) return known
  return layOut({
    ...known.stock,
    members: guest ? [...members, guest] : members,
    kits: kits.map(({ goesWith: _carried, ...kit }) => kit),
  })
}

/** Everything in reach counts; where people live there is water, a towel, a cloth. */
function sceneOf(pantry: Pantry, { here, date }: AtHandQuestion): Omit<Scene, 'carriers'> {
  const { stock } = pantry
  const place =
    stock.places.find(({ id }) => id === here) ?? stock.places.find(({ isStore }) => isStore)
  const everybody = new Set(stock.members.map(({ id }) => id))
  const question: Question = {
    date,
    place: place ?? { minutesToHelp: null, traits: ['tap'] },
    kits: new Set(stock.kits.map(({ id }) => id)),
    members: everybody,
    skills: skillsAmong(stock.members, everybody, date),
    without: new Set(),
    days: 1,
  }
  return { pantry, asking: new Asking(pantry, question), here: place?.id ?? null, date }
}

/** Who carries which kit, and whether they are where it has happened. */
function carriersIn({ stock }: Pantry, { patient, here, date }: AtHandQuestion): Scene['carriers'] {
  const place = stock.places.find(({ id }) => id === here)
  const there = place ? expectedAt(place, stock, date) : new Set()
  return new Map(
    stock.kits.flatMap(({ id, goesWith }) => {
      const carrier = stock.members.find((one) => one.id === goesWith?.memberId)
      return goesWith
        ? [
            [
              id,
              {
                name: carrier?.name ?? '',
                isHere:
                  goesWith.memberId === patient.id ||
                  (there.has(goesWith.memberId) &&
                    place !== undefined &&
                    goesTo(goesWith, place.id)),
              },
            ] as const,
          ]
        : []
    }),
  )
}

// ---- ways --------------------------------------------------------------------------------------

/** For whom a thing is judged: the patient, or the helpers who put it on. */
interface Whom {
  readonly patient: Patient | null
  readonly users: readonly [Patient | null, ...(Patient | null)[]] | null
}

function waysOfNeed(
  scene: Scene,
  need: Need,
  whom: Whom,
): { readonly ways: readonly UseWay[]; readonly setAside: readonly SetAside[] } {
  const { pantry, asking } = scene
  const setAside: SetAside[] = []
  const ways = waysAtHand(need, pantry.house.schools).flatMap(
    (way, position): readonly UseWay[] => {
      const parts = way.parts
        .filter((part) => !asking.comesFromTap(part))
        .map((part) => {
          const { lots, aside } = lotsFor(scene, need, part, whom)
          setAside.push(...aside)
          return { part, lots }
        })
      const fromHome = way.parts.filter((part) => asking.comesFromTap(part))
      if (fromHome.length === 0 && parts.every(({ lots }) => lots.length === 0)) return []
      return [
        {
          need: need.name,
          way: way.name,
          first: position === 0,
          caution: way.caution ?? null,
          rank: rankOf(parts.flatMap(({ lots }) => lots.slice(0, 1))),
          parts: parts.map(({ part, lots }) => ({
            roles: part.any,
            isTool: part.any.every(isShared),
            lots,
          })),
          fromHome: fromHome.flatMap(({ any }) => any.slice(0, 1)),
          whole: parts.every(({ lots }) => lots.length > 0),
        },
      ]
    },
  )
  return { ways: inOrder(scene, ways), setAside }
}

// ---- lots --------------------------------------------------------------------------------------

/** What may serve a part, best first, and what is set aside with why. */
function lotsFor(
  scene: Scene,
  need: Need,
  part: Part,
  whom: Whom,
): { readonly lots: readonly AtHandLot[]; readonly aside: readonly SetAside[] } {
  const { pantry } = scene
  const players = new Set(part.any.flatMap((role) => pantry.byRole.get(role) ?? []))
  const shelves = [...players].flatMap((thing) => pantry.shelvesOf[thing] ?? [])
  const lots: AtHandLot[] = []
  const late: AtHandLot[] = []
  const aside: SetAside[] = []
  for (const shelf of shelves) {
    const thing = pantry.things[shelf.thing]
    const kit = pantry.stock.kits[shelf.kit]
    if (!thing || !kit || shelf.amount <= 0) continue
    const objections = speaksAgainst(scene, shelf, whom).filter((one) => !isWaived(one, need))
    const grade = gravest(objections)
    const carrier = scene.carriers.get(kit.id)
    const found: AtHandLot = {
      lotId: shelf.lotId,
      shelf,
      title: thing.title,
      kitId: kit.id,
      placeId: kit.placeId,
      isHere: carrier ? carrier.isHere : kit.placeId === scene.here && kit.isAway !== true,
      carrier: carrier?.name ?? null,
      rank: rankOfLot(scene, shelf, whom.patient, objections),
      remarks: objections,
      onTheirWord: objections.some(({ code }) => code === 'somebody_elses'),
    }
    const [first, ...more] = objections
    if (!isSetAside(grade)) lots.push(found)
    else if (first && grade) {
      const last = asLastResort(found, objections, isLifeSaver(thing.facts))
      if (last) late.push(last)
      aside.push({
        lotId: shelf.lotId,
        title: thing.title,
        kitId: kit.id,
        pocket: shelf.pocket.name,
        grade: grade as SetAside['grade'],
        why: [first, ...more],
      })
    }
  }
  const good = lots.sort(bestFirst)
  const own = good.filter(({ rank }) => rank === 'prescribed')
  // Somebody else's, past its date, recalled: only where nothing better lies there. Another's pen
  // is named beside one's own, because one is often not enough.
  const beside = late.filter(({ onTheirWord, rank }) => onTheirWord && rank !== 'recalled')
  const used =
    good.length > 0 ? [...good, ...(own.length > 0 ? beside : [])] : [...late].sort(bestFirst)
  const shown = new Set(used.map(({ lotId }) => lotId))
  return { lots: used, aside: aside.filter(({ lotId }) => !shown.has(lotId)) }
}

/** What a helper puts on has to fit one of them, and must not touch a patient who is allergic to it. */
function speaksAgainst(
  { pantry, asking, date }: Scene,
  shelf: AtHandLot['shelf'],
  { patient, users }: Whom,
): readonly Objection[] {
  const against = (whom: Patient | null) => objectionsTo(pantry, shelf, whom, date, asking)
  if (!users) return against(patient)
  const [first, ...more] = users
  const fits = more
    .map(against)
    .reduce((best, one) => (isLighter(one, best) ? one : best), against(first))
  const touching = against(patient).filter(({ code }) => code === 'allergy')
  const known = new Set(fits.map(({ code }) => code))
  return [...fits, ...touching.filter(({ code }) => !known.has(code))]
}

/** Less grave, or as grave and fewer. */
const isLighter = (one: readonly Objection[], other: readonly Objection[]): boolean => {
  const [a, b] = [lightnessOf(one), lightnessOf(other)]
  return a > b || (a === b && one.length < other.length)
}

const lightnessOf = (objections: readonly Objection[]): number => {
  const grade = gravest(objections)
  return grade === null ? GRADES.length : GRADES.indexOf(grade)
}

/**
 * Aspirin to chew is given on the emergency line's word, which stands for the label's questions;
 * bars stand. For what saves a life nobody waits for an answer about allergies.
 */
const isWaived = ({ code }: Objection, need: Need): boolean =>
  need.id === 'chest-pain'
    ? code === 'ask_first'
    : LIFE_SAVED_BY.has(need.id) && (code === 'not_asked' || code === 'age_unknown')

const LIFE_SAVED_BY: ReadonlySet<string> = new Set(['anaphylaxis', 'asthma', 'low-sugar'])

/** Each thing once in each kit, with the gravest that speaks against it. */
function onceEach(all: readonly SetAside[]): readonly SetAside[] {
  const seen = new Map<string, SetAside>()
  for (const one of all) {
    const key = `${one.title}/${one.kitId}/${one.pocket}`
    const same = seen.get(key)
    if (!same || GRADE_ORDER[one.grade] < GRADE_ORDER[same.grade]) seen.set(key, one)
  }
  return [...seen.values()].sort((a, b) => GRADE_ORDER[a.grade] - GRADE_ORDER[b.grade])
}
const GRADE_ORDER = { forbidden: 0, ask_first: 1, not_as_it_is: 2 } as const

function cautionsOf(need: Need, { stock }: Pantry): readonly string[] {
  return need.schools.flatMap((question) => {
    const { caution, name } = schoolAnswer(question, stock.schools)
    return caution === '' ? [] : [`${SCHOOLS[question].name} (${name.toLowerCase()}): ${caution}`]
  })
}

/** Every lot that the screen offers to use. */
export const offeredLots = ({ ways }: Pick<AtHand, 'ways'>): readonly AtHandLot[] =>
  ways.flatMap(({ parts }) => parts.flatMap(({ lots }) => lots))
