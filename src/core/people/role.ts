/**
 * What people around a household may see and do: a role is a set of rights, and nothing else decides.
 * The database holds the same table and has the last word (docs/decisions/0025).
 */

export const RIGHTS = [
  /** How ready each place is, as figures. */
  'readiness',
  /** Kits, pockets and harmless things: where they are, how many. */
  'find',
  /** Everything that is written down. */
  'look',
  /** Rounds and counts. */
  'count',
  /** Use, move, lend, open, throw away, buy, put away, pack, errands; signing a round. */
  'use',
  /** Doses, readings, incidents, weights. */
  'care',
  /** People, places, kits, things, targets, plans; undoing what others did. */
  'arrange',
  /** Settings, calendar addresses, the household as a file, who belongs to it. */
  'settings',
  /** Who is keeper, and deleting the household. */
  'own',
] as const
export type Right = (typeof RIGHTS)[number]

export const ROLES = [
  'keeper',
  'second_keeper',
  'helper',
  'child_helper',
  'viewer',
  'overseer',
] as const
export type Role = (typeof ROLES)[number]

const HELPS = ['readiness', 'find', 'look', 'count', 'use', 'care'] as const

const RIGHTS_OF: Readonly<Record<Role, readonly Right[]>> = {
  keeper: RIGHTS,
  second_keeper: RIGHTS.filter((right) => right !== 'own'),
  helper: HELPS,
  child_helper: ['find', 'count'],
  viewer: ['readiness', 'find', 'look'],
  overseer: ['readiness'],
}

export const rightsOf = (role: Role): readonly Right[] => RIGHTS_OF[role]

/** @example may('helper', 'settings') // false */
export const may = (role: Role, right: Right): boolean => RIGHTS_OF[role].includes(right)

/** Whether a household can be opened by whoever has this role; an overseer sees figures from outside. */
export const opensHousehold = (role: Role): boolean => may(role, 'find')

/**
 * Whether somebody may give, change or end a role: keepers are made and unmade by keepers, everybody
 * else by whoever has the settings.
 */
export const mayGive = (by: Role, ...roles: readonly Role[]): boolean =>
  may(by, roles.includes('keeper') ? 'own' : 'settings')
