/** A day, typed as the household writes it or picked in a calendar. */

import { Popover, TextInput } from '@mantine/core'
import { IconCalendar } from '@tabler/icons-react'
import { type ReactNode, useState } from 'react'
import { isPlainDate, type PlainDate } from '../core/calendar/plainDate'
import { readDay } from '../core/calendar/readDay'
import * as words from '../words'
import { type DayLimits, dayFault, dayInOrder } from '../words/frame/forms'
import { afterPress } from './afterPress'
import { Button } from './Button'
import { useDayHabits } from './dayHabits'

type CalendarPart = typeof import('./Calendar')['default']

interface Props extends DayLimits {
  readonly label: string
  /** The label is said and not shown: a heading or a column says it to the eye. */
  readonly quietLabel?: boolean
  /** "2026-11-28"; while it cannot be read, the text as it was typed; "" for none. */
  readonly value: string
  readonly onChange: (value: string) => void
  readonly onBlur?: () => void
  readonly description?: ReactNode
  readonly error?: ReactNode
  readonly disabled?: boolean
  readonly autoFocus?: boolean
}

/** A text that is being written, and the values before and after it. */
interface Typing {
  readonly text: string
  readonly before: string
  readonly sent: string
}

export function DayField({
  label,
  quietLabel = false,
  value,
  onChange,
  onBlur,
  min,
  max,
  error,
  disabled = false,
  ...rest
}: Props) {
  const habits = useDayHabits()
  const [typing, setTyping] = useState<Typing | null>(null)
  const [writing, setWriting] = useState(false)
  const [open, setOpen] = useState(false)
  /** Comes when somebody opens it: most days are typed. */
  const [Calendar, setCalendar] = useState<CalendarPart | null>(null)
  // What was typed goes when the value is set by anything else.
  const typed = typing && [typing.before, typing.sent].includes(value) ? typing.text : null
  const day = isPlainDate(value) ? value : null
  const write = (text: string) => {
    const reading = readDay(text, { ...habits, latest: max })
    const sent = reading.kind === 'read' ? reading.day : text.trim() === '' ? '' : text
    setTyping({ text, before: value, sent })
    setWriting(true)
    onChange(sent)
  }
  const leave = () => {
    onBlur?.()
    afterPress(() => {
      setWriting(false)
      if (typing && isPlainDate(typing.sent)) setTyping(null)
    })
  }
  const pick = (picked: PlainDate) => {
    setTyping(null)
    setOpen(false)
    onChange(picked)
  }
  /** There before it is opened, so that the focus can go into it; without a connection a day is typed. */
  const openCalendar = async () => {
    const part = await import('./Calendar').catch(() => null)
    if (!part) return
    setCalendar(() => part.default)
    setOpen(true)
  }
  const ownFault = dayFault(typed === null ? value : (typing?.sent ?? value), { min, max })
  return (
    <Popover
      opened={open}
      onChange={setOpen}
      position="bottom-end"
      trapFocus
      returnFocus
      withRoles={false}
    >
      <Popover.Target>
        <TextInput
          {...rest}
          {...(quietLabel ? { 'aria-label': label } : { label })}
          disabled={disabled}
          value={typed ?? (day ? dayInOrder(day, habits.order) : value)}
          // Half a day is not called wrong while it is being written.
          error={writing ? undefined : (error ?? ownFault)}
          onChange={(event) => write(event.currentTarget.value)}
          onBlur={leave}
          rightSectionWidth="var(--press)"
          rightSection={
            <Button
              kind="bare"
              aria-label={words.forms.calendar}
              aria-expanded={open}
              disabled={disabled}
              onClick={() => (open ? setOpen(false) : void openCalendar())}
            >
              <IconCalendar aria-hidden size={20} />
            </Button>
          }
        />
      </Popover.Target>
      <Popover.Dropdown>
        {Calendar && (
          <Calendar
            day={day}
            shown={day ?? habits.today}
            min={min}
            max={max}
            weekStart={habits.weekStart}
            onPick={pick}
          />
        )}
      </Popover.Dropdown>
    </Popover>
  )
}
