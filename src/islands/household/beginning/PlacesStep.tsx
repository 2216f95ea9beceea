/** Where kits are kept, and how far help is from there. */

import { useRef } from 'react'
import { ActForm } from '../../../ui/ActForm'
import { Box, Row } from '../../../ui/Box'
import { Chip } from '../../../ui/Button'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { NEW_PLACE, readNewPlace } from '../../kits/kitDraft'
import { PlaceFields } from '../../kits/PlaceFields'
import type { StepProps } from './view'

const placesWords = words.beginning.places

export function PlacesStep({ household: { places }, onNext }: StepProps) {
  const isLast = useRef(false)
  const form = useActForm({
    initial: NEW_PLACE,
    read: readNewPlace,
    said: ({ name }) => words.undo.did.added(name),
    refusals: { name_taken: 'name' },
    onSaved: () => {
      if (isLast.current) onNext()
      else form.restart()
    },
  })
  // What is typed already is added before the next question.
  const finish = () => {
    if (form.values.name.trim() === '') return onNext()
    isLast.current = true
    void form.submit().finally(() => {
      isLast.current = false
    })
  }
  const taken = new Set(places.map(({ name }) => name))
  return (
    <>
      {places.length > 0 && (
        <Box as="ul" below={5} aria-label={words.household.places}>
          {places.map((place) => (
            <Row
              as="li"
              gapX={4}
              wrap
              align="baseline"
              padY={2}
              key={place.id}
              data-hue={place.hue}
            >
              <Box as="b" tone="hue">
                {place.name}
              </Box>
              <Box as="small" size={2} tone="second">
                {[words.household.rhythm(place.rhythm), words.places.summary(place)]
                  .filter(Boolean)
                  .join(' · ')}
              </Box>
            </Row>
          ))}
        </Box>
      )}
      <ActForm
        form={form}
        press={placesWords.press}
        onCancel={finish}
        cancel={placesWords.all}
        aria-label={words.beginning.question.places}
      >
        <Row gap={4} wrap role="group" aria-label={placesWords.suggest}>
          {placesWords.usual
            .filter((name) => !taken.has(name))
            .map((name) => (
              <Chip
                key={name}
                pressed={form.values.name === name}
                onClick={() => form.set({ name })}
              >
                {name}
              </Chip>
            ))}
        </Row>
        <PlaceFields form={form} />
      </ActForm>
    </>
  )
}
