/** A trip (planning, at a desk): who is where, what is still missing, what goes into which bag and why. */

import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { changeTrip, planTrip, readTrip, removeTrip } from '../../contract/trips'
import type { StopId } from '../../core/ids'
import { tripAgain } from '../../core/trips/again'
import { tripQuestions } from '../../core/trips/faults'
import { firstDay, lastDay, type Stop, type Trip, travellers } from '../../core/trips/trip'
import { call, newKey } from '../../device/call'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Frame, type Strap } from '../../ui/Frame'
import * as words from '../../words'
import { type CoverView, useCover } from '../cover/useCover'
import { HouseholdTabs } from '../household/HouseholdTabs'
import { Bags } from './Bags'
import { Lessons } from './Lessons'
import { linesOf, Missing } from './Missing'
import { OnTheWay } from './OnTheWay'
import { packedAs } from './packedAs'
import { Stops } from './Stops'
import { TripForm } from './TripForm'
import { sourcesIn } from './TripsScreen'
import { usePacking } from './usePacking'
import { isOutNow, type TripPatch, type TripView, tripOf } from './view'
import { Weather } from './Weather'
import { Whys } from './Whys'
import { Wishes } from './Wishes'

const tripWords = words.trips

interface Props {
  readonly strap: Strap
  readonly initial: TripView
  readonly cover: CoverView
}

export const TripScreen = (props: Props) => (
  <Frame tab="household" strap={props.strap} place={null}>
    <HouseholdTabs part="trips" />
    <TripPlanned {...props} />
  </Frame>
)

function TripPlanned({ initial, cover: initialCover }: Props) {
  const { run, busy } = useActing()
  const { data: view } = useQuery({
    queryKey: ['trips', initial.trip.id],
    queryFn: () => call(readTrip, { params: { tripId: initial.trip.id } }),
    initialData: initial,
  })
  const cover = useCover(initialCover)
  const packing = usePacking(view, cover.laid)
  const [changing, setChanging] = useState(false)
  const [again, setAgain] = useState<Trip | null>(null)
  const { trip, today } = view
  const { plan, state } = packing
  const going = travellers(trip)
  const animals = going.filter(
    (id) => cover.view.members.find((one) => one.id === id)?.species !== 'person',
  ).length
  const isSplit = useMemo(() => overlapping(trip.stops), [trip.stops])
  const change = (patch: TripPatch, said: string = tripWords.form.changed(trip.name)) =>
    void run(
      changeTrip,
      { params: { tripId: trip.id }, body: { seenVersion: trip.version, ...patch } },
      said,
    )
  const moveDays = async (stops: readonly Stop[]): Promise<boolean> =>
    (await run(
      changeTrip,
      { params: { tripId: trip.id }, body: { seenVersion: trip.version, stops } },
      tripWords.form.changed(trip.name),
    )) !== null
  const asked = packedAs(view, plan)
  const isOut = isOutNow(view)
  const toPack = view.lines.some(({ state }) => state === 'to_pack')
  const gaps = plan ? linesOf(view, plan.gaps).length : 0
  return (
    <>
      <Row as="header" gap={6} align="start" justify="between" wrap below={5}>
        <Box measure>
          <h1>
            {isOut
              ? tripWords.headlineOut(trip.name, gaps, plan !== null)
              : tripWords.headline(trip.name, gaps, plan !== null && trip.bags.length > 0)}
          </h1>
          <Box as="p" tone="second">
            {tripWords.summary(
              firstDay(trip),
              lastDay(trip),
              today,
              going.length - animals,
              animals,
              isSplit ? 2 : 1,
            )}
          </Box>
        </Box>
        <Row gap={4} wrap align="center">
          {!isOut && asked.isNew && plan && plan.lines.length > 0 && (
            <Button
              kind="main"
              busy={busy}
              onClick={() =>
                void run(
                  planTrip,
                  { params: { tripId: trip.id }, body: { lines: asked.lines } },
                  ({ lines }) => tripWords.taken(lines),
                )
              }
            >
              {tripWords.take}
            </Button>
          )}
          {view.lines.length > 0 && (
            <ButtonLink kind={asked.isNew ? 'firm' : 'main'} href={`/trips/${trip.id}/pack`}>
              {lastDay(trip) < today || (isOut && !toPack)
                ? tripWords.unpack.open
                : tripWords.pack.open}
            </ButtonLink>
          )}
          <Button onClick={() => setChanging(true)}>{tripWords.form.change}</Button>
          {trip.bags.length > 0 && (
            <ButtonLink kind="quiet" href={`/trips/${trip.id}/sheets`}>
              {tripWords.sheets.open}
            </ButtonLink>
          )}
          <Button
            kind="quiet"
            onClick={() => setAgain(tripAgain(tripOf(view), today, () => newKey() as StopId))}
          >
            {tripWords.planAgain}
          </Button>
          <Button
            kind="quiet"
            disabled={busy}
            onClick={() =>
              void run(
                removeTrip,
                { params: { tripId: trip.id } },
                tripWords.remove.did(trip.name),
              ).then((done) => done && location.assign('/trips'))
            }
          >
            {tripWords.remove.press}
          </Button>
        </Row>
      </Row>
      <Stack gap={7} align="start" columns="minmax(0, 3fr) minmax(0, 2fr)" collapse>
        <div>
          <Stops view={view} cover={cover} plan={plan} onMove={moveDays} />
          <Questions view={view} cover={cover} />
          <Weather view={view} />
          <Missing view={view} cover={cover} plan={plan} onChange={change} />
          {isOut && <OnTheWay view={view} cover={cover} plan={plan} />}
        </div>
        <div>
          <Bags
            view={view}
            cover={cover}
            plan={plan}
            onChange={change}
            choose={isOut ? null : packing.choose}
            stop={packing.stop}
          />
          {!isOut && <Working packing={packing} plan={plan} hasBags={trip.bags.length > 0} />}
        </div>
      </Stack>
      <Lessons view={view} cover={cover} />
      {plan && !isOut && <Whys view={view} cover={cover} plan={plan} onChange={change} />}
      {!isOut && <Wishes view={view} cover={cover} plan={plan} onChange={change} />}
      <Box as="p" size={2} tone="second" above={6} measure>
        {tripWords.foodAndWater} {tripWords.notAdvice}
      </Box>
      {changing && (
        <TripForm
          key={trip.version}
          trip={tripOf(view)}
          cover={cover.view}
          beginnings={{ sources: sourcesIn(cover.view), bags: [] }}
          onClose={() => setChanging(false)}
          onSaved={() => setChanging(false)}
        />
      )}
      {again && (
        <TripForm
          trip={null}
          like={again}
          cover={cover.view}
          beginnings={{ sources: sourcesIn(cover.view), bags: [] }}
          onClose={() => setAgain(null)}
          onSaved={(tripId) => (tripId ? location.assign(`/trips/${tripId}`) : setAgain(null))}
        />
      )}
      <span className="visually-hidden" role="status">
        {state === 'working' ? tripWords.working : ''}
      </span>
    </>
  )
}

