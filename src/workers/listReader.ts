/** Reads lists off the main thread, so that long ones show how far they are and can be stopped. */
import { expose } from 'comlink'
import type { PlainDate } from '../core/calendar/plainDate'
import { type ColumnQuestion, questionsOf } from '../core/interchange/columns'
import type { Columns, Field } from '../core/interchange/headings'
import {
  type ListOptions,
  type Progress,
  type ReadListing,
  readList,
  writtenOnce,
} from '../core/interchange/readList'
import { readTable, type Table } from '../core/interchange/table'
import { readPastedText, readTextFile } from '../core/interchange/textFile'

export type OpenedList =
  | {
      readonly kind: 'table'
      readonly headings: readonly string[]
      readonly columns: Columns
      /** Columns to be asked about before lines are read by them. */
      readonly questions: readonly ColumnQuestion[]
      /** Written once for a block of lines. */
      readonly once: readonly Field[]
      /** Of each column, the first cell that is not empty. */
      readonly samples: readonly string[]
    }
  | { readonly kind: 'refused'; readonly code: ListRefusal }
export type ListRefusal =
  | 'too_large'
  | 'workbook'
  | 'not_text'
  | 'empty'
  | 'too_many_lines'
  | 'no_rows'

let table: Table | null = null

const reader = {
  open(source: Uint8Array | string, known: readonly string[], today: PlainDate): OpenedList {
    const file = typeof source === 'string' ? readPastedText(source) : readTextFile(source)
    if (file.kind === 'refused') return file
    const reading = readTable(file.text)
    if (reading.kind === 'refused') return reading
    table = reading.table
    const { headings, columns, rows } = table
    return {
      kind: 'table',
      headings,
      columns,
      questions: questionsOf(columns, rows, new Set(known), today),
      once: writtenOnce(table, columns),
      samples: headings.map(
        (_, index) => rows.find(({ cells }) => cells[index])?.cells[index] ?? '',
      ),
    }
  },
  read(columns: Columns, options: ListOptions, progress: Progress): ReadListing {
    if (!table) throw new Error('Open a list before reading it')
    return readList(table, columns, options, progress)
  },
}
export type ListReader = typeof reader

expose(reader)
