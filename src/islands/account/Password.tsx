/** A field for a password that one may look at while typing. */
import { PasswordInput } from '@mantine/core'
import * as words from '../../words'

interface Props {
  readonly label: string
  readonly description?: string
  /** "current-password" or "new-password": browsers and password keepers go by it. */
  readonly autoComplete: 'current-password' | 'new-password'
  readonly value: string
  readonly onChange: (value: string) => void
}

export const Password = ({ onChange, ...props }: Props) => (
  <PasswordInput
    required
    withAsterisk={false}
    maxLength={200}
    visibilityToggleButtonProps={{ 'aria-label': words.account.show, tabIndex: 0 }}
    onChange={(event) => onChange(event.currentTarget.value)}
    {...props}
  />
)
