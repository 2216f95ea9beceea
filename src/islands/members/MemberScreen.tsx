/** A member's cover sheet (at a desk, and on paper for a sitter): what holds for them, what is held back, their medicines, whom to call. */

import { Checkbox } from '@mantine/core'
import { IconPrinter } from '@tabler/icons-react'
import { useMemo, useState } from 'react'
import { daysBetween } from '../../core/calendar/plainDate'
import { OWN_MEDICINE } from '../../core/cover/asking'
import type { Need } from '../../core/cover/need'
import { takesSomething } from '../../core/cover/pantry'
import { weightOn } from '../../core/household/weight'
import type { MemberId } from '../../core/ids'
import { memberSheet, type PlacePart } from '../../core/judgement/memberSheet'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { type CoverView, useCover } from '../cover/useCover'
import { TripLinks } from '../trips/TripLinks'
import { Courses } from './Courses'
import { FactsForm } from './FactsForm'
import { factLines } from './factLines'
import classes from './member.module.css'
import { Numbers } from './Numbers'
import { Photo } from './Photo'
import { Unasked } from './Unasked'
import { Weights } from './Weights'

interface Props {
  readonly strap: Strap
  readonly initial: CoverView
  readonly memberId: MemberId
}

export const MemberScreen = (props: Props) => (
  <Frame tab="household" strap={props.strap} place={null}>
    <MemberParts {...props} />
  </Frame>
)

const membersWords = words.members

