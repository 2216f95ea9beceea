/** Codes that a phone's camera reads and opens, drawn for a page and for a PDF. */
import bwip from 'bwip-js/node'

/** Damage up to a quarter of it is made up for: a lid is scratched, a label is wiped. */
const QR = { bcid: 'qrcode', eclevel: 'Q' } as const

/** @returns an SVG as large as it is given room */
export const qrSvg = (text: string): string => bwip.toSVG({ ...QR, text })

/** @returns a picture as a data address, fine enough for print */
export async function qrPicture(text: string): Promise<string> {
  const png = await bwip.toBuffer({ ...QR, text, scale: 6 })
  return `data:image/png;base64,${png.toString('base64')}`
}
