/** Every text that people read, in one catalogue: one language, one object of the same shape. */
import { cover, evening, lists, matching, member } from './cover'
import { en } from './en'

const english = { ...en, cover, evening, lists, matching, member }
export type Words = typeof english
export const words: Words = english
