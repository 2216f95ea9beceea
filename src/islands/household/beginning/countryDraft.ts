/** The country of a new household as the form has it, and what follows from it. */
import { changeHousehold } from '../../../contract/household'
import { wouldFollow } from '../../../core/household/countryHabits'
import { act, type FormReading, faultsIn, missing } from '../../../ui/formReading'
import type { HouseholdView } from '../view'

type Household = HouseholdView['household']

/** "" is a country that the table does not have: its numbers are asked. */
export type CountryDraft = {
  readonly country: string
  readonly emergencyNumber: string
  readonly poisonNumber: string
}

/** What is usual in a country is taken along with it; of what is not known, the number is asked. */
export function readCountryDraft(
  { country, emergencyNumber, poisonNumber }: CountryDraft,
  household: Household,
): FormReading<CountryDraft, typeof changeHousehold> {
  const seenVersion = household.version
  if (country !== '')
    return act(changeHousehold, {
      body: { seenVersion, country, ...wouldFollow(country, household) },
    })
  return (
    faultsIn<CountryDraft>({ emergencyNumber: missing(emergencyNumber) }) ??
    act(changeHousehold, { body: { seenVersion, country, emergencyNumber, poisonNumber } })
  )
}
