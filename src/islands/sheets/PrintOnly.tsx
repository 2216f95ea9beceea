/** Above a paper that is only printed: the press, and the way back. Does not print. */

import { IconPrinter } from '@tabler/icons-react'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import { PaperBar } from './PaperBar'

interface Props {
  readonly back: string
  readonly to: string
  /** What is printed. */
  readonly label: string
}

export const PrintOnly = ({ back, to, label }: Props) => (
  <PaperBar label={label}>
    <a href={back}>{to}</a>
    <Button icon={IconPrinter} kind="strong" onClick={() => window.print()}>
      {words.sheets.printNow}
    </Button>
  </PaperBar>
)
