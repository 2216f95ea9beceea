/** A new password, with the old one. */

import { useState } from 'react'
import { changePassword } from '../../contract/account'
import { call } from '../../device/call'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import classes from './account.module.css'
import { Password } from './Password'
import { Said } from './Said'
import { useDesk } from './useDesk'

const accountWords = words.account
const EMPTY = { old: '', next: '' }

export function PasswordPart({ onChanged }: { readonly onChanged: () => Promise<void> }) {
  const { work, busy, said } = useDesk()
  const [fields, setFields] = useState(EMPTY)
  const save = async () => {
    const saved = await work(
      () => call(changePassword, { body: fields }),
      ({ ended }) => accountWords.passwordSaved(ended),
    )
    if (!saved) return
    setFields(EMPTY)
    await onChanged()
  }
  return (
    <section className={classes.part} aria-label={accountWords.password}>
      <Box as="h2" size={4}>
        {accountWords.password}
      </Box>
      <Stack
        loose
        as="form"
        gap={5}
        onSubmit={(event) => {
          event.preventDefault()
          void save()
        }}
      >
        <Password
          label={accountWords.oldPassword}
          autoComplete="current-password"
          value={fields.old}
          onChange={(old) => setFields({ ...fields, old })}
        />
        <Password
          label={accountWords.newPassword}
          description={accountWords.newPasswordHelp}
          autoComplete="new-password"
          value={fields.next}
          onChange={(next) => setFields({ ...fields, next })}
        />
        <Button kind="strong" type="submit" busy={busy}>
          {accountWords.changePassword}
        </Button>
        <Said said={said} />
      </Stack>
    </section>
  )
}
