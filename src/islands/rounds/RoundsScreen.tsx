/** Rounds (planning, and standing at the door): what is due and why, what it asks, what to bring. */
import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { readRounds } from '../../contract/rounds'
import { dayAt } from '../../core/calendar/plainDate'
import { call } from '../../device/call'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { KitTabs } from '../kits/KitTabs'
import { Offered } from './Offered'
import classes from './rounds.module.css'
import { useStart } from './useStart'
import type { RoundsValue } from './view'

const roundsWords = words.rounds

interface Props {
  readonly strap: Strap
  readonly initial: RoundsValue
  readonly place: string | null
  /** The kit that somebody came for; it is shown first and open. */
  readonly kit: string | null
}

export const RoundsScreen = (props: Props) => (
  <Frame tab="kits" strap={props.strap} place={props.place}>
    <Rounds {...props} />
  </Frame>
)

function Rounds({ initial, place, kit }: Props) {
  const { data } = useQuery({
    queryKey: ['rounds'],
    queryFn: () => call(readRounds),
    initialData: initial,
  })
  const { today, habits } = useStrap()
  const start = useStart()
  const [shown, setShown] = useState(kit)
  const here = <T extends { readonly placeId: string }>(all: readonly T[]): readonly T[] =>
    all.filter(({ placeId }) => place === null || placeId === place)
  const due = here(data.due)
  const later = here(data.later)
  const small = here(data.small)
  const open = here(data.open)
  const finished = here(data.finished)
  const offer = (offered: RoundsValue['due'][number]) => (
    <li key={offered.kitId}>
      <Offered
        offered={offered}
        today={today}
        open={shown === offered.kitId || (shown === null && offered === due[0])}
        onToggle={() => setShown(shown === offered.kitId ? '' : offered.kitId)}
        start={start}
      />
    </li>
  )
  return (
    <>
      <KitTabs part="rounds" place={place} />
      <header className={classes.head}>
        <h1>{roundsWords.headline(due.length)}</h1>
        <p className="second">{roundsWords.lead}</p>
      </header>
      {start.problem && (
        <p role="alert" className={classes.problem}>
          {start.problem}
        </p>
      )}
      <div className={classes.parts}>
        {open.length > 0 && (
          <section className={classes.open}>
            <h2>{roundsWords.openNow}</h2>
            <ul className={classes.lines}>
              {open.map((line) => (
                <Line
                  key={line.round.id}
                  hue={line.hue}
                  title={`${line.kit}, ${line.place}`}
                  under={`${roundsWords.answered(line.answered, line.asked)} · ${roundsWords.hands(line.hands)}`}
                >
                  <Go href={`/rounds/${line.round.id}/tally`} about={line.kit} quiet>
                    {roundsWords.paper}
                  </Go>
                  <Go href={`/round?id=${line.round.id}`} about={line.kit}>
                    {roundsWords.resume}
                  </Go>
                </Line>
              ))}
            </ul>
          </section>
        )}
        {due.length > 0 && (
          <section className={classes.due}>
            <h2>{roundsWords.dueNow}</h2>
            <ul className={classes.offers}>{due.map(offer)}</ul>
          </section>
        )}
        <div className={classes.side}>
          {small.length > 0 && (
            <section>
              <h2>{roundsWords.smallTitle}</h2>
              <ul className={classes.lines}>
                {small.map((one) => (
                  <Line
                    key={one.pocket.id}
                    hue={one.hue}
                    title={`${one.place}: ${roundsWords.small(one.pocket.name, one.kit)}`}
                    under={`${roundsWords.takes(one.seconds)} · ${roundsWords.toll(one.toll)} · ${roundsWords.sure(one.sure)}`}
                  >
                    <button
                      type="button"
                      className={classes.press}
                      disabled={start.busy}
                      aria-label={`${roundsWords.start}: ${roundsWords.small(one.pocket.name, one.kit)}`}
                      onClick={() => void start.begin(one.kitId, one.kit, [one.pocket.id])}
                    >
                      {roundsWords.start}
                    </button>
                  </Line>
                ))}
              </ul>
            </section>
          )}
          {finished.length > 0 && (
            <section>
              <h2>{roundsWords.done}</h2>
              <ul className={classes.lines}>
                {finished.map(({ round, kit: name, place: at, hue, seconds }) => (
                  <Line
                    key={round.id}
                    hue={hue}
                    title={`${name}, ${at}`}
                    under={[
                      round.finished &&
                        roundsWords.signed(
                          round.finished.by,
                          dayAt(Date.parse(round.finished.at), habits.timeZone),
                          today,
                        ),
                      seconds > 0 && roundsWords.duration(seconds),
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  >
                    <Go href={`/round?id=${round.id}`} about={name} quiet>
                      {roundsWords.open}
                    </Go>
                  </Line>
                ))}
              </ul>
            </section>
          )}
        </div>
        <section className={classes.later}>
          <h2>{roundsWords.laterOn}</h2>
          {due.length + later.length === 0 && (
            <p className="second">
              {roundsWords.noKits} <a href="/kits">{roundsWords.addKit}</a>
            </p>
          )}
          <ul className={classes.offers}>{later.map(offer)}</ul>
        </section>
      </div>
    </>
  )
}

/** A round in one line, with what one may do with it. */
const Line = ({
  hue,
  title,
  under,
  children,
}: {
  readonly hue: string
  readonly title: string
  readonly under: string
  readonly children: ReactNode
}) => (
  <li data-hue={hue}>
    <span>
      <b>{title}</b>
      <small>{under}</small>
    </span>
    {children}
  </li>
)

const Go = ({
  href,
  about,
  quiet = false,
  children,
}: {
  readonly href: string
  readonly about: string
  readonly quiet?: boolean
  readonly children: string
}) => (
  <a
    href={href}
    className={quiet ? classes.quietPress : classes.press}
    aria-label={`${children}: ${about}`}
  >
    {children}
  </a>
)
