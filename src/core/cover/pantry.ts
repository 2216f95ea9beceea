/**
 * A household's stock laid out for the question "what covers what": each lot where it lies, in
 * uses, with the day through which it is good. Made once; asked again for every toggle.
 */
import type { PlainDate } from '../calendar/plainDate'
import type { ItemFacts } from '../catalogue/itemFacts'
import { ROLES, type RoleId } from '../catalogue/roles'
import type { SubstanceId } from '../catalogue/substances'
import { type Course, isRunning } from '../household/course'
import type { LabelSet } from '../household/labelSet'
import type { Member } from '../household/member'
import type { Kit, Place } from '../household/places'
import type { Pocket } from '../household/pocket'
import type { ItemId, KitId, LotId, MemberId, PlaceId, PocketId } from '../ids'
import { type Amount, THOUSAND } from '../quantity/amount'
import { type LastGood, lastGoodDay } from '../shelf-life/lastGoodDay'
import type { Item } from '../stock/item'
import { openedWithoutPeriod } from '../stock/judge'
import type { Holding, Lot } from '../stock/lot'
import { secondsTo } from './reaching'
import type { Schools } from './schools'
import type { HouseRules, Owner, Owners, SignedCard, Thing } from './suitability'

export interface KnownItem {
  readonly item: Pick<
    Item,
    | 'id'
    | 'name'
    | 'strength'
    | 'unit'
    | 'kind'
    | 'openedClock'
    | 'packSize'
    | 'packPriceMinor'
    | 'shop'
  >
  readonly facts: ItemFacts
}

/** What of a place, a kit and a pocket matters here. */
export interface CoverPlace
  extends Pick<Place, 'id' | 'name' | 'hue' | 'minutesToHelp' | 'traits' | 'usuallyThere'> {
  /** Where the household keeps its stock: somebody is there all the time. */
  readonly isStore: boolean
  /** Whole days on which somebody is on a trip that leads elsewhere. */
  readonly elsewhere?: readonly DaysElsewhere[]
}
export interface DaysElsewhere {
  readonly memberId: MemberId
  readonly from: PlainDate
  readonly to: PlainDate
}
export interface CoverKit
  extends Pick<Kit, 'id' | 'placeId' | 'name' | 'range' | 'whom' | 'minutesAway'> {
  /** Who carries it; absent or null where it stays at its place. */
  readonly goesWith?: Kit['goesWith']
  /** On a trip today: it is not where it belongs. */
  readonly isAway?: boolean
}
export type CoverPocket = Pick<Pocket, 'id' | 'kitId' | 'name' | 'reachSeconds'>

/** Everything that cover is judged from. */
export interface CoverStock {
  readonly members: readonly Member[]
  readonly courses: readonly Course[]
  readonly places: readonly CoverPlace[]
  readonly kits: readonly CoverKit[]
  readonly pockets: readonly CoverPocket[]
  readonly items: readonly KnownItem[]
  readonly lots: readonly Pick<
    Lot,
    'id' | 'itemId' | 'expiry' | 'opened' | 'condition' | 'standing' | 'forMember'
  >[]
  readonly holdings: readonly Holding[]
  readonly schools: Schools
  readonly labels: LabelSet
  readonly signed: readonly SignedCard[]
  /** Needs that the keeper has said are not kept ready at a place, and why. */
  readonly leftOut: readonly LeftOut[]
}

export interface LeftOut {
  readonly placeId: PlaceId
  readonly needId: string
  /** For one member; null: for everybody. */
  readonly memberId: MemberId | null
  readonly reason: string
}

/** Why a lot does not count whatever the day. */
export type Barred =
  | { readonly code: 'condition'; readonly condition: string }
  | { readonly code: 'opened_over' }
  | { readonly code: 'held'; readonly reason: string }
  | { readonly code: 'recalled'; readonly bulletin: string; readonly reason: string }
  | { readonly code: 'opened_no_period'; readonly on: PlainDate }
  | { readonly code: 'lent'; readonly to: string }
  | { readonly code: 'unclean' }
  | { readonly code: 'missing' }
  /** Its dates make no sense; what is not known is never safe. */
  | { readonly code: 'not_judged' }

