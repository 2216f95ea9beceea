/** What the board lacks and no target asks for: got or carried with one press, as on Watch. */
import { Box, Stack } from '../../ui/Box'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { ErrandCard } from '../watch/ErrandRow'
import type { Errand } from '../watch/view'

const gapWords = words.restock.shopping.gaps

export function CoverGaps({ gaps }: { readonly gaps: readonly Errand[] }) {
  const { places, today } = useStrap()
  if (gaps.length === 0) return null
  return (
    <Box as="section" above={6} aria-label={gapWords.title} className="no-print">
      <Box as="h2" size={4}>
        {gapWords.title}
      </Box>
      <Box as="p" tone="second" below={4}>
        {gapWords.under}
      </Box>
      <Stack columns="repeat(auto-fit, minmax(19rem, 1fr))" collapse as="ul" gap={5}>
        {gaps.map((errand) => {
          const at = places.find(({ id }) => id === errand.placeId)
          return (
            <ErrandCard
              key={errand.key}
              errand={errand}
              place={at?.name ?? ''}
              hue={at?.hue}
              today={today}
            />
          )
        })}
      </Stack>
    </Box>
  )
}
