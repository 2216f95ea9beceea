/**
 * In need, over somebody else's kit, on one's own phone and without an account: how to call for help,
 * what is in here and where, and one press for what was taken.
 */

import { MantineProvider } from '@mantine/core'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { z } from 'zod'
import { readLid, takeByLid } from '../../contract/roadside'
import type { AtRoadside, Roadside } from '../../core/roadside/roadside'
import { call, newKey, OfflineError, ProblemError } from '../../device/call'
import { Box, Stack } from '../../ui/Box'
import { CallLinks } from '../../ui/CallLinks'
import { ToCome } from '../../ui/ToCome'
import { TypeCode } from '../../ui/TypeCode'
import { theme } from '../../ui/theme'
import * as words from '../../words'
import { placeOf, Supplies } from './Supplies'

const lidWords = words.roadside.lid

type Lid = z.output<(typeof readLid)['result']>
type Opening =
  | { readonly kind: 'loading' }
  | { readonly kind: 'closed'; readonly title: string; readonly detail: string }
  | { readonly kind: 'open'; readonly lid: Lid }

/** @param code "" where it is to be typed */
export const LidScreen = ({ code }: { readonly code: string }) => (
  <MantineProvider theme={theme}>
    <Stack as="main" id="main" gap={6} pad={6} style={{ maxWidth: '46rem', margin: '0 auto' }}>
      {code === '' ? <Typing /> : <Opened code={code} />}
    </Stack>
  </MantineProvider>
)

const Typing = () => (
  <>
    <h1>{lidWords.typeCode}</h1>
    <TypeCode label={lidWords.code} press={lidWords.open} under="/lid/" />
  </>
)

function Opened({ code }: { readonly code: string }) {
  const [opening, setOpening] = useState<Opening>({ kind: 'loading' })
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set())
  const [said, setSaid] = useState('')
  const [busy, setBusy] = useState(false)
  /** A press that got no answer is the same press when it is pressed again. */
  const unanswered = useRef(new Map<string, string>())
  const look = useCallback(async () => {
    try {
      setOpening({ kind: 'open', lid: await call(readLid, { params: { code } }) })
    } catch (error) {
      const { title, message } = told(error)
      setOpening({ kind: 'closed', title, detail: message })
    }
  }, [code])
  useEffect(() => void look(), [look])
  const take = async ({ title, take: { lotId, pocketId } }: AtRoadside) => {
    const key = placeOf({ lotId, pocketId })
    const takingId = unanswered.current.get(key) ?? newKey()
    unanswered.current.set(key, takingId)
    setBusy(true)
    try {
      await call(takeByLid, { params: { code }, body: { takingId, lotId, pocketId } })
      unanswered.current.delete(key)
      setTaken((known) => new Set([...known, key]))
      setSaid(words.roadside.taken(title))
      await look()
    } catch (error) {
      if (!(error instanceof OfflineError)) unanswered.current.delete(key)
      setSaid(told(error).message)
    } finally {
      setBusy(false)
    }
  }
  if (opening.kind === 'loading') return <ToCome said={words.care.incident.loading} />
  if (opening.kind === 'closed')
    return (
      <>
        <h1>{opening.title}</h1>
        <p role="alert">{opening.detail}</p>
        <TypeCode label={lidWords.code} press={lidWords.open} under="/lid/" />
      </>
    )
  const { lid } = opening
  const numbers = [
    { name: words.evenings.emergency, phone: lid.emergency ?? '' },
    { name: words.evenings.poison, phone: lid.poison ?? '' },
  ].filter(({ phone }) => phone !== '')
  return (
    <>
      <CallLinks call={numbers} />
      <h1>{lid.kit === '' ? lidWords.untitled : lidWords.title(lid.kit)}</h1>
      <p>{lid.mayTake ? lidWords.lead : lidWords.leadOnly}</p>
      <Supplies
        view={lid as Roadside}
        onTake={lid.mayTake ? (thing) => void take(thing) : null}
        busy={busy}
        taken={taken}
      />
      <Box
        as="p"
        role="status"
        surface="ink"
        tone="paper"
        pad={said === '' ? undefined : 5}
        radius={2}
        style={{ position: 'sticky', bottom: '0.75rem' }}
      >
        {said}
      </Box>
    </>
  )
}

const told = (error: unknown): { readonly title: string; readonly message: string } => ({
  title: error instanceof ProblemError ? error.title : words.errors.title,
  message: error instanceof ProblemError ? error.message : lidWords.away,
})
