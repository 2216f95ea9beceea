/** Loggers that tell by radio, as the application asks them. */
import type { Climate } from '../household/places'
import type { YearOfPlace } from './model'
import type { Series } from './readings'

/** Loggers that tell by radio how warm it is at a place. */
export interface LoggerNetwork {
  readonly name: string
  /** Made up: it measures nothing, and the screen says so. */
  readonly isStandIn: boolean
  /** What the loggers of each place are called. */
  readonly loggers: readonly string[]
  /** How full the battery of a logger is, 0 to 1; at 0 it tells nothing. @param asked minutes since 1970 */
  battery(asked: { readonly logger: string; readonly at: number; readonly seed: number }): number
  /**
   * What one logger of a place has told.
   * @param asked minutes since 1970; `seed` tells one place from another
   */
  tell(asked: {
    readonly logger: string
    readonly from: number
    readonly to: number
    readonly climate: Climate
    readonly year: YearOfPlace
    readonly seed: number
  }): Series
}
