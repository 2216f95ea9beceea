/** What is asked of every member, in words. */
import type { Topic } from '../../core/household/told'

export const TOPIC_NAMES: Readonly<Record<Topic, string>> = {
  allergies: 'allergies',
  conditions: 'conditions',
  medicines: 'regular medicines',
}
