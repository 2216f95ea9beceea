/** A new member, or a guest in three facts. */

import { Checkbox, Select, TextInput } from '@mantine/core'
import { SPECIES } from '../../core/household/species'
import { TOPICS } from '../../core/household/told'
import { ActForm } from '../../ui/ActForm'
import { Row, Stack } from '../../ui/Box'
import { DayField } from '../../ui/DayField'
import { useStrap } from '../../ui/Frame'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { capital } from '../../words/frame/format'
import { TOPIC_NAMES } from '../../words/frame/topics'
import { emptyMember, hasMoreToSay, readMemberDraft } from './memberDraft'

const householdWords = words.household

export function AddMember({
  isGuest,
  onDone,
}: {
  readonly isGuest: boolean
  readonly onDone: () => void
}) {
  const { today } = useStrap()
  const form = useActForm({
    initial: emptyMember(today),
    read: (draft) => readMemberDraft(draft, { today, isGuest }),
    said: words.undo.did.saved,
    refusals: { born_in_future: 'born', weight_out_of_range: 'kg' },
    onSaved: (saved) => {
      if (saved && hasMoreToSay(form.values)) location.assign(`/members/${saved.memberId}?edit=1`)
      else if (isGuest) onDone()
      else form.restart()
    },
  })
  return (
    <ActForm
      form={form}
      above={4}
      aria-label={isGuest ? words.members.guest : householdWords.addMember}
      press={householdWords.add}
      onCancel={onDone}
      cancel={householdWords.done}
    >
      {isGuest && <p className="second">{words.members.guestFacts}</p>}
      <Stack gap={5} align="start" columns={2}>
        <TextInput autoFocus label={householdWords.name} maxLength={120} {...form.text('name')} />
        <Select label={householdWords.species} {...form.choice('species')} data={[...SPECIES]} />
        <DayField label={householdWords.born} max={today} {...form.choice('born')} />
        <TextInput label={words.members.weightOptional} inputMode="decimal" {...form.text('kg')} />
        {isGuest && (
          <DayField label={words.members.guestUntil} min={today} {...form.choice('until')} />
        )}
      </Stack>
      {!isGuest && <TextInput label={householdWords.note} {...form.text('note')} />}
      <Row as="fieldset" gapX={6} gapY={4} wrap padX={5} padY={4} line="seam" radius={2}>
        <legend>{householdWords.askNow.title}</legend>
        {TOPICS.map((topic) => (
          <Select
            key={topic}
            label={capital(TOPIC_NAMES[topic])}
            {...form.choice(topic)}
            data={[
              { value: 'later', label: householdWords.askNow.later },
              { value: 'none', label: householdWords.askNow.none },
              { value: 'some', label: householdWords.askNow.some },
            ]}
          />
        ))}
        {hasMoreToSay(form.values) && <p className="second">{householdWords.askNow.next}</p>}
      </Row>
      {form.values.species === 'person' && !isGuest && (
        <Checkbox label={householdWords.helper} {...form.tick('helper')} />
      )}
    </ActForm>
  )
}
