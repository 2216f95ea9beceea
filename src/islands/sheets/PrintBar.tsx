/** Above a sheet: paper, printing, the PDF, and the way back. Does not print. */

import { addressOf } from '../../contract/endpoint'
import { lidSheetPdf, notePrinted } from '../../contract/sheets'
import { call, newKey } from '../../device/call'
import { PAPER_SIZES, type PaperSize } from '../../sheets/paper'
import { Box, Row } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import * as words from '../../words'
import { PaperBar } from './PaperBar'
import classes from './sheets.module.css'

const sheetsWords = words.sheets

/** From now on the record can say whether the sheet in the lid still holds. */
const note = (kitId: string): Promise<unknown> =>
  call(notePrinted, { params: { kitId } }, { key: newKey() }).catch(() => null)

export const PrintBar = ({ kitId, size }: { readonly kitId: string; readonly size: PaperSize }) => (
  <PaperBar label={sheetsWords.size}>
    <a href={`/kits/${kitId}`}>{sheetsWords.back}</a>
    <Row as="span" line="seam" radius={2} className={classes.sizes}>
      {PAPER_SIZES.map((one) => (
        <Box
          unlined
          as="a"
          padX={5}
          padY={3}
          size={2}
          key={one}
          href={`?size=${one}`}
          aria-current={one === size ? 'true' : undefined}
        >
          {sheetsWords.paper[one]}
        </Box>
      ))}
    </Row>
    <ButtonLink
      href={`${addressOf(lidSheetPdf, { kitId })}?size=${size}`}
      onClick={() => void note(kitId)}
    >
      {sheetsWords.pdf}
    </ButtonLink>
    <Button
      kind="strong"
      onClick={() => {
        window.print()
        void note(kitId)
      }}
    >
      {sheetsWords.printNow}
    </Button>
  </PaperBar>
)
