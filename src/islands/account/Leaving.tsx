/** Going: out of a household in which others stay, or with the household, or with the account. */

import { useState } from 'react'
import type { z } from 'zod'
import * as account from '../../contract/account'
import { call } from '../../device/call'
import { forgetDevice } from '../../device/forget'
import { WHOLE_PATH } from '../../device/whole'
import { Box, Row } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { FormDialog } from '../../ui/FormDialog'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { moment } from '../../words/frame/format'
import classes from './account.module.css'
import { Password } from './Password'
import { Said } from './Said'
import { useDesk } from './useDesk'

const wholeWords = words.whole
export type LeavingView = z.infer<(typeof account.readLeaving)['result']>

interface Props {
  readonly leaving: LeavingView
  readonly onChanged: () => Promise<void>
}

/** This device belongs to nobody any more, or to somebody with another household. */
async function startAnew(): Promise<void> {
  await forgetDevice()
  location.assign('/')
}

export function Leaving({ leaving, onChanged }: Props) {
  const { work, busy, said } = useDesk()
  const { timeZone } = useStrap().habits
  const { deletion, others } = leaving
  const keep = async () => {
    await work(
      () => call(account.keepHousehold),
      () => wholeWords.kept,
    )
    await onChanged()
  }
  return (
    <section className={classes.part} id="leaving" aria-label={wholeWords.leaving}>
      <Box as="h2" size={4}>
        {wholeWords.leaving}
      </Box>
      {deletion && (
        <>
          <p>
            <b>{wholeWords.toBeDeleted(deletion.askedBy, moment(deletion.dueAt, timeZone))}</b>
            {deletion.withAccount && ` ${wholeWords.withAccount}`}
          </p>
          <Row as="p" gap={4} wrap className={classes.presses}>
            <Button kind="strong" busy={busy} onClick={() => void keep()}>
              {wholeWords.keep}
            </Button>
            <ButtonLink href={WHOLE_PATH} download>
              {wholeWords.saveFirst}
            </ButtonLink>
          </Row>
        </>
      )}
      <Said said={said} />
      {!deletion && (
        <WithPassword
          title={wholeWords.deleteHousehold}
          press={wholeWords.deleteIt}
          help={wholeWords.deleteHouseholdHelp}
          send={(password) => call(account.deleteHousehold, { body: { password } })}
          endsRecord
          onDone={onChanged}
        />
      )}
      {others && (
        <WithPassword
          title={wholeWords.leaveHousehold}
          press={wholeWords.leaveIt}
          help={wholeWords.leaveHelp}
          send={(password) => call(account.leaveHousehold, { body: { password } })}
          onDone={startAnew}
        />
      )}
      {!deletion?.withAccount && (
        <WithPassword
          title={wholeWords.deleteAccount}
          press={wholeWords.deleteAccount}
          help={others ? wholeWords.deleteAccountOthers : wholeWords.deleteAccountAlone}
          send={(password) => call(account.deleteAccount, { body: { password } })}
          endsRecord={!others}
          onDone={others ? startAnew : onChanged}
        />
      )}
    </section>
  )
}

interface WithPasswordProps {
  readonly title: string
  readonly press: string
  readonly help: string
  readonly send: (password: string) => Promise<unknown>
  /** What is recorded goes with it: saving it is offered. */
  readonly endsRecord?: boolean
  readonly onDone: () => Promise<void>
}

/** What cannot be done by a press alone: somebody else may sit at this device. */
function WithPassword({ title, press, help, send, endsRecord, onDone }: WithPasswordProps) {
  const { work, busy, said } = useDesk()
  const [opened, setOpened] = useState(false)
  const [password, setPassword] = useState('')
  const close = () => {
    setOpened(false)
    setPassword('')
  }
  const submit = async () => {
    if (!(await work(() => send(password)))) return
    close()
    await onDone()
  }
  return (
    <div>
      <Button onClick={() => setOpened(true)}>{title}</Button>
      <FormDialog
        opened={opened}
        title={title}
        press={press}
        busy={busy}
        ready={password !== ''}
        onSubmit={submit}
        onClose={close}
      >
        <p>{help}</p>
        {endsRecord && (
          <p>
            <a href={WHOLE_PATH} download>
              {wholeWords.saveFirst}
            </a>
          </p>
        )}
        <Password
          label={wholeWords.password}
          autoComplete="current-password"
          value={password}
          onChange={setPassword}
        />
        <Said said={said} />
      </FormDialog>
    </div>
  )
}
