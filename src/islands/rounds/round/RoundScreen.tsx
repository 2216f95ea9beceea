/** A round at the kit (standing, phone in one hand): one thing after the other, next with the thumb. */

import { MantineProvider } from '@mantine/core'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import type { LotId, PocketId } from '../../../core/ids'
import { nextIn, nextPocket, type PocketProgress } from '../../../core/rounds/progress'
import type { RoundId } from '../../../core/rounds/round'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, ButtonLink } from '../../../ui/Button'
import { QUERIES } from '../../../ui/Frame'
import { isForUs } from '../../../ui/hotkeys'
import { type LookValue, useLook } from '../../../ui/look'
import { ToCome } from '../../../ui/ToCome'
import { theme } from '../../../ui/theme'
import { useWorker } from '../../../ui/useWorker'
import * as words from '../../../words'
import { EnterPaper } from './EnterPaper'
import { PocketEnd } from './PocketEnd'
import { PocketList } from './PocketList'
import { PocketStart } from './PocketStart'
import { RoundEnd } from './RoundEnd'
import { RoundHead } from './RoundHead'
import classes from './round.module.css'
import { ThingCard } from './ThingCard'
import { type GoingRound, useRound } from './useRound'

const roundsWords = words.rounds

const IS_ID = /^[0-9a-f-]{36}$/i

export function RoundScreen() {
  const [queries] = useState(() => new QueryClient({ defaultOptions: { queries: QUERIES } }))
  const [address] = useState(() => new URLSearchParams(location.search))
  const roundId = (address.get('id') ?? '') as RoundId
  return (
    <MantineProvider theme={theme}>
      <QueryClientProvider client={queries}>
        {IS_ID.test(roundId) ? (
          <Opened roundId={roundId} onPaper={address.has('paper')} />
        ) : (
          <NoRound why={roundsWords.noneChosen} />
        )}
      </QueryClientProvider>
    </MantineProvider>
  )
}

function Opened({ roundId, onPaper }: { readonly roundId: RoundId; readonly onPaper: boolean }) {
  const state = useRound(roundId)
  useWorker()
  if (state.kind === 'loading')
    return (
      <Stack packed as="main" gap={6} pad={6} className={classes.page} aria-busy>
        <ToCome said={roundsWords.loading} />
      </Stack>
    )
  if (state.kind === 'not_here')
    return <NoRound why={state.gone ? words.errors.notFound : roundsWords.notHere} />
  return onPaper && !state.going.round.finished ? (
    <EnterPaper going={state.going} />
  ) : (
    <Going going={state.going} />
  )
}

const NoRound = ({ why }: { readonly why: string }) => (
  <Stack packed as="main" gap={6} pad={6} className={classes.page}>
    <h1>{roundsWords.title}</h1>
    <p className="second">{why}</p>
    <ButtonLink kind="main" href="/rounds">
      {roundsWords.end.toRounds}
    </ButtonLink>
  </Stack>
)

function useTorchKey({ toggleTorch }: LookValue): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 't' && isForUs(event)) toggleTorch()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [toggleTorch])
}

/** Where in the round this device is; the answers themselves are the round's. */
type At =
  | { readonly kind: 'start'; readonly pocketId: PocketId }
  | { readonly kind: 'end'; readonly pocketId: PocketId }
  | { readonly kind: 'thing'; readonly pocketId: PocketId; readonly lotId: LotId }
  | { readonly kind: 'pockets' }
  | { readonly kind: 'report' }

/** Where somebody goes on who opens the round: at the pocket they had open, or the next. */
function firstAt({ progress, round, me, entries }: GoingRound): At {
  if (round.finished) return { kind: 'report' }
  const mine = entries.findLast(({ by }) => by === me)
  const open = progress.pockets.find(
    ({ pocket, closed }) => pocket.id === mine?.fact.pocketId && !closed,
  )
  if (open) return within(open)
  const next = nextPocket(progress, me)
  return next ? { kind: 'start', pocketId: next.pocket.id } : { kind: 'report' }
}

