/** Reads once what the screens of a household read, as strictly as its endpoints answer. */
import type { Caller, World } from '../app/frame/world'
import { readKit, readKits, readLot } from '../app/kits/readKits'
import { readCalendarFile } from '../app/places/calendarActs'
import { readExport, readSheet } from '../app/sheets/readSheet'
import { readStockList } from '../app/stock/readStockList'
import { askedOf, contract, isFile, NOUNS } from '../contract'
import type { Endpoint } from '../contract/endpoint'
import * as words from '../words'
import type { HouseholdHandler } from './handler'
import { handlers } from './handlers'

/** What somebody outside is asked for: that says nothing about the household. */
const OUTSIDE: ReadonlySet<string> = new Set(['readRecalls'])

/** Every read that needs nothing but the household, with what answers it. */
function* wholeReads(): Generator<readonly [Endpoint, HouseholdHandler<Endpoint>]> {
  for (const noun of NOUNS)
    for (const [name, endpoint] of askedOf(noun)) {
      if (isFile(endpoint) || endpoint.method !== 'GET' || endpoint.door !== 'household') continue
      if (OUTSIDE.has(name) || !isComplete(endpoint)) continue
      const answering = handlers[noun] as Record<string, unknown>
      yield [endpoint, answering[name] as HouseholdHandler<Endpoint>]
    }
}

const isComplete = ({ params, query }: Endpoint): boolean =>
  params.safeParse({}).success && query.safeParse({}).success

/** @throws what a screen would have thrown that cannot be shown */
export async function everyScreen(world: World, caller: Caller): Promise<void> {
  for (const [{ result }, read] of wholeReads())
    result.parse(await read(world, caller, { key: '' }))
  const { kits } = contract.kits.readKits.result.parse(await readKits(world, caller))
  for (const { id } of kits) {
    contract.kits.readKit.result.parse(await readKit(world, caller, id))
    await readSheet(world, caller, id)
  }
  const { rows } = await readStockList(world, caller)
  for (const lotId of new Set(rows.map((row) => row.lotId)))
    contract.stock.readLot.result.parse(await readLot(world, caller, lotId))
  await readExport(world, caller)
  await readCalendarFile(world, caller, words.places.calendar.entry)
}
