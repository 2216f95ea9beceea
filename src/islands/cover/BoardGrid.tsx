/** Needs down, members or kits across; a cell is its state in an outline and explains itself below its row. */

import { type KeyboardEvent, useRef, useState } from 'react'
import { TIERS } from '../../core/cover/need'
import type { PlaceId } from '../../core/ids'
import { Button } from '../../ui/Button'
import { Explain } from '../../ui/Explain'
import * as words from '../../words'
import { CellDetail } from './CellDetail'
import { type Column, type Grid, type GridCell, type GridRow, PARTY } from './columns'
import classes from './cover.module.css'
import type { Cover } from './useCover'

const coverWords = words.cover

interface Props {
  readonly cover: Cover
  readonly grid: Grid
  readonly onlyGaps: boolean
  readonly onToggle: (columnId: string) => void
  readonly onWithout: (itemId: string) => void
  /** Where it is judged. */
  readonly placeId: PlaceId
}

const isGap = ({ state }: { readonly state: GridCell['state'] }): boolean =>
  state !== 'covered' && state !== 'plan_b'

export function BoardGrid({ cover, grid, onlyGaps, onToggle, onWithout, placeId }: Props) {
  const [open, setOpen] = useState<{ rowId: string; column: string } | null>(null)
  const table = useRef<HTMLTableElement>(null)
  const columns = grid.rows.some(({ cells }) => cells.some(({ column }) => column === PARTY))
    ? [{ id: PARTY, name: coverWords.party, off: false }, ...grid.columns]
    : grid.columns
  const rows = onlyGaps ? grid.rows.filter(({ isReady }) => !isReady) : grid.rows

  const onKeyDown = (event: KeyboardEvent<HTMLTableElement>) => {
    if (event.key === 'Escape' && open) {
      setOpen(null)
      return
    }
    const from = (event.target as HTMLElement).closest<HTMLElement>('[data-at]')
    const step = STEPS[event.key]
    if (!from || !step) return
    event.preventDefault()
    neighbour(table.current, from, step)?.focus()
  }

  return (
    <div className={classes.scroll}>
      {/* Cells are buttons; the arrows are a shortcut between them. */}
      <table ref={table} className={classes.board} onKeyDown={onKeyDown}>
        <thead>
          <tr>
            <th scope="col">{coverWords.need}</th>
            {columns.map((column) => (
              <ColumnHead key={column.id} column={column} onToggle={onToggle} />
            ))}
          </tr>
        </thead>
        {TIERS.map((tier) => {
          const of = rows.filter((row) => row.tier === tier)
          return of.length === 0 ? null : (
            <tbody key={tier} data-tier={tier}>
              <tr className={classes.tier}>
                <th scope="rowgroup" colSpan={columns.length + 1}>
                  {coverWords.tiers[tier]} {tier === 'life' && <Explain id="life" />}
                </th>
              </tr>
              {of.map((row) => (
                <Row
                  key={row.id}
                  cover={cover}
                  row={row}
                  at={rows.indexOf(row)}
                  columns={columns}
                  open={open?.rowId === row.id ? open.column : null}
                  onOpen={(column) => setOpen(column ? { rowId: row.id, column } : null)}
                  onWithout={onWithout}
                  placeId={placeId}
                />
              ))}
            </tbody>
          )
        })}
      </table>
    </div>
  )
}

const STEPS: Readonly<Record<string, readonly [row: number, column: number]>> = {
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
}

/** The next cell in a direction, over those that do not concern anybody. */
function neighbour(
  table: HTMLTableElement | null,
  from: HTMLElement,
  [down, right]: readonly [number, number],
): HTMLElement | null {
  const [row = 0, column = 0] = (from.dataset.at ?? '').split('/').map(Number)
  const cells = [...(table?.querySelectorAll<HTMLElement>('[data-at]') ?? [])].map((cell) => {
    const [r = 0, c = 0] = (cell.dataset.at ?? '').split('/').map(Number)
    return { cell, r, c }
  })
  const ahead =
    down === 0
      ? cells.filter(({ r, c }) => r === row && (c - column) * right > 0)
      : cells.filter(({ r }) => (r - row) * down > 0)
  ahead.sort((a, b) =>
    down === 0
      ? Math.abs(a.c - column) - Math.abs(b.c - column)
      : Math.abs(a.r - row) - Math.abs(b.r - row) ||
        Math.abs(a.c - column) - Math.abs(b.c - column),
  )
  return ahead[0]?.cell ?? null
}

const ColumnHead = ({
  column,
  onToggle,
}: {
  readonly column: Column
  readonly onToggle: (id: string) => void
}) => (
  <th scope="col" data-off={column.off}>
    {column.id === PARTY ? (
      <span>{column.name}</span>
    ) : (
      <Button
        kind="bare"
        aria-pressed={!column.off}
        title={column.off ? coverWords.back(column.name) : coverWords.takeAway(column.name)}
        onClick={() => onToggle(column.id)}
      >
        {column.name}
      </Button>
    )}
  </th>
)

interface RowProps {
  readonly cover: Cover
  readonly row: GridRow
  readonly at: number
  readonly columns: readonly Column[]
  readonly open: string | null
  readonly onOpen: (column: string | null) => void
  readonly onWithout: (itemId: string) => void
  readonly placeId: PlaceId
}

function Row({ cover, row, at, columns, open, onOpen, onWithout, placeId }: RowProps) {
  const { name, cells, together } = row
  const shown = cells.find(({ column }) => column === open)
  return (
    <>
      <tr data-open={shown !== undefined}>
        <th scope="row">
          {name}
          {together && isGap(together) && <small>{coverWords.together(together.state)}</small>}
        </th>
        {columns.map((column, position) => {
          const cell = cells.find((one) => one.column === column.id)
          return (
            <td key={column.id}>
              {cell && (
                <Button
                  kind="bare"
                  className={classes.cell}
                  data-state={cell.state}
                  data-at={`${at}/${position}`}
                  style={
                    cell.state === 'thin'
                      ? { ['--share' as string]: `${(100 * cell.have) / cell.need}%` }
                      : undefined
                  }
                  aria-expanded={column.id === open}
                  aria-label={coverWords.cellLong(
                    name,
                    column.id === PARTY ? coverWords.everybody : column.name,
                    cell.state,
                    cell.have,
                    cell.need,
                  )}
                  onClick={() => onOpen(column.id === open ? null : column.id)}
                >
                  <span aria-hidden>{coverWords.cell(cell.state, cell.have, cell.need)}</span>
                </Button>
              )}
            </td>
          )
        })}
      </tr>
      {shown && (
        <tr className={classes.detailRow}>
          <td colSpan={columns.length + 1}>
            <CellDetail
              cover={cover}
              need={shown.of}
              cell={shown}
              whom={columns.find(({ id }) => id === shown.column)?.name ?? ''}
              onClose={() => onOpen(null)}
              onWithout={onWithout}
              placeId={placeId}
            />
          </td>
        </tr>
      )}
    </>
  )
}
