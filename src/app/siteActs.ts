/** Adding and changing places, visits, kits and pockets. */
import type { PlainDate } from '../core/calendar/plainDate'
import type { Rhythm } from '../core/calendar/presence'
import {
  guessTraits,
  HUES,
  type Hue,
  nextFreeCell,
  type PlaceTrait,
  type PocketSort,
} from '../core/household/places'
import type { KitId, PlaceId, PocketId, VisitId } from '../core/ids'
import type { Trx } from '../db/connect'
import { createRecord, editRecord, removeRecord } from '../db/records'
import { readSites } from '../db/stock'
import { type Acting, act, mustEdit } from './act'
import { noteCheck } from './errandActs'
import { notFound } from './refusal'
import type { Caller, World } from './world'

interface Keyed {
  readonly key: string
}
interface Seen extends Keyed {
  readonly seenVersion: number
}

export const createPlace = (
  world: World,
  caller: Caller,
  {
    key,
    ...place
  }: Keyed & {
    name: string
    rhythm: Rhythm
    minutesToHelp: number | null
    note: string
    traits?: readonly PlaceTrait[] | undefined
  },
) =>
  act(
    world,
    caller,
    { key, kind: 'place_added', why: place.name, request: place },
    async (acting) => ({
      placeId: await addPlace(acting, place),
    }),
  )

/** Gives a new place the first hue that is free. */
export async function addPlace(
  acting: Acting,
  place: {
    name: string
    rhythm: Rhythm
    minutesToHelp: number | null
    note: string
    hue?: Hue
    traits?: readonly PlaceTrait[] | undefined
  },
): Promise<PlaceId> {
  const { places } = await readSites(acting.trx)
  const hue =
    place.hue ??
    HUES.find((one) => places.every((p) => p.hue !== one)) ??
    HUES[places.length % HUES.length]
  return (await createRecord(acting, 'place', {
    name: place.name,
    hue: hue ?? HUES[0],
    minutes_to_help: place.minutesToHelp,
    note: place.note,
    rhythm: JSON.stringify(place.rhythm),
    traits: JSON.stringify(place.traits ?? guessTraits(place.name, place.rhythm)),
    position: places.length,
  })) as PlaceId
}

export const changePlace = (
  world: World,
  caller: Caller,
  {
    key,
    placeId,
    seenVersion,
    ...patch
  }: Seen & {
    placeId: PlaceId
    name?: string
    hue?: Hue
    rhythm?: Rhythm
    minutesToHelp?: number | null
    note?: string
    traits?: readonly PlaceTrait[] | undefined
  },
) =>
  act(
    world,
    caller,
    { key, kind: 'place_changed', request: { placeId, seenVersion, patch } },
    async (acting) => {
      const { rhythm, minutesToHelp, traits, ...rest } = patch
      mustEdit(
        await editRecord(
          acting,
          'place',
          placeId,
          {
            ...rest,
            ...(rhythm && { rhythm: JSON.stringify(rhythm) }),
            ...(traits && { traits: JSON.stringify(traits) }),
            ...(minutesToHelp !== undefined && { minutes_to_help: minutesToHelp }),
          },
          seenVersion,
        ),
      )
      return {}
    },
  )

export const addVisit = (
  world: World,
  caller: Caller,
  {
    key,
    ...visit
  }: Keyed & { placeId: PlaceId; startsOn: PlainDate; endsOn: PlainDate; label: string },
) =>
  act(
    world,
    caller,
    { key, kind: 'visit_added', why: visit.label, request: visit },
    async (acting) => {
      await mustHave(acting.trx, 'place', visit.placeId)
      return { visitId: (await createVisit(acting, visit)) as VisitId }
    },
  )

export const createVisit = (
  acting: Acting,
  visit: { placeId: PlaceId; startsOn: PlainDate; endsOn: PlainDate; label: string },
): Promise<string> =>
  createRecord(acting, 'visit', {
    place_id: visit.placeId,
    starts_on: visit.startsOn,
    ends_on: visit.endsOn,
    label: visit.label,
  })

export const removeVisit = (
  world: World,
  caller: Caller,
  { key, visitId }: Keyed & { visitId: VisitId },
) =>
  act(world, caller, { key, kind: 'visit_removed', request: visitId }, async (acting) => {
    if (!(await removeRecord(acting, 'visit', visitId))) throw notFound()
    return {}
  })

