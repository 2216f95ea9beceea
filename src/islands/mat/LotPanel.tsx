/** One lot: what it is, which clock runs, and every act on it. */
import { Button, Select, TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import {
  countLot,
  discardLot,
  moveLot,
  openLot,
  readLot,
  setPar,
  useLot as useLotEndpoint,
} from '../../contract/endpoints'
import { addDays, daysBetween, type PlainDate } from '../../core/calendar/plainDate'
import { type Amount, formatAmount } from '../../core/quantity/amount'
import { readAmount } from '../../core/quantity/readAmount'
import { lastGoodDay } from '../../core/shelf-life/lastGoodDay'
import { itemTitle } from '../../core/stock/item'
import { useActing } from '../../ui/acting'
import { call } from '../../ui/api'
import { isTyping, useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { counted, expiryText, fullDay, money, shortMonth } from '../../words/format'
import { DetailsForm } from './DetailsForm'
import type { LineOnMat, PocketOnMat, PocketRef, TagOnMat } from './MatScreen'
import classes from './mat.module.css'

const w = words.lot

interface Props {
  readonly line: LineOnMat
  /** Undefined for a bare par. */
  readonly tag: TagOnMat | undefined
  readonly pocket: PocketOnMat
  readonly pockets: readonly PocketRef[]
  readonly today: PlainDate
  readonly onClose: () => void
  readonly onAdd: () => void
}

type Act = 'use' | 'open' | 'move' | 'discard' | 'count' | 'edit'
const ACT_KEYS: readonly (readonly [Act, string])[] = [
  ['use', 'u'],
  ['open', 'o'],
  ['move', 'm'],
  ['discard', 'x'],
  ['count', 'c'],
  ['edit', 'e'],
]

export function LotPanel({ line, tag, pocket, pockets, today, onClose, onAdd }: Props) {
  const [act, setAct] = useState<Act | null>(null)
  const { item } = line
  const usable = tag !== undefined
  const offered = ACT_KEYS.filter(([one]) => one !== 'open' || tag?.lot.opened.kind === 'sealed')

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey || !usable) return
      const found = ACT_KEYS.find(([, key]) => key === event.key)
      if (!found || (found[0] === 'open' && tag?.lot.opened.kind !== 'sealed')) return
      setAct(found[0])
      event.preventDefault()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [usable, tag])

  return (
    <aside className={classes.panel} aria-label={itemTitle(item)}>
      <header>
        <h2>{itemTitle(item)}</h2>
        <button type="button" className={classes.closePanel} onClick={onClose} aria-label={w.close}>
          ×
        </button>
      </header>
      <p className="second">
        {pocket.name} · {counted(tag?.amount ?? (0 as Amount), item.unit)}
      </p>
      {tag && <Facts line={line} tag={tag} today={today} />}
      <ParField line={line} pocketId={pocket.id} />
      {tag === undefined ? (
        <Button onClick={onAdd} fullWidth>
          {words.add.put}
        </Button>
      ) : act === null ? (
        <div className={classes.acts}>
          {offered.map(([one, key], index) => (
            <button key={one} type="button" data-first={index === 0} onClick={() => setAct(one)}>
              {w[one]} <kbd>{key.toUpperCase()}</kbd>
            </button>
          ))}
        </div>
      ) : act === 'edit' ? (
        <DetailsForm line={line} tag={tag} today={today} onDone={() => setAct(null)} />
      ) : (
        <ActForm
          act={act}
          line={line}
          tag={tag}
          pocket={pocket}
          pockets={pockets}
          today={today}
          onDone={() => setAct(null)}
        />
      )}
      {tag && <History lotId={tag.lot.id} version={tag.lot.version} unit={item.unit} />}
    </aside>
  )
}

