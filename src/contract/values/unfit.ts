/** What frost or heat would harm where it stands, in the hottest or coldest months. */
import { z } from 'zod'
import { WEATHERS } from '../../core/exposure/ahead'

export const unfit = z.object({
  code: z.enum(WEATHERS),
  days: z.int(),
  of: z.int(),
  /** Counted by a logger of the place; else by the model. */
  isMeasured: z.boolean(),
  months: z.tuple([z.int(), z.int()]).readonly(),
  titles: z.array(z.string()).readonly(),
})
