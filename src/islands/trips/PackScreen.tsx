/** Packing (standing, one hand, with or without a connection): by where things are; and unpacking after. */

import { Checkbox } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { packTrip, readTrip } from '../../contract/trips'
import { lastDay } from '../../core/trips/trip'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'
import { Frame, type Strap } from '../../ui/Frame'
import { shownAtOnce } from '../../ui/shownAtOnce'
import * as words from '../../words'
import { counted } from '../../words/frame/format'
import { Unpack } from './Unpack'
import { toUnpack } from './unpackDraft'
import { pocketName, type TripLine, type TripView } from './view'

const packWords = words.trips.pack

interface Props {
  readonly strap: Strap
  readonly initial: TripView
}

export const PackScreen = (props: Props) => (
  <Frame tab="household" strap={props.strap} place={null}>
    <Packing {...props} />
  </Frame>
)

function Packing({ initial }: Props) {
  const { data: view } = useQuery({
    queryKey: ['trips', initial.trip.id],
    queryFn: () => call(readTrip, { params: { tripId: initial.trip.id } }),
    initialData: initial,
  })
  const { trip, today } = view
  const open = view.lines.filter(({ state }) => state === 'to_pack' || state === 'not_there')
  const packed = toUnpack(view)
  const isOver = lastDay(trip) < today
  return (
    <>
      <Row as="header" gap={5} justify="between" align="start" wrap below={5}>
        <Box measure>
          <h1>
            {isOver
              ? words.trips.unpack.headline(trip.name)
              : packWords.headline(open.length, trip.name)}
          </h1>
          <p className="second">{isOver ? words.trips.unpack.under : packWords.under}</p>
        </Box>
        <ButtonLink kind="plain" href={`/trips/${trip.id}`}>
          {packWords.back}
        </ButtonLink>
      </Row>
      {view.lines.length === 0 && (
        <Empty text={packWords.nothing}>
          <ButtonLink kind="strong" href={`/trips/${trip.id}`}>
            {packWords.back}
          </ButtonLink>
        </Empty>
      )}
      {!isOver && <ByPocket view={view} lines={open} />}
      {open.some(({ state }) => state === 'not_there') && (
        <Box above={5}>
          <ButtonLink kind="strong" href={`/trips/${trip.id}`}>
            {packWords.replan}
          </ButtonLink>
        </Box>
      )}
      {packed.length > 0 && <Unpack view={view} opened={isOver} />}
    </>
  )
}

const titleOf = (view: TripView, pocketId: string): string => {
  const pocket = pocketName(view, pocketId)
  return pocket ? words.trips.why.from(pocket.name, pocket.kit, pocket.place) : ''
}

/** One place after the other, and in it one kit after the other. */
function byWay(view: TripView, a: string, b: string): number {
  const [one, other] = [pocketName(view, a), pocketName(view, b)]
  const wayTo = (at: typeof one): string => (at ? `${at.place}\n${at.kit}\n${at.name}` : '')
  return wayTo(one).localeCompare(wayTo(other))
}

/** One pass through the house: all that comes out of one pocket stands together. */
function ByPocket({
  view,
  lines,
}: {
  readonly view: TripView
  readonly lines: readonly TripLine[]
}) {
  const groups = new Map<string, TripLine[]>()
  for (const line of lines) groups.set(line.from, [...(groups.get(line.from) ?? []), line])
  return (
    <Stack gap={6}>
      {[...groups]
        .sort(([a], [b]) => byWay(view, a, b))
        .map(([from, own]) => {
          const title = titleOf(view, from)
          return (
            <section key={from} aria-label={title}>
              <Box as="h2" size={3} below={2}>
                {title}
              </Box>
              <ul>
                {own.map((line) => (
                  <PackLine key={line.id} view={view} line={line} />
                ))}
              </ul>
            </section>
          )
        })}
    </Stack>
  )
}

function PackLine({ view, line }: { readonly view: TripView; readonly line: TripLine }) {
  const { run } = useActing()
  const into = pocketName(view, line.into)
  const params = { tripId: view.trip.id }
  const mark = (
    body: Parameters<typeof run<typeof packTrip>>[1]['body'],
    state: TripLine['state'],
    said: string,
  ) =>
    void run(packTrip, { params, body }, said, {
      about: said,
      atOnce: shownAtOnce<TripView>(['trips', view.trip.id], (now) => ({
        ...now,
        lines: now.lines.map((one) => (one.id === line.id ? { ...one, state } : one)),
      })),
    })
  const isMissing = line.state === 'not_there'
  return (
    <Row as="li" gap={5} align="center" padY={3} lineBelow="hairline">
      <Checkbox
        size="lg"
        checked={false}
        onChange={() =>
          mark({ packed: [line.id], notThere: [] }, 'packed', packWords.done(line.title))
        }
        aria-label={packWords.tick(line.title)}
      />
      <Box grow shrink breakable>
        <b>{line.title}</b> {counted(line.amount, line.unit)}
        <Box as="p" size={2} tone="second">
          {[
            ...(into ? [packWords.into(into.name, into.kit)] : []),
            ...(isMissing ? [packWords.missingNow(line.title)] : []),
            ...(line.there < line.amount && !isMissing
              ? [packWords.changed(line.there, line.unit)]
              : []),
          ].join(' · ')}
        </Box>
        {line.directions !== '' && (
          <Box as="p" size={2}>
            {line.directions}
          </Box>
        )}
      </Box>
      {!isMissing && (
        <Button
          kind="plain"
          aria-label={packWords.notThereLabel(line.title)}
          onClick={() =>
            mark({ packed: [], notThere: [line.id] }, 'not_there', packWords.gone(line.title))
          }
        >
          {packWords.notThere}
        </Button>
      )}
    </Row>
  )
}
