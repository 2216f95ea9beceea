/** A new member, or a guest in three facts. */

import { Checkbox, Select, TextInput } from '@mantine/core'
import { useRef } from 'react'
import { SPECIES } from '../../core/household/species'
import { TOPICS } from '../../core/household/told'
import { ActForm } from '../../ui/ActForm'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { DayField } from '../../ui/DayField'
import { useStrap } from '../../ui/Frame'
import { SegmentedControl } from '../../ui/SegmentedControl'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { capital } from '../../words/frame/format'
import { TOPIC_NAMES } from '../../words/frame/topics'
import {
  ASKED_NOW,
  type AskedNow,
  emptyMember,
  hasMoreToSay,
  NOTHING_OF_ALL,
  readMemberDraft,
} from './memberDraft'
import { Stay } from './Stay'

const householdWords = words.household

interface Props {
  readonly isGuest: boolean
  readonly press?: string
  /** One is added; the form stays for the next. */
  readonly onAdded?: () => void
  readonly onDone?: () => void
  /** Nobody else is to come: who is typed already is added first. */
  readonly last?: { readonly press: string; readonly onLast: () => void }
}

export function AddMember({ isGuest, press = householdWords.add, onAdded, onDone, last }: Props) {
  const { today } = useStrap()
  const isLast = useRef(false)
  const form = useActForm({
    initial: emptyMember(today),
    read: (draft) => readMemberDraft(draft, { today, isGuest }),
    said: ({ name }) => words.undo.did.added(name),
    refusals: { born_in_future: 'born', weight_out_of_range: 'kg' },
    onSaved: (saved) => {
      if (saved && hasMoreToSay(form.values)) location.assign(`/members/${saved.memberId}?edit=1`)
      else if (isGuest) onDone?.()
      else if (isLast.current) last?.onLast()
      else {
        form.restart()
        onAdded?.()
      }
    },
  })
  const finish = () => {
    if (form.values.name.trim() === '') return last?.onLast()
    isLast.current = true
    void form.submit().finally(() => {
      isLast.current = false
    })
  }
  return (
    <ActForm
      form={form}
      above={4}
      aria-label={isGuest ? words.members.guest : householdWords.addMember}
      press={press}
      onCancel={last ? finish : onDone}
      cancel={last?.press ?? householdWords.done}
    >
      {isGuest && <p className="second">{words.members.guestFacts}</p>}
      <Stack gap={5} align="start" columns={2}>
        <TextInput autoFocus label={householdWords.name} maxLength={120} {...form.text('name')} />
        <Select label={householdWords.species} {...form.choice('species')} data={[...SPECIES]} />
        <DayField label={householdWords.born} max={today} {...form.choice('born')} />
        <TextInput label={words.members.weightOptional} inputMode="decimal" {...form.text('kg')} />
        {isGuest && (
          <Stay
            until={form.values.until}
            days={form.values.days}
            onChange={(stay) => form.set(stay)}
            error={form.choice('until').error}
          />
        )}
      </Stack>
      {!isGuest && onDone && <TextInput label={householdWords.note} {...form.text('note')} />}
      <Row
        as="fieldset"
        gapX={6}
        gapY={4}
        wrap
        align="end"
        padX={5}
        padY={4}
        line="seam"
        radius={2}
      >
        <legend>{householdWords.askNow.title}</legend>
        {TOPICS.map((topic) => (
          <Stack gap={2} key={topic}>
            <Box as="b" size={2} aria-hidden>
              {capital(TOPIC_NAMES[topic])}
            </Box>
            <SegmentedControl<AskedNow>
              label={capital(TOPIC_NAMES[topic])}
              value={form.values[topic]}
              onChange={(said) => form.set({ [topic]: said })}
              options={ASKED_NOW.map((value) => ({ value, label: householdWords.askNow[value] }))}
            />
          </Stack>
        ))}
        <Button onClick={() => form.set(NOTHING_OF_ALL)}>{householdWords.askNow.noneOfAll}</Button>
        {hasMoreToSay(form.values) && <p className="second">{householdWords.askNow.next}</p>}
      </Row>
      {form.values.species === 'person' && !isGuest && (
        <Checkbox label={householdWords.helper} {...form.tick('helper')} />
      )}
    </ActForm>
  )
}
