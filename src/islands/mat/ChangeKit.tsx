/** Changes what a kit is called, where it is kept and how often it is looked through. */
import { Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { changeKit } from '../../contract/endpoints'
import { useActing } from '../../ui/acting'
import { FormDialog } from '../../ui/FormDialog'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import type { Kit } from './MatScreen'

const w = words.mat
const LONGEST = 1500

export function ChangeKit({ kit, onClose }: { readonly kit: Kit; readonly onClose: () => void }) {
  const { run, busy } = useActing()
  const { places } = useStrap()
  const [fields, setFields] = useState({
    name: kit.name,
    note: kit.note,
    placeId: kit.place.id as string,
    days: String(kit.checkEveryDays),
  })
  const days = Number(fields.days)
  const wrongDays = !Number.isInteger(days) || days < 1 || days > LONGEST
  const text = (name: 'name' | 'note' | 'days') => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
  })
  const submit = async () => {
    const { name, note, placeId } = fields
    const result = await run(
      changeKit,
      {
        params: { kitId: kit.id },
        body: { seenVersion: kit.version, name, note, placeId, checkEveryDays: days },
      },
      words.undo.did.saved,
    )
    if (result) onClose()
  }
  return (
    <FormDialog
      opened
      title={w.edit}
      press={words.household.save}
      busy={busy}
      ready={fields.name.trim() !== '' && !wrongDays}
      onSubmit={submit}
      onClose={onClose}
    >
      <TextInput data-autofocus label={words.kits.name} maxLength={120} {...text('name')} />
      <TextInput label={words.kits.note} {...text('note')} />
      <Select
        label={words.kits.where}
        value={fields.placeId}
        onChange={(placeId) => placeId && setFields({ ...fields, placeId })}
        data={places.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <TextInput
        label={w.checkEvery}
        inputMode="numeric"
        error={wrongDays ? w.wrongDays(LONGEST) : undefined}
        {...text('days')}
      />
    </FormDialog>
  )
}
