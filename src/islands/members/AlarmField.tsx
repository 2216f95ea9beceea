/** From which temperature the doctor or vet wants to see this patient: their line wins over the customary one. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { AlarmLine, MemberFacts } from '../../core/household/member'
import { readTemperature, temperatureText } from '../../core/quantity/measure'
import { Box, Stack } from '../../ui/Box'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'

const membersWords = words.members

interface Props<F extends MemberFacts> {
  readonly facts: F
  readonly today: PlainDate
  readonly onChange: (facts: F) => void
}

export function AlarmField<F extends MemberFacts>({ facts, today, onChange }: Props<F>) {
  const { habits } = useStrap()
  const { units } = habits
  const own = facts.alarm
  const shown = (value: number | null | undefined): string =>
    value == null ? '' : temperatureText(value as never, units)
  const [text, setText] = useState({
    hot: shown(own?.hot),
    cold: shown(own?.cold),
    who: own?.who ?? '',
  })
  const read = (typed: string): number | null | 'wrong' => {
    if (typed.trim() === '') return null
    const reading = readTemperature(typed, units)
    return reading.kind === 'read' ? reading.value : 'wrong'
  }
  const change = (patch: Partial<typeof text>) => {
    const next = { ...text, ...patch }
    setText(next)
    const hot = read(next.hot)
    const cold = read(next.cold)
    const { alarm: _, ...others } = facts
    if (hot === 'wrong' || cold === 'wrong') return
    const alarm: AlarmLine | null =
      (hot === null && cold === null) || next.who.trim() === ''
        ? null
        : { hot, cold, who: next.who.trim(), on: today }
    onChange((alarm ? { ...others, alarm } : others) as F)
  }
  /** A line that nobody is named for is not kept: it would move an alarm on no one's word. */
  const errorOf = (name: keyof typeof text): string | undefined => {
    if (name !== 'who')
      return read(text[name]) === 'wrong' ? membersWords.wrongTemperature : undefined
    const isSaid = text.hot.trim() !== '' || text.cold.trim() !== ''
    return isSaid && text.who.trim() === '' ? membersWords.alarmWhoMissing : undefined
  }
  const field = (name: keyof typeof text, label: string) => (
    <TextInput
      label={label}
      value={text[name]}
      maxLength={120}
      error={errorOf(name)}
      onChange={(event) => change({ [name]: event.currentTarget.value })}
    />
  )
  return (
    <Stack as="fieldset" gap={4} padX={5} padY={4} line="dashed" radius={2}>
      <Box as="legend" padX={2} size={2} weight="bold">
        {membersWords.alarm}
      </Box>
      <p className="second">{membersWords.alarmHint}</p>
      <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
        {field('hot', membersWords.alarmHot)}
        {field('cold', membersWords.alarmCold)}
      </Stack>
      {field('who', membersWords.alarmWho)}
    </Stack>
  )
}
