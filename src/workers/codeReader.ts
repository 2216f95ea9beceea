/** Reads codes in pictures, off the main thread; the decoder is served from here. */
import { expose } from 'comlink'
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader'
import wasm from 'zxing-wasm/reader/zxing_reader.wasm?url'
import { SYMBOLS, transmitted } from '../device/scanner/transmitted'

prepareZXingModule({ overrides: { locateFile: () => wasm } })

const reader = {
  read: async (picture: ImageData | Blob): Promise<readonly string[]> =>
    transmitted(await readBarcodes(picture, SYMBOLS)),
}
export type CodeReader = typeof reader

expose(reader)
