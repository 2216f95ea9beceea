/** Above what is printed: the way back and what may be done with it. Does not print. */

import { MantineProvider } from '@mantine/core'
import type { ReactNode } from 'react'
import { Row } from '../../ui/Box'
import { theme } from '../../ui/theme'
import classes from './sheets.module.css'

interface Props {
  readonly label: string
  readonly children: ReactNode
}

export const PaperBar = ({ label, children }: Props) => (
  <MantineProvider theme={theme}>
    <Row
      as="nav"
      gapX={6}
      gapY={4}
      align="center"
      wrap
      padX={6}
      padY={4}
      surface="paper"
      lineBelow="dashed"
      className={`${classes.bar} no-print`}
      aria-label={label}
    >
      {children}
    </Row>
  </MantineProvider>
)
