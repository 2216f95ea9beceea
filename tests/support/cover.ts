/** A household in memory for judging cover: members and stock in a test's own words. */

import { addDays, plainDate } from '../../src/core/calendar/plainDate'
import { catalogue } from '../../src/core/catalogue/catalogue'
import { itemFacts } from '../../src/core/catalogue/itemFacts'
import type { OwnFacts } from '../../src/core/catalogue/ownFacts'
import { type Question, skillsAmong } from '../../src/core/cover/asking'
import { type Board, board, type Cell } from '../../src/core/cover/board'
import {
  type CoverKit,
  type CoverPlace,
  type CoverStock,
  type Pantry,
  pantry,
} from '../../src/core/cover/pantry'
import { type ChosenSchools, schoolsOf } from '../../src/core/cover/schools'
import { patientOn, type Thing, unsuited } from '../../src/core/cover/suitability'
import type { Course } from '../../src/core/household/course'
import type { LabelSet } from '../../src/core/household/labelSet'
import {
  type AnimalFacts,
  blankFacts,
  type Member,
  type PersonFacts,
} from '../../src/core/household/member'
import type { PlaceTrait } from '../../src/core/household/places'
import type { Species } from '../../src/core/household/species'
import type {
  CourseId,
  ItemId,
  KitId,
  LotId,
  MemberId,
  PlaceId,
  PocketId,
  WeighingId,
} from '../../src/core/ids'
import { amount, units } from '../../src/core/quantity/amount'
import type { Lot } from '../../src/core/stock/lot'
import { idOf } from './ids'

export const DAY = plainDate('2026-11-26')
const YEAR = 365.25

interface Described extends Partial<Omit<Member, 'facts' | 'weighings'>> {
  readonly years?: number | null
  readonly kg?: number
  readonly facts?: Partial<PersonFacts> | Partial<AnimalFacts>
}

/** Asked about everything: what stands in the lists is all. */
export const ALL_TOLD = {
  allergies: { by: 'Ilse', on: DAY },
  conditions: { by: 'Ilse', on: DAY },
  medicines: { by: 'Ilse', on: DAY },
} as const

let members = 0
export function aMember(species: Species, described: Described = {}): Member {
  members += 1
  const { years = 30, kg, facts, ...rest } = described
  return {
    id: idOf<MemberId>(6, members),
    name: `${species} ${members}`,
    species,
    born: years === null ? null : addDays(DAY, -Math.round(years * YEAR)),
    helper: false,
    note: '',
    facts: { ...blankFacts(species), told: ALL_TOLD, ...facts } as Member['facts'],
    weighings:
      kg === undefined
        ? []
        : [{ id: idOf<WeighingId>(8, members), on: DAY, grams: Math.round(kg * 1000) }],
    guestUntil: null,
    version: 1,
    ...rest,
  }
}
export const aPerson = (years: number | null, described: Described = {}): Member =>
  aMember('person', { years, ...described })

/** A thing of the catalogue by its id. */
export function aThing(entryId: string, own: OwnFacts = {}): Thing {
  const entry = catalogue().get(entryId)
  if (!entry) throw new Error(`The catalogue has no ${entryId}`)
  return {
    itemId: null,
    title: `${entry.name} ${entry.strength}`.trim(),
    strength: entry.strength,
    facts: itemFacts(entry, entry, own),
  }
}

/** Codes of why an entry is not for a member; none when it suits. */
export const whyNot = (
  entryId: string,
  member: Member,
  chosen: ChosenSchools = {},
  takes: Parameters<typeof patientOn>[1] = [],
  labels: LabelSet = 'us',
): string[] =>
  unsuited(aThing(entryId), patientOn(member, takes, DAY), {
    owners: new Map(),
    signed: [],
    schools: schoolsOf(chosen),
    labels,
  }).map((one) => (one.code === 'rule' || one.code === 'ask_first' ? one.rule : one.code))

export interface Put {
  /** Catalogue entry. */
  readonly of: string
  readonly count?: number
  readonly kit?: number
  /** Days it is still good; absent for what never turns. */
  readonly days?: number
  readonly own?: OwnFacts
  readonly lot?: Partial<Lot>
}

export interface Scene {
  readonly members: readonly Member[]
  readonly put: readonly Put[]
  readonly traits?: readonly PlaceTrait[]
  readonly minutes?: number
  readonly schools?: ChosenSchools
  readonly labels?: LabelSet
  readonly signed?: CoverStock['signed']
  readonly courses?: readonly (Partial<Course> & { member: Member; of: string })[]
  readonly usuallyThere?: CoverPlace['usuallyThere']
  /** What the first and the second kit are for, how far off they stand; the second's place. */
  readonly kits?: readonly Partial<
    Pick<CoverKit, 'placeId' | 'range' | 'whom' | 'minutesAway' | 'goesWith'>
  >[]
  readonly leftOut?: CoverStock['leftOut']
}

