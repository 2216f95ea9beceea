/** A new member as the form has it, and what that asks for. */
import { addMember } from '../../contract/members'
import { addDays, type PlainDate, type Weekday } from '../../core/calendar/plainDate'
import { UNSIGNED } from '../../core/household/asked'
import { blankFacts } from '../../core/household/member'
import type { Species } from '../../core/household/species'
import { TOPICS, type Topic } from '../../core/household/told'
import { readNumber } from '../../core/quantity/readNumber'
import { act, type FormReading, faultsIn, missing } from '../../ui/formReading'
import * as words from '../../words'
import { dayFault } from '../../words/frame/forms'

/** What somebody says now of allergies, conditions or medicines. */
export const ASKED_NOW = ['later', 'none', 'some'] as const
export type AskedNow = (typeof ASKED_NOW)[number]

export type MemberDraft = {
  readonly name: string
  readonly species: Species
  readonly born: string
  readonly helper: boolean
  readonly note: string
  readonly kg: string
  readonly until: string
  /** Of a guest who comes again every week; empty where they stay through. */
  readonly days: readonly Weekday[]
} & { readonly [T in Topic]: AskedNow }

/** A guest stays two days unless somebody says otherwise. */
const USUAL_STAY_DAYS = 2
/** What a kitchen scale shows least, and what the contract takes at most: a draught horse is more than a ton. */
const KILOGRAMS = { least: 0.001, most: 2000 }

export const usualStay = (today: PlainDate): PlainDate => addDays(today, USUAL_STAY_DAYS)

export const emptyMember = (today: PlainDate): MemberDraft => ({
  name: '',
  species: 'person',
  born: '',
  helper: false,
  note: '',
  kg: '',
  until: usualStay(today),
  days: [],
  allergies: 'later',
  conditions: 'later',
  medicines: 'later',
})

/** Somebody says of all of them that there is nothing: an answer, and signed as one. */
export const NOTHING_OF_ALL = { allergies: 'none', conditions: 'none', medicines: 'none' } as const

/** What there is to write down has a page of its own. */
export const hasMoreToSay = (draft: MemberDraft): boolean =>
  TOPICS.some((topic) => draft[topic] === 'some')

export function readMemberDraft(
  { name, species, born, helper, note, kg, until, days, ...told }: MemberDraft,
  { today, isGuest }: { readonly today: PlainDate; readonly isGuest: boolean },
): FormReading<MemberDraft, typeof addMember> {
  const kilograms = readNumber(kg, KILOGRAMS)
  const faults = faultsIn<MemberDraft>({
    name: missing(name),
    born: dayFault(born, { max: today }),
    kg: kilograms === 'wrong' ? words.household.wrongWeight : undefined,
    until: isGuest ? (missing(until) ?? dayFault(until, { min: today })) : undefined,
  })
  if (faults) return faults
  return act(addMember, {
    body: {
      name,
      species,
      helper,
      note,
      born: born === '' ? null : (born as PlainDate),
      grams: typeof kilograms === 'number' ? Math.round(kilograms * 1000) : null,
      guestUntil: isGuest ? (until as PlainDate) : null,
      guestDays: isGuest && days.length > 0 ? days : null,
      facts: {
        ...blankFacts(species),
        told: Object.fromEntries(
          TOPICS.filter((topic) => told[topic] === 'none').map((topic) => [
            topic,
            { by: UNSIGNED, on: today },
          ]),
        ),
      } as never,
    },
  })
}
