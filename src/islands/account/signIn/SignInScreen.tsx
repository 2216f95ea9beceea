/** Signing in, making an account, or opening the demo household with one press. */

import { MantineProvider, TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import { askForAccount, openDemo, signIn, signUp } from '../../../contract/account'
import { call } from '../../../device/call'
import { forgetDevice } from '../../../device/forget'
import { passkeysHere, signInByPasskey } from '../../../device/passkey'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { theme } from '../../../ui/theme'
import { setTourStop } from '../../../ui/tourStop'
import * as words from '../../../words'
import { Password } from '../Password'
import { Said } from '../Said'
import { useDesk } from '../useDesk'
import { GetInAgain } from './GetInAgain'
import { noteZone } from './noteZone'
import classes from './signIn.module.css'

const signInWords = words.signIn
/** A new household begins here. */
const FIRST_STEPS_PAGE = '/begin'

interface Props {
  readonly demo: boolean
  readonly next: string
  /** False where letters are only written into a folder. */
  readonly sendsMail: boolean
}

export const SignInScreen = (props: Props) => (
  <MantineProvider theme={theme}>
    <SignIn {...props} />
  </MantineProvider>
)

function SignIn({ demo, next, sendsMail }: Props) {
  // Whoever has to sign in is not signed in: nothing that was kept may be read here.
  useEffect(() => void forgetDevice(), [])
  const [way, setWay] = useState<'known' | 'new' | 'again'>('known')
  const isNew = way === 'new'
  const [passkeys, setPasskeys] = useState(false)
  useEffect(() => setPasskeys(passkeysHere().kind === 'can'), [])
  const [fields, setFields] = useState({ name: '', email: '', password: '' })
  const { work, busy, said } = useDesk()
  // Where letters are sent, an address is shown to be one's own before an account is made.
  const byLetter = isNew && sendsMail

  const go = async (ask: () => Promise<unknown>, to = next): Promise<void> => {
    noteZone()
    if ((await work(ask)) !== null) location.assign(to)
  }
  const field = (name: keyof typeof fields) => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
    required: true,
    withAsterisk: false,
  })

  if (way === 'again')
    return (
      <Stack columns="min(28rem, 100%)" as="main" gap={6} pad={6} className={classes.page}>
        <Box as="section" pad={7} surface="paper" line="dashed" radius={2} className={classes.card}>
          <Box as="h1" size={6}>
            {words.account.again}
          </Box>
          <GetInAgain
            email={fields.email}
            onEmail={(email) => setFields({ ...fields, email })}
            sendsMail={sendsMail}
            onIn={() => location.assign(next)}
            onBack={() => setWay('known')}
          />
        </Box>
      </Stack>
    )
  return (
    <Stack columns="min(28rem, 100%)" as="main" gap={6} pad={6} className={classes.page}>
      <Box as="section" pad={7} surface="paper" line="dashed" radius={2} className={classes.card}>
        <Box as="h1" size={6}>
          {signInWords.title}
        </Box>
        <Box as="p" above={2} below={6} tone="second">
          {signInWords.lead}
        </Box>
        {demo && (
          <div className={classes.demo}>
            <Button
              kind="strong"
              width="wide"
              busy={busy}
              onClick={() => void go(() => call(openDemo))}
            >
              {signInWords.demo}
            </Button>
            <Button
              width="wide"
              busy={busy}
              onClick={() =>
                void go(async () => {
                  const opened = await call(openDemo)
                  setTourStop(0)
                  return opened
                }, '/')
              }
            >
              {words.tour.start}
            </Button>
            <small>{signInWords.demoHint}</small>
          </div>
        )}
        <Box as="h2" above={6} below={4} size={3} tone="second">
          {demo ? signInWords.or : isNew ? signInWords.signUp : signInWords.signIn}
        </Box>
        <Stack
          as="form"
          gap={5}
          onSubmit={(event) => {
            event.preventDefault()
            const { email, password } = fields
            if (byLetter)
              return void work(
                () => call(askForAccount, { body: { email } }),
                () => words.account.accountLetterSent(email),
              )
            if (isNew) void go(() => call(signUp, { body: fields }), FIRST_STEPS_PAGE)
            else void go(() => call(signIn, { body: { email, password } }))
          }}
        >
          {isNew && !byLetter && (
            <TextInput label={signInWords.name} autoComplete="name" {...field('name')} />
          )}
          <TextInput
            label={signInWords.email}
            type="email"
            autoComplete="email"
            {...field('email')}
          />
          {byLetter ? (
            <p>{words.account.accountByLetter}</p>
          ) : (
            <Password
              label={signInWords.password}
              {...(isNew && { description: words.account.newPasswordHelp })}
              autoComplete={isNew ? 'new-password' : 'current-password'}
              value={fields.password}
              onChange={(password) => setFields({ ...fields, password })}
            />
          )}
          <Said said={said} />
          <Row gap={4} align="center" wrap>
            <Button type="submit" kind={demo ? 'firm' : 'strong'} busy={busy}>
              {byLetter
                ? words.account.sendLetter
                : isNew
                  ? signInWords.signUp
                  : signInWords.signIn}
            </Button>
            {!isNew && passkeys && (
              <Button busy={busy} onClick={() => void go(() => signInByPasskey())}>
                {words.account.byPasskey}
              </Button>
            )}
            <Button kind="quiet" onClick={() => setWay(isNew ? 'known' : 'new')}>
              {isNew ? signInWords.toSignIn : signInWords.toSignUp}
            </Button>
            {!isNew && (
              <Button kind="quiet" onClick={() => setWay('again')}>
                {words.account.cannotGetIn}
              </Button>
            )}
          </Row>
        </Stack>
      </Box>
      <Box as="p" size={2} tone="second">
        {words.watch.disclaimer}
      </Box>
    </Stack>
  )
}
