/** Cover (planning, at a desk): for every problem that can happen, whether these kits hold for these people and animals. */

import { useMemo } from 'react'
import { missingIn } from '../../core/judgement/readiness'
import { isUnsaid } from '../../core/watch/ofThings'
import { Box, Row } from '../../ui/Box'
import { Chip } from '../../ui/Button'
import { Explain } from '../../ui/Explain'
import { Frame, type Strap } from '../../ui/Frame'
import { type InAddress, useKept } from '../../ui/useKept'
import * as words from '../../words'
import { BoardGrid } from './BoardGrid'
import { CoverTabs } from './CoverTabs'
import { byKits, byMembers } from './columns'
import classes from './cover.module.css'
import { LeftOut } from './LeftOut'
import { Nothing } from './Nothing'
import { type CoverView, useCover } from './useCover'
import { useQuestion } from './useQuestion'
import { WhatIf } from './WhatIf'

interface Props {
  readonly strap: Strap
  readonly initial: CoverView
  readonly place: string | null
  readonly address: InAddress
}

export const CoverScreen = (props: Props) => (
  <Frame tab="cover" strap={props.strap} place={props.place}>
    <CoverTabs part="board" place={props.place} />
    <CoverBoard {...props} />
  </Frame>
)

const coverWords = words.cover

function CoverBoard({ initial, place: chosen, address }: Props) {
  const cover = useCover(initial)
  const asked = useQuestion(cover, chosen, address)
  const [by, setBy] = useKept('by', address, 'members')
  const [gapsOnly, setGapsOnly] = useKept('show', address, 'all')
  const onlyGaps = gapsOnly === 'gaps'
  const { question, place } = asked
  const people = useMemo(() => question && byMembers(cover, question), [cover, question])
  const kits = useMemo(
    () => (by === 'kits' && question ? byKits(cover, question) : null),
    [cover, question, by],
  )
  const grid = kits ?? people
  if (!place || !people || !grid)
    return (
      <Nothing
        title={coverWords.title}
        text={coverWords.noPlaces}
        href="/begin?step=places"
        to={words.ways.places}
      />
    )
  if (cover.view.members.length === 0)
    return (
      <Nothing
        title={coverWords.title}
        text={coverWords.noMembers}
        href="/begin?step=members"
        to={words.ways.members}
      />
    )
  const { readiness } = people
  const gaps = missingIn(readiness).flatMap(({ tier, name }) => (tier === 'life' ? [name] : []))
  const ranges = [...new Set(question?.expected?.map(({ range }) => range))]
  const unmatched = cover.view.items.filter((item) => isUnsaid(item, cover.view.courses)).length
  return (
    <>
      <Box as="header" below={5}>
        <Row gap={4} align="center" wrap>
          <h1>{coverWords.headline(place.name, gaps, readiness.of)}</h1>
          <Explain id="ready" />
        </Row>
        <Box measure as="p" size={3} className="second">
          {coverWords.under(readiness)}
        </Box>
      </Box>
      <WhatIf cover={cover} asked={asked} />
      <Row gap={5} align="center" wrap above={5} below={4} className="no-print">
        <Row as="fieldset" gap={3} wrap shrink className={classes.choices}>
          <Box as="legend" below={2} size={2} weight="bold" className="visually-hidden">
            {coverWords.by.label}
          </Box>
          {(['members', 'kits'] as const).map((one) => (
            <Chip key={one} pressed={by === one} onClick={() => setBy(one)}>
              {coverWords.by[one]}
            </Chip>
          ))}
          <Chip pressed={onlyGaps} onClick={() => setGapsOnly(onlyGaps ? 'all' : 'gaps')}>
            {coverWords.onlyGaps}
          </Chip>
        </Row>
        <Box as="p" size={2} tone="second">
          {coverWords.legend}
        </Box>
        <Explain id="cell" />
      </Row>
      <BoardGrid
        cover={cover}
        grid={grid}
        onlyGaps={onlyGaps}
        onToggle={by === 'members' ? asked.toggleMember : asked.toggleKit}
        onWithout={asked.toggleItem}
        placeId={place.id}
      />
      <Box as="p" size={2} tone="second" below={4}>
        {coverWords.notExpected(ranges.map((range) => words.kits.mat.ranges[range]))}
      </Box>
      <LeftOut cover={cover} placeId={place.id} />
      {unmatched > 0 && (
        <Box edge="accent" as="p" padX={5} padY={3} below={4} size={2} surface="canvas">
          {coverWords.unmatched(unmatched)} <a href="/cover/items">{coverWords.match}</a>
        </Box>
      )}
    </>
  )
}
