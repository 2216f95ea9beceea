/** One line of a list of facts: its name on the left, what is so on the right. */
import type { ReactNode } from 'react'
import { Box, Row } from './Box'

interface Props {
  readonly name: string
  readonly children: ReactNode
}

export const Fact = ({ name, children }: Props) => (
  <Row gapX={6} gapY={1} justify="between" wrap padY={3} lineAbove="hairline">
    <dt>{name}</dt>
    <Box as="dd" weight="bold" text="right" breakable>
      {children}
    </Box>
  </Row>
)