function Facts({
  line,
  tag,
  today,
}: {
  readonly line: LineOnMat
  readonly tag: TagOnMat
  readonly today: PlainDate
}) {
  const { item } = line
  const { lot, judged } = tag
  const { currency } = useStrap().habits
  const lastGood = lastGoodDay(lot, item.openedClock)
  const day = lastGood.kind === 'day' ? lastGood.day : null
  const rows: [string, string][] = [
    [
      w.goodUntil,
      day
        ? w.lastDay(day)
        : lastGood.kind === 'over'
          ? words.state(judged, today)
          : expiryText(lot.expiry),
    ],
  ]
  if (lastGood.kind === 'day' && lot.opened.kind === 'opened')
    rows.push([w.whichClock, lastGood.clock === 'opened' ? w.openedClock : w.printed])
  if (lot.opened.kind === 'opened') {
    rows.push([w.openedOn, fullDay(lot.opened.on)])
    rows.push([w.rule, w.clockRule(item.openedClock)])
    if (lastGood.kind === 'day' && lastGood.clock === 'opened')
      rows.push([w.expiry, expiryText(lot.expiry)])
  }
  if (judged.state === 'held') rows.push([w.held, judged.reason])
  if (judged.state === 'lent') rows.push([w.lent, `${judged.to}, ${fullDay(judged.since)}`])
  if (lot.condition !== 'sound') rows.push([w.condition, lot.condition])
  if (item.purpose) rows.push([w.purpose, item.purpose])
  if (item.forWhom) rows.push([w.forWhom, item.forWhom])
  if (lot.batch) rows.push([w.batch, lot.batch])
  if (lot.unitPriceMinor !== null) rows.push([w.price, money(lot.unitPriceMinor, currency)])
  if (lot.note) rows.push([w.note, lot.note])
  return (
    <>
      {day && <ClockLine day={day} today={today} turning={judged.state === 'turning'} />}
      <dl className={classes.facts}>
        {rows.map(([name, value]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      {lot.opened.kind === 'opened' && (
        <p className={classes.source}>{w.clockSource(item.openedClock)}</p>
      )}
    </>
  )
}

/** From today to eighteen months on, with a marker where the lot ends. */
function ClockLine({
  day,
  today,
  turning,
}: {
  readonly day: PlainDate
  readonly today: PlainDate
  readonly turning: boolean
}) {
  const span = 548
  const at = Math.max(0, Math.min(100, (100 * daysBetween(today, day)) / span))
  const middle = addDays(today, span / 2)
  const end = addDays(today, span)
  return (
    <div className={classes.clock} aria-hidden>
      <span className={classes.marker} data-turning={turning} style={{ left: `${at}%` }} />
      <span className={classes.rule} />
      <small>{words.watch.today}</small>
      <small>{shortMonth(middle)}</small>
      <small>
        {shortMonth(end)} {end.slice(0, 4)}
      </small>
    </div>
  )
}

function ParField({ line, pocketId }: { readonly line: LineOnMat; readonly pocketId: string }) {
  const { run, busy } = useActing()
  const change = (by: number) =>
    void run(
      setPar,
      {
        params: { pocketId, itemId: line.item.id },
        body: { amount: Math.max(0, line.par + by * 1000) },
      },
      words.undo.did.par,
    )
  return (
    <div className={classes.par}>
      <span>{w.belongs}</span>
      <button
        type="button"
        disabled={busy || line.par === 0}
        onClick={() => change(-1)}
        aria-label={`${w.par} −1`}
      >
        −
      </button>
      <b>{formatAmount(line.par)}</b>
      <button type="button" disabled={busy} onClick={() => change(1)} aria-label={`${w.par} +1`}>
        +
      </button>
    </div>
  )
}

interface ActFormProps {
  readonly act: Exclude<Act, 'edit'>
  readonly line: LineOnMat
  readonly tag: TagOnMat
  readonly pocket: PocketOnMat
  readonly pockets: readonly PocketRef[]
  readonly today: PlainDate
  readonly onDone: () => void
}

/** How many a press usually means: all of it when it goes, one when it is used. */
function usual(act: ActFormProps['act'], amount: Amount): string {
  if (act === 'use' || act === 'open') return amount >= 1000 ? '1' : formatAmount(amount)
  return formatAmount(amount)
}

function ActForm({ act, line, tag, pocket, pockets, today, onDone }: ActFormProps) {
  const { run, busy } = useActing()
  const [typed, setTyped] = useState(usual(act, tag.amount))
  const [to, setTo] = useState<string | null>(null)
  const [on, setOn] = useState<string>(today)
  const reading = readAmount(typed)
  const wrong =
    reading.kind === 'refused'
      ? words.bring.fault({ field: 'amount', code: 'amount', refusal: reading.refusal })
      : ''
  const sooner =
    act === 'use'
      ? line.tags.find(
          (other) =>
            other.lot.id !== tag.lot.id &&
            other.judged.state === 'turning' &&
            tag.judged.state === 'sound',
        )
      : undefined

  const submit = async () => {
    if (reading.kind === 'refused') return
    const params = { lotId: tag.lot.id }
    const taking = { pocketId: pocket.id, amount: reading.amount, seenVersion: tag.lot.version }
    const said = words.undo.did[act]
    const result =
      act === 'use'
        ? await run(useLotEndpoint, { params, body: taking }, said)
        : act === 'discard'
          ? await run(discardLot, { params, body: taking }, said)
          : act === 'open'
            ? await run(openLot, { params, body: { ...taking, on: on as PlainDate } }, said)
            : act === 'count'
              ? await run(
                  countLot,
                  {
                    params,
                    body: {
                      pocketId: pocket.id,
                      found: reading.amount,
                      seenVersion: tag.lot.version,
                    },
                  },
                  said,
                )
              : to !== null && (await run(moveLot, { params, body: { ...taking, to } }, said))
    if (result) onDone()
  }
  const step = (by: number) => {
    if (reading.kind === 'read')
      setTyped(formatAmount(Math.max(0, reading.amount + by * 1000) as Amount))
  }

  return (
    <form
      className={classes.actForm}
      aria-label={w[act]}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      <h3>{w[act]}</h3>
      {sooner && <p className={classes.caution}>{w.sooner(pocket.name)}</p>}
      {act === 'discard' && words.watch.safeWay(line.item.kind) && (
        <p className={classes.caution}>{words.watch.safeWay(line.item.kind)}</p>
      )}
      <div className={classes.stepper}>
        <button type="button" onClick={() => step(-1)} aria-label="−1">
          −
        </button>
        <TextInput
          autoFocus
          label={act === 'count' ? w.found : w.howMany}
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
      {act === 'open' && (
        <TextInput
          type="date"
          label={w.onDay}
          value={on}
          max={today}
          onChange={(event) => setOn(event.currentTarget.value)}
        />
      )}
      {act === 'move' && (
        <Select
          label={w.toWhere}
          searchable
          value={to}
          onChange={setTo}
          data={pockets
            .filter(({ id }) => id !== pocket.id)
            .map(({ id, name, kit, place }) => ({
              value: id,
              label: `${name} · ${kit}, ${place}`,
            }))}
        />
      )}
      <div className={classes.formPresses}>
        <Button
          type="submit"
          loading={busy}
          disabled={wrong !== '' || (act === 'move' && to === null)}
        >
          {w.confirm[act]}
        </Button>
        <Button variant="default" onClick={onDone}>
          {words.kits.cancel}
        </Button>
      </div>
    </form>
  )
}

function History({
  lotId,
  version,
  unit,
}: {
  readonly lotId: string
  readonly version: number
  readonly unit: string
}) {
  const { data } = useQuery({
    queryKey: ['lot', lotId, version],
    queryFn: () => call(readLot, { params: { lotId } }),
    retry: false,
  })
  if (!data) return null
  return (
    <section className={classes.history}>
      <h3>{w.history}</h3>
      <ul>
        {data.history.slice(0, 8).map((entry) => (
          <li key={`${entry.actId}${entry.kind}`}>{w.did(entry, unit)}</li>
        ))}
      </ul>
    </section>
  )
}
