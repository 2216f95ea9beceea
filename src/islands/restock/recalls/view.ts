/** What the recalls show. */
import type { z } from 'zod'
import type { recallsValue } from '../../../contract/values/restock'

export type Recalls = z.infer<typeof recallsValue>
