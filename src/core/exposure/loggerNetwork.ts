/** Loggers that tell by radio, as the application asks them. */
import type { Climate } from '../household/places'
import type { YearOfPlace } from './model'
import type { Series } from './readings'

/** Loggers that tell by radio how warm it is at a place. */
export interface LoggerNetwork {
  readonly name: string
  /** Made up: it measures nothing, and the screen says so. */
  readonly isStandIn: boolean
  /**
   * What the logger of a place has told.
   * @param asked minutes since 1970; `seed` tells one logger from another
   */
  tell(asked: {
    readonly from: number
    readonly to: number
    readonly climate: Climate
    readonly year: YearOfPlace
    readonly seed: number
  }): Series
}
