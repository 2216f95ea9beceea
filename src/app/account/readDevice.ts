/** What a device keeps, so that it is of use without a connection. */
import { createHmac } from 'node:crypto'
import { rightOfPage } from '../../core/people/pageRights'
import { may } from '../../core/people/role'
import { readRevision } from '../../db/household/household'
import { readSites } from '../../db/kits/sites'
import { readMembers } from '../../db/members/members'
import { readRounds } from '../../db/rounds/rounds'
import { readKeptTrips } from '../../db/trips/trips'
import { type Caller, reading, type World } from '../frame/world'

export interface DeviceView {
  readonly userId: string
  readonly name: string
  readonly householdId: string
  readonly key: string
  readonly state: string
  readonly pages: string[]
  readonly answers: string[]
}

/**
 * The key seals what waits on the device. It is the same for a person on every device and is
 * given only to who is signed in, so that a signed-out device holds nothing readable.
 * @param secret the server's
 */
export const readDevice = (world: World, caller: Caller, secret: string): Promise<DeviceView> =>
  reading(world, caller, async ({ trx, today }) => {
    const { kits } = await readSites(trx)
    const members = await readMembers(trx, today)
    const open = (await readRounds(trx, 0)).map(({ id }) => id)
    const trips = (await readKeptTrips(trx)).flatMap(({ trip, overOn }) =>
      overOn === null ? [trip.id] : [],
    )
    const pages = [
      '/',
      '/kits',
      '/rounds',
      '/print',
      '/bench',
      '/bench/mixes',
      '/guide',
      '/evacuation',
      '/evacuation/sheet',
      ...kits.flatMap(({ id }) => [`/kits/${id}`, `/kits/${id}/sheet`]),
      ...members.map(({ id }) => `/members/${id}`),
      ...trips.flatMap((id) => [`/trips/${id}/pack`, `/trips/${id}/sheets`]),
    ]
    const answers = [
      '/api/places',
      '/api/kits',
      '/api/rounds',
      '/api/codes',
      '/api/items',
      ...kits.flatMap(({ id }) => [`/api/kits/${id}`, `/api/kits/${id}/contents`]),
      ...open.map((id) => `/api/rounds/${id}`),
      ...trips.map((id) => `/api/trips/${id}`),
    ]
    return {
      userId: caller.userId,
      name: caller.name,
      householdId: caller.householdId,
      key: createHmac('sha256', secret).update(`device ${caller.userId}`).digest('base64'),
      state: `${today} ${await readRevision(trx)} ${caller.role}`,
      pages: pages.filter((page) => may(caller.role, rightOfPage(page))),
      answers: may(caller.role, 'look') ? [...answers, ...MORE_ANSWERS] : answers,
    }
  })

/** For whoever sees everything. */
const MORE_ANSWERS = [
  '/api/watch',
  '/api/household',
  '/api/cover',
  '/api/care',
  '/api/open-incidents',
] as const
