/** What somebody is in the household that is open: on every screen, so it takes along no more than this. */
import type { Role } from '../../core/people/role'
import { roleNames } from './roleNames'

export const roleHere = {
  name: (role: Role, household: string): string => `${roleNames[role]} at ${household}.`,
  lets: (role: Role): string =>
    role === 'viewer'
      ? 'You may look at everything, and change nothing.'
      : role === 'child_helper'
        ? 'You find things and count them.'
        : '',
  switch: 'Your households',
} as const
