/** One thing: how many, which date, in what state; next with the thumb. */

import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { readCodes, teachCode } from '../../../contract/items'
import type { CodeFields } from '../../../core/codes/readCode'
import type { LotId } from '../../../core/ids'
import { type Amount, formatAmount, NOTHING } from '../../../core/quantity/amount'
import { asksOf, conditionsOf } from '../../../core/rounds/asks'
import type { Thing } from '../../../core/rounds/contents'
import type { PocketProgress } from '../../../core/rounds/progress'
import { call, newKey } from '../../../device/call'
import { keepAct } from '../../../device/outbox'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, Chip } from '../../../ui/Button'
import { Stepper } from '../../../ui/Stepper'
import * as words from '../../../words'
import { expiryText } from '../../../words/frame/format'
import { CountField } from './CountField'
import { DateAsk } from './DateAsk'
import {
  type Draft,
  draftOf,
  fewer,
  goneChoices,
  isAway,
  lookOf,
  stepped,
  wasOf,
  withCondition,
  withDate,
  withFound,
  withGone,
  withOpened,
  withProof,
  withWorse,
} from './draft'
import { FoundElse } from './FoundElse'
import { KeepPhoto } from './KeepPhoto'
import classes from './round.module.css'
import { ScanDialog } from './ScanDialog'
import type { GoingRound } from './useRound'
import { WhatIsThis } from './WhatIsThis'

const cardWords = words.rounds.card

interface Props {
  readonly pocket: PocketProgress
  readonly lotId: LotId
  readonly going: GoingRound
  /** To another thing of the pocket; null when the pocket is gone through. */
  readonly onGo: (lotId: LotId | null) => void
}

/** Longer nobody looks at one thing: the phone was put down. */
const MOST_SECONDS = 180

export function ThingCard({ pocket, lotId, going, onGo }: Props) {
  const asked = pocket.things.filter(({ asks, answer }) => asks.length > 0 || answer !== null)
  const index = asked.findIndex((one) => one.lotId === lotId)
  const here = asked[index]
  const thing = here?.thing
  // It has left the pocket since it was answered: there is nothing to say of it any more.
  useEffect(() => {
    if (!thing) onGo(null)
  }, [thing, onGo])
  if (!here || !thing) return null
  const next = asked.slice(index + 1).find(({ answer }) => answer === null) ?? null
  const before = asked[index - 1] ?? null
  return (
    <Card
      thing={thing}
      first={draftOf(thing, here.answer?.fact.look ?? null)}
      pocket={pocket}
      going={going}
      then={next?.thing?.title ?? null}
      onBack={before?.thing ? () => onGo(before.lotId) : null}
      onNext={async (draft, seconds) => {
        // Written down before the next thing is shown: what was answered is not lost any more.
        await going.say(
          {
            kind: 'looked',
            pocketId: pocket.pocket.id,
            lotId,
            was: here.answer?.fact.was ?? wasOf(thing),
            look: lookOf(thing, draft),
          },
          seconds,
        )
        onGo(next?.lotId ?? null)
      }}
    />
  )
}

interface CardProps {
  readonly thing: Thing
  readonly first: Draft
  readonly pocket: PocketProgress
  readonly going: GoingRound
  readonly then: string | null
  readonly onBack: (() => void) | null
  readonly onNext: (draft: Draft, seconds: number) => Promise<void>
}

