/**
 * What usually follows from the country one lives in. Every one may be changed: these are what most
 * households there do, not what they must. Source: the Unicode CLDR's territory data (currency,
 * measurement, week), and the customary all-digit date of each country.
 */
import type { CountryCode } from './emergencyNumbers'
import type { Household } from './household'

export type CountryHabits = Pick<Household, 'currency' | 'units' | 'dateOrder' | 'weekStart'> & {
  /** Null where a country has more than one zone. */
  readonly timeZone: string | null
}

type Unusual = Partial<Omit<CountryHabits, 'timeZone'>>

const habits = (timeZone: string | null, unusual: Unusual = {}): CountryHabits => ({
  currency: 'EUR',
  units: 'metric',
  dateOrder: 'day-first',
  weekStart: 'monday',
  timeZone,
  ...unusual,
})

const COUNTRY_HABITS: Readonly<Record<CountryCode, CountryHabits>> = {
  AT: habits('Europe/Vienna'),
  AU: habits(null, { currency: 'AUD' }),
  BE: habits('Europe/Brussels'),
  BG: habits('Europe/Sofia'),
  CA: habits(null, { currency: 'CAD', dateOrder: 'year-first', weekStart: 'sunday' }),
  CH: habits('Europe/Zurich', { currency: 'CHF' }),
  CY: habits('Asia/Nicosia'),
  CZ: habits('Europe/Prague', { currency: 'CZK' }),
  DE: habits('Europe/Berlin'),
  DK: habits('Europe/Copenhagen', { currency: 'DKK' }),
  EE: habits('Europe/Tallinn'),
  ES: habits(null),
  FI: habits('Europe/Helsinki'),
  FR: habits('Europe/Paris'),
  GB: habits('Europe/London', { currency: 'GBP' }),
  GR: habits('Europe/Athens'),
  HR: habits('Europe/Zagreb'),
  HU: habits('Europe/Budapest', { currency: 'HUF', dateOrder: 'year-first' }),
  IE: habits('Europe/Dublin'),
  IT: habits('Europe/Rome'),
  LT: habits('Europe/Vilnius', { dateOrder: 'year-first' }),
  LU: habits('Europe/Luxembourg'),
  LV: habits('Europe/Riga'),
  MT: habits('Europe/Malta'),
  NL: habits('Europe/Amsterdam'),
  NO: habits('Europe/Oslo', { currency: 'NOK' }),
  NZ: habits(null, { currency: 'NZD' }),
  PL: habits('Europe/Warsaw', { currency: 'PLN' }),
  PT: habits(null),
  RO: habits('Europe/Bucharest', { currency: 'RON' }),
  SE: habits('Europe/Stockholm', { currency: 'SEK', dateOrder: 'year-first' }),
  SI: habits('Europe/Ljubljana'),
  SK: habits('Europe/Bratislava'),
  US: habits(null, {
    currency: 'USD',
    units: 'us',
    dateOrder: 'month-first',
    weekStart: 'sunday',
  }),
}

const isKnown = (country: string): country is CountryCode => Object.hasOwn(COUNTRY_HABITS, country)

/** What usually follows from a country; null where the table does not have it. */
export const habitsOf = (country: string): CountryHabits | null =>
  isKnown(country) ? COUNTRY_HABITS[country] : null

/** The currencies of the countries in the table, in the order of the alphabet. */
export const CURRENCIES: readonly string[] = [
  ...new Set(Object.values(COUNTRY_HABITS).map(({ currency }) => currency)),
].sort()

/** What a household writes by. */
export type Writing = Pick<Household, 'currency' | 'units' | 'dateOrder' | 'weekStart' | 'timeZone'>

/** Of what usually follows from a country, what a household does otherwise. Empty where nothing does. */
export function wouldFollow(country: string, now: Writing): Partial<Writing> {
  const usual = habitsOf(country)
  if (!usual) return {}
  const found = Object.entries(usual).filter(
    ([name, value]) => value !== null && value !== now[name as keyof Writing],
  )
  return Object.fromEntries(found) as Partial<Writing>
}

/**
 * The country a device seems to be in: by its zone where only one country has it, else by the
 * region of its language. Null where neither tells. A proposal only.
 * @param languages as the device names them: "en-GB"
 */
export function guessCountry(timeZone: string, languages: readonly string[]): CountryCode | null {
  const byZone = Object.entries(COUNTRY_HABITS).find(([, { timeZone: zone }]) => zone === timeZone)
  if (byZone) return byZone[0] as CountryCode
  for (const language of languages) {
    const [, region = ''] = /[-_]([A-Z]{2})$/.exec(language) ?? []
    if (isKnown(region)) return region
  }
  return null
}
