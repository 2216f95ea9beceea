/** A prescription as it was written: a new one, or one to change. Its item stays the one it was filled with. */

import { Select, TextInput } from '@mantine/core'
import type { Course } from '../../core/household/course'
import type { Member } from '../../core/household/member'
import type { ItemId } from '../../core/ids'
import { itemTitle } from '../../core/stock/item'
import { ActForm } from '../../ui/ActForm'
import { Stack } from '../../ui/Box'
import { DayField } from '../../ui/DayField'
import { useStrap } from '../../ui/Frame'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import type { CoverView } from '../cover/useCover'
import { courseDraft, readCourseDraft } from './courseDraft'

const membersWords = words.members
/** What can be prescribed. */
const PRESCRIBED: readonly string[] = ['medicine', 'sharp', 'pressurised', 'food']

interface Props {
  readonly member: Member
  readonly view: CoverView
  /** Null for a new one. */
  readonly course: Course | null
  readonly onDone: () => void
}

export function CourseForm({ member, view, course, onDone }: Props) {
  const { today } = useStrap()
  const form = useActForm({
    initial: courseDraft(course, today),
    read: (draft) => readCourseDraft(draft, { course, memberId: member.id }),
    said: words.undo.did.saved(words.members.prescriptionOf(member.name)),
    refusals: {
      ends_before_it_begins: 'endsOn',
      somebody_elses_medicine: 'itemId',
      unit_differs: 'perDay',
    },
    onSaved: onDone,
  })
  const title = course ? membersWords.changeCourse : membersWords.addCourse
  return (
    <ActForm
      form={form}
      above={4}
      className="no-print"
      aria-label={title}
      press={course ? membersWords.save : membersWords.addCourse}
      onCancel={onDone}
    >
      {!course && (
        <Select
          label={membersWords.item}
          searchable
          {...form.choice('itemId')}
          data={view.items
            .filter(
              ({ id, kind }) => PRESCRIBED.includes(kind) && !isSomebodyElses(view, member, id),
            )
            .map((item) => ({ value: item.id, label: itemTitle(item) }))}
        />
      )}
      <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
        <TextInput label={membersWords.reason} maxLength={120} {...form.text('reason')} />
        <TextInput label={membersWords.prescriber} maxLength={120} {...form.text('prescriber')} />
      </Stack>
      <TextInput label={membersWords.directions} maxLength={2000} {...form.text('directions')} />
      <TextInput
        label={membersWords.perDay}
        description={membersWords.asNeeded}
        {...form.text('perDay')}
      />
      <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
        <DayField label={membersWords.starts} {...form.choice('startsOn')} />
        <DayField
          label={membersWords.ends}
          description={membersWords.endsHint}
          {...form.choice('endsOn')}
        />
      </Stack>
    </ActForm>
  )
}

const isSomebodyElses = ({ courses }: CoverView, member: Member, item: ItemId): boolean =>
  courses.some(({ itemId, memberId }) => itemId === item && memberId !== member.id)
