/** What is taken along when the house is left, and where it lies: read off the one judgement. */

import type { PlainDate } from '../calendar/plainDate'
import { Asking, OWN_MEDICINE, type Question, skillsAmong } from '../cover/asking'
import { judgeNeed } from '../cover/board'
import { isReadyState } from '../cover/cellState'
import { answerFor, type Source } from '../cover/explain'
import type { Need } from '../cover/need'
import { NEEDS } from '../cover/needs'
import type { Pantry } from '../cover/pantry'
import { PatientBook } from '../cover/patientBook'
import { kitsAt, questionAt } from '../cover/scene'
import { isCarried } from '../household/kitUse'
import { kitUseOf } from '../household/places'
import type { KitId, MemberId } from '../ids'
import { type EvacuationAsked, LEAST_DAYS } from './evacuation'

/** Needs that say what everybody takes along. */
const TAKEN = [
  OWN_MEDICINE,
  'leave-carried',
  'to-the-vet',
  'hold-out-water',
  'hold-out-water-animal',
  'hold-out-food',
  'hold-out-feed',
  'chilled',
  'light',
  'call-for-help',
] as const
export type TakenNeed = (typeof TAKEN)[number]

export interface Load {
  readonly need: TakenNeed
  /** Whom it is for; empty for whoever goes. */
  readonly members: readonly MemberId[]
  /** What to take and where it lies. */
  readonly sources: readonly Source[]
  readonly isReady: boolean
  /** Uses that are missing, of how many. */
  readonly missing: number
  readonly uses: number
}

export interface Loads {
  readonly loads: readonly Load[]
  /** The first aid kit to grab: the one that alone answers most of what may happen on the way. */
  readonly kit: KitId | null
}

/** @param days so many days of water, food and medicine */
export function evacuationLoads(
  pantry: Pantry,
  { from, home }: EvacuationAsked,
  date: PlainDate,
  days: number,
  book: PatientBook = new PatientBook(pantry),
): Loads {
  const { stock } = pantry
  const place = stock.places.find(({ id }) => id === from)
  if (!place) return { loads: [], kit: null }
  const members = new Set(stock.members.flatMap(({ id }) => (home.includes(id) ? [id] : [])))
  const { expected: _all, leftOut: _none, ...usual } = questionAt(stock, place, date)
  const question: Question = {
    ...usual,
    members,
    skills: skillsAmong(stock.members, members, date),
    days,
    // Outside nothing runs from a tap.
    place: { ...usual.place, traits: usual.place.traits.filter((one) => one !== 'tap') },
  }
  const asking = new Asking(pantry, question, book)
  const loads = TAKEN.flatMap((id): readonly Load[] => {
    const known = NEEDS.find((one) => one.id === id)
    if (!known) return []
    const need = forDays(known, days)
    const patients = need.scope === 'party' ? [null] : asking.concernedBy(need)
    if (patients.length === 0 || asking.patients.length === 0) return []
    const { cell, parts } = answerFor(asking, need, patients)
    return [
      {
        need: id,
        members: patients.flatMap((one) => (one ? [one.member.id] : [])),
        sources: byLot(parts.flatMap(({ sources }) => sources)),
        isReady: isReadyState(cell.state),
        missing: parts.reduce((sum, { missing }) => sum + missing, 0),
        uses: parts.reduce((sum, { uses }) => sum + uses, 0),
      },
    ]
  })
  return { loads, kit: kitToGrab(pantry, question, place, book) }
}

/** What is said for three days, for as many as the household wants. */
const forDays = (need: Need, days: number): Need =>
  need.id.startsWith('hold-out-')
    ? {
        ...need,
        ways: need.ways.map((way) => ({
          ...way,
          parts: way.parts.map((part) => ({
            ...part,
            uses: (part.uses * days) / LEAST_DAYS,
          })),
        })) as unknown as Need['ways'],
      }
    : need

/** The same lot for several is one line. */
function byLot(sources: readonly Source[]): readonly Source[] {
  const lots = new Map<string, Source>()
  for (const source of sources) {
    const key = `${source.lotId}/${source.pocket.id}`
    const known = lots.get(key)
    lots.set(key, known ? { ...known, uses: known.uses + source.uses } : source)
  }
  return [...lots.values()]
}

const WEIGHT = { life: 100, urgent: 10, comfort: 1 } as const

function kitToGrab(
  pantry: Pantry,
  question: Question,
  place: Parameters<typeof kitsAt>[1],
  book: PatientBook,
): KitId | null {
  const kits = kitsAt(pantry.stock, place, question.date).filter(
    (kit) => !kit.goesWith && kit.whom !== 'animals',
  )
  const worth = (id: KitId): number => {
    const asking = new Asking(pantry, { ...question, kits: new Set([id]), days: 1 }, book)
    return NEEDS.reduce((sum, need) => {
      const patients = need.scope === 'party' ? [null] : asking.concernedBy(need)
      const ready = patients.filter((patient) =>
        isReadyState(judgeNeed(asking, need, [patient]).state),
      )
      return sum + ready.length * WEIGHT[need.tier]
    }, 0)
  }
  const ranked = kits
    .map((kit) => ({
      kit,
      worth: worth(kit.id),
      isBag: isCarried(kitUseOf(kit, place, place.isStore).range),
    }))
    .filter(({ worth: of }) => of > 0)
    .sort((a, b) => b.worth - a.worth || Number(b.isBag) - Number(a.isBag))
  return ranked[0]?.kit.id ?? null
}
