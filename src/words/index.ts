/** Every text that people read, in one catalogue: one language, one object of the same shape. */
import { en } from './en'

export type Words = typeof en
export const words: Words = en
