/** A new password, by the way that a letter told. */
import { Button, MantineProvider } from '@mantine/core'
import { useState } from 'react'
import { answerLetter } from '../../../contract/account'
import { call } from '../../../device/call'
import { theme } from '../../../ui/theme'
import { words } from '../../../words'
import { Password } from '../Password'
import { Said } from '../Said'
import { useDesk } from '../useDesk'
import classes from './signIn.module.css'

const w = words.account

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
    <main className={classes.page}>
      <section className={classes.card}>
        <h1>{w.newTitle}</h1>
        {isSet ? (
          <p role="status">{w.newIsSet}</p>
        ) : token === '' ? (
          <p role="alert">{w.noToken}</p>
        ) : (
          <form
            onSubmit={(event) => {
              event.preventDefault()
              void save()
            }}
          >
            <Password
              label={w.newPassword}
              description={w.newPasswordHelp}
              autoComplete="new-password"
              value={password}
              onChange={setPassword}
            />
            <Button type="submit" loading={busy}>
              {w.setNew}
            </Button>
            <Said said={said} />
          </form>
        )}
        <p>
          <a href="/sign-in">{w.back}</a>
        </p>
      </section>
    </main>
  )
}
