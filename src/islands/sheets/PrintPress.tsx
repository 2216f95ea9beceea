/** Above a paper that is printed as it is. */

import { IconPrinter } from '@tabler/icons-react'
import { Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'

export const PrintPress = () => (
  <Row as="p" gapX={6} gapY={4} align="center" justify="center" wrap above={6} className="no-print">
    <Button icon={IconPrinter} kind="main" onClick={() => window.print()}>
      {words.sheets.label.print}
    </Button>
    <span>{words.sheets.label.paper}</span>
  </Row>
)
