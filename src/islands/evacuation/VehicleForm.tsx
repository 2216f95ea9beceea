/** What fits into a vehicle, and whether it can be counted on. */
import { Checkbox, TextInput } from '@mantine/core'
import { ActDialog } from '../../ui/ActDialog'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import type { HouseholdView } from '../household/view'
import { readVehicleDraft, vehicleDraft } from './drafts'

const said = words.evacuation.vehicle

interface Props {
  readonly place: HouseholdView['places'][number]
  readonly onClose: () => void
}

export function VehicleForm({ place, onClose }: Props) {
  const form = useActForm({
    initial: vehicleDraft(place),
    read: (draft) => readVehicleDraft(draft, place),
    said: said.saved(place.name),
    onSaved: onClose,
  })
  return (
    <ActDialog form={form} title={said.title(place.name)} press={said.press} onClose={onClose}>
      <TextInput data-autofocus label={said.seats} inputMode="numeric" {...form.text('seats')} />
      <TextInput label={said.animals} inputMode="numeric" {...form.text('animals')} />
      <Checkbox label={said.away} {...form.tick('isAway')} />
    </ActDialog>
  )
}
