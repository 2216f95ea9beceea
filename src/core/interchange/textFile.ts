/** From the bytes of an uploaded file to text, or why it is no list. */

/** Larger files are refused: a household's list is a few hundred kilobytes at most. */
export const MOST_BYTES = 8 * 1024 * 1024
export const MOST_LINES = 20_000

export type TextReading =
  | {
      readonly kind: 'text'
      readonly text: string
      readonly encoding: 'utf-8' | 'utf-16' | 'windows-1252'
    }
  | { readonly kind: 'refused'; readonly code: 'too_large' | 'workbook' | 'not_text' | 'empty' }

/**
 * Decodes a file. UTF-8 where the bytes are valid UTF-8, else Windows-1252; UTF-16 by its mark.
 * @returns the text, or `workbook` for a zipped spreadsheet and `not_text` for other binary data
 */
export function readTextFile(bytes: Uint8Array): TextReading {
  if (bytes.length > MOST_BYTES) return { kind: 'refused', code: 'too_large' }
  const [a, b] = bytes
  if (a === 0x50 && b === 0x4b) return { kind: 'refused', code: 'workbook' }
  if ((a === 0xff && b === 0xfe) || (a === 0xfe && b === 0xff))
    return checked(new TextDecoder(a === 0xff ? 'utf-16le' : 'utf-16be').decode(bytes), 'utf-16')
  try {
    return checked(new TextDecoder('utf-8', { fatal: true }).decode(bytes), 'utf-8')
  } catch {
    return checked(new TextDecoder('windows-1252').decode(bytes), 'windows-1252')
  }
}

/** The same checks for pasted text. */
export const readPastedText = (text: string): TextReading =>
  text.length > MOST_BYTES ? { kind: 'refused', code: 'too_large' } : checked(text, 'utf-8')

function checked(text: string, encoding: 'utf-8' | 'utf-16' | 'windows-1252'): TextReading {
  const plain = text.replace(/^\uFEFF/, '')
  if (plain.trim() === '') return { kind: 'refused', code: 'empty' }
  // biome-ignore lint/suspicious/noControlCharactersInRegex: control characters are what is looked for
  const control = plain.slice(0, 4096).match(/[\u0000-\u0008\u000E-\u001F]/g)?.length ?? 0
  return control > 2
    ? { kind: 'refused', code: 'not_text' }
    : { kind: 'text', text: plain, encoding }
}
