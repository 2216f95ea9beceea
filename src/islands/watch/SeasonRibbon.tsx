/** Eighteen months, a lane a place: each lot at the day it turns, visits as bands. */

import { Popover } from '@mantine/core'
import { useState } from 'react'
import { addMonths, daysBetween, type PlainDate } from '../../core/calendar/plainDate'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { StateOutline } from '../../ui/StateGlyph'
import * as words from '../../words'
import { counted, shortDay, shortMonth } from '../../words/frame/format'
import type { Watch } from './view'
import classes from './watch.module.css'

type Ribbon = Watch['ribbon']
type Tag = Ribbon['lanes'][number]['tags'][number]

interface Props {
  readonly ribbon: Ribbon
  readonly places: Watch['strap']['places']
  readonly today: PlainDate
}

export function SeasonRibbon({ ribbon, places, today }: Props) {
  const days = daysBetween(ribbon.from, ribbon.to)
  const at = (day: PlainDate): number =>
    Math.max(0, Math.min(100, (100 * daysBetween(ribbon.from, day)) / days))
  const firstMonth = `${addMonths(today, 1).slice(0, 7)}-01` as PlainDate
  const months = Array.from({ length: 9 }, (_, index) => addMonths(firstMonth, index * 2)).filter(
    (day) => day <= ribbon.to,
  )
  return (
    <section className={classes.ribbon} aria-label={words.watch.ribbon}>
      {places.map((place) => {
        const lane = ribbon.lanes.find(({ placeId }) => placeId === place.id)
        return (
          <Stack
            columns="10.5rem 1fr"
            collapse
            lineAbove="dashed"
            key={place.id}
            className={classes.lane}
            data-hue={place.hue}
          >
            <Box padX={2} padY={4} className={classes.laneName}>
              <Box as="b" size={3} weight="bold" tone="hue" face="display" block>
                {place.name}
              </Box>
              <Box as="small" size={1} tone="second">
                {words.strap.next(place.next, today)}
              </Box>
            </Box>
            <Box
              anchor
              className={classes.track}
              data-visits={(lane?.visits.length ?? 0) > 0}
              style={heightOf(lane)}
            >
              {lane?.visits.map((visit, index) => (
                <Box
                  surface="band"
                  key={visit.startsOn}
                  className={classes.band}
                  style={{
                    left: `${at(visit.startsOn)}%`,
                    width: `max(3px, ${at(visit.endsOn) - at(visit.startsOn)}%)`,
                  }}
                >
                  {hasRoom(lane.visits, index, at) && (
                    <Box as="span" size={1} weight="bold" nowrap>
                      {visit.label}
                    </Box>
                  )}
                </Box>
              ))}
              {lane && lane.tags.length === 0 && (
                <Box as="span" size={2} tone="second" className={classes.noTags}>
                  {words.watch.nothingTurns}
                </Box>
              )}
              {lane?.tags.map((tag) => (
                <RibbonTag
                  key={`${tag.day}${tag.row}`}
                  tag={tag}
                  left={at(tag.day)}
                  today={today}
                />
              ))}
            </Box>
          </Stack>
        )
      })}
      <Box anchor size={1} tone="second" lineAbove="dashed" className={classes.axis} aria-hidden>
        <Box as="span" nowrap className={classes.todayMark}>
          {words.watch.today}
        </Box>
        {months.map((day) => (
          <Box as="span" nowrap key={day} style={{ left: `${at(day)}%` }}>
            {shortMonth(day)}
            {day.slice(5, 7) === '01' ||
            (day.slice(0, 4) !== today.slice(0, 4) && day.slice(5, 7) < '03')
              ? ` ${day.slice(0, 4)}`
              : ''}
          </Box>
        ))}
      </Box>
    </section>
  )
}

/** Pixels from one row of tags to the next, and above the first. */
const ROW = 29
const ROW_TOP = 4
/** Two rows fit into every lane; what a life depends on may need more. */
const USUAL_ROWS = 2

function heightOf(lane: Ribbon['lanes'][number] | undefined) {
  const more = Math.max(0, ...(lane?.tags ?? []).map(({ row }) => row + 1 - USUAL_ROWS))
  return more === 0 ? {} : { paddingBottom: `${more * ROW}px` }
}

/** A label is drawn when it does not run into the next visit's, and not past the edge. */
function hasRoom(
  visits: Ribbon['lanes'][number]['visits'],
  index: number,
  at: (day: PlainDate) => number,
): boolean {
  const visit = visits[index]
  const next = visits[index + 1]
  if (!visit) return false
  const needed = visit.label.length * 0.62
  return at(visit.startsOn) + needed < (next ? at(next.startsOn) : 100)
}

function RibbonTag({
  tag,
  left,
  today,
}: {
  readonly tag: Tag
  readonly left: number
  readonly today: PlainDate
}) {
  const [open, setOpen] = useState(false)
  const name = `${tag.title}${tag.count > 1 ? ` ${words.watch.more(tag.count - 1)}` : ''}`
  return (
    <Popover
      opened={open}
      onChange={setOpen}
      position="bottom-start"
      width={300}
      trapFocus
      returnFocus
      withinPortal
    >
      <Popover.Target>
        <Button
          kind="bare"
          className={classes.tag}
          data-turning={tag.turning}
          style={{
            top: `${ROW_TOP + tag.row * ROW}px`,
            ...(left > 88 ? { right: '0' } : { left: `${left}%` }),
          }}
          onClick={() => setOpen(!open)}
          aria-label={`${shortDay(tag.day, today)}: ${name}${tag.turning ? `, ${words.stock.stateWord.turning}` : ''}`}
        >
          <StateOutline state={tag.turning ? 'turning' : 'sound'} />
          <Box anchor as="span" size={1} weight="bold">
            {tag.title}
            {tag.count > 1 && (
              <Box as="em" tone="hue">
                {words.watch.more(tag.count - 1)}
              </Box>
            )}
          </Box>
        </Button>
      </Popover.Target>
      <Popover.Dropdown>
        <Box as="p" below={3} size={3} weight="bold" face="display">
          {words.watch.ribbonLots(tag.count)}
        </Box>
        <ul>
          {tag.lots.map((lot) => (
            <li key={`${lot.lotId}${lot.kitId}`}>
              <Box
                unlined
                as="a"
                pad={2}
                lineAbove="hairline"
                block
                href={`/kits/${lot.kitId}?lot=${lot.lotId}`}
              >
                <b>{lot.title}</b>
                <Box as="small" tone="second" block>
                  {shortDay(lot.day, today)} · {counted(lot.amount, lot.unit)} · {lot.kit}
                </Box>
              </Box>
            </li>
          ))}
          {tag.count > tag.lots.length && (
            <Box as="li" padX={2} padY={3} tone="second" lineAbove="hairline">
              {words.watch.andMore(tag.count - tag.lots.length)}
            </Box>
          )}
        </ul>
      </Popover.Dropdown>
    </Popover>
  )
}
