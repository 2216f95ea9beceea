/** How the household writes and whom it calls as the form has it, and what that asks for. */
import { changeHousehold } from '../../contract/household'
import { readNumber } from '../../core/quantity/readNumber'
import { act, type FormReading, faultsIn, missing } from '../../ui/formReading'
import * as words from '../../words'
import type { HouseholdView } from './view'

type Household = HouseholdView['household']

export type SettingsDraft = Omit<Household, 'version' | 'lookaheadDays'> & {
  readonly lookahead: string
}

const DAYS = { least: 1, most: 366, whole: true }

export const settingsDraft = ({
  version: _,
  lookaheadDays,
  ...household
}: Household): SettingsDraft => ({ ...household, lookahead: String(lookaheadDays) })

export function readSettingsDraft(
  { lookahead, ...patch }: SettingsDraft,
  { version }: Pick<Household, 'version'>,
): FormReading<SettingsDraft, typeof changeHousehold> {
  const days = readNumber(lookahead, DAYS)
  const faults = faultsIn<SettingsDraft>({
    name: missing(patch.name),
    lookahead: typeof days === 'number' ? undefined : words.household.wrongLookahead,
  })
  if (faults) return faults
  return act(changeHousehold, {
    body: { ...patch, lookaheadDays: Number(days), seenVersion: version } as never,
  })
}
