import { type Container, type Shape, TEMPLATES } from '../../core/household/container'
import type { GoesWith } from '../../core/household/goesWith'
import type { KitRange, KitWhom } from '../../core/household/kitUse'
import { nextFreeCell } from '../../core/household/places'
import { type MatCell, PLAIN_POCKET, type PocketFacts } from '../../core/household/pocket'
import type { KitId, PlaceId, PocketId } from '../../core/ids'
import type { Trx } from '../../db/frame/connect'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { pocketIsInUse, pocketNow, pocketsOf } from '../../db/kits/sites'
import { type Acting, act, mustEdit } from '../frame/act'
import type { Keyed, Seen } from '../frame/asked'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { noteCheck } from '../watch/errandActs'

/** A kit that nobody described has one room. */
const ONLY_POCKET = 'Main pocket'

export const createKit = (
  world: World,
  caller: Caller,
  {
    key,
    ...kit
  }: Keyed & {
    placeId: PlaceId
    name: string
    note: string
    /** Fills in the pockets that such a container usually has. */
    shape?: Shape | undefined
    /** Pockets by name alone; with a shape they come after its own. */
    pockets: readonly string[]
  },
) =>
  act(world, caller, { key, kind: 'kit_added', why: kit.name, request: kit }, async (acting) => {
    await mustHave(acting.trx, 'place', kit.placeId)
    const template = kit.shape && TEMPLATES[kit.shape]
    const kitId = await addKit(acting, { ...kit, container: template?.container })
    for (const pocket of template?.pockets ?? []) await addPocketTo(acting, kitId, pocket)
    const named = template || kit.pockets.length > 0 ? kit.pockets : [ONLY_POCKET]
    for (const name of named) await addPocketTo(acting, kitId, { name })
    return { kitId }
  })

export const addKit = async (
  acting: Acting,
  kit: {
    placeId: PlaceId
    name: string
    note: string
    checkEveryDays?: number
    container?: Container | undefined
    range?: KitRange | null
    whom?: KitWhom
    minutesAway?: number | null
    goesWith?: GoesWith | null
  },
): Promise<KitId> =>
  (await createRecord(acting, 'kit', {
    place_id: kit.placeId,
    name: kit.name,
    note: kit.note,
    check_every_days: kit.checkEveryDays ?? 182,
    container: kit.container ? JSON.stringify(kit.container) : null,
    range: kit.range ?? null,
    whom: kit.whom ?? 'everybody',
    minutes_away: kit.minutesAway ?? null,
    goes_with: kit.goesWith ? JSON.stringify(kit.goesWith) : null,
  })) as KitId

/** Adds a pocket to its cell or, without one, below the others. */
export async function addPocketTo(
  acting: Acting,
  kitId: KitId,
  { name, cell: drawn, ...facts }: NewPocket,
): Promise<PocketId> {
  const cell = drawn ?? (await freeCell(acting.trx, kitId))
  return (await createRecord(acting, 'pocket', {
    kit_id: kitId,
    name,
    cell_column: cell.column,
    cell_row: cell.row,
    cell_columns: cell.columns,
    cell_rows: cell.rows,
    ...pocketColumns({ ...PLAIN_POCKET, ...facts }),
  })) as PocketId
}

async function freeCell(trx: Trx, kitId: KitId): Promise<MatCell> {
  return nextFreeCell((await pocketsOf(trx, kitId)).map(({ cell }) => cell))
}

export interface NewPocket extends Partial<PocketFacts> {
  readonly name: string
  readonly cell?: MatCell | undefined
}

/** What is said of a pocket, as columns. */
export const pocketColumns = (facts: PocketFacts) => ({
  sort: facts.sort,
  reach_seconds: facts.reachSeconds,
  spot: facts.sort === 'elsewhere' ? facts.spot : null,
  inner_mm: facts.inner && JSON.stringify(facts.inner),
  clear: facts.clear,
  dry: facts.dry,
  upright: facts.upright,
})

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
    container?: Container | null | undefined
    range?: KitRange | null | undefined
    whom?: KitWhom | undefined
    minutesAway?: number | null | undefined
    goesWith?: GoesWith | null | undefined
  },
) =>
  act(
    world,
    caller,
    { key, kind: 'kit_changed', request: { kitId, seenVersion, patch } },
    async (acting) => {
      const { placeId, checkEveryDays, container, minutesAway, goesWith, ...rest } = patch
      if (placeId) await mustHave(acting.trx, 'place', placeId)
      if (goesWith) await mustHave(acting.trx, 'member', goesWith.memberId)
      for (const to of goesWith?.to ?? []) await mustHave(acting.trx, 'place', to)
      mustEdit(
        await editRecord(
          acting,
          'kit',
          kitId,
          {
            ...rest,
            ...(placeId && { place_id: placeId }),
            ...(checkEveryDays && { check_every_days: checkEveryDays }),
            ...(minutesAway !== undefined && { minutes_away: minutesAway }),
            ...(goesWith !== undefined && { goes_with: goesWith && JSON.stringify(goesWith) }),
            ...(container !== undefined && {
              container: container && JSON.stringify(container),
            }),
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
  { key, kitId, ...pocket }: Keyed & NewPocket & { kitId: KitId },
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

/** Changes what is said of a pocket; what is left out stays. */
export const changePocket = (
  world: World,
  caller: Caller,
  {
    key,
    pocketId,
    seenVersion,
    name,
    ...facts
  }: Seen & { pocketId: PocketId; name?: string | undefined } & Partial<PocketFacts>,
) =>
  act(
    world,
    caller,
    { key, kind: 'pocket_changed', request: { pocketId, seenVersion, name, facts } },
    async (acting) => {
      const row = await pocketNow(acting.trx, pocketId)
      if (!row) throw notFound()
      const given = Object.fromEntries(
        Object.entries(facts).filter(([, value]) => value !== undefined),
      )
      mustEdit(
        await editRecord(
          acting,
          'pocket',
          pocketId,
          { ...(name && { name }), ...pocketColumns({ ...row, ...given }) },
          seenVersion,
        ),
      )
      return {}
    },
  )

/** Takes an empty pocket away. @throws {Refusal} `still_in_use` while something lies or belongs there */
export const removePocket = (
  world: World,
  caller: Caller,
  { key, pocketId }: Keyed & { pocketId: PocketId },
) =>
  act(world, caller, { key, kind: 'pocket_removed', request: pocketId }, async (acting) => {
    if (await pocketIsInUse(acting.trx, pocketId)) throw new Refusal({ code: 'still_in_use' })
    if (!(await removeRecord(acting, 'pocket', pocketId))) throw notFound()
    return {}
  })
