/** A list on its way in: opened and read in a worker, mended line by line, not yet written. */
import { proxy, type Remote, wrap } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { Columns, Field } from '../../core/interchange/headings'
import { type Cells, readLine } from '../../core/interchange/readLine'
import type { Progress, ReadRow } from '../../core/interchange/readList'
import { useStrap } from '../../ui/Frame'
import type { ListReader, ListRefusal } from '../../workers/listReader'

export interface OpenList {
  readonly name: string
  readonly headings: readonly string[]
  readonly columns: Columns
  readonly samples: readonly string[]
  readonly rows: readonly ReadRow[]
  readonly leftOut: ReadonlySet<number>
}

export type ListState =
  | { readonly kind: 'none'; readonly refused: ListRefusal | null }
  | { readonly kind: 'reading'; readonly done: number; readonly total: number }
  | { readonly kind: 'open'; readonly list: OpenList }

interface Worked {
  readonly worker: Worker
  readonly reader: Remote<ListReader>
}

export function useList() {
  const { today, habits } = useStrap()
  const options = { order: habits.dateOrder, today }
  const [state, setState] = useState<ListState>({ kind: 'none', refused: null })
  const worked = useRef<Worked | null>(null)
  /** What was mended, by line: it outlives another reading of the columns. */
  const mended = useRef(new Map<number, Cells>())

  const stop = useCallback(() => {
    worked.current?.worker.terminate()
    worked.current = null
  }, [])
  useEffect(() => stop, [stop])

  const close = useCallback(() => {
    stop()
    mended.current.clear()
    setState({ kind: 'none', refused: null })
  }, [stop])

  const read = async (
    reader: Remote<ListReader>,
    columns: Columns,
    progress: Progress,
  ): Promise<ReadRow[]> => {
    const rows = await reader.read(columns, options, proxy(progress))
    return rows.map((row) => {
      const cells = mended.current.get(row.line)
      return cells ? { line: row.line, cells, reading: readLine(cells, options) } : row
    })
  }

  const open = async (name: string, source: Uint8Array | string): Promise<void> => {
    close()
    setState({ kind: 'reading', done: 0, total: 0 })
    const worker = new Worker(new URL('../../workers/listReader.ts', import.meta.url), {
      type: 'module',
    })
    const reader = wrap<ListReader>(worker)
    worked.current = { worker, reader }
    const opened = await reader.open(source)
    if (opened.kind === 'refused') {
      stop()
      setState({ kind: 'none', refused: opened.code })
      return
    }
    const { headings, columns, samples } = opened
    // Progress comes by a channel of its own, perhaps after the lines themselves.
    let reading = true
    const rows = await read(reader, columns, (done, total) => {
      if (reading) setState({ kind: 'reading', done, total })
    })
    reading = false
    setState({
      kind: 'open',
      list: { name, headings, columns, samples, rows, leftOut: new Set() },
    })
  }

  /** Reads all lines again with one column meaning something else. */
  const remap = async (list: OpenList, column: number, field: Field | null): Promise<void> => {
    if (!worked.current) return
    const columns = list.columns.map((former, index) =>
      index === column ? field : former === field ? null : former,
    )
    // The lines stay on the screen meanwhile: another column may be next.
    const rows = await read(worked.current.reader, columns, () => {})
    setState({ kind: 'open', list: { ...list, columns, rows } })
  }

  const mend = (list: OpenList, line: number, patch: Cells): void => {
    const rows = list.rows.map((row) => {
      if (row.line !== line) return row
      const cells = { ...row.cells, ...patch }
      mended.current.set(line, cells)
      return { line, cells, reading: readLine(cells, options) }
    })
    setState({ kind: 'open', list: { ...list, rows } })
  }

  const leave = (list: OpenList, line: number, out: boolean): void => {
    const leftOut = new Set(list.leftOut)
    if (out) leftOut.add(line)
    else leftOut.delete(line)
    setState({ kind: 'open', list: { ...list, leftOut } })
  }

  return { state, open, close, remap, mend, leave }
}
