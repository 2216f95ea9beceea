/** What is known of an animal for the day on which the house is left. */
import { Checkbox, Select, TextInput } from '@mantine/core'
import type { Member } from '../../core/household/member'
import { isAnimal } from '../../core/household/member'
import { ActDialog } from '../../ui/ActDialog'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { hidingDraft, readHidingDraft } from './drafts'
import type { Shown } from './useEvacuation'

const said = words.evacuation.hiding

interface Props {
  readonly shown: Pick<Shown, 'cover'>
  readonly memberId: string
  readonly onClose: () => void
}

export function HidingForm({ shown: { cover }, memberId, onClose }: Props) {
  const members = cover.view.members as readonly Member[]
  const member = members.find(({ id }) => id === memberId)
  return member ? <Form member={member} members={members} onClose={onClose} /> : null
}

function Form({
  member,
  members,
  onClose,
}: {
  readonly member: Member
  readonly members: readonly Member[]
  readonly onClose: () => void
}) {
  const form = useActForm({
    initial: hidingDraft(member),
    read: (draft) => readHidingDraft(draft, member),
    said: words.evacuation.answered(member.name),
    onSaved: onClose,
  })
  // Who shares one already cannot be shared with in turn.
  const others = members.filter(
    ({ id, species, facts }) =>
      id !== member.id &&
      isAnimal(species) &&
      !(facts.kind === 'animal' && facts.evacuation?.sharesWith),
  )
  return (
    <ActDialog form={form} title={said.title(member.name)} press={said.save} onClose={onClose}>
      <Checkbox label={said.hides} {...form.tick('hides')} />
      <TextInput data-autofocus label={said.label} maxLength={200} {...form.text('where')} />
      <Select
        label={said.shares}
        placeholder={said.sharesNobody}
        clearable
        {...form.choice('sharesWith')}
        data={others.map(({ id, name }) => ({ value: id, label: name }))}
      />
    </ActDialog>
  )
}
