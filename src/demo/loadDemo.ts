/** Loads the demo household through the application's own use cases, with a year of history. */
import { randomUUID } from 'node:crypto'
import type { Auth } from '../app/account/signIn'
import { type Acting, act } from '../app/frame/act'
import { revisionCache } from '../app/frame/cache'
import type { Caller, World } from '../app/frame/world'
import { createHousehold } from '../app/household/householdActs'
import { addKit, pocketColumns } from '../app/kits/kitActs'
import { addPlace, createVisit } from '../app/places/placeActs'
import { DEMO_EMAIL, DEMO_NAME } from '../core/account/demo'
import type { Expiry } from '../core/calendar/expiry'
import { addDays, dayAt, monthOfDay, type PlainDate, weekdayOf } from '../core/calendar/plainDate'
import { PLAIN_POCKET } from '../core/household/pocket'
import type { HouseholdId, ItemId, KitId, LotId, MemberId, PlaceId, PocketId } from '../core/ids'
import { proposeEntry } from '../core/naming/proposeEntry'
import { units } from '../core/quantity/amount'
import { guessOpenedClock } from '../core/stock/itemKind'
import { NO_DETAILS, READY } from '../core/stock/lot'
import { type Db, inHousehold } from '../db/frame/connect'
import { receiveMany } from '../db/frame/ledger'
import { createRecord, createRecords } from '../db/frame/records'
import { addPerson, householdsOf } from '../db/people/memberships'
import { standInServices } from '../standIns/services'
import { liveCare } from './care'
import { DEMO_CONTAINERS } from './containers'
import { liveEvacuation } from './evacuation'
import { liveExposure } from './exposure'
import {
  DEMO_ANSWERS,
  DEMO_ESSENTIAL,
  DEMO_HOUSEHOLD,
  DEMO_ITEMS,
  DEMO_KITS,
  DEMO_PLACES,
  DEMO_STOCK,
  DEMO_VERDICTS,
  type DemoItemKey,
  type DemoLine,
} from './household'
import { liveThrough } from './liveThrough'
import { DEMO_COURSES, demoMembers } from './members'
import { liveRounds } from './rounds'
import type { Stocked } from './stocked'
import { liveTrips } from './trips'

export interface DemoSettings {
  readonly db: Db
  readonly auth: Auth
  readonly password: string
  readonly now: () => Date
  /** Load anew although there is one: the account then opens the new household. */
  readonly fresh: boolean
}

const HISTORY_DAYS = 420

/** @returns false when the demo is there already and a fresh one was not asked for */
export async function loadDemo({ db, auth, password, now, fresh }: DemoSettings): Promise<boolean> {
  const { internalAdapter } = await auth.$context
  const known = await internalAdapter.findUserByEmail(DEMO_EMAIL)
  // The former household stays in the record, which nobody rewrites; nobody opens it any more.
  if (known && fresh) await internalAdapter.deleteUser(known.user.id)
  const userId =
    known && !fresh
      ? known.user.id
      : (await auth.api.signUpEmail({ body: { email: DEMO_EMAIL, name: DEMO_NAME, password } }))
          .user.id
  if ((await householdsOf(db, userId)).length > 0) return false
  const householdId = randomUUID() as HouseholdId
  await createHousehold(db, { id: householdId, ...DEMO_HOUSEHOLD }, { id: userId, name: DEMO_NAME })
  const today = dayAt(now().getTime(), DEMO_HOUSEHOLD.timeZone)
  await fillDemo(db, { userId, name: DEMO_NAME, householdId, role: 'keeper' }, today, now)
  await liveWithOthers(db, householdId, now())
  return true
}

/** Who else comes in; nobody signs in with these accounts. */
const OTHERS = [
  { name: 'Tove', role: 'second_keeper', days: 400 },
  { name: 'Arlo', role: 'helper', days: 210 },
  { name: 'Ned', role: 'child_helper', days: 60 },
] as const

const liveWithOthers = (db: Db, householdId: HouseholdId, now: Date): Promise<void> =>
  inHousehold(db, householdId, async (trx) => {
    for (const { name, role, days } of OTHERS) {
      const since = new Date(now.getTime() - days * 86_400_000)
      await addPerson(trx, { householdId, userId: `demo-${randomUUID()}`, name, role, since })
    }
  })

/** Fills an empty household as of a day. */
export async function fillDemo(
  db: Db,
  caller: Caller,
  today: PlainDate,
  now: () => Date,
): Promise<void> {
  const on = (daysAgo: number): World => ({
    db,
    now: () => new Date(Date.parse(`${addDays(today, -daysAgo)}T10:00:00Z`)),
    surveys: revisionCache(),
    services: standInServices,
  })
  const { stocked } = await act(
    on(HISTORY_DAYS),
    caller,
    { key: `demo-${caller.householdId}`, kind: 'demo_loaded', request: null },
    async (acting) => ({ stocked: await stock(acting, today) }),
  )
  await liveThrough(on, caller, stocked, today)
  await liveRounds(on, caller, { ...stocked, newId: randomUUID })
  await liveEvacuation(on, caller, stocked)
  await liveExposure(on, caller, stocked, today)
  await liveTrips(on, caller, { ...stocked, today, newId: randomUUID })
  const placeId = stocked.places.get('house')
  if (!placeId) throw new Error('The demo has no house')
  await liveCare(on, { ...on(0), now }, caller, { ...stocked, placeId, today, newId: randomUUID })
}

