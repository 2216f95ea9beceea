/** What was put off: seen when it is opened, and taken up again with one press. */

import { takeUpErrand } from '../../contract/watch'
import type { PlainDate } from '../../core/calendar/plainDate'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { shownAtOnce } from '../../ui/shownAtOnce'
import * as words from '../../words'
import { hrefOf } from './errandLink'
import { type Errand, type Watch, withDone } from './view'

const watchWords = words.watch

export function PutOff({
  putOff,
  today,
}: {
  readonly putOff: Watch['putOff']
  readonly today: PlainDate
}) {
  const { run, busy } = useActing()
  if (putOff.length === 0) return null
  return (
    <Box as="details" above={5}>
      <Box as="summary" weight="bold">
        {watchWords.putOff(putOff.length)}
      </Box>
      <ul>
        {putOff.map(({ errand, until }) => {
          const title = errand.title || watchWords.untitled(errand.act)
          return (
            <Row as="li" gap={5} align="center" wrap padY={3} lineBelow="hairline" key={errand.key}>
              <Box grow shrink>
                <Box as="a" weight="bold" href={hrefOf(errand)}>
                  {watchWords.acts[errand.act]}: {title}
                </Box>{' '}
                <Box as="span" tone="second">
                  {watchWords.until(until, today)}
                </Box>
              </Box>
              <Button
                disabled={busy || (errand as Errand).isDone}
                aria-label={watchWords.takeUpLong(title)}
                onClick={() =>
                  void run(
                    takeUpErrand,
                    { body: { errandKey: errand.key } },
                    words.undo.did.takenUp,
                    { atOnce: shownAtOnce(['watch'], withDone(errand.key)) },
                  )
                }
              >
                {watchWords.takeUp}
              </Button>
            </Row>
          )
        })}
      </ul>
    </Box>
  )
}
