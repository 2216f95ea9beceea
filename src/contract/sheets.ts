/** Endpoints of what is printed. */
import { z } from 'zod'
import { endpoint, file } from './endpoint'
import * as wire from './primitives'
import * as sheets from './values/sheets'

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

export const readLabels = endpoint(
  'GET',
  '/api/kits/{kitId}/labels',
  'The labels of a kit, laid out for a size, and which of them changed since they were printed',
  { params: wire.ofKit, query: z.object(sheets.layout) },
  z.object({ kit: z.string(), labels: z.array(sheets.label) }),
)

export const labelsPdf = file(
  '/api/kits/{kitId}/labels.pdf',
  'The labels of a kit, to the millimetre, for a sheet or a roll',
  {
    params: wire.ofKit,
    query: z.object({
      ...sheets.layout,
      ...sheets.nudges,
      ...sheets.choice,
      /** So many places of the first sheet are gone. */
      skip: z.coerce.number().int().min(0).max(200).default(0),
    }),
  },
  'application/pdf',
)

export const labelTestPdf = file(
  '/api/labels/test.pdf',
  'Frames and marks that are held against a sheet of labels',
  { query: z.object({ format: sheets.layout.format, ...sheets.nudges }) },
  'application/pdf',
)

export const noteLabelsPrinted = endpoint(
  'POST',
  '/api/kits/{kitId}/label-prints',
  'Note that labels were printed as they are now',
  {
    right: 'use',
    records: ['labels_printed'],
    params: wire.ofKit,
    body: z.object({ keys: z.array(wire.typed(200)).min(1).max(500) }),
  },
  wire.done.extend({ noted: z.int() }),
)

export const printOnRoll = endpoint(
  'POST',
  '/api/kits/{kitId}/label-strip',
  'Print labels on the label printer; those that came out are noted as printed',
  {
    right: 'use',
    records: ['labels_printed'],
    params: wire.ofKit,
    body: z.object({
      ...sheets.layout,
      ...sheets.nudges,
      keys: z.array(wire.typed(200)).min(1).max(500),
      /** Somebody has put in a new roll before it. */
      newRoll: z.boolean().default(false),
    }),
  },
  z.object({ printed: z.array(z.string()), of: z.int(), left: z.int() }),
)

export const readLabelPrinter = endpoint(
  'GET',
  '/api/label-printer',
  'Which label printer there is, and how much is left on its roll',
  {},
  z.object({ name: z.string(), isStandIn: z.boolean(), left: z.int() }),
)

export const readWalletCards = endpoint(
  'GET',
  '/api/wallet-cards',
  'Cards for the wallet: whose were printed, whether they are still true, and where they are',
  {},
  z.object({
    cards: z.array(
      z.object({
        memberId: wire.memberId,
        name: z.string(),
        fits: z.boolean(),
        leftOut: z.array(z.string()),
        print: z
          .object({ on: wire.plainDate, upToDate: z.boolean(), hangs: z.string() })
          .nullable(),
      }),
    ),
  }),
)

export const walletCardsPdf = file(
  '/api/wallet-cards.pdf',
  'Cards for the wallet, both faces, to be cut out and folded',
  {
    query: z.object({
      size: wire.paper,
      memberId: wire.memberId.optional(),
      private: z.enum(['0', '1']).default('1'),
    }),
  },
  'application/pdf',
)

export const noteCardPrinted = endpoint(
  'POST',
  '/api/members/{memberId}/card-prints',
  'Note that somebody’s card was printed as it is now, and where it is',
  {
    right: 'use',
    records: ['card_printed'],
    params: z.object({ memberId: wire.memberId }),
    body: z.object({ hangs: wire.shortText.default('') }),
  },
  wire.done,
)
