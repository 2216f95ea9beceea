/** The plan beside the plain one, beside doing nothing, and beside the plan before. */
import type { Compared } from '../../../core/restock/restockPlan'
import { words } from '../../../words'
import { money } from '../../../words/frame/format'
import classes from './plan.module.css'
import type { Found } from './usePlan'

const w = words.restock.plan

interface Props {
  readonly found: Found
  readonly before: Found | null
}

export function Compare({ found, before }: Props) {
  const { plan, view } = found
  const columns: readonly (readonly [string, Compared])[] = [
    [w.columns.plan, plan.board.lived],
    ...(before ? [[w.columns.before, before.plan.board.lived] as const] : []),
    [w.columns.plain, plan.plain],
    [w.columns.idle, plan.idle],
  ]
  const rows: readonly (readonly [string, (of: Compared) => string])[] = [
    [w.rows.spent, ({ cost }) => money(Math.round(cost.spentMinor), view.currency)],
    [w.rows.must, ({ bareDays }) => w.days(bareDays.life + bareDays.urgent)],
    [w.rows.nice, ({ bareDays }) => w.days(bareDays.comfort)],
  ]
  return (
    <section className={classes.box} aria-label={w.compare}>
      <h2>{w.compare}</h2>
      <table className={classes.compare}>
        <thead>
          <tr>
            <td />
            {rows.map(([title]) => (
              <th key={title} scope="col">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {columns.map(([title, of]) => (
            <tr key={title}>
              <th scope="row">{title}</th>
              {rows.map(([row, told]) => (
                <td key={row}>{told(of)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p>{w.compareUnder}</p>
      <p>{w.gap(plan.gap, plan.stopped)}</p>
    </section>
  )
}
