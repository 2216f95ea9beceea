/** A prescription as the form has it, and what that asks for. */
import { addCourse, changeCourse } from '../../contract/members'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Course } from '../../core/household/course'
import type { ItemId, MemberId } from '../../core/ids'
import { formatAmount } from '../../core/quantity/amount'
import { readAmount } from '../../core/quantity/readAmount'
import { act, type FormReading, faultsIn } from '../../ui/formReading'
import * as words from '../../words'
import { dayFault } from '../../words/frame/forms'

export type CourseDraft = {
  /** What it was filled with; it stays so when the course is changed. */
  readonly itemId: ItemId | null
  readonly reason: string
  readonly prescriber: string
  readonly directions: string
  readonly perDay: string
  readonly startsOn: string
  readonly endsOn: string
}

export const courseDraft = (course: Course | null, today: PlainDate): CourseDraft => ({
  itemId: course?.itemId ?? null,
  reason: course?.reason ?? '',
  prescriber: course?.prescriber ?? '',
  directions: course?.directions ?? '',
  perDay: course?.perDay ? formatAmount(course.perDay) : '',
  startsOn: course?.startsOn ?? today,
  endsOn: course?.endsOn ?? '',
})

export function readCourseDraft(
  { itemId, perDay, startsOn, endsOn, ...said }: CourseDraft,
  { course, memberId }: { readonly course: Course | null; readonly memberId: MemberId },
): FormReading<CourseDraft, typeof addCourse | typeof changeCourse> {
  const amount = perDay.trim() === '' ? null : readAmount(perDay)
  const faults = faultsIn<CourseDraft>({
    itemId: itemId === null ? words.forms.pick : undefined,
    perDay: amount?.kind === 'refused' ? words.members.wrongAmount : undefined,
    startsOn: startsOn === '' ? words.forms.missing : dayFault(startsOn),
    endsOn: dayFault(endsOn, { min: startsOn as PlainDate }),
  })
  if (faults || itemId === null) return faults ?? { kind: 'faults', faults: {} }
  const written = {
    ...said,
    perDay: amount?.kind === 'read' ? amount.amount : null,
    unit: amount?.kind === 'read' ? amount.unit : '',
    startsOn: startsOn as PlainDate,
    endsOn: endsOn === '' ? null : (endsOn as PlainDate),
  }
  return course
    ? act(changeCourse, {
        params: { courseId: course.id },
        body: { seenVersion: course.version, ...written },
      })
    : act(addCourse, { params: { memberId }, body: { itemId, ...written } })
}
