/** Keeps a line of the plan as it is, or forbids it; the rest is planned around it. */

import type { z } from 'zod'
import { addWish, removeWish } from '../../../contract/restock'
import type * as restock from '../../../contract/values/restock'
import { useActing } from '../../../ui/acting'
import { Box, Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import classes from './plan.module.css'
import type { PlanView } from './usePlan'

const planWords = words.plan
type Wish = z.input<typeof restock.wish>

interface Props {
  readonly view: PlanView
  readonly title: string
  readonly keep: Wish
  readonly not: Wish
}

export function KeepOrNot({ view, title, keep, not }: Props) {
  const { run, busy } = useActing()
  const kept = view.wishes.find(({ wish }) => isAbout(wish, keep))
  if (kept)
    return (
      <Row as="span" gap={3} align="center" justify="end" wrap className={classes.presses}>
        <Box as="em" size={2} tone="second">
          {planWords.pinned}
        </Box>
        <Button
          kind="plain"
          disabled={busy}
          aria-label={`${planWords.release}: ${title}`}
          onClick={() =>
            void run(removeWish, { params: { wishId: kept.id } }, planWords.didRelease)
          }
        >
          {planWords.release}
        </Button>
      </Row>
    )
  return (
    <Row as="span" gap={3} align="center" justify="end" wrap className={classes.presses}>
      <Button
        kind="plain"
        disabled={busy}
        aria-label={`${planWords.pin}: ${title}`}
        onClick={() => void run(addWish, { body: keep }, planWords.didPin)}
      >
        {planWords.pin}
      </Button>
      <Button
        kind="plain"
        disabled={busy}
        aria-label={`${planWords.forbid}: ${title}`}
        onClick={() => void run(addWish, { body: not }, planWords.didForbid)}
      >
        {planWords.forbid}
      </Button>
    </Row>
  )
}

function isAbout(wish: PlanView['wishes'][number]['wish'], keep: Wish): boolean {
  if (wish.kind === 'carry' && keep.kind === 'carry')
    return wish.lotId === keep.lotId && wish.pocketId === keep.pocketId && wish.to === keep.to
  return (
    wish.kind === 'buy' &&
    keep.kind === 'buy' &&
    wish.itemId === keep.itemId &&
    wish.shop === keep.shop
  )
}
