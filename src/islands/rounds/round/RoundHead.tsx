/** On top of every step: which kit, how far, how long; what waits; pockets and pause. */

import { useEffect, useState } from 'react'
import type { PocketId } from '../../../core/ids'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import type { LookValue } from '../../../ui/look'
import { WaitingBadge } from '../../../ui/WaitingBadge'
import * as words from '../../../words'
import { KitMap } from './KitMap'
import classes from './round.module.css'
import type { GoingRound } from './useRound'

const roundsWords = words.rounds

interface Props {
  readonly going: GoingRound
  readonly at: PocketId | null
  readonly look: LookValue
  readonly paused: boolean
  readonly onPause: () => void
  readonly onPockets: () => void
}

export function RoundHead({ going, at, look, paused, onPause, onPockets }: Props) {
  const { contents, progress, round, outbox } = going
  const { asked, answered } = progress
  // What is answered carries its own seconds; the clock runs on from the last answer.
  const seconds = useClock(!paused && round.finished === null, going.entries.length)
  return (
    <Stack as="header" gap={4}>
      <Row gapX={5} gapY={2} align="center" wrap className={classes.headLine}>
        <Stack unlined as="a" size={6} href="/rounds" aria-label={roundsWords.end.toRounds}>
          ‹
        </Stack>
        <Box as="b" grow>
          {contents.kit.name}
          <span aria-hidden> · </span>
          <span className="visually-hidden">, </span>
          {roundsWords.card.of(answered, asked)}
        </Box>
        <WaitingBadge outbox={outbox} />
        <Box as="time" tone="second">
          {roundsWords.clock(progress.seconds + seconds)}
        </Box>
      </Row>
      <Box
        radius={1}
        className={classes.progress}
        role="progressbar"
        aria-label={roundsWords.answered(answered, asked)}
        aria-valuemin={0}
        aria-valuemax={asked}
        aria-valuenow={answered}
      >
        <Box
          as="span"
          radius={1}
          block
          style={{ width: `${asked === 0 ? 100 : (100 * answered) / asked}%` }}
        />
      </Box>
      {round.finished === null && !paused && (
        <Row as="nav" gap={3} aria-label={roundsWords.title}>
          <Button kind="plain" onClick={onPockets}>
            {roundsWords.pockets}
          </Button>
          <Button kind="plain" aria-pressed={look.look === 'torch'} onClick={look.toggleTorch}>
            {words.look.torch}
          </Button>
          <Button kind="plain" onClick={onPause}>
            {roundsWords.pause}
          </Button>
        </Row>
      )}
      {at && <KitMap contents={contents} at={at} round={round} />}
    </Stack>
  )
}

/** Seconds in which the page was looked at. */
function useClock(runs: boolean, since: number): number {
  const [seconds, setSeconds] = useState(0)
  // biome-ignore lint/correctness/useExhaustiveDependencies: begins anew with each answer
  useEffect(() => setSeconds(0), [since])
  useEffect(() => {
    if (!runs) return
    const timer = setInterval(() => {
      if (document.visibilityState === 'visible') setSeconds((now) => now + 1)
    }, 1000)
    return () => clearInterval(timer)
  }, [runs])
  return seconds
}
