/** One line: how it was read; answered, mended or left out in place. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { writePrintedDate } from '../../core/calendar/readPrintedDate'
import { FIELDS, type Field } from '../../core/interchange/headings'
import type { Cells, LineQuestion, ListLine } from '../../core/interchange/readLine'
import type { ReadRow } from '../../core/interchange/readList'
import { formatAmount } from '../../core/quantity/amount'
import { itemTitle } from '../../core/stock/item'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, Chip } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { counted, expiryText } from '../../words/frame/format'
import classes from './bring.module.css'
import type { Fate } from './sorting'

const importsWords = words.imports
const howReadWords = words.imports.howRead

interface Props {
  readonly row: ReadRow
  readonly fate: Fate
  readonly onMend: (patch: Cells) => void
  readonly onLeave: (out: boolean) => void
}

export function PreviewLine({ row, fate, onMend, onLeave }: Props) {
  const [editing, setEditing] = useState(false)
  const faulty: readonly Field[] =
    fate.kind === 'fault' ? [...new Set(fate.faults.map(({ field }) => field))] : []
  const fields = editing ? FIELDS.filter((field) => row.cells[field] || EDITED.has(field)) : faulty
  const tone =
    fate.kind === 'read' &&
    (fate.plan.kind === 'count_differs' || fate.plan.kind === 'unit_differs')
      ? 'ask'
      : fate.kind
  return (
    <Stack
      columns="2.6rem minmax(0, 1fr) auto"
      as="li"
      gapX={5}
      gapY={2}
      align="start"
      padX={3}
      padY={4}
      lineBelow="hairline"
      className={classes.line}
      data-tone={tone}
    >
      <Box as="span" size={2} tone="second" text="right">
        <span className="visually-hidden">{importsWords.line}</span> {row.line}
      </Box>
      <Box shrink>
        {fate.kind === 'read' ? <ReadLine value={fate.value} /> : <Written cells={row.cells} />}
        <Remark fate={fate} />
        {fate.kind === 'ask' &&
          fate.questions.map((question) => (
            <Question
              key={question.field}
              question={question}
              written={row.cells[question.field] ?? ''}
              onAnswer={(text) => onMend({ [question.field]: text })}
            />
          ))}
        {fields.length > 0 && fate.kind !== 'left_out' && (
          <LineEditor
            key={fields.join()}
            cells={row.cells}
            fields={fields}
            onMend={(patch) => {
              setEditing(false)
              onMend(patch)
            }}
          />
        )}
      </Box>
      <Row gap={5} className={classes.linePresses}>
        {fate.kind !== 'left_out' && !editing && (
          <Button
            kind="quiet"
            onClick={() => setEditing(true)}
            aria-label={importsWords.changeLine(row.line)}
          >
            {importsWords.change}
          </Button>
        )}
        <Button
          kind="quiet"
          onClick={() => onLeave(fate.kind !== 'left_out')}
          aria-label={`${fate.kind === 'left_out' ? importsWords.takeIn : importsWords.leaveOutLine}: ${importsWords.line} ${row.line}`}
        >
          {fate.kind === 'left_out' ? importsWords.takeIn : importsWords.leaveOutLine}
        </Button>
      </Row>
    </Stack>
  )
}

/** Offered for mending even when the line has nothing there. */
const EDITED: ReadonlySet<Field> = new Set(['item', 'amount', 'expiry', 'place', 'kit', 'pocket'])

const Written = ({ cells }: { readonly cells: Cells }) => (
  <Box as="p" breakable>
    {FIELDS.flatMap((field) => (cells[field] ? [cells[field]] : [])).join(' · ')}
  </Box>
)

