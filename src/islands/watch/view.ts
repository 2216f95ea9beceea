/** What the first screen shows. */
import type { z } from 'zod'
import type * as watch from '../../contract/values/watch'

export type Watch = z.infer<typeof watch.watchValue>
export type Errand = Watch['groups'][number]['errands'][number]