const itemIdOf = (entryId: string): ItemId =>
  idOf<ItemId>(4, 1 + [...catalogue().keys()].indexOf(entryId))

/** Two kits at one place; kit 1 stands at a second place. */
export function aStock({
  members: people,
  put,
  traits = [],
  minutes = 10,
  schools = {},
  labels = 'us',
  signed = [],
  courses = [],
  usuallyThere = [],
  kits = [],
  leftOut = [],
}: Scene): CoverStock {
  const place = (n: number, isStore: boolean): CoverPlace => ({
    id: idOf<PlaceId>(1, n),
    name: `Place ${n}`,
    hue: 'fern',
    minutesToHelp: minutes,
    traits: n === 1 ? traits : [],
    isStore,
    usuallyThere: n === 1 ? usuallyThere : [],
  })
  const used = [...new Set([...put.map(({ of }) => of), ...courses.map(({ of }) => of)])]
  return {
    members: people,
    courses: courses.map(({ member, of, ...rest }, at) => ({
      id: idOf<CourseId>(7, at + 1),
      memberId: member.id,
      itemId: itemIdOf(of),
      reason: '',
      prescriber: 'Dr Aske',
      directions: 'As written',
      perDay: units(1),
      startsOn: addDays(DAY, -10),
      endsOn: null,
      release: null,
      confirmedAgainstWarning: false,
      version: 1,
      ...rest,
    })),
    places: [place(1, true), place(2, false)],
    kits: [0, 1].map((n) => ({
      id: idOf<KitId>(2, n + 1),
      placeId: idOf<PlaceId>(1, n + 1),
      name: `Kit ${n}`,
      range: null,
      whom: 'everybody',
      minutesAway: null,
      ...kits[n],
    })),
    pockets: [0, 1].map((n) => ({
      id: idOf<PocketId>(3, n + 1),
      kitId: idOf<KitId>(2, n + 1),
      name: `Pocket ${n}`,
      reachSeconds: 5,
    })),
    items: used.map((entryId) => {
      const entry = catalogue().get(entryId)
      if (!entry) throw new Error(`The catalogue has no ${entryId}`)
      const own = put.find(({ of }) => of === entryId)?.own ?? {}
      return {
        item: {
          id: itemIdOf(entryId),
          name: entry.name,
          strength: entry.strength,
          unit: entry.unit,
          kind: entry.kind,
          openedClock: entry.openedRule
            ? ({ kind: 'rule', rule: entry.openedRule } as const)
            : ({ kind: 'unset' } as const),
          packSize: null,
          packPriceMinor: null,
          shop: '',
        },
        facts: itemFacts(entry, entry, own),
      }
    }),
    lots: put.map(({ of, days, lot }, at) => ({
      id: idOf<LotId>(5, at + 1),
      itemId: itemIdOf(of),
      expiry: days === undefined ? { kind: 'none' } : { kind: 'day', day: addDays(DAY, days) },
      opened: { kind: 'sealed' },
      condition: 'sound',
      standing: { kind: 'ready' },
      forMember: null,
      ...lot,
    })),
    holdings: put.map(({ count = 10, kit = 0 }, at) => ({
      lotId: idOf<LotId>(5, at + 1),
      pocketId: idOf<PocketId>(3, kit + 1),
      amount: amount(Math.round(count * 1000)),
    })),
    schools: schoolsOf(schools),
    labels,
    signed,
    leftOut,
  }
}

export function aPantry(scene: Scene): Pantry {
  return pantry(aStock(scene))
}

/** Everybody there, kit 0, one day, with the skills of who helps. */
export function aQuestion({ stock }: Pantry, asked: Partial<Question> = {}): Question {
  const [place] = stock.places
  const [kit] = stock.kits
  if (!place || !kit) throw new Error('The scene has a place and a kit')
  const present = new Set(stock.members.map(({ id }) => id))
  return {
    date: DAY,
    place,
    kits: new Set([kit.id]),
    members: present,
    skills: skillsAmong(stock.members, present, DAY),
    without: new Set(),
    days: 1,
    ...asked,
  }
}

export const judged = (scene: Scene, asked: Partial<Question> = {}): Board => {
  const laid = aPantry(scene)
  return board(laid, aQuestion(laid, asked))
}

/** The cell of a need for a member (or the party, without one). */
export function cellOf({ rows }: Board, needId: string, member?: Member): Cell {
  const row = rows.find(({ need }) => need.id === needId)
  const cell = row?.cells.find(({ memberId }) => memberId === (member?.id ?? null))
  if (!cell) throw new Error(`The board has no ${needId} for ${member?.name ?? 'the party'}`)
  return cell
}
export const stateOf = (on: Board, needId: string, member?: Member) =>
  cellOf(on, needId, member).state
