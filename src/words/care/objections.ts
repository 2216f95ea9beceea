/** Why a thing is not simply used for somebody, in words; and how grave that is. */
import { assertNever } from '../../core/brand'
import type { PlainDate } from '../../core/calendar/plainDate'
import { roleName } from '../../core/catalogue/roles'
import { SKILLS } from '../../core/catalogue/skills'
import { substanceName } from '../../core/catalogue/substances'
import type { Objection } from '../../core/cover/objections'
import type { Grade } from '../../core/cover/suitability'
import {
  CONDITIONS_OF_ANIMALS,
  CONDITIONS_OF_PEOPLE,
  type PersonCondition,
} from '../../core/household/member'
import type { Noted } from '../../core/household/noteSays'
import { list, shortDay } from '../frame/format'
import { heldBecause } from '../frame/heldBecause'
import { TOPIC_NAMES } from '../frame/topics'
import { ageText, kilograms } from './weights'

/** "a blood thinner", "asthma", "an allergy to penicillin" */
export function notedText(noted: Noted): string {
  switch (noted.kind) {
    case 'thinner':
      return 'a blood thinner'
    case 'condition':
      return conditionName(noted.condition)
    case 'allergy':
      return `an allergy to ${substanceName(noted.substance)}`
    default:
      return assertNever(noted)
  }
}

const conditionName = (id: string): string =>
  CONDITIONS_OF_PEOPLE[id as PersonCondition] ??
  (CONDITIONS_OF_ANIMALS as Readonly<Record<string, string>>)[id] ??
  id

const roles = (objection: Extract<Objection, { code: 'no_companion' }>): string =>
  list(objection.roles.map((role) => roleName(role).toLowerCase()))

/** One reason, as a clause that stands behind the name of the thing. */
export function objectionText(reason: Objection, today: PlainDate): string {
  switch (reason.code) {
    case 'species':
      return 'not made for this species'
    case 'made_for_others':
      return `made for ${list(reason.species.slice(0, 3).map((one) => (one === 'person' ? 'people' : `a ${one}`)))}`
    case 'too_young':
      return `from ${ageText(reason.fromMonths)} on`
    case 'too_old':
      return 'for the very young'
    case 'age_unknown':
      return 'age not known: add the birth date'
    case 'too_light':
      return `from ${kilograms(reason.fromGrams)} on`
    case 'allergy':
      return `allergy: ${reason.to}`
    case 'taken_already':
      return `${reason.substance} is taken already: ask before more of it is given`
    case 'rule':
      return reason.reason
    case 'ask_first':
      return `${reason.reason}: the label says to ask a doctor or pharmacist first`
    case 'not_asked':
      return `${TOPIC_NAMES[reason.topic]} not asked yet`
    case 'note_says':
      return `the note speaks of ${notedText(reason.noted)}: is that right?`
    case 'sweetener_unread':
      return 'nobody has read what sweetens it: read the label for xylitol and other sweeteners, and write down what is in it'
    case 'cannot_swallow':
      return 'cannot swallow tablets'
    case 'wrong_size':
      return `wears size ${reason.size}`
    case 'lick_risk':
      return 'would be licked off: no collar, sock or cover here'
    case 'unsigned':
      return 'no written rule from the vet: ask the vet'
    case 'not_confirmed':
      return `${reason.vet} agreed, and a warning speaks against it: confirm with name and day`
    case 'left_over':
      return `left over: on hold until ${reason.prescriber || 'the prescriber'} says`
    case 'goes_with':
      return `goes with ${reason.whose}, who may not be there`
    case 'somebody_elses':
      return `prescribed for ${reason.whose}`
    case 'condition':
      return reason.condition
    case 'opened_over':
      return 'opened'
    case 'held':
      return reason.reason
    case 'recalled':
      return reason.reason
    case 'opened_no_period':
      return heldBecause({ kind: 'opened_no_period', on: reason.on })
    case 'lent':
      return `lent to ${reason.to}`
    case 'not_judged':
      return 'its dates make no sense: look at the pack'
    case 'unclean':
      return 'used, and not yet cleaned'
    case 'missing':
      return 'recorded here, and not found'
    case 'spent':
      return `past its date, ${shortDay(reason.day, today)}`
    case 'past_date':
      return `past its date, ${shortDay(reason.day, today)}: look at it before you use it`
    case 'no_skill':
      return `nobody here is signed off: ${SKILLS[reason.skill].name.toLowerCase()}`
    case 'no_companion':
      return reason.without === 'unsafe'
        ? `not safe without: ${roles(reason)}`
        : reason.without === 'weaker'
          ? `better with: ${roles(reason)}`
          : `goes with: ${roles(reason)}`
    default:
      return assertNever(reason)
  }
}

/** What each grade means, as a heading. Only what is forbidden is called so. */
export const GRADE_NAMES: Readonly<Record<Grade, string>> = {
  forbidden: 'Must not be used',
  ask_first: 'Ask first',
  not_as_it_is: 'Not as it is',
  weaker: 'With a note',
  remark: 'With a note',
}
