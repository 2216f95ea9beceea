/** Why a password is not taken. */
export type PasswordFault = 'short' | 'long' | 'common' | 'own_name'

export const LEAST_CHARACTERS = 10
export const MOST_CHARACTERS = 200
