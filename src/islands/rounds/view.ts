/** What the list of rounds shows. */
import type { z } from 'zod'
import type * as rounds from '../../contract/values/rounds'

export type RoundsValue = z.output<typeof rounds.roundsValue>
