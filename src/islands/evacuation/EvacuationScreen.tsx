/** Leaving the house in a hurry (planning, and read when it happens): who does what, who rides where, what is taken. */

import { Select } from '@mantine/core'
import { IconClock, IconPrinter } from '@tabler/icons-react'
import { useState } from 'react'
import { expectedAt } from '../../core/cover/scene'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'
import { Frame, type Strap } from '../../ui/Frame'
import { Pick } from '../../ui/Pick'
import { SegmentedControl } from '../../ui/SegmentedControl'
import * as words from '../../words'
import type { CoverView } from '../cover/useCover'
import { HouseholdTabs } from '../household/HouseholdTabs'
import type { HouseholdView } from '../household/view'
import { Asks } from './Asks'
import { Loads } from './Loads'
import { PlanForm } from './PlanForm'
import { Rehearse } from './Rehearse'
import { Rides } from './Rides'
import { Steps } from './Steps'
import { type Address, type Shown, useEvacuation } from './useEvacuation'

const said = words.evacuation

interface Props {
  readonly strap: Strap
  readonly cover: CoverView
  readonly household: HouseholdView
  readonly address: Address
}

export const EvacuationScreen = (props: Props) => (
  <Frame tab="household" strap={props.strap} place={null}>
    <HouseholdTabs part="evacuation" />
    <Evacuation {...props} />
  </Frame>
)

function Evacuation({ cover, household, address }: Props) {
  const shown = useEvacuation({ cover, household }, address)
  const [mode, setMode] = useState<'plan' | 'change' | 'rehearse'>('plan')
  if (!shown)
    return (
      <Empty text={words.kits.noPlaces}>
        <ButtonLink href="/begin?step=places">{words.more.begin}</ButtonLink>
      </Empty>
    )
  if (mode === 'rehearse') return <Rehearse shown={shown} onClose={() => setMode('plan')} />
  const { plan, asked } = shown
  const { people, animals } = plan.party
  return (
    <>
      <Box as="header" measure below={4}>
        <h1>
          {said.headline(
            people.length,
            animals.length,
            plan.away,
            plan.schedule.leftOut.length,
            plan.gaps.map(({ kind }) => kind),
          )}
        </h1>
        <Box as="p" note="mustNot" padX={5} padY={3} above={3}>
          <b>{said.fire(shown.cover.view.numbers.emergency)}</b> {said.authority}
        </Box>
      </Box>
      <Under shown={shown} />
      {people.length + animals.length === 0 ? (
        <Empty text={said.withoutAnybody} />
      ) : (
        <>
          <Stack gap={7} align="start" columns="minmax(0, 3fr) minmax(0, 2fr)" collapse above={5}>
            <Steps shown={shown} />
            <Rides shown={shown} />
          </Stack>
          {/* Whoever has to leave now reads the steps first. */}
          <Row gap={4} wrap align="center" above={6}>
            <Button icon={IconClock} onClick={() => setMode('rehearse')}>
              {said.rehearse.open}
            </Button>
            <ButtonLink icon={IconPrinter} href={`/evacuation/sheet?from=${asked.from}`}>
              {said.sheet}
            </ButtonLink>
            <Button kind="strong" onClick={() => setMode('change')}>
              {said.change}
            </Button>
          </Row>
          <Asks shown={shown} onChange={() => setMode('change')} />
          <Loads shown={shown} />
        </>
      )}
      {mode === 'change' && <PlanForm shown={shown} onClose={() => setMode('plan')} />}
    </>
  )
}

/** Under what the house is left. */
function Under({ shown: { asked, cover, change } }: { readonly shown: Shown }) {
  const { members, places } = cover.view
  const has = new Set(asked.home)
  // One leaves a house, not what one leaves it with.
  const houses = places.filter(
    ({ id, traits }) =>
      id === asked.from || !(traits.includes('vehicle') || traits.includes('road')),
  )
  const toggle = (id: string) =>
    change({ home: has.has(id) ? asked.home.filter((one) => one !== id) : [...asked.home, id] })
  return (
    <Stack gap={4} below={4}>
      <Row gapX={6} gapY={3} wrap align="center">
        <SegmentedControl
          label={said.plan}
          value={asked.plan}
          options={(['ten', 'hour'] as const).map((value) => ({ value, label: said.plans[value] }))}
          onChange={(plan) => change({ plan })}
        />
        <SegmentedControl
          label={said.way}
          value={asked.onFoot ? 'foot' : 'car'}
          options={(['car', 'foot'] as const).map((value) => ({ value, label: said.ways[value] }))}
          onChange={(way) => change({ onFoot: way === 'foot' })}
        />
        <SegmentedControl
          label={said.time}
          value={asked.night ? 'night' : 'day'}
          options={(['day', 'night'] as const).map((value) => ({
            value,
            label: said.times[value],
          }))}
          onChange={(time) => change({ night: time === 'night' })}
        />
        {houses.length > 1 && (
          <Select
            aria-label={said.from}
            allowDeselect={false}
            value={asked.from}
            onChange={(id) => {
              const place = cover.laid.stock.places.find((one) => one.id === id)
              if (place)
                change({
                  from: place.id,
                  home: [...expectedAt(place, cover.laid.stock, cover.view.today)],
                })
            }}
            data={houses.map(({ id, name }) => ({ value: id, label: name }))}
          />
        )}
      </Row>
      <Row as="fieldset" gap={3} wrap align="center">
        <Box as="legend" weight="bold" size={2} below={2}>
          {said.home}
        </Box>
        {members.map(({ id, name }) => (
          <Pick key={id} type="checkbox" checked={has.has(id)} onChange={() => toggle(id)}>
            {name}
          </Pick>
        ))}
      </Row>
    </Stack>
  )
}
