/** What belongs in another kit of this place: each moved with one press; and what belongs at no kit of it. */
import { actOnMany } from '../../../../contract/stock'
import { useActing } from '../../../../ui/acting'
import { Box, Row } from '../../../../ui/Box'
import { Button, ButtonLink } from '../../../../ui/Button'
import * as words from '../../../../words'
import type { LayoutData } from './useArranging'

const arrangeWords = words.kits.arrange

interface Props {
  readonly data: LayoutData
  readonly onMoved: () => void
}

export function OtherKits({ data, onMoved }: Props) {
  const { run, refreshed, busy } = useActing()
  const { misplaced } = data
  if (misplaced.length === 0) return null
  const move = async ({ key, title, pocketId, to }: (typeof misplaced)[number]) => {
    const lots = data.lots.find((one) => one.key === key)?.holdings ?? []
    const result = await run(
      actOnMany,
      {
        body: {
          deed: { kind: 'move', to: to.pocketId },
          holdings: lots.map((lot) => ({ ...lot, pocketId })),
        },
      },
      arrangeWords.movedTo(title, to.kit),
    )
    if (!result) return
    await refreshed()
    onMoved()
  }
  return (
    <section aria-label={arrangeWords.elsewhere}>
      <Box as="h2" size={4}>
        {arrangeWords.elsewhere}
      </Box>
      <ul>
        {misplaced.map((one) => (
          <Box as="li" lineBelow="hairline" padY={3} key={one.key}>
            <Row gap={4} align="center" wrap>
              <b>{one.title}</b>
              <Box as="small" tone="second">
                {one.made === 'animals' ? arrangeWords.forAnimals : arrangeWords.forPeople}
              </Box>
              <Button busy={busy} onClick={() => void move(one)}>
                {arrangeWords.toKit(one.to.kit, one.to.pocket)}
              </Button>
            </Row>
          </Box>
        ))}
      </ul>
    </section>
  )
}

/** Whatever the layout, frost or heat would harm these here. */
export function NotHere({ data }: Pick<Props, 'data'>) {
  if (data.unfit.length === 0) return null
  return (
    <Box as="section" above={5} aria-label={words.storage.notHere}>
      <Box as="h2" size={4}>
        {words.storage.notHere}
      </Box>
      {data.unfit.map((one) => (
        <Box as="p" size={2} key={one.code} breakable>
          {words.storage.unfit(one)} {words.storage.unfitThings(one.titles)}
        </Box>
      ))}
      <ButtonLink kind="quiet" href="/restock/plan">
        {words.storage.toPlan}
      </ButtonLink>
    </Box>
  )
}
