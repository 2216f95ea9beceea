/** English for how a thing is kept: on tags, sheets, labels and in lists. */
import type { PlainDate } from '../../core/calendar/plainDate'
import { STORAGE_CLASSES, type StorageClass } from '../../core/catalogue/storageClass'
import type { Weather } from '../../core/exposure/ahead'
import type { Keeping } from '../../core/exposure/storage'
import { capital, list, MONTH_NAMES, numberWord, shortDay } from '../frame/format'

const SHORT: Readonly<Record<StorageClass, string>> = {
  room: '20 to 25 °C',
  'below-25': 'below 25 °C',
  'below-30': 'below 30 °C',
  fridge: '2 to 8 °C',
  'never-frozen': 'no frost',
  dry: 'dry',
  dark: 'dark',
  'no-limit': '',
}
const FROST = 'no frost'
const WEATHER: Readonly<Record<Weather, string>> = { frost: 'Frost', heat: 'Too hot' }

interface UnfitSaid {
  readonly code: Weather
  readonly days: number
  readonly of: number
  readonly isMeasured: boolean
  readonly months: readonly [from: number, to: number]
}

type Kept = Pick<Keeping, 'storage' | 'frostHarms'>

/** "below 25 °C, no frost"; "" where nothing has to be said, or nobody has said it. */
const short = ({ storage, frostHarms }: Kept): string =>
  [
    ...new Set([
      ...(storage ? [SHORT[storage]] : []),
      ...(frostHarms && storage !== 'fridge' ? [FROST] : []),
    ]),
  ]
    .filter(Boolean)
    .join(', ')

export const storage = {
  label: 'Keep at',
  name: (of: StorageClass): string => STORAGE_CLASSES[of],
  short,
  onPaper: (kept: Kept): string => (short(kept) === '' ? '' : `Keep: ${short(kept)}`),
  said: ({ storage: of, source, frostHarms }: Omit<Keeping, 'millilitres'>): string =>
    of === null
      ? frostHarms
        ? 'no frost; nobody has said more: look at its label'
        : 'nobody has said: look at its label'
      : `${[STORAGE_CLASSES[of], ...(frostHarms && of !== 'fridge' && of !== 'never-frozen' ? [FROST] : [])].join(', ')}${source === 'catalogue' ? ', as is usual for it; its label may say otherwise' : ', says its label'}`,
  unknown: 'Nobody has said',
  frost: 'No frost',
  any: 'Every way',
  harmed: 'Too much heat or frost',
  coming: (what: Weather, on: PlainDate, today: PlainDate): string =>
    `${WEATHER[what]} ${on <= today ? 'likely now' : `from ${shortDay(on, today)}`}`,
  comingLong: (what: Weather, on: PlainDate, today: PlainDate): string =>
    `${WEATHER[what]} ${on <= today ? 'likely now' : `from ${shortDay(on, today)}`}, by the model: take it indoors`,
  notHere: 'Not for this place all year',
  unfit: ({ code, days, of, months, isMeasured }: UnfitSaid): string =>
    `${code === 'frost' ? 'Frost' : 'Above 30 °C'} on ${days} of ${of} days, ${MONTH_NAMES[months[0] - 1]} to ${MONTH_NAMES[months[1] - 1]}, ${isMeasured ? 'as measured' : 'by the model'}.`,
  unfitThings: (titles: readonly string[]): string =>
    `${titles.length === 1 ? 'This does' : `These ${numberWord(titles.length)} do`} not belong here then: ${list(titles)}.`,
  toPlan: 'What the plan does about it',
  open: 'What heat and frost did',
  what: capital('heat and frost'),
}
