/** The few things that have to be asked before an act on a lot. */
import { Button, Checkbox, Select, Textarea, TextInput } from '@mantine/core'
import { useState } from 'react'
import {
  amendLot,
  countLot,
  decantLot,
  discardLot,
  giveLot,
  lendLot,
  moveLot,
  openLot,
  reuseLot,
  takeBackLot,
  useLot,
} from '../../../contract/stock'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { type Amount, formatAmount } from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import { lastGoodDay } from '../../../core/shelf-life/lastGoodDay'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { words } from '../../../words'
import { counted, expiryText, fullDay } from '../../../words/frame/format'
import { type FormAct, usualAmount } from './acts'
import { KeepsFor, NOT_SAID, periodSaid } from './KeepsFor'
import classes from './mat.module.css'
import type { LineOnMat, PocketOnMat, PocketRef, TagOnMat } from './view'

const lotWords = words.stock.lot
const actsWords = words.stock.acts

interface Props {
  readonly act: Exclude<FormAct, 'edit'>
  readonly line: LineOnMat
  readonly tag: TagOnMat
  readonly pocket: PocketOnMat
  readonly pockets: readonly PocketRef[]
  readonly today: PlainDate
  readonly onDone: () => void
  /** Turns to another lot: the one that should go first. */
  readonly onTake: (lotId: string) => void
}

const NEEDS_PLACE: ReadonlySet<Props['act']> = new Set(['move', 'decant'])
const NEEDS_WHOM: ReadonlySet<Props['act']> = new Set(['lend', 'give'])
const MAY_PASS_OVER: ReadonlySet<Props['act']> = new Set(['use', 'move'])

