/** Movements, newest first, day by day; narrowed by thing, kit and hand. */

import { Select } from '@mantine/core'
import { useInfiniteQuery, useQuery } from '@tanstack/react-query'
import { Fragment } from 'react'
import type { z } from 'zod'
import { readKits } from '../../contract/kits'
import { readRecord } from '../../contract/record'
import type { recordEntry } from '../../contract/values/record'
import { tellingOnes } from '../../core/stock/telling'
import { call } from '../../device/call'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { type InAddress, useKept } from '../../ui/useKept'
import * as words from '../../words'
import { longDay } from '../../words/frame/format'
import classes from './record.module.css'

const recordWords = words.record

interface Props {
  readonly place: string | null
  readonly address: InAddress
}

export function Happened({ place, address }: Props) {
  const [lot, setLot] = useKept('lot', address, '')
  const [item, setItem] = useKept('item', address, '')
  const [kit, setKit] = useKept('kit', address, '')
  const [who, setWho] = useKept('who', address, '')
  const kits = useQuery({ queryKey: ['kits'], queryFn: () => call(readKits) })
  const pages = useInfiniteQuery({
    queryKey: ['record', place, lot, item, kit, who],
    initialPageParam: null as number | null,
    queryFn: ({ pageParam }) =>
      call(readRecord, {
        query: {
          ...(lot && { lot }),
          ...(item && { item }),
          ...(kit && { kit }),
          ...(place && { place }),
          ...(who && { who }),
          ...(pageParam !== null && { before: String(pageParam) }),
        },
      }),
    getNextPageParam: ({ before }) => before,
  })
  const [first] = pages.data?.pages ?? []
  const entries = told(pages.data?.pages.flatMap((page) => page.entries) ?? [])
  return (
    <section aria-label={recordWords.happened}>
      <Stack columns="repeat(3, minmax(0, 16rem))" collapse gap={5} below={6} className="no-print">
        <Select
          label={recordWords.item}
          placeholder={recordWords.anyItem}
          searchable
          clearable
          value={item || (lot ? (entries[0]?.itemId ?? null) : null)}
          onChange={(value) => {
            setLot('')
            setItem(value ?? '')
          }}
          data={(first?.items ?? []).map(({ id, title }) => ({ value: id, label: title }))}
        />
        <Select
          label={recordWords.kit}
          placeholder={recordWords.anyKit}
          clearable
          value={kit || null}
          onChange={(value) => setKit(value ?? '')}
          data={(kits.data?.kits ?? [])
            .filter(({ placeId }) => place === null || placeId === place)
            .map(({ id, name }) => ({ value: id, label: name }))}
        />
        <Select
          label={recordWords.who}
          placeholder={recordWords.anybody}
          clearable
          value={who || null}
          onChange={(value) => setWho(value ?? '')}
          data={first?.hands ?? []}
        />
      </Stack>
      {pages.isSuccess && entries.length === 0 && <p className="second">{recordWords.none}</p>}
      <Box measure as="ol" below={6} className={classes.entries}>
        {entries.map((entry, index) => (
          <Fragment key={entry.position}>
            {entry.day !== entries[index - 1]?.day && (
              <Stack columns="7rem 1fr" as="li" gap={5} padY={2} size={3} className={classes.day}>
                {longDay(entry.day)} {entry.day.slice(0, 4)}
              </Stack>
            )}
            <Stack columns="7rem 1fr" as="li" gap={5} padY={2} size={3} data-undone={entry.undone}>
              <span>{entry.who}</span>
              <span>
                <Box as="a" weight="bold" tone="ink" href={`/record?lot=${entry.lotId}`}>
                  {entry.title}
                </Box>
                {': '}
                {words.record.told(entry, entry.unit)}
              </span>
            </Stack>
          </Fragment>
        ))}
      </Box>
      {pages.hasNextPage && (
        <Button busy={pages.isFetchingNextPage} onClick={() => void pages.fetchNextPage()}>
          {recordWords.more}
        </Button>
      )}
    </section>
  )
}

type Entry = z.infer<typeof recordEntry>

/** Of each act on a thing what tells something of its own. */
function told(entries: readonly Entry[]): readonly Entry[] {
  const acts = new Map<string, Entry[]>()
  for (const entry of entries) {
    const key = `${entry.actId}/${entry.itemId}`
    acts.set(key, [...(acts.get(key) ?? []), entry])
  }
  return [...acts.values()].flatMap(tellingOnes)
}
