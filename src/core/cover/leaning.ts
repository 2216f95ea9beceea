/** Which roles lean on which: what goes with a companion counts otherwise once that has ended. */
import type { RoleId } from '../catalogue/roles'
import type { Pantry, Shelf } from './pantry'
import type { Thing } from './suitability'

/** Everything that shelves play a part in. */
export const rolesOf = ({ things }: Pantry, shelves: readonly Shelf[]): ReadonlySet<RoleId> =>
  new Set(shelves.flatMap(({ thing }) => things[thing]?.facts.roles ?? []))

const leaning = new WeakMap<Pantry, ReadonlyMap<RoleId, ReadonlySet<RoleId>>>()

/** These roles, and every role that is played by something which goes with them. */
export function behind(pantry: Pantry, roles: ReadonlySet<RoleId>): ReadonlySet<RoleId> {
  let of = leaning.get(pantry)
  if (!of) {
    of = leaningOn(pantry)
    leaning.set(pantry, of)
  }
  const all = new Set(roles)
  for (const role of roles) for (const one of of.get(role) ?? []) all.add(one)
  return all
}

/** For each role as a companion: the roles of what goes with it. What is licked off leans on a cover. */
export function leaningOn({
  things,
}: {
  readonly things: readonly Pick<Thing, 'facts'>[]
}): ReadonlyMap<RoleId, ReadonlySet<RoleId>> {
  const of = new Map<RoleId, Set<RoleId>>()
  for (const { facts } of things)
    for (const role of [...facts.companions.map((one) => one.role), 'lick-guard' as const]) {
      const leans = of.get(role) ?? new Set<RoleId>()
      for (const own of facts.roles) leans.add(own)
      of.set(role, leans)
    }
  return of
}
