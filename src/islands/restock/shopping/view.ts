/** What the shopping list shows. */
import type { z } from 'zod'
import type { shoppingValue } from '../../../contract/values/shopping'

export type Shopping = z.infer<typeof shoppingValue>

export type Purchase = Shopping['lines'][number]
