/** Changes what a pocket is called, where it is, how big it is and what it is good for. */

import { Checkbox, Select, TextInput } from '@mantine/core'
import { removePocket } from '../../../contract/kits'
import { SPOT_IDS } from '../../../core/household/pocket'
import { ActDialog } from '../../../ui/ActDialog'
import { useActing } from '../../../ui/acting'
import { Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { pocketDraft, readPocketDraft } from './pocketDraft'
import type { PocketOnMat } from './view'

const pocketWords = words.kits.pocket

interface Props {
  readonly pocket: PocketOnMat
  readonly onClose: () => void
}

export function PocketForm({ pocket, onClose }: Props) {
  const { run, busy } = useActing()
  const form = useActForm({
    initial: pocketDraft(pocket),
    read: (draft) => readPocketDraft(draft, pocket),
    said: ({ name }) => words.undo.did.saved(name),
    refusals: { name_taken: 'name' },
    onSaved: onClose,
  })
  const remove = async () => {
    const params = { pocketId: pocket.id }
    if (await run(removePocket, { params }, words.undo.did.removed(pocket.name))) onClose()
  }

  return (
    <ActDialog form={form} title={pocketWords.title} press={words.household.save} onClose={onClose}>
      <TextInput data-autofocus label={pocketWords.name} maxLength={120} {...form.text('name')} />
      <Stack gap={5} align="end" columns={2}>
        <Select
          label={pocketWords.sort}
          {...form.choice('sort')}
          data={(['inside', 'outside', 'elsewhere'] as const).map((value) => ({
            value,
            label: pocketWords[value],
          }))}
        />
        {form.values.sort === 'elsewhere' ? (
          <Select
            label={pocketWords.spot}
            placeholder={pocketWords.noSpot}
            clearable
            {...form.choice('spot')}
            data={SPOT_IDS.map((value) => ({ value, label: pocketWords.spotName(value) }))}
          />
        ) : (
          <TextInput label={pocketWords.reach} inputMode="numeric" {...form.text('seconds')} />
        )}
      </Stack>
      <TextInput
        label={pocketWords.inner}
        placeholder={words.kits.shapes.measures}
        {...form.text('inner')}
      />
      <Checkbox label={pocketWords.clear} {...form.tick('clear')} />
      <Checkbox label={pocketWords.dry} {...form.tick('dry')} />
      <Checkbox label={pocketWords.upright} {...form.tick('upright')} />
      {pocket.lines.length === 0 && (
        <Button kind="quiet" disabled={busy} onClick={() => void remove()}>
          {pocketWords.remove}
        </Button>
      )}
    </ActDialog>
  )
}
