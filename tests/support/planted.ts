/** A household with a row of every kind, and what could be asked of each. */
import { giveEvening } from '../../src/app/evenings/eveningActs'
import { typeReadings } from '../../src/app/exposure/exposureActs'
import { readExposure } from '../../src/app/exposure/readExposure'
import type { Caller, World } from '../../src/app/frame/world'
import { addFeed } from '../../src/app/household/feedActs'
import { teachCode } from '../../src/app/items/codeActs'
import { invite, readPeople } from '../../src/app/people/peopleActs'
import { addWish, setOffer } from '../../src/app/restock/planActs'
import { readPlan } from '../../src/app/restock/readPlan'
import { addPurchase } from '../../src/app/restock/shoppingActs'
import { setLidCode } from '../../src/app/roadside/lid'
import { startRound } from '../../src/app/rounds/roundActs'
import { keepPaper } from '../../src/app/stock/paperActs'
import { saveView } from '../../src/app/stock/viewActs'
import { readTrip } from '../../src/app/trips/readTrips'
import { createTrip, planTrip } from '../../src/app/trips/tripActs'
import { plainDate } from '../../src/core/calendar/plainDate'
import type { EveningPlan } from '../../src/core/evenings/plan'
import type { StopId } from '../../src/core/ids'
import { units } from '../../src/core/quantity/amount'
import type { RoundId } from '../../src/core/rounds/round'
import { NO_WISHES } from '../../src/core/trips/trip'
import { newKey } from './application'
import { A_PHOTO } from './photo'
import { aDoseRule, cared, minded, stocked } from './stocked'

type Stocked = Awaited<ReturnType<typeof stocked>>
export interface Planted {
  readonly stock: Stocked
  /** By the names of the parameters in paths. */
  readonly ids: Readonly<Record<string, string>>
}
const GTIN = '09520000000066'

export async function planted(world: World, caller: Caller): Promise<Planted> {
  const stock = await stocked(world, caller)
  const { viewId } = await saveView(world, caller, {
    key: newKey(),
    name: 'Turning soon',
    filter: {},
  })
  await keepPaper(world, caller, {
    key: newKey(),
    lotId: stock.lotId,
    photo: { type: 'image/png', bytes: Buffer.from('a picture') },
  })
  const { feedId } = await addFeed(world, caller, { key: newKey(), name: 'Kitchen' })
  const roundId = newKey() as RoundId
  await startRound(world, caller, {
    key: roundId,
    roundId,
    kitId: stock.kitId,
    pocketIds: [stock.lid],
  })
  const { wishId } = await addWish(world, caller, {
    key: newKey(),
    wish: { kind: 'no_buy', itemId: stock.itemId },
  })
  await setOffer(world, caller, {
    key: newKey(),
    itemId: stock.itemId,
    shop: 'Harbour shop',
    packSize: units(5),
    priceMinor: 700,
    leadDays: 2,
  })
  const { purchaseId } = await addPurchase(world, caller, {
    key: newKey(),
    ...aPurchase(stock),
  })
  const { offers } = await readPlan(world, caller)
  const offerId = offers.find(({ shop }) => shop === 'Harbour shop')?.offerId ?? ''
  await teachCode(world, caller, { key: newKey(), itemId: stock.itemId, gtin: GTIN })
  let ids: Record<string, string> = {
    ...stock,
    viewId,
    feedId,
    roundId,
    gtin: GTIN,
    ...(await cared(world, caller, stock)),
    ...(await minded(world, caller, stock)),
    wishId,
    offerId,
    purchaseId,
  }
  const { tripId } = await createTrip(world, caller, { key: newKey(), ...aTrip(stock) })
  await planTrip(world, caller, { key: newKey(), tripId, lines: [aLine(stock)] })
  const { lines } = await readTrip(world, caller, { tripId })
  await typeReadings(world, caller, {
    key: newKey(),
    spot: { kind: 'place', id: stock.placeId },
    from: plainDate('2026-11-20'),
    to: plainDate('2026-11-21'),
    lowest: 500,
    highest: 2000,
  })
  const { logs } = await readExposure(world, caller, {})
  const { invitationId } = await invite(
    world,
    caller,
    { key: newKey(), forName: 'Kari', role: 'helper' },
    'a secret',
  )
  const { people } = await readPeople(world, caller, 'a secret')
  const { eveningId } = await giveEvening(
    world,
    caller,
    {
      key: newKey(),
      forName: 'Kari',
      day: plainDate('2026-11-26'),
      from: '12:00',
      to: '23:00',
      plan: aPlan(stock) as unknown as EveningPlan,
    },
    'a secret',
  )
  await setLidCode(
    world,
    caller,
    { key: newKey(), kitId: stock.kitId, shows: 'kit', mayTake: true },
    'a secret',
  )
  ids = { ...ids, eveningId, invitationId, personId: people[0]?.id ?? '' }
  ids = { ...ids, tripId, lineId: lines[0]?.id ?? '', logId: logs[0]?.id ?? '' }
  return { stock, ids }
}

