/**
 * Who is where on which day: a strand for each part of the party, drawn over the days. Its ends are
 * moved with the mouse, a finger or the arrow keys; whoever goes on that day goes with them.
 */

import { useElementSize } from '@mantine/hooks'
import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react'
import { addDays, daysBetween, type PlainDate } from '../../core/calendar/plainDate'
import { type Edge, withEdgeOn } from '../../core/trips/edges'
import { firstDay, lastDay, type Stop } from '../../core/trips/trip'
import { Box } from '../../ui/Box'
import * as words from '../../words'
import { fullDay, weekdayDay } from '../../words/frame/format'
import { joinsOf, lanesOf } from './lanes'
import type { StopView } from './view'

const tripWords = words.trips

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

const daysOf = (stops: readonly StopView[]): number =>
  daysBetween(firstDay({ stops }), lastDay({ stops })) + 1

interface Props {
  readonly stops: readonly StopView[]
  /** Problems that the stop at this position is not ready for. */
  readonly missing: (at: number) => number
  /** Absent: they are only looked at. @returns whether it was saved */
  readonly onMove?: (stops: readonly Stop[]) => Promise<boolean>
}

/** So long after the last key it is saved. */
const SETTLED_MILLISECONDS = 900

export function Strands({ stops: saved, missing, onMove }: Props) {
  const [draft, setDraft] = useState<readonly Stop[] | null>(null)
  const pulled = useRef<{ readonly x: number; readonly day: PlainDate; readonly perDay: number }>(
    null,
  )
  const settled = useRef<ReturnType<typeof setTimeout>>(undefined)
  // Saved a moment after the key: by then the trip may be of another version.
  const saves = useRef(onMove)
  useEffect(() => {
    saves.current = onMove
  })
  const { ref: box, width } = useElementSize<HTMLDivElement>()
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was saved is shown as it was saved
  useEffect(() => setDraft(null), [saved])
  useEffect(() => () => clearTimeout(settled.current), [])
  const stops = draft ?? saved
  const keep = (moved: readonly Stop[] | null) => {
    clearTimeout(settled.current)
    if (moved && saves.current)
      void saves.current(moved).then((isSaved) => isSaved || setDraft(null))
  }
  const handle = (stop: StopView, edge: Edge) => ({
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId)
      pulled.current = { x: event.clientX, day: stop[edge], perDay: width / days }
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      const from = pulled.current
      if (!from) return
      const by = Math.round((event.clientX - from.x) / from.perDay)
      setDraft(withEdgeOn(saved, stop.id, edge, addDays(from.day, by)))
    },
    onPointerCancel: () => {
      pulled.current = null
      setDraft(null)
    },
    onPointerUp: () => {
      pulled.current = null
      keep(draft)
    },
    onKeyDown: (event: KeyboardEvent) => {
      const by = STEPS[event.key]
      if (by !== undefined) {
        event.preventDefault()
        const moved = withEdgeOn(stops, stop.id, edge, addDays(stop[edge], by))
        setDraft(moved)
        clearTimeout(settled.current)
        settled.current = setTimeout(() => keep(moved), SETTLED_MILLISECONDS)
      } else if (event.key === 'Enter') keep(draft)
      else if (event.key === 'Escape' && draft) {
        event.stopPropagation()
        clearTimeout(settled.current)
        setDraft(null)
      }
    },
  })
  const first = firstDay({ stops })
  const days = daysOf(stops)
  const bands = bandsOf(stops, first, days)
  const height = HEAD + (Math.max(...bands.map(({ lane }) => lane)) + 1) * LANE
  // As it was saved: what is pulled short stays in the hand. Too short for two thumbs: its form has the days.
  const isHeld = new Set(
    bandsOf(saved, firstDay({ stops: saved }), daysOf(saved)).flatMap(({ stop, from, to }) =>
      (to - from) * width >= 2 * HANDLE ? [stop.id] : [],
    ),
  )
  const every = Math.ceil(days / MOST_NAMES)
  const middle = (lane: number): number => HEAD + lane * LANE + LANE / 2
  return (
    <Box
      role="group"
      aria-label={tripWords.moveDays}
      anchor
      above={4}
      below={4}
      style={{ height }}
      ref={box}
    >
      <svg
        aria-hidden
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
          aria-hidden
          size={1}
          tone="second"
          nowrap
          style={{ position: 'absolute', top: 0, left: `${(at / days) * 100}%` }}
        >
          {weekdayDay(addDays(first, at), first)}
        </Box>
      ))}
      {bands.map(({ stop, lane, from, to }, at) => (
        <Box
          key={stop.id}
          aria-hidden
          size={2}
          weight="bold"
          ellipsis
          padX={4}
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
          {missing(at) > 0 && (
            <Box as="span" padX={2} surface="turning" radius={1}>
              {tripWords.short(missing(at))}
            </Box>
          )}{' '}
          {stop.name}
        </Box>
      ))}
      {onMove &&
        bands
          .filter(({ stop }) => isHeld.has(stop.id))
          .flatMap(({ stop, lane, from, to }) =>
            (['from', 'to'] as const).map((edge) => (
              <Box
                key={`${stop.id}/${edge}`}
                role="slider"
                tabIndex={0}
                aria-label={tripWords.edge[edge](stop.name)}
                aria-valuenow={daysBetween(first, stop[edge])}
                aria-valuemin={0}
                aria-valuemax={days - 1}
                aria-valuetext={fullDay(stop[edge])}
                {...handle(stop, edge)}
                style={{
                  position: 'absolute',
                  top: middle(lane) - 17,
                  height: 34,
                  width: HANDLE,
                  left: `calc(${(edge === 'from' ? from : to) * 100}% - ${edge === 'from' ? 0 : HANDLE}px)`,
                  cursor: 'ew-resize',
                  touchAction: 'none',
                  [edge === 'from' ? 'borderLeft' : 'borderRight']: `4px solid ${inkOf(lane)}`,
                }}
              />
            )),
          )}
    </Box>
  )
}

/** Wide enough for a thumb beside the name. */
const HANDLE = 24

const STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
}
