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

const accountWords = words.account

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
    <section className={classes.part} aria-label={accountWords.codes}>
      <h2>{accountWords.codes}</h2>
      <p className="second">{accountWords.codesHelp}</p>
      {codes.length > 0 ? (
        <div className={classes.codes} data-printed="alone">
          <p>
            <b>{accountWords.codesFor(account.email)}</b>
          </p>
          <ol>
            {codes.map((code) => (
              <li key={code}>
                <code>{code}</code>
              </li>
            ))}
          </ol>
          <p role="status">{accountWords.codesOnce}</p>
          <p className={classes.presses}>
            <Button onClick={() => print()}>{accountWords.printCodes}</Button>
            <Button variant="default" onClick={() => setCodes([])}>
              {accountWords.haveCodes}
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
          <p>{accountWords.codesLeft(account.codesLeft)}</p>
          <Password
            label={accountWords.oldPassword}
            autoComplete="current-password"
            value={password}
            onChange={setPassword}
          />
          <Button type="submit" variant="default" loading={busy}>
            {account.codesLeft === 0 ? accountWords.makeCodes : accountWords.makeNewCodes}
          </Button>
          <Said said={said} />
        </form>
      )}
    </section>
  )
}
