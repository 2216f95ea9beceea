/** Watch, the first screen (planning, at a desk): what matters today, what turns when, what to do where. */

import { useQuery } from '@tanstack/react-query'
import { readWatch } from '../../contract/watch'
import { call } from '../../device/call'
import { Box, Row, Stack } from '../../ui/Box'
import { ButtonLink } from '../../ui/Button'
import { Frame } from '../../ui/Frame'
import * as words from '../../words'
import { TripLinks } from '../trips/TripLinks'
import { ErrandCards } from './ErrandCards'
import { ErrandGroup } from './ErrandGroup'
import { PutOff } from './PutOff'
import { SeasonRibbon } from './SeasonRibbon'
import type { Watch } from './view'
import classes from './watch.module.css'

interface Props {
  readonly initial: Watch
  readonly place: string | null
}

export const WatchScreen = ({ initial, place }: Props) => (
  <Frame tab="watch" strap={initial.strap} place={place}>
    <Watching initial={initial} place={place} />
  </Frame>
)

function Watching({ initial, place }: Props) {
  const { data: watch } = useQuery({
    queryKey: ['watch', place],
    queryFn: () => call(readWatch, { query: place ? { place } : {} }),
    initialData: initial,
  })
  const { today, places } = watch.strap
  const shown = places.filter(({ id }) => place === null || id === place)
  const first = watch.gravest.filter(({ placeId }) => place === null || placeId === place)
  return (
    <div className={classes.screen}>
      <h1>{words.watch.headline(watch.headline)}</h1>
      <Box as="p" above={1} below={5} tone="second">
        {words.watch.under(watch.headline, today)}
      </Box>
      {place === null && <TripLinks />}
      {first.length > 0 && <ErrandCards label={words.watch.first} errands={first} today={today} />}
      {watch.headline.code === 'nothing_kept' ? (
        <Row gap={5} above={7} below={7}>
          {watch.strap.beginning && (
            <ButtonLink kind="strong" href="/begin">
              {words.watch.emptyBegin}
            </ButtonLink>
          )}
          <ButtonLink href="/bring-in">{words.watch.emptyBring}</ButtonLink>
          <ButtonLink href="/kits">{words.watch.emptyKit}</ButtonLink>
        </Row>
      ) : (
        <SeasonRibbon ribbon={watch.ribbon} places={shown} today={today} />
      )}
      <Stack
        columns="repeat(auto-fit, minmax(21rem, 1fr))"
        collapse
        as="section"
        gap={6}
        align="start"
        aria-label={words.watch.errands}
        className={classes.groups}
        data-single={shown.length === 1}
      >
        {watch.groups
          .map((group) => without(group, first))
          .filter(({ placeId, total }) => total > 0 && shown.some(({ id }) => id === placeId))
          .map((group) => {
            const at = places.find(({ id }) => id === group.placeId)
            return (
              at && (
                <ErrandGroup
                  key={group.placeId}
                  group={group}
                  place={at}
                  today={today}
                  alone={shown.length === 1}
                />
              )
            )
          })}
      </Stack>
      <PutOff putOff={watch.putOff} today={today} />
      <Row
        as="footer"
        gapX={6}
        gapY={2}
        wrap
        above={6}
        size={1}
        tone="second"
        className={classes.foot}
      >
        {watch.listed > 0 && <a href="/restock">{words.watch.listed(watch.listed)}</a>}
        <span>{words.watch.disclaimer}</span>
      </Row>
    </div>
  )
}

/** What stands above is not said a second time below. */
function without(group: Watch['groups'][number], first: Watch['gravest']): typeof group {
  const keys = new Set(first.map(({ key }) => key))
  const errands = group.errands.filter(({ key }) => !keys.has(key))
  return { ...group, errands, total: group.total - (group.errands.length - errands.length) }
}
