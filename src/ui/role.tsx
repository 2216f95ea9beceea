/** What whoever looks at the screen may do in this household; presses that are not theirs are not drawn. */
import { createContext, useContext } from 'react'
import { may, type Right, type Role } from '../core/people/role'

/** Outside a household nothing is asked. */
const RoleHere = createContext<Role>('keeper')
export const RoleProvider = RoleHere.Provider

export const useRole = (): Role => useContext(RoleHere)
/** @example useMay('arrange') // whether "Add a kit" is drawn */
export const useMay = (right: Right): boolean => may(useRole(), right)
