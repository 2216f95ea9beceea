/** A "?" beside a figure or a field that is not plain; a press says what it means. */

import { Popover } from '@mantine/core'
import { type ReactNode, useState } from 'react'
import * as words from '../words'
import { Box, Row } from './Box'
import { Button } from './Button'

export function Explain({ id }: { readonly id: words.ExplainedId }) {
  const { name, text } = words.explained[id]
  const [opened, setOpened] = useState(false)
  return (
    <Popover width={320} position="bottom" withinPortal opened={opened} onChange={setOpened}>
      <Popover.Target>
        <Button
          kind="quiet"
          className="no-print"
          aria-label={words.whatIs(name)}
          onClick={() => setOpened(!opened)}
          onKeyDown={({ key }) => key === 'Escape' && setOpened(false)}
        >
          <Box as="span" padX={4} weight="bold">
            ?
          </Box>
        </Button>
      </Popover.Target>
      <Popover.Dropdown>
        <Box as="p" size={2}>
          {text}
        </Box>
      </Popover.Dropdown>
    </Popover>
  )
}

/** A field with its "?" at the end of it. */
export const Explained = ({
  id,
  children,
}: {
  readonly id: words.ExplainedId
  readonly children: ReactNode
}) => (
  <Row gap={3} align="end">
    <Box grow shrink>
      {children}
    </Box>
    <Explain id={id} />
  </Row>
)