export const createKit = (
  world: World,
  caller: Caller,
  {
    key,
    ...kit
  }: Keyed & { placeId: PlaceId; name: string; note: string; pockets: readonly string[] },
) =>
  act(world, caller, { key, kind: 'kit_added', why: kit.name, request: kit }, async (acting) => {
    await mustHave(acting.trx, 'place', kit.placeId)
    const kitId = await addKit(acting, kit)
    for (const name of kit.pockets) await addPocketTo(acting, kitId, { name, sort: 'inside' })
    return { kitId }
  })

export const addKit = async (
  acting: Acting,
  kit: { placeId: PlaceId; name: string; note: string; checkEveryDays?: number },
): Promise<KitId> =>
  (await createRecord(acting, 'kit', {
    place_id: kit.placeId,
    name: kit.name,
    note: kit.note,
    check_every_days: kit.checkEveryDays ?? 182,
  })) as KitId

/** Adds a pocket below the others. */
export async function addPocketTo(
  acting: Acting,
  kitId: KitId,
  pocket: { name: string; sort: PocketSort },
): Promise<PocketId> {
  const taken = await acting.trx
    .selectFrom('pocket')
    .select(['cell_column', 'cell_row', 'cell_columns', 'cell_rows'])
    .where('kit_id', '=', kitId)
    .where('removed_by_act', 'is', null)
    .execute()
  const cell = nextFreeCell(
    taken.map((row) => ({
      column: row.cell_column,
      row: row.cell_row,
      columns: row.cell_columns,
      rows: row.cell_rows,
    })),
  )
  return (await createRecord(acting, 'pocket', {
    kit_id: kitId,
    name: pocket.name,
    sort: pocket.sort,
    cell_column: cell.column,
    cell_row: cell.row,
    cell_columns: cell.columns,
    cell_rows: cell.rows,
    reach_seconds: null,
  })) as PocketId
}

export const changeKit = (
  world: World,
  caller: Caller,
  {
    key,
    kitId,
    seenVersion,
    ...patch
  }: Seen & {
    kitId: KitId
    name?: string
    note?: string
    placeId?: PlaceId
    checkEveryDays?: number
  },
) =>
  act(
    world,
    caller,
    { key, kind: 'kit_changed', request: { kitId, seenVersion, patch } },
    async (acting) => {
      const { placeId, checkEveryDays, ...rest } = patch
      if (placeId) await mustHave(acting.trx, 'place', placeId)
      mustEdit(
        await editRecord(
          acting,
          'kit',
          kitId,
          {
            ...rest,
            ...(placeId && { place_id: placeId }),
            ...(checkEveryDays && { check_every_days: checkEveryDays }),
          },
          seenVersion,
        ),
      )
      return {}
    },
  )

export const checkKit = (world: World, caller: Caller, { key, kitId }: Keyed & { kitId: KitId }) =>
  act(world, caller, { key, kind: 'kit_checked', request: kitId }, async (acting) => {
    await mustHave(acting.trx, 'kit', kitId)
    await noteCheck(acting, kitId)
    return {}
  })

export const addPocket = (
  world: World,
  caller: Caller,
  { key, kitId, ...pocket }: Keyed & { kitId: KitId; name: string; sort: PocketSort },
) =>
  act(
    world,
    caller,
    { key, kind: 'pocket_added', why: pocket.name, request: { kitId, pocket } },
    async (acting) => {
      await mustHave(acting.trx, 'kit', kitId)
      return { pocketId: await addPocketTo(acting, kitId, pocket) }
    },
  )

export const changePocket = (
  world: World,
  caller: Caller,
  {
    key,
    pocketId,
    seenVersion,
    ...patch
  }: Seen & { pocketId: PocketId; name?: string; sort?: PocketSort; reachSeconds?: number | null },
) =>
  act(
    world,
    caller,
    { key, kind: 'pocket_changed', request: { pocketId, seenVersion, patch } },
    async (acting) => {
      const { reachSeconds, ...rest } = patch
      mustEdit(
        await editRecord(
          acting,
          'pocket',
          pocketId,
          {
            ...rest,
            ...(reachSeconds !== undefined && { reach_seconds: reachSeconds }),
          },
          seenVersion,
        ),
      )
      return {}
    },
  )

async function mustHave(trx: Trx, table: 'place' | 'kit', id: string): Promise<void> {
  const row = await trx
    .selectFrom(table)
    .select('id')
    .where('id', '=', id)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  if (!row) throw notFound()
}
