/** What the roles of a household are called. */
import type { Role } from '../../core/people/role'

export const roleNames: Readonly<Record<Role, string>> = {
  keeper: 'Keeper',
  second_keeper: 'Second keeper',
  helper: 'Helper',
  child_helper: 'Child who helps',
  viewer: 'Viewer',
  overseer: 'Overseer',
}
