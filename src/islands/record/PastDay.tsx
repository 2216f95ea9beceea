/** What lay where on the evening of a past day, place by place. */

import { useQuery } from '@tanstack/react-query'
import type { z } from 'zod'
import { readPast } from '../../contract/record'
import type { pastValue } from '../../contract/values/record'
import { isPlainDate, type PlainDate } from '../../core/calendar/plainDate'
import { call } from '../../device/call'
import { Box, Stack } from '../../ui/Box'
import { DayField } from '../../ui/DayField'
import { StateGlyph } from '../../ui/StateGlyph'
import { type InAddress, useKept } from '../../ui/useKept'
import * as words from '../../words'
import { counted } from '../../words/frame/format'
import classes from './record.module.css'

const recordWords = words.record
type Past = z.infer<typeof pastValue>

interface Props {
  readonly place: string | null
  readonly address: InAddress
  readonly today: PlainDate
}

export function PastDay({ place, address, today }: Props) {
  const [day, setDay] = useKept('day', address, today)
  const asked = isPlainDate(day) && day <= today ? day : null
  const { data, error } = useQuery({
    queryKey: ['past', asked],
    queryFn: () => call(readPast, { params: { day: asked as PlainDate } }),
    enabled: asked !== null,
    placeholderData: (before) => before,
  })
  const holdings = (data?.holdings ?? []).filter(
    ({ placeId }) => place === null || placeId === place,
  )
  return (
    <section aria-label={recordWords.asItWas}>
      <Stack columns="repeat(3, minmax(0, 16rem))" collapse gap={5} below={6} className="no-print">
        <DayField label={recordWords.day} max={today} value={day} onChange={setDay} />
      </Stack>
      {error && <p role="alert">{error.message}</p>}
      {data && (
        <>
          <h2>
            {holdings.length === 0
              ? recordWords.nothingThen(data.day)
              : recordWords.thenTitle(data.day, holdings.length)}
          </h2>
          <p className="second">
            {recordWords.thenHint} {data.firstDay ? recordWords.since(data.firstDay) : ''}
          </p>
          {data.places.map((at) => (
            <PlaceThen
              key={at.id}
              place={at}
              day={data.day}
              holdings={holdings.filter(({ placeId }) => placeId === at.id)}
            />
          ))}
        </>
      )}
    </section>
  )
}

interface PlaceProps {
  readonly place: Past['places'][number]
  readonly day: PlainDate
  readonly holdings: Past['holdings']
}

function PlaceThen({ place, day, holdings }: PlaceProps) {
  if (holdings.length === 0) return null
  const kits = [...new Map(holdings.map(({ kitId, kit }) => [kitId, kit]))]
  return (
    <Box
      edge="hue"
      as="section"
      above={6}
      className={classes.then}
      data-hue={place.hue}
      aria-label={place.name}
    >
      <Box as="h3" size={4}>
        {place.name}
      </Box>
      <Stack columns="repeat(auto-fill, minmax(21rem, 1fr))" gapX={7} gapY={5}>
        {kits.map(([kitId, kit]) => (
          <div key={kitId}>
            <Box as="h4" above={3} below={2} size={3}>
              {kit}
            </Box>
            <ul>
              {holdings
                .filter((one) => one.kitId === kitId)
                .map((one) => (
                  <Stack
                    gapX={4}
                    columns="1.5rem 1fr auto"
                    as="li"
                    align="center"
                    padY={2}
                    size={2}
                    lineBelow="hairline"
                    key={`${one.lotId}${one.pocket}`}
                  >
                    <StateGlyph state={one.judged.state} />
                    <b>{one.title}</b>
                    <span>{counted(one.amount, one.unit)}</span>
                    <Box as="small" tone="second">
                      {one.pocket} · {words.stock.state(one.judged, day)}
                    </Box>
                  </Stack>
                ))}
            </ul>
          </div>
        ))}
      </Stack>
    </Box>
  )
}
