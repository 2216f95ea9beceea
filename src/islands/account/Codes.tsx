/** Recovery codes: made with the password, shown once, printed alone on a page. */
import { Button } from '@mantine/core'
import { useState } from 'react'
import { makeRecoveryCodes } from '../../contract/account'
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

export function Codes({ account, onChanged }: Props) {
  const { work, busy, said } = useDesk()
  const [password, setPassword] = useState('')
  const [codes, setCodes] = useState<readonly string[]>([])
  const make = async () => {
    const made = await work(() => call(makeRecoveryCodes, { body: { password } }))
    if (!made) return
    setPassword('')
    setCodes(made.codes)
    await onChanged()
  }
  return (
    <section className={classes.part} aria-label={w.codes}>
      <h2>{w.codes}</h2>
      <p className="second">{w.codesHelp}</p>
      {codes.length > 0 ? (
        <div className={classes.codes} data-printed="alone">
          <p>
            <b>{w.codesFor(account.email)}</b>
          </p>
          <ol>
            {codes.map((code) => (
              <li key={code}>
                <code>{code}</code>
              </li>
            ))}
          </ol>
          <p role="status">{w.codesOnce}</p>
          <p className={classes.presses}>
            <Button onClick={() => print()}>{w.printCodes}</Button>
            <Button variant="default" onClick={() => setCodes([])}>
              {w.haveCodes}
            </Button>
          </p>
        </div>
      ) : (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            void make()
          }}
        >
          <p>{w.codesLeft(account.codesLeft)}</p>
          <Password
            label={w.oldPassword}
            autoComplete="current-password"
            value={password}
            onChange={setPassword}
          />
          <Button type="submit" variant="default" loading={busy}>
            {account.codesLeft === 0 ? w.makeCodes : w.makeNewCodes}
          </Button>
          <Said said={said} />
        </form>
      )}
    </section>
  )
}