/** The Saturday from which visits count: the next one at least three days off. */
function comingSaturday(today: PlainDate): PlainDate {
  const from = addDays(today, 3)
  return addDays(from, (6 - weekdayOf(from) + 7) % 7)
}

/** Long dates are printed as months, near ones as days: as packs are. */
function printed(today: PlainDate, days: number | null | '?'): Expiry {
  if (days === null) return { kind: 'none' }
  if (days === '?') return { kind: 'unknown' }
  const day = addDays(today, days)
  return days > 120 ? { kind: 'month', month: monthOfDay(day) } : { kind: 'day', day }
}

async function stock(acting: Acting, today: PlainDate): Promise<Stocked> {
  const items = await makeItems(acting, today)
  const members = await makeMembers(acting, today)
  await makeCourses(acting, members, items, today)
  const places = new Map<string, PlaceId>()
  for (const { key, visits, usually, ...place } of DEMO_PLACES) {
    const usuallyThere = usually.map((name) => mustMember(members, name))
    const placeId = await addPlace(acting, { ...place, usuallyThere })
    places.set(key, placeId)
    const saturday = comingSaturday(today)
    for (const [first, last, label] of visits)
      await createVisit(acting, {
        placeId,
        startsOn: addDays(saturday, first - 7),
        endsOn: addDays(saturday, last - 7),
        label,
      })
  }
  const pockets = new Map<string, PocketId>()
  const kits = new Map<string, KitId>()
  const lots = new Map<string, LotId>()
  const receipts: Parameters<typeof receiveMany>[1][number][] = []
  const pars = new Map<
    string,
    { id: string; item_id: ItemId; pocket_id: PocketId; amount: number }
  >()
  for (const kit of DEMO_KITS) {
    kits.set(kit.key, await makeKit(acting, kit, places, pockets, today))
    kit.pockets.forEach(([pocketName], index) => {
      const pocketId = pockets.get(`${kit.key}/${pocketName}`)
      if (!pocketId) return
      for (const line of DEMO_STOCK[kit.key]?.[index] ?? []) {
        const [key, count, par] = line
        const itemId = items.get(key)
        if (!itemId) continue
        if (par > 0)
          pars.set(`${itemId}/${pocketId}`, {
            id: randomUUID(),
            item_id: itemId,
            pocket_id: pocketId,
            amount: units(par),
          })
        if (count === 0) continue
        const receipt = receiptOf(line, itemId, pocketId, today)
        receipts.push(receipt)
        const label = `${kit.key}/${key}`
        lots.set(lots.has(label) ? `${label}/2` : label, receipt.lot.id)
      }
    })
  }
  await createRecords(acting, 'par', [...pars.values()])
  await receiveMany(acting, receipts)
  return { lots, pockets, items, kits, members, places }
}

function receiptOf(
  [key, count, , days, extra = {}]: DemoLine,
  itemId: ItemId,
  to: PocketId,
  today: PlainDate,
) {
  const [, , , kind, , shop, pack, price] = DEMO_ITEMS[key]
  const eachMinor = pack !== null && price !== null ? Math.round(price / pack) : null
  return {
    to,
    amount: units(count),
    lot: {
      id: randomUUID() as LotId,
      itemId,
      expiry:
        kind === 'instrument' && days === null ? ({ kind: 'none' } as const) : printed(today, days),
      opened:
        extra.opened === undefined
          ? ({ kind: 'sealed' } as const)
          : ({ kind: 'opened', on: addDays(today, -extra.opened) } as const),
      condition: extra.condition ?? ('sound' as const),
      standing: extra.held
        ? ({ kind: 'held', reason: extra.held } as const)
        : extra.lent
          ? ({ kind: 'lent', to: extra.lent[0], since: addDays(today, -extra.lent[1]) } as const)
          : READY,
      batch: extra.batch ?? '',
      boughtAt: shop,
      unitPriceMinor: extra.price ?? eachMinor,
      note: extra.note ?? '',
      ...NO_DETAILS,
      directions: extra.directions ?? '',
      receivedOn: addDays(today, -HISTORY_DAYS),
      origin: null,
    },
  }
}

