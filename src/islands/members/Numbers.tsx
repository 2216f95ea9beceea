/** Whom to call: large, since it is read in a hurry. */

import type { Contact } from '../../core/household/contact'
import type { Member } from '../../core/household/member'
import { Box, Row } from '../../ui/Box'
import * as words from '../../words'
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
    <Box as="section" asides="beside" className={classes.part} aria-label={membersWords.numbers}>
      <Box as="h2" size={4}>
        {membersWords.numbers}
      </Box>
      <Box asides="below" as="dl" above={2}>
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
    </Box>
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
  <Row gap={6} align="baseline" justify="between" padY={2} lineBelow="hairline">
    <dt>
      {name} {who && <small>{who}</small>}
    </dt>
    <Box as="dd" size={5} weight="bold" face="display" nowrap>
      {phone ? <a href={`tel:${phone.replace(/[^\d+]/g, '')}`}>{phone}</a> : '……………'}
    </Box>
  </Row>
)
