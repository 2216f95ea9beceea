/**
 * If something happens to somebody, somewhere, on a day (planning; also in a hurry): what is there, how
 * soon it is reached, who can use it, what is missing, and where else it is ready.
 */

import { Select } from '@mantine/core'
import { useMemo, useState } from 'react'
import { isPlainDate } from '../../core/calendar/plainDate'
import { isSkillId } from '../../core/catalogue/skills'
import { TIERS } from '../../core/cover/need'
import { canHappen, ifHappens } from '../../core/judgement/ifHappens'
import { problemId } from '../../core/judgement/readiness'
import { Box, Row, Stack } from '../../ui/Box'
import { DayField } from '../../ui/DayField'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { ClosingList, Ways } from './CellDetail'
import { Choices } from './Choices'
import { CoverTabs } from './CoverTabs'
import { Nothing } from './Nothing'
import { type CoverView, useCover } from './useCover'
import { WHOEVER } from './whoever'

/** From the address; each may be missing. */
export interface NamedIf {
  readonly member: string | null
  readonly need: string | null
  readonly on: string | null
  /** What a sitter was taught, by spaces; null where the household's own hands count. */
  readonly hands: string | null
}

interface Props {
  readonly strap: Strap
  readonly initial: CoverView
  readonly place: string | null
  readonly named: NamedIf
}

const ifWords = words.cover.ifHappens

export const IfScreen = (props: Props) => (
  <Frame tab="cover" strap={props.strap} place={null}>
    <CoverTabs part="if" place={props.place} />
    <IfHappens {...props} />
  </Frame>
)

function IfHappens({ initial, place: chosen, named }: Props) {
  const cover = useCover(initial)
  const { view, laid } = cover
  const { today } = useStrap()
  const [memberId, setMemberId] = useState(named.member ?? view.members[0]?.id ?? WHOEVER)
  const [placeId, setPlaceId] = useState(chosen ?? view.places[0]?.id ?? null)
  const [date, setDate] = useState(named.on && isPlainDate(named.on) ? named.on : view.today)
  const [needId, setNeedId] = useState(named.need)
  const member = laid.stock.members.find(({ id }) => id === memberId) ?? null
  const place = laid.stock.places.find(({ id }) => id === placeId) ?? laid.stock.places[0]
  const possible = useMemo(
    () => (place ? canHappen(laid, member, place, date) : []),
    [laid, member, place, date],
  )
  // A problem that was named for another kind of patient is looked for by its name.
  const need =
    possible.find(({ id }) => id === needId) ??
    possible.find((one) => problemId(one) === needId) ??
    possible[0]
  const hands = useMemo(
    () => (named.hands === null ? null : new Set(named.hands.split(' ').filter(isSkillId))),
    [named.hands],
  )
  const answer = useMemo(
    () => (place && need ? ifHappens(laid, { member, place, need, date, hands }) : null),
    [laid, member, place, need, date, hands],
  )
  if (!place)
    return (
      <Nothing
        title={ifWords.title}
        text={words.cover.noPlaces}
        href="/begin?step=places"
        to={words.ways.places}
      />
    )
  const whom = member?.name ?? words.cover.everybody
  return (
    <>
      <Box as="header" below={5}>
        <h1>
          {need && answer
            ? ifWords.headline(need.name, whom, place.name, answer.explanation.cell.state)
            : ifWords.title}
        </h1>
        {hands && <p className="second">{ifWords.withSitter}</p>}
        {need?.call && (
          <Box as="p" size={4} above={2}>
            <b>{words.cover.callFirst}:</b> {need.call}
          </Box>
        )}
      </Box>
      <Stack gap={4} padX={5} padY={4} below={5} line="dashed" radius={2} className="no-print">
        <Choices
          label={ifWords.whom}
          choices={[
            ...view.members.map(({ id, name }) => ({ id, name, on: id === memberId })),
            { id: WHOEVER, name: words.cover.everybody, on: member === null },
          ]}
          onToggle={setMemberId}
        />
        <Choices
          label={words.cover.place}
          choices={view.places.map(({ id, name, hue }) => ({
            id,
            name,
            hue,
            on: id === place.id,
          }))}
          onToggle={setPlaceId}
        />
        <Row gap={5} wrap align="end">
          <Select
            label={ifWords.what}
            searchable
            allowDeselect={false}
            value={need?.id ?? null}
            onChange={setNeedId}
            data={TIERS.map((tier) => ({
              group: words.cover.tiers[tier],
              items: possible
                .filter((one) => one.tier === tier)
                .map(({ id, name }) => ({ value: id, label: name })),
            })).filter(({ items }) => items.length > 0)}
          />
          <DayField
            label={words.cover.on}
            value={date}
            onChange={(day) => isPlainDate(day) && setDate(day)}
          />
        </Row>
      </Stack>
      {answer && need && (
        <Stack gap={5}>
          <Ways
            cover={cover}
            ways={answer.explanation.ways}
            chosen={need.ways[answer.explanation.cell.way ?? -1] ?? null}
          />
          {answer.hands.length > 0 && (
            <Stack as="ul" gap={1}>
              {answer.hands.map(({ skill, by, isTaught }) => (
                <li key={skill}>
                  {hands
                    ? ifWords.sitter(skill, isTaught)
                    : ifWords.hands(
                        skill,
                        by.map(({ name }) => name),
                      )}
                </li>
              ))}
            </Stack>
          )}
          <p>
            {ifWords.help(
              place.name,
              laid.stock.places.find(({ id }) => id === place.id)?.minutesToHelp ?? null,
            )}
          </p>
          <ClosingList cover={cover} closings={answer.explanation.closings} />
          {answer.elsewhere.length > 0 && (
            <Box as="section" aria-label={ifWords.elsewhere}>
              <Box as="h2" size={3}>
                {ifWords.elsewhere}
              </Box>
              <ul>
                {answer.elsewhere.map(({ place: other, state }) => (
                  <Box as="li" padY={1} key={other.id}>
                    <b>{other.name}</b>: {words.cover.states[state]}
                  </Box>
                ))}
              </ul>
            </Box>
          )}
          {answer.explanation.cautions.map((caution) => (
            <Box edge="turning" as="p" size={2} key={caution}>
              {words.cover.caution}: {caution}
            </Box>
          ))}
          <Box as="p" size={2} tone="second">
            {words.cover.sourceOf(need.source)} {ifWords.onlyCounts}
          </Box>
          {date < today && <p>{ifWords.past}</p>}
        </Stack>
      )}
    </>
  )
}
