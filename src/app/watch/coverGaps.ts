/**
 * What the board lacks and no target asks for: errands of cover that something got or carried would end.
 * What was put off lacks all the same.
 */
import type { Reading, World } from '../frame/world'
import { recallCount } from '../restock/recalls'
import { everything } from './readWatch'
import { type ErrandView, errandView } from './views'

/** Reads how many lots are recalled before a reading begins: the answer comes from outside. */
export async function coverGapsOf(world: World): Promise<(at: Reading) => Promise<ErrandView[]>> {
  const recalled = await recallCount(world)
  return async (at) => {
    const { open, putOff, looks } = await everything(at, recalled)
    return [...open, ...putOff.map(({ errand }) => errand)]
      .filter(({ act }) => act === 'buy' || act === 'carry')
      .map((errand) => errandView(looks, errand))
  }
}
