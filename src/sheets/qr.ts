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

/** A code as squares: so many beside each other, and which are dark, row by row. */
export interface Squares {
  readonly across: number
  readonly dark: readonly (readonly [x: number, y: number])[]
}

/** Coarser than on a sheet: a label is small. */
export function qrSquares(text: string): Squares {
  const drawing: Parameters<typeof bwip.raw>[0] & { readonly eclevel: string } = {
    ...QR,
    eclevel: 'M',
    text,
  }
  const [code] = bwip.raw(drawing) as unknown as {
    pixs: number[]
    pixx: number
  }[]
  if (!code) throw new RangeError('Nothing to draw a code of')
  const { pixs, pixx: across } = code
  return {
    across,
    dark: pixs.flatMap((dark, at) =>
      dark ? [[at % across, Math.floor(at / across)] as const] : [],
    ),
  }
}
