/** What is still missing, what saves a life first, each with the cheapest way out. */

import type { PlanGap, TripPlan } from '../../core/trips/plan'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { FirstOf } from '../../ui/FirstOf'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { list } from '../../words/frame/format'
import type { Cover } from '../cover/useCover'
import type { TripPatch, TripView } from './view'

const missingWords = words.trips.missing

interface Props {
  readonly view: TripView
  readonly cover: Cover
  readonly plan: TripPlan | null
  readonly onChange: (patch: TripPatch, said?: string) => void
}

/** Nothing of this household is a way out where there is no room for it, or where others need it. */
function wayOut(
  { because, closings }: PlanGap,
  said: (closing: PlanGap['closings'][number]) => string,
): readonly string[] {
  const way = closings.find(
    ({ steps }) => because === 'lacking' || steps.every(({ kind }) => kind === 'buy'),
  )
  if (because === 'room') return []
  return [way ? said(way) : because === 'lacking' ? missingWords.noWay : missingWords.bare]
}

/** The same problem in several parts of the party is one line. */
interface Line extends PlanGap {
  readonly stops: readonly string[]
}

export function linesOf({ trip }: TripView, gaps: readonly PlanGap[]): readonly Line[] {
  const lines = new Map<string, Line>()
  for (const gap of gaps) {
    const stop = trip.stops[gap.scene]?.name ?? ''
    const key = `${gap.needId}/${gap.because}`
    const known = lines.get(key)
    lines.set(
      key,
      known
        ? {
            ...known,
            members: [...new Set([...known.members, ...gap.members])],
            stops: [...new Set([...known.stops, stop])],
          }
        : { ...gap, stops: [stop] },
    )
  }
  return [...lines.values()]
}

export function Missing({ view, cover, plan, onChange }: Props) {
  const { habits } = useStrap()
  if (!plan || view.trip.bags.length === 0) return null
  const lines = linesOf(view, plan.gaps)
  const { wishes } = view.trip
  return (
    <Box as="section" above={6} aria-label={missingWords.title}>
      <Box as="h2" size={4} below={2}>
        {lines.length === 0 ? missingWords.none : missingWords.title}
      </Box>
      <FirstOf all={lines} atOnce={8}>
        {(shown) => (
          <Stack as="ul" gap={1}>
            {shown.map((line) => (
              <Row
                as="li"
                key={`${line.needId}/${line.because}`}
                gap={5}
                align="start"
                justify="between"
                padY={3}
                lineBelow="hairline"
              >
                <Box shrink>
                  <Box as="b" tone={line.tier === 'life' ? 'bad' : 'ink'}>
                    {missingWords.at(line.name, line.members.map(cover.memberName))}
                  </Box>
                  <Box as="p" size={2} tone="second">
                    {[
                      ...(view.trip.stops.length > 1
                        ? [
                            line.stops.length === view.trip.stops.length
                              ? missingWords.everywhere
                              : words.trips.why.at(list(line.stops)),
                          ]
                        : []),
                      ...(line.because === 'lacking' ? [] : [missingWords.because[line.because]]),
                      ...wayOut(line, (closing) =>
                        words.cover.closing(closing, cover.kitName, habits.currency),
                      ),
                    ].join(' · ')}
                  </Box>
                </Box>
                <Button
                  kind="plain"
                  aria-label={missingWords.withoutLabel(line.name)}
                  onClick={() =>
                    onChange({
                      wishes: { ...wishes, without: [...wishes.without, line.needId] },
                    })
                  }
                >
                  {missingWords.without}
                </Button>
              </Row>
            ))}
          </Stack>
        )}
      </FirstOf>
      {plan.secondChoice.map(({ scene, name }) => (
        <Box as="p" key={`${scene}/${name}`} size={2} tone="second" above={2}>
          {name}, {view.trip.stops[scene]?.name}: {missingWords.second}
        </Box>
      ))}
    </Box>
  )
}
