/** Ends the session on this device, and takes away what could be read on it. */

import { useState } from 'react'
import { signOut } from '../../contract/account'
import { call } from '../../device/call'
import { forgetDevice } from '../../device/forget'
import { readWaiting } from '../../device/outbox'
import { Button } from '../../ui/Button'
import { FormDialog } from '../../ui/FormDialog'
import * as words from '../../words'

export function SignOut() {
  const [failed, setFailed] = useState(false)
  const [unsent, setUnsent] = useState(0)
  const leave = async () => {
    const left = await call(signOut).catch(() => null)
    if (!left) return setFailed(true)
    await forgetDevice()
    location.assign('/sign-in')
  }
  const ask = async () => {
    const waiting = (await readWaiting()).filter(({ state }) => state !== 'sent')
    if (waiting.length > 0) setUnsent(waiting.length)
    else await leave()
  }
  return (
    <div>
      <Button onClick={() => void ask()}>{words.signIn.signOut}</Button>
      {failed && <p role="alert">{words.signIn.failed}</p>}
      <FormDialog
        opened={unsent > 0}
        title={words.signIn.signOut}
        press={words.signIn.signOut}
        busy={false}
        onSubmit={leave}
        onClose={() => setUnsent(0)}
      >
        <p>{words.rounds.signOut(unsent)}</p>
      </FormDialog>
    </div>
  )
}
