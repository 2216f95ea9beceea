/** What can I use? What suits, nearest first; plan B next; and what must not be used, with why. */
import { useMemo } from 'react'
import type { Source } from '../../core/cover/explain'
import { oneUse } from '../../core/cover/taking'
import { atHand } from '../../core/incident/atHand'
import { words } from '../../words'
import type { PanelProps } from './Going'
import classes from './incident.module.css'

const w = words.care.incident

export function UsePanel({ care, line, patient, say, onOpen }: PanelProps) {
  const { laid, view } = care
  const { kind, placeId } = line.incident
  const answer = useMemo(
    () => kind && atHand(laid, { patient, kind, here: placeId, date: view.today }),
    [laid, patient, kind, placeId, view.today],
  )
  if (!answer) return <p>{w.chooseKind}</p>
  const kitName = (id: string): string => laid.stock.kits.find((kit) => kit.id === id)?.name ?? ''
  const placeName = (id: string): string =>
    laid.stock.places.find((place) => place.id === id)?.name ?? ''
  const factsOf = ({ lotId }: Source) => {
    const shelf = laid.shelves.find((one) => one.lotId === lotId)
    return shelf && laid.things[shelf.thing]?.facts
  }
  /** What acts goes by its card and its clock, never by a press here. */
  const actsOn = (source: Source): boolean => {
    const facts = factsOf(source)
    return facts?.isMedicine === true && facts.acting.length > 0
  }
  const takeOne = (source: Source, isTool: boolean) =>
    say({
      kind: 'used',
      title: source.title,
      words: '',
      takes: isTool
        ? []
        : [
            {
              lotId: source.lotId,
              pocketId: source.pocket.id,
              amount: oneUse(factsOf(source)?.uses ?? 1),
            },
          ],
    })
  return (
    <>
      {answer.calls.map((call) => (
        <p key={call} className={classes.alarm}>
          {call}
        </p>
      ))}
      <p className={classes.quiet}>{answer.ways.length === 0 ? w.useNothing : w.useLead}</p>
      {answer.ways.map((way) => (
        <section key={`${way.need}${way.way}`} className={classes.way}>
          <h3>
            {way.way} <small>{way.first ? w.firstChoice : w.planB}</small>
            {!way.whole && <small> · {w.notWhole}</small>}
          </h3>
          {way.caution && <p className={classes.quiet}>{way.caution}</p>}
          <ul>
            {way.parts.flatMap((part) =>
              part.sources.map((source) => (
                <li key={`${part.name}${source.lotId}${source.pocket.id}`}>
                  <span>
                    <b>{source.title}</b>
                    <small>
                      {placeName(source.placeId)}, {kitName(source.kitId)}, {source.pocket.name}
                    </small>
                  </span>
                  {actsOn(source) ? (
                    <button
                      type="button"
                      aria-label={w.doseOf(source.title)}
                      onClick={() => onOpen('dose')}
                    >
                      {w.acts.dose}
                    </button>
                  ) : (
                    <button
                      type="button"
                      aria-label={w.usedOf(source.title)}
                      onClick={() => void takeOne(source, part.isTool)}
                    >
                      {w.use}
                    </button>
                  )}
                </li>
              )),
            )}
          </ul>
        </section>
      ))}
      {answer.cautions.map((caution) => (
        <p key={caution} className={classes.quiet}>
          {caution}
        </p>
      ))}
      {answer.not.length > 0 && (
        <section className={classes.not}>
          <h3>{w.mustNot}</h3>
          <ul>
            {answer.not.map((held) => (
              <li key={`${held.title}${held.kitId}${held.pocket}`}>
                <b>{held.title}</b> ({kitName(held.kitId)}):{' '}
                {held.why.map((reason) => words.cover.why(reason, view.today)).join('; ')}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}
