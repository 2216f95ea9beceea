/** Where to look next: pockets whose counts have faded most. */

import type { PlainDate } from '../../../core/calendar/plainDate'
import { Box, Stack } from '../../../ui/Box'
import { useStrap } from '../../../ui/Frame'
import * as words from '../../../words'
import classes from './review.module.css'
import type { Review } from './view'

const reviewWords = words.stock.review

interface Props {
  readonly looks: Review['looks']
  readonly place: string | null
  readonly today: PlainDate
}

export function Looks({ looks, place, today }: Props) {
  const { places } = useStrap()
  const here = looks.filter(({ placeId, gain }) => gain > 0 && (!place || placeId === place))
  return (
    <Box
      as="aside"
      pad={6}
      surface="paper"
      line="seam"
      radius={2}
      className={classes.looks}
      aria-label={reviewWords.looks}
    >
      <Box as="h2" size={4}>
        {reviewWords.looks}
      </Box>
      <Box as="p" size={2} className="second">
        {reviewWords.looksIntro}
      </Box>
      {here.length === 0 && (
        <Box as="p" size={2}>
          {reviewWords.allSure}
        </Box>
      )}
      <Stack as="ol" gap={5} above={5}>
        {here.map((look) => (
          <Box
            as="li"
            edge="hue"
            key={look.pocketId}
            data-hue={places.find(({ id }) => id === look.placeId)?.hue}
          >
            <Stack
              unlined
              as="a"
              size={2}
              tone="ink"
              href={`/kits/${look.kitId}?pocket=${look.pocketId}`}
            >
              <b>{look.pocket}</b>
              <span>
                {look.kit}, {look.place}
              </span>
            </Stack>
            <Box
              as="span"
              above={2}
              below={1}
              line="seam"
              radius={1}
              block
              className={classes.sureBar}
              aria-hidden
            >
              <Box as="i" block style={{ width: `${look.sure}%` }} />
            </Box>
            <Box as="small" size={1} tone="second">
              {[
                reviewWords.sureNow(look.sure),
                reviewWords.oldest(look.oldest?.on ?? null, today),
                reviewWords.look(look.lots, Math.max(1, Math.round(look.seconds / 60))),
                reviewWords.next(look.next, today),
              ]
                .filter(Boolean)
                .join(' · ')}
            </Box>
          </Box>
        ))}
      </Stack>
    </Box>
  )
}
