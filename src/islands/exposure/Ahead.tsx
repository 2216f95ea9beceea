/** What the model sees coming, and what to bring out of its way. */

import { Box, Stack } from '../../ui/Box'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import type { ExposureView } from './view'

const aheadWords = words.exposure.ahead
const MOST_NAMED = 6

export function Ahead({ view }: { readonly view: ExposureView }) {
  const { today } = useStrap()
  const name = (id: string) => view.places.find((one) => one.id === id)?.name ?? ''
  const isAsked = view.places.every(({ year }) => year === null)
  return (
    <Box as="section" above={6} aria-label={aheadWords.title}>
      <Box as="h2" size={4} below={3}>
        {aheadWords.title}
      </Box>
      {view.ahead.length === 0 && <p>{isAsked ? aheadWords.noYear : aheadWords.none}</p>}
      <Stack as="ul" gap={4}>
        {view.ahead.map(({ placeId, code, on, hundredths, things }) => {
          const titles = [...new Set(things.map(({ title }) => title))]
          const named = titles.slice(0, MOST_NAMED)
          return (
            <Box as="li" key={`${placeId}${code}`} pad={4} radius={2} surface="turning">
              <Box as="h3" size={3} breakable>
                {aheadWords[code](name(placeId), on, today, hundredths)}
              </Box>
              <Box as="p" size={2}>
                {aheadWords.move([
                  ...named,
                  ...(titles.length > named.length
                    ? [words.trips.why.more(titles.length - named.length)]
                    : []),
                ])}
              </Box>
            </Box>
          )
        })}
      </Stack>
      {view.unfit.map((one) => (
        <Box as="section" above={4} key={`${one.placeId}${one.code}`}>
          <Box as="h3" size={3} breakable>
            {name(one.placeId)}: {words.storage.unfit(one)}
          </Box>
          <Box as="p" size={2} breakable>
            {words.storage.unfitThings(one.titles)}
          </Box>
        </Box>
      ))}
    </Box>
  )
}
