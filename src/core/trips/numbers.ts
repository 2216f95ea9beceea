/** Whom to call on a trip. */
import { numbersToCall } from '../household/emergencyNumbers'
import type { Stop } from './trip'

/** Whom to call at a stop: elsewhere the household's own numbers are those of another country. */
export const numbersAt = (
  { country }: Pick<Stop, 'country'>,
  household: Parameters<typeof numbersToCall>[0],
): ReturnType<typeof numbersToCall> =>
  numbersToCall(
    country === '' || country === household.country
      ? household
      : { country, emergencyNumber: '', poisonNumber: '' },
  )
