/**
 * What a thing goes with, in three strengths: what it is unsafe or useless without, what makes it
 * weaker when it is missing, and what is merely tidier with it.
 */
import type { RoleId } from './roles'

/** The gravest first. `unsafe`: does not count without. `weaker`: counts, with a remark. `tidier`: named, never counted. */
export const WITHOUTS = ['unsafe', 'weaker', 'tidier'] as const
export type Without = (typeof WITHOUTS)[number]

export interface Companion {
  readonly role: RoleId
  readonly without: Without
}

/** The roles of some strengths, in the order in which they were named. */
export const companionRoles = (
  companions: readonly Companion[],
  ...strengths: readonly Without[]
): readonly RoleId[] =>
  companions.flatMap(({ role, without }) => (strengths.includes(without) ? [role] : []))
