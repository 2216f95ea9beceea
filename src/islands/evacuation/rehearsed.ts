/** What a rehearsal says of each step. */
import type { Step } from '../../core/evacuation/schedule'

/**
 * How long each step took: from when the same hands had done the one before it, or from the beginning.
 * What nobody pressed says nothing.
 * @param done seconds from the beginning at which a step was done, by its key
 */
export function rehearsedSteps(
  steps: readonly Step[],
  done: ReadonlyMap<string, number>,
): Readonly<Record<string, number>> {
  const took: Record<string, number> = {}
  for (const by of new Set(steps.map((step) => step.by))) {
    let before = 0
    const own = steps
      .filter((step) => step.by === by)
      .flatMap(({ task }) => {
        const at = done.get(task.key)
        return at === undefined ? [] : [{ key: task.key, at }]
      })
      .sort((a, b) => a.at - b.at)
    for (const { key, at } of own) {
      took[key] = Math.max(1, at - before)
      before = at
    }
  }
  return took
}
