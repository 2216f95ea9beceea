/**
 * What a party asks of its bags, read off the judgement: for each problem that can happen to each of
 * them, the ways to be ready, and what of the household's things would do for each part of a way.
 */
import type { PlainDate } from '../calendar/plainDate'
import { arises } from '../cover/arising'
import { type Asking, companionsFor, OWN_MEDICINE, TENTHS, waysOf } from '../cover/asking'
import { demandsOf, isTool } from '../cover/board'
import { shortage } from '../cover/joint'
import type { Need, Tier } from '../cover/need'
import { NEEDS } from '../cover/needs'
import type { Patient } from '../cover/suitability'
import type { MemberId } from '../ids'

/** So many tenths of a use of a thing, or one of it where it is a tool that serves everybody. */
export interface TripDemand {
  /** Tenths of a use; 1 for a tool. */
  readonly tenths: number
  readonly isTool: boolean
  readonly from: readonly Server[]
}

/** A thing that would do, and what it is unsafe without: of each group at least one must be there. */
export interface Server {
  readonly thing: number
  readonly leansOn: readonly (readonly number[])[]
}

/** One way to be ready. */
export interface Option {
  /** Position among the need's ways. */
  readonly way: number
  readonly withSecond: boolean
  readonly demands: readonly TripDemand[]
}

export interface AskedFor {
  readonly need: Need
  /** Empty for whoever is there; several where it befalls all at once. */
  readonly members: readonly MemberId[]
}

/** Ready in any one of these ways. */
export interface Requirement {
  readonly scene: number
  readonly tier: Tier
  /** Asks for the first choice where a life is at stake; what is second may do where there is no room. */
  readonly isFirstChoice: boolean
  readonly options: readonly [Option, ...Option[]]
  /** Who asks for it: the same is asked for by many. */
  readonly askedBy: readonly AskedFor[]
}

/** What cannot be met, whatever is taken. */
export interface Unmet extends AskedFor {
  readonly scene: number
  readonly day: PlainDate
}

export interface Required {
  readonly requirements: readonly Requirement[]
  readonly unmet: readonly Unmet[]
}

/** How much of a thing could be there at most, in tenths of a use; and as plan B beyond that. */
export interface Supply {
  readonly good: (thing: number) => number
  readonly second: (thing: number) => number
}

export interface SceneAsked {
  readonly scene: number
  /** Asked with everything there that could be. */
  readonly asking: Asking
  readonly supply: Supply
  /** Days of regular medicine for a member, the two to spare included; null: as the question says. */
  readonly medicineDays: (memberId: MemberId) => number | null
  /** Only what is ready without the trip is asked for. */
  readonly isStay: boolean
}

/** What one scene asks for on one day. */
export function requiredIn(asked: SceneAsked, needs: readonly Need[] = NEEDS): Required {
  const requirements: Requirement[] = []
  const unmet: Unmet[] = []
  const { asking, scene } = asked
  for (const need of needs)
    for (const patients of strickenBy(asking, need).flatMap((all) => asFarAs(asked, need, all))) {
      const members = patients.flatMap((one) => (one ? [one.member.id] : []))
      const options = optionsOf(asked, need, patients)
      const [first, ...others] = options
      const askedBy = [{ need, members }]
      if (first) {
        const { tier } = need
        requirements.push({
          scene,
          tier,
          isFirstChoice: false,
          options: [first, ...others],
          askedBy,
        })
        // The tourniquet that one owns comes along, however light a second dressing is.
        if (tier === 'life' && others.length > 0 && !asked.isStay)
          requirements.push({ scene, tier, isFirstChoice: true, options: [first], askedBy })
      }
      if (!first && !asked.isStay) unmet.push({ scene, need, members, day: asking.question.date })
    }
  return { requirements, unmet }
}

/** Whom a need may befall, each group at once. */
function strickenBy(asking: Asking, need: Need): readonly (readonly (Patient | null)[])[] {
  if (!arises(need, asking.question.place, asking.month)) return []
  if (need.scope === 'party')
    return asking.patients.length > 0 && asking.expects(need, null) ? [[null]] : []
  const patients =
    need.id === OWN_MEDICINE
      ? asking.patients.filter((patient) => asking.ownMedicine(patient).length > 0)
      : asking.concernedBy(need)
  if (patients.length > 1 && need.everybodyAtOnce) return [patients]
  return patients.map((patient) => [patient])
}

/**
 * Whom it befalls all at once, as far as all of them could be helped: what one of them lacks is no
 * reason to leave behind what the others need.
 */
