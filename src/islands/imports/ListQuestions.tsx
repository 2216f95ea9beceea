/** What is asked once for the whole list: how old it is, what columns hold, which names are new. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import type { PlainDate } from '../../core/calendar/plainDate'
import { readPrintedDate } from '../../core/calendar/readPrintedDate'
import { type Field, KEPT } from '../../core/interchange/headings'
import type { NameAnswer, NameQuestion, SitePart } from '../../core/interchange/sites'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, Chip } from '../../ui/Button'
import { Explain } from '../../ui/Explain'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { fullDay } from '../../words/frame/format'
import classes from './bring.module.css'
import type { OpenList } from './useList'

const howReadWords = words.imports.howRead
const importsWords = words.imports

interface Props {
  readonly list: OpenList
  readonly names: readonly NameQuestion[]
  readonly claimedOn: PlainDate | null | undefined
  readonly onClaimed: (day: PlainDate | null | undefined) => void
  readonly onRemap: (column: number, field: Field | typeof KEPT | null) => void
  readonly onCarry: (field: Field, down: boolean) => void
  readonly onName: (said: readonly (readonly [string, NameAnswer])[]) => void
}

export const ListQuestions = (props: Props) => (
  <Stack gap={6} above={3} below={6} className={classes.questions}>
    <HowOld {...props} />
    <WhatColumns {...props} />
    <WrittenOnce {...props} />
    <NewNames {...props} />
  </Stack>
)

function HowOld({ claimedOn, onClaimed }: Props) {
  const { today, habits } = useStrap()
  const isOlder = claimedOn !== undefined && claimedOn !== null && claimedOn !== today
  const [older, setOlder] = useState(isOlder)
  const [typed, setTyped] = useState(isOlder ? claimedOn : '')
  const reading = readPrintedDate(typed, { order: habits.dateOrder, today })
  const day =
    reading.kind === 'read' && reading.expiry.kind === 'day' && reading.expiry.day <= today
      ? reading.expiry.day
      : null
  return (
    <Row as="fieldset" gap={3} wrap above={2} below={2}>
      <Box as="legend" size={2} weight="bold">
        {howReadWords.howOld} <Explain id="claimed" />
      </Box>
      <Chip
        pressed={claimedOn === null && !older}
        onClick={() => {
          setOlder(false)
          onClaimed(null)
        }}
      >
        {howReadWords.counted}
      </Chip>
      <Chip
        pressed={claimedOn === today && !older}
        onClick={() => {
          setOlder(false)
          onClaimed(today)
        }}
      >
        {howReadWords.fromMemory}
      </Chip>
      <Chip
        pressed={older}
        onClick={() => {
          setOlder(true)
          onClaimed(undefined)
        }}
      >
        {howReadWords.older}
      </Chip>
      {older && (
        <TextInput
          aria-label={howReadWords.olderDay}
          placeholder={howReadWords.olderDay}
          value={typed}
          autoFocus
          onChange={(event) => {
            const text = event.currentTarget.value
            setTyped(text)
            const read = readPrintedDate(text, { order: habits.dateOrder, today })
            onClaimed(
              read.kind === 'read' && read.expiry.kind === 'day' && read.expiry.day <= today
                ? read.expiry.day
                : undefined,
            )
          }}
          error={typed !== '' && day === null ? howReadWords.olderWrong : undefined}
        />
      )}
      <Box as="p" size={2} tone="second" className={classes.remark}>
        {claimedOn === undefined
          ? howReadWords.howOldWhy
          : claimedOn === null
            ? howReadWords.countedMeans
            : howReadWords.claimMeans(fullDay(claimedOn))}
      </Box>
    </Row>
  )
}

const WhatColumns = ({ list, onRemap }: Props) =>
  list.questions.map(({ column, holds, fields, example }) => (
    <Row as="fieldset" gap={3} wrap above={2} below={2} key={column}>
      <Box as="legend" size={2} weight="bold">
        {howReadWords.column(list.headings[column] ?? '', holds, example)}
      </Box>
      {fields.map((field) => (
        <Button key={field} onClick={() => onRemap(column, field)}>
          {importsWords.field[field]}
        </Button>
      ))}
      <Button onClick={() => onRemap(column, KEPT)}>{howReadWords.keepAsNote}</Button>
      <Button onClick={() => onRemap(column, null)}>{importsWords.leaveOutLine}</Button>
    </Row>
  ))

const WrittenOnce = ({ list, onCarry }: Props) =>
  list.once.map((field) => {
    const down = list.carried.includes(field)
    return (
      <Row as="fieldset" gap={3} wrap above={2} below={2} key={field}>
        <Box as="legend" size={2} weight="bold">
          {howReadWords.once(importsWords.field[field])}
        </Box>
        <Chip pressed={down} onClick={() => onCarry(field, true)}>
          {howReadWords.carryDown}
        </Chip>
        <Chip pressed={!down} onClick={() => onCarry(field, false)}>
          {howReadWords.carryNot}
        </Chip>
      </Row>
    )
  })

/** What a name is where its column does not say: a place of its own, a kit, a pocket. */
const WAYS: readonly SitePart[] = ['place', 'kit', 'pocket']

function NewNames({ names, onName }: Props) {
  if (names.length === 0) return null
  const fresh = names.filter(({ near }) => near.length === 0)
  return (
    <Box as="fieldset" padX={6} padY={5} line="dashed" radius={2} className={classes.names}>
      <Box as="legend" padX={2} weight="bold">
        {howReadWords.newNames(names.length)}
      </Box>
      {fresh.length > 1 && (
        <Button
          kind="strong"
          onClick={() => onName(fresh.map(({ key, as }) => [key, { kind: 'new', as }] as const))}
        >
          {howReadWords.make(
            fresh.map(({ text }) => text),
            fresh.length === names.length,
          )}
        </Button>
      )}
      <Box as="ul" above={3}>
        {names.map(({ key, text, as, lines, near }) => (
          <Stack
            columns="minmax(0, 18rem) minmax(0, 1fr)"
            as="li"
            gapX={6}
            gapY={2}
            align="center"
            padY={2}
            lineAbove="hairline"
            key={key}
          >
            <span>
              <b>{text}</b>{' '}
              <Box as="small" size={2} tone="second">
                {howReadWords.nameIn(importsWords.field[as], lines.length)}
              </Box>
            </span>
            <Row as="span" gap={3} wrap above={2} below={2}>
              {near.map((site) => {
                const said = [site.pocket, site.kit, site.place].filter(Boolean).join(', ')
                return (
                  <Button key={said} onClick={() => onName([[key, { kind: 'is', site }]])}>
                    {howReadWords.itIs(said)}
                  </Button>
                )
              })}
              {[as, ...WAYS.filter((way) => way !== as)].map((way) => (
                <Button
                  key={way}
                  data-quiet={way !== as}
                  onClick={() => onName([[key, { kind: 'new', as: way }]])}
                >
                  {howReadWords.newAs[way]}
                </Button>
              ))}
            </Row>
          </Stack>
        ))}
      </Box>
    </Box>
  )
}
