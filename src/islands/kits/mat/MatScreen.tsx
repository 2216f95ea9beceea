/**
 * A kit unpacked on a mat (planning at a desk, standing at the kit): every pocket in its true
 * arrangement, every lot a tag, nothing under anything.
 */

import { DndContext, type DragEndEvent, DragOverlay } from '@dnd-kit/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { readKit } from '../../../contract/kits'
import { moveLot } from '../../../contract/stock'
import { call } from '../../../device/call'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Frame, type Strap } from '../../../ui/Frame'
import { isForUs } from '../../../ui/hotkeys'
import { keepInAddress } from '../../../ui/keepInAddress'
import { SILENT, usePulling } from '../../../ui/pulling'
import { useMay } from '../../../ui/role'
import * as words from '../../../words'
import { AddLot } from '../../stock/lot/AddLot'
import { AddPocket } from './AddPocket'
import { ArrangeForMe } from './arrange/ArrangeForMe'
import { ArrangePockets } from './arrange/ArrangePockets'
import { ChangeKit } from './ChangeKit'
import { isOnThing } from './isOnThing'
import { LotPanel } from './LotPanel'
import { MatHead, type MatMode } from './MatHead'
import { type DraggedTag, MatPocket } from './MatPocket'
import { Minding } from './Minding'
import classes from './mat.module.css'
import { PocketForm } from './PocketForm'
import type { Kit, Picked, PocketRef } from './view'

/** From the address. */
interface Named {
  readonly lot: string | null
  readonly item: string | null
  readonly pocket: string | null
}

interface Props {
  readonly strap: Strap
  readonly initial: Kit
  readonly pockets: readonly PocketRef[]
  readonly named: Named
}

export const MatScreen = (props: Props) => (
  <Frame tab="kits" strap={props.strap} place={null} start="mat">
    <Mat {...props} />
  </Frame>
)

const matWords = words.kits.mat
/** What the address names: a lot or an item, in its pocket where that is said. */
function firstPicked(kit: Kit, { lot, item, pocket: only }: Named): Picked | null {
  for (const pocket of kit.pockets) {
    if (only !== null && pocket.id !== only) continue
    for (const line of pocket.lines) {
      const tag = line.tags.find((one) => one.lot.id === lot)
      if (tag) return { pocketId: pocket.id, itemId: line.item.id, lotId: tag.lot.id }
      if (item === line.item.id)
        return { pocketId: pocket.id, itemId: item, lotId: line.tags[0]?.lot.id ?? null }
    }
  }
  return null
}

