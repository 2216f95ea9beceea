/** A kit for each place, in the shape of what it is kept in. */

import { TextInput } from '@mantine/core'
import { ActForm } from '../../../ui/ActForm'
import { Box, Row } from '../../../ui/Box'
import { Button, ButtonLink } from '../../../ui/Button'
import { Empty } from '../../../ui/Empty'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { readNewKit } from '../../kits/kitDraft'
import { ShapeChoice } from '../../kits/ShapeChoice'
import type { StepProps } from './view'

const kitsWords = words.beginning.kits

export function KitsStep({ cover: { view }, onNext }: StepProps) {
  const kitsAt = (id: string) => view.kits.filter(({ placeId }) => placeId === id)
  const bare = view.places.filter(({ id }) => kitsAt(id).length === 0)
  const [next] = bare
  if (view.places.length === 0)
    return (
      <Empty text={words.kits.noPlaces}>
        <ButtonLink kind="strong" href="/begin?step=places">
          {words.ways.places}
        </ButtonLink>
      </Empty>
    )
  return (
    <>
      {view.kits.length > 0 && (
        <Box as="ul" below={5} aria-label={words.kits.title}>
          {view.places.map((place) =>
            kitsAt(place.id).map(({ id, name }) => (
              <Row as="li" gapX={4} wrap padY={2} key={id} data-hue={place.hue}>
                <Box as="a" weight="bold" href={`/kits/${id}`}>
                  {name}
                </Box>
                <Box as="span" tone="hue">
                  {place.name}
                </Box>
              </Row>
            )),
          )}
        </Box>
      )}
      {next ? (
        <NewKit key={next.id} place={next} onSaved={bare.length === 1 ? onNext : () => undefined} />
      ) : (
        <Button kind="strong" onClick={onNext}>
          {kitsWords.all}
        </Button>
      )}
    </>
  )
}

interface NewKitProps {
  readonly place: StepProps['cover']['view']['places'][number]
  readonly onSaved: () => void
}

function NewKit({ place, onSaved }: NewKitProps) {
  const form = useActForm({
    initial: {
      name: kitsWords.name(place.name),
      note: '',
      pockets: '',
      placeId: place.id as string | null,
      shape: null as Parameters<typeof readNewKit>[0]['shape'],
    },
    read: readNewKit,
    said: ({ name }) => words.undo.did.added(name),
    refusals: { name_taken: 'name' },
    onSaved,
  })
  return (
    <Box data-hue={place.hue}>
      <Box as="h3" size={3} tone="hue" below={4}>
        {kitsWords.of(place.name)}
      </Box>
      <ActForm form={form} press={kitsWords.press} aria-label={kitsWords.of(place.name)}>
        <TextInput label={words.kits.name} maxLength={120} {...form.text('name')} />
        <ShapeChoice value={form.values.shape} onChange={(shape) => form.set({ shape })} />
      </ActForm>
    </Box>
  )
}
