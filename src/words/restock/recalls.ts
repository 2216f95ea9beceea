/** Words of recalls. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Total } from '../../core/quantity/amount'
import { capital, counted, fullDay, numberWord } from '../frame/format'

const lots = (count: number): string => `${numberWord(count)} ${count === 1 ? 'pack' : 'packs'}`

export const recalls = {
  title: 'Recalls',
  headline: (recalled: number, look: number, isStandIn: boolean): string =>
    recalled > 0
      ? `${capital(lots(recalled))} of yours ${recalled === 1 ? 'is' : 'are'} recalled`
      : look > 0
        ? `${capital(lots(look))} to look at`
        : isStandIn
          ? 'Nothing of yours stands in the made-up bulletins'
          : 'Nothing of yours is recalled',
  under: (source: string): string =>
    `From ${source}. What a bulletin says goes before what is written here.`,
  standIn:
    'These bulletins are a stand-in with made-up recalls. They know of no real one. Check with the office in your country, and write down here what concerns you.',
  write: 'Write down a recall',
  fields: {
    name: 'What is recalled, as you keep it',
    strength: 'Strength, if only one is meant',
    batches: 'Batches, one a line; W3100–W3199 for all between',
    reason: 'What is wrong with it',
    advice: 'What to do with it',
    source: 'Where you read it',
    on: 'Published on',
  },
  save: 'Write it down, and put mine on hold',
  cancel: 'Cancel',
  feed: {
    silent: 'The bulletins do not answer now. What was taken in before is below.',
    unreadable: 'The bulletins cannot be read now. What was taken in before is below.',
  },
  unread: (ids: readonly string[]): string =>
    `Could not be read: ${ids.join(', ')}. Look there yourself.`,
  published: (id: string, day: PlainDate): string => `${id}, ${fullDay(day)}`,
  batches: (batches: readonly string[]): string => `Batches ${batches.join(', ')}`,
  hold: (count: number): string => (count === 1 ? 'Put it on hold' : `Put all ${count} on hold`),
  held: (held: number, look: number): string =>
    `${capital(lots(held))} put on hold${look > 0 ? `; ${numberWord(look)} to look at` : ''}`,
  isHeld: 'on hold',
  recalled: 'recalled',
  look: 'No batch is noted of these: look at the packs',
  batch: 'Batch on the pack',
  note: 'Note it',
  noted: 'Batch noted',
  lot: (amount: Total, unit: string): string => counted(amount, unit),
  where: (pocket: string, kit: string, place: string): string => `${pocket}, ${kit} (${place})`,
  ofBatch: (batch: string): string => `batch ${batch}`,
  takenOn: (day: PlainDate): string =>
    `Taken in on ${fullDay(day)}. Each place has an errand for it.`,
  others: (count: number): string =>
    `${capital(numberWord(count))} ${count === 1 ? 'bulletin is' : 'bulletins are'} about nothing of yours`,
}
