/** All pockets of the round: which are done, which are open, and who is where. */
import type { PocketId } from '../../../core/ids'
import { words } from '../../../words'
import classes from './round.module.css'
import type { GoingRound } from './useRound'

const roundsWords = words.rounds

interface Props {
  readonly going: GoingRound
  readonly onChoose: (pocketId: PocketId) => void
  readonly onEnd: () => void
}

export const PocketList = ({ going: { progress, me }, onChoose, onEnd }: Props) => (
  <section className={classes.step}>
    <h1>{roundsWords.pockets}</h1>
    <ol className={classes.pocketList}>
      {progress.pockets.map(({ pocket, closed, asked, answered, at }) => {
        const others = at.filter((name) => name !== me)
        return (
          <li key={pocket.id}>
            <button type="button" data-done={closed} onClick={() => onChoose(pocket.id)}>
              <b>{pocket.name}</b>
              <small>
                {closed ? roundsWords.pocket.closed : roundsWords.pocket.open(asked - answered)}
                {others.length > 0 && ` · ${roundsWords.pocket.there(others)}`}
              </small>
            </button>
          </li>
        )
      })}
    </ol>
    <footer className={classes.foot}>
      <button type="button" className={classes.go} onClick={onEnd}>
        <b>{roundsWords.end.title}</b>
      </button>
    </footer>
  </section>
)
