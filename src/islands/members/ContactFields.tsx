/** A name and a number. */
import { TextInput } from '@mantine/core'
import type { Contact } from '../../core/household/member'
import { words } from '../../words'
import classes from './member.module.css'

const membersWords = words.members

export const ContactFields = ({
  legend,
  contact,
  onChange,
  onRemove,
}: {
  readonly legend: string
  readonly contact: Contact
  readonly onChange: (contact: Contact) => void
  readonly onRemove?: () => void
}) => (
  <fieldset className={classes.group}>
    <legend>{legend}</legend>
    <div className={classes.pair}>
      <TextInput
        label={membersWords.contactName}
        maxLength={120}
        value={contact.name}
        onChange={(event) => onChange({ ...contact, name: event.currentTarget.value })}
      />
      <TextInput
        label={membersWords.phone}
        type="tel"
        maxLength={40}
        value={contact.phone}
        onChange={(event) => onChange({ ...contact, phone: event.currentTarget.value })}
      />
    </div>
    {onRemove && (
      <button type="button" className={classes.quiet} onClick={onRemove}>
        {membersWords.remove}
      </button>
    )}
  </fieldset>
)
