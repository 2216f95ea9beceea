/** The lines of the stock; only those in sight are drawn, so that thousands scroll freely. */

import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { memo, useLayoutEffect, useRef, useState } from 'react'
import type { PlainDate } from '../../core/calendar/plainDate'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import { StateGlyph } from '../../ui/StateGlyph'
import * as words from '../../words'
import { counted, money } from '../../words/frame/format'
import { rowKey, type StockFilter, type StockLine, type StockRow } from './rows'
import classes from './stock.module.css'

const listWords = words.stock.list
const ROW = 44
const NARROW_ROW = 76
const HEADING = 40
const NARROW = '(max-width: 760px)'

type Members = readonly { readonly id: string; readonly name: string }[]
interface Props {
  readonly lines: readonly StockLine[]
  readonly shown: readonly StockRow[]
  readonly chosen: ReadonlySet<string>
  readonly filter: StockFilter
  readonly members: Members
  readonly today: PlainDate
  readonly onSort: (sort: StockFilter['sort']) => void
  readonly onChoose: (keys: readonly string[], on: boolean) => void
}

const SORTED: readonly (readonly [keyof typeof listWords.columns, StockFilter['sort'] | null])[] = [
  ['title', 'title'],
  ['amount', null],
  ['end', 'end'],
  ['where', 'where'],
  ['forMember', null],
  ['sure', 'sure'],
  ['worth', 'worth'],
]

export function StockTable(props: Props) {
  const { lines, shown, chosen, filter, members, today, onSort, onChoose } = props
  const body = useRef<HTMLDivElement>(null)
  const [from, setFrom] = useState(0)
  const [narrow, setNarrow] = useState(false)
  useLayoutEffect(() => {
    const media = matchMedia(NARROW)
    const follow = () => {
      setNarrow(media.matches)
      setFrom(body.current?.offsetTop ?? 0)
    }
    follow()
    media.addEventListener('change', follow)
    return () => media.removeEventListener('change', follow)
  }, [])
  const rows = useWindowVirtualizer({
    count: lines.length,
    estimateSize: (index) =>
      lines[index]?.kind === 'heading' ? HEADING : narrow ? NARROW_ROW : ROW,
    getItemKey: (index) => `${narrow} ${lines[index]?.key}`,
    overscan: 12,
    scrollMargin: from,
  })
  const all = shown.length > 0 && shown.every((row) => chosen.has(rowKey(row)))
  return (
    <Box size={2} role="table" aria-label={words.kits.tabs.stock} aria-rowcount={lines.length + 1}>
      <Stack
        columns="2.2rem 2.4fr 0.9fr 1.5fr 2.2fr 0.7fr 0.6fr 0.7fr"
        gap={5}
        align="center"
        pad={4}
        size={2}
        tone="second"
        surface="paper"
        role="row"
        aria-rowindex={1}
        className={classes.columns}
      >
        {/* biome-ignore lint/a11y/useFocusableInteractive: see above */}
        <span role="columnheader">
          <input
            type="checkbox"
            aria-label={listWords.chooseAll}
            checked={all}
            onChange={() => onChoose(shown.map(rowKey), !all)}
          />
        </span>
        {SORTED.map(([column, sort]) => (
          // biome-ignore lint/a11y/useFocusableInteractive: see above
          <span
            key={column}
            role="columnheader"
            data-column={column}
            aria-sort={
              sort !== null && filter.sort === sort
                ? filter.down
                  ? 'descending'
                  : 'ascending'
                : undefined
            }
          >
            {sort === null ? (
              listWords.columns[column]
            ) : (
              <Button kind="bare" onClick={() => onSort(sort)}>
                {listWords.columns[column]}
                {filter.sort === sort && <i aria-hidden>{filter.down ? ' ↓' : ' ↑'}</i>}
              </Button>
            )}
          </span>
        ))}
      </Stack>
      <Box anchor role="rowgroup" ref={body} style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((item) => {
          const line = lines[item.index]
          if (!line) return null
          const top = item.start - rows.options.scrollMargin
          return line.kind === 'heading' ? (
            <Row
              align="end"
              padX={4}
              weight="bold"
              face="display"
              lineBelow="dashed"
              key={item.key}
              role="row"
              aria-rowindex={item.index + 2}
              className={classes.heading}
              style={placedAt(top, item.size)}
            >
              {/* biome-ignore lint/a11y/useFocusableInteractive: it only names what follows */}
              <span role="rowheader">
                {line.title}{' '}
                <Box as="small" weight="normal" tone="second">
                  {line.count}
                </Box>
              </span>
            </Row>
          ) : (
            <LotRow
              key={item.key}
              row={line.row}
              index={item.index + 2}
              top={top}
              height={item.size}
              chosen={chosen.has(line.key)}
              members={members}
              today={today}
              onChoose={onChoose}
            />
          )
        })}
      </Box>
    </Box>
  )
}

interface RowProps {
  readonly row: StockRow
  readonly index: number
  readonly top: number
  readonly height: number
  readonly chosen: boolean
  readonly members: Members
  readonly today: PlainDate
  readonly onChoose: (keys: readonly string[], on: boolean) => void
}

const placedAt = (top: number, height: number): React.CSSProperties => ({
  height,
  transform: `translateY(${top}px)`,
})

/** Drawn once: while one scrolls, the rows that stay in sight stay as they are. */
const LotRow = memo(function LotRow(props: RowProps) {
  const { row, index, top, height, chosen, members, today, onChoose } = props
  const { habits, places } = useStrap()
  const hue = places.find(({ id }) => id === row.placeId)?.hue
  const cell = (column: string, content: React.ReactNode, title?: string) => (
    <span role="cell" data-column={column} title={title}>
      {content}
    </span>
  )
  return (
    <Stack
      columns="2.2rem 2.4fr 0.9fr 1.5fr 2.2fr 0.7fr 0.6fr 0.7fr"
      gap={5}
      align="center"
      padX={4}
      lineBelow="hairline"
      role="row"
      aria-rowindex={index}
      className={classes.row}
      data-chosen={chosen}
      style={placedAt(top, height)}
    >
      {cell(
        'choose',
        <input
          type="checkbox"
          aria-label={listWords.choose(`${row.title}, ${row.kit}, ${row.pocket}`)}
          checked={chosen}
          onChange={() => onChoose([rowKey(row)], !chosen)}
        />,
      )}
      {cell(
        'title',
        <Row
          inline
          unlined
          as="a"
          gap={4}
          align="center"
          weight="bold"
          tone="ink"
          href={`/kits/${row.kitId}?lot=${row.lotId}&pocket=${row.pocketId}`}
        >
          <StateGlyph state={row.judged.state} />
          {row.title}
        </Row>,
      )}
      {cell('amount', counted(row.amount, row.unit))}
      {cell('end', words.stock.state(row.judged, today))}
      {cell(
        'where',
        // What is hidden for the eye stays within the cell, which is cut where it ends.
        <Box as="span" anchor>
          <Box as="i" radius={1} data-hue={hue} aria-hidden />
          {row.pocket}, {row.kit}
          <span className="visually-hidden">, {row.place}</span>
        </Box>,
        `${row.pocket}, ${row.kit}, ${row.place}`,
      )}
      {cell('forMember', members.find(({ id }) => id === row.forMember)?.name ?? '')}
      {cell('sure', `${row.sure} %`, listWords.sure(row.sure, row.confirmed, today))}
      {cell('worth', row.worthMinor === null ? '' : money(row.worthMinor, habits.currency))}
    </Stack>
  )
})
