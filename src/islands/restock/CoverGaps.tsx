/** What the board lacks and no target asks for: got or carried with one press, as on Watch. */
import { useState } from 'react'
import { GRAVITIES } from '../../core/watch/errand'
import { Box } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { ErrandCards } from '../watch/ErrandCards'
import type { Errand } from '../watch/view'

const gapWords = words.shopping.gaps
/** So many are shown at first, the gravest. */
const FIRST = 6

export function CoverGaps({ gaps }: { readonly gaps: readonly Errand[] }) {
  const { today } = useStrap()
  const [all, setAll] = useState(false)
  if (gaps.length === 0) return null
  const byGravity = [...gaps].sort(
    (a, b) => GRAVITIES.indexOf(a.gravity) - GRAVITIES.indexOf(b.gravity),
  )
  return (
    <Box as="section" above={6} aria-label={gapWords.title} className="no-print">
      <Box as="h2" size={4}>
        {gapWords.title}
      </Box>
      <Box as="p" tone="second" below={4}>
        {gapWords.under}
      </Box>
      <ErrandCards errands={all ? byGravity : byGravity.slice(0, FIRST)} today={today} />
      {!all && gaps.length > FIRST && (
        <Button onClick={() => setAll(true)}>{words.watch.showAll(gaps.length)}</Button>
      )}
    </Box>
  )
}
