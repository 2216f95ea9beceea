/** Wallet cards as a PDF: both faces beside each other, to be cut out and folded. */

import type { Fitted } from '../core/labels/fit'
import { CARD_SIZE } from '../core/sheet/walletCard'
import { drawLabel, mm, written } from './labelsPdf'
import type { PaperSize } from './paper'

const PAGES = { A4: [210, 297], A5: [148, 210], LETTER: [215.9, 279.4] } as const
const BETWEEN = 6
const ABOVE = 12

export interface Faces {
  readonly front: Fitted
  readonly back: Fitted
}

/** @returns the bytes of the PDF: A4 or Letter; on A5 both faces have no room beside each other */
export function walletPdf(
  cards: readonly Faces[],
  size: PaperSize,
  title: string,
): Promise<Uint8Array> {
  const [pageWidth, pageHeight] = PAGES[size === 'A5' ? 'A4' : size]
  const [width, height] = CARD_SIZE
  const perPage = Math.floor((pageHeight - 2 * ABOVE + BETWEEN) / (height + BETWEEN))
  const left = (pageWidth - 2 * width) / 2
  return written(title, (pdf) => {
    if (cards.length === 0) pdf.addPage({ size: [mm(pageWidth), mm(pageHeight)], margin: 0 })
    for (const [at, { front, back }] of cards.entries()) {
      if (at % perPage === 0) pdf.addPage({ size: [mm(pageWidth), mm(pageHeight)], margin: 0 })
      const y = ABOVE + (at % perPage) * (height + BETWEEN)
      pdf.lineWidth(0.4).strokeColor('#8a8a8a')
      pdf.rect(mm(left), mm(y), mm(2 * width), mm(height)).stroke()
      // Folded along the dashes, each face is upright.
      pdf.dash(2, { space: 2 })
      pdf
        .moveTo(mm(left + width), mm(y))
        .lineTo(mm(left + width), mm(y + height))
        .stroke()
      pdf.undash()
      drawLabel(pdf, { fitted: back, address: '' }, left, y)
      drawLabel(pdf, { fitted: front, address: '' }, left + width, y)
    }
  })
}
