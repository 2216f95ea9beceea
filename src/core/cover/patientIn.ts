/** A member as the rules see them where the household's stock is laid out. */
import type { PlainDate } from '../calendar/plainDate'
import type { Member } from '../household/member'
import { type Pantry, takenBy, takesSomething } from './pantry'
import { type Patient, patientOn } from './suitability'

/** With what they take on that day, according to the household's courses. */
export const patientIn = (laid: Pantry, member: Member, day: PlainDate): Patient =>
  patientOn(
    member,
    takenBy(laid, member.id, day),
    day,
    takesSomething(laid.stock.courses, member.id, day),
  )
