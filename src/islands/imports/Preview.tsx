/** How the list was read: its columns, where lines go, every line, and the press that writes it. */

import { Autocomplete, Select } from '@mantine/core'
import { useMemo, useState } from 'react'
import type { PlainDate } from '../../core/calendar/plainDate'
import { FIELDS, type Field, KEPT } from '../../core/interchange/headings'
import type { Known, Site } from '../../core/interchange/known'
import type { Cells } from '../../core/interchange/readLine'
import type { NameAnswer } from '../../core/interchange/sites'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, Chip } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import classes from './bring.module.css'
import { ListQuestions } from './ListQuestions'
import { NotLines } from './NotLines'
import { PreviewLine } from './PreviewLine'
import { isShown, type Show, sortList } from './sorting'
import type { OpenList } from './useList'

const importsWords = words.imports
const LEAVE_OUT = 'leave-out'
/** So many lines are drawn at first, and with each press for more. */
const AT_ONCE = 100

interface Props {
  readonly list: OpenList
  readonly known: Known
  readonly busy: boolean
  readonly onRemap: (column: number, field: Field | typeof KEPT | null) => void
  readonly onCarry: (field: Field, down: boolean) => void
  readonly onName: (said: readonly (readonly [string, NameAnswer])[]) => void
  readonly onMend: (line: number, patch: Cells) => void
  readonly onLeave: (line: number, out: boolean) => void
  /** How old the list is; undefined until somebody has said. */
  readonly claimedOn: PlainDate | null | undefined
  readonly onClaimed: (day: PlainDate | null | undefined) => void
  readonly onConfirm: (confirmed: Confirmed) => void
  readonly onCancel: () => void
}

/** What is brought in now: the lines that are ready, and how far they can be trusted. */
export interface Confirmed {
  readonly fallback: Site
  readonly claimedOn: PlainDate | null
  readonly cells: ReadonlyMap<number, Cells>
}

export function Preview(props: Props) {
  const { list, known, busy, onMend, onLeave, onConfirm, onCancel } = props
  const { places } = useStrap()
  const [fallback, setFallback] = useState<Site>(() => ({
    place: places[0]?.name ?? importsWords.usual.place,
    kit: importsWords.usual.kit,
    pocket: importsWords.usual.pocket,
  }))
  const sorted = useMemo(() => sortList(list, known, fallback, list.names), [list, known, fallback])
  const { claimedOn } = props
  const { counts } = sorted
  const needs = counts.ask + counts.fault + counts.differ
  const [chosen, setChosen] = useState<Show | null>(null)
  const [most, setMost] = useState(AT_ONCE)
  const show = chosen ?? (needs > 0 ? 'needs' : 'all')
  const shown = list.rows.filter(({ line }) => {
    const fate = sorted.fates.get(line)
    return fate !== undefined && isShown(fate, show)
  })
  const unanswered = counts.ask + counts.fault
  const asksColumns = list.questions.length > 0
  const siteGiven = Object.values(fallback).every((name) => name.trim() !== '')
  const needsFallback = list.rows.some(
    ({ line, cells }) => !list.leftOut.has(line) && !(cells.place && cells.kit && cells.pocket),
  )
  const totals: readonly (readonly [Show, number])[] = [
    ['needs', needs],
    ['ready', counts.ready],
    ['already', counts.already],
    ['all', list.rows.length],
  ]
  return (
    <div>
      <Row as="header" gapX={6} gapY={4} align="start" justify="between" wrap below={5}>
        <div>
          <h1>
            {importsWords.summary(
              counts.ready,
              counts.ask,
              counts.fault,
              counts.differ,
              counts.already,
            )}
          </h1>
          <p className="second" hidden={counts.ready === 0}>
            {importsWords.makes(sorted.newPlaces, [...sorted.newKits, ...sorted.newPockets])}
          </p>
        </div>
        <Row gapX={6} gapY={4} align="center" wrap above={5}>
          <Button onClick={onCancel}>{importsWords.cancel}</Button>
          <Button
            kind="strong"
            busy={busy}
            disabled={counts.ready === 0 || asksColumns || claimedOn === undefined || !siteGiven}
            onClick={() =>
              claimedOn !== undefined && onConfirm({ fallback, claimedOn, cells: sorted.cells })
            }
          >
            {importsWords.confirm(counts.ready)}
          </Button>
        </Row>
      </Row>
      <ListQuestions
        list={list}
        names={sorted.names}
        claimedOn={claimedOn}
        onClaimed={props.onClaimed}
        onRemap={props.onRemap}
        onCarry={props.onCarry}
        onName={props.onName}
      />
      {unanswered > 0 && (
        <Box as="p" padX={5} padY={4} above={5} below={5} surface="turning" radius={2}>
          {counts.ready > 0 ? importsWords.needsYou : words.imports.howRead.needsFirst}
        </Box>
      )}
      <ColumnMeanings {...props} />
      {needsFallback && <Fallback known={known} value={fallback} onChange={setFallback} />}
      <Row gap={4} wrap above={6} below={3} role="group" aria-label={importsWords.show.all}>
        {totals.map(([one, count]) => (
          <Chip
            key={one}
            pressed={one === show}
            disabled={count === 0 && one !== 'all'}
            onClick={() => {
              setChosen(one)
              setMost(AT_ONCE)
            }}
          >
            {importsWords.show[one]} <b>{count}</b>
          </Chip>
        ))}
      </Row>
      <ol>
        {shown.slice(0, most).map((row) => {
          const fate = sorted.fates.get(row.line)
          return (
            fate && (
              <PreviewLine
                key={row.line}
                row={row}
                fate={fate}
                onMend={(patch) => onMend(row.line, patch)}
                onLeave={(out) => onLeave(row.line, out)}
              />
            )
          )
        })}
      </ol>
      <NotLines left={list.left} />
      {shown.length > most && (
        <Button kind="link" onClick={() => setMost(most + AT_ONCE)}>
          {importsWords.more(shown.length - most)}
        </Button>
      )}
    </div>
  )
}

