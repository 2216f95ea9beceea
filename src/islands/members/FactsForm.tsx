/** Everything about a member that decides what suits them. */

import { Checkbox, TagsInput, TextInput } from '@mantine/core'
import { useState } from 'react'
import { changeMember } from '../../contract/members'
import type { PlainDate } from '../../core/calendar/plainDate'
import { SUBSTANCE_IDS, substanceName, substanceNamed } from '../../core/catalogue/substances'
import type { Allergy, Member, MemberFacts } from '../../core/household/member'
import { useActing } from '../../ui/acting'
import { Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { AnimalFields } from './AnimalFields'
import { allergyName } from './factLines'
import { PersonFields } from './PersonFields'
import { ToldField } from './ToldField'

const membersWords = words.members

export function FactsForm({
  member,
  onDone,
}: {
  readonly member: Member
  readonly onDone: () => void
}) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const [plain, setPlain] = useState({
    name: member.name,
    born: member.born ?? '',
    helper: member.helper,
    note: member.note,
  })
  const [facts, setFacts] = useState<MemberFacts>(member.facts)
  const submit = async () => {
    const result = await run(
      changeMember,
      {
        params: { memberId: member.id },
        body: {
          seenVersion: member.version,
          ...plain,
          born: plain.born === '' ? null : (plain.born as PlainDate),
          facts,
        },
      },
      words.undo.did.saved,
    )
    if (result) onDone()
  }
  return (
    <Stack
      as="form"
      gap={5}
      above={4}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
        <TextInput
          required
          withAsterisk={false}
          label={words.household.name}
          maxLength={120}
          value={plain.name}
          onChange={(event) => setPlain({ ...plain, name: event.currentTarget.value })}
        />
        <TextInput
          type="date"
          label={words.household.born}
          max={today}
          value={plain.born}
          onChange={(event) => setPlain({ ...plain, born: event.currentTarget.value })}
        />
      </Stack>
      <TextInput
        label={words.household.note}
        value={plain.note}
        onChange={(event) => setPlain({ ...plain, note: event.currentTarget.value })}
      />
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
          <Checkbox
            label={membersWords.helper}
            checked={plain.helper}
            onChange={(event) => setPlain({ ...plain, helper: event.currentTarget.checked })}
          />
          <PersonFields facts={facts} onChange={setFacts} />
        </>
      ) : (
        <AnimalFields facts={facts} onChange={setFacts} />
      )}
      <Row gap={5} align="center" wrap>
        <Button kind="strong" type="submit" busy={busy} disabled={plain.name.trim() === ''}>
          {membersWords.save}
        </Button>
        <Button onClick={onDone}>{membersWords.cancel}</Button>
      </Row>
    </Stack>
  )
}

/** A substance where the word means one; else the word itself. */
const allergyOf = (name: string): Allergy => {
  const substance = substanceNamed(name)
  return substance ? { kind: 'substance', substance } : { kind: 'named', name }
}