const ReadLine = ({ value }: { readonly value: ListLine }) => (
  <Stack
    columns="minmax(0, 1.3fr) 9rem 7.5rem minmax(0, 1.2fr)"
    collapse
    as="p"
    gapX={6}
    gapY={2}
    breakable
  >
    <b>{itemTitle({ name: value.item, strength: value.strength })}</b>
    <span>
      {value.amount === 0 ? '' : counted(value.amount, value.unit)}
      {value.par !== null && value.par > 0 ? ` ${importsWords.of} ${formatAmount(value.par)}` : ''}
    </span>
    <span>{value.amount === 0 ? '' : expiryText(value.expiry)}</span>
    <span>{[value.pocket, value.kit, value.place].filter(Boolean).join(', ')}</span>
  </Stack>
)

function Remark({ fate }: { readonly fate: Fate }) {
  const said = remarkOf(fate)
  return said.length === 0 ? null : (
    <Box as="ul" size={2} tone="second" className={classes.remark}>
      {said.map((one) => (
        <li key={one}>{one}</li>
      ))}
    </Box>
  )
}

function remarkOf(fate: Fate): readonly string[] {
  if (fate.kind === 'left_out') return [importsWords.leftOut]
  if (fate.kind === 'fault') return fate.faults.map(importsWords.fault)
  if (fate.kind === 'ask') return []
  if (fate.kind === 'name') return [howReadWords.nameAsked]
  switch (fate.plan.kind) {
    case 'already_there':
      return [importsWords.already]
    case 'count_differs':
      return [importsWords.countDiffers(fate.plan.there, fate.plan.listed)]
    case 'unit_differs':
      return [importsWords.unitDiffers(fate.plan.ours, fate.plan.theirs)]
    case 'only_par':
      return [importsWords.onlyPar, ...fate.remarks.map((one) => howReadWords.remark[one])]
    case 'new_lot':
      return fate.remarks.map((one) => howReadWords.remark[one])
  }
}

function Question({
  question,
  written,
  onAnswer,
}: {
  readonly question: LineQuestion
  readonly written: string
  readonly onAnswer: (text: string) => void
}) {
  const { today } = useStrap()
  const [typed, setTyped] = useState('')
  const isDate = 'readings' in question
  const answers: readonly (readonly [string, string])[] = isDate
    ? question.readings.map((one) => [writePrintedDate(one, today), expiryText(one)])
    : question.answers.map((one) => [one, one])
  return (
    <Row as="fieldset" gap={3} wrap above={2} below={2}>
      <Box as="legend" size={2} weight="bold">
        {howReadWords.question(importsWords.field[question.field], question)}{' '}
        {written && `“${written}”`}
      </Box>
      {answers.map(([text, shown]) => (
        <Chip key={text} onClick={() => onAnswer(text)}>
          {shown}
        </Chip>
      ))}
      {!isDate && (
        <Row inline as="span" gap={3} align="center">
          <TextInput
            aria-label={`${importsWords.field[question.field]}: ${howReadWords.otherNumber}`}
            placeholder={howReadWords.otherNumber}
            inputMode="decimal"
            value={typed}
            onChange={(event) => setTyped(event.currentTarget.value)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && typed.trim() !== '') onAnswer(typed)
            }}
          />
          <Button disabled={typed.trim() === ''} onClick={() => onAnswer(typed)}>
            {howReadWords.take}
          </Button>
        </Row>
      )}
    </Row>
  )
}

function LineEditor({
  cells,
  fields,
  onMend,
}: {
  readonly cells: Cells
  readonly fields: readonly Field[]
  readonly onMend: (patch: Cells) => void
}) {
  const [typed, setTyped] = useState<Cells>({})
  return (
    <Row
      as="form"
      gap={4}
      align="end"
      wrap
      above={3}
      onSubmit={(event) => {
        event.preventDefault()
        onMend(typed)
      }}
    >
      {fields.map((field) => (
        <TextInput
          key={field}
          label={importsWords.field[field]}
          value={typed[field] ?? cells[field] ?? ''}
          onChange={(event) => setTyped({ ...typed, [field]: event.currentTarget.value })}
        />
      ))}
      <Button type="submit">{importsWords.mend}</Button>
    </Row>
  )
}
