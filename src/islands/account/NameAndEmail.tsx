/** What acts are signed with, and the address one signs in with. */
import { Button, TextInput } from '@mantine/core'
import { useState } from 'react'
import { changeEmail, renameAccount } from '../../contract/account'
import { call } from '../../device/call'
import { words } from '../../words'
import classes from './account.module.css'
import { Password } from './Password'
import { Said } from './Said'
import { useDesk } from './useDesk'
import type { AccountView } from './view'

const w = words.account

interface Props {
  readonly account: AccountView
  readonly onChanged: () => Promise<void>
}

export function NameAndEmail({ account, onChanged }: Props) {
  const naming = useDesk()
  const moving = useDesk()
  const [name, setName] = useState(account.name)
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const saveName = async () => {
    if (
      await naming.work(
        () => call(renameAccount, { body: { name } }),
        () => w.nameSaved(name),
      )
    )
      await onChanged()
  }
  const saveEmail = async () => {
    const saved = await moving.work(
      () => call(changeEmail, { body: { email, password } }),
      () => w.emailSaved(email),
    )
    if (!saved) return
    setEmail('')
    setPassword('')
    await onChanged()
  }
  return (
    <section className={classes.part} aria-label={w.who}>
      <h2>{w.who}</h2>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          void saveName()
        }}
      >
        <TextInput
          label={w.name}
          description={w.nameHelp}
          required
          withAsterisk={false}
          maxLength={80}
          autoComplete="name"
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <Button
          type="submit"
          variant="default"
          loading={naming.busy}
          disabled={name === account.name}
        >
          {w.saveName}
        </Button>
        <Said said={naming.said} />
      </form>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          void saveEmail()
        }}
      >
        <p>
          {w.email}: <b>{account.email}</b>
        </p>
        <TextInput
          label={w.newEmail}
          type="email"
          required
          withAsterisk={false}
          autoComplete="email"
          value={email}
          onChange={(event) => setEmail(event.currentTarget.value)}
        />
        <Password
          label={w.oldPassword}
          autoComplete="current-password"
          value={password}
          onChange={setPassword}
        />
        <Button type="submit" variant="default" loading={moving.busy}>
          {w.changeEmail}
        </Button>
        <Said said={moving.said} />
      </form>
    </section>
  )
}
