/** Above a sheet: paper, printing, the PDF, and the way back. Does not print. */
import { Button, MantineProvider } from '@mantine/core'
import { addressOf } from '../../contract/endpoint'
import { lidSheetPdf, notePrinted } from '../../contract/sheets'
import { call, newKey } from '../../device/call'
import { PAPER_SIZES, type PaperSize } from '../../sheets/paper'
import { theme } from '../../ui/theme'
import { words } from '../../words'
import classes from './sheets.module.css'

const sheetsWords = words.sheets

/** From now on the record can say whether the sheet in the lid still holds. */
const note = (kitId: string): Promise<unknown> =>
  call(notePrinted, { params: { kitId } }, { key: newKey() }).catch(() => null)

export const PrintBar = ({ kitId, size }: { readonly kitId: string; readonly size: PaperSize }) => (
  <MantineProvider theme={theme}>
    <nav className={`${classes.bar} no-print`} aria-label={sheetsWords.size}>
      <a href={`/kits/${kitId}`}>{sheetsWords.back}</a>
      <span className={classes.sizes}>
        {PAPER_SIZES.map((one) => (
          <a key={one} href={`?size=${one}`} aria-current={one === size ? 'true' : undefined}>
            {sheetsWords.paper[one]}
          </a>
        ))}
      </span>
      <a
        className={classes.pdf}
        href={`${addressOf(lidSheetPdf, { kitId })}?size=${size}`}
        onClick={() => void note(kitId)}
      >
        {sheetsWords.pdf}
      </a>
      <Button
        onClick={() => {
          window.print()
          void note(kitId)
        }}
      >
        {sheetsWords.printNow}
      </Button>
    </nav>
  </MantineProvider>
)
