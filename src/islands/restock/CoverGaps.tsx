/** What the board lacks and no target asks for: got or carried with one press, as on Watch. */
import { Box } from '../../ui/Box'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { ErrandCards } from '../watch/ErrandCards'
import type { Errand } from '../watch/view'

const gapWords = words.restock.shopping.gaps

export function CoverGaps({ gaps }: { readonly gaps: readonly Errand[] }) {
  const { today } = useStrap()
  if (gaps.length === 0) return null
  return (
    <Box as="section" above={6} aria-label={gapWords.title} className="no-print">
      <Box as="h2" size={4}>
        {gapWords.title}
      </Box>
      <Box as="p" tone="second" below={4}>
        {gapWords.under}
      </Box>
      <ErrandCards errands={gaps} today={today} />
    </Box>
  )
}