/** Whether anybody is somewhere else than the others on some day. */
const overlapping = (stops: TripView['trip']['stops']): boolean =>
  stops.some((one, at) =>
    stops.slice(at + 1).some((other) => one.from < other.to && other.from < one.to),
  )

interface Part {
  readonly view: TripView
  readonly cover: ReturnType<typeof useCover>
}

function Questions({ view, cover }: Part) {
  const { trip } = view
  const stopName = (id: string) => trip.stops.find((one) => one.id === id)?.name ?? ''
  const known = new Set(cover.view.members.map(({ id }) => id))
  const questions = tripQuestions(tripOf(view), known).map((one) => {
    switch (one.code) {
      case 'how_far':
        return tripWords.questions.how_far(stopName(one.stop))
      case 'who_is_gone':
        return tripWords.questions.who_is_gone(stopName(one.stop))
      case 'no_bag':
        return tripWords.questions.no_bag(stopName(one.stop))
      default:
        return tripWords.questions.where_on(cover.memberName(one.member), one.from, one.to)
    }
  })
  if (questions.length === 0) return null
  return (
    <Stack as="ul" gap={2} above={5}>
      {questions.map((text) => (
        <Box as="li" key={text} size={2} padX={4} padY={2} surface="turning" radius={1}>
          {text}
        </Box>
      ))}
    </Stack>
  )
}

function Working({
  packing: { state, stop, anew },
  plan,
  hasBags,
}: {
  readonly packing: ReturnType<typeof usePacking>
  readonly plan: ReturnType<typeof usePacking>['plan']
  readonly hasBags: boolean
}) {
  if (!hasBags) return null
  return (
    <Row gap={4} align="center" wrap above={4} size={2}>
      {state === 'working' && (
        <>
          <span className="second">{tripWords.working}</span>
          <Button kind="plain" onClick={stop}>
            {tripWords.stop}
          </Button>
        </>
      )}
      {(state === 'failed' || state === 'stopped') && (
        <>
          <span role="alert">{state === 'failed' ? tripWords.failed : tripWords.stopped}</span>
          <Button kind="plain" onClick={anew}>
            {tripWords.again}
          </Button>
        </>
      )}
      {state === 'found' && plan && (
        <p>
          {plan.lines.length === 0
            ? tripWords.unchanged
            : tripWords.loadout(plan.grams, plan.provenGrams, plan.isProven)}
        </p>
      )}
    </Row>
  )
}
