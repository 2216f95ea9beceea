/** Views of the stock that somebody gave a name. */
import { isTaken } from '../../db/frame/connect'
import { createRecord, removeRecord } from '../../db/frame/records'
import { act } from '../frame/act'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'

export async function saveView(
  world: World,
  caller: Caller,
  { key, name, filter }: { readonly key: string; readonly name: string; readonly filter: unknown },
) {
  try {
    return await act(
      world,
      caller,
      { key, kind: 'view_saved', why: name, request: { name, filter } },
      async (acting) => ({
        viewId: await createRecord(acting, 'stock_view', {
          name,
          filter: JSON.stringify(filter),
        }),
      }),
    )
  } catch (error) {
    if (isTaken(error)) throw new Refusal({ code: 'name_taken', name })
    throw error
  }
}

export const removeView = (
  world: World,
  caller: Caller,
  { key, viewId }: { readonly key: string; readonly viewId: string },
) =>
  act(world, caller, { key, kind: 'view_removed', request: viewId }, async (acting) => {
    if (!(await removeRecord(acting, 'stock_view', viewId))) throw notFound()
    return {}
  })
