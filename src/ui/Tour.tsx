/** A walk through the demo household: a card above the page, one sentence for each of the main screens. */

import { useEffect, useState } from 'react'
import * as words from '../words'
import { Box, Row } from './Box'
import { Button } from './Button'
import { endTour, setTourStop, tourStop } from './tourStop'

const STOPS = words.tour.stops

export function Tour() {
  const [at, setAt] = useState<number | null>(null)
  // The tab is asked once the page is drawn: the server does not know of tours.
  useEffect(() => setAt(tourStop()), [])
  const stop = at === null ? undefined : STOPS[at]
  if (at === null || !stop) return null
  const leave = () => {
    endTour()
    setAt(null)
  }
  const next = STOPS[at + 1]
  const go = (to: number) => {
    setTourStop(to)
    location.assign(STOPS[to]?.href ?? '/')
  }
  return (
    <Row
      as="aside"
      gapX={6}
      gapY={3}
      align="center"
      wrap
      padX={6}
      padY={5}
      surface="paper"
      line="ink"
      radius={2}
      above={4}
      className="no-print"
      aria-label={words.tour.label}
    >
      <Box as="p" grow shrink>
        <Box as="small" size={2} tone="second" block>
          {words.tour.at(at + 1, STOPS.length)}
        </Box>
        {stop.text}
      </Box>
      <Row gap={4} wrap>
        {at > 0 && <Button onClick={() => go(at - 1)}>{words.tour.back}</Button>}
        {next ? (
          <Button kind="strong" onClick={() => go(at + 1)}>
            {words.tour.next(next.name)}
          </Button>
        ) : null}
        <Button kind="quiet" onClick={leave}>
          {next ? words.tour.leave : words.tour.end}
        </Button>
      </Row>
    </Row>
  )
}