export interface Shelf {
  readonly lotId: LotId
  /** Position of its item among the pantry's things. */
  readonly thing: number
  readonly kit: number
  readonly pocket: CoverPocket
  /** Until it is in the hand: the way to its kit, and out of its pocket; null where nobody has said. */
  readonly seconds: number | null
  readonly amount: Amount
  readonly uses: number
  /** Good through this day; null when nothing runs out. */
  readonly through: PlainDate | null
  readonly barred: Barred | null
  /** The member it was got for; null when it is for whoever it suits. */
  readonly forMember: MemberId | null
}

export interface Pantry {
  readonly stock: CoverStock
  readonly things: readonly Thing[]
  readonly known: readonly KnownItem[]
  readonly shelves: readonly Shelf[]
  /** The shelves of each thing, by its position. */
  readonly shelvesOf: readonly (readonly Shelf[])[]
  /** Positions of the things that play a role. */
  readonly byRole: ReadonlyMap<RoleId, readonly number[]>
  readonly kitAt: ReadonlyMap<KitId, number>
  readonly thingOf: ReadonlyMap<ItemId, number>
  /** Things in kits that go with somebody, who alone can count on them. */
  readonly carriedOf: ReadonlyMap<MemberId, ReadonlyMap<ItemId, number>>
  readonly house: HouseRules
}

/** Lays the stock out; linear in its size. */
export function pantry(stock: CoverStock): Pantry {
  const thingOf = new Map(stock.items.map(({ item }, at) => [item.id, at]))
  const kitAt = new Map(stock.kits.map(({ id }, at) => [id, at]))
  const pockets = new Map<PocketId, CoverPocket>(stock.pockets.map((one) => [one.id, one]))
  const lots = new Map(stock.lots.map((lot) => [lot.id, lot]))
  const things = stock.items.map(
    ({ item, facts }): Thing => ({
      itemId: item.id,
      title: item.strength === '' ? item.name : `${item.name} ${item.strength}`,
      strength: item.strength,
      facts,
    }),
  )
  const carried = new CarriedThings(things, stock.items)
  const shelves = stock.holdings.flatMap(({ lotId, pocketId, amount }): Shelf[] => {
    const lot = lots.get(lotId)
    const pocket = pockets.get(pocketId)
    const kit = pocket && kitAt.get(pocket.kitId)
    const own = lot && thingOf.get(lot.itemId)
    if (!lot || !pocket || kit === undefined || own === undefined) return []
    const known = stock.items[own] as KnownItem
    const thing = carried.positionFor(own, stock.kits[kit]?.goesWith?.memberId)
    const last = lastGoodOrNull(lot, known.item.openedClock)
    return [
      {
        lotId,
        thing,
        kit,
        pocket,
        seconds: secondsTo(stock.kits[kit], pocket),
        amount,
        uses: (amount / THOUSAND) * known.facts.uses,
        through: last?.kind === 'day' ? last.day : null,
        barred:
          last === null ? { code: 'not_judged' } : barredBy(lot, known.item, last.kind === 'over'),
        forMember: lot.forMember,
      },
    ]
  })
  const shelvesOf: Shelf[][] = carried.things.map(() => [])
  for (const shelf of shelves) shelvesOf[shelf.thing]?.push(shelf)
  return {
    stock,
    things: carried.things,
    known: carried.known,
    shelves,
    shelvesOf,
    byRole: playersOf(carried.things),
    kitAt,
    thingOf,
    carriedOf: carried.of,
    house: {
      owners: ownersOf(stock),
      signed: stock.signed,
      schools: stock.schools,
      labels: stock.labels,
    },
  }
}

/**
 * What lies in a kit that goes with somebody is a thing of its own beside the same thing that lies
 * somewhere for everybody: so that sums, companions and what several need at once never mix the two.
 */
class CarriedThings {
  readonly things: Thing[]
  readonly known: KnownItem[]
  readonly of = new Map<MemberId, Map<ItemId, number>>()

  constructor(things: readonly Thing[], known: readonly KnownItem[]) {
    this.things = [...things]
    this.known = [...known]
  }

  /** @param own its position among the household's things */
  positionFor(own: number, carrier: MemberId | undefined): number {
    const thing = this.things[own]
    const known = this.known[own]
    if (carrier === undefined || !thing || !known) return own
    const theirs = this.of.get(carrier) ?? new Map<ItemId, number>()
    this.of.set(carrier, theirs)
    const before = theirs.get(known.item.id)
    if (before !== undefined) return before
    theirs.set(known.item.id, this.things.length)
    this.things.push({ ...thing, carrier })
    this.known.push(known)
    return this.things.length - 1
  }
}

