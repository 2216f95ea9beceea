/** What the rates of use show. */
import type { z } from 'zod'
import type { ratesValue } from '../../../contract/values/forecast'

export type Rate = Rates['rates'][number]

export type Rates = z.infer<typeof ratesValue>
