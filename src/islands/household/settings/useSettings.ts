/** One group of settings as a form of its own; saved by itself, without losing what is typed in another. */
import { useState } from 'react'
import type { ActForm } from '../../../ui/useActForm'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import type { HouseholdView } from '../view'
import { readSettingsDraft, type SettingsDraft, settingsDraft } from './settingsDraft'

export function useSettings(household: HouseholdView['household']): ActForm<SettingsDraft> {
  const [from, setFrom] = useState(() => settingsDraft(household))
  const form = useActForm({
    initial: from,
    read: (draft) => readSettingsDraft(draft, from, household),
    said: words.settings.saved,
    onSaved: () => setFrom(form.values),
  })
  return form
}
