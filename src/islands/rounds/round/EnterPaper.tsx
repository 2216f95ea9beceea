/** A round that was written on paper, taken over line by line (at a desk, with the keyboard). */

import { useRef, useState } from 'react'
import { isPlainDate, type PlainDate } from '../../../core/calendar/plainDate'
import { formatAmount } from '../../../core/quantity/amount'
import {
  readTallyLine,
  type TallyFault,
  type TallyLine,
  tallyLines,
} from '../../../core/rounds/tally'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { DayField } from '../../../ui/DayField'
import { DayHabitsProvider } from '../../../ui/dayHabits'
import { Table } from '../../../ui/Table'
import { WaitingBadge } from '../../../ui/WaitingBadge'
import * as words from '../../../words'
import { expiryText } from '../../../words/frame/format'
import { wasOf } from './draft'
import classes from './round.module.css'
import type { GoingRound } from './useRound'

const tallyWords = words.rounds.tally

const BLANK = { count: '', date: '', marks: '' }
type Written = typeof BLANK

export function EnterPaper({ going }: { readonly going: GoingRound }) {
  const { contents, round, dateOrder, weekStart, me, sayFor, finish, outbox } = going
  // The sheet was written on what was recorded then; what is entered must not move the lines.
  const [lines] = useState(() => tallyLines(contents, round))
  const [written, setWritten] = useState<Readonly<Record<number, Written>>>({})
  const [who, setWho] = useState(me)
  const [day, setDay] = useState<string>(contents.today)
  const [signing, setSigning] = useState(true)
  const [said, setSaid] = useState('')
  const [busy, setBusy] = useState(false)
  const form = useRef<HTMLFormElement>(null)
  const settings = { today: contents.today, order: dateOrder }
  const readings = lines.map((line) => ({
    line,
    reading: readTallyLine(line.thing, written[line.number] ?? BLANK, settings),
  }))
  const filled = readings.filter(({ reading }) => reading.kind === 'read')
  const wrong = readings.some(({ reading }) => reading.kind === 'refused')

  const save = async () => {
    if (filled.length === 0) return setSaid(tallyWords.nothing)
    if (!isPlainDate(day) || day > contents.today) return setSaid(tallyWords.whichDay)
    setBusy(true)
    const on: PlainDate = day
    for (const { line, reading } of readings)
      if (reading.kind === 'read')
        await sayFor(
          {
            kind: 'looked',
            pocketId: line.thing.pocketId,
            lotId: line.thing.lotId,
            was: wasOf(line.thing),
            look: reading.look,
          },
          { by: who.trim(), on },
        )
    if (signing) await finish(who.trim())
    setSaid(tallyWords.saved(filled.length))
    setWritten({})
    setBusy(false)
    location.assign(signing ? `/round?id=${round.id}` : '/rounds')
  }

  /** Enter goes to the next field, as one writes down a column of lines. */
  const onKey = (event: React.KeyboardEvent<HTMLFormElement>) => {
    if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return
    const fields = [...(form.current?.querySelectorAll('input') ?? [])]
    const column = event.target.name
    const below = fields.slice(fields.indexOf(event.target) + 1).find(({ name }) => name === column)
    if (!below || column === '') return
    event.preventDefault()
    below.focus()
  }

  return (
    <Stack
      packed
      as="main"
      gap={6}
      pad={6}
      id="main"
      className={`${classes.page} ${classes.enter}`}
    >
      <Row as="header" gap={6} className={classes.step}>
        <Box as="h1" size={6} breakable>
          {tallyWords.enterTitle(contents.kit.name)}
        </Box>
        <p className="second">{tallyWords.enterLead}</p>
        <p className="second">{tallyWords.legend}</p>
        <WaitingBadge outbox={outbox} />
      </Row>
      <Row
        as="form"
        gap={6}
        ref={form}
        className={classes.step}
        onKeyDown={onKey}
        onSubmit={(event) => {
          event.preventDefault()
          void save()
        }}
      >
        <Row gap={6} align="end" wrap>
          <Stack as="label" gap={2} weight="bold">
            {tallyWords.by}
            <input value={who} onChange={(event) => setWho(event.currentTarget.value)} />
          </Stack>
          <DayHabitsProvider value={{ ...settings, weekStart }}>
            <DayField label={tallyWords.day} max={contents.today} value={day} onChange={setDay} />
          </DayHabitsProvider>
        </Row>
        <Table>
          <thead>
            <tr>
              <th scope="col">{tallyWords.line}</th>
              <th scope="col">{tallyWords.thing}</th>
              <th scope="col">{tallyWords.found}</th>
              <th scope="col">{tallyWords.date}</th>
              <th scope="col">{tallyWords.marks}</th>
            </tr>
          </thead>
          <tbody>
            {readings.map(({ line, reading }) => (
              <Line
                key={line.number}
                line={line}
                written={written[line.number] ?? BLANK}
                fault={reading.kind === 'refused' ? reading.fault : null}
                onWrite={(next) => setWritten((now) => ({ ...now, [line.number]: next }))}
              />
            ))}
          </tbody>
        </Table>
        <Row as="label" gap={4} align="center" wrap>
          <input
            type="checkbox"
            checked={signing}
            onChange={(event) => setSigning(event.currentTarget.checked)}
          />
          {tallyWords.signOff}
        </Row>
        {said && <p role="status">{said}</p>}
        <Row as="footer" gap={4} className={classes.foot}>
          <Button
            kind="main"
            type="submit"
            className={classes.go}
            disabled={busy || wrong || who.trim() === '' || day === '' || day > contents.today}
          >
            <Box as="b" size={5} weight="bold" face="display">
              {tallyWords.save}
            </Box>
            <Box as="small" text="right" breakable>
              {tallyWords.saved(filled.length)}
            </Box>
          </Button>
        </Row>
      </Row>
    </Stack>
  )
}

