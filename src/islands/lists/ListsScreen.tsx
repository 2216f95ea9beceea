/** Proposed lists (planning): what a place should hold, each line with its reasons, decided line by line. */

import { Select, TextInput } from '@mantine/core'
import { useEffect, useMemo, useState } from 'react'
import { createKit } from '../../contract/kits'
import { decideLines } from '../../contract/lists'
import type { MemberId, PocketId } from '../../core/ids'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Explain } from '../../ui/Explain'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import { keepInAddress } from '../../ui/keepInAddress'
import { type InAddress, idsAsText, idsIn } from '../../ui/useKept'
import * as words from '../../words'
import { money } from '../../words/frame/format'
import { Choices } from '../cover/Choices'
import { CoverTabs } from '../cover/CoverTabs'
import classes from '../cover/cover.module.css'
import { Nothing } from '../cover/Nothing'
import { type CoverView, useCover } from '../cover/useCover'
import { daysIn } from '../cover/useQuestion'
import { Line } from './ProposedLine'
import { type Decisions, placeList, presentAt, proposalAt } from './placeList'

interface Props {
  readonly strap: Strap
  readonly initial: CoverView
  readonly place: string | null
  readonly address: InAddress
}

export const ListsScreen = (props: Props) => (
  <Frame tab="cover" strap={props.strap} place={props.place}>
    <CoverTabs part="lists" place={props.place} />
    <Lists {...props} />
  </Frame>
)

const listsWords = words.lists

