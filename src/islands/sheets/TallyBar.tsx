/** Above a tally: printing it, entering it afterwards, and the way back. Does not print. */
import { Button, MantineProvider } from '@mantine/core'
import { theme } from '../../ui/theme'
import { words } from '../../words'
import classes from './sheets.module.css'

const roundsWords = words.rounds

export const TallyBar = ({ roundId }: { readonly roundId: string }) => (
  <MantineProvider theme={theme}>
    <nav className={`${classes.bar} no-print`} aria-label={roundsWords.tally.print}>
      <a href="/rounds">{roundsWords.end.toRounds}</a>
      <a className={classes.pdf} href={`/round?id=${roundId}&paper`}>
        {roundsWords.tally.enter}
      </a>
      <Button onClick={() => window.print()}>{roundsWords.tally.print}</Button>
    </nav>
  </MantineProvider>
)
