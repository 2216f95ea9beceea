/** On every screen of a household that is to be deleted: by whom, when, and the way to keep it. */

import type { z } from 'zod'
import type * as places from '../contract/values/places'
import * as words from '../words'
import { moment } from '../words/frame/format'
import { Box, Row } from './Box'

export function LeavingBar({ strap }: { readonly strap: z.infer<typeof places.strap> }) {
  const { deletion, habits } = strap
  if (!deletion) return null
  return (
    <Row
      as="p"
      gapX={6}
      gapY={2}
      align="baseline"
      wrap
      padX={6}
      padY={4}
      surface="canvas"
      line="bad"
      radius={2}
      above={4}
      className="no-print"
      role="note"
    >
      <span>
        {words.leaving.toBeDeleted(deletion.askedBy, moment(deletion.dueAt, habits.timeZone))}
      </span>
      <Box as="a" weight="bold" href="/account#leaving">
        {words.leaving.keepOrSave}
      </Box>
    </Row>
  )
}