function asFarAs(
  asked: SceneAsked,
  need: Need,
  patients: readonly (Patient | null)[],
): readonly (readonly (Patient | null)[])[] {
  if (patients.length < 2 || optionsOf(asked, need, patients).length > 0) return [patients]
  const helped: (Patient | null)[] = []
  const others: (Patient | null)[][] = []
  for (const one of patients)
    if (optionsOf(asked, need, [...helped, one]).length > 0) helped.push(one)
    else others.push([one])
  return helped.length > 0 ? [helped, ...others] : others
}

/** The ways that could be met with everything there, the first choice first. */
function optionsOf(
  asked: SceneAsked,
  need: Need,
  patients: readonly (Patient | null)[],
): readonly Option[] {
  const { asking } = asked
  const found: Option[] = []
  for (const way of waysOf(need, asking.pantry.stock.schools))
    for (const withSecond of [false, true]) {
      const option: Option = {
        way: need.ways.indexOf(way),
        withSecond,
        demands: demandsOf(asking, need, way, patients, withSecond).map((one) => {
          const days = one.patient && asked.medicineDays(one.patient.member.id)
          const isOwn = need.id === OWN_MEDICINE
          const uses =
            isOwn && days !== null ? (one.uses * days) / (asking.question.days + 2) : one.uses
          const isOne = isTool(one)
          return {
            tenths: isOne ? 1 : Math.ceil(uses * TENTHS - 1e-9),
            isTool: isOne,
            from: one.from.map((thing) => serverOf(asking, thing, one.patient, withSecond)),
          }
        }),
      }
      if (!isPossible(option, asked.supply)) continue
      found.push(option)
      // What can be met without plan B is not met with it.
      if (!withSecond) break
    }
  return found
}

function serverOf(
  asking: Asking,
  thing: number,
  patient: Patient | null,
  withSecond: boolean,
): Server {
  const { pantry, book } = asking
  const facts = pantry.things[thing]?.facts
  if (!facts) return { thing, leansOn: [] }
  return {
    thing,
    leansOn: companionsFor(facts, patient).flatMap(({ role, without }) =>
      without !== 'unsafe' || asking.comesFromTap({ any: [role], uses: 1 })
        ? []
        : [
            (pantry.byRole.get(role) ?? []).filter(
              (other) => patient === null || book.suit(other, patient) >= (withSecond ? 1 : 2),
            ),
          ],
    ),
  }
}

/** Whether everything that could be there would do. */
export function isPossible({ demands, withSecond }: Option, supply: Supply): boolean {
  const there = (thing: number): number =>
    Math.floor(supply.good(thing) + (withSecond ? supply.second(thing) : 0) + 1e-9)
  const counts = ({ thing, leansOn }: Server): boolean =>
    there(thing) > 0 && leansOn.every((group) => group.some((one) => there(one) > 0))
  const at = new Map<number, number>()
  const supplies: number[] = []
  const used = demands.flatMap((one) => {
    if (one.isTool) return []
    return [
      {
        uses: one.tenths,
        from: one.from.filter(counts).map(({ thing }) => {
          const known = at.get(thing)
          if (known !== undefined) return known
          at.set(thing, supplies.length)
          return supplies.push(there(thing)) - 1
        }),
      },
    ]
  })
  if (demands.some((one) => one.isTool && !one.from.some(counts))) return false
  return shortage(used, supplies) === null
}

// ---- the same asked twice ---------------------------------------------------------------------

/** Requirements that ask the same of the same bags are one; who asks for it is kept. */
export function mergedRequirements(all: readonly Requirement[]): readonly Requirement[] {
  const merged = new Map<string, Requirement>()
  for (const one of all) {
    const key = signature(one)
    const known = merged.get(key)
    merged.set(key, known ? { ...known, askedBy: mergedAskers(known, one) } : one)
  }
  return [...merged.values()]
}

const signature = ({ scene, tier, isFirstChoice, options }: Requirement): string =>
  `${scene}|${tier}|${isFirstChoice}|${options
    .map(
      ({ withSecond, demands }) =>
        `${withSecond}:${demands
          .map(
            ({ tenths, isTool: isOne, from }) =>
              `${tenths}${isOne}${from
                .map(({ thing, leansOn }) => `${thing}<${leansOn.map((g) => g.join()).join('&')}>`)
                .join()}`,
          )
          .sort()
          .join(';')}`,
    )
    .join('/')}`

function mergedAskers(known: Requirement, more: Requirement): readonly AskedFor[] {
  const seen = new Set(known.askedBy.map(keyOfAsker))
  return [...known.askedBy, ...more.askedBy.filter((one) => !seen.has(keyOfAsker(one)))]
}

const keyOfAsker = ({ need, members }: AskedFor): string => `${need.id}@${members.join()}`
