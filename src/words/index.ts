/** Every text that people read, in one catalogue: one language, one object of the same shape. */
import { account } from './account'
import { bringing } from './bring'
import { care } from './care'
import { cover, evening, lists, matching, member } from './cover'
import { en } from './en'
import { forecast, rates } from './forecast'
import { heldBecause } from './held'
import { keeping } from './keeping'
import { label } from './label'
import { letters } from './letters'
import { keeps } from './period'
import { plan } from './plan'
import { recalls } from './recalls'
import { told } from './record'
import { rounds } from './rounds'
import { shopping } from './shopping'
import { things } from './things'
import { whole } from './whole'

const english = {
  ...en,
  bringing,
  care,
  cover,
  evening,
  lists,
  matching,
  member,
  forecast,
  heldBecause,
  keeping,
  keepsFor: keeps,
  label,
  plan,
  rates,
  recalls,
  letters,
  account,
  rounds,
  shopping,
  things,
  told,
  whole,
}
export type Words = typeof english
export const words: Words = english
