/**
 * Something happened (in need: night, shaking hands, few words). The numbers to call stand on top,
 * one line of time below; everything is written down on this device first.
 */

import { MantineProvider } from '@mantine/core'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { type ComponentProps, useCallback, useEffect, useState } from 'react'
import type { IncidentId } from '../../../core/incident/entry'
import { Box, Stack } from '../../../ui/Box'
import { QUERIES } from '../../../ui/Frame'
import { isForUs } from '../../../ui/hotkeys'
import { useLook } from '../../../ui/look'
import { ToCome } from '../../../ui/ToCome'
import { theme } from '../../../ui/theme'
import { useWorker } from '../../../ui/useWorker'
import * as words from '../../../words'
import { NumbersStrap } from '../NumbersStrap'
import { AT_AN_INCIDENT, useCare } from '../useCare'
import { HandoverPage } from './HandoverPage'
import classes from './incident.module.css'
import { LookingBack } from './LookingBack'
import { OpenIncident } from './OpenIncident'
import type { View } from './panel'
import { VIEWS } from './panel'
import { Start } from './Start'

const incidentWords = words.care.incident
export interface At {
  readonly id: IncidentId | null
  readonly view: View
}

interface Props {
  /** As the server read them; null without an account, or without a database. */
  readonly numbers: ComponentProps<typeof NumbersStrap>['numbers'] | null
}

export function IncidentScreen({ numbers }: Props) {
  const [queries] = useState(() => new QueryClient({ defaultOptions: { queries: QUERIES } }))
  return (
    <MantineProvider theme={theme}>
      <QueryClientProvider client={queries}>
        <Opened numbers={numbers} />
      </QueryClientProvider>
    </MantineProvider>
  )
}

const inAddress = (): At => {
  const search = new URLSearchParams(location.search)
  const view = VIEWS.find((one) => one === search.get('view')) ?? 'line'
  return { id: search.get('id') as IncidentId | null, view }
}

function Opened({ numbers }: Props) {
  const [at, setAt] = useState<At>(inAddress)
  const state = useCare(AT_AN_INCIDENT)
  const { toggleTorch } = useLook()
  useWorker()
  useEffect(() => {
    const onBack = () => setAt(inAddress())
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 't' && isForUs(event)) toggleTorch()
    }
    addEventListener('popstate', onBack)
    addEventListener('keydown', onKey)
    return () => {
      removeEventListener('popstate', onBack)
      removeEventListener('keydown', onKey)
    }
  }, [toggleTorch])
  const go = useCallback((next: At) => {
    const search = new URLSearchParams()
    if (next.id) search.set('id', next.id)
    if (next.view !== 'line') search.set('view', next.view)
    history.pushState(null, '', search.size > 0 ? `/incident?${search}` : '/incident')
    setAt(next)
    scrollTo(0, 0)
  }, [])

  if (state.kind === 'loading')
    return (
      <Stack packed as="main" gap={6} className={classes.page} aria-busy>
        <Box as="h1" size={6} breakable className="visually-hidden">
          {incidentWords.title}
        </Box>
        {numbers && <NumbersStrap numbers={numbers} member={null} />}
        <ToCome said={incidentWords.loading} />
      </Stack>
    )
  if (state.kind === 'not_here')
    return (
      <Stack packed as="main" gap={6} className={classes.page}>
        <Box as="h1" size={6} breakable>
          {incidentWords.title}
        </Box>
        <p>{incidentWords.signIn}</p>
        <p>
          <a href="/away">{words.waiting.noConnection}</a>
        </p>
      </Stack>
    )
  const { care } = state
  if (at.id === null) return <Start care={care} onStarted={(id) => go({ id, view: 'line' })} />
  const started = care.incidents.find(({ id }) => id === at.id)
  if (!started)
    return (
      <Stack packed as="main" gap={6} className={classes.page}>
        <Box as="h1" size={6} breakable>
          {incidentWords.title}
        </Box>
        <p>{incidentWords.notHere}</p>
        <p>
          <a href="/incident">{incidentWords.log}</a>
        </p>
      </Stack>
    )
  const props = { care, started, onGo: (view: View) => go({ id: at.id, view }) }
  if (at.view === 'handover') return <HandoverPage {...props} />
  if (at.view === 'looking') return <LookingBack {...props} />
  return <OpenIncident {...props} />
}
