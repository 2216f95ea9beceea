/** Changes what a pocket is called, where it is, how big it is and what it is good for. */

import { Checkbox, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { changePocket, removePocket } from '../../../contract/kits'
import { type PocketSort, SPOT_IDS, type Spot } from '../../../core/household/pocket'
import { readMeasures, writeMeasures } from '../../../core/quantity/readMeasures'
import { useActing } from '../../../ui/acting'
import { Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { FormDialog } from '../../../ui/FormDialog'
import { words } from '../../../words'
import type { PocketOnMat } from './view'

const pocketWords = words.kits.pocket

interface Props {
  readonly pocket: PocketOnMat
  readonly onClose: () => void
}

export function PocketForm({ pocket, onClose }: Props) {
  const { run, busy } = useActing()
  const [fields, setFields] = useState({
    name: pocket.name,
    sort: pocket.sort,
    spot: pocket.spot as Spot | null,
    seconds: pocket.reachSeconds === null ? '' : String(pocket.reachSeconds),
    inner: writeMeasures(pocket.inner),
    clear: pocket.clear,
    dry: pocket.dry,
    upright: pocket.upright,
  })
  const inner = readMeasures(fields.inner)
  const seconds = fields.seconds.trim() === '' ? null : Number(fields.seconds)
  const wrongSeconds =
    seconds !== null && (!Number.isInteger(seconds) || seconds < 0 || seconds > 3600)
  const text = (name: 'name' | 'seconds' | 'inner') => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
  })
  const tick = (name: 'clear' | 'dry' | 'upright') => ({
    label: pocketWords[name],
    checked: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.checked }),
  })
  const params = { pocketId: pocket.id }

  const submit = async () => {
    if (inner === 'wrong') return
    const { name, sort, spot, clear, dry, upright } = fields
    const result = await run(
      changePocket,
      {
        params,
        body: {
          seenVersion: pocket.version,
          name,
          sort,
          spot: sort === 'elsewhere' ? spot : null,
          reachSeconds: seconds,
          inner: inner === 'none' ? null : inner,
          clear,
          dry,
          upright,
        },
      },
      words.undo.did.saved,
    )
    if (result) onClose()
  }
  const remove = async () => {
    if (await run(removePocket, { params }, words.undo.did.saved)) onClose()
  }

  return (
    <FormDialog
      opened
      title={pocketWords.title}
      press={words.household.save}
      busy={busy}
      ready={fields.name.trim() !== '' && inner !== 'wrong' && !wrongSeconds}
      onSubmit={submit}
      onClose={onClose}
    >
      <TextInput data-autofocus label={pocketWords.name} maxLength={120} {...text('name')} />
      <Stack gap={5} align="end" columns={2}>
        <Select
          label={pocketWords.sort}
          value={fields.sort}
          onChange={(sort) => sort && setFields({ ...fields, sort: sort as PocketSort })}
          data={(['inside', 'outside', 'elsewhere'] as const).map((value) => ({
            value,
            label: pocketWords[value],
          }))}
        />
        {fields.sort === 'elsewhere' ? (
          <Select
            label={pocketWords.spot}
            placeholder={pocketWords.noSpot}
            clearable
            value={fields.spot}
            onChange={(spot) => setFields({ ...fields, spot: spot as Spot | null })}
            data={SPOT_IDS.map((value) => ({ value, label: pocketWords.spotName(value) }))}
          />
        ) : (
          <TextInput
            label={pocketWords.reach}
            inputMode="numeric"
            error={wrongSeconds ? pocketWords.wrongSeconds : undefined}
            {...text('seconds')}
          />
        )}
      </Stack>
      <TextInput
        label={pocketWords.inner}
        placeholder={words.kits.shapes.measures}
        error={inner === 'wrong' ? words.kits.shapes.wrong : undefined}
        {...text('inner')}
      />
      <Checkbox {...tick('clear')} />
      <Checkbox {...tick('dry')} />
      <Checkbox {...tick('upright')} />
      {pocket.lines.length === 0 && (
        <Button kind="quiet" disabled={busy} onClick={() => void remove()}>
          {pocketWords.remove}
        </Button>
      )}
    </FormDialog>
  )
}
