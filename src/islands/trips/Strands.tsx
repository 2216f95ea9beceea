/** Who is where on which day: a strand for each part of the party, drawn over the days. */

import { addDays, daysBetween, type PlainDate } from '../../core/calendar/plainDate'
import { firstDay, lastDay } from '../../core/trips/trip'
import { Box } from '../../ui/Box'
import { weekdayDay } from '../../words/frame/format'
import { joinsOf, lanesOf } from './lanes'
import type { StopView } from './view'

const LANE = 48
const HEAD = 24
/** No more names of days than these have room. */
const MOST_NAMES = 5

/** Of the lanes, from above; what is told apart by them stands below in words. */
const INKS = ['var(--cobalt)', 'var(--lagoon)', 'var(--ochre)', 'var(--magenta)', 'var(--fern)']
const inkOf = (lane: number): string => INKS[lane % INKS.length] ?? 'var(--ink)'

interface Band {
  readonly stop: StopView
  readonly lane: number
  /** Shares of the width. */
  readonly from: number
  readonly to: number
}

/** A day on which somebody moves belongs half to the one stop and half to the other. */
function bandsOf(stops: readonly StopView[], first: PlainDate, days: number): readonly Band[] {
  const lanes = lanesOf(stops)
  return stops.map((stop, at) => {
    const shares = (edge: 'from' | 'to', other: 'from' | 'to'): boolean =>
      stops.some((one) => one.id !== stop.id && one[other] === stop[edge])
    return {
      stop,
      lane: lanes[at] ?? 0,
      from: (daysBetween(first, stop.from) + (shares('from', 'to') ? 0.5 : 0)) / days,
      to: (daysBetween(first, stop.to) + (shares('to', 'from') ? 0.5 : 1)) / days,
    }
  })
}

export function Strands({ stops }: { readonly stops: readonly StopView[] }) {
  const first = firstDay({ stops })
  const days = daysBetween(first, lastDay({ stops })) + 1
  const bands = bandsOf(stops, first, days)
  const height = HEAD + (Math.max(...bands.map(({ lane }) => lane)) + 1) * LANE
  const every = Math.ceil(days / MOST_NAMES)
  const middle = (lane: number): number => HEAD + lane * LANE + LANE / 2
  return (
    <Box aria-hidden anchor above={4} below={4} style={{ height }}>
      <svg
        viewBox={`0 0 1000 ${height}`}
        preserveAspectRatio="none"
        width="100%"
        height={height}
        role="presentation"
      >
        {joinsOf(stops).map(([a, b]) => {
          const [one, next] = [bands[a], bands[b]]
          if (!one || !next || one.lane === next.lane) return null
          const reach = 400 / days
          const [x1, x2] = [one.to * 1000 - reach, next.from * 1000 + reach]
          const [y1, y2] = [middle(one.lane), middle(next.lane)]
          return (
            <path
              key={`${one.stop.id}${next.stop.id}`}
              d={`M ${x1} ${y1} C ${x1 + reach} ${y1}, ${x2 - reach} ${y2}, ${x2} ${y2}`}
              fill="none"
              stroke={inkOf(Math.max(one.lane, next.lane))}
              strokeWidth={3}
              vectorEffect="non-scaling-stroke"
            />
          )
        })}
      </svg>
      {Array.from({ length: Math.ceil(days / every) }, (_, at) => at * every).map((at) => (
        <Box
          key={at}
          size={1}
          tone="second"
          nowrap
          style={{ position: 'absolute', top: 0, left: `${(at / days) * 100}%` }}
        >
          {weekdayDay(addDays(first, at), first)}
        </Box>
      ))}
      {bands.map(({ stop, lane, from, to }) => (
        <Box
          key={stop.id}
          size={2}
          weight="bold"
          ellipsis
          padX={3}
          padY={3}
          radius={1}
          surface="paper"
          style={{
            position: 'absolute',
            top: middle(lane) - 17,
            height: 34,
            left: `${from * 100}%`,
            width: `${(to - from) * 100}%`,
            borderBottom: `3px solid ${inkOf(lane)}`,
            background: `color-mix(in srgb, ${inkOf(lane)} 14%, var(--paper))`,
          }}
        >
          {stop.name}
        </Box>
      ))}
    </Box>
  )
}
