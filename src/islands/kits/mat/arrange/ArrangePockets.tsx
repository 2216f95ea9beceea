/** Lays the pockets of a kit out on its mat: by pulling, or by keys on the chosen pocket. */

import { DndContext, type DragEndEvent, useDraggable } from '@dnd-kit/core'
import { useEffect, useRef, useState } from 'react'
import { arrangeMat } from '../../../../contract/kits'
import { MAT_COLUMNS, type MatCell } from '../../../../core/household/pocket'
import { type Placed, placeAt } from '../../../../core/layout/cells'
import { useActing } from '../../../../ui/acting'
import { Box, Row, Stack } from '../../../../ui/Box'
import { Button } from '../../../../ui/Button'
import { SILENT, usePulling } from '../../../../ui/pulling'
import * as words from '../../../../words'
import type { Kit } from '../view'
import classes from './arrange.module.css'

const arrangeWords = words.kits.arrange

interface Props {
  readonly kit: Kit
  readonly onDone: () => void
}

export function ArrangePockets({ kit, onDone }: Props) {
  const { run, refreshed, busy } = useActing()
  const [steps, setSteps] = useState<readonly (readonly Placed[])[]>([
    kit.pockets.map(({ id, cell }) => ({ id, cell })),
  ])
  const [chosen, setChosen] = useState<string | null>(kit.pockets[0]?.id ?? null)
  const grid = useRef<HTMLDivElement>(null)
  const sensors = usePulling()
  const placed = steps.at(-1) ?? []
  const at = placed.find(({ id }) => id === chosen)

  const put = (id: string, cell: MatCell): void => {
    const next = placeAt(placed, id, cell)
    if (JSON.stringify(next) !== JSON.stringify(placed)) setSteps([...steps, next])
  }
  const nudge = (by: Partial<MatCell>): void => {
    if (!at) return
    const { cell } = at
    put(at.id, {
      column: cell.column + (by.column ?? 0),
      row: cell.row + (by.row ?? 0),
      columns: cell.columns + (by.columns ?? 0),
      rows: cell.rows + (by.rows ?? 0),
    })
  }
  const back = (): void => {
    if (steps.length > 1) setSteps(steps.slice(0, -1))
  }

  const dropped = ({ active, delta }: DragEndEvent): void => {
    const one = placed.find(({ id }) => id === active.id)
    const box = grid.current?.getBoundingClientRect()
    if (!one || !box) return
    const rows = Math.max(...placed.map(({ cell }) => cell.row + cell.rows - 1))
    put(one.id, {
      ...one.cell,
      column: one.cell.column + Math.round((delta.x * MAT_COLUMNS) / box.width),
      row: one.cell.row + Math.round((delta.y * rows) / box.height),
    })
  }

  const save = async () => {
    const result = await run(
      arrangeMat,
      {
        params: { kitId: kit.id },
        body: {
          cells: placed.map(({ id, cell }) => ({
            pocketId: id,
            cell,
            seenVersion: kit.pockets.find((pocket) => pocket.id === id)?.version ?? 0,
          })),
        },
      },
      words.undo.did.saved(kit.name),
    )
    if (!result) return
    await refreshed()
    onDone()
  }

  const keys = (event: React.KeyboardEvent): void => {
    const arrow = ARROWS[event.key]
    if (event.key === 'Backspace') back()
    else if (arrow)
      nudge(
        event.shiftKey
          ? { columns: arrow[0], rows: arrow[1] }
          : { column: arrow[0], row: arrow[1] },
      )
    else return
    event.preventDefault()
  }
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => event.key === 'Escape' && onDone()
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [onDone])

  return (
    <Stack packed as="section" gap={6} aria-label={arrangeWords.pocketsTitle}>
      <header>
        <h1>{arrangeWords.pocketsTitle}</h1>
        <p className="second">{arrangeWords.pocketsHelp}</p>
      </header>
      <DndContext id="pockets" sensors={sensors} accessibility={SILENT} onDragEnd={dropped}>
        <Stack
          line="mat"
          columns="repeat(12, minmax(0, 1fr))"
          gap={4}
          pad={5}
          surface="mat"
          radius={2}
          className={classes.grid}
          ref={grid}
          onKeyDown={keys}
        >
          {placed.map((one) => (
            <Block
              key={one.id}
              placed={one}
              kit={kit}
              chosen={one.id === chosen}
              onChoose={() => setChosen(one.id)}
            />
          ))}
        </Stack>
      </DndContext>
      <Row gap={4} align="center" wrap>
        <Button kind="strong" busy={busy} disabled={steps.length < 2} onClick={() => void save()}>
          {arrangeWords.save}
        </Button>
        <Button disabled={steps.length < 2} onClick={back}>
          {arrangeWords.step}
        </Button>
        <Button onClick={onDone}>{arrangeWords.cancel}</Button>
        <Row last as="span" gap={3} wrap>
          <Button kind="plain" onClick={() => nudge({ columns: 1 })}>
            {arrangeWords.wider}
          </Button>
          <Button kind="plain" onClick={() => nudge({ columns: -1 })}>
            {arrangeWords.narrower}
          </Button>
          <Button kind="plain" onClick={() => nudge({ rows: 1 })}>
            {arrangeWords.taller}
          </Button>
          <Button kind="plain" onClick={() => nudge({ rows: -1 })}>
            {arrangeWords.shorter}
          </Button>
        </Row>
      </Row>
    </Stack>
  )
}

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

interface BlockProps {
  readonly placed: Placed
  readonly kit: Kit
  readonly chosen: boolean
  readonly onChoose: () => void
}

function Block({ placed: { id, cell }, kit, chosen, onChoose }: BlockProps) {
  const { setNodeRef, listeners, transform } = useDraggable({ id })
  const pocket = kit.pockets.find((one) => one.id === id)
  return (
    <Button
      kind="bare"
      ref={setNodeRef}
      {...listeners}
      className={classes.block}
      data-sort={pocket?.sort}
      aria-pressed={chosen}
      onClick={onChoose}
      onFocus={onChoose}
      style={{
        gridColumn: `${cell.column} / span ${cell.columns}`,
        gridRow: `${cell.row} / span ${cell.rows}`,
        ...(transform && {
          transform: `translate(${transform.x}px, ${transform.y}px)`,
          zIndex: 5,
        }),
      }}
    >
      <Box as="b" face="display">
        {pocket?.name}
      </Box>
      <Box as="small" tone="second">
        {[
          pocket?.inner ? words.kits.measures(pocket.inner) : '',
          pocket?.reachSeconds == null ? '' : words.kits.mat.reach(pocket.reachSeconds),
        ]
          .filter(Boolean)
          .join(' · ')}
      </Box>
      <span className="visually-hidden">
        {arrangeWords.at(cell.column, cell.row, cell.columns, cell.rows)}
      </span>
    </Button>
  )
}
