/** Line by line: where each thing comes from, what it is there for, and how to leave it at home. */

import type { PackLine } from '../../core/trips/lines'
import type { TripPlan } from '../../core/trips/plan'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { FirstOf } from '../../ui/FirstOf'
import * as words from '../../words'
import { counted } from '../../words/frame/format'
import type { Cover } from '../cover/useCover'
import { pocketName, type TripPatch, type TripView } from './view'

const tripWords = words.trips

interface Props {
  readonly view: TripView
  readonly cover: Cover
  readonly plan: TripPlan
  readonly onChange: (patch: TripPatch) => void
}

/** Nobody reads more reasons than these. */
const FEW_REASONS = 3

export function Whys({ view, cover, plan, onChange }: Props) {
  if (plan.lines.length === 0) return null
  const { wishes } = view.trip
  return (
    <Box as="section" above={7} aria-label={tripWords.whys}>
      <Box as="h2" size={4} below={3}>
        {tripWords.whys}
      </Box>
      <FirstOf all={plan.lines} atOnce={60}>
        {(shown) => (
          <Stack as="ul" gap={1}>
            {shown.map((line) => {
              const itemId = cover.laid.things[line.thing]?.itemId
              return (
                <Row
                  as="li"
                  key={`${line.bag}/${line.thing}`}
                  gap={5}
                  align="start"
                  justify="between"
                  padY={3}
                  lineBelow="hairline"
                >
                  <Box shrink>
                    <b>{line.title}</b> {counted(line.amount, line.unit)}
                    <Box as="p" size={2} tone="second">
                      {aboutLine(view, cover, line)}
                    </Box>
                  </Box>
                  {itemId && (
                    <Button
                      kind="quiet"
                      aria-label={tripWords.wish.leave(line.title)}
                      onClick={() =>
                        onChange({
                          wishes: {
                            ...wishes,
                            keep: wishes.keep.filter((one) => one !== itemId),
                            leave: [...wishes.leave, itemId],
                          },
                        })
                      }
                    >
                      {tripWords.wish.leaveShort}
                    </Button>
                  )}
                </Row>
              )
            })}
          </Stack>
        )}
      </FirstOf>
    </Box>
  )
}

const isWished = ({ trip }: TripView, { laid }: Cover, { thing }: PackLine): boolean =>
  trip.wishes.keep.some((itemId) => itemId === laid.things[thing]?.itemId)

/** Each problem once, with whom it is for where that is one of them. */
function namesOf({ reasons }: PackLine, { memberName }: Cover): readonly string[] {
  const who = new Map<string, Set<string>>()
  for (const { need, members } of reasons)
    who.set(need, new Set([...(who.get(need) ?? []), ...members]))
  return [...who].map(([need, members]) => {
    const [only, ...others] = members
    return only && others.length === 0 ? tripWords.why.whom(need, memberName(only)) : need
  })
}

function aboutLine(view: TripView, cover: Cover, line: PackLine): string {
  const names = namesOf(line, cover)
  const [from] = line.from
  const pocket = from && pocketName(view, from.pocketId)
  return [
    names.length === 0
      ? isWished(view, cover, line)
        ? tripWords.why.wished
        : tripWords.why.beside
      : tripWords.why.for(
          names.length > FEW_REASONS
            ? [...names.slice(0, FEW_REASONS), tripWords.why.more(names.length - FEW_REASONS)]
            : names,
        ),
    ...(pocket ? [tripWords.why.from(pocket.name, pocket.kit, pocket.place)] : []),
    tripWords.why.into(cover.kitName(line.bag)),
    ...(from?.through ? [tripWords.why.until(from.through)] : []),
    ...(line.withPapers ? [tripWords.bag.papers] : []),
    ...(line.sizeIsAssumed ? [tripWords.bag.assumed] : []),
  ].join(' · ')
}
