/** What is printed. */
import { readSheet } from '../../app/sheets/readSheet'
import { notePrinted } from '../../app/sheets/sheetActs'
import type * as contract from '../../contract/sheets'
import { paperSize } from '../../sheets/paper'
import { plainFileName } from '../fileNames'
import type { HandlersOf } from '../handler'

export const sheets: HandlersOf<typeof contract> = {
  notePrinted,
  lidSheetPdf: async (world, caller, { kitId, size }) => {
    // What draws PDFs is large and seldom asked for.
    const { lidSheetPdf } = await import('../../sheets/lidSheetPdf')
    const sheet = await readSheet(world, caller, kitId)
    return {
      name: `${plainFileName(sheet.kit)} lid sheet.pdf`,
      type: 'application/pdf',
      inline: true,
      body: await lidSheetPdf(sheet, paperSize(size)),
    }
  },
}
