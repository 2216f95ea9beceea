/** What was done lately, for looking back and for undoing: each act with what it did to what. */
import type { z } from 'zod'
import type * as record from '../../contract/values/record'
import type { ActId } from '../../core/ids'
import { tellingOnes } from '../../core/stock/telling'
import { recentActs } from '../../db/frame/acts'
import { type RecordedMovement, readMovementsOf } from '../../db/record/history'
import { readTouched } from '../../db/record/touched'
import { type Caller, reading, surveyOf, type World } from '../frame/world'
import { historyView, pocketRefs } from '../kits/readKits'
import { canBeUndone } from './undoAct'

/** So many acts are looked back at. */
export const LATELY = 50
/** So many movements tell what an act was about; an import has thousands. */
const MOST_TOLD = 2
const MOST_READ_OF_ONE = 12

export const readActs = (
  world: World,
  caller: Caller,
): Promise<{ acts: z.infer<typeof record.actEntry>[] }> =>
  reading(world, caller, async (at) => {
    const acts = await recentActs(at.trx, LATELY)
    const ids = acts.map(({ id }) => id)
    const refs = new Map(pocketRefs(await surveyOf(at)).map((ref) => [ref.id, ref]))
    const movements = new Map<ActId, RecordedMovement[]>()
    for (const one of await readMovementsOf(at.trx, ids, MOST_READ_OF_ONE))
      movements.set(one.actId, [...(movements.get(one.actId) ?? []), one])
    const touched = await readTouched(at.trx, ids)
    return {
      acts: acts.map(({ id, kind, who, byUser, afterRole, at: when, why, undone }) => {
        const told = tellingOnes(
          (movements.get(id) ?? []).map((one) => ({
            ...historyView({ ...one, why: '' }, refs),
            title: one.title,
            unit: one.unit,
          })),
        )
        return {
          id,
          kind,
          who,
          at: when,
          why,
          undone,
          canBeUndone: canBeUndone(caller, kind, byUser),
          afterRole,
          moved: told.slice(0, MOST_TOLD),
          movedMore: told.length > MOST_TOLD,
          touched: (touched.get(id) ?? []).map((one) => ({ ...one, names: [...one.names] })),
        }
      }),
    }
  })
