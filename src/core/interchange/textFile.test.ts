import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readTextFile } from './textFile'

const TEXT = 'Gauze;½ roll\nŁódź;€ 3,10\n'
const utf16 = (text: string, little: boolean): Uint8Array => {
  const bytes = new Uint8Array(2 + text.length * 2)
  const view = new DataView(bytes.buffer)
  view.setUint16(0, 0xfeff, little)
  for (let at = 0; at < text.length; at++) view.setUint16(2 + at * 2, text.charCodeAt(at), little)
  return bytes
}
const read = (bytes: Uint8Array) => readTextFile(bytes)

describe('a file of text in whatever letters it was saved', () => {
  it.each([
    ['utf-8', new TextEncoder().encode(TEXT), 'utf-8'],
    ['utf-8 with a mark', new TextEncoder().encode(`\ufeff${TEXT}`), 'utf-8'],
    ['utf-16, little end first', utf16(TEXT, true), 'utf-16'],
    ['utf-16, big end first', utf16(TEXT, false), 'utf-16'],
  ])('%s', (_, bytes, encoding) => {
    expect(read(bytes)).toMatchObject({ kind: 'text', text: TEXT, encoding })
  })
  it('what is no UTF-8 is what old spreadsheets write', () => {
    const bytes = new Uint8Array([0xbd, 0x20, 0xe9])
    expect(read(bytes)).toMatchObject({ kind: 'text', text: '½ é', encoding: 'windows-1252' })
  })
  it('every text comes back as it was written', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^\p{L}[\p{L}\d ,;.\n]{0,60}$/u), (text) => {
        for (const bytes of [new TextEncoder().encode(text), utf16(text, true), utf16(text, false)])
          expect(read(bytes)).toMatchObject({ kind: 'text', text })
      }),
    )
  })
})

describe('what is no text', () => {
  it('a zipped spreadsheet is called one', () => {
    expect(read(new Uint8Array([0x50, 0x4b, 3, 4]))).toEqual({ kind: 'refused', code: 'workbook' })
  })
  it('a picture is not read', () => {
    const png = new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13])
    expect(read(png)).toEqual({ kind: 'refused', code: 'not_text' })
  })
  it('one half of a mark is no mark', () => {
    expect(read(new Uint8Array([0x50]))).toMatchObject({ kind: 'text', text: 'P' })
  })
})
