/** On top of every step: which kit, how far, how long; what waits; pockets and pause. */
import { useEffect, useState } from 'react'
import type { PocketId } from '../../../core/ids'
import type { LookValue } from '../../../ui/look'
import { WaitingBadge } from '../../../ui/WaitingBadge'
import { words } from '../../../words'
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
    <header className={classes.head}>
      <div className={classes.headLine}>
        <a href="/rounds" aria-label={roundsWords.end.toRounds}>
          ‹
        </a>
        <b>
          {contents.kit.name}
          <span aria-hidden> · </span>
          <span className="visually-hidden">, </span>
          {roundsWords.card.of(answered, asked)}
        </b>
        <WaitingBadge outbox={outbox} />
        <time>{roundsWords.clock(progress.seconds + seconds)}</time>
      </div>
      <div
        className={classes.progress}
        role="progressbar"
        aria-label={roundsWords.answered(answered, asked)}
        aria-valuemin={0}
        aria-valuemax={asked}
        aria-valuenow={answered}
      >
        <span style={{ width: `${asked === 0 ? 100 : (100 * answered) / asked}%` }} />
      </div>
      {round.finished === null && !paused && (
        <nav className={classes.headPresses} aria-label={roundsWords.title}>
          <button type="button" onClick={onPockets}>
            {roundsWords.pockets}
          </button>
          <button type="button" aria-pressed={look.look === 'torch'} onClick={look.toggleTorch}>
            {words.look.torch}
          </button>
          <button type="button" onClick={onPause}>
            {roundsWords.pause}
          </button>
        </nav>
      )}
      {at && <KitMap contents={contents} at={at} round={round} />}
    </header>
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
