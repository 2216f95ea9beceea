/** A new password, by the way that a letter told. */

import { MantineProvider } from '@mantine/core'
import { useState } from 'react'
import { answerLetter } from '../../../contract/account'
import { call } from '../../../device/call'
import { Box, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { theme } from '../../../ui/theme'
import * as words from '../../../words'
import { Password } from '../Password'
import { Said } from '../Said'
import { useDesk } from '../useDesk'
import classes from './signIn.module.css'

const accountWords = words.account

export const NewPasswordScreen = (props: { readonly token: string }) => (
  <MantineProvider theme={theme}>
    <NewPassword {...props} />
  </MantineProvider>
)

function NewPassword({ token }: { readonly token: string }) {
  const { work, busy, said } = useDesk()
  const [password, setPassword] = useState('')
  const [isSet, setSet] = useState(false)
  const save = async () => {
    if (await work(() => call(answerLetter, { body: { token, password } }))) setSet(true)
  }
  return (
    <Stack columns="min(28rem, 100%)" as="main" gap={6} pad={6} className={classes.page}>
      <Box as="section" pad={7} surface="paper" line="dashed" radius={2} className={classes.card}>
        <Box as="h1" size={6}>
          {accountWords.newTitle}
        </Box>
        {isSet ? (
          <p role="status">{accountWords.newIsSet}</p>
        ) : token === '' ? (
          <p role="alert">{accountWords.noToken}</p>
        ) : (
          <Stack
            as="form"
            gap={5}
            onSubmit={(event) => {
              event.preventDefault()
              void save()
            }}
          >
            <Password
              label={accountWords.newPassword}
              description={accountWords.newPasswordHelp}
              autoComplete="new-password"
              value={password}
              onChange={setPassword}
            />
            <Button kind="strong" type="submit" busy={busy}>
              {accountWords.setNew}
            </Button>
            <Said said={said} />
          </Stack>
        )}
        <p>
          <a href="/sign-in">{accountWords.back}</a>
        </p>
      </Box>
    </Stack>
  )
}
