/** What somebody is in the household that is open: on every screen, so it takes along no more than this. */
import type { Role } from '../../core/people/role'
import { roleNames } from './roleNames'

const LETS: Readonly<Partial<Record<Role, string>>> = {
  viewer: ', changes nothing',
  child_helper: ', medicines are not shown',
}

/** "Viewer at Hill cottage, changes nothing" */
export const roleHere = (role: Role, household: string): string =>
  `${roleNames[role]} at ${household}${LETS[role] ?? ''}`
