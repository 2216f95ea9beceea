/** What to do at one place, by act; each with its reason, done or put off with one press. */

import { Fragment, useState } from 'react'
import type { PlainDate } from '../../core/calendar/plainDate'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import { ErrandRow } from './ErrandRow'
import type { Watch } from './view'

type Group = Watch['groups'][number]

const FEW = 5

interface Props {
  readonly group: Group
  readonly place: Watch['strap']['places'][number]
  readonly today: PlainDate
  readonly alone: boolean
}

export function ErrandGroup({ group, place, today, alone }: Props) {
  const [all, setAll] = useState(alone)
  const shown = all ? group.errands : group.errands.slice(0, FEW)
  const hidden = group.total - shown.length
  return (
    <Box
      asides="beside"
      as="section"
      pad={5}
      line="dashed"
      radius={2}
      data-hue={place.hue}
      aria-label={place.name}
    >
      <Row as="header" gap={4} align="baseline" justify="between">
        <Box as="h2" tone="hue">
          {words.watch.group(place.name, group.next, today)}
        </Box>
        <small>{words.watch.visit(group.next)}</small>
      </Row>
      <ul>
        {shown.map((errand, index) => (
          <Fragment key={errand.key}>
            {errand.gravity !== shown[index - 1]?.gravity && (
              <Box as="li" above={4} size={2} weight="bold" tone="hue">
                {words.watch.gravity[errand.gravity]}
              </Box>
            )}
            <ErrandRow errand={errand} today={today} />
          </Fragment>
        ))}
      </ul>
      {hidden > 0 &&
        (group.errands.length === group.total ? (
          <Button kind="link" onClick={() => setAll(true)}>
            {words.watch.showAll(group.total)}
          </Button>
        ) : (
          <a href={`/?place=${place.id}`}>{words.watch.showAll(group.total)}</a>
        ))}
    </Box>
  )
}