/** Null for a lot that cannot be judged: it takes nothing else down with it. */
function lastGoodOrNull(...asked: Parameters<typeof lastGoodDay>): LastGood | null {
  try {
    return lastGoodDay(...asked)
  } catch {
    return null
  }
}

function barredBy(
  lot: Pick<Lot, 'condition' | 'standing' | 'opened'>,
  item: Pick<Item, 'kind' | 'openedClock'>,
  over: boolean,
): Barred | null {
  const { condition, standing } = lot
  if (condition !== 'sound') return { code: 'condition', condition }
  if (over) return { code: 'opened_over' }
  if (standing.kind === 'held') return heldOrRecalled(standing)
  const on = openedWithoutPeriod(lot, item)
  if (on !== null) return { code: 'opened_no_period', on }
  if (standing.kind === 'lent') return { code: 'lent', to: standing.to }
  if (standing.kind === 'unclean' || standing.kind === 'missing') return { code: standing.kind }
  return null
}

/** Recalls that were taken in before a hold named its bulletin say so in their reason. */
const RECALL_IN_WORDS = /^Recalled, ([^:;]+)/

function heldOrRecalled({ reason, recall }: Extract<Lot['standing'], { kind: 'held' }>): Barred {
  const bulletin = recall ?? RECALL_IN_WORDS.exec(reason)?.[1]
  return bulletin === undefined ? { code: 'held', reason } : { code: 'recalled', bulletin, reason }
}

/** Who plays which part, by position. @param from those before it are left out */
export function playersOf(
  things: readonly Thing[],
  from = 0,
): ReadonlyMap<RoleId, readonly number[]> {
  const players = new Map<RoleId, number[]>()
  for (let at = from; at < things.length; at++)
    for (const role of things[at]?.facts.roles ?? []) {
      const known = players.get(role)
      if (known) known.push(at)
      else players.set(role, [at])
    }
  return players
}

/** Of several courses with one item the last counts: what is taken now is no leftover. */
function ownersOf({ members, courses }: CoverStock): Owners {
  const names = new Map(members.map(({ id, name }) => [id, name]))
  const owners = new Map<ItemId, Owner>()
  for (const course of courses) {
    const name = names.get(course.memberId)
    const known = owners.get(course.itemId)
    const isLater =
      !known || course.endsOn === null || (known.endsOn !== null && known.endsOn < course.endsOn)
    if (name !== undefined && isLater)
      owners.set(course.itemId, {
        id: course.memberId,
        name,
        confirmedAgainstWarning: course.confirmedAgainstWarning,
        prescriber: course.prescriber,
        endsOn: course.endsOn,
        released: course.release !== null,
      })
  }
  return owners
}

/** The household's things once each, wherever they lie and whoever carries them. */
export const thingsOnce = ({ things, stock }: Pick<Pantry, 'things' | 'stock'>): readonly Thing[] =>
  things.slice(0, stock.items.length)

/** What acts in the medicines that a member takes on a day. */
export const takenBy = (
  { stock, things, thingOf }: Pantry,
  memberId: MemberId,
  day: PlainDate,
): readonly SubstanceId[] =>
  takenIn(stock.courses, memberId, day, (itemId) => {
    const at = thingOf.get(itemId)
    return at === undefined ? [] : (things[at]?.facts.acting ?? [])
  })

/** Whether any prescription of a member runs on a day. */
export const takesSomething = (
  courses: readonly Course[],
  memberId: MemberId,
  day: PlainDate,
): boolean => courses.some((course) => course.memberId === memberId && isRunning(course, day))

/** The same from prescriptions alone. @param actingIn what acts in an item */
export const takenIn = (
  courses: readonly Course[],
  memberId: MemberId,
  day: PlainDate,
  actingIn: (itemId: ItemId) => readonly SubstanceId[],
): readonly SubstanceId[] =>
  courses.flatMap((course) =>
    course.memberId === memberId && isRunning(course, day) && course.perDay !== null
      ? actingIn(course.itemId)
      : [],
  )

export const isShared = (role: RoleId): boolean => ROLES[role].kind === 'shared'
