/** The cover board: for every need and member, whether these kits cover it on this day. */
import type { Member } from '../household/member'
import type { MemberId } from '../ids'
import { arises } from './arising'
import { Asking, OWN_MEDICINE, type Question, TENTHS, usesOf, waysOf } from './asking'
import type { CellState } from './cellState'
import { type Demand, shortage } from './joint'
import type { Need, Part, Way } from './need'
import { NEEDS } from './needs'
import { isShared, type Pantry } from './pantry'
import type { Patient } from './suitability'

export interface Cell {
  readonly needId: string
  /** Null for what concerns the party. */
  readonly memberId: MemberId | null
  readonly state: CellState
  /** The way that was found, by its position; null when there is none. */
  readonly way: number | null
  /** Uses of the scarcest part, when it is thin. */
  readonly have: number
  readonly need: number
}

export interface Row {
  readonly need: Need
  readonly cells: readonly Cell[]
  /** All concerned at once, nothing promised twice; null where it strikes one at a time. */
  readonly together: Cell | null
}

export interface Board {
  readonly rows: readonly Row[]
  readonly members: readonly Member[]
}

// ---- cells -------------------------------------------------------------------------------------

/** A demand with what it is for, so that a cell can be explained from it. */
export interface PartDemand extends Demand {
  readonly part: Part | null
  readonly patient: Patient | null
}

/** Everything a way asks for, for these patients at once. Shared tools are asked for once. */
export function demandsOf(
  asking: Asking,
  need: Need,
  way: Way,
  patients: readonly (Patient | null)[],
  withSecond: boolean,
): readonly PartDemand[] {
  const { question, pantry } = asking
  if (need.id === OWN_MEDICINE)
    return patients.flatMap((patient) =>
      patient === null
        ? []
        : asking.ownMedicine(patient).map(({ things, uses }) => ({
            part: null,
            patient,
            uses,
            from: things.filter((thing) => asking.countsAsOwn(thing, patient, withSecond)),
          })),
    )
  return patients.flatMap((patient) =>
    way.parts
      .filter((part) => !asking.comesFromTap(part))
      .map((part) => ({
        part,
        patient,
        uses: usesOf(part, question, pantry.stock.schools, patient?.grams ?? null),
        from: asking.serving(part, patient, withSecond),
      })),
  )
}

/** A tool serves one patient after the other. */
export const isTool = ({ part }: PartDemand): boolean => part?.any.every(isShared) ?? false

/** Tools serve one after the other, so they are there or not; what is used up is shared out. */
function judgeWay(
  asking: Asking,
  demands: readonly PartDemand[],
  { withSecond, together }: { readonly withSecond: boolean; readonly together: boolean },
) {
  if (demands.some((one) => isTool(one) && one.from.length === 0))
    return { state: 'lacking' } as const
  const used = demands.filter((one) => !isTool(one))
  const supply: number[] = []
  const at = new Map<number, number>()
  const local = used.map(({ uses, from }) => ({
    uses: Math.ceil(uses * TENTHS - 1e-9),
    from: from.map((thing) => {
      let position = at.get(thing)
      if (position === undefined) {
        position = supply.length
        at.set(thing, position)
        supply.push(asking.tenthsThere(thing, withSecond))
      }
      return position
    }),
  }))
  const short = shortage(local, supply)
  if (short === null) return { state: 'enough' } as const
  const some = shortage(
    local.map((one) => ({ ...one, uses: Math.min(TENTHS, one.uses) })),
    supply,
  )
  // Of many at once, some have it: there is something, and not enough.
  return some === null || (together && short.have > 0)
    ? ({ state: 'thin', have: short.have / TENTHS, need: short.need / TENTHS } as const)
    : ({ state: 'lacking' } as const)
}

/** Judges one need for these patients; several at once share what is there. */
export function judgeNeed(
  asking: Asking,
  need: Need,
  patients: readonly (Patient | null)[],
): Omit<Cell, 'needId' | 'memberId'> {
  const ways = waysOf(need, asking.pantry.stock.schools)
  let thin: { way: number; have: number; need: number } | null = null
  for (const [position, way] of ways.entries())
    for (const withSecond of [false, true]) {
      const verdict = judgeWay(asking, demandsOf(asking, need, way, patients, withSecond), {
        withSecond,
        together: patients.length > 1,
      })
      if (verdict.state === 'enough')
        return {
          state: position === 0 && !withSecond ? 'covered' : 'plan_b',
          way: need.ways.indexOf(way),
          have: 0,
          need: 0,
        }
      // What is second-grade may complete a plan B; it makes nothing less thin.
      if (verdict.state === 'thin' && thin === null && !withSecond)
        thin = { way: need.ways.indexOf(way), have: verdict.have, need: verdict.need }
    }
  if (thin) return { state: 'thin', ...thin }
  // Their own medicine is what is prescribed to them: another's tablets hold nothing back.
  const held =
    need.id === OWN_MEDICINE
      ? patients.some(
          (patient) =>
            patient &&
            asking
              .ownMedicine(patient)
              .some(({ things }) => things.some((thing) => asking.isPresent(thing))),
        )
      : ways.some((way) =>
          way.parts.some((part) => patients.some((patient) => isHeldBack(asking, part, patient))),
        )
  return { state: held ? 'held' : 'none', way: null, have: 0, need: 0 }
}

/** Whether something that plays the part lies here and does not count: only then is it held back. */
function isHeldBack(asking: Asking, part: Part, patient: Patient | null): boolean {
  if (asking.comesFromTap(part)) return false
  const counting = new Set(asking.serving(part, patient, true))
  return part.any.some((role) =>
    (asking.pantry.byRole.get(role) ?? []).some(
      (thing) => asking.isPresent(thing) && !counting.has(thing),
    ),
  )
}

/** The whole board for one question. */
export function board(pantryOf: Pantry, question: Question, needs: readonly Need[] = NEEDS): Board {
  const asking = new Asking(pantryOf, question)
  return {
    rows: needs.flatMap((need) => rowOf(asking, need) ?? []),
    members: asking.patients.map(({ member }) => member),
  }
}

/** A need judged for everybody whom it concerns; null where it is not asked of these kits. */
export function rowOf(asking: Asking, need: Need): Row | null {
  if (!arises(need, asking.question.place, asking.month)) return null
  if (need.scope === 'party')
    return asking.patients.length === 0 || !asking.expects(need, null)
      ? null
      : {
          need,
          cells: [{ needId: need.id, memberId: null, ...judgeNeed(asking, need, [null]) }],
          together: null,
        }
  const patients = asking.concernedBy(need)
  if (patients.length === 0) return null
  const cells = patients.map((patient) => ({
    needId: need.id,
    memberId: patient.member.id,
    ...judgeNeed(asking, need, [patient]),
  }))
  const together =
    patients.length > 1 && need.everybodyAtOnce
      ? { needId: need.id, memberId: null, ...judgeNeed(asking, need, patients) }
      : null
  return { need, cells, together }
}
