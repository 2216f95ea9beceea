/** Endpoints of what is printed. */
import { z } from 'zod'
import { endpoint, file } from './endpoint'
import * as v from './primitives'

export const notePrinted = endpoint(
  'POST',
  '/api/kits/{kitId}/sheet-prints',
  'Note that the lid sheet was printed as it is now',
  { records: ['sheet_printed'], params: v.ofKit },
  v.done,
)

export const lidSheetPdf = file(
  '/api/kits/{kitId}/sheet.pdf',
  'The lid sheet of a kit, ready to print',
  { params: v.ofKit, query: z.object({ size: v.paper }) },
  'application/pdf',
)
