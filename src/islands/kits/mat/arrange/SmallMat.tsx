/** A mat in small: pockets where they lie, things by name, what moves marked. */

import type { Layout, LayoutProblem } from '../../../../core/layout/problem'
import { Box, Row, Stack } from '../../../../ui/Box'
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
    <Box as="figcaption" below={2} weight="bold" face="display">
      {title}
    </Box>
    <Stack line="mat" columns="repeat(12, minmax(0, 1fr))" gap={3} pad={3} surface="mat" radius={2}>
      {problem.bays.map((bay, at) => {
        const cell = kit.pockets.find(({ id }) => id === bay.id)?.cell
        return (
          <Row
            surface="pocket"
            as="section"
            gap={2}
            wrap
            pad={3}
            radius={2}
            shrink
            key={bay.id}
            aria-label={`${title}: ${bay.name}`}
            style={
              cell && {
                gridColumn: `${cell.column} / span ${cell.columns}`,
                gridRow: `${cell.row} / span ${cell.rows}`,
              }
            }
          >
            <Box as="b" size={1} tone="matInk">
              {bay.name}
            </Box>
            {problem.things.map(({ key, title: name }, index) =>
              layout[index] === at ? (
                <Box
                  surface="tag"
                  as="span"
                  padX={3}
                  padY={1}
                  size={1}
                  line="seam"
                  radius={1}
                  key={key}
                  data-marked={marked.has(key)}
                >
                  {name}
                </Box>
              ) : null,
            )}
          </Row>
        )
      })}
    </Stack>
  </figure>
)
