/** Recovery codes: made with the password, shown once, printed alone on a page. */

import { IconPrinter } from '@tabler/icons-react'
import { useState } from 'react'
import { makeRecoveryCodes } from '../../contract/account'
import { call } from '../../device/call'
import { Box, Row, Stack } from '../../ui/Box'
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
      <Box as="h2" size={4}>
        {accountWords.codes}
      </Box>
      <p className="second">{accountWords.codesHelp}</p>
      {codes.length > 0 ? (
        <Stack gap={5} className={classes.codes} data-printed="alone">
          <p>
            <b>{accountWords.codesFor(account.email)}</b>
          </p>
          <Stack columns="repeat(auto-fit, minmax(13rem, 1fr))" numbers as="ol" gapX={6} gapY={2}>
            {codes.map((code) => (
              <li key={code}>
                <Box as="code" size={3}>
                  {code}
                </Box>
              </li>
            ))}
          </Stack>
          <p role="status">{accountWords.codesOnce}</p>
          <Row as="p" gap={4} wrap className={classes.presses}>
            <Button icon={IconPrinter} kind="strong" onClick={() => print()}>
              {accountWords.printCodes}
            </Button>
            <Button onClick={() => setCodes([])}>{accountWords.haveCodes}</Button>
          </Row>
        </Stack>
      ) : (
        <Stack
          loose
          as="form"
          gap={5}
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
          <Button type="submit" busy={busy}>
            {account.codesLeft === 0 ? accountWords.makeCodes : accountWords.makeNewCodes}
          </Button>
          <Said said={said} />
        </Stack>
      )}
    </section>
  )
}