export function ActForm({ act, line, tag, pocket, pockets, today, onDone, onTake }: Props) {
  const { run, busy } = useActing()
  const { lot, amount } = tag
  const [typed, setTyped] = useState(usualAmount(act, amount, line.item.unit))
  const [keeps, setKeeps] = useState(NOT_SAID)
  const [to, setTo] = useState<string | null>(null)
  const [whom, setWhom] = useState('')
  const [on, setOn] = useState<string>(today)
  const [directions, setDirections] = useState(lot.directions)
  const [usedUp, setUsedUp] = useState(false)
  const reading = readAmount(typed)
  const wrong =
    reading.kind === 'refused'
      ? words.imports.fault({ field: 'amount', code: 'amount', refusal: reading.refusal })
      : ''
  const first = MAY_PASS_OVER.has(act) ? firstOut(line, tag) : null
  const needsDirections = act === 'decant' && line.item.kind === 'medicine'
  const period = act === 'open' ? periodSaid(keeps) : null
  const ready =
    wrong === '' &&
    period !== 'wrong' &&
    (!NEEDS_PLACE.has(act) || to !== null) &&
    (!NEEDS_WHOM.has(act) || whom.trim() !== '') &&
    (!needsDirections || directions.trim() !== '')

  const send = (some: Amount) => {
    const params = { lotId: lot.id }
    const seen = { seenVersion: lot.version }
    const about = (did: string): string =>
      `${did}: ${counted(some, line.item.unit)} ${itemTitle(line.item)}`
    const taking = { pocketId: pocket.id, amount: some, ...seen }
    switch (act) {
      case 'use':
        return run(useLot, { params, body: taking }, words.undo.did.use, about(words.undo.did.use))
      case 'reuse':
        return usedUp
          ? run(useLot, { params, body: taking }, words.undo.did.use)
          : run(reuseLot, { params, body: taking }, actsWords.did.reuse)
      case 'discard':
        return run(
          discardLot,
          { params, body: taking },
          words.undo.did.discard,
          about(words.undo.did.discard),
        )
      case 'open':
        return run(
          openLot,
          {
            params,
            body: {
              ...taking,
              on: on as PlainDate,
              ...(period &&
                period !== 'wrong' && { keeps: { period, source: words.stock.keepsFor.source } }),
            },
          },
          words.undo.did.open,
        )
      case 'count':
        return run(
          countLot,
          { params, body: { pocketId: pocket.id, found: some, ...seen } },
          words.undo.did.count,
          about(words.undo.did.count),
        )
      case 'move':
        return run(
          moveLot,
          { params, body: { ...taking, to: to ?? '' } },
          words.undo.did.move,
          about(words.undo.did.move),
        )
      case 'give':
        return run(
          giveLot,
          { params, body: { ...taking, to: whom } },
          actsWords.did.give,
          about(actsWords.did.give),
        )
      case 'lend':
        return run(lendLot, { params, body: { ...taking, to: whom } }, actsWords.did.lend)
      case 'takeBack':
        return run(takeBackLot, { params, body: taking }, actsWords.did.takeBack)
      case 'decant':
        return run(
          decantLot,
          { params, body: { ...taking, to: to ?? '', directions } },
          actsWords.did.decant,
        )
      case 'missing':
        return run(
          amendLot,
          {
            params,
            body: {
              ...seen,
              standing: { kind: 'missing', since: today },
              part: { pocketId: pocket.id, amount: some },
            },
          },
          actsWords.did.missing,
        )
    }
  }
  const submit = async () => {
    if (reading.kind === 'read' && (await send(reading.amount))) onDone()
  }
  const step = (by: number) => {
    if (reading.kind === 'read')
      setTyped(formatAmount(Math.max(0, reading.amount + by * 1000) as Amount))
  }
  const name =
    act in actsWords.confirm
      ? actsWords.acts[act as keyof typeof actsWords.confirm]
      : lotWords[act as keyof typeof lotWords.confirm]
  const press =
    act in actsWords.confirm
      ? actsWords.confirm[act as keyof typeof actsWords.confirm]
      : lotWords.confirm[act as keyof typeof lotWords.confirm]

  return (
    <form
      className={classes.actForm}
      aria-label={name}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      <h3>{name}</h3>
      {first && (
        <p className={classes.caution}>
          {actsWords.first(first.until)}{' '}
          <button type="button" className={classes.inText} onClick={() => onTake(first.lotId)}>
            {actsWords.takeThat}
          </button>
        </p>
      )}
      {act === 'discard' && words.watch.safeWay(line.item.kind) && (
        <p className={classes.caution}>{words.watch.safeWay(line.item.kind)}</p>
      )}
      <div className={classes.stepper}>
        <button type="button" onClick={() => step(-1)} aria-label="−1">
          −
        </button>
        <TextInput
          autoFocus
          label={
            act === 'count'
              ? lotWords.found
              : act === 'takeBack'
                ? actsWords.back
                : lotWords.howMany
          }
          value={typed}
          onChange={(event) => setTyped(event.currentTarget.value)}
          onFocus={(event) => event.currentTarget.select()}
          error={wrong}
          inputMode="decimal"
        />
        <button type="button" onClick={() => step(1)} aria-label="+1">
          +
        </button>
      </div>
      {act === 'takeBack' && <small className="second">{actsWords.backHint}</small>}
      {act === 'reuse' && (
        <Checkbox
          label={actsWords.usedUp}
          checked={usedUp}
          onChange={(event) => setUsedUp(event.currentTarget.checked)}
        />
      )}
      {act === 'open' && (
        <TextInput
          type="date"
          label={lotWords.onDay}
          value={on}
          max={today}
          onChange={(event) => setOn(event.currentTarget.value)}
        />
      )}
      {act === 'open' && (
        <KeepsFor
          value={keeps}
          now={lotWords.clockRule(line.item.openedClock)}
          onChange={setKeeps}
        />
      )}
      {NEEDS_WHOM.has(act) && (
        <TextInput
          label={act === 'lend' ? actsWords.toWhom : actsWords.whoGets}
          value={whom}
          maxLength={120}
          onChange={(event) => setWhom(event.currentTarget.value)}
        />
      )}
      {NEEDS_PLACE.has(act) && (
        <Select
          label={lotWords.toWhere}
          searchable
          value={to}
          onChange={setTo}
          data={pockets
            .filter(({ id }) => act === 'decant' || id !== pocket.id)
            .map(({ id, name: pocketName, kit, place }) => ({
              value: id,
              label: `${pocketName} · ${kit}, ${place}`,
            }))}
        />
      )}
      {act === 'decant' && (
        <>
          <Textarea
            label={actsWords.directions}
            autosize
            minRows={2}
            maxLength={2000}
            value={directions}
            onChange={(event) => setDirections(event.currentTarget.value)}
          />
          <p className={classes.caution}>
            {actsWords.decantHint}{' '}
            {actsWords.label(itemTitle(line.item), endOf(line, tag), lot.batch)}
          </p>
        </>
      )}
      <div className={classes.formPresses}>
        <Button type="submit" loading={busy} disabled={!ready}>
          {press}
        </Button>
        <Button variant="default" onClick={onDone}>
          {words.kits.cancel}
        </Button>
      </div>
    </form>
  )
}

/** The lot that should go before this one, and until when it is good; null when this is it. */
function firstOut(line: LineOnMat, tag: TagOnMat): { lotId: string; until: string } | null {
  const first = line.tags.find(({ lot }) => lot.id === line.firstOut)
  if (!first || first.lot.id === tag.lot.id) return null
  const [a, b] = [first, tag].map(({ lot }) => lastGoodDay(lot, line.item.openedClock))
  const sooner = a?.kind === 'day' && (b?.kind !== 'day' || a.day < b.day)
  return sooner ? { lotId: first.lot.id, until: fullDay(a.day) } : null
}

function endOf(line: LineOnMat, { lot }: TagOnMat): string {
  const end = lastGoodDay(lot, line.item.openedClock)
  return end.kind === 'day' ? fullDay(end.day) : expiryText(lot.expiry)
}
