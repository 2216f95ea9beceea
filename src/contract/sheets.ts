/** Endpoints of what is printed. */
import { z } from 'zod'
import { endpoint, file } from './endpoint'
import * as wire from './primitives'

export const notePrinted = endpoint(
  'POST',
  '/api/kits/{kitId}/sheet-prints',
  'Note that the lid sheet was printed as it is now',
  { right: 'use', records: ['sheet_printed'], params: wire.ofKit },
  wire.done,
)

export const lidSheetPdf = file(
  '/api/kits/{kitId}/sheet.pdf',
  'The lid sheet of a kit, ready to print',
  { params: wire.ofKit, query: z.object({ size: wire.paper }) },
  'application/pdf',
)