const FIELD_OF: Readonly<Record<TallyFault['code'], keyof Written>> = {
  bad_count: 'count',
  bad_date: 'date',
  date_two_ways: 'date',
  bad_mark: 'marks',
}

function Line({
  line: { number, pocket, thing },
  written,
  fault,
  onWrite,
}: {
  readonly line: TallyLine
  readonly written: Written
  readonly fault: TallyFault | null
  readonly onWrite: (written: Written) => void
}) {
  const field = (name: keyof Written, label: string) => (
    <td>
      <input
        name={name}
        aria-label={`${label}, ${number}, ${thing.title}`}
        aria-invalid={fault !== null && FIELD_OF[fault.code] === name}
        autoComplete="off"
        inputMode={name === 'count' ? 'decimal' : 'text'}
        value={written[name]}
        onChange={(event) => onWrite({ ...written, [name]: event.currentTarget.value })}
      />
      {fault && FIELD_OF[fault.code] === name && (
        <Box as="small" tone="second" role="alert">
          {sentence(fault)}
        </Box>
      )}
    </td>
  )
  return (
    <tr>
      <td>{number}</td>
      <td>
        {thing.title}
        <Box as="small" tone="second">
          {pocket} · {formatAmount(thing.recorded)} {tallyWords.recorded} ·{' '}
          {expiryText(thing.expiry)}
        </Box>
      </td>
      {field('count', tallyWords.found)}
      {field('date', tallyWords.date)}
      {field('marks', tallyWords.marks)}
    </tr>
  )
}

function sentence(fault: TallyFault): string {
  switch (fault.code) {
    case 'bad_count':
      return tallyWords.badCount
    case 'bad_date':
      return tallyWords.badDate
    case 'date_two_ways':
      return tallyWords.dateTwoWays
    case 'bad_mark':
      return tallyWords.badMark(fault.mark)
  }
}
