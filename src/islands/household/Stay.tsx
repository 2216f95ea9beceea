/** How long a guest stays: until a day, and on which days of the week where they come again and again. */

import type { PlainDate, Weekday } from '../../core/calendar/plainDate'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, Chip } from '../../ui/Button'
import { DayField } from '../../ui/DayField'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { endOfWeekend, FROM_MONDAY, FROM_SUNDAY, monthsOn } from './stayDays'

const stayWords = words.members.stay

export interface StayValue {
  readonly until: string
  readonly days: readonly Weekday[]
}

interface Props extends StayValue {
  readonly onChange: (stay: Partial<StayValue>) => void
  readonly error?: string | undefined
}

export function Stay({ until, days, onChange, error }: Props) {
  const { today, habits } = useStrap()
  const week = habits.weekStart === 'sunday' ? FROM_SUNDAY : FROM_MONDAY
  const toggle = (day: Weekday) => {
    const next = days.includes(day) ? days.filter((one) => one !== day) : [...days, day]
    // Whoever begins to come again and again comes for longer than a weekend.
    const isFirst = days.length === 0
    onChange({ days: next, ...(isFirst && { until: monthsOn(today) }) })
  }
  return (
    <Stack gap={4} style={{ gridColumn: '1 / -1' }}>
      <Row gap={4} align="end" wrap>
        <DayField
          label={words.members.guestUntil}
          min={today}
          value={until}
          onChange={(day) => onChange({ until: day })}
          error={error}
        />
        {(
          [
            ['tonight', today],
            ['weekend', endOfWeekend(today)],
          ] as const
        ).map(([name, day]) => (
          <Button key={name} onClick={() => onChange({ until: day as PlainDate, days: [] })}>
            {stayWords[name]}
          </Button>
        ))}
      </Row>
      <Row as="fieldset" gap={3} wrap align="center">
        <Box as="legend" size={2} weight="bold" below={2}>
          {stayWords.again}
        </Box>
        {week.map((day) => (
          <Chip key={day} pressed={days.includes(day)} onClick={() => toggle(day)}>
            {words.places.weekdays[day - 1]}
          </Chip>
        ))}
      </Row>
    </Stack>
  )
}
