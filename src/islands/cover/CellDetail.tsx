/** Why a cell is as it is: the lots and where they lie, what is held back, what would close the gap. */
import { useMemo } from 'react'
import { explain, type PartAnswer, type WayAnswer } from '../../core/cover/explain'
import type { Need } from '../../core/cover/need'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { type GridCell, PARTY } from './columns'
import classes from './cover.module.css'
import type { Cover } from './useCover'

const w = words.cover

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
    cell.column === PARTY ? w.everybody : whom,
    cell.memberId && whom !== memberName(cell.memberId) ? memberName(cell.memberId) : '',
  ]
  return (
    <section className={classes.detail} aria-label={title.filter(Boolean).join(', ')}>
      <header>
        <h3>
          {title.filter(Boolean).join(' · ')}: {w.states[cell.state]}
        </h3>
        <button type="button" onClick={onClose} aria-label={words.find.close}>
          ×
        </button>
      </header>
      {need.call && (
        <p className={classes.call}>
          <b>{w.callFirst}:</b> {need.call}
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
          <h4>{w.closes}</h4>
          <ul>
            {explained.closings.map((closing) => (
              <li key={closing.way}>
                {w.closing(closing, kitName, habits.currency)}{' '}
                <small>{w.afterIt(closing.becomes)}</small>
              </li>
            ))}
          </ul>
        </div>
      )}
      {explained.cautions.map((caution) => (
        <p key={caution} className={classes.caution}>
          {w.caution}: {caution}
        </p>
      ))}
      <p className={classes.sourceLine}>{w.sourceOf(need.source)}</p>
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
        <small>{answer.first ? w.first : w.planB}</small> {answer.way.name}
      </h4>
      <ul>
        {answer.fromTap.map((part) => (
          <li key={part.any.join()}>
            {w.anyOf(part.any)} <small>{w.fromTap}</small>
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
          <h5>{w.heldBack}</h5>
          <ul>
            {held.slice(0, 6).map((one) => (
              <li key={`${one.title}/${one.kitId}`}>
                {one.title} <small>{one.why.map((why) => w.why(why, today)).join('; ')}</small>
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
        {w.part(part.part, part.uses)}
        {part.missing > 0 && <b> {w.missing(part.missing)}</b>}
      </span>
      {part.sources.map((source) => {
        const item = cover.laid.things.find(({ title }) => title === source.title)?.itemId
        return (
          <small key={source.lotId + source.pocket.id}>
            <a href={`/kits/${source.kitId}?lot=${source.lotId}`}>
              {w.source(
                source.title,
                source.uses,
                `${source.pocket.name}, ${cover.kitName(source.kitId)}`,
                source.pocket.reachSeconds,
              )}
            </a>
            {item && (
              <button type="button" onClick={() => onWithout(item)}>
                {w.takeAway(source.title)}
              </button>
            )}
          </small>
        )
      })}
    </li>
  )
}
