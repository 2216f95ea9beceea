/** What stays short all the same, with why; and what the plan does not know. */
import { words } from '../../../words'
import { namesOf } from './names'
import classes from './plan.module.css'
import type { Found } from './usePlan'

const planWords = words.restock.plan
const FIRST = { life: 0, urgent: 1, comfort: 2 } as const

export function Uncovered({
  found,
  place,
}: {
  readonly found: Found
  readonly place: string | null
}) {
  const { view, plan } = found
  const names = namesOf(view)
  const all = plan.board.bare.filter(
    ({ line }) =>
      place === null || names.stop(view.problem.lines[line]?.stop ?? -1)?.placeId === place,
  )
  const tier = (line: number) => view.problem.lines[line]?.tier ?? 'comfort'
  const bare = all
    .filter(({ why }) => why !== 'until_the_visit')
    .sort((a, b) => FIRST[tier(a.line)] - FIRST[tier(b.line)])
  const waiting = all.length - bare.length
  const unknown = view.faults.filter(({ code }) => code !== 'no_room')
  return (
    <>
      {all.length > 0 && (
        <section className={classes.bare} aria-label={planWords.bare}>
          <h2>{planWords.bare}</h2>
          <ul>
            {bare.map(({ line, short, days, why }) => (
              <li key={line} data-tier={tier(line)}>
                <b>{names.thing(names.thingOfLine(line)).title}</b>{' '}
                <span>
                  {names.whereLine(line)}:{' '}
                  {planWords.bareLine(short, view.problem.lines[line]?.par ?? 0, days)} ·{' '}
                  {planWords.bareWhy[why]}
                </span>
              </li>
            ))}
          </ul>
          {waiting > 0 && <p className="second">{planWords.untilVisit(waiting)}</p>}
        </section>
      )}
      {unknown.length + plan.unheeded.length > 0 && (
        <section className={classes.bare} aria-label={planWords.missing}>
          <h2>{planWords.missing}</h2>
          <ul>
            {plan.unheeded.map((thing) => (
              <li key={thing}>{planWords.unheeded(names.thing(thing).title)}</li>
            ))}
            {unknown.map((fault) => (
              <li key={JSON.stringify(fault)}>{planWords.fault(fault)}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}
