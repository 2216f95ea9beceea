/** What acts are signed with, and the address one signs in with. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { changeEmail, renameAccount } from '../../contract/account'
import { call } from '../../device/call'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import classes from './account.module.css'
import { Password } from './Password'
import { Said } from './Said'
import { useDesk } from './useDesk'
import type { AccountView } from './view'

const accountWords = words.account

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
        () => accountWords.nameSaved(name),
      )
    )
      await onChanged()
  }
  const saveEmail = async () => {
    const saved = await moving.work(
      () => call(changeEmail, { body: { email, password } }),
      () => accountWords.emailSaved(email),
    )
    if (!saved) return
    setEmail('')
    setPassword('')
    await onChanged()
  }
  return (
    <section className={classes.part} aria-label={accountWords.who}>
      <Box as="h2" size={4}>
        {accountWords.who}
      </Box>
      <Stack
        loose
        as="form"
        gap={5}
        onSubmit={(event) => {
          event.preventDefault()
          void saveName()
        }}
      >
        <TextInput
          label={accountWords.name}
          description={accountWords.nameHelp}
          required
          withAsterisk={false}
          maxLength={80}
          autoComplete="name"
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <Button type="submit" busy={naming.busy} disabled={name === account.name}>
          {accountWords.saveName}
        </Button>
        <Said said={naming.said} />
      </Stack>
      <Stack
        loose
        as="form"
        gap={5}
        onSubmit={(event) => {
          event.preventDefault()
          void saveEmail()
        }}
      >
        <p>
          {accountWords.email}: <b>{account.email}</b>
        </p>
        <TextInput
          label={accountWords.newEmail}
          type="email"
          required
          withAsterisk={false}
          autoComplete="email"
          value={email}
          onChange={(event) => setEmail(event.currentTarget.value)}
        />
        <Password
          label={accountWords.oldPassword}
          autoComplete="current-password"
          value={password}
          onChange={setPassword}
        />
        <Button type="submit" busy={moving.busy}>
          {accountWords.changeEmail}
        </Button>
        <Said said={moving.said} />
      </Stack>
    </section>
  )
}
