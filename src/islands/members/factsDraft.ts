/** Everything about a member as the form has it, and what that asks for. */
import { changeMember } from '../../contract/members'
import type { PlainDate } from '../../core/calendar/plainDate'
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
}

export const factsDraft = ({ name, born, helper, note, facts }: Member): FactsDraft => ({
  name,
  born: born ?? '',
  helper,
  note,
  facts,
})

/** A substance where the word means one; else the word itself. */
export const allergyOf = (name: string): Allergy => {
  const substance = substanceNamed(name)
  return substance ? { kind: 'substance', substance } : { kind: 'named', name }
}

export function readFactsDraft(
  { name, born, ...others }: FactsDraft,
  { member, today }: { readonly member: Member; readonly today: PlainDate },
): FormReading<FactsDraft, typeof changeMember> {
  const faults = faultsIn<FactsDraft>({
    name: missing(name),
    born: dayFault(born, { max: today }),
  })
  if (faults) return faults
  return act(changeMember, {
    params: { memberId: member.id },
    body: {
      seenVersion: member.version,
      name,
      born: born === '' ? null : (born as PlainDate),
      ...others,
    } as never,
  })
}
