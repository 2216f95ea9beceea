/** Everything about a member as the form has it, and what that asks for. */
import { changeMember } from '../../contract/members'
import type { PlainDate, Weekday } from '../../core/calendar/plainDate'
import { substanceNamed } from '../../core/catalogue/substances'
import type { Allergy, Member, MemberFacts } from '../../core/household/member'
import { act, type FormReading, faultsIn, missing } from '../../ui/formReading'
import { dayFault } from '../../words/frame/forms'

export type FactsDraft = {
  readonly name: string
  readonly born: string
  readonly helper: boolean
  readonly note: string
  readonly facts: MemberFacts
  /** Of a guest; "" and empty otherwise. */
  readonly until: string
  readonly days: readonly Weekday[]
}

export const factsDraft = ({
  name,
  born,
  helper,
  note,
  facts,
  guestUntil,
  guestDays,
}: Member): FactsDraft => ({
  name,
  born: born ?? '',
  helper,
  note,
  facts,
  until: guestUntil ?? '',
  days: guestDays ?? [],
})

/** A substance where the word means one; else the word itself. */
export const allergyOf = (name: string): Allergy => {
  const substance = substanceNamed(name)
  return substance ? { kind: 'substance', substance } : { kind: 'named', name }
}

export function readFactsDraft(
  { name, born, until, days, ...others }: FactsDraft,
  { member, today }: { readonly member: Member; readonly today: PlainDate },
): FormReading<FactsDraft, typeof changeMember> {
  const isGuest = member.guestUntil !== null
  const faults = faultsIn<FactsDraft>({
    name: missing(name),
    born: dayFault(born, { max: today }),
    until: isGuest ? (missing(until) ?? dayFault(until, { min: today })) : undefined,
  })
  if (faults) return faults
  return act(changeMember, {
    params: { memberId: member.id },
    body: {
      seenVersion: member.version,
      name,
      born: born === '' ? null : (born as PlainDate),
      ...(isGuest && { guestUntil: until, guestDays: days.length > 0 ? days : null }),
      ...others,
    } as never,
  })
}
