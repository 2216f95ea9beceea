/** What the keeper wants of the plan: every kept or forbidden line, to be given back to it. */

import { removeWish } from '../../../contract/restock'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import classes from './plan.module.css'
import type { PlanView } from './usePlan'

const planWords = words.plan

export function Wishes({ view }: { readonly view: PlanView }) {
  const { run, busy } = useActing()
  if (view.wishes.length === 0) return null
  return (
    <Stack
      loose
      as="section"
      gap={4}
      padX={6}
      padY={5}
      line="seam"
      radius={2}
      className={classes.box}
      aria-label={planWords.wishes}
    >
      <Box as="h2" size={3}>
        {planWords.wishes}
      </Box>
      <Stack as="ul" gap={4}>
        {view.wishes.map(({ id, wish }) => (
          <Row as="li" gap={4} align="center" justify="between" size={2} key={id}>
            <span>{sentence(view, wish)}</span>
            <Button
              kind="plain"
              disabled={busy}
              onClick={() => void run(removeWish, { params: { wishId: id } }, planWords.didRelease)}
            >
              {planWords.release}
            </Button>
          </Row>
        ))}
      </Stack>
    </Stack>
  )
}

function sentence(view: PlanView, wish: PlanView['wishes'][number]['wish']): string {
  if (wish.kind === 'buy' || wish.kind === 'no_buy') {
    const title = view.things.find(({ itemId }) => itemId === wish.itemId)?.title
    if (title === undefined) return planWords.wish.gone
    return wish.kind === 'buy'
      ? planWords.wish.buy(wish.packs, title)
      : planWords.wish.no_buy(title)
  }
  const at = view.shelves.findIndex(
    ({ lotId, pocketId }) => lotId === wish.lotId && pocketId === wish.pocketId,
  )
  const title = view.things[view.problem.shelves[at]?.thing ?? -1]?.title
  const to = view.lines.find(({ pocketId }) => pocketId === wish.to)
  if (title === undefined || !to) return planWords.wish.gone
  const where = `${to.pocket}, ${to.kit}`
  return wish.kind === 'carry'
    ? planWords.wish.carry(wish.amount, title, where)
    : planWords.wish.no_carry(title, where)
}