async function makeItems(acting: Acting, today: PlainDate): Promise<Map<DemoItemKey, ItemId>> {
  const items = new Map<DemoItemKey, ItemId>()
  const rows = (Object.keys(DEMO_ITEMS) as DemoItemKey[]).map((key) => {
    const [name, strength, unit, kind, purpose, shop, pack, price] = DEMO_ITEMS[key]
    const id = randomUUID() as ItemId
    const said = DEMO_VERDICTS.find(([about]) => about === key)
    items.set(key, id)
    return {
      id,
      name,
      strength,
      unit,
      kind,
      purpose,
      shop,
      for_whom: '',
      essential: DEMO_ESSENTIAL.includes(key),
      opened_clock: JSON.stringify(guessOpenedClock(name, strength, kind)),
      pack_size: pack === null ? null : units(pack),
      pack_price_minor: price,
      note: '',
      verdict:
        said && JSON.stringify({ kind: said[1], words: said[2], on: addDays(today, -said[3]) }),
      catalogue_id: DEMO_ANSWERS[key] ?? entryOf(name, strength, unit),
    }
  })
  await createRecords(acting, 'item', rows)
  return items
}

/** Looking through the whole catalogue takes a while, and the demo always names the same things. */
const found = new Map<string, string | null>()
function entryOf(name: string, strength: string, unit: string): string | null {
  const key = `${name}/${strength}/${unit}`
  const known = found.get(key)
  if (known !== undefined) return known
  const proposal = proposeEntry({ name, strength, unit })
  const entry = proposal.kind === 'sure' ? proposal.entry.id : null
  found.set(key, entry)
  return entry
}

async function makeKit(
  acting: Acting,
  kit: (typeof DEMO_KITS)[number],
  places: ReadonlyMap<string, PlaceId>,
  pockets: Map<string, PocketId>,
  today: PlainDate,
): Promise<KitId> {
  const placeId = places.get(kit.place)
  if (!placeId) throw new Error(`The demo kit ${kit.key} has no place ${kit.place}`)
  const kitId = await addKit(acting, {
    placeId,
    name: kit.name,
    note: kit.note,
    checkEveryDays: kit.checkEveryDays,
    container: DEMO_CONTAINERS[kit.key]?.container,
    ...kit.use,
  })
  if (kit.checked)
    await createRecord(acting, 'kit_check', {
      kit_id: kitId,
      on_day: addDays(today, -kit.checked[0]),
      by_whom: kit.checked[1],
    })
  const rows = kit.pockets.map(
    ([name, column, row, columns, rowCount, seconds, sort = 'inside']) => {
      const id = randomUUID()
      pockets.set(`${kit.key}/${name}`, id as PocketId)
      return {
        id,
        kit_id: kitId,
        name,
        cell_column: column,
        cell_row: row,
        cell_columns: columns,
        cell_rows: rowCount,
        ...pocketColumns({
          ...PLAIN_POCKET,
          sort,
          reachSeconds: seconds,
          ...DEMO_CONTAINERS[kit.key]?.pockets[name],
        }),
      }
    },
  )
  await createRecords(acting, 'pocket', rows)
  return kitId
}

async function makeMembers(
  acting: Acting,
  today: PlainDate,
): Promise<ReadonlyMap<string, MemberId>> {
  const members = new Map<string, MemberId>()
  for (const { name, species, age, helper = false, note, facts, weights } of demoMembers(today)) {
    const memberId = (await createRecord(acting, 'member', {
      name,
      species,
      born: addDays(today, -age),
      helper,
      note,
      facts: JSON.stringify(facts),
    })) as MemberId
    members.set(name, memberId)
    for (const [daysAgo, grams] of weights)
      await createRecord(acting, 'weighing', {
        member_id: memberId,
        on_day: addDays(today, -daysAgo),
        grams,
      })
  }
  return members
}

async function makeCourses(
  acting: Acting,
  members: ReadonlyMap<string, MemberId>,
  items: ReadonlyMap<DemoItemKey, ItemId>,
  today: PlainDate,
): Promise<void> {
  for (const course of DEMO_COURSES) {
    const memberId = mustMember(members, course.member)
    await createRecord(acting, 'course', {
      member_id: memberId,
      item_id: mustItem(items, course.item),
      reason: course.reason,
      prescriber: course.prescriber,
      directions: course.directions,
      per_day: course.perDay === null ? null : Math.round(course.perDay * 1000),
      starts_on: addDays(today, -course.startedAgo),
      ends_on: course.endsIn === null ? null : addDays(today, course.endsIn),
      confirmed_against_warning: false,
    })
  }
}

function mustMember(members: ReadonlyMap<string, MemberId>, name: string): MemberId {
  const memberId = members.get(name)
  if (!memberId) throw new Error(`The demo has no member ${name}`)
  return memberId
}

function mustItem(items: ReadonlyMap<DemoItemKey, ItemId>, key: DemoItemKey): ItemId {
  const itemId = items.get(key)
  if (!itemId) throw new Error(`The demo has no item ${key}`)
  return itemId
}
