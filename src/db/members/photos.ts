/** Photos of members. */
import type { MemberId } from '../../core/ids'
import type { Trx } from '../frame/connect'

export const photoOf = (trx: Trx, memberId: MemberId) =>
  trx
    .selectFrom('member_photo')
    .select(['id', 'media_type', 'bytes'])
    .where('member_id', '=', memberId)
    .where('removed_by_act', 'is', null)
    .executeTakeFirst()

/** Members that have a photo, with the record that changes when it does. */
export async function readPhotos(
  trx: Trx,
): Promise<readonly { readonly id: string; readonly memberId: string }[]> {
  const rows = await trx
    .selectFrom('member_photo')
    .select(['id', 'member_id'])
    .where('removed_by_act', 'is', null)
    .execute()
  return rows.map(({ id, member_id }) => ({ id, memberId: member_id }))
}
