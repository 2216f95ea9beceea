/** A round on paper: a line a thing, room to write, the marks explained. Prints as it is shown. */
import type { Contents } from '../core/rounds/contents'
import type { Round } from '../core/rounds/round'
import { tallyLines } from '../core/rounds/tally'
import * as words from '../words'
import { counted, expiryText, fullDay } from '../words/frame/format'
import paper from './paper.module.css'
import classes from './tally.module.css'

const tallyWords = words.rounds.tally

interface Props {
  readonly contents: Contents
  readonly round: Round
}

export const TallyPaper = ({ contents, round }: Props) => {
  const lines = tallyLines(contents, round)
  return (
    <main id="main" className={`${paper.paper} ${classes.tally}`}>
      <header>
        <h1>{tallyWords.title(contents.kit.name)}</h1>
        <p>
          {contents.place.name} · {fullDay(contents.today)}
        </p>
        <p className={classes.blanks}>
          <span>{tallyWords.who}</span>
          <span>{tallyWords.when}</span>
        </p>
        <p>{tallyWords.lead}</p>
        <p className={classes.legend}>{tallyWords.legend}</p>
      </header>
      <table>
        <thead>
          <tr>
            <th scope="col">{tallyWords.line}</th>
            <th scope="col">{tallyWords.thing}</th>
            <th scope="col">{tallyWords.found}</th>
            <th scope="col">{tallyWords.date}</th>
            <th scope="col">{tallyWords.marks}</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ number, pocket, thing }, index) => (
            <PocketAndLine
              key={number}
              pocket={pocket === lines[index - 1]?.pocket ? null : pocket}
              number={number}
              title={thing.title}
              recorded={counted(thing.recorded, thing.unit)}
              date={expiryText(thing.expiry)}
            />
          ))}
        </tbody>
      </table>
      <section className={classes.also}>
        <h2>{tallyWords.also}</h2>
        <p />
        <p />
        <p />
      </section>
    </main>
  )
}

const PocketAndLine = ({
  pocket,
  number,
  title,
  recorded,
  date,
}: {
  readonly pocket: string | null
  readonly number: number
  readonly title: string
  readonly recorded: string
  readonly date: string
}) => (
  <>
    {pocket && (
      <tr>
        <th colSpan={5} scope="colgroup">
          {pocket}
        </th>
      </tr>
    )}
    <tr className={classes.line}>
      <td>{number}</td>
      <td>
        {title}
        <small>
          {recorded} {tallyWords.recorded} · {date}
        </small>
      </td>
      <td />
      <td />
      <td />
    </tr>
  </>
)
