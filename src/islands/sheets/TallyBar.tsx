/** Above a tally: printing it, entering it afterwards, and the way back. Does not print. */

import { MantineProvider } from '@mantine/core'
import { IconPrinter } from '@tabler/icons-react'
import { Row } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { theme } from '../../ui/theme'
import { words } from '../../words'
import classes from './sheets.module.css'

const roundsWords = words.rounds

export const TallyBar = ({ roundId }: { readonly roundId: string }) => (
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
      aria-label={roundsWords.tally.print}
    >
      <a href="/rounds">{roundsWords.end.toRounds}</a>
      <ButtonLink href={`/round?id=${roundId}&paper`}>{roundsWords.tally.enter}</ButtonLink>
      <Button icon={IconPrinter} kind="strong" onClick={() => window.print()}>
        {roundsWords.tally.print}
      </Button>
    </Row>
  </MantineProvider>
)
