/** A mat in small: pockets where they lie, things by name, what moves marked. */
import type { Layout, LayoutProblem } from '../../../../core/layout/problem'
import type { Kit } from '../view'
import classes from './arrange.module.css'

interface Props {
  readonly title: string
  readonly kit: Kit
  readonly problem: LayoutProblem
  readonly layout: Layout
  readonly marked: ReadonlySet<string>
}

export const SmallMat = ({ title, kit, problem, layout, marked }: Props) => (
  <figure className={classes.smallMat}>
    <figcaption>{title}</figcaption>
    <div>
      {problem.bays.map((bay, at) => {
        const cell = kit.pockets.find(({ id }) => id === bay.id)?.cell
        return (
          <section
            key={bay.id}
            aria-label={`${title}: ${bay.name}`}
            style={
              cell && {
                gridColumn: `${cell.column} / span ${cell.columns}`,
                gridRow: `${cell.row} / span ${cell.rows}`,
              }
            }
          >
            <b>{bay.name}</b>
            {problem.things.map(({ key, title: name }, index) =>
              layout[index] === at ? (
                <span key={key} data-marked={marked.has(key)}>
                  {name}
                </span>
              ) : null,
            )}
          </section>
        )
      })}
    </div>
  </figure>
)