function Card({ thing, first, pocket, going, then, onBack, onNext }: CardProps) {
  const [draft, setDraft] = useState(first)
  const [beside, setBeside] = useState<'what' | 'found' | 'note' | 'scan' | null>(null)
  const [scanned, setScanned] = useState('')
  const began = useRef(Date.now())
  const { contents, dateOrder } = going
  const asks = asksOf(thing, contents.today)
  const { data: codes } = useQuery({
    queryKey: ['codes'],
    queryFn: () => call(readCodes),
    retry: false,
  })
  const isSpent = thing.judged.state === 'spent'
  const away = isAway(thing)
  const [busy, setBusy] = useState(false)
  const done = (final: Draft): void => {
    if (busy) return
    setBusy(true)
    void onNext(final, Math.min(MOST_SECONDS, (Date.now() - began.current) / 1000)).finally(() =>
      setBusy(false),
    )
  }
  const step = (by: 1 | -1): void => setDraft((now) => stepped(now, by))
  const gone = fewer(thing, draft)
  /** The code on the pack says its date, and whether it is this thing at all. */
  const takeCode = async (fields: CodeFields): Promise<void> => {
    const { gtin, expiry, bestBefore, batch } = fields
    setBeside(null)
    // Before the known codes have come nobody can say whose it is: it is neither another thing's nor new.
    const known = codes ?? (await call(readCodes).catch(() => null))
    const stands = known?.codes.find((one) => one.gtin === gtin)
    if (stands && stands.itemId !== thing.itemId) {
      setScanned(cardWords.isOther(stands.title))
      return
    }
    const date = expiry ?? bestBefore
    if (date) setDraft((now) => withDate(now, { kind: 'other', expiry: date }))
    setScanned(
      [cardWords.scanned(date ? expiryText(date) : '', batch ?? ''), cardWords.scannedMore(fields)]
        .filter(Boolean)
        .join('; '),
    )
    if (gtin && known && !stands)
      void keepAct(
        teachCode,
        { params: { itemId: thing.itemId, gtin } },
        { key: newKey(), title: `${cardWords.scan}: ${thing.title}` },
      )
  }

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = /^(?:INPUT|TEXTAREA|BUTTON)$/.test((event.target as HTMLElement).tagName)
      if (document.querySelector('[role="dialog"]') || (typing && event.key !== 'Enter')) return
      if (event.key === '+') step(1)
      else if (event.key === '-') step(-1)
      else if (event.key === 'ArrowLeft') onBack?.()
      else return
      event.preventDefault()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  })

  return (
    <Row
      as="form"
      gap={6}
      className={classes.step}
      onSubmit={(event) => {
        event.preventDefault()
        if (isSpent) done({ ...withFound(draft, NOTHING), gone: 'thrown_away' })
        else if (away) done(withFound(draft, thing.recorded))
        else done(draft)
      }}
    >
      <Box as="h1" size={6} breakable>
        {thing.title}
      </Box>
      <Box as="p" above={2} size={4}>
        {pocket.pocket.name} · {expiryText(thing.expiry)}
        {thing.forWhom && ` · ${thing.forWhom}`}
      </Box>

      {isSpent ? (
        <Box as="p" note="caution">
          {cardWords.takeOut}
        </Box>
      ) : away ? (
        <Box as="p" note="caution">
          {thing.judged.state === 'lent' ? cardWords.lentTo(thing.judged.to) : cardWords.hereAgain}
        </Box>
      ) : (
        <CountField
          found={draft.found}
          recorded={thing.recorded}
          unit={thing.unit}
          onStep={step}
          onType={(found: Amount) => setDraft((now) => withFound(now, found))}
        />
      )}

      {gone > NOTHING && !isSpent && !away && (
        <Row as="fieldset" gap={4} align="center" wrap>
          <Box as="legend" below={3} weight="bold">
            {cardWords.goneAsk(formatAmount(gone))}
          </Box>
          {goneChoices(draft).map((one) => (
            <Chip
              key={one}
              pressed={draft.gone === one}
              onClick={() => setDraft(withGone(draft, one))}
            >
              {cardWords.gone[one]}
            </Chip>
          ))}
        </Row>
      )}

      {asks.includes('date') && draft.found > NOTHING && !isSpent && !away && (
        <DateAsk
          recorded={thing.expiry}
          date={draft.date}
          settings={{ today: contents.today, order: dateOrder }}
          onChange={(date) => setDraft((now) => withDate(now, date))}
        />
      )}

      {!isSpent && !away && draft.found > NOTHING && (
        <Row gap={4} align="center" wrap>
          {asks.includes('battery') && (
            <Chip
              pressed={draft.proofs.includes('battery')}
              onClick={() => setDraft(withProof(draft, 'battery'))}
            >
              {cardWords.proofs.battery}
            </Chip>
          )}
          {asks.includes('seal') && (
            <Chip
              pressed={draft.proofs.includes('seal')}
              onClick={() => setDraft(withProof(draft, 'seal'))}
            >
              {cardWords.proofs.seal}
            </Chip>
          )}
          {conditionsOf(thing).map((condition) => (
            <Chip
              key={condition}
              pressed={draft.worse?.condition === condition}
              onClick={() => setDraft(withCondition(draft, condition))}
            >
              {cardWords.conditions(condition)}
            </Chip>
          ))}
          {thing.opened.kind === 'sealed' &&
            (thing.kind === 'medicine' || thing.kind === 'food') && (
              <Chip pressed={draft.opened > NOTHING} onClick={() => setDraft(withOpened(draft))}>
                {cardWords.opened}
              </Chip>
            )}
          {draft.found > NOTHING && (
            <Chip
              pressed={false}
              onClick={() => setDraft({ ...withFound(draft, NOTHING), gone: 'missing' })}
            >
              {cardWords.notHere}
            </Chip>
          )}
        </Row>
      )}
      {draft.worse && draft.found > draft.worse.amount - 1 && draft.found > NOTHING && (
        <Row gap={5} align="center">
          <Box as="span" grow>
            {cardWords.howMany(draft.worse.condition)}
          </Box>
          <Stepper
            size={6}
            value={formatAmount(draft.worse.amount)}
            fewer={cardWords.fewerOf(draft.worse.condition)}
            more={cardWords.moreOf(draft.worse.condition)}
            onChange={(by) => setDraft(withWorse(draft, by))}
          />
        </Row>
      )}
      {(beside === 'note' || draft.note !== '') && (
        <Stack as="label" gap={2} weight="bold">
          {cardWords.note}
          <input
            value={draft.note}
            maxLength={500}
            onChange={(event) => setDraft({ ...draft, note: event.currentTarget.value })}
          />
        </Stack>
      )}
      {scanned && (
        <p role="status" className="second">
          {scanned}
        </p>
      )}
      <Row gapX={5} gapY={2} wrap size={3}>
        <Button kind="quiet" onClick={() => setBeside('what')}>
          {cardWords.whatIsThis}
        </Button>
        <Button kind="quiet" onClick={() => setBeside('found')}>
          {cardWords.alsoHere}
        </Button>
        <Button kind="quiet" onClick={() => setBeside('scan')}>
          {cardWords.scan}
        </Button>
        <Button kind="quiet" onClick={() => setBeside('note')}>
          {cardWords.note}
        </Button>
        <KeepPhoto lotId={thing.lotId} title={thing.title} />
      </Row>

      <Row as="footer" gap={4} className={classes.foot}>
        {onBack && <Button onClick={onBack}>{cardWords.back}</Button>}
        {isSpent && (
          <Button onClick={() => done({ ...withFound(draft, thing.recorded), gone: 'unknown' })}>
            {cardWords.leftIn}
          </Button>
        )}
        {away && (
          <Button onClick={() => done({ ...withFound(draft, NOTHING), gone: 'still_away' })}>
            {thing.judged.state === 'lent' ? cardWords.gone.still_away : cardWords.notHere}
          </Button>
        )}
        <Button kind="main" type="submit" className={classes.go}>
          <Box as="b" size={5} weight="bold" face="display">
            {isSpent ? cardWords.tookOut : away ? cardWords.yesHere : cardWords.next}
          </Box>
          <Box as="small" text="right" breakable>
            {then ? cardWords.thenComes(then) : cardWords.thenPocket}
          </Box>
        </Button>
      </Row>
      {beside === 'scan' && (
        <ScanDialog today={contents.today} onRead={takeCode} onClose={() => setBeside(null)} />
      )}
      <WhatIsThis thing={thing} opened={beside === 'what'} onClose={() => setBeside(null)} />
      {beside === 'found' && (
        <FoundElse
          going={going}
          pocketId={pocket.pocket.id}
          bare={null}
          onClose={() => setBeside(null)}
        />
      )}
    </Row>
  )
}
