/** Chooses what a kit is kept in, by little drawings of where its pockets lie. */
import { SHAPES, type Shape, TEMPLATES } from '../../core/household/container'
import { words } from '../../words'
import classes from './kits.module.css'

const shapesWords = words.kits.shapes

interface Props {
  readonly value: Shape | null
  readonly onChange: (shape: Shape | null) => void
}

export const ShapeChoice = ({ value, onChange }: Props) => (
  <fieldset className={classes.shapes}>
    <legend>{shapesWords.label}</legend>
    <label>
      <input type="radio" name="shape" checked={value === null} onChange={() => onChange(null)} />
      <b>{shapesWords.none}</b>
    </label>
    {SHAPES.map((shape) => (
      <label key={shape} title={shapesWords.about(shape)}>
        <input
          type="radio"
          name="shape"
          checked={value === shape}
          onChange={() => onChange(shape)}
        />
        <ShapeDrawing shape={shape} />
        <b>{shapesWords.name(shape)}</b>
      </label>
    ))}
  </fieldset>
)

const ShapeDrawing = ({ shape }: { readonly shape: Shape }) => (
  <span className={classes.drawing} aria-hidden>
    {TEMPLATES[shape].pockets.map(({ name, sort, cell }) => (
      <i
        key={name}
        data-sort={sort}
        style={{
          gridColumn: `${cell.column} / span ${cell.columns}`,
          gridRow: `${cell.row} / span ${cell.rows}`,
        }}
      />
    ))}
  </span>
)
