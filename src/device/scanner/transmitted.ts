/** A decoded symbol as a scanner transmits it: with its symbology identifier and separators. */
import type { ReaderOptions, ReadResult } from 'zxing-wasm/reader'

/** Symbols that are met on packs of medicine and supplies. */
export const SYMBOLS: ReaderOptions = {
  formats: ['DataMatrix', 'QRCode', 'EAN-13', 'EAN-8', 'UPC-A', 'Code128', 'ITF'],
  tryHarder: true,
  maxNumberOfSymbols: 4,
}

/** As bytes, because a separator must arrive as the one character that it is. */
export const transmitted = (found: readonly ReadResult[]): readonly string[] =>
  found
    .filter(({ isValid }) => isValid)
    .map(
      ({ symbologyIdentifier, bytes }) =>
        `${symbologyIdentifier}${new TextDecoder('latin1').decode(bytes)}`,
    )
