/** What is printed. */
import { readSheet } from '../../app/sheets/readSheet'
import { notePrinted } from '../../app/sheets/sheetActs'
import type * as contract from '../../contract/sheets'
import { lidSheetPdf } from '../../sheets/lidSheetPdf'
import { paperSize } from '../../sheets/paper'
import { plainFileName } from '../fileNames'
import type { HandlersOf } from '../handler'

export const sheets: HandlersOf<typeof contract> = {
  notePrinted,
  lidSheetPdf: async (world, caller, { kitId, size }) => {
    const sheet = await readSheet(world, caller, kitId)
    return {
      name: `${plainFileName(sheet.kit)} lid sheet.pdf`,
      type: 'application/pdf',
      inline: true,
      body: await lidSheetPdf(sheet, paperSize(size)),
    }
  },
}
