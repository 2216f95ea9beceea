/** Where there is nothing yet: what to do first, and the press that does it. */

import type { ReactNode } from 'react'
import { Box, Row } from './Box'

interface Props {
  readonly text: string
  /** Presses; the first does what the text says. */
  readonly children?: ReactNode
}

export const Empty = ({ text, children }: Props) => (
  <Box note="empty" pad={6} above={4} line="dashed" radius={2}>
    <p>{text}</p>
    {children && (
      <Row gap={4} wrap above={5}>
        {children}
      </Row>
    )}
  </Box>
)
