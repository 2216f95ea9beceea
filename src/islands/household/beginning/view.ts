/** What every first step is given. */
import type { Cover } from '../../cover/useCover'
import type { HouseholdView } from '../view'

export interface StepProps {
  readonly household: HouseholdView
  readonly cover: Cover
  /** The step is done, or left for later. */
  readonly onNext: () => void
}
