/** One kit and its round: why, what it asks, how long, what to bring, which pockets. */

import { useState } from 'react'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { PocketId } from '../../core/ids'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import classes from './rounds.module.css'
import type { Start } from './useStart'
import type { RoundsValue } from './view'

const roundsWords = words.rounds

interface Props {
  readonly offered: RoundsValue['due'][number]
  readonly today: PlainDate
  readonly open: boolean
  readonly onToggle: () => void
  readonly start: Start
}

export function Offered({ offered, today, open, onToggle, start }: Props) {
  const { kitId, kit, place, hue, reasons, pockets, allPockets, toll, seconds, bring } = offered
  const [chosen, setChosen] = useState<ReadonlySet<PocketId>>(
    () => new Set(pockets.map(({ id }) => id)),
  )
  const [first] = reasons
  const ids = allPockets.map(({ id }) => id).filter((id) => chosen.has(id))
  const toggle = (id: PocketId): void =>
    setChosen((now) => {
      const next = new Set(now)
      if (!next.delete(id)) next.add(id)
      return next
    })
  return (
    <Stack
      columns="minmax(0, 1fr) auto"
      edge="hue"
      as="article"
      align="start"
      surface="paper"
      line="hairline"
      data-hue={hue}
      data-open={open}
    >
      <Button kind="bare" className={classes.offerHead} aria-expanded={open} onClick={onToggle}>
        <span>
          <Box as="b" size={4} weight="bold" face="display">
            {kit}
          </Box>{' '}
          {place}
        </span>
        <Box as="small" tone="second">
          {roundsWords.due(offered.dueOn, today)} ·{' '}
          {roundsWords.pocketsOf(pockets.length, allPockets.length)} · {roundsWords.takes(seconds)}
        </Box>
        {first && (
          <Box as="small" tone="second">
            {roundsWords.why(first.code, first.since, today)}
          </Box>
        )}
      </Button>
      <Button
        kind="strong"
        disabled={start.busy || ids.length === 0}
        onClick={() => void start.begin(kitId, kit, ids)}
        aria-label={`${roundsWords.start}: ${kit}`}
      >
        {roundsWords.start}
      </Button>
      {open && (
        <Stack whole gap={5} className={classes.offerBody}>
          <Stack columns="6.5rem minmax(0, 1fr)" as="dl" gapX={5} gapY={3} lineAbove="dashed">
            <Box as="dt" weight="bold">
              {roundsWords.asksTitle}
            </Box>
            <dd>{roundsWords.toll(toll)}</dd>
            {reasons.length > 1 && (
              <>
                <Box as="dt" weight="bold">
                  {roundsWords.whyTitle}
                </Box>
                <dd>
                  <ul>
                    {reasons.map((reason) => (
                      <li key={reason.code}>
                        {roundsWords.because[reason.code]}: {reason.pockets.join(', ')}
                      </li>
                    ))}
                  </ul>
                </dd>
              </>
            )}
            {bring.length > 0 && (
              <>
                <Box as="dt" weight="bold">
                  {roundsWords.bringTitle}
                </Box>
                <dd>
                  <ul>
                    {bring.map((one) => (
                      <li key={roundsWords.bring(one)}>{roundsWords.bring(one)}</li>
                    ))}
                  </ul>
                </dd>
              </>
            )}
          </Stack>
          <Row as="fieldset" gapX={6} gapY={2} wrap>
            <Box as="legend" weight="bold">
              {roundsWords.whichPockets}
            </Box>
            {allPockets.map(({ id, name }) => (
              <Row inline as="label" gap={4} align="center" key={id}>
                <input type="checkbox" checked={chosen.has(id)} onChange={() => toggle(id)} />
                {name}
              </Row>
            ))}
          </Row>
          <Row gap={4} justify="end" wrap>
            <Button
              kind="quiet"
              onClick={() =>
                setChosen(
                  new Set(
                    (ids.length === allPockets.length ? pockets : allPockets).map(({ id }) => id),
                  ),
                )
              }
            >
              {ids.length === allPockets.length ? roundsWords.onlyDue : roundsWords.whole}
            </Button>
            <Button
              kind="quiet"
              disabled={start.busy || ids.length === 0}
              onClick={() => void start.begin(kitId, kit, ids, true)}
              aria-label={`${roundsWords.paper}: ${kit}`}
            >
              {roundsWords.paper}
            </Button>
          </Row>
        </Stack>
      )}
    </Stack>
  )
}
