/** A label for a pocket or a pack, 62 × 29 mm: what it is, its batch, until when it is good, a code. */
import bwip from 'bwip-js/node'
import { writeCode } from '../core/codes/writeCode'
import type { Keeping } from '../core/exposure/storage'
import { type Item, itemTitle } from '../core/stock/item'
import type { Lot } from '../core/stock/lot'
import * as words from '../words'
import { expiryText } from '../words/frame/format'
import classes from './lotLabel.module.css'

const labelWords = words.sheets.label

type Drawing = Parameters<typeof bwip.toSVG>[0] & { readonly dontlint: true }

/** A label of one's own has no product number, which the standard asks for beside a date. */
function drawn(code: string): string {
  const drawing: Drawing = { bcid: 'gs1datamatrix', text: code, dontlint: true }
  return bwip.toSVG(drawing)
}

interface Props {
  readonly lot: Pick<Lot, 'expiry' | 'batch'>
  readonly item: Pick<Item, 'name' | 'strength'>
  /** "" where it lies nowhere. */
  readonly pocket: string
  readonly keeping: Keeping
}

export function LotLabel({ lot, item, pocket, keeping }: Props) {
  const code = writeCode(lot.expiry, lot.batch)
  return (
    <main className={classes.label} id="main">
      <div>
        <h1>{itemTitle(item)}</h1>
        <p className={classes.good}>{labelWords.good(expiryText(lot.expiry))}</p>
        <p>
          {[
            ...(lot.batch === '' ? [] : [labelWords.batch(lot.batch)]),
            ...(pocket === '' ? [] : [pocket]),
          ].join(' · ')}
        </p>
        <p>{words.storage.onPaper(keeping)}</p>
        <p style={{ whiteSpace: 'nowrap' }}>{labelWords.opened}</p>
      </div>
      {code !== null && (
        <span
          role="img"
          aria-label={labelWords.code}
          // Drawn by the library from digits and letters that were checked.
          // biome-ignore lint/security/noDangerouslySetInnerHtml: no text of anybody's gets in
          dangerouslySetInnerHTML={{ __html: drawn(code) }}
        />
      )}
    </main>
  )
}
