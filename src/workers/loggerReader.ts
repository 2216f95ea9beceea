/** Reads a logger's file off the main thread: a year of minutes takes a while. */
import { expose } from 'comlink'
import {
  type LoggerFileReading,
  type LoggerOptions,
  readLoggerFile,
} from '../core/exposure/loggerFile'
import { readTextFile } from '../core/interchange/textFile'

const reader = {
  read(
    bytes: Uint8Array,
    options: LoggerOptions,
  ): LoggerFileReading | { readonly kind: 'not_text' } {
    const file = readTextFile(bytes)
    return file.kind === 'refused'
      ? file.code === 'empty'
        ? { kind: 'refused', code: 'empty' }
        : { kind: 'not_text' }
      : readLoggerFile(file.text, options)
  },
}
export type LoggerReader = typeof reader

expose(reader)
