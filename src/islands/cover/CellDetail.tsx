/** Why a cell is as it is: the lots and where they lie, what is held back, what would close the gap. */
import { useMemo } from 'react'
import { explain, type PartAnswer, type WayAnswer } from '../../core/cover/explain'
import type { Need } from '../../core/cover/need'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { type GridCell, PARTY } from './columns'
import classes from './cover.module.css'
import type { Cover } from './useCover'

const coverWords = words.cover

interface Props {
  readonly cover: Cover
  readonly need: Need
  readonly cell: GridCell
  readonly whom: string
  readonly onClose: () => void
  readonly onWithout: (itemId: string) => void
}

export function CellDetail({ cover, need, cell, whom, onClose, onWithout }: Props) {
  const { habits } = useStrap()
  const { laid, kitName, memberName } = cover
  const explained = useMemo(
    () => explain(laid, cell.question, need, cell.memberId),
    [laid, cell, need],
  )
  const title = [
    need.name,
    cell.column === PARTY ? coverWords.everybody : whom,
    cell.memberId && whom !== memberName(cell.memberId) ? memberName(cell.memberId) : '',
  ]
  return (
    <section className={classes.detail} aria-label={title.filter(Boolean).join(', ')}>
      <header>
        <h3>
          {title.filter(Boolean).join(' · ')}: {coverWords.states[cell.state]}
        </h3>
        <button type="button" onClick={onClose} aria-label={words.find.close}>
          ×
        </button>
      </header>
      {need.call && (
        <p className={classes.call}>
          <b>{coverWords.callFirst}:</b> {need.call}
        </p>
      )}
      <div className={classes.ways}>
        {explained.ways.map((way) => (
          <Way
            key={way.way.name}
            answer={way}
            chosen={need.ways[cell.way ?? -1] === way.way}
            cover={cover}
            onWithout={onWithout}
          />
        ))}
      </div>
      {explained.closings.length > 0 && (
        <div className={classes.closes}>
          <h4>{coverWords.closes}</h4>
          <ul>
            {explained.closings.map((closing) => (
              <li key={closing.way}>
                {coverWords.closing(closing, kitName, habits.currency)}{' '}
                <small>{coverWords.afterIt(closing.becomes)}</small>
              </li>
            ))}
          </ul>
        </div>
      )}
      {explained.cautions.map((caution) => (
        <p key={caution} className={classes.caution}>
          {coverWords.caution}: {caution}
        </p>
      ))}
      <p className={classes.sourceLine}>{coverWords.sourceOf(need.source)}</p>
    </section>
  )
}

function Way({
  answer,
  chosen,
  cover,
  onWithout,
}: {
  readonly answer: WayAnswer
  readonly chosen: boolean
  readonly cover: Cover
  readonly onWithout: (itemId: string) => void
}) {
  const { today } = useStrap()
  const held = [
    ...new Map(
      answer.parts
        .flatMap((part) => part.held)
        .map((one) => [`${one.title}/${one.kitId}`, one] as const),
    ).values(),
  ]
  return (
    <div className={classes.way} data-chosen={chosen}>
      <h4>
        <small>{answer.first ? coverWords.first : coverWords.planB}</small> {answer.way.name}
      </h4>
      <ul>
        {answer.fromTap.map((part) => (
          <li key={part.any.join()}>
            {coverWords.anyOf(part.any)} <small>{coverWords.fromTap}</small>
          </li>
        ))}
        {answer.parts.map((part) => (
          <PartLine
            key={part.part?.any.join() ?? part.sources[0]?.title ?? 'own'}
            part={part}
            cover={cover}
            onWithout={onWithout}
          />
        ))}
      </ul>
      {held.length > 0 && (
        <div className={classes.held}>
          <h5>{coverWords.heldBack}</h5>
          <ul>
            {held.slice(0, 6).map((one) => (
              <li key={`${one.title}/${one.kitId}`}>
                {one.title}{' '}
                <small>{one.why.map((why) => coverWords.why(why, today)).join('; ')}</small>
              </li>
            ))}
          </ul>
        </div>
      )}
    </div>
  )
}

function PartLine({
  part,
  cover,
  onWithout,
}: {
  readonly part: PartAnswer
  readonly cover: Cover
  readonly onWithout: (itemId: string) => void
}) {
  return (
    <li data-missing={part.missing > 0}>
      <span>
        {coverWords.part(part.part, part.uses)}
        {part.missing > 0 && <b> {coverWords.missing(part.missing)}</b>}
      </span>
      {part.sources.map((source) => {
        const item = cover.laid.things.find(({ title }) => title === source.title)?.itemId
        return (
          <small key={source.lotId + source.pocket.id}>
            <a href={`/kits/${source.kitId}?lot=${source.lotId}`}>
              {coverWords.source(
                source.title,
                source.uses,
                `${source.pocket.name}, ${cover.kitName(source.kitId)}`,
                source.pocket.reachSeconds,
              )}
            </a>
            {item && (
              <button type="button" onClick={() => onWithout(item)}>
                {coverWords.takeAway(source.title)}
              </button>
            )}
          </small>
        )
      })}
    </li>
  )
}
