/** The practice labels are decoded for real, and say what they are said to say. */
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { beforeAll, describe, expect, it } from 'vitest'
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader'
import { plainDate } from '../src/core/calendar/plainDate'
import { readCode } from '../src/core/codes/readCode'
import { SYMBOLS, transmitted } from '../src/device/scanner/transmitted'
import { PRACTICE_LABELS } from '../src/standIns/labels'

const TODAY = plainDate('2026-11-26')
const picture = (id: string): Blob =>
  new Blob([readFileSync(new URL(`../public/labels/${id}.png`, import.meta.url))])

beforeAll(() => {
  const wasm = createRequire(import.meta.url).resolve('zxing-wasm/reader/zxing_reader.wasm')
  const { buffer, byteOffset, byteLength } = readFileSync(wasm)
  prepareZXingModule({
    overrides: { wasmBinary: buffer.slice(byteOffset, byteOffset + byteLength) as ArrayBuffer },
  })
})

describe('practice labels', () => {
  it.each(PRACTICE_LABELS)('$id is read as what is printed on it', async ({ id, text }) => {
    const [code] = transmitted(await readBarcodes(picture(id), SYMBOLS))
    expect(code).toBeDefined()
    const printed = readCode(text, TODAY)
    expect(printed.kind).toBe('read')
    expect(readCode(code ?? '', TODAY)).toEqual(printed)
  })

  it('show no code where there is none', async () => {
    const favicon = new Blob([
      readFileSync(new URL('../docs/screenshots/kit.png', import.meta.url)),
    ])
    expect(transmitted(await readBarcodes(favicon, SYMBOLS))).toEqual([])
  })
})