const aPlan = (stock: Stocked) => ({
  placeId: stock.placeId,
  members: [stock.memberId],
  kits: [stock.kitId],
  know: [],
  call: { name: 'Ilse', phone: '555-0151' },
  address: '',
  mayNot: [],
  gives: [],
  courses: [],
})
const aTrip = (stock: Stocked) => ({
  name: 'Lake week',
  stops: [
    {
      id: newKey() as StopId,
      name: 'Lake',
      placeId: stock.placeId,
      from: plainDate('2026-12-05'),
      to: plainDate('2026-12-07'),
      members: [stock.memberId],
      travel: 'car' as const,
      minutesToHelp: 30,
      minutesToVet: null,
      signal: null,
      traits: [],
      country: '',
      note: '',
    },
  ],
  bags: [
    { kitId: stock.kitId, carrier: stock.memberId, stowage: 'with_us' as const, filled: true },
  ],
  sources: [stock.placeId],
  wishes: NO_WISHES,
  cabinRules: 'eu' as const,
})
const aLine = (stock: Stocked) => ({
  lotId: stock.lotId,
  from: stock.lid,
  into: stock.tray,
  amount: units(1),
})

export const aPurchase = (stock: Stocked) => ({
  itemId: stock.itemId,
  shop: '',
  packs: 1,
  packSize: units(1),
  priceMinor: null,
  wantedBy: null,
  goesTo: [{ pocketId: stock.lid, amount: units(1) }],
})

