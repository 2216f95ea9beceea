/** Passkeys: made on this device with the password, seen, and taken away. */

import { TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import { endPasskey } from '../../contract/account'
import { call } from '../../device/call'
import { makePasskey, type PasskeysHere, passkeysHere } from '../../device/passkey'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { moment } from '../../words/frame/format'
import classes from './account.module.css'
import { nameOfDevice } from './Devices'
import { Password } from './Password'
import { Said } from './Said'
import { useDesk } from './useDesk'
import type { AccountView } from './view'

const accountWords = words.account

interface Props {
  readonly account: AccountView
  readonly onChanged: () => Promise<void>
}

export function Passkeys({ account, onChanged }: Props) {
  const { work, busy, said } = useDesk()
  const { timeZone } = useStrap().habits
  const [here, setHere] = useState<PasskeysHere | null>(null)
  const [fields, setFields] = useState({ name: '', password: '' })
  useEffect(() => {
    setHere(passkeysHere())
    setFields({ name: nameOfDevice(navigator.userAgent), password: '' })
  }, [])
  const make = async () => {
    const made = await work(
      async () => {
        await makePasskey(fields.password, fields.name)
        return true
      },
      () => accountWords.passkeyMade(fields.name),
    )
    if (!made) return
    setFields({ ...fields, password: '' })
    await onChanged()
  }
  const end = async (passkeyId: string, name: string) => {
    await work(
      () => call(endPasskey, { params: { passkeyId } }),
      () => accountWords.passkeyEnded(name),
    )
    await onChanged()
  }
  return (
    <section className={classes.part} aria-label={accountWords.passkeys}>
      <Box as="h2" size={4}>
        {accountWords.passkeys}
      </Box>
      <p className="second">{accountWords.passkeysHelp}</p>
      {account.passkeys.length > 0 && (
        <ul>
          {account.passkeys.map(({ id, name, madeAt, lastUsed }) => (
            <li key={id}>
              <div>
                <b>{name}</b>
                <Box as="small" tone="second" block>
                  {accountWords.passkeyTimes(
                    moment(madeAt, timeZone),
                    lastUsed === null ? null : moment(lastUsed, timeZone),
                  )}
                </Box>
              </div>
              <Button
                busy={busy}
                aria-label={accountWords.endPasskeyOf(name)}
                onClick={() => void end(id, name)}
              >
                {accountWords.endPasskey}
              </Button>
            </li>
          ))}
        </ul>
      )}
      {here?.kind === 'cannot' && <p>{accountWords.noPasskeysHere}</p>}
      {here?.kind === 'elsewhere' && (
        <p>
          {accountWords.passkeysNeedName} <a href={`${here.open}/account`}>{here.open}</a>
        </p>
      )}
      {here?.kind === 'can' && (
        <Stack
          loose
          as="form"
          gap={5}
          onSubmit={(event) => {
            event.preventDefault()
            void make()
          }}
        >
          <TextInput
            label={accountWords.passkeyName}
            value={fields.name}
            onChange={(event) => setFields({ ...fields, name: event.currentTarget.value })}
          />
          <Password
            label={accountWords.oldPassword}
            autoComplete="current-password"
            value={fields.password}
            onChange={(password) => setFields({ ...fields, password })}
          />
          <Button type="submit" busy={busy}>
            {accountWords.makePasskey}
          </Button>
          <Said said={said} />
        </Stack>
      )}
    </section>
  )
}
