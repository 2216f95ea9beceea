/** Ends the session on this device. */
import { Button } from '@mantine/core'
import { useState } from 'react'
import { words } from '../../words'

export function SignOut() {
  const [failed, setFailed] = useState(false)
  const signOut = async () => {
    const left = await fetch('/api/auth/sign-out', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: '{}',
    }).catch(() => null)
    if (left?.ok) location.assign('/sign-in')
    else setFailed(true)
  }
  return (
    <div>
      <Button variant="default" onClick={() => void signOut()}>
        {words.signIn.signOut}
      </Button>
      {failed && <p role="alert">{words.signIn.failed}</p>}
    </div>
  )
}
