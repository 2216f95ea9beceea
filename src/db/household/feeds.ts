/** Calendars that the household’s dates go to. */
import type { Trx } from '../frame/connect'

export interface CalendarFeed {
  readonly id: string
  readonly name: string
}

export async function readFeeds(trx: Trx): Promise<readonly CalendarFeed[]> {
  return trx
    .selectFrom('calendar_feed')
    .select(['id', 'name'])
    .where('removed_by_act', 'is', null)
    .orderBy('name')
    .execute()
}
