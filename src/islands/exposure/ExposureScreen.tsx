/** Heat and frost (at a desk): how warm it was, what that did to the things, what is to come. */
import { Select } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { readExposure } from '../../contract/exposure'
import type { Spot } from '../../core/exposure/household'
import { call } from '../../device/call'
import { Box, Row, Stack } from '../../ui/Box'
import { Empty } from '../../ui/Empty'
import { Frame, type Strap } from '../../ui/Frame'
import * as words from '../../words'
import { KitTabs } from '../kits/KitTabs'
import { Ahead } from './Ahead'
import { CoolBox } from './CoolBox'
import { spotFrom, spotKey } from './drafts'
import { LotsMet } from './LotsMet'
import { Readings } from './Readings'
import { type ExposureView, frostDays, hotDays, isMeasured } from './view'
import { YearChart } from './YearChart'
import { YearForm } from './YearForm'

const exposureWords = words.exposure

interface Props {
  readonly strap: Strap
  readonly initial: ExposureView
  /** Kits and pockets of every place, by the keys of their spots. */
  readonly spots: readonly { readonly value: string; readonly label: string }[]
}

export const ExposureScreen = (props: Props) => (
  <Frame tab="kits" strap={props.strap} place={null}>
    <KitTabs part="exposure" place={null} />
    <Exposure {...props} />
  </Frame>
)

function Exposure({ initial, spots }: Props) {
  const [spot, setSpot] = useState(initial.spot)
  const { data: view } = useQuery({
    queryKey: ['exposure', spot ? spotKey(spot) : ''],
    queryFn: () => call(readExposure, { query: spot ? { [spot.kind]: spot.id } : {} }),
    initialData: () => (sameSpot(spot, initial.spot) ? initial : undefined),
    placeholderData: (before) => before ?? initial,
  })
  const choose = (next: Spot) => {
    setSpot(next)
    history.replaceState(null, '', `?${next.kind}=${next.id}`)
  }
  if (!view?.spot || !view.placeId) return <Empty text={exposureWords.nothing} />
  const place = view.places.find(({ id }) => id === view.placeId)
  return (
    <>
      <Row as="header" gap={6} align="start" justify="between" wrap below={5}>
        <Box measure>
          <h1>{headlineOf(view)}</h1>
          <Box as="p" tone="second">
            {exposureWords.under}
          </Box>
        </Box>
        <Row gap={4} wrap>
          <Select
            label={exposureWords.place}
            value={view.placeId}
            allowDeselect={false}
            onChange={(id) => id && choose({ kind: 'place', id } as Spot)}
            data={view.places.map(({ id, name }) => ({ value: id as string, label: name }))}
          />
          {view.spots.length > 1 && (
            <Select
              label={exposureWords.spot}
              value={spotKey(view.spot)}
              allowDeselect={false}
              onChange={(key) => key && choose(spotFrom(key))}
              data={view.spots.map((one) => ({ value: spotKey(one.spot), label: one.name }))}
            />
          )}
        </Row>
      </Row>
      <Stack gap={7} align="start" columns="minmax(0, 2fr) minmax(0, 1fr)" collapse>
        <div>
          {view.chart && (
            <YearChart
              key={spotKey(view.spot)}
              chart={view.chart}
              today={view.today}
              visits={view.visits}
            />
          )}
          <Readings view={view} spot={view.spot} spots={spots} />
          {place && (
            <Box as="section" above={7} measure aria-label={exposureWords.model.title(place.name)}>
              <Box as="h2" size={4} below={3}>
                {exposureWords.model.title(place.name)}
              </Box>
              <YearForm key={`${place.id}${JSON.stringify(place.year)}`} place={place} />
            </Box>
          )}
        </div>
        <div>
          <LotsMet view={view} />
          <Ahead view={view} />
          {view.box && <CoolBox change={view.box} />}
        </div>
      </Stack>
    </>
  )
}

const sameSpot = (a: Spot | null, b: Spot | null): boolean => a?.kind === b?.kind && a?.id === b?.id

function headlineOf(view: ExposureView): string {
  const place = view.places.find(({ id }) => id === view.placeId)?.name ?? ''
  const harmed = view.lots.filter(({ verdict }) => verdict.kind === 'beyond').length
  const { chart } = view
  if (harmed > 0) return exposureWords.harmed(harmed)
  if (!chart?.tenths.some((one) => one !== null)) return exposureWords.headlineNothing(place)
  return isMeasured(chart)
    ? exposureWords.headline(place, hotDays(chart, 'measured'), frostDays(chart, 'measured'))
    : exposureWords.headlineModel(place, hotDays(chart, 'all'), frostDays(chart, 'all'))
}
