/** Chooses what a kit is kept in, by little drawings of where its pockets lie. */

import { SHAPES, type Shape, TEMPLATES } from '../../core/household/container'
import { Box, Stack } from '../../ui/Box'
import { Pick } from '../../ui/Pick'
import * as words from '../../words'
import classes from './kits.module.css'

const shapesWords = words.kits.shapes

interface Props {
  readonly value: Shape | null
  readonly onChange: (shape: Shape | null) => void
}

export const ShapeChoice = ({ value, onChange }: Props) => (
  <Stack columns="repeat(4, minmax(0, 1fr))" as="fieldset" gap={4}>
    <Box as="legend" below={2} weight="bold">
      {shapesWords.label}
    </Box>
    <Pick
      type="radio"
      name="shape"
      pictured
      checked={value === null}
      onChange={() => onChange(null)}
    >
      <Box as="b" size={2}>
        {shapesWords.none}
      </Box>
    </Pick>
    {SHAPES.map((shape) => (
      <Pick
        key={shape}
        type="radio"
        name="shape"
        pictured
        title={shapesWords.about(shape)}
        checked={value === shape}
        onChange={() => onChange(shape)}
      >
        <ShapeDrawing shape={shape} />
        <Box as="b" size={2}>
          {shapesWords.name(shape)}
        </Box>
      </Pick>
    ))}
  </Stack>
)

const ShapeDrawing = ({ shape }: { readonly shape: Shape }) => (
  <Stack columns="repeat(12, 1fr)" as="span" gap={1} className={classes.drawing} aria-hidden>
    {TEMPLATES[shape].pockets.map(({ name, sort, cell }) => (
      <Box
        surface="pocket"
        as="i"
        radius={1}
        key={name}
        data-sort={sort}
        style={{
          gridColumn: `${cell.column} / span ${cell.columns}`,
          gridRow: `${cell.row} / span ${cell.rows}`,
        }}
      />
    ))}
  </Stack>
)
