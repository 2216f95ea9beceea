/** A kit with the one press that a step has for it. */

import type { ReactNode } from 'react'
import { Row } from '../../../ui/Box'

interface Props {
  readonly text: string
  readonly children: ReactNode
}

export const KitRow = ({ text, children }: Props) => (
  <Row as="li" gap={5} align="center" justify="between" wrap padY={4} lineBelow="hairline">
    {text}
    {children}
  </Row>
)
