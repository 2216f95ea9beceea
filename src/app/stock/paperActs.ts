/** A photo of the carton or the prescriber's label, kept with the lot. */
import type { LotId } from '../../core/ids'
import { inHousehold } from '../../db/frame/connect'
import { createRecord, removeRecord } from '../../db/frame/records'
import { lotWithPaper, paperOfLot } from '../../db/stock/papers'
import { readLotRow } from '../../db/stock/stock'
import { act } from '../frame/act'
import { notFound } from '../frame/refusal'
import type { Caller, World } from '../frame/world'

/** @param photo null takes it away */
export const keepPaper = (
  world: World,
  caller: Caller,
  {
    key,
    lotId,
    photo,
  }: {
    readonly key: string
    readonly lotId: LotId
    readonly photo: { readonly type: string; readonly bytes: Buffer } | null
  },
) =>
  act(
    world,
    caller,
    { key, kind: 'directions_kept', request: { lotId, photo } },
    async (acting) => {
      if (!(await readLotRow(acting.trx, lotId))) throw notFound()
      const former = await paperOfLot(acting.trx, lotId)
      if (former) await removeRecord(acting, 'lot_paper', former.id)
      if (photo !== null)
        await createRecord(acting, 'lot_paper', {
          lot_id: lotId,
          media_type: photo.type,
          bytes: photo.bytes,
        })
      return {}
    },
  )

/** The photo of a lot or, for a part, of what it came from. */
export const readPaper = (world: World, caller: Caller, lotId: LotId) =>
  inHousehold(world.db, caller, async (trx) => {
    const holder = await lotWithPaper(trx, lotId)
    const paper = holder && (await paperOfLot(trx, holder))
    if (!paper) throw notFound()
    return { type: paper.media_type, bytes: paper.bytes }
  })
