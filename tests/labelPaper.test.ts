/** Labels as they leave the printer: each word where it was laid, each code read by a camera. */
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import sharp from 'sharp'
import { beforeAll, describe, expect, it } from 'vitest'
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader'
import { fitLabel, type LabelText } from '../src/core/labels/fit'
import { formatOf, LABEL_FORMAT_IDS, NO_NUDGE, placeOf } from '../src/core/labels/formats'
import { labelsPdf, labelTestPdf } from '../src/sheets/labelsPdf'
import { qrSquares } from '../src/sheets/qr'
import { canWrite, measure, runsOf } from '../src/sheets/type'
import { pagesOf } from './support/pdf'

const MM = 72 / 25.4
const text = (title: string): LabelText => ({
  lines: [
    { text: title, face: 'title', spare: false },
    { text: 'Good through 31 Jan 2028', face: 'strong', spare: false },
    { text: 'Pain and fever', face: 'text', spare: true },
  ],
  badge: 'below 25 °C',
  hasCode: true,
  isHatched: true,
})
const ADDRESS = 'http://127.0.0.1:4321/o/6f9619ff-8b86-4d01-b42d-00cf4fc964ff'
const printed = (
  id: (typeof LABEL_FORMAT_IDS)[number],
  count: number,
  skip = 0,
  nudge = NO_NUDGE,
) => {
  const format = formatOf(id)
  const labels = Array.from({ length: count }, (_, at) => ({
    fitted: fitLabel(text(`Ibuprofen ${at + 1}`), format.label, measure),
    address: ADDRESS,
  }))
  return labelsPdf(labels, { format, nudge, skip, title: 'Labels' })
}

/** Where each text begins, in millimetres from the upper left corner of its page. */
async function textsOf(bytes: Uint8Array) {
  const document = await getDocument({ data: bytes.slice(), useSystemFonts: false }).promise
  const found: { page: number; text: string; x: number; y: number }[] = []
  for (let number = 1; number <= document.numPages; number++) {
    const page = await document.getPage(number)
    const { height } = page.getViewport({ scale: 1 })
    for (const item of (await page.getTextContent()).items)
      if ('str' in item && item.str.trim() !== '')
        found.push({
          page: number - 1,
          text: item.str,
          x: item.transform[4] / MM,
          y: (height - item.transform[5]) / MM,
        })
  }
  await document.destroy()
  return found
}

beforeAll(() => {
  const wasm = createRequire(import.meta.url).resolve('zxing-wasm/reader/zxing_reader.wasm')
  const { buffer, byteOffset, byteLength } = readFileSync(wasm)
  prepareZXingModule({
    overrides: { wasmBinary: buffer.slice(byteOffset, byteOffset + byteLength) as ArrayBuffer },
  })
})

describe('labels on paper', () => {
  it.each(LABEL_FORMAT_IDS)(
    '%s: the page has its size, and each word stands where it was laid',
    async (id) => {
      const format = formatOf(id)
      const [width, height] = format.kind === 'sheet' ? format.page : format.label
      const nudge = { right: 5, down: -3 }
      const bytes = await printed(id, 3, 1, nudge)
      const [page] = await pagesOf(bytes)
      expect(page).toMatchObject({ width: Math.round(width * MM), height: Math.round(height * MM) })
      const texts = await textsOf(bytes)
      for (let at = 0; at < 3; at++) {
        const place = placeOf(format, at + (format.kind === 'sheet' ? 1 : 0), nudge)
        const fitted = fitLabel(text(`Ibuprofen ${at + 1}`), format.label, measure)
        for (const line of fitted.lines) {
          const there = texts.filter(
            (one) =>
              one.page === place.page &&
              line.text.startsWith(one.text.trim()) &&
              Math.abs(one.x - place.x - line.x) < 0.1 &&
              Math.abs(one.y - place.y - line.y) < 0.1,
          )
          expect([line.text, there.length]).toEqual([line.text, 1])
        }
      }
    },
  )
  it('a full sheet goes on with the next, and a begun one begins where it was left', async () => {
    expect(await pagesOf(await printed('a4-21', 21))).toHaveLength(1)
    expect(await pagesOf(await printed('a4-21', 21, 1))).toHaveLength(2)
    expect(await pagesOf(await printed('roll-62', 4, 3))).toHaveLength(4)
    expect(await pagesOf(await printed('a4-21', 0))).toHaveLength(1)
  })
  it('measures what it draws: no wider by more than a hair', () => {
    expect(measure('Ibuprofen 200 mg', 'text', 3)).toBeGreaterThan(20)
    expect(measure('gauze', 'text', 6)).toBeCloseTo(2 * measure('gauze', 'text', 3), 6)
  })
  it('writes letters of a second file, and knows which it has not', () => {
    expect(
      runsOf('Łódź', 'text')
        .map(({ text: part }) => part)
        .join(''),
    ).toBe('Łódź')
    expect(runsOf('Łódź', 'text').length).toBeGreaterThan(1)
    expect(canWrite('Žofie, Łódź, Åse', 'title')).toBe(true)
    expect(canWrite('漢方', 'title')).toBe(false)
  })
  it('has codes that a camera reads', async () => {
    const { across, dark } = qrSquares(ADDRESS)
    const side = 6
    const pixels = Buffer.alloc(across * side * across * side, 255)
    for (const [x, y] of dark)
      for (let row = 0; row < side; row++)
        pixels.fill(
          0,
          (y * side + row) * across * side + x * side,
          (y * side + row) * across * side + (x + 1) * side,
        )
    const png = await sharp(pixels, {
      raw: { width: across * side, height: across * side, channels: 1 },
    })
      .extend({ top: 24, bottom: 24, left: 24, right: 24, background: '#fff' })
      .png()
      .toBuffer()
    const [code] = await readBarcodes(new Blob([new Uint8Array(png)]), { formats: ['QRCode'] })
    expect(code?.text).toBe(ADDRESS)
    // On the smallest label that bears one, a square is at least a third of a millimetre.
    const sides = LABEL_FORMAT_IDS.flatMap(
      (id) => fitLabel(text('Gauze'), formatOf(id).label, measure).code?.side ?? [],
    )
    expect(Math.min(...sides) / across).toBeGreaterThan(0.3)
  })
  it('has a test page with a frame for each label', async () => {
    const bytes = await labelTestPdf(
      { format: formatOf('a4-24'), nudge: NO_NUDGE },
      { title: 'Test page for A4', lead: 'The frames should lie on the labels.' },
    )
    const [page, ...more] = await pagesOf(bytes)
    expect(more).toEqual([])
    expect(page?.text).toContain('The frames should lie on the labels.')
  })
})
