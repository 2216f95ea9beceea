/** What is known of a lot: its clocks first, then whom it is for, directions, where it came from. */
import type { PlainDate } from '../../../core/calendar/plainDate'
import { addDays, daysBetween } from '../../../core/calendar/plainDate'
import { lastGoodDay } from '../../../core/shelf-life/lastGoodDay'
import { useStrap } from '../../../ui/Frame'
import { words } from '../../../words'
import { expiryText, fullDay, money, shortMonth } from '../../../words/frame/format'
import classes from './mat.module.css'
import type { Kit, LineOnMat, TagOnMat } from './view'

const lotWords = words.stock.lot

interface Props {
  readonly line: LineOnMat
  readonly tag: TagOnMat
  readonly members: Kit['members']
  readonly today: PlainDate
}

export function LotFacts({ line, tag, members, today }: Props) {
  const { item } = line
  const { lot, judged } = tag
  const { currency } = useStrap().habits
  const lastGood = lastGoodDay(lot, item.openedClock)
  const day = lastGood.kind === 'day' ? lastGood.day : null
  const rows: (readonly [string, string])[] = [
    [
      lotWords.goodUntil,
      day
        ? lotWords.lastDay(day)
        : lastGood.kind === 'over'
          ? words.stock.state(judged, today)
          : expiryText(lot.expiry),
    ],
  ]
  if (lastGood.kind === 'day' && lot.opened.kind === 'opened')
    rows.push([
      lotWords.whichClock,
      lastGood.clock === 'opened' ? lotWords.openedClock : lotWords.printed,
    ])
  if (lot.opened.kind === 'opened') {
    rows.push([lotWords.openedOn, fullDay(lot.opened.on)])
    rows.push([lotWords.rule, lotWords.clockRule(item.openedClock)])
    if (lastGood.kind === 'day' && lastGood.clock === 'opened')
      rows.push([lotWords.expiry, expiryText(lot.expiry)])
  }
  if (judged.state === 'held') rows.push([lotWords.held, words.stock.heldBecause(judged.because)])
  if (judged.state === 'lent') rows.push([lotWords.lent, `${judged.to}, ${fullDay(judged.since)}`])
  if (judged.state === 'unclean' || judged.state === 'missing')
    rows.push([words.stock.stateWord[judged.state], fullDay(judged.since)])
  if (lot.claimedOn) rows.push([words.items.claimed, words.items.claimedOn(fullDay(lot.claimedOn))])
  if (lot.condition !== 'sound') rows.push([lotWords.condition, lot.condition])
  if (lot.forMember)
    rows.push([
      words.stock.acts.forMember,
      members.find(({ id }) => id === lot.forMember)?.name ?? words.stock.acts.anybody,
    ])
  if (item.purpose) rows.push([lotWords.purpose, item.purpose])
  if (item.forWhom) rows.push([lotWords.forWhom, item.forWhom])
  if (lot.batch) rows.push([lotWords.batch, lot.batch])
  const price = lot.unitPriceMinor === null ? '' : money(lot.unitPriceMinor, currency)
  if (price || lot.boughtAt)
    rows.push([words.stock.acts.bought, [lot.boughtAt, price].filter(Boolean).join(', ')])
  rows.push([
    words.stock.acts.sure,
    tag.confirmed
      ? words.stock.acts.confirmed(tag.confirmed.on, tag.confirmed.by)
      : words.stock.acts.never,
  ])
  if (item.verdict)
    rows.push([
      words.items.verdict.label,
      words.stock.review.verdict(item.verdict.kind, item.verdict.words),
    ])
  if (lot.note) rows.push([lotWords.note, lot.note])
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
      {lot.directions && (
        <p className={classes.directions}>
          <b>{words.stock.acts.directions}</b> {lot.directions}
        </p>
      )}
      {lot.origin && <p className={classes.source}>{words.stock.acts.origin(lot.origin.way)}.</p>}
      {lot.opened.kind === 'opened' && (
        <p className={classes.source}>{lotWords.clockSource(item.openedClock)}</p>
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
