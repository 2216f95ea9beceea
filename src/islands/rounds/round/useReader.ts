/** The decoder, made when it is first needed and ended with the screen. */
import { type Remote, wrap } from 'comlink'
import { useEffect, useRef } from 'react'
import type { ReadPicture } from '../../../device/scanner/scan'
import type { CodeReader } from '../../../workers/codeReader'

export function useReader(): ReadPicture {
  const worker = useRef<Worker | null>(null)
  const reader = useRef<Remote<CodeReader> | null>(null)
  useEffect(() => () => worker.current?.terminate(), [])
  const read = useRef<ReadPicture>(async (picture) => {
    if (!reader.current) {
      worker.current = new Worker(new URL('../../../workers/codeReader.ts', import.meta.url), {
        type: 'module',
      })
      reader.current = wrap<CodeReader>(worker.current)
    }
    return reader.current.read(picture)
  })
  return read.current
}
