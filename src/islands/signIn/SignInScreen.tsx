/** Signing in, making an account, or opening the demo household with one press. */
import { Button, MantineProvider, TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import { openDemo, signIn, signUp } from '../../contract/accountEndpoints'
import { call } from '../../device/call'
import { forgetDevice } from '../../device/forget'
import { theme } from '../../ui/theme'
import { words } from '../../words'
import { Password } from '../account/Password'
import { Said } from '../account/Said'
import { useDesk } from '../account/useDesk'
import { GetInAgain } from './GetInAgain'
import classes from './signIn.module.css'

const w = words.signIn

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
  const [fields, setFields] = useState({ name: '', email: '', password: '' })
  const { work, busy, said } = useDesk()

  const go = async (ask: () => Promise<unknown>): Promise<void> => {
    // A new household keeps its days by the zone of the device it is made on.
    const { timeZone } = Intl.DateTimeFormat().resolvedOptions()
    // biome-ignore lint/suspicious/noDocumentCookie: the cookie store is not in every browser yet
    document.cookie = `satchel.zone=${timeZone}; path=/; max-age=3600; samesite=lax`
    if (await work(ask)) location.assign(next)
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
      <main className={classes.page}>
        <section className={classes.card}>
          <h1>{words.account.again}</h1>
          <GetInAgain
            email={fields.email}
            onEmail={(email) => setFields({ ...fields, email })}
            sendsMail={sendsMail}
            onIn={() => location.assign(next)}
            onBack={() => setWay('known')}
          />
        </section>
      </main>
    )
  return (
    <main className={classes.page}>
      <section className={classes.card}>
        <h1>{w.title}</h1>
        <p className={classes.lead}>{w.lead}</p>
        {demo && (
          <div className={classes.demo}>
            <Button
              size="md"
              fullWidth
              loading={busy}
              onClick={() => void go(() => call(openDemo))}
            >
              {w.demo}
            </Button>
            <small>{w.demoHint}</small>
          </div>
        )}
        <h2>{demo ? w.or : isNew ? w.signUp : w.signIn}</h2>
        <form
          onSubmit={(event) => {
            event.preventDefault()
            const { email, password } = fields
            void go(() =>
              isNew ? call(signUp, { body: fields }) : call(signIn, { body: { email, password } }),
            )
          }}
        >
          {isNew && <TextInput label={w.name} autoComplete="name" {...field('name')} />}
          <TextInput label={w.email} type="email" autoComplete="email" {...field('email')} />
          <Password
            label={w.password}
            {...(isNew && { description: words.account.newPasswordHelp })}
            autoComplete={isNew ? 'new-password' : 'current-password'}
            value={fields.password}
            onChange={(password) => setFields({ ...fields, password })}
          />
          <Said said={said} />
          <div className={classes.presses}>
            <Button type="submit" variant={demo ? 'default' : 'filled'} loading={busy}>
              {isNew ? w.signUp : w.signIn}
            </Button>
            <Button variant="subtle" onClick={() => setWay(isNew ? 'known' : 'new')}>
              {isNew ? w.toSignIn : w.toSignUp}
            </Button>
            {!isNew && (
              <Button variant="subtle" onClick={() => setWay('again')}>
                {words.account.cannotGetIn}
              </Button>
            )}
          </div>
        </form>
      </section>
      <p className={classes.foot}>{words.watch.disclaimer}</p>
    </main>
  )
}
