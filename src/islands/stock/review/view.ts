/** What the review shows. */
import type { z } from 'zod'
import type { reviewLine, reviewValue } from '../../../contract/values/stock'

export type Review = z.infer<typeof reviewValue>

export type ReviewEntry = z.infer<typeof reviewLine>
