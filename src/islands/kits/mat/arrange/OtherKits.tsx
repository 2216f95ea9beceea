/** What belongs in another kit of this place: each moved with one press. */
import { actOnMany } from '../../../../contract/stock'
import { useActing } from '../../../../ui/acting'
import { Box, Row } from '../../../../ui/Box'
import { Button } from '../../../../ui/Button'
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
