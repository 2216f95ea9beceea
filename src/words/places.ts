/** English for places, visits and calendars. */
import type { Rhythm } from '../core/calendar/presence'
import type { Climate, Signal } from '../core/household/places'
import type { CalendarEntry } from '../core/watch/calendarEntries'
import { capital, MONTH_NAMES, SHORT_WEEKDAY_NAMES } from './frame/format'
import { rounds } from './rounds'
import { watchText } from './watch'

export const calendar = {
  entry: (entry: CalendarEntry): { summary: string; description: string } => {
    switch (entry.kind) {
      case 'visit':
        return {
          summary: entry.label ? `${entry.place}: ${entry.label}` : entry.place,
          description: '',
        }
      case 'stop':
        return {
          summary: entry.trip === entry.stop ? entry.trip : `${entry.trip}: ${entry.stop}`,
          description: entry.who.join(', '),
        }
      case 'check':
        return {
          summary: `Look through ${entry.kit}, ${entry.place}`,
          description: `${capital(rounds.because[entry.why])}: ${entry.pockets.join(', ')}`,
        }
      case 'turns':
        return {
          summary:
            entry.titles.length === 1
              ? `${entry.titles[0]} expires, ${entry.place}`
              : `${entry.titles.length} things expire, ${entry.place}`,
          description: entry.titles.join(', '),
        }
      case 'course':
        return { summary: `${entry.title}: last day for ${entry.member}`, description: '' }
      case 'errands':
        return {
          summary:
            entry.errands.length === 1
              ? `One thing to do, ${entry.place}`
              : `${entry.errands.length} things to do, ${entry.place}`,
          description: entry.errands
            .map(({ act, title }) =>
              [watchText.acts[act], title || watchText.untitled(act)].filter(Boolean).join(': '),
            )
            .join('\n'),
        }
      case 'weather':
        return {
          summary: `${entry.what === 'frost' ? 'First frost' : 'Above 30 °C'} by the model, ${entry.place}`,
          description: `Take indoors before: ${entry.titles.join(', ')}`,
        }
      case 'follow_up':
        return {
          summary: `Check on ${entry.who || watchText.untitled('follow_up')}`,
          description: entry.what,
        }
    }
  },
}

const CLIMATE_WORDS: Readonly<Record<Climate, string>> = {
  heated: 'heated',
  car: 'a car: hot and cold',
  unheated: 'unheated',
}

const SIGNAL_WORDS: Readonly<Record<Signal, string>> = {
  good: 'good',
  patchy: 'patchy',
  none: 'none',
}

export const importText = {
  import: 'Import a calendar file',
  importTo: (place: string): string => `Visits to ${place} from a calendar`,
  choose: 'Choose an .ics file',
  export: 'Dates that matter as a calendar file',
  refused: {
    not_a_calendar: 'This is not a calendar file. Export one as .ics and choose that.',
    too_large: 'This file is larger than a calendar is. Export fewer entries.',
    too_slow:
      'This calendar takes too long to read: something in it repeats on a day that never comes. Remove that entry and try again.',
  },
  reading: 'Reading the calendar',
  nothing: 'This calendar has nothing ahead.',
  found: (count: number): string => (count === 1 ? 'One visit to come' : `${count} visits to come`),
  leftOut: (past: number, unreadable: number): string =>
    [
      past > 0 ? `${past} past` : '',
      unreadable > 0 ? `${unreadable} without a day that can be read` : '',
    ]
      .filter(Boolean)
      .join(', '),
  take: (count: number): string => (count === 1 ? 'Add this visit' : `Add ${count} visits`),
  did: (added: number, changed: number, already: number): string =>
    [
      `${added} added`,
      changed > 0 ? `${changed} brought up to date` : '',
      already > 0 ? `${already} there already` : '',
    ]
      .filter(Boolean)
      .join(', '),
}

export const places = {
  visitTo: (place: string): string => `Visit to ${place}`,
  facts: 'Change this place',
  name: 'Name',
  minutesToHelp: 'Minutes to a clinic',
  minutesToVet: 'Minutes to a vet',
  signal: 'Mobile signal',
  climate: 'Climate',
  unsaid: 'not said',
  usually: 'Usually there',
  rhythm: 'When somebody is there',
  season: 'On some days, in a season',
  days: 'On',
  months: 'From and to',
  weekdays: SHORT_WEEKDAY_NAMES,
  monthNames: MONTH_NAMES,
  save: 'Save',
  wrongMinutes: 'Give whole minutes up to 10000',
  pickDay: 'Pick a day',
  signalWord: (signal: Signal): string => SIGNAL_WORDS[signal],
  climateWord: (climate: Climate): string => CLIMATE_WORDS[climate],
  summary: (place: {
    minutesToHelp: number | null
    minutesToVet: number | null
    signal: Signal | null
    climate: Climate | null
  }): string =>
    [
      place.minutesToHelp === null ? '' : `${place.minutesToHelp} min to a clinic`,
      place.minutesToVet === null ? '' : `${place.minutesToVet} min to a vet`,
      place.signal === null ? '' : `signal ${SIGNAL_WORDS[place.signal]}`,
      place.climate === null ? '' : CLIMATE_WORDS[place.climate],
    ]
      .filter(Boolean)
      .join(' · '),
  seasonal: (rhythm: Extract<Rhythm, { kind: 'season' }>): string =>
    `${rhythm.days.map((day) => SHORT_WEEKDAY_NAMES[day - 1]).join(', ')} from ${MONTH_NAMES[rhythm.fromMonth - 1]} to ${MONTH_NAMES[rhythm.toMonth - 1]}`,
  calendar,
  importing: importText,
} as const

/** What somebody did, after a name: "Ilse …". */
export const placesPast = {
  visits_imported: 'read visits from a calendar',
  place_added: 'added a place',
  place_changed: 'changed a place',
  visit_added: 'added a visit',
  visit_removed: 'removed a visit',
} as const
