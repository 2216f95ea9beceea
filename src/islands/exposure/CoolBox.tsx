/** What an insulated box would change: asked before one is bought. */
import { Box } from '../../ui/Box'
import * as words from '../../words'
import type { ExposureView } from './view'

const boxWords = words.exposure.box

export function CoolBox({ change }: { readonly change: NonNullable<ExposureView['box']> }) {
  const { hotDays, hotDaysBoxed, frostDays, frostDaysBoxed } = change
  const said = [
    ...(hotDaysBoxed < hotDays ? [boxWords.hot(hotDays, hotDaysBoxed)] : []),
    ...(frostDaysBoxed < frostDays ? [boxWords.frost(frostDays, frostDaysBoxed)] : []),
  ]
  return (
    <Box as="section" above={6} aria-label={boxWords.title}>
      <Box as="h2" size={4} below={2}>
        {boxWords.title}
      </Box>
      <p>{said.length === 0 ? boxWords.little : said.join(' ')}</p>
    </Box>
  )
}
