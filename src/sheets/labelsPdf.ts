/** Labels as a PDF, to the millimetre: the same for a sheet printer and for a label printer. */
import PDFDocument from 'pdfkit'
import type { Fitted, PlacedLine } from '../core/labels/fit'
import {
  type LabelFormat,
  labelsOnPage,
  type Nudge,
  placeOf,
  type Size,
} from '../core/labels/formats'
import { qrSquares } from './qr'
import { runsOf, widthOf } from './type'

/** Points of a PDF in a millimetre. */
const POINTS = 72 / 25.4
const INK = '#000000'
const HATCH_STEP = 3
const HATCH = '#c9c9c9'

export interface LabelToPrint {
  readonly fitted: Fitted
  /** What its code opens; "" without one. */
  readonly address: string
}

interface Job {
  readonly format: LabelFormat
  readonly nudge: Nudge
  /** So many places of the first sheet are gone. */
  readonly skip: number
  readonly title: string
}

type Page = InstanceType<typeof PDFDocument>

/** @returns the bytes of the PDF; one page for a sheet, on a roll one for a label */
export function labelsPdf(labels: readonly LabelToPrint[], job: Job): Promise<Uint8Array> {
  const { format, nudge, skip, title } = job
  return written(title, (pdf) => {
    let page = -1
    for (const [at, label] of labels.entries()) {
      const place = placeOf(format, at + (format.kind === 'sheet' ? skip : 0), nudge)
      if (place.page !== page) addPage(pdf, format)
      page = place.page
      drawLabel(pdf, label, place.x, place.y)
    }
    if (page < 0) addPage(pdf, format)
  })
}

/** A page of frames and marks that is held against the labels. */
export function labelTestPdf(
  { format, nudge }: Pick<Job, 'format' | 'nudge'>,
  words: { readonly title: string; readonly lead: string },
): Promise<Uint8Array> {
  return written(words.title, (pdf) => {
    addPage(pdf, format)
    const count = format.kind === 'sheet' ? labelsOnPage(format) : 1
    for (let at = 0; at < count; at++) {
      const { x, y } = placeOf(format, at, nudge)
      const [width, height] = format.label
      pdf.lineWidth(0.3).strokeColor(INK)
      pdf.rect(mm(x), mm(y), mm(width), mm(height)).stroke()
      drawRulers(pdf, x, y, format.label)
    }
    const { x, y } = placeOf(format, 0, nudge)
    drawLine(pdf, { text: words.title, face: 'strong', size: 2.6, x: 4, y: 8 }, x, y)
    drawLine(pdf, { text: words.lead, face: 'text', size: 2.2, x: 4, y: 12 }, x, y)
  })
}

/** A mark for each millimetre along the upper and the left edge, every fifth longer. */
function drawRulers(pdf: Page, x: number, y: number, [width, height]: Size): void {
  for (let at = 1; at < width; at++)
    pdf.moveTo(mm(x + at), mm(y)).lineTo(mm(x + at), mm(y + (at % 5 === 0 ? 2 : 1)))
  for (let at = 1; at < height; at++)
    pdf.moveTo(mm(x), mm(y + at)).lineTo(mm(x + (at % 5 === 0 ? 2 : 1)), mm(y + at))
  pdf.stroke()
}

export async function written(title: string, draw: (pdf: Page) => void): Promise<Uint8Array> {
  const pdf = new PDFDocument({
    autoFirstPage: false,
    info: { Title: title },
    lang: 'en',
    // Else the printer's dialog offers to fit it to the page.
    pdfVersion: '1.7',
  })
  const parts: Buffer[] = []
  const done = new Promise<void>((resolve, reject) => {
    pdf.on('data', (part: Buffer) => parts.push(part))
    pdf.on('end', resolve)
    pdf.on('error', reject)
  })
  draw(pdf)
  pdf.end()
  await done
  return new Uint8Array(Buffer.concat(parts))
}

export const mm = (millimetres: number): number => millimetres * POINTS

function addPage(pdf: Page, format: LabelFormat): void {
  const [width, height] = format.kind === 'sheet' ? format.page : format.label
  pdf.addPage({ size: [mm(width), mm(height)], margin: 0 })
}

export function drawLabel(
  pdf: Page,
  { fitted, address }: LabelToPrint,
  x: number,
  y: number,
): void {
  const { label, lines, badge, code, isHatched } = fitted
  if (isHatched) drawHatch(pdf, x, y, label)
  pdf.fillColor(INK)
  for (const line of lines) drawLine(pdf, line, x, y)
  if (badge) {
    const { frame } = badge
    pdf
      .lineWidth(0.8)
      .strokeColor(INK)
      .roundedRect(mm(x + frame.x), mm(y + frame.y), mm(frame.width), mm(frame.height), mm(0.8))
      .stroke()
    drawLine(pdf, badge, x, y)
  }
  if (code && address !== '') {
    const { across, dark } = qrSquares(address)
    const side = code.side / across
    // A white ground, also over the hatch: a camera needs it.
    pdf.fillColor('#ffffff')
    pdf.rect(mm(x + code.x - 1), mm(y + code.y - 1), mm(code.side + 2), mm(code.side + 2)).fill()
    pdf.fillColor(INK)
    for (const [column, row] of dark)
      pdf.rect(mm(x + code.x + column * side), mm(y + code.y + row * side), mm(side), mm(side))
    pdf.fill()
  }
}

function drawHatch(pdf: Page, x: number, y: number, [width, height]: Size): void {
  pdf.save()
  pdf.rect(mm(x), mm(y), mm(width), mm(height)).clip()
  pdf.lineWidth(0.5).strokeColor(HATCH)
  for (let at = -height; at < width; at += HATCH_STEP)
    pdf.moveTo(mm(x + at), mm(y)).lineTo(mm(x + at + height), mm(y + height))
  pdf.stroke().restore()
}

function drawLine(
  pdf: Page,
  { text, face, size, x: left, y: base }: PlacedLine,
  x: number,
  y: number,
): void {
  let at = x + left
  for (const run of runsOf(text, face)) {
    pdf
      .font(run.file)
      .fontSize(mm(size))
      .fillColor(INK)
      .text(run.text, mm(at), mm(y + base), { lineBreak: false, baseline: 'alphabetic' })
    at += widthOf(run.text, run.file, size)
  }
}
