/**
 * "What can I use?": the cover engine asked for one event. First choice before plan B, what lies
 * here before what lies elsewhere; and what must not be used, with why.
 */
import type { PlainDate } from '../calendar/plainDate'
import { Asking, arises, concerns, type Question, skillsAmong } from '../cover/board'
import { explain, type HeldBack, type Source } from '../cover/explain'
import type { Need } from '../cover/need'
import { NEEDS } from '../cover/needs'
import { isShared, pantry as layOut, type Pantry } from '../cover/pantry'
import { patientOn } from '../cover/suitability'
import type { Member } from '../household/member'
import type { PlaceId } from '../ids'
import { INCIDENT_KINDS, type IncidentKind } from './kinds'

export interface UsePart {
  readonly name: string
  /** Serves one after the other and is not used up. */
  readonly isTool: boolean
  readonly sources: readonly Source[]
  readonly missing: number
}

export interface UseWay {
  readonly need: string
  readonly way: string
  /** The first choice, or plan B. */
  readonly first: boolean
  readonly caution: string | null
  readonly parts: readonly UsePart[]
  /** Nothing is missing. */
  readonly whole: boolean
}

export interface AtHand {
  /** Those who call come first. */
  readonly calls: readonly string[]
  readonly ways: readonly UseWay[]
  /** Each thing once. */
  readonly not: readonly HeldBack[]
  readonly cautions: readonly string[]
}

export interface AtHandQuestion {
  readonly patient: Member
  readonly kind: IncidentKind
  readonly here: PlaceId | null
  readonly date: PlainDate
}

/** Answers from the stock of the place first; where that is not enough, from everywhere. */
export function atHand(known: Pantry, { patient, kind, here, date }: AtHandQuestion): AtHand {
  const isMember = known.stock.members.some(({ id }) => id === patient.id)
  const pantry = isMember
    ? known
    : layOut({ ...known.stock, members: [...known.stock.members, patient] })
  const { stock } = pantry
  const place =
    stock.places.find(({ id }) => id === here) ?? stock.places.find(({ isStore }) => isStore)
  const everybody = new Set(stock.members.map(({ id }) => id))
  const question = (nearOnly: boolean): Question => ({
    date,
    place: place ?? { minutesToHelp: null, traits: [] },
    kits: new Set(
      stock.kits.filter((kit) => !nearOnly || kit.placeId === place?.id).map(({ id }) => id),
    ),
    members: new Set([patient.id]),
    skills: skillsAmong(stock.members, everybody, date),
    without: new Set(),
    days: 1,
  })
  const ids: readonly string[] = INCIDENT_KINDS[kind].needs
  const subject = patientOn(patient, [], date)
  const needs = ids
    .flatMap((id) => NEEDS.filter((need) => need.id === id))
    .filter((need) => need.scope === 'party' || concerns(need, subject))
    .filter(
      (need) =>
        need.where.length === 0 ||
        arises(need, question(true).place, new Asking(pantry, question(true)).month),
    )
  const ways: UseWay[] = []
  const not: HeldBack[] = []
  const cautions: string[] = []
  for (const need of needs) {
    const near = answered(pantry, question(true), need, patient)
    const far = near.ways.some(({ whole }) => whole)
      ? null
      : answered(pantry, question(false), need, patient)
    const best = far ? merged(near, far) : near
    ways.push(...best.ways)
    not.push(...best.not)
    cautions.push(...best.cautions)
  }
  return {
    calls: [...new Set(needs.map(({ call }) => call))],
    ways: ways.sort(
      (a, b) => Number(b.whole) - Number(a.whole) || Number(b.first) - Number(a.first),
    ),
    not: onceEach(not),
    cautions: [...new Set(cautions)],
  }
}

interface Answered {
  readonly ways: readonly UseWay[]
  readonly not: readonly HeldBack[]
  readonly cautions: readonly string[]
}

function answered(pantry: Pantry, question: Question, need: Need, patient: Member): Answered {
  const { ways, cautions } = explain(
    pantry,
    question,
    need,
    need.scope === 'party' ? null : patient.id,
  )
  return {
    ways: ways
      .map(({ way, first, parts }): UseWay => {
        const used = parts.map(({ part, sources, missing }) => ({
          name: part ? part.any.join(', ') : way.name,
          isTool: part?.any.every(isShared) ?? false,
          sources,
          missing,
        }))
        return {
          need: need.name,
          way: way.name,
          first,
          caution: way.caution ?? null,
          parts: used,
          whole: used.every(({ missing }) => missing === 0),
        }
      })
      .filter(({ parts }) => parts.some(({ sources }) => sources.length > 0)),
    not: ways.flatMap(({ parts }) => parts.flatMap(({ held }) => held)),
    cautions,
  }
}

/** What is here, and the ways that only hold with what lies elsewhere. */
function merged(near: Answered, far: Answered): Answered {
  const known = new Set(far.ways.map(({ way }) => way))
  return {
    ways: [...far.ways, ...near.ways.filter(({ way }) => !known.has(way))],
    not: [...near.not, ...far.not],
    cautions: [...near.cautions, ...far.cautions],
  }
}

function onceEach(held: readonly HeldBack[]): readonly HeldBack[] {
  const seen = new Set<string>()
  return held.filter(({ title, kitId, pocket }) => {
    const key = `${title}/${kitId}/${pocket}`
    if (seen.has(key)) return false
    seen.add(key)
    return true
  })
}
