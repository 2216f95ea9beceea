import { serveFile } from '../../api/serveFile'
import { readCalendarFile } from '../../app/calendarActs'
import { words } from '../../words'

export const GET = serveFile(async ({ world, caller }) => ({
  name: 'vivid-satchel-dates.ics',
  type: 'text/calendar; charset=utf-8',
  body: await readCalendarFile(world, caller, words.calendar.entry),
}))
