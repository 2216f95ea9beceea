/** What is closed is not drawn: a long part that few people open costs nothing until they do. */

import { type ReactNode, useState } from 'react'
import { Box } from './Box'

interface Props {
  readonly title: ReactNode
  readonly opened?: boolean
  /** Drawn when it is opened, and from then on. */
  readonly children: () => ReactNode
}

export function Folded({ title, opened = false, children }: Props) {
  const [drawn, setDrawn] = useState(opened)
  return (
    <Box
      as="details"
      above={6}
      open={opened}
      onToggle={({ currentTarget: { open } }: { currentTarget: HTMLDetailsElement }) =>
        open && setDrawn(true)
      }
    >
      <Box as="summary" weight="bold">
        {title}
      </Box>
      {drawn && children()}
    </Box>
  )
}
