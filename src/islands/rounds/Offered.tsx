/** One kit and its round: why, what it asks, how long, what to bring, which pockets. */
import { useState } from 'react'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { PocketId } from '../../core/ids'
import { words } from '../../words'
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
    <article className={classes.offer} data-hue={hue} data-open={open}>
      <button type="button" className={classes.offerHead} aria-expanded={open} onClick={onToggle}>
        <span>
          <b>{kit}</b> {place}
        </span>
        <small>
          {roundsWords.due(offered.dueOn, today)} ·{' '}
          {roundsWords.pocketsOf(pockets.length, allPockets.length)} · {roundsWords.takes(seconds)}
        </small>
        {first && <small>{roundsWords.why(first.code, first.since, today)}</small>}
      </button>
      <button
        type="button"
        className={classes.press}
        disabled={start.busy || ids.length === 0}
        onClick={() => void start.begin(kitId, kit, ids)}
        aria-label={`${roundsWords.start}: ${kit}`}
      >
        {roundsWords.start}
      </button>
      {open && (
        <div className={classes.offerBody}>
          <dl>
            <dt>{roundsWords.asksTitle}</dt>
            <dd>{roundsWords.toll(toll)}</dd>
            {reasons.length > 1 && (
              <>
                <dt>{roundsWords.whyTitle}</dt>
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
                <dt>{roundsWords.bringTitle}</dt>
                <dd>
                  <ul>
                    {bring.map((one) => (
                      <li key={roundsWords.bring(one)}>{roundsWords.bring(one)}</li>
                    ))}
                  </ul>
                </dd>
              </>
            )}
          </dl>
          <fieldset className={classes.pockets}>
            <legend>{roundsWords.whichPockets}</legend>
            {allPockets.map(({ id, name }) => (
              <label key={id}>
                <input type="checkbox" checked={chosen.has(id)} onChange={() => toggle(id)} />
                {name}
              </label>
            ))}
          </fieldset>
          <div className={classes.presses}>
            <button
              type="button"
              className={classes.quietPress}
              onClick={() =>
                setChosen(
                  new Set(
                    (ids.length === allPockets.length ? pockets : allPockets).map(({ id }) => id),
                  ),
                )
              }
            >
              {ids.length === allPockets.length ? roundsWords.onlyDue : roundsWords.whole}
            </button>
            <button
              type="button"
              className={classes.quietPress}
              disabled={start.busy || ids.length === 0}
              onClick={() => void start.begin(kitId, kit, ids, true)}
              aria-label={`${roundsWords.paper}: ${kit}`}
            >
              {roundsWords.paper}
            </button>
          </div>
        </div>
      )}
    </article>
  )
}
