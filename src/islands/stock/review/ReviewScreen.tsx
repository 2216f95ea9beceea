/** What is carried without need, and where to look next (planning): to think about, never to obey. */

import { useQuery } from '@tanstack/react-query'
import { readReview } from '../../../contract/stock'
import { call } from '../../../device/call'
import { Box, Stack } from '../../../ui/Box'
import { FirstOf } from '../../../ui/FirstOf'
import { Frame, type Strap } from '../../../ui/Frame'
import { ToCome } from '../../../ui/ToCome'
import * as words from '../../../words'
import { KitTabs } from '../../kits/KitTabs'
import { Looks } from './Looks'
import { ReviewItem } from './ReviewItem'

const reviewWords = words.stock.review
const KINDS = ['verdict', 'duplicate', 'idle'] as const

interface Props {
  readonly strap: Strap
  readonly place: string | null
}

export const ReviewScreen = (props: Props) => (
  <Frame tab="kits" strap={props.strap} place={props.place}>
    <KitTabs part="review" place={props.place} />
    <Reviewed {...props} />
  </Frame>
)

function Reviewed({ strap, place }: Props) {
  const { data } = useQuery({ queryKey: ['review'], queryFn: () => call(readReview) })
  if (!data) return <ToCome said={reviewWords.loading} />
  const lines = data.lines.filter(
    ({ at }) => place === null || at.some(({ placeId }) => placeId === place),
  )
  return (
    <Stack columns="minmax(0, 1fr) 20rem" collapse gap={7} align="start">
      <section>
        <Box as="header" below={5}>
          <h1>{reviewWords.title(lines.length)}</h1>
          <p className="second">
            {reviewWords.intro} {reviewWords.kept(data.kept)}
          </p>
        </Box>
        {KINDS.map((kind) => {
          const of = lines.filter(({ reason }) => reason.kind === kind)
          return of.length === 0 ? null : (
            <Box
              asides="beside"
              as="section"
              below={7}
              key={kind}
              aria-label={reviewWords.reasons[kind]}
            >
              <Box as="h2" size={4} lineBelow="dashed">
                {reviewWords.reasons[kind]} <small>{of.length}</small>
              </Box>
              <FirstOf all={of}>
                {(shown) => (
                  <ul>
                    {shown.map((line) => (
                      <ReviewItem key={line.key} line={line} today={strap.today} />
                    ))}
                  </ul>
                )}
              </FirstOf>
            </Box>
          )
        })}
      </section>
      <Looks looks={data.looks} place={place} today={strap.today} />
    </Stack>
  )
}
