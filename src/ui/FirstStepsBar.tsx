/** One line on every screen of a household whose first steps are still to be taken. */

import type { z } from 'zod'
import type * as places from '../contract/values/places'
import * as words from '../words'
import { Box, Row } from './Box'

interface Props {
  readonly beginning: z.infer<typeof places.strap>['beginning']
}

export const FirstStepsBar = ({ beginning }: Props) =>
  beginning && (
    <Row
      as="p"
      gapX={6}
      gapY={2}
      align="baseline"
      wrap
      padX={6}
      padY={3}
      surface="turning"
      radius={2}
      above={4}
      className="no-print"
    >
      <span>{words.firstSteps.bar(beginning.done.length)}</span>
      <Box as="a" weight="bold" href={`/begin?step=${beginning.next}`}>
        {words.firstSteps.next(beginning.next)}
      </Box>
    </Row>
  )
