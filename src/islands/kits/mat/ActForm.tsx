/** The few things that have to be asked before an act on a lot. */

import { Checkbox, Select, Textarea, TextInput } from '@mantine/core'
import { useState } from 'react'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { type Amount, formatAmount } from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import { lastGoodDay } from '../../../core/shelf-life/lastGoodDay'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { words } from '../../../words'
import { counted, expiryText, fullDay } from '../../../words/frame/format'
import { type AskedAct, lotAct, type Question, usualAmount } from './acts'
import { KeepsFor, NOT_SAID, periodSaid } from './KeepsFor'
import classes from './mat.module.css'
import type { LineOnMat, PocketOnMat, PocketRef, TagOnMat } from './view'

const lotWords = words.stock.lot
const actsWords = words.stock.acts

interface Props {
  readonly act: AskedAct
  readonly line: LineOnMat
  readonly tag: TagOnMat
  readonly pocket: PocketOnMat
  readonly pockets: readonly PocketRef[]
  readonly today: PlainDate
  readonly onDone: () => void
  /** Turns to another lot: the one that should go first. */
  readonly onTake: (lotId: string) => void
}

export function ActForm({ act, line, tag, pocket, pockets, today, onDone, onTake }: Props) {
  const { run, busy } = useActing()
  const { lot, amount } = tag
  const { asks, passesOver, send } = lotAct(act)
  const { press, did, ...form } = actsWords.of[act]
  const isAsked = (question: Question): boolean => asks?.includes(question) ?? false
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
  const first = passesOver ? firstOut(line, tag) : null
  const needsDirections = isAsked('directions') && line.item.kind === 'medicine'
  const period = isAsked('day') ? periodSaid(keeps) : null
  const ready =
    wrong === '' &&
    period !== 'wrong' &&
    (!isAsked('place') || to !== null) &&
    (!isAsked('whom') || whom.trim() !== '') &&
    (!needsDirections || directions.trim() !== '')

  const submit = async () => {
    if (reading.kind !== 'read' || period === 'wrong') return
    const told = {
      lot,
      pocketId: pocket.id,
      amount: reading.amount,
      today,
      to: to ?? '',
      whom,
      on: on as PlainDate,
      period,
      directions,
      usedUp,
    }
    const about = `${did}: ${counted(reading.amount, line.item.unit)} ${itemTitle(line.item)}`
    if (await send(run, told, did, about)) onDone()
  }
  const step = (by: number) => {
    if (reading.kind === 'read')
      setTyped(formatAmount(Math.max(0, reading.amount + by * 1000) as Amount))
  }
  return (
    <Stack
      as="form"
      gap={5}
      lineAbove="dashed"
      className={classes.actForm}
      aria-label={press}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      <Box as="h3" size={3}>
        {press}
      </Box>
      {first && (
        <Box as="p" padX={4} padY={3} size={2} surface="turning" radius={2}>
          {actsWords.first(first.until)}{' '}
          <Button kind="link" onClick={() => onTake(first.lotId)}>
            {actsWords.takeThat}
          </Button>
        </Box>
      )}
      {act === 'discard' && words.watch.safeWay(line.item.kind) && (
        <Box as="p" padX={4} padY={3} size={2} surface="turning" radius={2}>
          {words.watch.safeWay(line.item.kind)}
        </Box>
      )}
      <Stack columns="2.6rem 1fr 2.6rem" gap={3} align="end">
        <Button kind="step" onClick={() => step(-1)} aria-label="−1">
          −
        </Button>
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
        <Button kind="step" onClick={() => step(1)} aria-label="+1">
          +
        </Button>
      </Stack>
      {act === 'takeBack' && <small className="second">{actsWords.backHint}</small>}
      {isAsked('usedUp') && (
        <Checkbox
          label={actsWords.usedUp}
          checked={usedUp}
          onChange={(event) => setUsedUp(event.currentTarget.checked)}
        />
      )}
      {isAsked('day') && (
        <TextInput
          type="date"
          label={lotWords.onDay}
          value={on}
          max={today}
          onChange={(event) => setOn(event.currentTarget.value)}
        />
      )}
      {isAsked('day') && (
        <KeepsFor
          value={keeps}
          now={lotWords.clockRule(line.item.openedClock)}
          onChange={setKeeps}
        />
      )}
      {isAsked('whom') && (
        <TextInput
          label={act === 'lend' ? actsWords.toWhom : actsWords.whoGets}
          value={whom}
          maxLength={120}
          onChange={(event) => setWhom(event.currentTarget.value)}
        />
      )}
      {isAsked('place') && (
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
      {isAsked('directions') && (
        <>
          <Textarea
            label={actsWords.directions}
            autosize
            minRows={2}
            maxLength={2000}
            value={directions}
            onChange={(event) => setDirections(event.currentTarget.value)}
          />
          <Box as="p" padX={4} padY={3} size={2} surface="turning" radius={2}>
            {actsWords.decantHint}{' '}
            {actsWords.label(itemTitle(line.item), endOf(line, tag), lot.batch)}
          </Box>
        </>
      )}
      <Row gap={4}>
        <Button kind="strong" type="submit" busy={busy} disabled={!ready}>
          {'confirm' in form ? form.confirm : press}
        </Button>
        <Button onClick={onDone}>{words.kits.cancel}</Button>
      </Row>
    </Stack>
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
