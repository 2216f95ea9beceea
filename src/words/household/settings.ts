/** English for the settings. */
import type { Writing } from '../../core/household/countryHabits'
import { list, money } from '../frame/format'
import { householdText } from './household'

const SAID: { readonly [Name in keyof Writing]: (value: Writing[Name]) => string } = {
  currency: (value) => `money in ${value}`,
  units: (value) => `${householdText[value]} units`,
  dateOrder: (value) => `dates ${householdText.dateOrders[value]}`,
  weekStart: (value) => `a week that begins on ${householdText[value]}`,
  timeZone: (value) => `the time of ${value.split('/').at(-1)?.replaceAll('_', ' ')}`,
}

export const settings = {
  title: 'Settings',
  under: 'They hold for everybody in the household. Each can be undone right after you save it.',
  saved: 'Settings saved',
  where: 'Country and numbers to call',
  whereUnder: 'The numbers stand on every emergency screen and on paper. Check them once.',
  writing: 'How it is written',
  name: 'Name of the household',
  nameUnder: 'It stands on printed sheets and on the Household page.',
  look: 'Look',
  lookUnder: 'For this device only. Torch is dark and large, for the night.',
  checks: 'Checks',
  checksUnder: 'How often we ask you to check a kit, and how early we warn you.',
  schools: 'Where experts disagree',
  schoolsUnder:
    'Our choices are cautious ones, and you can leave them as they are. Each question says why.',
  openSchools: 'See the questions',
  take: 'Change these too',
  usually: (follows: Partial<Writing>): string =>
    `Usual there: ${list(
      Object.entries(follows).map(([name, value]) =>
        (SAID[name as keyof Writing] as (value: unknown) => string)(value),
      ),
    )}.`,
  called: (number: string): string => `Shown: ${number}`,
  nobody: 'no number yet',
  effect: {
    dateOrder: 'How you type a date, and how a printed one is read',
    weekStart: 'The first day in calendars',
    units: {
      metric: 'Weights in kg, temperatures in °C',
      us: 'Weights in lb, temperatures in °F',
    },
    currency: (currency: string): string => `Prices look like ${money(1250, currency)}`,
    timeZone: 'When a day begins and ends at home',
    lookahead: (days: string): string =>
      /^\d{1,3}$/.test(days.trim())
        ? `We warn you ${days.trim()} days before something expires, or before the next visit if that is later`
        : 'We warn you that many days before something expires',
  },
} as const
