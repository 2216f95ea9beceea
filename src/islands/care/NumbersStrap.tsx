/** Whom to call, on top of everything; each number can be pressed. */

import type { Member } from '../../core/household/member'
import { Box, Row } from '../../ui/Box'
import * as words from '../../words'
import classes from './care.module.css'

interface Props {
  readonly numbers: { readonly emergency: string; readonly poison: string }
  readonly member: Member | null
  /** Elsewhere than at home: where these are the numbers to call. */
  readonly where?: string | undefined
}

/** Digits of the first number in words like "144 or 112". */
const dialled = (phone: string): string =>
  `tel:${/[\d+][\d\s()/-]*/.exec(phone)?.[0].replace(/[^\d+]/g, '') ?? ''}`

export function NumbersStrap({ numbers, member, where }: Props) {
  const w = words.care.numbers
  const contacts =
    member === null
      ? []
      : member.facts.kind === 'person'
        ? [member.facts.doctor]
        : [member.facts.vet, member.facts.clinic]
  const lines = [
    { name: w.emergency, phone: numbers.emergency },
    { name: w.poison, phone: numbers.poison },
    ...contacts.filter(({ phone }) => phone !== ''),
  ]
  return (
    <Row
      surface="strap"
      as="nav"
      gapX={7}
      gapY={3}
      justify="between"
      wrap
      padX={6}
      padY={4}
      tone="onStrap"
      radius={2}
      className={classes.numbers}
      aria-label={where === undefined ? w.label : w.labelAt(where)}
    >
      {where !== undefined && <b>{where}</b>}
      {lines.map(({ name, phone }) =>
        phone === '' && where !== undefined ? (
          <Row inline gap={3} align="center" key={name}>
            {name} <b>{w.unknownThere}</b>
          </Row>
        ) : phone === '' ? (
          <Row inline as="a" gap={3} align="center" key={name} href="/settings#where">
            {name}{' '}
            <Box as="b" face="display" nowrap>
              {w.none}
            </Box>
          </Row>
        ) : (
          <Row inline as="a" gap={3} align="center" key={name} href={dialled(phone)}>
            {name}{' '}
            <Box as="b" face="display" nowrap>
              {phone}
            </Box>
          </Row>
        ),
      )}
    </Row>
  )
}
