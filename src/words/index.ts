/** Every text that people read, in one catalogue: one language, one object of the same shape. */
import { care } from './care'
import { cover, evening, lists, matching, member } from './cover'
import { en } from './en'
import { keeping } from './keeping'
import { plan } from './plan'
import { told } from './record'
import { rounds } from './rounds'

const english = {
  ...en,
  care,
  cover,
  evening,
  lists,
  matching,
  member,
  keeping,
  plan,
  rounds,
  told,
}
export type Words = typeof english
export const words: Words = english
