/** Shorthand in which the needs are written down. */
import type { RoleId } from '../catalogue/roles'
import type { Need, Part, Way } from './need'

export const FIRST_AID = 'First aid teaching of recognised bodies'
export const ANIMAL_AID = 'First aid teaching for animals; the vet wins'
export const EMERGENCY = 'Call the emergency number first.'
export const VET = 'Call the vet.'

/** So many uses of any of these. */
export const some = (uses: number, ...any: readonly RoleId[]): Part => ({ any, uses })
/** So many, and so many more for each further day. */
export const daily = (uses: number, perDay: number, ...any: readonly RoleId[]): Part => ({
  any,
  uses,
  perDay,
})
export const way = (name: string, ...parts: readonly Part[]): Way => ({ name, parts })
/** What one does with nothing better; it never counts as cover. */
export const lastResort = (name: string, ...parts: readonly Part[]): Way => ({
  name,
  parts,
  lastResort: true,
})

export const need = (
  it: Omit<Need, 'scope' | 'where' | 'schools'> &
    Partial<Pick<Need, 'scope' | 'where' | 'schools'>>,
): Need => ({ scope: 'each', where: [], schools: [], ...it })
