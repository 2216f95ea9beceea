/** What somebody reads on a PDF: its pages, how large they are, and the words on each. */
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

export interface PdfPage {
  /** In points: 72 to an inch. */
  readonly width: number
  readonly height: number
  /** Its words in the order in which they are drawn, with single spaces. */
  readonly text: string
}

export async function pagesOf(bytes: Uint8Array): Promise<readonly PdfPage[]> {
  const document = await getDocument({ data: bytes.slice(), useSystemFonts: false }).promise
  const pages: PdfPage[] = []
  for (let number = 1; number <= document.numPages; number++) {
    const page = await document.getPage(number)
    const { width, height } = page.getViewport({ scale: 1 })
    const { items } = await page.getTextContent()
    const text = items
      .map((item) => ('str' in item ? `${item.str}${item.hasEOL ? ' ' : ''}` : ''))
      .join(' ')
      .replace(/\s+/g, ' ')
    pages.push({ width: Math.round(width), height: Math.round(height), text })
  }
  await document.destroy()
  return pages
}
