/** Passkeys: made on this device with the password, seen, and taken away. */
import { Button, TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import { endPasskey } from '../../contract/account'
import { call } from '../../device/call'
import { makePasskey, type PasskeysHere, passkeysHere } from '../../device/passkey'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { moment } from '../../words/frame/format'
import classes from './account.module.css'
import { nameOfDevice } from './Devices'
import { Password } from './Password'
import { Said } from './Said'
import { useDesk } from './useDesk'
import type { AccountView } from './view'

const w = words.account

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
      () => w.passkeyMade(fields.name),
    )
    if (!made) return
    setFields({ ...fields, password: '' })
    await onChanged()
  }
  const end = async (passkeyId: string, name: string) => {
    await work(
      () => call(endPasskey, { params: { passkeyId } }),
      () => w.passkeyEnded(name),
    )
    await onChanged()
  }
  return (
    <section className={classes.part} aria-label={w.passkeys}>
      <h2>{w.passkeys}</h2>
      <p className="second">{w.passkeysHelp}</p>
      {account.passkeys.length > 0 && (
        <ul>
          {account.passkeys.map(({ id, name, madeAt, lastUsed }) => (
            <li key={id}>
              <div>
                <b>{name}</b>
                <small>
                  {w.passkeyTimes(
                    moment(madeAt, timeZone),
                    lastUsed === null ? null : moment(lastUsed, timeZone),
                  )}
                </small>
              </div>
              <Button
                variant="default"
                size="compact-md"
                loading={busy}
                aria-label={w.endPasskeyOf(name)}
                onClick={() => void end(id, name)}
              >
                {w.endPasskey}
              </Button>
            </li>
          ))}
        </ul>
      )}
      {here?.kind === 'cannot' && <p>{w.noPasskeysHere}</p>}
      {here?.kind === 'elsewhere' && (
        <p>
          {w.passkeysNeedName} <a href={`${here.open}/account`}>{here.open}</a>
        </p>
      )}
      {here?.kind === 'can' && (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            void make()
          }}
        >
          <TextInput
            label={w.passkeyName}
            value={fields.name}
            onChange={(event) => setFields({ ...fields, name: event.currentTarget.value })}
          />
          <Password
            label={w.oldPassword}
            autoComplete="current-password"
            value={fields.password}
            onChange={(password) => setFields({ ...fields, password })}
          />
          <Button type="submit" variant="default" loading={busy}>
            {w.makePasskey}
          </Button>
          <Said said={said} />
        </form>
      )}
    </section>
  )
}
