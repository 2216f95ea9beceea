/** What can happen at a place, and how far help is: needs follow from it. */
import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { changePlace } from '../../contract/endpoints'
import { PLACE_TRAIT_IDS, PLACE_TRAITS } from '../../core/household/places'
import { useActing } from '../../ui/acting'
import { words } from '../../words'
import type { HouseholdView } from './HouseholdScreen'
import classes from './household.module.css'

const w = words.household

export function PlaceTraits({ place }: { readonly place: HouseholdView['places'][number] }) {
  const { run, busy } = useActing()
  const [minutes, setMinutes] = useState(
    place.minutesToHelp === null ? '' : String(place.minutesToHelp),
  )
  const change = (patch: { traits: typeof place.traits } | { minutesToHelp: number | null }) =>
    void run(
      changePlace,
      { params: { placeId: place.id }, body: { seenVersion: place.version, ...patch } },
      words.undo.did.saved,
    )
  const saveMinutes = () => {
    const value = minutes.trim() === '' ? null : Number(minutes)
    const isNumber = value === null || (Number.isInteger(value) && value >= 0 && value <= 10_000)
    if (isNumber && value !== place.minutesToHelp) change({ minutesToHelp: value })
  }
  return (
    <fieldset className={classes.traits}>
      <legend className="visually-hidden">{w.traits(place.name)}</legend>
      {PLACE_TRAIT_IDS.map((trait) => {
        const isOn = place.traits.includes(trait)
        return (
          <button
            key={trait}
            type="button"
            aria-pressed={isOn}
            disabled={busy}
            onClick={() =>
              change({
                traits: isOn
                  ? place.traits.filter((one) => one !== trait)
                  : [...place.traits, trait],
              })
            }
          >
            {PLACE_TRAITS[trait]}
          </button>
        )
      })}
      <TextInput
        label={w.minutes}
        inputMode="numeric"
        value={minutes}
        onChange={(event) => setMinutes(event.currentTarget.value)}
        onBlur={saveMinutes}
      />
    </fieldset>
  )
}
