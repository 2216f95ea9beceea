/**
 * A house that is lived in and a cottage with two visits ahead: a few things to carry, to buy and
 * to throw away, so that a plan for it is small enough to follow line by line.
 */
import { randomUUID as newKey } from 'node:crypto'
import type { Caller, World } from '../../src/app/frame/world'
import { createKit } from '../../src/app/kits/kitActs'
import { readKit } from '../../src/app/kits/readKits'
import { addVisit, createPlace } from '../../src/app/places/placeActs'
import { setOffer } from '../../src/app/restock/planActs'
import { receiveLot } from '../../src/app/stock/receiveLot'
import { setPar } from '../../src/app/stock/setPar'
import type { Expiry } from '../../src/core/calendar/expiry'
import { plainDate, plainMonth } from '../../src/core/calendar/plainDate'
import type { ItemId, PocketId } from '../../src/core/ids'
import { units } from '../../src/core/quantity/amount'

/** Somebody is at the cottage on these days. */
export const WEEKENDS = [
  ['2026-12-05', '2026-12-07'],
  ['2027-01-09', '2027-01-11'],
] as const

const onDay = (day: string): Expiry => ({ kind: 'day', day: plainDate(day) })
const through = (month: string): Expiry => ({ kind: 'month', month: plainMonth(month) })

export async function twoPlaces(world: World, caller: Caller) {
  const place = async (name: string, rhythm: Parameters<typeof createPlace>[2]['rhythm']) => {
    const { placeId } = await createPlace(world, caller, {
      key: newKey(),
      name,
      rhythm,
      minutesToHelp: 10,
      note: '',
      traits: [],
    })
    const { kitId } = await createKit(world, caller, {
      key: newKey(),
      placeId,
      name: `${name} box`,
      note: '',
      pockets: ['Tray'],
    })
    const [tray] = (await readKit(world, caller, kitId)).pockets
    if (!tray) throw new Error('The kit was made with a pocket')
    return { placeId, kitId, tray: tray.id }
  }
  const house = await place('House', { kind: 'always' })
  const cottage = await place('Cottage', { kind: 'visits' })
  for (const [startsOn, endsOn] of WEEKENDS)
    await addVisit(world, caller, {
      key: newKey(),
      placeId: cottage.placeId,
      startsOn: plainDate(startsOn),
      endsOn: plainDate(endsOn),
      label: 'A weekend',
    })

  /** A lot of something new; then what belongs where, and what a pack costs in which shop. */
  const put = async (
    pocketId: PocketId,
    name: string,
    unit: string,
    amount: number,
    expiry: Expiry,
    batch = '',
  ): Promise<ItemId> => {
    const { itemId } = await receiveLot(world, caller, {
      key: newKey(),
      pocketId,
      item: { new: { name, strength: '', unit, purpose: '', forWhom: '' } },
      amount: units(amount),
      par: null,
      expiry,
      openedOn: null,
      batch,
      boughtAt: '',
      unitPriceMinor: null,
      note: '',
    })
    return itemId
  }
  const more = (itemId: ItemId, pocketId: PocketId, amount: number, expiry: Expiry) =>
    receiveLot(world, caller, {
      key: newKey(),
      pocketId,
      item: { id: itemId },
      amount: units(amount),
      par: null,
      expiry,
      openedOn: null,
      batch: '',
      boughtAt: '',
      unitPriceMinor: null,
      note: '',
    })
  const belongs = (itemId: ItemId, pocketId: PocketId, amount: number) =>
    setPar(world, caller, { key: newKey(), itemId, pocketId, amount: units(amount) })
  const sold = (itemId: ItemId, shop: string, pack: number, priceMinor: number, leadDays = 0) =>
    setOffer(world, caller, {
      key: newKey(),
      itemId,
      shop,
      packSize: units(pack),
      priceMinor,
      leadDays,
    })

  // More than belongs at the house; none at the cottage: to be carried.
  const plasters = await put(house.tray, 'Plasters', 'strip', 30, through('2029-06'))
  await belongs(plasters, house.tray, 10)
  await belongs(plasters, cottage.tray, 10)
  await sold(plasters, 'Corner pharmacy', 20, 240)
  // Turns at the cottage between two visits: fresh ones by the first, thrown away on the second.
  const gauze = await put(cottage.tray, 'Gauze', 'pad', 6, onDay('2026-12-10'), 'G12')
  await more(gauze, house.tray, 4, through('2030-01'))
  await belongs(gauze, cottage.tray, 6)
  await belongs(gauze, house.tray, 4)
  await sold(gauze, 'Corner pharmacy', 10, 300)
  // Only enough at the house; a second shop is cheaper and takes three days.
  const saline = await put(house.tray, 'Saline pods', 'pod', 10, through('2029-01'))
  await belongs(saline, house.tray, 10)
  await belongs(saline, cottage.tray, 10)
  await sold(saline, 'Corner pharmacy', 10, 600)
  await sold(saline, 'Harbour shop', 10, 400, 3)
  // One of two at the house, which is missed there every day.
  const thermometer = await put(house.tray, 'Thermometer', 'piece', 1, { kind: 'none' })
  await belongs(thermometer, house.tray, 2)
  await sold(thermometer, 'Corner pharmacy', 1, 900)
  return { house, cottage, plasters, gauze, saline, thermometer }
}
