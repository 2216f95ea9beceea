/** A sheet for each bag: whose it is, what is in it, for whom, how it is taken, whom to call there. */
import type { PlainDate } from '../../core/calendar/plainDate'
import { isRunning } from '../../core/household/course'
import { type Amount, amount } from '../../core/quantity/amount'
import paper from '../../sheets/paper.module.css'
import { Box, Stack } from '../../ui/Box'
import * as words from '../../words'
import { counted, list } from '../../words/frame/format'
import { type Cover, type CoverView, coverOf } from '../cover/useCover'
import type { TripView } from './view'

const said = words.trips.sheets

interface Props {
  readonly view: TripView
  readonly cover: CoverView
}

interface Inside {
  readonly key: string
  readonly title: string
  readonly amount: string
  readonly pocket: string
  readonly forWhom: string
  readonly directions: string
  readonly isPacked: boolean
}

export function TripPaper({ view, cover: coverView }: Props) {
  const { trip, numbers, today } = view
  const cover = coverOf(coverView)
  return (
    <main id="main">
      {trip.bags.length === 0 && <p>{said.noBags}</p>}
      {trip.bags.length > 0 && <Labels view={view} cover={cover} />}
      {trip.bags.map((bag) => {
        const room = view.rooms.find(({ kitId }) => kitId === bag.kitId)
        const stops = trip.stops.filter(({ members }) => members.includes(bag.carrier))
        const inside = insideOf(view, cover, bag.kitId, today)
        const isFor = inside.some(({ forWhom }) => forWhom !== '')
        const isDirected = inside.some(({ directions }) => directions !== '')
        return (
          <section className={paper.paper} style={{ breakAfter: 'page' }} key={bag.kitId}>
            <h1>
              {trip.name}: {room?.name ?? cover.kitName(bag.kitId)}
            </h1>
            <p>
              {said.carriedBy(cover.memberName(bag.carrier))} {said.asOf(today)}
            </p>
            {stops.map((stop) => {
              const call = numbers.find((one) => one.stop === stop.id)
              return (
                <p key={stop.id}>
                  <b>
                    {words.trips.strandAbout(
                      stop.name,
                      stop.members.map(cover.memberName),
                      stop.from,
                      stop.to,
                      today,
                    )}
                  </b>
                  <br />
                  {[
                    call?.emergency ? said.emergency(call.emergency) : said.emergencyUnknown,
                    call?.poison ? said.poison(call.poison) : '',
                    words.trips.toHelp(stop.minutesToHelp),
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                  {stop.note !== '' && (
                    <>
                      <br />
                      {stop.note}
                    </>
                  )}
                </p>
              )
            })}
            {inside.length === 0 ? (
              <p>{said.empty}</p>
            ) : (
              <table>
                <thead>
                  <tr>
                    <th scope="col">{said.what}</th>
                    <th scope="col">{said.where}</th>
                    {isFor && <th scope="col">{said.forWhom}</th>}
                    {isDirected && <th scope="col">{said.directions}</th>}
                  </tr>
                </thead>
                <tbody>
                  {inside.map((one) => (
                    <tr key={one.key}>
                      <td>
                        <b>{one.title}</b>, {one.amount}
                        {!one.isPacked && (
                          <Box as="small" block>
                            {said.toPack}
                          </Box>
                        )}
                      </td>
                      <td>{one.pocket}</td>
                      {isFor && <td>{one.forWhom}</td>}
                      {isDirected && <td>{one.directions}</td>}
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
            <p>{words.trips.notAdvice}</p>
          </section>
        )
      })}
    </main>
  )
}

/** One for each small bag or pocket with something in it: what it is, whose, and what for. */
function Labels({ view, cover }: { readonly view: TripView; readonly cover: Cover }) {
  const { trip, today } = view
  const labels = trip.bags.flatMap((bag) => {
    const inside = insideOf(view, cover, bag.kitId, today)
    return [...new Set(inside.map(({ pocket }) => pocket))].map((pocket) => ({
      pocket,
      bag: cover.kitName(bag.kitId),
      carrier: cover.memberName(bag.carrier),
      things: inside.filter((one) => one.pocket === pocket),
    }))
  })
  if (labels.length === 0) return null
  return (
    <section className={paper.paper} style={{ breakAfter: 'page' }} aria-label={said.labels}>
      <h1>
        {trip.name}: {said.labels}
      </h1>
      <p>{said.labelsUnder}</p>
      <Stack columns="minmax(0, 1fr) minmax(0, 1fr)" gap={4}>
        {labels.map(({ pocket, bag, carrier, things }) => (
          <Box key={`${bag}/${pocket}`} pad={4} line="dashed" style={{ breakInside: 'avoid' }}>
            <Box as="h2" size={4} breakable>
              {pocket === bag ? bag : `${bag}: ${pocket}`}
            </Box>
            <Box as="p" size={2}>
              {said.labelOf(trip.name, carrier)}
            </Box>
            <Box as="p" above={2} breakable>
              {list(things.slice(0, MOST_ON_A_LABEL).map(nameOnLabel))}
              {things.length > MOST_ON_A_LABEL &&
                ` ${words.trips.why.more(things.length - MOST_ON_A_LABEL)}`}
            </Box>
          </Box>
        ))}
      </Stack>
    </section>
  )
}

/** More stands on the bag's own sheet. */
const MOST_ON_A_LABEL = 10

const nameOnLabel = ({ title, forWhom }: Inside): string =>
  forWhom === '' ? title : `${title} (${forWhom})`

/** What lies in a bag, and what is still to be packed into it. */
function insideOf(
  view: TripView,
  cover: Cover,
  kitId: string,
  today: PlainDate,
): readonly Inside[] {
  const { laid } = cover
  const pockets = new Map(
    laid.stock.pockets.flatMap(({ id, kitId: of, name }) => (of === kitId ? [[id, name]] : [])),
  )
  const directions = new Map(view.lines.map(({ lotId, directions: text }) => [lotId, text]))
  const lying = laid.stock.holdings.flatMap(({ lotId, pocketId, amount: some }) => {
    const itemId = laid.stock.lots.find(({ id }) => id === lotId)?.itemId
    return pockets.has(pocketId) && itemId
      ? [{ lotId, pocketId, itemId, some, isPacked: true }]
      : []
  })
  const coming = view.lines.flatMap(({ lotId, into, itemId, amount: some, state }) =>
    state === 'to_pack' && pockets.has(into)
      ? [{ lotId, pocketId: into, itemId, some, isPacked: false }]
      : [],
  )
  const inside = [...lying, ...coming].map(({ lotId, pocketId, itemId, some, isPacked }, at) => {
    const known = laid.known[laid.thingOf.get(itemId) ?? -1]
    const courses = laid.stock.courses.filter(
      (course) => course.itemId === itemId && isRunning(course, today),
    )
    const lot = laid.stock.lots.find(({ id }) => id === lotId)
    const whose = new Set([
      ...courses.map(({ memberId }) => memberId),
      ...(lot?.forMember ? [lot.forMember] : []),
    ])
    return {
      key: `${lotId}/${pocketId}/${at}`,
      title: laid.things[laid.thingOf.get(itemId) ?? -1]?.title ?? '',
      amount: counted(amount(some as number) as Amount, known?.item.unit ?? ''),
      pocket: pockets.get(pocketId) ?? '',
      forWhom: list([...whose].map(cover.memberName)),
      directions: [
        ...new Set([...courses.map((one) => one.directions), directions.get(lotId) ?? '']),
      ]
        .filter(Boolean)
        .join('; '),
      isPacked,
    }
  })
  return inside.sort((a, b) => a.pocket.localeCompare(b.pocket) || a.title.localeCompare(b.title))
}
