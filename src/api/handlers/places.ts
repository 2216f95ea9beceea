/** Places, visits, and the calendar of everything with a date. */
import * as calendarActs from '../../app/places/calendarActs'
import * as placeActs from '../../app/places/placeActs'
import { readStrap } from '../../app/watch/readWatch'
import type * as contract from '../../contract/places'
import * as words from '../../words'
import type { HandlersOf } from '../handler'

export const places: HandlersOf<typeof contract> = {
  ...placeActs,
  ...calendarActs,
  readStrap,
  calendarFile: async (world, caller) => ({
    name: 'vivid-satchel-dates.ics',
    type: 'text/calendar; charset=utf-8',
    body: await calendarActs.readCalendarFile(world, caller, words.places.calendar.entry),
  }),
}