function MemberParts({ initial, memberId }: Props) {
  const cover = useCover(initial)
  const { view, laid } = cover
  const { today } = useStrap()
  const [isPrivate, setPrivate] = useState(true)
  const [editing, setEditing] = useState(
    () => typeof location !== 'undefined' && new URLSearchParams(location.search).has('edit'),
  )
  const sheet = useMemo(() => memberSheet(laid, memberId, today), [laid, memberId, today])
  if (!sheet) return <p>{words.errors.notFound}</p>
  const { member } = sheet
  const state = weightOn(member.species, member.born, member.weighings, today)
  return (
    <article data-private={isPrivate}>
      <Stack
        columns="auto minmax(0, 1fr) auto"
        collapse
        as="header"
        gap={6}
        align="start"
        below={6}
      >
        <Photo member={member} photo={view.photos.find((one) => one.memberId === memberId)} />
        <div>
          <h1>{member.name}</h1>
          <p className="second">
            {[
              member.species,
              member.born ? words.household.age(daysBetween(member.born, today)) : '',
              membersWords.weighed(state, view.units),
              member.guestUntil ? membersWords.isGuest(member.guestUntil, member.guestDays) : '',
              member.note,
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
          <TripLinks of={memberId} />
          <Box as="p" above={2} size={2} tone="second">
            {membersWords.cautionLine}
          </Box>
        </div>
        <Row gap={5} align="center" wrap className="no-print">
          <Checkbox
            label={membersWords.withPrivate}
            checked={isPrivate}
            onChange={(event) => setPrivate(event.currentTarget.checked)}
          />
          {member.species !== 'person' && (
            <ButtonLink href={`/members/${memberId}/lost`}>{words.evacuation.lost.open}</ButtonLink>
          )}
          <Button icon={IconPrinter} onClick={() => window.print()}>
            {membersWords.print}
          </Button>
        </Row>
      </Stack>
      {isPrivate && (
        <Unasked
          member={member}
          takesSomething={takesSomething(laid.stock.courses, memberId, today)}
          onEdit={() => setEditing(true)}
        />
      )}
      <Stack
        columns="minmax(0, 1.2fr) minmax(0, 1fr)"
        collapse
        gap={6}
        align="start"
        className={classes.columns}
      >
        <div>
          <Box as="section" asides="beside" className={classes.part}>
            <Box as="h2" size={4}>
              {membersWords.places}
            </Box>
            {sheet.places.map((part) => (
              <PlaceLines
                key={part.placeId}
                part={part}
                name={member.name}
                isPrivate={isPrivate}
                cover={cover}
              />
            ))}
          </Box>
          {isPrivate && <Courses sheet={sheet} cover={cover} />}
        </div>
        <div>
          <Numbers member={member} numbers={view.numbers} isPrivate={isPrivate} />
          {isPrivate && (
            <Box
              as="section"
              asides="beside"
              className={classes.part}
              aria-label={membersWords.edit}
            >
              <Row as="header" gap={5} align="baseline" justify="between">
                <Box as="h2" size={4}>
                  {membersWords.edit}
                </Box>
                {!editing && (
                  <Button kind="quiet" className="no-print" onClick={() => setEditing(true)}>
                    {words.items.matching.change}
                  </Button>
                )}
              </Row>
              {editing ? (
                <FactsForm key={member.version} member={member} onDone={() => setEditing(false)} />
              ) : (
                <Box as="dl" above={2}>
                  {factLines(
                    member,
                    today,
                    takesSomething(laid.stock.courses, memberId, today),
                    view.units,
                  ).map(([name, text]) => (
                    <Stack
                      columns="9.5rem minmax(0, 1fr)"
                      gap={4}
                      padY={2}
                      size={3}
                      lineBelow="hairline"
                      key={name}
                    >
                      <Box as="dt" tone="second">
                        {name}
                      </Box>
                      <dd>{text}</dd>
                    </Stack>
                  ))}
                </Box>
              )}
            </Box>
          )}
          <Weights member={member} state={state} units={view.units} />
        </div>
      </Stack>
    </article>
  )
}

/** A line that gives away what somebody has or takes. */
const tellsOfIllness = ({ id, atRisk }: Need): boolean =>
  atRisk.condition !== undefined || id === OWN_MEDICINE

function PlaceLines({
  part,
  name,
  isPrivate,
  cover: { view, kitName },
}: {
  readonly part: PlacePart
  readonly name: string
  /** Without it, reasons that tell of conditions and of other people's medicines stay away. */
  readonly isPrivate: boolean
  readonly cover: ReturnType<typeof useCover>
}) {
  const { today } = useStrap()
  const place = view.places.find(({ id }) => id === part.placeId)
  if (!place || part.lines.length === 0) return null
  const lines = part.lines.filter(({ need }) => isPrivate || !tellsOfIllness(need))
  const holds = lines.filter(({ sources }) => sources.length > 0)
  const held = part.held.filter(
    ({ why }) => isPrivate || !why.some(({ code }) => code === 'somebody_elses'),
  )
  const gaps = lines.filter(({ cell }) => cell.state !== 'covered' && cell.state !== 'plan_b')
  return (
    <Box
      asides="beside"
      padY={4}
      lineAbove="hairline"
      className={classes.place}
      data-hue={place.hue}
    >
      <Row as="h3" gap={5} align="baseline" size={3} tone="hue">
        <a href={`/cover?place=${place.id}`}>{place.name}</a>
        <strong>
          {words.ready.figure(part.ready)} {words.ready.ready}
        </strong>
        {!part.isExpected && <small>{membersWords.notUsual}</small>}
        <small>{membersWords.gaps(gaps.length)}</small>
      </Row>
      <ul>
        {gaps.map(({ need, cell }) => (
          <Box as="li" padY={1} key={need.id} data-tier={need.tier}>
            {need.name} <small>{words.cover.states[cell.state]}</small>
          </Box>
        ))}
      </ul>
      <details>
        <Box as="summary" above={2} size={2} weight="bold">
          {membersWords.holds(holds.length)}
        </Box>
        <ul>
          {holds.map(({ need, sources }) => (
            <Box as="li" padY={1} key={need.id}>
              {need.name}{' '}
              <small>
                {[...new Map(sources.map((one) => [one.title, one])).values()]
                  .map((one) => `${one.title} (${one.pocket.name}, ${kitName(one.kitId)})`)
                  .join('; ')}
              </small>
            </Box>
          ))}
        </ul>
      </details>
      {held.length > 0 && (
        <details open>
          <Box as="summary" above={2} size={2} weight="bold">
            {membersWords.held}
          </Box>
          <ul>
            {held.map((one) => (
              <Box as="li" padY={1} key={`${one.kitId}/${one.title}`}>
                {one.title}{' '}
                <small>
                  {isPrivate
                    ? one.why.map((why) => words.cover.why(why, today)).join('; ')
                    : membersWords.notFor(name)}{' '}
                  · {one.pocket}, {kitName(one.kitId)}
                </small>
              </Box>
            ))}
          </ul>
        </details>
      )}
    </Box>
  )
}
