/**
 * The plain way to pack: each thing, in the order given, into the first bay (the quickest
 * first) where it fits. What fits nowhere goes into the last. The yardstick of the bench and
 * one of the starts of the search.
 */
import { FULL_AT, fitsIn, volumeOf } from './fill'
import type { Layout, LayoutProblem } from './problem'
import { USUAL_REACH } from './reach'

export function firstFit({ things, bays }: LayoutProblem): Layout {
  const order = bays
    .map((bay, index) => ({ index, reach: bay.reachSeconds ?? USUAL_REACH, bay }))
    .filter(({ bay }) => bay.sort !== 'elsewhere')
    .sort((a, b) => a.reach - b.reach || a.index - b.index)
  const used = bays.map(() => 0)
  const put = (index: number, volume: number): number => {
    used[index] = (used[index] ?? 0) + volume
    return index
  }
  for (const { pinned, at, volume } of things) if (pinned) put(at, volume)
  return things.map(({ pinned, at, volume, stiff, goods }) => {
    if (pinned) return at
    const fridge = goods.cold ? bays.findIndex(({ spot }) => spot === 'fridge') : -1
    if (fridge >= 0) return put(fridge, volume)
    const fits = order.find(
      ({ bay, index }) =>
        !bay.inner ||
        ((!stiff || fitsIn(stiff, bay.inner)) &&
          (used[index] ?? 0) + volume <= FULL_AT * volumeOf(bay.inner)),
    )
    return put((fits ?? order.at(-1))?.index ?? at, volume)
  })
}
