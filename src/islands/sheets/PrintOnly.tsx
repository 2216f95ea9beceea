/** Above a paper that is only printed: the press, and the way back. Does not print. */

import { MantineProvider } from '@mantine/core'
import { IconPrinter } from '@tabler/icons-react'
import { Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { theme } from '../../ui/theme'
import { words } from '../../words'
import classes from './sheets.module.css'

interface Props {
  readonly back: string
  readonly to: string
  /** What is printed. */
  readonly label: string
}

export const PrintOnly = ({ back, to, label }: Props) => (
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
      <a href={back}>{to}</a>
      <Button icon={IconPrinter} kind="strong" onClick={() => window.print()}>
        {words.sheets.printNow}
      </Button>
    </Row>
  </MantineProvider>
)
