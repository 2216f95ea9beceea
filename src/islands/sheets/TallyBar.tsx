/** Above a tally: printing it, entering it afterwards, and the way back. Does not print. */

import { IconPrinter } from '@tabler/icons-react'
import { Button, ButtonLink } from '../../ui/Button'
import * as words from '../../words'
import { PaperBar } from './PaperBar'

const roundsWords = words.rounds

export const TallyBar = ({ roundId }: { readonly roundId: string }) => (
  <PaperBar label={roundsWords.tally.print}>
    <a href="/rounds">{roundsWords.end.toRounds}</a>
    <ButtonLink href={`/round?id=${roundId}&paper`}>{roundsWords.tally.enter}</ButtonLink>
    <Button icon={IconPrinter} kind="strong" onClick={() => window.print()}>
      {roundsWords.tally.print}
    </Button>
  </PaperBar>
)
