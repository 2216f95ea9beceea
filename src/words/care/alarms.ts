/** What readings say has to be done, in words, in the household's units. */
import { assertNever } from '../../core/brand'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Instant } from '../../core/dosing/given'
import type { Advice, AlarmState, Told, Trend } from '../../core/incident/alarms'
import type { Site } from '../../core/incident/entry'
import { exact } from '../../core/quantity/exact'
import { type Temperature, temperatureText } from '../../core/quantity/measure'
import { capital, fullDay } from '../frame/format'

type Units = 'metric' | 'us'

const degrees = (hundredths: number, units: Units): string =>
  temperatureText(hundredths as Temperature, units)

const WHOM = { doctor: 'doctor', vet: 'vet' } as const

/** The heading: whom to call, and how soon. */
export function urgencyText({ urgency, whom }: Pick<Told, 'urgency' | 'whom'>): string {
  switch (urgency) {
    case 'emergency':
      return whom === 'vet'
        ? 'Emergency: call the vet or the animal clinic now, and go.'
        : 'Emergency: call the emergency number now.'
    case 'now':
      return `A ${WHOM[whom]} at once, day or night.`
    case 'today':
      return `A ${WHOM[whom]} today.`
    default:
      return assertNever(urgency)
  }
}

/** Why, with the figure that was read and the line it reached. */
export function causeText({ cause, value }: Pick<Told, 'cause' | 'value'>, units: Units): string {
  const read = degrees(value, units)
  switch (cause.kind) {
    case 'hot':
      return `${read}: ${degrees(cause.line, units)} or more.`
    case 'cold':
      return `${read}: under ${degrees(cause.line, units)}.`
    case 'hot_with':
      return cause.with === 'heat'
        ? `${read}, after heat or running.`
        : cause.with === 'seizure'
          ? `${read}, and a seizure.`
          : `${read}, and confused.`
    case 'drowsy':
      return `${read}, and drowsy or hard to wake.`
    case 'not_falling':
      return `${read}: not falling after five minutes.`
    default:
      return assertNever(cause)
  }
}

const SITE_WORDS: Readonly<Record<Site, string>> = {
  mouth: 'in the mouth',
  ear: 'in the ear',
  forehead: 'on the forehead',
  armpit: 'in the armpit',
  rectal: 'in the rectum',
}

export function adviceText(
  advice: Advice,
  { units, time }: { readonly units: Units; readonly time: (at: Instant) => string },
): string {
  switch (advice.kind) {
    case 'cool':
      return `${advice.falling ? 'It falls, and is still too hot: go on cooling' : 'Cool: shade, water on the skin, fan'}, down to ${degrees(advice.to, units)}.`
    case 'stop_cooling':
      return 'Cool enough: stop cooling, dry, and go on reading.'
    case 'do_not_cool':
      return 'A fever is not cooled with water.'
    case 'warm':
      return 'Warm slowly: dry, wrap, out of the wind. Nothing hot straight on the skin.'
    case 'read_again':
      return `Read again in ${advice.minutes} minutes, at ${time(advice.due)}.`
    case 'seen_today':
      return `To be seen by a ${WHOM[advice.whom]} today, although it is lower.`
    case 'other_site':
      return `${capital(SITE_WORDS[advice.site])} this cannot be trusted: take it in another place.`
    case 'ask_age':
      return 'How old? Under three months these figures mean a doctor at once. Until somebody says, the strictest hold.'
    case 'ask_heat':
      return 'Was it in the heat, or running?'
    case 'watch_bird':
      return 'No temperature is taken of a bird at home. Does it breathe with an open beak, sit fluffed up, or lie down? The vet.'
    case 'count_again':
      return `${advice.of === 'pulse' ? 'The pulse' : 'Breathing'} is ${advice.high ? 'above' : 'below'} normal. Count again, at rest.`
    default:
      return assertNever(advice)
  }
}

/** "−0.3 K in 5 min, −0.8 K in 15 min"; "" where nothing can be compared. */
export function trendText({ five, fifteen }: Trend, units: Units): string {
  const change = (hundredths: number): string => {
    const shown = units === 'us' ? exact(hundredths, 100).mul(9).div(5) : exact(hundredths, 100)
    const rounded = Number(shown.valueOf()).toFixed(1)
    const unit = units === 'us' ? '°F' : 'K'
    return Number(rounded) === 0
      ? `no change`
      : `${Number(rounded) > 0 ? '+' : '−'}${rounded.replace('-', '')} ${unit}`
  }
  return [
    five === null ? '' : `${change(five)} in 5 min`,
    fifteen === null ? '' : `${change(fifteen)} in 15 min`,
  ]
    .filter((text) => text !== '')
    .join(', ')
}

/** The whole state as short sentences, the gravest first. */
export function alarmText(
  { told, advice }: AlarmState,
  how: { readonly units: Units; readonly time: (at: Instant) => string },
): readonly string[] {
  return [
    ...(told ? [`${urgencyText(told)} ${causeText(told, how.units)}`] : []),
    ...advice.map((one) => adviceText(one, how)),
  ]
}

export const ownLineText = (
  {
    hot,
    cold,
    who,
    on,
  }: {
    readonly hot: number | null
    readonly cold: number | null
    readonly who: string
    readonly on: PlainDate
  },
  units: Units,
): string =>
  `${[
    hot === null ? '' : `from ${degrees(hot, units)}`,
    cold === null ? '' : `under ${degrees(cold, units)}`,
  ]
    .filter((text) => text !== '')
    .join(', ')} (${who}, ${fullDay(on)})`
