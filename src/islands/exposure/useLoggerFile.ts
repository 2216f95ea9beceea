/** Reads a logger's file in a worker, anew whenever its unit or its clock is said otherwise. */
import { type Remote, wrap } from 'comlink'
import { useEffect, useRef, useState } from 'react'
import type { LoggerFileReading, LoggerOptions } from '../../core/exposure/loggerFile'
import type { LoggerReader } from '../../workers/loggerReader'

export type FileRead = LoggerFileReading | { readonly kind: 'not_text' }
export type FileState = FileRead | { readonly kind: 'none' } | { readonly kind: 'reading' }

export function useLoggerFile(bytes: Uint8Array | null, options: LoggerOptions): FileState {
  const started = useRef<{ readonly worker: Worker; readonly reader: Remote<LoggerReader> }>(null)
  const [state, setState] = useState<FileState>({ kind: 'none' })
  const asked = JSON.stringify(options)
  useEffect(() => {
    if (!bytes) return
    let mine = true
    setState({ kind: 'reading' })
    if (!started.current) {
      const worker = new Worker(new URL('../../workers/loggerReader.ts', import.meta.url), {
        type: 'module',
      })
      started.current = { worker, reader: wrap<LoggerReader>(worker) }
    }
    void started.current.reader.read(bytes, JSON.parse(asked) as LoggerOptions).then(
      (read) => mine && setState(read),
      () => mine && setState({ kind: 'not_text' }),
    )
    return () => {
      mine = false
    }
  }, [bytes, asked])
  useEffect(
    () => () => {
      started.current?.worker.terminate()
      started.current = null
    },
    [],
  )
  return state
}
