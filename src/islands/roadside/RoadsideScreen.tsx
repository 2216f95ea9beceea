/**
 * A professional is here (at a roadside, in a hurry, on a phone that is handed over): what the kits hold,
 * by what it is for. No names, no medicines; works from what the device has kept.
 */

import { MantineProvider } from '@mantine/core'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { takeAtRoadside } from '../../contract/roadside'
import type { Pantry } from '../../core/cover/pantry'
import { kitsAt } from '../../core/cover/scene'
import type { PlaceId } from '../../core/ids'
import { less, NOTHING, sum, type Total } from '../../core/quantity/amount'
import { type AtRoadside, roadside } from '../../core/roadside/roadside'
import { ActingProvider, useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { ButtonLink, Chip } from '../../ui/Button'
import { QUERIES } from '../../ui/Frame'
import { ToCome } from '../../ui/ToCome'
import { theme } from '../../ui/theme'
import type { WaitingAct } from '../../ui/useOutbox'
import { useWorker } from '../../ui/useWorker'
import { WaitingBadge } from '../../ui/WaitingBadge'
import * as words from '../../words'
import { type Care, useCare } from '../care/useCare'
import { placeOf, Supplies } from './Supplies'

const roadsideWords = words.roadside

export function RoadsideScreen() {
  const [queries] = useState(() => new QueryClient({ defaultOptions: { queries: QUERIES } }))
  return (
    <MantineProvider theme={theme}>
      <QueryClientProvider client={queries}>
        <ActingProvider>
          <Opened />
        </ActingProvider>
      </QueryClientProvider>
    </MantineProvider>
  )
}

function Opened() {
  useWorker()
  const state = useCare()
  return (
    <Stack as="main" id="main" gap={5} pad={6} style={{ maxWidth: '46rem', margin: '0 auto' }}>
      <Row as="header" gap={5} align="center">
        <ButtonLink kind="close" href="/" aria-label={words.errors.home}>
          ‹
        </ButtonLink>
        <Box as="h1" size={5} grow>
          {roadsideWords.title}
        </Box>
        {state.kind === 'there' && <WaitingBadge outbox={state.care.outbox} />}
      </Row>
      {state.kind === 'there' && <Kits care={state.care} />}
      {state.kind === 'loading' && <ToCome said={words.care.incident.loading} />}
      {state.kind === 'not_here' && <p>{words.care.incident.signIn}</p>}
    </Stack>
  )
}

const PLACE = 'place'
const inAddress = (): string | null => new URLSearchParams(location.search).get(PLACE)

function Kits({ care: { laid, view, outbox } }: { readonly care: Care }) {
  const { run, busy } = useActing()
  const { places } = laid.stock
  const [chosen, setChosen] = useState<string | null>(inAddress)
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set())
  // Somebody at a roadside stands beside the car.
  const place =
    places.find(({ id }) => id === chosen) ??
    places.find(({ traits }) => traits.includes('vehicle')) ??
    places[0]
  const seen = useMemo(() => {
    if (!place) return null
    const kits = new Set(kitsAt(laid.stock, place, view.today).map(({ id }) => id))
    return roadside(withoutWaiting(laid, outbox.waiting), kits, view.today)
  }, [laid, place, view.today, outbox.waiting])
  const choose = (id: PlaceId) => {
    history.replaceState(null, '', `?${PLACE}=${id}`)
    setChosen(id)
  }
  const take = async (thing: AtRoadside) => {
    await run(takeAtRoadside, { body: thing.take }, roadsideWords.taken(thing.title), {
      about: roadsideWords.taken(thing.title),
    })
    setTaken((known) => new Set([...known, placeOf(thing.take)]))
  }
  if (!place || !seen) return <p>{roadsideWords.nothing}</p>
  return (
    <>
      <Box as="p" className="second">
        {roadsideWords.lead}
      </Box>
      {places.length > 1 && (
        <Row as="nav" gap={3} wrap align="center" aria-label={roadsideWords.where}>
          <b aria-hidden>{roadsideWords.where}</b>
          {places.map(({ id, name }) => (
            <Chip key={id} pressed={id === place.id} onClick={() => choose(id)}>
              {name}
            </Chip>
          ))}
        </Row>
      )}
      <Supplies view={seen} onTake={(thing) => void take(thing)} busy={busy} taken={taken} />
    </>
  )
}

/** What was taken without a connection and waits to be sent does not lie there any more. */
function withoutWaiting(laid: Pantry, waiting: readonly WaitingAct[]): Pantry {
  const gone = new Map<string, Total>()
  for (const { path, state, body } of waiting) {
    if (path !== takeAtRoadside.path || state !== 'waiting') continue
    const take = body as AtRoadside['take']
    gone.set(placeOf(take), sum([gone.get(placeOf(take)) ?? NOTHING, take.amount]))
  }
  if (gone.size === 0) return laid
  return {
    ...laid,
    shelves: laid.shelves.map((shelf) => ({
      ...shelf,
      amount: less(
        shelf.amount,
        gone.get(placeOf({ lotId: shelf.lotId, pocketId: shelf.pocket.id })) ?? NOTHING,
      ),
    })),
  }
}
