/** What can happen at a place: needs follow from it. */

import { changePlace } from '../../contract/places'
import { PLACE_TRAIT_IDS, PLACE_TRAITS } from '../../core/household/places'
import { useActing } from '../../ui/acting'
import { Row } from '../../ui/Box'
import { Chip } from '../../ui/Button'
import * as words from '../../words'
import type { HouseholdView } from './view'

const householdWords = words.household

export function PlaceTraits({ place }: { readonly place: HouseholdView['places'][number] }) {
  const { run, busy } = useActing()
  const change = (traits: typeof place.traits) =>
    void run(
      changePlace,
      { params: { placeId: place.id }, body: { seenVersion: place.version, traits } },
      words.undo.did.saved(place.name),
    )
  return (
    <Row as="fieldset" gap={3} align="end" wrap above={3} below={3}>
      <legend className="visually-hidden">{householdWords.traits(place.name)}</legend>
      {PLACE_TRAIT_IDS.map((trait) => {
        const isOn = place.traits.includes(trait)
        return (
          <Chip
            key={trait}
            pressed={isOn}
            disabled={busy}
            onClick={() =>
              change(isOn ? place.traits.filter((one) => one !== trait) : [...place.traits, trait])
            }
          >
            {PLACE_TRAITS[trait]}
          </Chip>
        )
      })}
    </Row>
  )
}
