/** Everything about a member that decides what suits them. */

import { Checkbox, TagsInput, TextInput } from '@mantine/core'
import { SUBSTANCE_IDS, substanceName } from '../../core/catalogue/substances'
import { allergyName } from '../../core/household/factNames'
import type { Member, MemberFacts } from '../../core/household/member'
import { ActForm } from '../../ui/ActForm'
import { Stack } from '../../ui/Box'
import { DayField } from '../../ui/DayField'
import { useStrap } from '../../ui/Frame'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { Stay } from '../household/Stay'
import { AnimalFields } from './AnimalFields'
import { allergyOf, factsDraft, readFactsDraft } from './factsDraft'
import { PersonFields } from './PersonFields'
import { ToldField } from './ToldField'
import { WordField } from './WordField'

const membersWords = words.members

export function FactsForm({
  member,
  onDone,
}: {
  readonly member: Member
  readonly onDone: () => void
}) {
  const { today } = useStrap()
  const form = useActForm({
    initial: factsDraft(member),
    read: (draft) => readFactsDraft(draft, { member, today }),
    said: ({ name }) => words.undo.did.saved(name),
    refusals: { born_in_future: 'born' },
    onSaved: onDone,
  })
  const { facts } = form.values
  const setFacts = (next: MemberFacts): void => form.set({ facts: next })
  return (
    <ActForm form={form} above={4} press={membersWords.save} onCancel={onDone}>
      <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
        <TextInput label={words.household.name} maxLength={120} {...form.text('name')} />
        <DayField label={words.household.born} max={today} {...form.choice('born')} />
      </Stack>
      {member.guestUntil && (
        <Stay
          until={form.values.until}
          days={form.values.days}
          onChange={(stay) => form.set(stay)}
          error={form.choice('until').error}
        />
      )}
      <TextInput label={words.household.note} {...form.text('note')} />
      <TagsInput
        label={membersWords.allergies}
        description={membersWords.allergyHint}
        value={facts.allergies.map(allergyName)}
        onChange={(names) => setFacts({ ...facts, allergies: names.map(allergyOf) })}
        data={SUBSTANCE_IDS.map(substanceName)}
      />
      {facts.allergies.length === 0 && (
        <ToldField topic="allergies" facts={facts} today={today} onChange={setFacts} />
      )}
      {facts.kind === 'person' ? (
        <>
          <Checkbox label={membersWords.helper} {...form.tick('helper')} />
          {member.guestUntil && (
            <WordField facts={facts} stays={member.guestUntil} onChange={setFacts} />
          )}
          <PersonFields facts={facts} onChange={setFacts} />
        </>
      ) : (
        <AnimalFields facts={facts} onChange={setFacts} />
      )}
    </ActForm>
  )
}
