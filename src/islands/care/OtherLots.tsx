/** Lots of the same thing that may not be taken from, with the reason, and those that lie elsewhere. */
import type { Instant } from '../../core/dosing/given'
import type { Offers } from '../../core/dosing/lots'
import { Box, Row, Stack } from '../../ui/Box'
import * as words from '../../words'

const benchWords = words.care.bench

interface Props {
  readonly offers: Offers
  readonly now: Instant
  readonly timeZone: string
}

export function OtherLots({ offers: { barred, others }, now, timeZone }: Props) {
  if (barred.length === 0 && others.length === 0) return null
  return (
    <Stack gap={5}>
      {barred.length > 0 && (
        <section>
          <Box as="h3" size={3}>
            {benchWords.barred}
          </Box>
          <Box as="ul" above={2}>
            {barred.map((one) => (
              <Box as="li" padY={1} key={`${one.lotId}${one.pocketId}`}>
                <b>{one.title}</b>, {one.place}: {words.care.refusal(one.why, { now, timeZone })}
              </Box>
            ))}
          </Box>
        </section>
      )}
      {others.length > 0 && (
        <section>
          <Box as="h3" size={3}>
            {benchWords.others}
          </Box>
          <Row as="ul" gap={3} wrap above={2}>
            {others.map((one) => (
              <Stack
                as="li"
                padX={4}
                padY={2}
                line="dashed"
                radius={1}
                key={`${one.lotId}${one.pocketId}`}
              >
                <b>{one.title}</b>
                <Box as="small" tone="second">
                  {one.place}, {one.pocket}
                </Box>
              </Stack>
            ))}
          </Row>
        </section>
      )}
    </Stack>
  )
}
