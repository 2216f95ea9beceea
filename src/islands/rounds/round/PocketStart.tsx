/** Which pocket comes out now, and who else has one open. */
import type { PocketProgress } from '../../../core/rounds/progress'
import { words } from '../../../words'
import classes from './round.module.css'
import type { GoingRound } from './useRound'

const pocketWords = words.rounds.pocket

interface Props {
  readonly pocket: PocketProgress
  readonly going: GoingRound
  readonly onBegin: () => void
  readonly onOther: () => void
}

export function PocketStart({ pocket, going, onBegin, onOther }: Props) {
  const open = pocket.asked - pocket.answered
  const others = pocket.at.filter((name) => name !== going.me)
  const elsewhere = going.progress.pockets.filter(
    (one) => one !== pocket && one.at.some((name) => name !== going.me),
  )
  return (
    <section className={classes.step}>
      <h1>{pocketWords.takeOut(pocket.pocket.name)}</h1>
      <p className={classes.quiet}>
        {open > 0 ? pocketWords.things(open) : pocketWords.nothingAsked}
        {pocket.pocket.sort === 'elsewhere' && ` · ${pocketWords.elsewhere}`}
      </p>
      {others.length > 0 && <p className={classes.notice}>{pocketWords.there(others)}</p>}
      {elsewhere.map((one) => (
        <p key={one.pocket.id} className={classes.quiet}>
          {one.pocket.name}: {pocketWords.there(one.at)}
        </p>
      ))}
      <ul className={classes.preview}>
        {pocket.things
          .filter(({ asks }) => asks.length > 0)
          .map(({ thing, lotId, asks, answer }) => (
            <li key={lotId} data-done={answer !== null}>
              <span>{thing?.title ?? answer?.fact.was.title}</span>
              <small>{asks.map((ask) => words.rounds.card.asks[ask]).join(', ')}</small>
            </li>
          ))}
      </ul>
      <footer className={classes.foot}>
        <button type="button" className={classes.side} onClick={onOther}>
          {pocketWords.instead}
        </button>
        <button type="button" className={classes.go} onClick={onBegin}>
          <b>{pocketWords.begin}</b>
        </button>
      </footer>
    </section>
  )
}
