/** One lot: what it is, which clock runs, and every act on it. */

import { IconX } from '@tabler/icons-react'
import { useEffect, useRef, useState } from 'react'
import { setPar } from '../../../contract/stock'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { may } from '../../../core/people/role'
import { type Amount, formatAmount } from '../../../core/quantity/amount'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { isForUs } from '../../../ui/hotkeys'
import { useMay, useRole } from '../../../ui/role'
import { Stepper } from '../../../ui/Stepper'
import { shownAtOnce } from '../../../ui/shownAtOnce'
import * as words from '../../../words'
import { counted } from '../../../words/frame/format'
import { type Act, type AskedAct, firstAct, hotkeyOf, lotAct, offeredActs } from './acts'
import { DetailsForm } from './DetailsForm'
import { isOnThing } from './isOnThing'
import { LotActForm } from './LotActForm'
import { LotFacts } from './LotFacts'
import { LotHistory } from './LotHistory'
import classes from './mat.module.css'
import {
  type Kit,
  type LineOnMat,
  type Picked,
  type PocketOnMat,
  type PocketRef,
  type TagOnMat,
  withPar,
} from './view'

const lotWords = words.stock.lot
const actsWords = words.stock.acts

interface Props {
  readonly kit: Kit
  readonly line: LineOnMat
  /** Undefined for a bare par. */
  readonly tag: TagOnMat | undefined
  readonly pocket: PocketOnMat
  readonly pockets: readonly PocketRef[]
  readonly today: PlainDate
  readonly onClose: () => void
  readonly onAdd: () => void
  readonly onPick: (picked: Picked) => void
}

export function LotPanel(props: Props) {
  const { kit, line, tag, pocket, today, onClose, onAdd } = props
  const { item } = line
  const arranges = useMay('arrange')
  return (
    <Box
      as="aside"
      pad={6}
      line="seam"
      radius={2}
      className={`${classes.panel} no-print`}
      data-panel
      aria-label={itemTitle(item)}
    >
      <Row as="header" gap={3} align="start">
        <h2>{itemTitle(item)}</h2>
        <Button kind="close" onClick={onClose} aria-label={lotWords.close} icon={IconX} />
      </Row>
      <p className="second">
        {pocket.name} · {counted(tag?.amount ?? (0 as Amount), item.unit)}
        {tag?.uses ? ` · ${actsWords.uses(tag.uses)}` : ''}
      </p>
      {tag && <LotFacts line={line} tag={tag} members={kit.members} today={today} />}
      {arranges && <ParField line={line} pocketId={pocket.id} />}
      {tag === undefined ? (
        <Button kind="strong" needs="use" onClick={onAdd} width="wide">
          {words.stock.add.put}
        </Button>
      ) : (
        <Acts {...props} tag={tag} />
      )}
      {tag && <LotHistory lotId={tag.lot.id} version={tag.lot.version} unit={item.unit} />}
    </Box>
  )
}

function Acts(props: Props & { readonly tag: TagOnMat }) {
  const { kit, line, tag, pocket, pockets, today, onPick } = props
  const { run, busy } = useActing()
  const [act, setAct] = useState<Act | null>(null)
  const acts = useRef<HTMLDivElement>(null)
  const end = () => {
    setAct(null)
    // The form is gone: the focus is where it began.
    requestAnimationFrame(() => acts.current?.querySelector('button')?.focus())
  }
  const [more, setMore] = useState(false)
  const role = useRole()
  const isTheirs = (one: Act): boolean => may(role, one === 'count' ? 'count' : 'use')
  const offered = offeredActs(line.item, tag)
  const [usual, rare] = [offered.usual.filter(isTheirs), offered.rare.filter(isTheirs)]
  const first = [firstAct(line.item, tag), ...usual].find(isTheirs)
  const { lot } = tag

  const start = async (one: Act): Promise<void> => {
    if (one === 'edit' || lotAct(one).asks) setAct(one)
    else await send(one)
  }
  /** What the press itself is enough for. */
  const send = (one: AskedAct) => {
    const { endpoint, asked } = lotAct(one).request({
      lot,
      pocketId: pocket.id,
      amount: tag.amount,
      today,
      to: '',
      whom: '',
      on: today,
      period: null,
      directions: '',
      usedUp: false,
    })
    return run(endpoint, asked, actsWords.said(itemTitle(line.item), actsWords.of[one].did))
  }

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!isForUs(event) || !isOnThing()) return
      const found = [...(first ? [first] : []), ...usual, ...rare].find(
        (one) => hotkeyOf(one) === event.key,
      )
      if (!found) return
      void start(found)
      event.preventDefault()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  })

  if (act === 'edit')
    return (
      <DetailsForm
        line={line}
        tag={tag}
        pocketId={pocket.id}
        members={kit.members}
        today={today}
        onDone={end}
      />
    )
  if (act)
    return (
      <LotActForm
        act={act}
        line={line}
        tag={tag}
        pocket={pocket}
        pockets={pockets}
        today={today}
        onDone={end}
        onTake={(lotId) => onPick({ pocketId: pocket.id, itemId: line.item.id, lotId })}
      />
    )
  const press = (one: Act, isFirst = false) => (
    <Button key={one} data-first={isFirst} disabled={busy} onClick={() => void start(one)}>
      {actsWords.of[one].press} <kbd>{hotkeyOf(one).toUpperCase()}</kbd>
    </Button>
  )
  return (
    <Stack gap={4} columns={2} className={classes.acts} ref={acts}>
      {first && press(first, true)}
      {usual.filter((one) => one !== first).map((one) => press(one))}
      {rare.length === 0 ? null : more ? (
        rare.map((one) => press(one))
      ) : (
        <Button data-more onClick={() => setMore(true)}>
          {actsWords.more}
        </Button>
      )}
    </Stack>
  )
}

function ParField({ line, pocketId }: { readonly line: LineOnMat; readonly pocketId: string }) {
  const { run, busy } = useActing()
  const itemId = line.item.id
  const change = (by: number) => {
    const amount = Math.max(0, line.par + by * 1000) as Amount
    void run(
      setPar,
      { params: { pocketId, itemId }, body: { amount } },
      words.undo.did.par(itemTitle(line.item)),
      { atOnce: shownAtOnce(['kit'], withPar(pocketId, itemId, amount)) },
    )
  }
  return (
    <Row gap={4} align="center" above={3} below={5} size={2}>
      <Box as="span" grow>
        {lotWords.belongs}
      </Box>
      <Stepper
        value={formatAmount(line.par)}
        fewer={`${lotWords.par} −1`}
        more={`${lotWords.par} +1`}
        disabled={busy}
        least={line.par === 0}
        onChange={change}
      />
    </Row>
  )
}
