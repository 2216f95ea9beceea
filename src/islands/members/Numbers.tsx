/** Whom to call: large, since it is read in a hurry. */

import type { Contact, Member } from '../../core/household/member'
import { Box } from '../../ui/Box'
import { words } from '../../words'
import classes from './member.module.css'

const membersWords = words.members

export function Numbers({
  member: { facts },
  numbers,
  isPrivate,
}: {
  readonly member: Member
  readonly numbers: { readonly emergency: string; readonly poison: string }
  readonly isPrivate: boolean
}) {
  const own: readonly (readonly [string, Contact])[] =
    facts.kind === 'person'
      ? [
          [membersWords.doctor, facts.doctor],
          ...(isPrivate ? facts.contacts.map((one) => [one.name, one] as const) : []),
        ]
      : [
          [membersWords.vet, facts.vet],
          [membersWords.clinic, facts.clinic],
        ]
  return (
    <section className={classes.part} aria-label={membersWords.numbers}>
      <Box as="h2" size={4}>
        {membersWords.numbers}
      </Box>
      <Box as="dl" above={2} className={classes.numbers}>
        <NumberLine name={membersWords.emergency} phone={numbers.emergency} />
        <NumberLine name={membersWords.poison} phone={numbers.poison} />
        {own.map(([name, contact]) => (
          <NumberLine
            key={name}
            name={name}
            phone={contact.phone}
            {...(contact.name !== name && { who: contact.name })}
          />
        ))}
      </Box>
    </section>
  )
}

const NumberLine = ({
  name,
  phone,
  who = '',
}: {
  readonly name: string
  readonly phone: string
  readonly who?: string
}) => (
  <div>
    <dt>
      {name} {who && <small>{who}</small>}
    </dt>
    <dd>{phone ? <a href={`tel:${phone.replace(/[^\d+]/g, '')}`}>{phone}</a> : '……………'}</dd>
  </div>
)
