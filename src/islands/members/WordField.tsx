/** What the parents of a child who is a guest said may be given: by name, by thing, with its end. */

import { MultiSelect, TextInput } from '@mantine/core'
import { useState } from 'react'
import { isPlainDate, type PlainDate } from '../../core/calendar/plainDate'
import { SUBSTANCE_IDS, type SubstanceId, substanceName } from '../../core/catalogue/substances'
import type { ParentsWord, PersonFacts } from '../../core/household/member'
import { Box, Stack } from '../../ui/Box'
import { DayField } from '../../ui/DayField'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { dayFault } from '../../words/frame/forms'

const wordWords = words.members.word

interface Props {
  readonly facts: PersonFacts
  /** The last day of the stay: no word goes on after it by itself. */
  readonly stays: PlainDate
  readonly onChange: (facts: PersonFacts) => void
}

export function WordField({ facts, stays, onChange }: Props) {
  const { today } = useStrap()
  const [said, setSaid] = useState({
    who: facts.word?.who ?? '',
    phone: facts.word?.phone ?? '',
    substances: facts.word?.substances ?? [],
    until: (facts.word?.until ?? stays) as string,
  })
  const change = (patch: Partial<typeof said>) => {
    const next = { ...said, ...patch }
    setSaid(next)
    const { word: known, ...others } = facts
    const word = wordOf(next, known?.on ?? today)
    onChange(word ? { ...others, word } : others)
  }
  const text = (name: 'who' | 'phone', error?: string) => (
    <TextInput
      label={wordWords[name]}
      maxLength={120}
      type={name === 'phone' ? 'tel' : undefined}
      value={said[name]}
      error={error}
      onChange={(event) => change({ [name]: event.currentTarget.value })}
    />
  )
  const isSaid = said.substances.length > 0
  return (
    <Stack as="fieldset" gap={4} padX={5} padY={4} line="dashed" radius={2}>
      <Box as="legend" padX={2} size={2} weight="bold">
        {wordWords.title}
      </Box>
      <Box as="p" size={2} tone="second">
        {wordWords.why}
      </Box>
      <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
        {text('who', isSaid && said.who.trim() === '' ? wordWords.whoMissing : undefined)}
        {text('phone')}
      </Stack>
      <MultiSelect
        label={wordWords.substances}
        searchable
        value={[...said.substances]}
        onChange={(substances) => change({ substances: substances as SubstanceId[] })}
        data={SUBSTANCE_IDS.map((value) => ({ value, label: substanceName(value) }))}
      />
      <DayField
        label={wordWords.until}
        min={today}
        value={said.until}
        onChange={(until) => change({ until })}
        error={isSaid ? dayFault(said.until, { min: today }) : undefined}
      />
    </Stack>
  )
}

/** A word that nobody is named for, or that has no end, is not kept: it would let something be given on nobody's word. */
function wordOf(
  {
    who,
    phone,
    substances,
    until,
  }: {
    readonly who: string
    readonly phone: string
    readonly substances: readonly SubstanceId[]
    readonly until: string
  },
  on: PlainDate,
): ParentsWord | null {
  return who.trim() !== '' && substances.length > 0 && isPlainDate(until)
    ? { who: who.trim(), phone: phone.trim(), substances, on, until: until as PlainDate }
    : null
}