function within(pocket: PocketProgress): At {
  const next = nextIn(pocket)
  return next
    ? { kind: 'thing', pocketId: pocket.pocket.id, lotId: next.lotId }
    : { kind: 'end', pocketId: pocket.pocket.id }
}

function Going({ going }: { readonly going: GoingRound }) {
  const [chosen, setAt] = useState<At>(() => firstAt(going))
  const [paused, setPaused] = useState(false)
  const look = useLook()
  useTorchKey(look)
  const { progress, me, say } = going
  const { kind } = chosen
  const at: At = going.round.finished ? { kind: 'report' } : chosen
  // Each step begins at its top, and whoever reads aloud begins there too.
  const step = `${kind} ${'lotId' in at ? at.lotId : 'pocketId' in at ? at.pocketId : ''}`
  useEffect(() => {
    if (step) scrollTo(0, 0)
  }, [step])

  const afterPocket = (closed: PocketId): void => {
    const rest = {
      ...progress,
      pockets: progress.pockets.map((one) =>
        one.pocket.id === closed ? { ...one, closed: true } : one,
      ),
    }
    const next = nextPocket(rest, me)
    setAt(next ? { kind: 'start', pocketId: next.pocket.id } : { kind: 'report' })
  }
  const pocket =
    'pocketId' in at ? progress.pockets.find((one) => one.pocket.id === at.pocketId) : null

  return (
    <Stack
      packed
      as="main"
      gap={6}
      pad={6}
      id="main"
      className={classes.page}
      data-hue={going.contents.place.hue}
    >
      <RoundHead
        going={going}
        at={pocket?.pocket.id ?? null}
        look={look}
        paused={paused}
        onPause={() => setPaused(true)}
        onPockets={() => setAt({ kind: 'pockets' })}
      />
      {paused ? (
        <Row as="section" gap={6} className={classes.step}>
          <Box as="h1" size={6} breakable>
            {roundsWords.paused}
          </Box>
          <p className="second">{roundsWords.pausedLead}</p>
          <Button kind="main" className={classes.go} onClick={() => setPaused(false)}>
            {roundsWords.goOn}
          </Button>
        </Row>
      ) : at.kind === 'report' || (!pocket && at.kind !== 'pockets') ? (
        <RoundEnd
          going={going}
          onGoOn={() => setAt({ kind: 'pockets' })}
          onCount={(pocketId, lotId) => setAt({ kind: 'thing', pocketId, lotId })}
        />
      ) : at.kind === 'pockets' || !pocket ? (
        <PocketList
          going={going}
          onChoose={(pocketId) => setAt({ kind: 'start', pocketId })}
          onEnd={() => setAt({ kind: 'report' })}
        />
      ) : at.kind === 'start' ? (
        <PocketStart
          pocket={pocket}
          going={going}
          onBegin={() =>
            void say({ kind: 'at_pocket', pocketId: pocket.pocket.id }, 0).then(() =>
              setAt(within(pocket)),
            )
          }
          onOther={() => setAt({ kind: 'pockets' })}
        />
      ) : at.kind === 'end' ? (
        <PocketEnd
          pocket={pocket}
          going={going}
          isLast={progress.pockets.every((one) => one.closed || one === pocket)}
          onAnswer={() => setAt(within(pocket))}
          onClose={() =>
            void say({ kind: 'closed', pocketId: pocket.pocket.id }, 0).then(() =>
              afterPocket(pocket.pocket.id),
            )
          }
        />
      ) : (
        <ThingCard
          key={at.lotId}
          pocket={pocket}
          lotId={at.lotId}
          going={going}
          onGo={(lotId) =>
            setAt(
              lotId
                ? { kind: 'thing', pocketId: pocket.pocket.id, lotId }
                : { kind: 'end', pocketId: pocket.pocket.id },
            )
          }
        />
      )}
    </Stack>
  )
}
