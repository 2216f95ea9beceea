/**
 * Whom to call, by country. Source: the national emergency and poison services' own public
 * pages, as generally known in 2026. Numbers change: the household checks them once and may
 * overrule every one. Where no public poison line is known to us, none is given.
 */
import type { Household } from './household'

export interface CountryNumbers {
  readonly country: string
  readonly name: string
  readonly emergency: string
  readonly poison: string | null
}

export const EMERGENCY_NUMBERS = [
  { country: 'AU', name: 'Australia', emergency: '000', poison: '13 11 26' },
  { country: 'AT', name: 'Austria', emergency: '144 or 112', poison: '01 406 43 43' },
  { country: 'BE', name: 'Belgium', emergency: '112', poison: '070 245 245' },
  { country: 'BG', name: 'Bulgaria', emergency: '112', poison: null },
  { country: 'CA', name: 'Canada', emergency: '911', poison: '1 844 764 7669' },
  { country: 'HR', name: 'Croatia', emergency: '112', poison: null },
  { country: 'CY', name: 'Cyprus', emergency: '112', poison: null },
  { country: 'CZ', name: 'Czechia', emergency: '155 or 112', poison: '224 919 293' },
  { country: 'DK', name: 'Denmark', emergency: '112', poison: '82 12 12 12' },
  { country: 'EE', name: 'Estonia', emergency: '112', poison: '16662' },
  { country: 'FI', name: 'Finland', emergency: '112', poison: '0800 147 111' },
  { country: 'FR', name: 'France', emergency: '15 or 112', poison: null },
  { country: 'DE', name: 'Germany', emergency: '112', poison: null },
  { country: 'GR', name: 'Greece', emergency: '112', poison: null },
  { country: 'HU', name: 'Hungary', emergency: '112', poison: null },
  { country: 'IE', name: 'Ireland', emergency: '112 or 999', poison: '01 809 2166' },
  { country: 'IT', name: 'Italy', emergency: '112', poison: null },
  { country: 'LV', name: 'Latvia', emergency: '112', poison: null },
  { country: 'LT', name: 'Lithuania', emergency: '112', poison: null },
  { country: 'LU', name: 'Luxembourg', emergency: '112', poison: '8002 5500' },
  { country: 'MT', name: 'Malta', emergency: '112', poison: null },
  { country: 'NL', name: 'Netherlands', emergency: '112', poison: null },
  { country: 'NZ', name: 'New Zealand', emergency: '111', poison: '0800 764 766' },
  { country: 'NO', name: 'Norway', emergency: '113', poison: '22 59 13 00' },
  { country: 'PL', name: 'Poland', emergency: '112', poison: null },
  { country: 'PT', name: 'Portugal', emergency: '112', poison: '800 250 250' },
  { country: 'RO', name: 'Romania', emergency: '112', poison: null },
  { country: 'SK', name: 'Slovakia', emergency: '112', poison: null },
  { country: 'SI', name: 'Slovenia', emergency: '112', poison: null },
  { country: 'ES', name: 'Spain', emergency: '112', poison: '91 562 04 20' },
  { country: 'SE', name: 'Sweden', emergency: '112', poison: '010 456 67 00' },
  { country: 'CH', name: 'Switzerland', emergency: '144 or 112', poison: '145' },
  { country: 'GB', name: 'United Kingdom', emergency: '999', poison: '111' },
  { country: 'US', name: 'United States', emergency: '911', poison: '1 800 222 1222' },
] as const satisfies readonly CountryNumbers[]

export type CountryCode = (typeof EMERGENCY_NUMBERS)[number]['country']

export interface NumbersToCall {
  /** null: not known; the sheet leaves a line to fill in by hand. */
  readonly emergency: string | null
  readonly poison: string | null
}

/** The household's own numbers first, then its country's. */
export function numbersToCall(
  household: Pick<Household, 'country' | 'emergencyNumber' | 'poisonNumber'>,
): NumbersToCall {
  const country: CountryNumbers | undefined = EMERGENCY_NUMBERS.find(
    (entry) => entry.country === household.country,
  )
  return {
    emergency: household.emergencyNumber || country?.emergency || null,
    poison: household.poisonNumber || country?.poison || null,
  }
}
