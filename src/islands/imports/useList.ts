/** A list on its way in: opened and read in a worker, mended line by line, not yet written. */
import { proxy, type Remote, wrap } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { ColumnQuestion } from '../../core/interchange/columns'
import type { Columns, Field, KEPT } from '../../core/interchange/headings'
import type { Known } from '../../core/interchange/known'
import { type Cells, readLine } from '../../core/interchange/readLine'
import type { LeftRow, Progress, ReadListing, ReadRow } from '../../core/interchange/readList'
import { knownNames, type NameAnswer, type NameAnswers } from '../../core/interchange/sites'
import { useStrap } from '../../ui/Frame'
import type { ListReader, ListRefusal } from '../../workers/listReader'

export interface OpenList {
  readonly name: string
  readonly headings: readonly string[]
  readonly columns: Columns
  readonly samples: readonly string[]
  readonly rows: readonly ReadRow[]
  /** Rows that are no lines of the list, each with its reason. */
  readonly left: readonly LeftRow[]
  /** Columns that are asked about, until somebody answers. */
  readonly questions: readonly ColumnQuestion[]
  /** Written once for a block of lines. */
  readonly once: readonly Field[]
  /** Of those, what is carried down. */
  readonly carried: readonly Field[]
  readonly names: NameAnswers
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

export function useList(known: Known) {
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
    carried: readonly Field[],
    progress: Progress,
  ): Promise<ReadListing> => {
    const { rows, left } = await reader.read(
      columns,
      { ...options, known: knownNames(known), carried },
      proxy(progress),
    )
    return {
      left,
      rows: rows.map((row) => {
        const cells = mended.current.get(row.line)
        return cells ? { line: row.line, cells, reading: readLine(cells, options) } : row
      }),
    }
  }

  const open = async (name: string, source: Uint8Array | string): Promise<void> => {
    close()
    setState({ kind: 'reading', done: 0, total: 0 })
    const worker = new Worker(new URL('../../workers/listReader.ts', import.meta.url), {
      type: 'module',
    })
    const reader = wrap<ListReader>(worker)
    worked.current = { worker, reader }
    const opened = await reader.open(source, [...knownNames(known)], today)
    if (opened.kind === 'refused') {
      stop()
      setState({ kind: 'none', refused: opened.code })
      return
    }
    const { headings, columns, samples, questions, once } = opened
    // Progress comes by a channel of its own, perhaps after the lines themselves.
    let reading = true
    const { rows, left } = await read(reader, columns, once, (done, total) => {
      if (reading) setState({ kind: 'reading', done, total })
    })
    reading = false
    setState({
      kind: 'open',
      list: {
        name,
        headings,
        columns,
        samples,
        rows,
        left,
        questions,
        once,
        carried: once,
        names: new Map(),
        leftOut: new Set(),
      },
    })
  }

  /** Reads all lines again; they stay on the screen meanwhile, another answer may be next. */
  const again = async (list: OpenList, changed: Partial<OpenList>): Promise<void> => {
    if (!worked.current) return
    const next = { ...list, ...changed }
    setState({ kind: 'open', list: { ...next, rows: list.rows, left: list.left } })
    const { rows, left } = await read(worked.current.reader, next.columns, next.carried, () => {})
    setState((now) =>
      now.kind === 'open' ? { kind: 'open', list: { ...now.list, rows, left } } : now,
    )
  }

  /** One column means something else, or is kept as a note, or is left out; it is asked about no more. */
  const remap = (list: OpenList, column: number, field: Field | typeof KEPT | null) =>
    again(list, {
      columns: list.columns.map((former, index) =>
        index === column ? field : former === field && field !== 'kept' ? 'kept' : former,
      ),
      questions: list.questions.filter((one) => one.column !== column),
    })

  const carry = (list: OpenList, field: Field, down: boolean) =>
    again(list, {
      carried: down ? [...list.carried, field] : list.carried.filter((one) => one !== field),
    })

  const name = (list: OpenList, said: readonly (readonly [string, NameAnswer])[]): void =>
    setState({ kind: 'open', list: { ...list, names: new Map([...list.names, ...said]) } })

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

  return { state, open, close, remap, carry, name, mend, leave }
}
