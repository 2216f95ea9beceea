/** Above a tally: printing it, entering it afterwards, and the way back. Does not print. */
import { Button, MantineProvider } from '@mantine/core'
import { theme } from '../../ui/theme'
import { words } from '../../words'
import classes from './sheets.module.css'

const w = words.rounds

export const TallyBar = ({ roundId }: { readonly roundId: string }) => (
  <MantineProvider theme={theme}>
    <nav className={`${classes.bar} no-print`} aria-label={w.tally.print}>
      <a href="/rounds">{w.end.toRounds}</a>
      <a className={classes.pdf} href={`/round?id=${roundId}&paper`}>
        {w.tally.enter}
      </a>
      <Button onClick={() => window.print()}>{w.tally.print}</Button>
    </nav>
  </MantineProvider>
)
