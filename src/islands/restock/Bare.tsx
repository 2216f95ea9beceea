/** What stays short all the same, with why; and what the plan does not know. */
import { words } from '../../words'
import { namesOf } from './names'
import classes from './plan.module.css'
import type { Found } from './usePlan'

const w = words.plan

export function Bare({ found, place }: { readonly found: Found; readonly place: string | null }) {
  const { view, plan } = found
  const names = namesOf(view)
  const bare = plan.board.bare.filter(
    ({ line }) =>
      place === null || names.stop(view.problem.lines[line]?.stop ?? -1)?.placeId === place,
  )
  return (
    <>
      {bare.length > 0 && (
        <section className={classes.bare} aria-label={w.bare}>
          <h2>{w.bare}</h2>
          <ul>
            {bare.map(({ line, short, why }) => (
              <li key={line}>
                <b>{names.thing(names.thingOfLine(line)).title}</b>{' '}
                <span>
                  {names.whereLine(line)}: {w.bareLine(short, view.problem.lines[line]?.par ?? 0)} ·{' '}
                  {w.bareWhy[why]}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {view.faults.length > 0 && (
        <section className={classes.bare} aria-label={w.missing}>
          <h2>{w.missing}</h2>
          <ul>
            {view.faults.map((fault) => (
              <li key={JSON.stringify(fault)}>{w.fault(fault)}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}
