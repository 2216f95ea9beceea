/** Prescriptions: whose, filled with which item, how much a day, what becomes of the rest. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { CourseId, ItemId, MemberId } from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { itemNow } from '../../db/items/items'
import { courseNow, prescribedToAnother } from '../../db/members/members'
import { type Acting, act, mustEdit } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'

export interface CourseFields {
  readonly reason: string
  readonly prescriber: string
  readonly directions: string
  readonly perDay: Amount | null
  /** The unit that the amount was given in; "" for the item's own. */
  readonly unit: string
  readonly startsOn: PlainDate
  readonly endsOn: PlainDate | null
  readonly confirmedAgainstWarning: boolean
}

export const addCourse = (
  world: World,
  caller: Caller,
  { key, ...course }: CourseFields & { key: string; memberId: MemberId; itemId: ItemId },
) =>
  act(
    world,
    caller,
    { key, kind: 'course_added', why: course.reason, request: course },
    async (acting) => {
      await mustHave(acting.trx, 'member', course.memberId)
      await mustBeCountedIn(acting, course.itemId, course.unit)
      await mustBeNobodyElses(acting, course.itemId, course.memberId)
      return {
        courseId: (await createRecord(acting, 'course', {
          member_id: course.memberId,
          item_id: course.itemId,
          reason: course.reason,
          prescriber: course.prescriber,
          directions: course.directions,
          per_day: course.perDay,
          starts_on: course.startsOn,
          ends_on: course.endsOn,
          confirmed_against_warning: course.confirmedAgainstWarning,
        })) as CourseId,
      }
    },
  )

export const changeCourse = (
  world: World,
  caller: Caller,
  {
    key,
    courseId,
    seenVersion,
    ...patch
  }: { key: string; courseId: CourseId; seenVersion: number } & Partial<CourseFields> & {
      /** The prescriber's word on what is left; null takes it back. */
      readonly release?: {
        readonly by: string
        readonly on: PlainDate
        readonly words: string
      } | null
    },
) =>
  act(
    world,
    caller,
    {
      key,
      kind: patch.release ? 'leftover_released' : 'course_changed',
      request: { courseId, seenVersion, patch },
    },
    async (acting) => {
      const { perDay, unit, startsOn, endsOn, confirmedAgainstWarning, release, ...same } = patch
      const course = await courseNow(acting.trx, courseId)
      if (!course) throw notFound()
      if (unit) await mustBeCountedIn(acting, course.itemId, unit)
      const first = startsOn ?? course.startsOn
      const last = endsOn === undefined ? course.endsOn : endsOn
      if (last !== null && last < first) throw new Refusal({ code: 'ends_before_it_begins' })
      mustEdit(
        await editRecord(
          acting,
          'course',
          courseId,
          {
            ...same,
            ...(perDay !== undefined && { per_day: perDay }),
            ...(startsOn && { starts_on: startsOn }),
            ...(endsOn !== undefined && { ends_on: endsOn }),
            ...(confirmedAgainstWarning !== undefined && {
              confirmed_against_warning: confirmedAgainstWarning,
            }),
            ...(release !== undefined && { release: release && JSON.stringify(release) }),
          },
          seenVersion,
        ),
      )
      return {}
    },
  )

export const removeCourse = (
  world: World,
  caller: Caller,
  { key, courseId }: { key: string; courseId: CourseId },
) =>
  act(world, caller, { key, kind: 'course_removed', request: courseId }, async (acting) => {
    if (!(await removeRecord(acting, 'course', courseId))) throw notFound()
    return {}
  })

/** An amount in another unit than the item is counted in would be misread. */
async function mustBeCountedIn({ trx }: Acting, itemId: ItemId, unit: string): Promise<void> {
  const row = await itemNow(trx, itemId)
  if (!row) throw notFound()
  if (unit !== '' && unit !== row.unit)
    throw new Refusal({ code: 'unit_differs', ours: row.unit, theirs: unit })
}

/** Never mixed: an item that is prescribed for one is nobody else's. */
async function mustBeNobodyElses(
  { trx }: Acting,
  itemId: ItemId,
  memberId: MemberId,
): Promise<void> {
  const whose = await prescribedToAnother(trx, itemId, memberId)
  if (whose !== null) throw new Refusal({ code: 'somebody_elses_medicine', whose })
}
