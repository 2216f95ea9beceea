/** A prescription as it was written: a new one, or one to change. Its item stays the one it was filled with. */

import { Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { addCourse, changeCourse } from '../../contract/members'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Course } from '../../core/household/course'
import type { Member } from '../../core/household/member'
import type { ItemId } from '../../core/ids'
import { formatAmount } from '../../core/quantity/amount'
import { readAmount } from '../../core/quantity/readAmount'
import { itemTitle } from '../../core/stock/item'
import { useActing } from '../../ui/acting'
import { Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import type { CoverView } from '../cover/useCover'

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
  const { run, busy } = useActing()
  const { today } = useStrap()
  const [itemId, setItemId] = useState<ItemId | null>(course?.itemId ?? null)
  const [fields, setFields] = useState({
    reason: course?.reason ?? '',
    prescriber: course?.prescriber ?? '',
    directions: course?.directions ?? '',
    perDay: course?.perDay ? formatAmount(course.perDay) : '',
    startsOn: (course?.startsOn ?? today) as string,
    endsOn: (course?.endsOn ?? '') as string,
  })
  const amount = fields.perDay.trim() === '' ? null : readAmount(fields.perDay)
  const wrong = amount !== null && amount.kind !== 'read'
  const title = course ? membersWords.changeCourse : membersWords.addCourse
  const text = (name: keyof typeof fields) => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
  })
  const submit = async () => {
    if (!itemId || wrong) return
    const written = {
      reason: fields.reason,
      prescriber: fields.prescriber,
      directions: fields.directions,
      perDay: amount?.kind === 'read' ? amount.amount : null,
      unit: amount?.kind === 'read' ? amount.unit : '',
      startsOn: fields.startsOn as PlainDate,
      endsOn: fields.endsOn === '' ? null : (fields.endsOn as PlainDate),
    }
    const result = course
      ? await run(
          changeCourse,
          { params: { courseId: course.id }, body: { seenVersion: course.version, ...written } },
          words.undo.did.saved,
        )
      : await run(
          addCourse,
          { params: { memberId: member.id }, body: { itemId, ...written } },
          words.undo.did.saved,
        )
    if (result) onDone()
  }
  return (
    <Stack
      as="form"
      gap={5}
      above={4}
      className="no-print"
      aria-label={title}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      {!course && (
        <Select
          label={membersWords.item}
          searchable
          required
          withAsterisk={false}
          value={itemId}
          onChange={(id) => setItemId(view.items.find((one) => one.id === id)?.id ?? null)}
          data={view.items
            .filter(
              ({ id, kind }) => PRESCRIBED.includes(kind) && !isSomebodyElses(view, member, id),
            )
            .map((item) => ({ value: item.id, label: itemTitle(item) }))}
        />
      )}
      <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
        <TextInput label={membersWords.reason} maxLength={120} {...text('reason')} />
        <TextInput label={membersWords.prescriber} maxLength={120} {...text('prescriber')} />
      </Stack>
      <TextInput label={membersWords.directions} maxLength={2000} {...text('directions')} />
      <TextInput
        label={membersWords.perDay}
        description={membersWords.asNeeded}
        {...text('perDay')}
        error={wrong ? membersWords.wrongAmount : undefined}
      />
      <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
        <TextInput
          type="date"
          required
          withAsterisk={false}
          label={membersWords.starts}
          {...text('startsOn')}
        />
        <TextInput
          type="date"
          label={membersWords.ends}
          description={membersWords.endsHint}
          min={fields.startsOn}
          {...text('endsOn')}
        />
      </Stack>
      <Row gap={5} align="center" wrap>
        <Button kind="strong" type="submit" busy={busy} disabled={!itemId || wrong}>
          {course ? membersWords.save : membersWords.addCourse}
        </Button>
        <Button onClick={onDone}>{membersWords.cancel}</Button>
      </Row>
    </Stack>
  )
}

const isSomebodyElses = ({ courses }: CoverView, member: Member, item: ItemId): boolean =>
  courses.some(({ itemId, memberId }) => itemId === item && memberId !== member.id)
