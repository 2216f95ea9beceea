/** A household's settings as their forms have them: each form sends what was changed in it. */
import { changeHousehold } from '../../../contract/household'
import { readNumber } from '../../../core/quantity/readNumber'
import { act, type FormReading, faultsIn, missing, UNCHANGED } from '../../../ui/formReading'
import * as words from '../../../words'
import type { HouseholdView } from '../view'

type Household = HouseholdView['household']

/** What is no setting stays as it is: only what was changed is sent. */
export type SettingsDraft = Omit<
  Household,
  'version' | 'lookaheadDays' | 'schools' | 'pharmacyDays' | 'beginning'
> & { readonly lookahead: string }

const DAYS = { least: 1, most: 366, whole: true }

export const settingsDraft = ({ lookaheadDays, ...household }: Household): SettingsDraft => ({
  ...household,
  lookahead: String(lookaheadDays),
})

/**
 * @param from as the form began: what somebody else changed since stays as they left it
 */
export function readSettingsDraft(
  draft: SettingsDraft,
  from: SettingsDraft,
  { version }: Pick<Household, 'version'>,
): FormReading<SettingsDraft, typeof changeHousehold> {
  const days = readNumber(draft.lookahead, DAYS)
  const faults = faultsIn<SettingsDraft>({
    name: missing(draft.name),
    lookahead: typeof days === 'number' ? undefined : words.household.wrongLookahead,
  })
  if (faults) return faults
  const { lookahead, ...changed } = Object.fromEntries(
    Object.entries(draft).filter(([name, value]) => value !== from[name as keyof SettingsDraft]),
  ) as Partial<SettingsDraft>
  if (lookahead === undefined && Object.keys(changed).length === 0) return UNCHANGED
  return act(changeHousehold, {
    body: {
      ...changed,
      ...(lookahead !== undefined && { lookaheadDays: Number(days) }),
      seenVersion: version,
    } as never,
  })
}
