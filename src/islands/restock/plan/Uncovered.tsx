/** What stays short all the same, with why; and what the plan does not know. */
import { words } from '../../../words'
import { namesOf } from './names'
import classes from './plan.module.css'
import type { Found } from './usePlan'

const w = words.restock.plan
const FIRST = { life: 0, urgent: 1, comfort: 2 } as const

export function Bare({ found, place }: { readonly found: Found; readonly place: string | null }) {
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
        <section className={classes.bare} aria-label={w.bare}>
          <h2>{w.bare}</h2>
          <ul>
            {bare.map(({ line, short, days, why }) => (
              <li key={line} data-tier={tier(line)}>
                <b>{names.thing(names.thingOfLine(line)).title}</b>{' '}
                <span>
                  {names.whereLine(line)}:{' '}
                  {w.bareLine(short, view.problem.lines[line]?.par ?? 0, days)} · {w.bareWhy[why]}
                </span>
              </li>
            ))}
          </ul>
          {waiting > 0 && <p className="second">{w.untilVisit(waiting)}</p>}
        </section>
      )}
      {unknown.length + plan.unheeded.length > 0 && (
        <section className={classes.bare} aria-label={w.missing}>
          <h2>{w.missing}</h2>
          <ul>
            {plan.unheeded.map((thing) => (
              <li key={thing}>{w.unheeded(names.thing(thing).title)}</li>
            ))}
            {unknown.map((fault) => (
              <li key={JSON.stringify(fault)}>{w.fault(fault)}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}
