/** What the first screen shows. */
import type { z } from 'zod'
import type * as watch from '../../contract/values/watch'

export type Watch = z.infer<typeof watch.watchValue>

/** An errand; `isDone` once it has been pressed here, until the server has judged everything again. */
export type Errand = Watch['groups'][number]['errands'][number] & { readonly isDone?: true }

/**
 * The screen once an errand is done or put off. It stays where it was: nothing moves under a finger
 * that presses twice.
 */
export const withDone =
  (key: string) =>
  (view: Watch): Watch => {
    const marked = (one: Errand): Errand => (one.key === key ? { ...one, isDone: true } : one)
    return {
      ...view,
      gravest: view.gravest.map(marked),
      groups: view.groups.map((group) => ({ ...group, errands: group.errands.map(marked) })),
      putOff: view.putOff.map((one) => ({ ...one, errand: marked(one.errand) })),
    }
  }
