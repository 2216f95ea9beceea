/** What may be given: drawn, with when it was given last; nothing twice, also without a connection. */

import { SIGNS } from '../../core/dosing/card'
import type { Instant } from '../../core/dosing/given'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Folded } from '../../ui/Folded'
import * as words from '../../words'
import { DoseDrawing } from '../care/DoseDrawing'
import type { Part } from './useSitting'

const sittingWords = words.sitting

export function Gives({ evening, desk }: Part) {
  const { seen, timeZone } = evening
  const { gives, regular } = seen
  const time = (at: number): string => words.care.time(at as Instant, desk.now as Instant, timeZone)
  return (
    <Box as="section" aria-label={sittingWords.gives}>
      <Box as="h2" size={4} below={4}>
        {sittingWords.gives}
      </Box>
      {gives.length === 0 && regular.length === 0 && <p>{sittingWords.noGives}</p>}
      <Stack gap={5}>
        {gives.map((one) => {
          const { state } = one
          const mine = desk.waiting.filter(
            ({ body }) =>
              body.note.kind === 'given' &&
              body.note.cardId === one.cardId &&
              body.memberId === one.memberId,
          )
          const just = mine.at(-1)
          const again = state.kind === 'now' && just ? just.at + state.again * 60_000 : null
          return (
            <Stack
              as="article"
              gap={3}
              pad={5}
              line="heavy"
              radius={2}
              surface="paper"
              key={`${one.memberId}${one.cardId}`}
            >
              <Box as="h3" size={4}>
                {one.who}: {one.title}
              </Box>
              <p>{one.last === null ? sittingWords.never : sittingWords.last(time(one.last))}</p>
              {(state.kind === 'now' || state.kind === 'later') && (
                <>
                  <DoseDrawing dose={state.dose} cuts={state.cuts} compact />
                  <p>
                    <b>{words.care.portion(state.dose.portion)}</b>,{' '}
                    {sittingWords.at(state.spot.kit, state.spot.pocket)}
                  </p>
                </>
              )}
              {one.notWith.length > 0 && state.kind !== 'no' && (
                <Box as="p" weight="bold">
                  {sittingWords.notWith(one.notWith.map((sign) => SIGNS[sign]).join(', '))}
                </Box>
              )}
              {state.kind === 'now' && !just && (
                <Row>
                  <Button
                    kind="main"
                    aria-label={sittingWords.giveTo(one.title, one.who)}
                    onClick={() =>
                      void desk.write(
                        {
                          memberId: one.memberId,
                          note: { kind: 'given', cardId: one.cardId, portion: state.dose.portion },
                        },
                        sittingWords.doseNoted(
                          `${words.care.portion(state.dose.portion)}: ${one.title}`,
                          one.who,
                        ),
                      )
                    }
                  >
                    {sittingWords.give}
                  </Button>
                </Row>
              )}
              {again !== null && (
                <Box as="p" weight="bold" role="status">
                  {sittingWords.notBefore(time(again))}
                </Box>
              )}
              {state.kind === 'later' && (
                <Box as="p" weight="bold">
                  {state.from === null
                    ? sittingWords.notAgain
                    : sittingWords.notBefore(time(state.from))}
                </Box>
              )}
              {state.kind === 'none_here' && <b>{sittingWords.noneHere}</b>}
              {state.kind === 'no' && (
                <Box note="mustNot">
                  <b>{sittingWords.no}</b>{' '}
                  {state.why
                    .map((why) => words.care.refusal(why, { now: desk.now as Instant, timeZone }))
                    .join(' ')}
                </Box>
              )}
              {one.stop.length > 0 && (
                <Folded title={sittingWords.stop}>
                  {() => (
                    <Stack as="ul" gap={2} dots>
                      {one.stop.map((line) => (
                        <li key={line}>{line}</li>
                      ))}
                    </Stack>
                  )}
                </Folded>
              )}
            </Stack>
          )
        })}
        {regular.map(({ who, title, directions, spot }) => (
          <Stack
            as="article"
            gap={2}
            pad={5}
            line="seam"
            radius={2}
            surface="paper"
            key={`${who}${title}`}
          >
            <Box as="h3" size={3}>
              {who}: {title}
            </Box>
            <p>{directions}</p>
            {spot && <p>{sittingWords.at(spot.kit, spot.pocket)}</p>}
          </Stack>
        ))}
      </Stack>
    </Box>
  )
}
