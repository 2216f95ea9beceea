/** What is printed. */
import { readLidCode } from '../../app/roadside/lid'
import { readSheet } from '../../app/sheets/readSheet'
import { notePrinted } from '../../app/sheets/sheetActs'
import type * as contract from '../../contract/sheets'
import { paperSize } from '../../sheets/paper'
import { plainFileName } from '../fileNames'
import type { HandlersOf } from '../handler'
import { runtime } from '../runtime'

export const sheets: HandlersOf<typeof contract> = {
  notePrinted,
  lidSheetPdf: async (world, caller, { kitId, size }, origin) => {
    // What draws PDFs is large and seldom asked for.
    const { lidSheetPdf } = await import('../../sheets/lidSheetPdf')
    const sheet = await readSheet(world, caller, kitId)
    const { onLid } = await readLidCode(world, caller, { kitId }, runtime().secret)
    const opens = onLid && { code: onLid.code, address: `${origin}/lid/${onLid.code}` }
    return {
      name: `${plainFileName(sheet.kit)} lid sheet.pdf`,
      type: 'application/pdf',
      inline: true,
      body: await lidSheetPdf(sheet, paperSize(size), opens),
    }
  },
}
