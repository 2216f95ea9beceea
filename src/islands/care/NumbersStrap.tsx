/** Whom to call, on top of everything; each number can be pressed. */
import type { Member } from '../../core/household/member'
import { words } from '../../words'
import classes from './care.module.css'

interface Props {
  readonly numbers: { readonly emergency: string; readonly poison: string }
  readonly member: Member | null
}

/** Digits of the first number in words like "144 or 112". */
const dialled = (phone: string): string =>
  `tel:${/[\d+][\d\s()/-]*/.exec(phone)?.[0].replace(/[^\d+]/g, '') ?? ''}`

export function NumbersStrap({ numbers, member }: Props) {
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
    <nav className={classes.numbers} aria-label={w.label}>
      {lines.map(({ name, phone }) =>
        phone === '' ? (
          <span key={name}>
            {name} <b>{w.none}</b>
          </span>
        ) : (
          <a key={name} href={dialled(phone)}>
            {name} <b>{phone}</b>
          </a>
        ),
      )}
    </nav>
  )
}
