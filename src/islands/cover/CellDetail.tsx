/** Why a cell is as it is: the lots and where they lie, what is held back, what would close the gap. */

import { IconX } from '@tabler/icons-react'
import { useMemo } from 'react'
import type { Closing } from '../../core/cover/closing'
import { explain, type PartAnswer, type WayAnswer } from '../../core/cover/explain'
import type { Need, Way as WayOfNeed } from '../../core/cover/need'
import type { PlaceId } from '../../core/ids'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { type GridCell, PARTY } from './columns'
import classes from './cover.module.css'
import { LeaveOut } from './LeftOut'
import type { Cover } from './useCover'

const coverWords = words.cover

interface Props {
  readonly cover: Cover
  readonly need: Need
  readonly cell: GridCell
  readonly whom: string
  readonly onClose: () => void
  readonly onWithout: (itemId: string) => void
  readonly placeId: PlaceId
}

export function CellDetail({ cover, need, cell, whom, onClose, onWithout, placeId }: Props) {
  const { laid, memberName } = cover
  const explained = useMemo(
    () => explain(laid, cell.question, need, cell.memberId),
    [laid, cell, need],
  )
  const title = [
    need.name,
    cell.column === PARTY ? coverWords.everybody : whom,
    cell.memberId && whom !== memberName(cell.memberId) ? memberName(cell.memberId) : '',
  ]
  return (
    <section className={classes.detail} aria-label={title.filter(Boolean).join(', ')}>
      <Row as="header" gap={6} align="baseline" justify="between">
        <Box as="h3" size={4}>
          {title.filter(Boolean).join(' · ')}: {coverWords.states[cell.state]}
        </Box>
        <Button kind="close" onClick={onClose} aria-label={words.find.close} icon={IconX} />
      </Row>
      {need.call && (
        <Box as="p" below={4}>
          <b>{coverWords.callFirst}:</b> {need.call}
        </Box>
      )}
      <Ways
        cover={cover}
        ways={explained.ways}
        chosen={need.ways[cell.way ?? -1] ?? null}
        onWithout={onWithout}
      />
      <ClosingList cover={cover} closings={explained.closings} />
      {explained.cautions.map((caution) => (
        <Box edge="turning" as="p" above={4} size={2} key={caution}>
          {coverWords.caution}: {caution}
        </Box>
      ))}
      <Box as="p" above={4} size={2} tone="second">
        {coverWords.sourceOf(need.source)}
      </Box>
      <LeaveOut
        need={need}
        placeId={placeId}
        member={cell.memberId && { id: cell.memberId, name: memberName(cell.memberId) }}
      />
    </section>
  )
}

/** Every way that the household allows, with the lots by which it is met. */
export const Ways = ({
  cover,
  ways,
  chosen,
  onWithout,
}: {
  readonly cover: Cover
  readonly ways: readonly WayAnswer[]
  readonly chosen: WayOfNeed | null
  /** Thinks an item away; where nothing is tried out, it cannot be. */
  readonly onWithout?: (itemId: string) => void
}) => (
  <Stack columns="repeat(auto-fit, minmax(17rem, 1fr))" gap={4}>
    {ways.map((way) => (
      <Way
        key={way.way.name}
        answer={way}
        chosen={chosen === way.way}
        cover={cover}
        {...(onWithout && { onWithout })}
      />
    ))}
  </Stack>
)

export function ClosingList({
  cover,
  closings,
}: {
  readonly cover: Cover
  readonly closings: readonly Closing[]
}) {
  const { habits } = useStrap()
  if (closings.length === 0) return null
  return (
    <Box above={4} className={classes.closes}>
      <Box as="h4" size={3} weight="bold" face="text">
        {coverWords.closes}
      </Box>
      <ul>
        {closings.map((closing) => (
          <Box as="li" padY={1} key={closing.way}>
            {coverWords.closing(closing, cover.kitName, habits.currency)}{' '}
            <small>{coverWords.afterIt(closing.becomes)}</small>
          </Box>
        ))}
      </ul>
    </Box>
  )
}

function Way({
  answer,
  chosen,
  cover,
  onWithout,
}: {
  readonly answer: WayAnswer
  readonly chosen: boolean
  readonly cover: Cover
  readonly onWithout?: (itemId: string) => void
}) {
  const { today } = useStrap()
  const held = [
    ...new Map(
      answer.parts
        .flatMap((part) => part.held)
        .map((one) => [`${one.title}/${one.kitId}`, one] as const),
    ).values(),
  ]
  return (
    <Box
      asides="below"
      padX={5}
      padY={4}
      surface="paper"
      line="dashed"
      radius={2}
      className={classes.way}
      data-chosen={chosen}
    >
      <Box as="h4" below={2} size={3} weight="bold" face="text">
        <small>{answer.first ? coverWords.first : coverWords.planB}</small> {answer.way.name}
      </Box>
      <ul>
        {answer.fromTap.map((part) => (
          <Box as="li" padY={2} lineBelow="hairline" key={part.any.join()}>
            {coverWords.anyOf(part.any)} <small>{coverWords.fromTap}</small>
          </Box>
        ))}
        {answer.parts.map((part) => (
          <PartLine
            key={part.part?.any.join() ?? part.sources[0]?.title ?? 'own'}
            part={part}
            cover={cover}
            {...(onWithout && { onWithout })}
          />
        ))}
      </ul>
      {held.length > 0 && (
        <Box above={4}>
          <Box as="h5" size={2}>
            {coverWords.heldBack}
          </Box>
          <ul>
            {held.slice(0, 6).map((one) => (
              <Box padY={2} lineBelow="hairline" as="li" size={2} key={`${one.title}/${one.kitId}`}>
                {one.title}{' '}
                <small>{one.why.map((why) => coverWords.why(why, today)).join('; ')}</small>
              </Box>
            ))}
          </ul>
        </Box>
      )}
    </Box>
  )
}

function PartLine({
  part,
  cover,
  onWithout,
}: {
  readonly part: PartAnswer
  readonly cover: Cover
  readonly onWithout?: (itemId: string) => void
}) {
  return (
    <Box as="li" padY={2} lineBelow="hairline" data-missing={part.missing > 0}>
      <span>
        {coverWords.part(part.part, part.uses)}
        {part.missing > 0 && <b> {coverWords.missing(part.missing)}</b>}
      </span>
      {part.minutesAway !== null && (
        <Box as="p" edge="turning" size={2}>
          {coverWords.farAway(part.minutesAway)}
        </Box>
      )}
      {part.sources.map((source) => {
        const item = cover.laid.things.find(({ title }) => title === source.title)?.itemId
        return (
          <small key={source.lotId + source.pocket.id}>
            <a href={`/kits/${source.kitId}?lot=${source.lotId}`}>
              {coverWords.source(
                source.title,
                source.uses,
                `${source.pocket.name}, ${cover.kitName(source.kitId)}`,
                source.seconds,
              )}
            </a>
            {item && onWithout && (
              <Button kind="plain" onClick={() => onWithout(item)}>
                {coverWords.takeAway(source.title)}
              </Button>
            )}
          </small>
        )
      })}
    </Box>
  )
}