/** A body that would do something, naming the other household's rows wherever a row is named. */
/** A body for every change of that household, by the name of its endpoint. */
export const bodiesFor = ({ stock, ids: theirs }: Planted): Readonly<Record<string, unknown>> => {
  const seenVersion = 1
  const taking = { pocketId: stock.lid, amount: 1000, seenVersion }
  return {
    createPlace: null,
    changePlace: { seenVersion, name: 'Mine now' },
    addVisit: { startsOn: '2027-01-01', endsOn: '2027-01-02', label: '' },
    removeVisit: {},
    createKit: { placeId: stock.placeId, name: 'Spy kit' },
    changeKit: { seenVersion, name: 'Mine now' },
    checkKit: {},
    addPocket: { name: 'Spy pocket' },
    changePocket: { seenVersion, name: 'Mine now' },
    receiveLot: { item: { id: stock.itemId }, amount: 1000, expiry: { kind: 'none' } },
    setPar: { amount: 99_000 },
    changeItem: { seenVersion, name: 'Mine now' },
    useLot: taking,
    openLot: { ...taking, on: '2026-11-20' },
    moveLot: { ...taking, to: stock.tray },
    discardLot: taking,
    countLot: { pocketId: stock.lid, found: 1000, seenVersion },
    amendLot: { seenVersion, note: 'Mine now' },
    undoAct: {},
    doErrand: { errandKey: `top_up:${stock.itemId}:${stock.lid}` },
    takeUpErrand: { errandKey: `top_up:${stock.itemId}:${stock.lid}` },
    leaveOutNeed: { memberId: null, reason: 'Mine now' },
    expectNeed: { memberId: null },
    putOffErrand: { errandKey: `top_up:${stock.itemId}:${stock.lid}` },
    addReadings: {
      spot: { kind: 'pocket', id: theirs.pocketId },
      name: 'Mine now',
      readings: { from: 29_000_000, steps: [0, 10], hundredths: [2000, 2100] },
    },
    typeReadings: {
      spot: { kind: 'place', id: theirs.placeId },
      from: '2026-11-20',
      to: '2026-11-21',
      lowest: 100,
      highest: 2000,
    },
    fetchReadings: { placeId: theirs.placeId },
    removeReadings: {},
    tellYear: { coldestMonth: 1, coldest: 0, hottestMonth: 7, hottest: 20 },
    createTrip: aTrip(stock),
    changeTrip: { seenVersion, name: 'Mine now' },
    removeTrip: {},
    planTrip: { lines: [aLine(stock)] },
    packTrip: { packed: [theirs.lineId] },
    unpackTrip: {
      lines: [{ lineId: theirs.lineId, back: 1000, used: 0, lost: 0, given: 0 }],
    },
    makeList: { lines: [aPurchase(stock)] },
    addPurchase: aPurchase(stock),
    changePurchase: { packs: 9 },
    removePurchase: {},
    markPurchase: { state: 'in_bag' },
    putAway: {
      puts: [{ pocketId: stock.lid, amount: 1000 }],
      expiry: { kind: 'none' },
      priceMinor: null,
      gtin: null,
      isAll: true,
    },
    bringIn: null,
    changeHousehold: null,
    changeEvacuation: null,
    rehearseEvacuation: null,
    addMember: null,
    changeMember: { seenVersion, name: 'Mine now' },
    removeMember: {},
    stayAgain: { seenVersion, until: '2026-12-01' },
    weigh: { on: '2026-11-20', grams: 25_000 },
    removeWeighing: {},
    setPhoto: { photo: A_PHOTO },
    addCourse: {
      itemId: stock.itemId,
      reason: '',
      prescriber: '',
      perDay: null,
      startsOn: '2026-11-20',
      endsOn: null,
    },
    changeCourse: { seenVersion, reason: 'Mine now' },
    removeCourse: {},
    matchItems: { matches: [{ itemId: stock.itemId, catalogueId: 'gauze' }] },
    giveLot: { ...taking, to: 'Me' },
    lendLot: { ...taking, to: 'Me' },
    takeBackLot: taking,
    reuseLot: taking,
    cleanLot: { pocketId: stock.lid, seenVersion },
    decantLot: { ...taking, to: stock.tray, directions: 'Mine now' },
    keepPaper: { photo: A_PHOTO },
    actOnMany: {
      deed: { kind: 'discard' },
      holdings: [{ lotId: stock.lotId, pocketId: stock.lid, amount: 1000, seenVersion }],
    },
    removeView: {},
    carryOutLayout: {
      steps: [{ lotId: stock.lotId, from: stock.lid, to: stock.tray, amount: 1000, seenVersion }],
    },
    arrangeMat: {
      cells: [stock.lid, stock.tray].map((pocketId, index) => ({
        pocketId,
        cell: { column: 1, row: index + 1, columns: 12, rows: 1 },
        seenVersion,
      })),
    },
    removePocket: {},
    startRound: { roundId: newKey(), kitId: stock.kitId, pocketIds: [stock.lid] },
    sayEntry: {
      entryId: newKey(),
      seconds: 5,
      fact: { kind: 'at_pocket', pocketId: stock.lid },
    },
    finishRound: { signedBy: 'Me' },
    leaveRound: {},
    teachCode: {},
    notePrinted: {},
    removeFeed: {},
    importVisits: {
      visits: [{ uid: 'spy', startsOn: '2027-01-01', endsOn: '2027-01-02', label: '' }],
    },
    addCard: { ...aDoseRule, memberIds: [stock.memberId] },
    changeCard: { ...aDoseRule, memberIds: [stock.memberId], seenVersion },
    removeCard: {},
    addRecipe: {
      name: 'Mine now',
      purpose: '',
      body: { kind: 'saline' },
      takes: [],
      itemId: stock.itemId,
      keepHours: 24,
      cautions: [],
      source: { who: 'Me', on: null },
    },
    removeRecipe: {},
    addWish: { kind: 'no_buy', itemId: stock.itemId },
    removeWish: {},
    setOffer: { shop: 'Mine', packSize: 1000, priceMinor: 1, leadDays: 0 },
    removeOffer: {},
    setRate: { perYear: 9000 },
    startIncident: {
      incidentId: newKey(),
      kind: null,
      patient: { kind: 'member', memberId: stock.memberId },
      placeId: stock.placeId,
    },
    removeIncident: { why: 'A slip' },
    sayCare: {
      entryId: newKey(),
      incidentId: theirs.incidentId,
      memberId: null,
      fact: { kind: 'note', words: 'Mine now' },
    },
    takeAtRoadside: { lotId: stock.lotId, pocketId: stock.lid, amount: 1000 },
    noteCardPrinted: { hangs: 'Mine now' },
    noteLabelsPrinted: { keys: [`kit:${stock.kitId}`] },
    printOnRoll: { keys: [`kit:${stock.kitId}`] },
    setLidCode: { shows: 'kit', mayTake: true },
    endLidCode: {},
    giveEvening: {
      forName: 'Spy',
      day: '2026-11-26',
      from: '12:00',
      to: '23:00',
      plan: aPlan(stock),
    },
    endEvening: {},
    withdrawInvitation: {},
    giveRole: { role: 'keeper' },
    endRole: {},
    decideLines: { lines: [{ decision: 'overruled', key: 'gauze', note: 'Mine now' }] },
  }
}
