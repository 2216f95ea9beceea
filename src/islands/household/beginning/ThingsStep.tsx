/** What belongs in the kits: as we propose it, as the keeper's own list says, or one by one. */

import { useMemo } from 'react'
import { decideLines } from '../../../contract/lists'
import { isUnsaid } from '../../../core/watch/ofThings'
import { useActing } from '../../../ui/acting'
import { Box, Row } from '../../../ui/Box'
import { Button, ButtonLink } from '../../../ui/Button'
import * as words from '../../../words'
import { type PlaceList, placeList, presentAt, proposalAt } from '../../lists/placeList'
import { NoKits } from './NoKits'
import type { StepProps } from './view'

const thingsWords = words.beginning.things

export function ThingsStep({ cover, onNext }: StepProps) {
  const { view } = cover
  const lists = useMemo(
    () =>
      view.places.map((place) => {
        const here = { present: presentAt(place, cover), days: 1 }
        return { place, list: placeList(place, view, proposalAt(place, cover, here)) }
      }),
    [cover, view],
  )
  const unmatched = view.items.filter((item) => isUnsaid(item, view.courses)).length
  if (view.kits.length === 0) return <NoKits text={thingsWords.none} />
  return (
    <>
      {view.members.length === 0 && <p>{words.lists.noMembers}</p>}
      <ul>
        {lists.map(({ place, list }) => (
          <Proposed key={place.id} place={place} list={list} view={view} />
        ))}
      </ul>
      {unmatched > 0 && (
        <Row as="p" gapX={5} gapY={2} wrap align="center" above={4}>
          {thingsWords.unmatched(unmatched)} <a href="/cover/items">{thingsWords.match}</a>
        </Row>
      )}
      <Row gap={4} wrap above={5}>
        <ButtonLink href="/bring-in">{thingsWords.bring}</ButtonLink>
        {view.pars.length > 0 && <Button onClick={onNext}>{words.beginning.on}</Button>}
      </Row>
    </>
  )
}

interface ProposedProps {
  readonly place: StepProps['cover']['view']['places'][number]
  readonly list: PlaceList
  readonly view: StepProps['cover']['view']
}

function Proposed({ place, list, view }: ProposedProps) {
  const { run, busy } = useActing()
  const { open, pockets, fullest, accepting } = list
  if (!fullest) return null
  const here = new Set(pockets.map(({ id }) => id))
  const belongs = view.pars.filter(({ pocketId }) => here.has(pocketId)).length
  const take = () =>
    void run(
      decideLines,
      {
        params: { placeId: place.id },
        body: { lines: open.map((line) => accepting(line, fullest.id)) },
      },
      thingsWords.took(place.name, open.length),
    )
  return (
    <Box as="li" padY={4} lineBelow="hairline" data-hue={place.hue}>
      {belongs > 0 && <p>{thingsWords.settled(place.name, belongs)}</p>}
      {open.length > 0 && (
        <>
          <p>
            {thingsWords.proposes(
              place.name,
              open.length,
              open.filter(({ tier }) => tier === 'life').length,
            )}
          </p>
          <Row gap={4} wrap above={3}>
            <Button
              kind="strong"
              busy={busy}
              aria-label={`${thingsWords.take(open.length)}: ${place.name}`}
              onClick={take}
            >
              {thingsWords.take(open.length)}
            </Button>
            <ButtonLink
              href={`/cover/lists?place=${place.id}`}
              aria-label={`${thingsWords.look}: ${place.name}`}
            >
              {thingsWords.look}
            </ButtonLink>
          </Row>
        </>
      )}
    </Box>
  )
}
