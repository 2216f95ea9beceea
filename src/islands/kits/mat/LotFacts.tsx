/** What is known of a lot: its clocks first, then whom it is for, directions, where it came from. */

import type { PlainDate } from '../../../core/calendar/plainDate'
import { addDays, daysBetween } from '../../../core/calendar/plainDate'
import { lastGoodDay } from '../../../core/shelf-life/lastGoodDay'
import { Box, Row } from '../../../ui/Box'
import { ButtonLink } from '../../../ui/Button'
import { useStrap } from '../../../ui/Frame'
import * as words from '../../../words'
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
  rows.push([words.storage.label, words.storage.said(line.keeping)])
  if (tag.weather?.kind === 'coming')
    rows.push([
      words.storage.what,
      words.storage.comingLong(tag.weather.what, tag.weather.on, today),
    ])
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
      <Box as="dl" above={3} below={2}>
        {rows.map(([name, value]) => (
          <Row gap={5} justify="between" padY={2} size={2} lineBelow="hairline" key={name}>
            <dt>{name}</dt>
            <Box as="dd" weight="bold" text="right" breakable>
              {value}
            </Box>
          </Row>
        ))}
      </Box>
      {tag.weather?.kind === 'harmed' && (
        <Row above={3}>
          <ButtonLink href={`/lots/${lot.id}/exposure`}>{words.storage.open}</ButtonLink>
        </Row>
      )}
      {lot.directions && (
        <Box as="p" padX={4} padY={3} above={4} size={2} surface="band" radius={2} breakable>
          <Box as="b" size={1} block>
            {words.stock.acts.directions}
          </Box>{' '}
          {lot.directions}
        </Box>
      )}
      {lot.origin && (
        <Box as="p" size={1} tone="second">
          {words.stock.acts.origin(lot.origin.way)}.
        </Box>
      )}
      {lot.opened.kind === 'opened' && (
        <Box as="p" size={1} tone="second">
          {lotWords.clockSource(item.openedClock)}
        </Box>
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
    <Row anchor justify="between" padY={4} above={7} aria-hidden>
      <Box
        as="span"
        surface="ink"
        className={classes.marker}
        data-turning={turning}
        style={{ left: `${at}%` }}
      />
      <span className={classes.rule} />
      <Box as="small" size={1} tone="second">
        {words.watch.today}
      </Box>
      <Box as="small" size={1} tone="second">
        {shortMonth(middle)}
      </Box>
      <Box as="small" size={1} tone="second">
        {shortMonth(end)} {end.slice(0, 4)}
      </Box>
    </Row>
  )
}
