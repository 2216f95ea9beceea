/** Every lot wherever it lies (planning at a desk): found, sorted, grouped, and acted on together. */

import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { readStockList } from '../../contract/stock'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'
import { Explain } from '../../ui/Explain'
import { Frame, type Strap } from '../../ui/Frame'
import { keepInAddress } from '../../ui/keepInAddress'
import { ToCome } from '../../ui/ToCome'
import * as words from '../../words'
import { KitTabs } from '../kits/KitTabs'
import { BulkActs } from './BulkActs'
import {
  filtered,
  filterFromAddress,
  filterInAddress,
  grouped,
  rowKey,
  type StockFilter,
  type StockRow,
  sorted,
} from './rows'
import { StockFilters } from './StockFilters'
import { StockTable } from './StockTable'
import classes from './stock.module.css'

const listWords = words.stock.list

interface Props {
  readonly strap: Strap
  readonly place: string | null
  /** As the address has it. */
  readonly filter: string | null
}

export const StockScreen = (props: Props) => (
  <Frame tab="kits" strap={props.strap} place={props.place}>
    <KitTabs part="stock" place={props.place} />
    <Stock {...props} />
  </Frame>
)

function Stock({ strap, place, filter: addressed }: Props) {
  const { data } = useQuery({ queryKey: ['stock'], queryFn: () => call(readStockList) })
  const [filter, setFilter] = useState<StockFilter>(() => filterFromAddress(addressed))
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())
  const { busy } = useActing()
  const { today } = strap
  useEffect(() => keepInAddress({ filter: filterInAddress(filter) }), [filter])

  const shown = useMemo(
    () => (data ? sorted(filtered(data.rows, filter, place), filter) : []),
    [data, filter, place],
  )
  const members = data?.members ?? []
  const lines = useMemo(() => {
    const headings: Readonly<Record<StockFilter['group'], ((row: StockRow) => string) | null>> = {
      none: null,
      item: ({ title }) => title,
      place: ({ place: at }) => at,
      patient: ({ forMember }) =>
        members.find(({ id }) => id === forMember)?.name ?? listWords.nobody,
      state: ({ judged }) => words.stock.stateWord[judged.state],
      storage: ({ keeping }) =>
        keeping.storage ? words.storage.name(keeping.storage) : words.storage.unknown,
    }
    return grouped(shown, headings[filter.group])
  }, [shown, filter.group, members])

  if (!data) return <ToCome said={listWords.loading} lines={12} />
  // What is no longer shown, or no longer there, is no longer chosen.
  const picked = shown.filter((row) => chosen.has(rowKey(row)))
  const choose = (keys: readonly string[], on: boolean): void => {
    const next = new Set(chosen)
    for (const key of keys) {
      if (on) next.add(key)
      else next.delete(key)
    }
    setChosen(next)
  }
  return (
    <Stack gap={5} className={classes.screen} aria-busy={busy}>
      <header>
        <Row gap={4} align="center" wrap>
          <h1>{listWords.title(shown.length, data.rows.length)}</h1>
          <Explain id="sure" />
        </Row>
      </header>
      <StockFilters
        filter={filter}
        members={members}
        views={data.views}
        onChange={(next) => {
          setFilter(next)
          setChosen(new Set())
        }}
      />
      {data.rows.length === 0 ? (
        <Empty text={listWords.empty}>
          <ButtonLink kind="strong" href="/kits">
            {words.ways.kits}
          </ButtonLink>
          <ButtonLink href="/bring-in">{words.more.bring}</ButtonLink>
        </Empty>
      ) : shown.length === 0 ? (
        <Box as="p" padY={8} tone="second">
          {listWords.nothing}
        </Box>
      ) : (
        <StockTable
          lines={lines}
          shown={shown}
          chosen={chosen}
          filter={filter}
          members={members}
          today={today}
          onSort={(sort) =>
            setFilter({ ...filter, sort, down: filter.sort === sort && !filter.down })
          }
          onChoose={choose}
        />
      )}
      {picked.length > 0 && <BulkActs picked={picked} onDone={() => setChosen(new Set())} />}
    </Stack>
  )
}