function Lists({ initial, place: chosen, address }: Props) {
  const cover = useCover(initial)
  const { view } = cover
  const { habits } = useStrap()
  const { run, busy } = useActing()
  const [placeId, setPlaceId] = useState(
    (view.places.find(({ id }) => id === (address.at ?? chosen)) ?? view.places[0])?.id ?? null,
  )
  /** Those usually there who are not, and others who are. */
  const [toggled, setToggled] = useState(() => idsIn(address.who))
  const [days, setDays] = useState(() => daysIn(address.days))
  useEffect(() => {
    keepInAddress({
      at: placeId === (chosen ?? view.places[0]?.id) ? null : placeId,
      who: idsAsText(toggled),
      days: days === 1 ? null : String(days),
    })
  }, [placeId, toggled, days, chosen, view.places])
  const place = view.places.find(({ id }) => id === placeId)
  const [pocketId, setPocketId] = useState<PocketId | null>(null)
  const present = useMemo(
    () => (place ? presentAt(place, cover, toggled) : new Set<MemberId>()),
    [cover, place, toggled],
  )
  const list = useMemo(
    () => place && placeList(place, cover.view, proposalAt(place, cover, { present, days })),
    [cover, place, present, days],
  )
  if (!place || !list)
    return (
      <Nothing
        title={listsWords.title}
        text={words.cover.noPlaces}
        href="/begin?step=places"
        to={words.ways.places}
      />
    )
  if (view.members.length === 0)
    return (
      <Nothing
        title={listsWords.title}
        text={listsWords.noMembers}
        href="/begin?step=members"
        to={words.ways.members}
      />
    )

  const { proposal, open, decided, pockets, fullest, accepting } = list
  const into = pockets.find(({ id }) => id === pocketId) ?? fullest
  const decisions = new Map(
    view.decisions.filter((one) => one.placeId === place.id).map((one) => [one.key, one]),
  )
  const cost = open.reduce((sum, { costMinor }) => sum + (costMinor ?? 0), 0)
  const decide = (lines: Decisions) =>
    run(
      decideLines,
      { params: { placeId: place.id }, body: { lines } },
      listsWords.decided(lines.length),
    )
  return (
    <>
      <Box as="header" below={5}>
        <Row gap={4} align="center" wrap>
          <h1>{listsWords.headline(place.name, open.length)}</h1>
          <Explain id="proposed" />
        </Row>
        <Box measure as="p" size={3} className="second">
          {listsWords.under(money(cost, habits.currency))}
        </Box>
      </Box>
      <Stack gap={3} padX={5} padY={4} line="dashed" radius={2} className={classes.whatIf}>
        <Choices
          label={words.cover.place}
          choices={view.places.map(({ id, name, hue }) => ({ id, name, hue, on: id === placeId }))}
          onToggle={(id) => {
            setPlaceId(view.places.find((one) => one.id === id)?.id ?? null)
            setPocketId(null)
          }}
        />
        <Choices
          label={listsWords.who}
          choices={view.members.map(({ id, name }) => ({ id, name, on: present.has(id) }))}
          onToggle={(id) => {
            const next = new Set(toggled)
            if (!next.delete(id)) next.add(id)
            setToggled(next)
          }}
        />
        <Stack
          columns="auto auto auto auto"
          whole
          gap={6}
          align="center"
          justify="start"
          className={classes.when}
        >
          <TextInput
            type="number"
            label={listsWords.days}
            min={1}
            max={60}
            value={String(days)}
            onChange={(event) => {
              const count = Math.round(Number(event.currentTarget.value))
              if (count >= 1 && count <= 60) setDays(count)
            }}
          />
          {into ? (
            <>
              <Select
                label={listsWords.into}
                value={into.id}
                onChange={(id) => setPocketId(pockets.find((one) => one.id === id)?.id ?? null)}
                data={pockets.map(({ id, name, kitId }) => ({
                  value: id,
                  label: `${view.kits.find((kit) => kit.id === kitId)?.name ?? ''}, ${name}`,
                }))}
              />
              {open.length > 0 && (
                <Button
                  kind="strong"
                  busy={busy}
                  onClick={() => void decide(open.map((line) => accepting(line, into.id)))}
                >
                  {listsWords.acceptAll(open.length)}
                </Button>
              )}
            </>
          ) : (
            <Button
              kind="strong"
              busy={busy}
              onClick={() =>
                void run(
                  createKit,
                  { body: { placeId: place.id, name: listsWords.kitName } },
                  words.undo.did.added(listsWords.kitName),
                )
              }
            >
              {listsWords.makeKit}
            </Button>
          )}
        </Stack>
      </Stack>
      {proposal.unmet.length > 0 && (
        <Box edge="bad" padX={5} padY={4} above={5} surface="canvas">
          <h2>{listsWords.unmet}</h2>
          <Box dots as="ul" above={2}>
            {proposal.unmet.map(({ needId, need, members }) => (
              <li key={needId}>{listsWords.unmetLine(need, members)}</li>
            ))}
          </Box>
        </Box>
      )}
      <Box as="ul" above={4} className={classes.lines} aria-label={listsWords.title}>
        {open.map((line) => (
          <Line
            key={line.key}
            line={line}
            currency={habits.currency}
            busy={busy}
            onAccept={into ? () => void decide([accepting(line, into.id)]) : null}
            onOverrule={(note) => void decide([{ decision: 'overruled', key: line.key, note }])}
          />
        ))}
      </Box>
      {proposal.formerLife.length > 0 && (
        <Box as="section" above={6}>
          <h2>{listsWords.former}</h2>
          <Box as="ul" above={2}>
            {proposal.formerLife.map(({ itemId, title, why }) => (
              <Box as="li" padY={2} key={itemId}>
                <b>{title}</b>{' '}
                <Box as="small" size={2} tone="second">
                  {listsWords.formerWhy[why]}
                </Box>
              </Box>
            ))}
          </Box>
        </Box>
      )}
      {decided.length > 0 && (
        <Box as="details" above={6}>
          <Box as="summary" weight="bold">
            {listsWords.decided(decided.length)}
          </Box>
          <Box as="ul" above={2}>
            {decided.map((line) => {
              const one = decisions.get(line.key)
              return (
                <Box as="li" padY={1} key={line.key}>
                  <b>{line.title}</b>{' '}
                  <Box as="small" size={2} tone="second">
                    {one?.decision === 'overruled'
                      ? `${listsWords.overruled}: ${one.note}`
                      : listsWords.accepted}
                  </Box>
                  {one?.decision === 'overruled' && (
                    <Button
                      kind="quiet"
                      aria-label={`${listsWords.reopen}: ${line.title}`}
                      onClick={() => void decide([{ decision: 'open', key: line.key }])}
                    >
                      {listsWords.reopen}
                    </Button>
                  )}
                </Box>
              )
            })}
          </Box>
        </Box>
      )}
    </>
  )
}
