/** What is printed. */
import { readLidCode } from '../../app/roadside/lid'
import * as app from '../../app/sheets/labels'
import { readSheet } from '../../app/sheets/readSheet'
import { notePrinted } from '../../app/sheets/sheetActs'
import * as wallet from '../../app/sheets/walletCards'
import type * as contract from '../../contract/sheets'
import { fitLabel } from '../../core/labels/fit'
import { formatOf, type LabelFormatId, type Nudge } from '../../core/labels/formats'
import { CARD_SIZE } from '../../core/sheet/walletCard'
import { paperSize } from '../../sheets/paper'
import * as words from '../../words'
import { plainFileName } from '../fileNames'
import type { HandlersOf } from '../handler'
import { runtime } from '../runtime'

const { walletFaces } = words

interface LaidOut {
  readonly format: LabelFormatId
  readonly large: '0' | '1'
  readonly names: '0' | '1'
}

/** Each label as large as it goes on this size. */
async function laidOut(labels: app.KitLabels['labels'], { format, large }: LaidOut) {
  const { measure } = await import('../../sheets/type')
  const { label } = formatOf(format)
  return labels.map((one) => ({
    ...one,
    fitted: fitLabel(one.text, label, measure, { isLarge: large === '1' }),
  }))
}
type LaidOutLabel = Awaited<ReturnType<typeof laidOut>>[number]

/** What draws PDFs is large and seldom asked for. */
async function pdfOf(
  labels: readonly LaidOutLabel[],
  job: { readonly format: LabelFormatId; readonly skip: number; readonly title: string } & Nudge,
  origin: string,
): Promise<Uint8Array> {
  const { labelsPdf } = await import('../../sheets/labelsPdf')
  const { format, skip, title, right, down } = job
  return labelsPdf(
    labels.map(({ fitted, about }) => ({ fitted, address: `${origin}${about.opens}` })),
    { format: formatOf(format), nudge: { right, down }, skip, title },
  )
}

const pdfNamed = (name: string, body: Uint8Array) => ({
  name: `${plainFileName(name)}.pdf`,
  type: 'application/pdf',
  inline: true,
  body,
})

/** Both faces as large as they go. */
async function onCard({ front, back }: wallet.CardOfMember['faces']) {
  const { measure } = await import('../../sheets/type')
  return {
    front: fitLabel(front, CARD_SIZE, measure),
    back: fitLabel(back, CARD_SIZE, measure),
  }
}

export const sheets: HandlersOf<typeof contract> = {
  notePrinted,
  lidSheetPdf: async (world, caller, { kitId, size }, origin) => {
    const { lidSheetPdf } = await import('../../sheets/lidSheetPdf')
    const sheet = await readSheet(world, caller, kitId)
    const { onLid } = await readLidCode(world, caller, { kitId }, runtime().secret)
    const opens = onLid && { code: onLid.code, address: `${origin}/lid/${onLid.code}` }
    return pdfNamed(`${sheet.kit} lid sheet`, await lidSheetPdf(sheet, paperSize(size), opens))
  },
  readLabels: async (world, caller, { kitId, ...how }) => {
    const asked = { kitId, isPrivate: how.names === '1' }
    const { kit, labels } = await app.readLabels(world, caller, asked, words.labelText)
    const { qrSquares } = await import('../../sheets/qr')
    return {
      kit,
      labels: (await laidOut(labels, how)).map(({ about, text, fitted, printedOn, isChanged }) => ({
        key: about.key,
        kind: about.kind,
        name: text.lines[0]?.text ?? '',
        printedOn,
        isChanged,
        fitted,
        code: fitted.code && qrSquares(`${runtime().origin}${about.opens}`),
      })),
    }
  },
  labelsPdf: async (world, caller, { kitId, only, leave, skip, right, down, ...how }, origin) => {
    const asked = { kitId, isPrivate: how.names === '1' }
    const { kit, labels } = await app.readLabels(world, caller, asked, words.labelText)
    const chosen = labels.filter(
      ({ about, isChanged }) => (only === 'all' || isChanged) && !leave.includes(about.key),
    )
    const fitting = (await laidOut(chosen, how)).filter(({ fitted }) => fitted.fits)
    const title = words.labels.of(kit)
    const job = { format: how.format, skip, title, right, down }
    return pdfNamed(title, await pdfOf(fitting, job, origin))
  },
  labelTestPdf: async (_world, _caller, { format, right, down }) => {
    const { labelTestPdf } = await import('../../sheets/labelsPdf')
    const title = words.labels.testTitle(words.labels.formatName(formatOf(format)))
    const page = { format: formatOf(format), nudge: { right, down } }
    return pdfNamed(title, await labelTestPdf(page, { title, lead: words.labels.testLead }))
  },
  noteLabelsPrinted: (world, caller, asked) =>
    app.noteLabelsPrinted(world, caller, asked, words.labelText),
  printOnRoll: async (world, caller, { key, kitId, keys, right, down, newRoll, ...how }) => {
    const printer = world.services.labelPrinter
    const asked = { kitId, isPrivate: how.names === '1' }
    const { kit, labels } = await app.readLabels(world, caller, asked, words.labelText)
    const chosen = labels.filter(({ about }) => keys.includes(about.key))
    const fitting = (await laidOut(chosen, how)).filter(({ fitted }) => fitted.fits)
    const job = { format: how.format, skip: 0, title: words.labels.of(kit), right, down }
    const pdf = await pdfOf(fitting, job, runtime().origin)
    if (newRoll) await printer.newRoll(caller.householdId)
    const { printed, left } = await printer.print(caller.householdId, fitting.length, pdf)
    const out = fitting.slice(0, printed).map(({ about }) => about.key)
    if (out.length > 0)
      await app.noteLabelsPrinted(world, caller, { key, kitId, keys: out }, words.labelText)
    return { printed: out, of: fitting.length, left }
  },
  readLabelPrinter: app.readLabelPrinter,
  readWalletCards: async (world, caller) => {
    const cards = await wallet.readWalletCards(world, caller, { isPrivate: true }, walletFaces)
    return {
      cards: await Promise.all(
        cards.map(async ({ member, faces, print }) => {
          const { front, back } = await onCard(faces)
          return {
            memberId: member.id,
            name: member.name,
            fits: front.fits && back.fits,
            leftOut: [...front.leftOut, ...back.leftOut],
            print,
          }
        }),
      ),
    }
  },
  walletCardsPdf: async (world, caller, { size, memberId, private: isPrivate }) => {
    const asked = { ...(memberId && { memberId }), isPrivate: isPrivate === '1' }
    const cards = await wallet.readWalletCards(world, caller, asked, walletFaces)
    const faces = await Promise.all(cards.map((one) => onCard(one.faces)))
    const { walletPdf } = await import('../../sheets/walletPdf')
    const title = words.wallet.titleOf
    const fitting = faces.filter(({ front, back }) => front.fits && back.fits)
    return pdfNamed(title, await walletPdf(fitting, paperSize(size), title))
  },
  noteCardPrinted: (world, caller, asked) =>
    wallet.noteCardPrinted(world, caller, asked, walletFaces),
}
