/** People and animals, their weights and prescriptions. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Course } from '../../core/household/course'
import { belongsOn, type Member } from '../../core/household/member'
import type { Weighing } from '../../core/household/weight'
import type { CourseId, ItemId, MemberId, WeighingId } from '../../core/ids'
import type { Trx } from '../frame/connect'
import { toCourse, toMember } from '../frame/rows'

/** Who belongs to the household on a day, guests included; people first, the oldest first. */
export const readMembers = async (trx: Trx, today: PlainDate): Promise<readonly Member[]> =>
  (await everybody(trx)).filter((member) => belongsOn(member, today))

/** With guests whose stay is over, who was here last first: they may come again. */
export async function readMembersAndGuests(
  trx: Trx,
  today: PlainDate,
): Promise<{ readonly members: readonly Member[]; readonly earlierGuests: readonly Member[] }> {
  const all = await everybody(trx)
  return {
    members: all.filter((member) => belongsOn(member, today)),
    earlierGuests: all
      .filter((member) => !belongsOn(member, today))
      .sort((a, b) => (b.guestUntil ?? '').localeCompare(a.guestUntil ?? '')),
  }
}

async function everybody(trx: Trx): Promise<readonly Member[]> {
  const rows = await trx
    .selectFrom('member')
    .selectAll()
    .where('removed_by_act', 'is', null)
    .orderBy((order) => order.case().when('species', '=', 'person').then(0).else(1).end())
    .orderBy('species')
    .orderBy('born')
    .orderBy('id')
    .execute()
  const weighings = await trx
    .selectFrom('weighing')
    .select(['id', 'member_id', 'on_day', 'grams', 'noted_at'])
    .where('removed_by_act', 'is', null)
    .orderBy('on_day')
    .orderBy('noted_at')
    .orderBy('id')
    .execute()
  const of = new Map<string, Weighing[]>()
  for (const { id, member_id, on_day, grams, noted_at } of weighings)
    of.set(member_id, [
      ...(of.get(member_id) ?? []),
      { id: id as WeighingId, on: on_day as PlainDate, grams, notedAt: noted_at.getTime() },
    ])
  return rows.map((row) => toMember(row, of.get(row.id) ?? []))
}

/** The names of all who belong or have been guests: none of them stands on what others read. */
export async function everyName(trx: Trx): Promise<readonly string[]> {
  const rows = await trx
    .selectFrom('member')
    .select('name')
    .where('removed_by_act', 'is', null)
    .execute()
  return rows.map(({ name }) => name)
}

/** Prescriptions of who still belongs to the household. */
export async function readCourses(trx: Trx): Promise<readonly Course[]> {
  const rows = await trx
    .selectFrom('course')
    .innerJoin('member', 'member.id', 'course.member_id')
    .selectAll('course')
    .where('course.removed_by_act', 'is', null)
    .where('member.removed_by_act', 'is', null)
    .orderBy('course.starts_on')
    .orderBy('course.id')
    .execute()
  return rows.map(toCourse)
}

/** A prescription, or undefined when there is none, or no longer. */
export async function courseNow(trx: Trx, courseId: CourseId): Promise<Course | undefined> {
  const row = await trx
    .selectFrom('course')
    .selectAll()
    .where('id', '=', courseId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()
  return row && toCourse(row)
}

/** The name of another member for whom an item is prescribed; null when there is none. */
export async function prescribedToAnother(
  trx: Trx,
  itemId: ItemId,
  memberId: MemberId,
): Promise<string | null> {
  const row = await trx
    .selectFrom('course')
    .innerJoin('member', 'member.id', 'course.member_id')
    .select('member.name')
    .where('course.item_id', '=', itemId)
    .where('course.member_id', '!=', memberId)
    .where('course.removed_by_act', 'is', null)
    .executeTakeFirst()
  return row?.name ?? null
}
