/** Going out (planning, at a desk): the trips to come, and a new one. */

import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { readTrips } from '../../contract/trips'
import type { PlaceId } from '../../core/ids'
import { tripFromCalendar } from '../../core/trips/fromCalendar'
import type { Trip } from '../../core/trips/trip'
import { call, newKey } from '../../device/call'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'
import { Frame, type Strap } from '../../ui/Frame'
import * as words from '../../words'
import { list } from '../../words/frame/format'
import type { CoverView } from '../cover/useCover'
import { HouseholdTabs } from '../household/HouseholdTabs'
import { CalendarTrips } from './CalendarTrips'
import { TripForm } from './TripForm'
import type { TripsView } from './view'

const tripWords = words.trips

interface Props {
  readonly strap: Strap
  readonly initial: TripsView
  readonly cover: CoverView
}

export const TripsScreen = (props: Props) => (
  <Frame tab="household" strap={props.strap} place={null}>
    <HouseholdTabs part="trips" />
    <Trips {...props} />
  </Frame>
)

/**
 * Bags are filled from where the household lives and from what stands before its door; where it lives
 * nowhere, from everywhere.
 */
export function sourcesIn({ places }: CoverView): readonly PlaceId[] {
  const stores = places.filter(
    ({ isStore, traits }) => isStore || traits.includes('vehicle') || traits.includes('road'),
  )
  return (stores.length > 0 ? stores : places).map(({ id }) => id)
}

function Trips({ initial, cover }: Props) {
  const { data } = useQuery({
    queryKey: ['trips'],
    queryFn: () => call(readTrips),
    initialData: initial,
  })
  const [adding, setAdding] = useState(false)
  const [like, setLike] = useState<Trip | null>(null)
  const close = () => {
    setAdding(false)
    setLike(null)
  }
  const open = data.trips.filter(({ overOn }) => overOn === null)
  const over = data.trips.filter(({ overOn }) => overOn !== null)
  return (
    <>
      <Row as="header" gap={6} align="start" justify="between" wrap below={6}>
        <Box measure>
          <h1>{open.length === 0 ? tripWords.none : tripWords.title}</h1>
          <p className="second">{tripWords.under}</p>
        </Box>
        {open.length > 0 && (
          <Button kind="main" onClick={() => setAdding(true)}>
            {tripWords.add}
          </Button>
        )}
      </Row>
      {open.length === 0 && (
        <Empty text={cover.members.length === 0 ? words.cover.noMembers : tripWords.noneText}>
          {cover.members.length === 0 ? (
            <ButtonLink kind="strong" href="/begin?step=members">
              {words.ways.members}
            </ButtonLink>
          ) : (
            <Button kind="strong" onClick={() => setAdding(true)}>
              {tripWords.add}
            </Button>
          )}
        </Empty>
      )}
      <Cards trips={open} today={data.today} cover={cover} />
      {over.length > 0 && (
        <Box as="section" above={7} aria-label={tripWords.over}>
          <Box as="h2" size={4} below={3}>
            {tripWords.over}
          </Box>
          <Cards trips={over} today={data.today} cover={cover} />
        </Box>
      )}
      {cover.members.length > 0 && (
        <CalendarTrips
          trips={data.trips}
          onPlan={(entry) =>
            setLike(
              tripFromCalendar(
                entry,
                cover.members.map(({ id }) => id),
                sourcesIn(cover),
                newKey,
              ),
            )
          }
        />
      )}
      {(adding || like) && (
        <TripForm
          trip={null}
          {...(like && { like })}
          cover={cover}
          beginnings={{ sources: sourcesIn(cover), bags: [] }}
          onClose={close}
          onSaved={(tripId) => {
            close()
            if (tripId) location.assign(`/trips/${tripId}`)
          }}
        />
      )}
    </>
  )
}

function Cards({
  trips,
  today,
  cover,
}: {
  readonly trips: TripsView['trips']
  readonly today: TripsView['today']
  readonly cover: CoverView
}) {
  const name = (id: string) => cover.members.find((one) => one.id === id)?.name ?? ''
  return (
    <Stack as="ul" gap={4}>
      {trips.map((trip) => (
        <Row
          as="li"
          key={trip.id}
          gap={5}
          align="center"
          justify="between"
          wrap
          padX={5}
          padY={4}
          surface="paper"
          line="seam"
          radius={2}
        >
          <Box shrink>
            <Box as="h3" size={4} breakable>
              <Box as="a" unlined href={`/trips/${trip.id}`}>
                {trip.name}
              </Box>
            </Box>
            <Box as="p" size={2} tone="second">
              {trip.overOn === null
                ? tripWords.card(trip.from, trip.to, today)
                : tripWords.cardOver(trip.overOn, today)}
              {' · '}
              {list([...new Set(trip.stops.flatMap(({ members }) => members.map(name)))])}
            </Box>
          </Box>
          {trip.overOn === null && (
            <Row gap={4} align="center" wrap>
              <Box as="span" size={2}>
                {tripWords.packing(trip.packed, trip.packed + trip.toPack)}
              </Box>
              {trip.packed + trip.toPack > 0 && (
                <ButtonLink kind="plain" href={`/trips/${trip.id}/pack`}>
                  {trip.to < today ? tripWords.unpack.open : tripWords.pack.title}
                </ButtonLink>
              )}
            </Row>
          )}
        </Row>
      ))}
    </Stack>
  )
}
