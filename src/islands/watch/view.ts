/** What the first screen shows. */
import type { z } from 'zod'
import type * as watch from '../../contract/values/watch'

export type Watch = z.infer<typeof watch.watchValue>
export type Errand = Watch['groups'][number]['errands'][number]

/** The screen once an errand is done or put off: before the server has judged everything again. */
export const without =
  (key: string) =>
  (view: Watch): Watch => ({
    ...view,
    gravest: view.gravest.filter((one) => one.key !== key),
    groups: view.groups.map((group) => {
      const errands = group.errands.filter((one) => one.key !== key)
      return { ...group, errands, total: group.total - group.errands.length + errands.length }
    }),
    putOff: view.putOff.filter(({ errand }) => errand.key !== key),
  })
