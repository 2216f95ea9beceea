/** Signing in, making an account, or opening the demo household with one press. */
import { Button, MantineProvider, TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import { forgetDevice } from '../../device/forget'
import { theme } from '../../ui/theme'
import { words } from '../../words'
import classes from './signIn.module.css'

const w = words.signIn

interface Props {
  readonly demo: boolean
  readonly next: string
}

export const SignInScreen = (props: Props) => (
  <MantineProvider theme={theme}>
    <SignIn {...props} />
  </MantineProvider>
)

async function post(
  path: string,
  body: object,
): Promise<{ ok: boolean; status: number; code: string }> {
  try {
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
    const answer = await response.json().catch(() => ({}))
    return { ok: response.ok, status: response.status, code: String(answer?.code ?? '') }
  } catch {
    return { ok: false, status: 0, code: '' }
  }
}

function complaint(status: number, code: string): string {
  if (code.startsWith('USER_ALREADY_EXISTS')) return w.taken
  if (code === 'PASSWORD_TOO_SHORT') return w.short
  return status === 401 || status === 400 ? w.wrong : w.failed
}

function SignIn({ demo, next }: Props) {
  // Whoever has to sign in is not signed in: nothing that was kept may be read here.
  useEffect(() => void forgetDevice(), [])
  const [isNew, setNew] = useState(false)
  const [fields, setFields] = useState({ name: '', email: '', password: '' })
  const [error, setError] = useState('')
  const [busy, setBusy] = useState(false)

  const go = async (path: string, body: object): Promise<void> => {
    setBusy(true)
    setError('')
    // A new household keeps its days by the zone of the device it is made on.
    const { timeZone } = Intl.DateTimeFormat().resolvedOptions()
    // biome-ignore lint/suspicious/noDocumentCookie: the cookie store is not in every browser yet
    document.cookie = `satchel.zone=${timeZone}; path=/; max-age=3600; samesite=lax`
    const { ok, status, code } = await post(path, body)
    if (ok) location.assign(next)
    else {
      setError(complaint(status, code))
      setBusy(false)
    }
  }
  const field = (name: keyof typeof fields) => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
    required: true,
    withAsterisk: false,
  })

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
              onClick={() => void go('/api/demo-session', {})}
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
            if (isNew && fields.password.length < 10) setError(w.short)
            else
              void go(
                isNew ? '/api/auth/sign-up/email' : '/api/auth/sign-in/email',
                isNew ? fields : { email: fields.email, password: fields.password },
              )
          }}
        >
          {isNew && <TextInput label={w.name} autoComplete="name" {...field('name')} />}
          <TextInput label={w.email} type="email" autoComplete="email" {...field('email')} />
          <TextInput
            label={w.password}
            type="password"
            autoComplete={isNew ? 'new-password' : 'current-password'}
            {...field('password')}
          />
          <p role="alert" className={classes.error}>
            {error}
          </p>
          <div className={classes.presses}>
            <Button type="submit" variant={demo ? 'default' : 'filled'} loading={busy}>
              {isNew ? w.signUp : w.signIn}
            </Button>
            <Button variant="subtle" onClick={() => setNew(!isNew)}>
              {isNew ? w.toSignIn : w.toSignUp}
            </Button>
          </div>
        </form>
      </section>
      <p className={classes.foot}>{words.watch.disclaimer}</p>
    </main>
  )
}