function Mat({ strap, initial, pockets, named }: Props) {
  const arranges = useMay('arrange')
  const { data: kit } = useQuery({
    queryKey: ['kit', initial.id],
    queryFn: () => call(readKit, { params: { kitId: initial.id } }),
    initialData: initial,
  })
  const [picked, setPicked] = useState<Picked | null>(() => firstPicked(initial, named))
  const [adding, setAdding] = useState<string | null>(null)
  const [mode, setMode] = useState<MatMode>('mat')
  const [changed, setChanged] = useState<string | null>(null)
  const [dragged, setDragged] = useState<DraggedTag | null>(null)
  const { run } = useActing()
  const sensors = usePulling()
  const matRef = useRef<HTMLDivElement>(null)
  const { today } = strap

  const pocket = kit.pockets.find(({ id }) => id === picked?.pocketId)
  const line = pocket?.lines.find(({ item }) => item.id === picked?.itemId)
  const tag =
    line?.tags.find(({ lot }) => lot.id === picked?.lotId) ??
    (picked?.lotId ? line?.tags[0] : undefined)
  const pocketChanged = kit.pockets.find(({ id }) => id === changed)

  useEffect(() => {
    keepInAddress({
      pocket: picked?.pocketId ?? null,
      lot: picked?.lotId ?? null,
      item: picked && picked.lotId === null ? picked.itemId : null,
    })
  }, [picked])

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!isForUs(event)) return
      const isOnMat = matRef.current?.contains(document.activeElement)
      if (event.key.startsWith('Arrow') && isOnMat && matRef.current) {
        moveFocus(matRef.current, event.key)
        event.preventDefault()
      } else if (event.key === 'a' && isOnThing() && (picked || kit.pockets[0])) {
        setAdding(picked?.pocketId ?? kit.pockets[0]?.id ?? null)
        event.preventDefault()
      } else if (event.key === 'Escape') setPicked(null)
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [picked, kit])

  const dropped = ({ over }: DragEndEvent): void => {
    const tagged = dragged
    setDragged(null)
    const to = over?.id
    if (!tagged || typeof to !== 'string' || to === tagged.from) return
    const { from, amount, version } = tagged
    void run(
      moveLot,
      {
        params: { lotId: tagged.lotId },
        body: { pocketId: from, amount, seenVersion: version, to },
      },
      words.stock.acts.said(
        tagged.title,
        words.stock.acts.of.move.did,
        kit.pockets.find(({ id }) => id === to)?.name,
      ),
    )
  }

  if (mode === 'pockets') return <ArrangePockets kit={kit} onDone={() => setMode('mat')} />
  if (mode === 'forMe') return <ArrangeForMe kit={kit} onDone={() => setMode('mat')} />
  return (
    <Stack
      columns="minmax(0, 1fr) 18.5rem"
      collapse
      gap={6}
      align="start"
      className={classes.screen}
      data-open={line !== undefined}
    >
      <div>
        <MatHead kit={kit} today={today} onMode={setMode} />
        <DndContext
          id="mat"
          sensors={sensors}
          accessibility={SILENT}
          onDragStart={({ active }) => setDragged((active.data.current as DraggedTag) ?? null)}
          onDragEnd={dropped}
          onDragCancel={() => setDragged(null)}
        >
          <Stack
            line="mat"
            columns="repeat(12, minmax(0, 1fr))"
            collapse
            gap={5}
            pad={5}
            surface="mat"
            radius={2}
            className={classes.mat}
            ref={matRef}
            id="mat"
            data-shape={kit.container?.shape}
          >
            {kit.pockets.map((one) => (
              <MatPocket
                key={one.id}
                pocket={one}
                today={today}
                picked={picked}
                hints={kit.pointers.filter(({ pocketId }) => pocketId === one.id).length}
                onPick={setPicked}
                onAdd={() => setAdding(one.id)}
                onChange={() => setChanged(one.id)}
              />
            ))}
          </Stack>
          <DragOverlay dropAnimation={null}>
            {dragged && (
              <Box
                surface="tag"
                as="span"
                padX={5}
                padY={4}
                size={2}
                weight="bold"
                line="ink"
                radius={1}
                className={classes.dragged}
              >
                {dragged.title}
              </Box>
            )}
          </DragOverlay>
        </DndContext>
        <Row
          as="footer"
          gapX={6}
          gapY={4}
          align="center"
          justify="between"
          wrap
          above={5}
          className="no-print"
        >
          {arranges && <AddPocket kitId={kit.id} />}
          <kbd className="second">{matWords.keys}</kbd>
        </Row>
      </div>
      {line && pocket && picked ? (
        <LotPanel
          key={`${picked.pocketId}${picked.itemId}${picked.lotId}`}
          kit={kit}
          line={line}
          tag={tag}
          pocket={pocket}
          pockets={pockets}
          today={today}
          onClose={() => setPicked(null)}
          onAdd={() => setAdding(pocket.id)}
          onPick={setPicked}
        />
      ) : (
        <Minding kit={kit} />
      )}
      {mode === 'kit' && <ChangeKit kit={kit} onClose={() => setMode('mat')} />}
      {pocketChanged && (
        <PocketForm
          key={pocketChanged.version}
          pocket={pocketChanged}
          onClose={() => setChanged(null)}
        />
      )}
      {adding && (
        <AddLot
          title={words.stock.add.title(
            kit.pockets.find(({ id }) => id === adding)?.name ?? kit.name,
          )}
          pocketId={adding}
          item={picked?.pocketId === adding ? line?.item : undefined}
          onClose={() => setAdding(null)}
        />
      )}
    </Stack>
  )
}

/** The nearest tag in the direction of the arrow, by where tags lie on the screen. */
function moveFocus(mat: HTMLElement, key: string): void {
  const tags = [...mat.querySelectorAll<HTMLElement>('[data-tag]')]
  const from = document.activeElement?.getBoundingClientRect()
  if (!from) return
  const dx = key === 'ArrowRight' ? 1 : key === 'ArrowLeft' ? -1 : 0
  const dy = key === 'ArrowDown' ? 1 : key === 'ArrowUp' ? -1 : 0
  let best: { tag: HTMLElement; distance: number } | null = null
  for (const tag of tags) {
    const to = tag.getBoundingClientRect()
    const x = to.x + to.width / 2 - (from.x + from.width / 2)
    const y = to.y + to.height / 2 - (from.y + from.height / 2)
    const along = x * dx + y * dy
    const across = Math.abs(x * dy) + Math.abs(y * dx)
    if (along <= 4) continue
    const distance = along + across * 3
    if (!best || distance < best.distance) best = { tag, distance }
  }
  best?.tag.focus()
}
