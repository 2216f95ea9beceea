/** Adding a kit or a place. */

import { Select, Textarea, TextInput } from '@mantine/core'
import { ActDialog } from '../../ui/ActDialog'
import type { Strap } from '../../ui/Frame'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { NEW_PLACE, type NewKitDraft, readNewKit, readNewPlace } from './kitDraft'
import { PlaceFields } from './PlaceFields'
import { ShapeChoice } from './ShapeChoice'

const kitsWords = words.kits

interface Props {
  readonly adding: 'kit' | 'place' | null
  readonly onClose: () => void
  readonly strap: Strap
  readonly place: string | null
}

export const AddToKits = ({ adding, onClose, strap, place }: Props) => (
  <>
    <AddPlace opened={adding === 'place'} onClose={onClose} />
    <AddKit opened={adding === 'kit'} onClose={onClose} strap={strap} place={place} />
  </>
)

interface DialogProps {
  readonly opened: boolean
  readonly onClose: () => void
}

function AddPlace({ opened, onClose }: DialogProps) {
  const form = useActForm({
    initial: NEW_PLACE,
    read: readNewPlace,
    said: ({ name }) => words.undo.did.added(name),
    refusals: { name_taken: 'name' },
    onSaved: () => {
      form.restart()
      onClose()
    },
  })
  return (
    <ActDialog
      form={form}
      opened={opened}
      title={kitsWords.addPlace}
      press={kitsWords.create}
      onClose={onClose}
    >
      <PlaceFields form={form} />
    </ActDialog>
  )
}

function AddKit({
  opened,
  onClose,
  strap,
  place,
}: DialogProps & { readonly strap: Strap; readonly place: string | null }) {
  /** The place that is looked at, or the first there is: it may have been added a moment ago. */
  const here = place ?? strap.places[0]?.id ?? null
  const form = useActForm({
    initial: { name: '', note: '', pockets: '', placeId: null, shape: null } as NewKitDraft,
    read: (draft) => readNewKit({ ...draft, placeId: draft.placeId ?? here }),
    said: ({ name }) => words.undo.did.added(name),
    refusals: { name_taken: 'name' },
    onSaved: (saved) => saved && location.assign(`/kits/${saved.kitId}`),
  })
  const { shape } = form.values
  return (
    <ActDialog
      form={form}
      opened={opened}
      title={kitsWords.add}
      press={kitsWords.create}
      onClose={onClose}
    >
      <TextInput data-autofocus label={kitsWords.name} maxLength={120} {...form.text('name')} />
      <Select
        label={kitsWords.where}
        {...form.choice('placeId')}
        value={form.values.placeId ?? here}
        data={strap.places.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <TextInput label={kitsWords.note} {...form.text('note')} />
      <ShapeChoice value={shape} onChange={(chosen) => form.set({ shape: chosen })} />
      <Textarea
        label={shape ? words.kits.morePockets : kitsWords.pockets}
        description={kitsWords.pocketsHint}
        {...form.text('pockets')}
      />
    </ActDialog>
  )
}