const ColumnMeanings = ({ list, onRemap }: Props) => (
  <Box as="details" padX={6} padY={4} line="dashed" radius={2}>
    <Box as="summary" weight="bold">
      {importsWords.columns}
    </Box>
    <Stack
      columns="repeat(auto-fill, minmax(11rem, 1fr))"
      gapX={6}
      gapY={5}
      align="end"
      above={5}
      below={3}
      className={classes.columns}
    >
      {list.headings.map((heading, index) => (
        <Select
          // biome-ignore lint/suspicious/noArrayIndexKey: columns may share a heading; their order is fixed
          key={index}
          label={heading}
          description={list.samples[index] || ' '}
          value={list.columns[index] ?? LEAVE_OUT}
          onChange={(value) =>
            onRemap(
              index,
              value === KEPT ? KEPT : (FIELDS.find((field) => field === value) ?? null),
            )
          }
          data={[
            { value: KEPT, label: words.imports.howRead.keepAsNote },
            { value: LEAVE_OUT, label: importsWords.leaveOut },
            ...FIELDS.map((field) => ({ value: field, label: importsWords.field[field] })),
          ]}
        />
      ))}
    </Stack>
  </Box>
)

function Fallback({
  known,
  value,
  onChange,
}: {
  readonly known: Known
  readonly value: Site
  readonly onChange: (site: Site) => void
}) {
  const names = (part: keyof Site) => [
    ...new Set(
      known.pockets
        .filter((one) => part === 'place' || one.place === value.place)
        .filter((one) => part !== 'pocket' || one.kit === value.kit)
        .map((one) => one[part]),
    ),
  ]
  return (
    <Stack
      columns="repeat(auto-fit, minmax(11rem, 1fr))"
      as="fieldset"
      gap={6}
      padX={6}
      padY={5}
      above={5}
      below={5}
      line="dashed"
      radius={2}
    >
      <Box as="legend" padX={2} weight="bold">
        {importsWords.fallback}
      </Box>
      {(['place', 'kit', 'pocket'] as const).map((part) => (
        <Autocomplete
          key={part}
          label={importsWords[part]}
          value={value[part]}
          onChange={(text) => onChange({ ...value, [part]: text })}
          data={names(part)}
          maxLength={120}
          error={value[part].trim() === '' ? importsWords.nameIt : undefined}
        />
      ))}
    </Stack>
  )
}
