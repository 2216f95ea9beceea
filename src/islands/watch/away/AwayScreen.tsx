/** No connection, and this page is not kept: what is, to go on with. */

import { useEffect, useState } from 'react'
import { type KeptPage, keptPages } from '../../../device/keptPages'
import { Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import classes from './away.module.css'

const awayWords = words.rounds.away
const LOOK_AGAIN_MILLISECONDS = 2000

export function AwayScreen() {
  const [pages, setPages] = useState<readonly KeptPage[] | null>(null)
  useEffect(() => {
    void keptPages().then(setPages)
    // The network may be there and the server not: what was asked for is opened when it answers.
    const look = async () => {
      const answer = await fetch('/api/health').catch(() => null)
      if (answer?.ok) location.reload()
    }
    const timer = setInterval(() => void look(), LOOK_AGAIN_MILLISECONDS)
    return () => clearInterval(timer)
  }, [])
  return (
    <Stack as="main" gap={6} pad={6} className={classes.page}>
      <h1>{awayWords.title}</h1>
      {pages && <p>{pages.length > 0 ? awayWords.lead : awayWords.nothing}</p>}
      <Stack as="ul" gap={2}>
        {pages?.map(({ href, title }) => (
          <li key={href}>
            <a href={href}>{title}</a>
          </li>
        ))}
      </Stack>
      <Button kind="strong" onClick={() => location.reload()}>
        {awayWords.retry}
      </Button>
    </Stack>
  )
}
