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

/** A form is there while it is open: what was left unsaved holds no page back. */
export const AddToKits = ({ adding, ...rest }: Props) =>
  adding === 'place' ? <AddPlace {...rest} /> : adding === 'kit' ? <AddKit {...rest} /> : null

type FormProps = Omit<Props, 'adding'>

function AddPlace({ onClose }: Pick<FormProps, 'onClose'>) {
  const form = useActForm({
    initial: NEW_PLACE,
    read: readNewPlace,
    said: ({ name }) => words.undo.did.added(name),
    refusals: { name_taken: 'name' },
    onSaved: onClose,
  })
  return (
    <ActDialog form={form} title={kitsWords.addPlace} press={kitsWords.create} onClose={onClose}>
      <PlaceFields form={form} />
    </ActDialog>
  )
}

function AddKit({ onClose, strap, place }: FormProps) {
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
    <ActDialog form={form} title={kitsWords.add} press={kitsWords.create} onClose={onClose}>
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
