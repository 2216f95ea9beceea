/** Who is where on which day, how ready each part of them is, and how far help is there. */
import type { TripPlan } from '../../core/trips/plan'
import { lastDay, type Stop } from '../../core/trips/trip'
import { Box, Row, Stack } from '../../ui/Box'
import * as words from '../../words'
import type { Cover } from '../cover/useCover'
import { Strands } from './Strands'
import type { TripView } from './view'

const tripWords = words.trips

interface Props {
  readonly view: TripView
  readonly cover: Cover
  readonly plan: TripPlan | null
  /** @returns whether it was saved */
  readonly onMove: (stops: readonly Stop[]) => Promise<boolean>
}

export function Stops({ view, cover, plan, onMove }: Props) {
  const { trip, today } = view
  const missing = (at: number): number =>
    plan && trip.bags.length > 0 ? (plan.scenes[at]?.missing.length ?? 0) : 0
  return (
    <section aria-label={tripWords.strands}>
      <Strands stops={trip.stops} missing={missing} {...(lastDay(trip) >= today && { onMove })} />
      <Stack as="ul" gap={4}>
        {trip.stops.map((stop, at) => {
          const scene = plan?.scenes[at]
          const numbers = view.numbers.find((one) => one.stop === stop.id)
          return (
            <Box as="li" key={stop.id} padY={2} lineBelow="hairline">
              <Row gapX={5} gapY={1} justify="between" wrap>
                <Box as="h2" size={3} breakable>
                  {tripWords.strandAbout(
                    stop.name,
                    stop.members.map(cover.memberName),
                    stop.from,
                    stop.to,
                    today,
                  )}
                </Box>
                {scene && trip.bags.length > 0 && (
                  <Box as="b" nowrap>
                    {scene.isOver ? tripWords.left : tripWords.readyHere(scene.ready, scene.of)}
                  </Box>
                )}
              </Row>
              <Box as="p" size={2} tone="second">
                {[
                  tripWords.travel[stop.travel],
                  tripWords.toHelp(stop.minutesToHelp),
                  ...(numbers?.emergency ? [tripWords.sheets.emergency(numbers.emergency)] : []),
                  ...(numbers?.poison ? [tripWords.sheets.poison(numbers.poison)] : []),
                ].join(' · ')}
              </Box>
              {stop.note !== '' && (
                <Box as="p" size={2} tone="second" breakable>
                  {stop.note}
                </Box>
              )}
            </Box>
          )
        })}
      </Stack>
    </section>
  )
}
