/** Reads once what the screens of a household read, as strictly as its endpoints answer. */
import { readCalendarFile } from '../app/calendarActs'
import { readHousehold } from '../app/householdActs'
import { readRates } from '../app/rates'
import { readActs } from '../app/readActs'
import { readCare, readGoing } from '../app/readCare'
import { readCover } from '../app/readCover'
import { readForecast } from '../app/readForecast'
import { readKit, readKits, readLot } from '../app/readKits'
import { readPlan } from '../app/readPlan'
import { readRecord } from '../app/readRecord'
import { readReview } from '../app/readReview'
import { readRounds } from '../app/readRounds'
import { readExport, readSheet } from '../app/readSheet'
import { readShopping } from '../app/readShopping'
import { readStockList } from '../app/readStockList'
import { readWatch } from '../app/readWatch'
import type { Caller, World } from '../app/world'
import * as care from '../contract/careEndpoints'
import type { Endpoint } from '../contract/endpoint'
import * as contract from '../contract/endpoints'
import * as forecast from '../contract/forecastEndpoints'
import * as keeping from '../contract/keepingEndpoints'
import * as restock from '../contract/restockEndpoints'
import * as rounds from '../contract/roundEndpoints'
import * as shopping from '../contract/shoppingEndpoints'
import { words } from '../words'

type Read = (world: World, caller: Caller) => Promise<unknown>
const WHOLE: readonly (readonly [Endpoint, Read])[] = [
  [contract.readHousehold, readHousehold],
  [contract.readWatch, readWatch],
  [contract.readCover, readCover],
  [contract.readActs, readActs],
  [care.readCare, readCare],
  [care.readGoing, readGoing],
  [rounds.readRounds, readRounds],
  [restock.readPlan, readPlan],
  [shopping.readShopping, readShopping],
  [forecast.readForecast, readForecast],
  [forecast.readRates, readRates],
  [keeping.readReview, readReview],
  [keeping.readRecord, (world, caller) => readRecord(world, caller, {})],
]

/** @throws what a screen would have thrown that cannot be shown */
export async function everyScreen(world: World, caller: Caller): Promise<void> {
  for (const [{ result }, read] of WHOLE) result.parse(await read(world, caller))
  const { kits } = contract.readKits.result.parse(await readKits(world, caller))
  for (const { id } of kits) {
    contract.readKit.result.parse(await readKit(world, caller, id))
    await readSheet(world, caller, id)
  }
  const { rows } = keeping.readStockList.result.parse(await readStockList(world, caller))
  for (const lotId of new Set(rows.map((row) => row.lotId)))
    contract.readLot.result.parse(await readLot(world, caller, lotId))
  await readExport(world, caller)
  await readCalendarFile(world, caller, words.calendar.entry)
}
