/** A new account, by the way that a letter told. */

import { MantineProvider, TextInput } from '@mantine/core'
import { useState } from 'react'
import { openAccount } from '../../../contract/account'
import { call } from '../../../device/call'
import { Box, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { theme } from '../../../ui/theme'
import * as words from '../../../words'
import { Password } from '../Password'
import { Said } from '../Said'
import { useDesk } from '../useDesk'
import { noteZone } from './noteZone'
import classes from './signIn.module.css'

const accountWords = words.account

interface Props {
  readonly accountKey: string
  /** The address that the letter went to; null where the key opens nothing. */
  readonly email: string | null
}

export const NewAccountScreen = (props: Props) => (
  <MantineProvider theme={theme}>
    <NewAccount {...props} />
  </MantineProvider>
)

function NewAccount({ accountKey, email }: Props) {
  const { work, busy, said } = useDesk()
  const [fields, setFields] = useState({ name: '', password: '' })
  const make = async () => {
    noteZone()
    if (await work(() => call(openAccount, { body: { key: accountKey, ...fields } })))
      location.assign('/begin')
  }
  return (
    <Stack columns="min(28rem, 100%)" as="main" gap={6} pad={6} className={classes.page}>
      <Box as="section" pad={7} surface="paper" line="dashed" radius={2} className={classes.card}>
        <Box as="h1" size={6}>
          {accountWords.newAccountTitle}
        </Box>
        {email === null ? (
          <p role="alert">{accountWords.noAccountKey}</p>
        ) : (
          <Stack
            as="form"
            gap={5}
            onSubmit={(event) => {
              event.preventDefault()
              void make()
            }}
          >
            <p>{accountWords.accountFor(email)}</p>
            <TextInput
              label={accountWords.name}
              autoComplete="name"
              required
              withAsterisk={false}
              value={fields.name}
              onChange={(event) => setFields({ ...fields, name: event.currentTarget.value })}
            />
            <Password
              label={accountWords.password}
              description={accountWords.newPasswordHelp}
              autoComplete="new-password"
              value={fields.password}
              onChange={(password) => setFields({ ...fields, password })}
            />
            <Button kind="strong" type="submit" busy={busy}>
              {words.signIn.signUp}
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
