/** Reads lists off the main thread, so that long ones show how far they are and can be stopped. */
import { expose } from 'comlink'
import type { Columns } from '../core/interchange/headings'
import type { ReadingOptions } from '../core/interchange/readLine'
import { type Progress, type ReadRow, readList } from '../core/interchange/readList'
import { readTable, type Table } from '../core/interchange/table'
import { readPastedText, readTextFile } from '../core/interchange/textFile'

export type OpenedList =
  | {
      readonly kind: 'table'
      readonly headings: readonly string[]
      readonly columns: Columns
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
  open(source: Uint8Array | string): OpenedList {
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
      samples: headings.map(
        (_, index) => rows.find(({ cells }) => cells[index])?.cells[index] ?? '',
      ),
    }
  },
  read(columns: Columns, options: ReadingOptions, progress: Progress): readonly ReadRow[] {
    if (!table) throw new Error('Open a list before reading it')
    return readList(table, columns, options, progress)
  },
}
export type ListReader = typeof reader

expose(reader)
