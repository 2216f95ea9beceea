/** Addresses that calendars subscribe to: each has a key of its own and can be closed. */
import { createHmac, timingSafeEqual } from 'node:crypto'
import type { HouseholdId } from '../../core/ids'
import { inHousehold } from '../../db/frame/connect'
import { createRecord, removeRecord } from '../../db/frame/records'
import { readFeeds as feedsOf } from '../../db/household/feeds'
import { act } from '../frame/act'
import { notFound } from '../frame/refusal'
import { type Caller, reading, type World } from '../frame/world'
import { type InWords, readCalendarFile } from '../places/calendarActs'

/** Its key follows from the server's secret, so the record does not hold it. */
const keyOf = (secret: string, householdId: HouseholdId, feedId: string): Buffer =>
  createHmac('sha256', secret).update(`feed ${householdId} ${feedId}`).digest()

const pathOf = (secret: string, householdId: HouseholdId, feedId: string): string =>
  `/feed/${householdId}.${feedId}.${keyOf(secret, householdId, feedId).toString('base64url')}.ics`

export const addFeed = (
  world: World,
  caller: Caller,
  { key, name }: { readonly key: string; readonly name: string },
) =>
  act(world, caller, { key, kind: 'feed_added', why: name, request: name }, async (acting) => ({
    feedId: await createRecord(acting, 'calendar_feed', { name }),
  }))

/** A closed address answers like one that never was. */
export const removeFeed = (
  world: World,
  caller: Caller,
  { key, feedId }: { readonly key: string; readonly feedId: string },
) =>
  act(world, caller, { key, kind: 'feed_removed', request: feedId }, async (acting) => {
    if (!(await removeRecord(acting, 'calendar_feed', feedId))) throw notFound()
    return {}
  })

export const readFeeds = (
  world: World,
  caller: Caller,
  secret: string,
): Promise<{ feeds: { id: string; name: string; path: string }[] }> =>
  reading(world, caller, async ({ trx }) => ({
    feeds: (await feedsOf(trx)).map(({ id, name }) => ({
      id,
      name,
      path: pathOf(secret, caller.householdId, id),
    })),
  }))

const ID = '[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}'
const ADDRESS = new RegExp(`^(${ID})\\.(${ID})\\.([\\w-]{43})$`)

/**
 * The calendar behind an address.
 * @throws {Refusal} not_found for a wrong, closed or malformed one: nobody learns which
 */
export async function openFeed(
  world: World,
  secret: string,
  address: string,
  inWords: InWords,
): Promise<string> {
  const [, household, feedId, given] = ADDRESS.exec(address) ?? []
  if (!household || !feedId || !given) throw notFound()
  const householdId = household as HouseholdId
  const wanted = keyOf(secret, householdId, feedId)
  if (!timingSafeEqual(Buffer.from(given, 'base64url'), wanted)) throw notFound()
  const feeds = await inHousehold(world.db, householdId, feedsOf)
  if (feeds.every(({ id }) => id !== feedId)) throw notFound()
  return readCalendarFile(world, householdId, inWords)
}
