/** Above a sheet: paper, printing, the PDF, and the way back. Does not print. */
import { Button, MantineProvider } from '@mantine/core'
import { PAPER_SIZES, type PaperSize } from '../../sheets/paper'
import { theme } from '../../ui/theme'
import { words } from '../../words'
import classes from './sheets.module.css'

const w = words.sheet

export const PrintBar = ({ kitId, size }: { readonly kitId: string; readonly size: PaperSize }) => (
  <MantineProvider theme={theme}>
    <nav className={`${classes.bar} no-print`} aria-label={w.size}>
      <a href={`/kits/${kitId}`}>{w.back}</a>
      <span className={classes.sizes}>
        {PAPER_SIZES.map((one) => (
          <a key={one} href={`?size=${one}`} aria-current={one === size ? 'true' : undefined}>
            {w.paper[one]}
          </a>
        ))}
      </span>
      <a className={classes.pdf} href={`/api/kits/${kitId}/sheet.pdf?size=${size}`}>
        {w.pdf}
      </a>
      <Button onClick={() => window.print()}>{w.printNow}</Button>
    </nav>
  </MantineProvider>
)
