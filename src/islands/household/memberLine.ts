/** A member in half a line: species, age, what they are to the household. */
import type { z } from 'zod'
import type * as members from '../../contract/values/members'
import { daysBetween, type PlainDate } from '../../core/calendar/plainDate'
import * as words from '../../words'

type Member = Pick<
  z.infer<typeof members.memberValue>,
  'species' | 'born' | 'helper' | 'guestUntil' | 'guestDays'
>

export const memberLine = (
  { species, born, helper, guestUntil, guestDays }: Member,
  today: PlainDate,
): string =>
  [
    species,
    born ? words.household.age(daysBetween(born, today)) : '',
    helper ? words.household.helper : '',
    guestUntil ? words.members.isGuest(guestUntil, guestDays) : '',
  ]
    .filter(Boolean)
    .join(' · ')
