/** One thing to think about: why, what it takes, where it lies; kept or thrown away with a press. */

import { useState } from 'react'
import { actOnMany, keepReviewed } from '../../../contract/stock'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { useStrap } from '../../../ui/Frame'
import { StateGlyph } from '../../../ui/StateGlyph'
import * as words from '../../../words'
import { counted, money } from '../../../words/frame/format'
import classes from './review.module.css'
import type { ReviewEntry } from './view'

const reviewWords = words.stock.review

interface Props {
  readonly line: ReviewEntry
  readonly today: PlainDate
}

export function ReviewItem({ line, today }: Props) {
  const { run, busy } = useActing()
  const { habits, places } = useStrap()
  const [asking, setAsking] = useState(false)
  const { burden, reason } = line

  const why =
    reason.kind === 'duplicate'
      ? reviewWords.duplicate(reason.surplus, reason.kits, line.unit)
      : reason.kind === 'idle'
        ? reviewWords.idle(reason.since)
        : reviewWords.verdict(reason.verdict.kind, reason.verdict.words)

  const discard = () =>
    run(
      actOnMany,
      {
        body: {
          deed: { kind: 'discard' },
          holdings: line.at.map(({ lotId, pocketId, amount, version }) => ({
            lotId,
            pocketId,
            amount,
            seenVersion: version,
          })),
        },
      },
      ({ done }) => words.stock.list.did.discard(done),
    )

  return (
    <li className={classes.item}>
      <div>
        <b>{line.title}</b>
        <Box as="p" size={2}>
          {why}
        </Box>
        <Box as="p" size={2} weight="bold">
          {reviewWords.takes(
            words.kits.grams(burden.grams, habits.units),
            words.kits.litres(burden.volume),
            money(burden.minor, habits.currency),
          )}
          {burden.unknown > 0 && (
            <Box as="small" weight="normal" tone="second">
              {' '}
              · {reviewWords.unknown}
            </Box>
          )}
        </Box>
        <Row as="ul" gapX={6} gapY={2} wrap above={3} size={2} className={classes.at}>
          {line.at.map((one) => (
            <li key={`${one.lotId}${one.pocketId}`}>
              <Row
                inline
                unlined
                as="a"
                gap={3}
                align="center"
                tone="ink"
                href={`/kits/${one.kitId}?lot=${one.lotId}&pocket=${one.pocketId}`}
              >
                <StateGlyph state={one.judged.state} />
                {counted(one.amount, line.unit)}
                <span data-hue={places.find(({ id }) => id === one.placeId)?.hue}>
                  {one.pocket}, {one.kit}
                </span>
                <Box as="small" tone="second">
                  {words.stock.state(one.judged, today)}
                </Box>
              </Row>
            </li>
          ))}
        </Row>
      </div>
      <Row gap={3} align="start" justify="end" wrap className={classes.presses}>
        <Button
          busy={busy}
          aria-label={reviewWords.keepLong(line.title)}
          onClick={() =>
            void run(keepReviewed, { body: { reviewKey: line.key } }, reviewWords.didKeep)
          }
        >
          {reviewWords.keep}
        </Button>
        {reason.kind !== 'duplicate' &&
          (asking ? (
            <Stack gap={3} pad={4} size={2} surface="turning" radius={2} role="alert">
              <b>{reviewWords.sure(line.title)}</b>
              <span>{words.watch.safeWay(line.kind)}</span>
              <Button kind="strong" busy={busy} onClick={() => void discard()}>
                {reviewWords.discard}
              </Button>
              <Button onClick={() => setAsking(false)}>{words.kits.cancel}</Button>
            </Stack>
          ) : (
            <Button onClick={() => setAsking(true)}>{reviewWords.discard}</Button>
          ))}
      </Row>
    </li>
  )
}
