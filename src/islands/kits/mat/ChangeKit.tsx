/** Changes what a kit is called, where it is kept and how often it is looked through. */

import { Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { changeKit } from '../../../contract/kits'
import { SHAPES, type Shape, TEMPLATES } from '../../../core/household/container'
import { readMeasures, writeMeasures } from '../../../core/quantity/readMeasures'
import { useActing } from '../../../ui/acting'
import { Stack } from '../../../ui/Box'
import { FormDialog } from '../../../ui/FormDialog'
import { useStrap } from '../../../ui/Frame'
import { words } from '../../../words'
import type { Kit } from './view'

const matWords = words.kits.mat
const shapesWords = words.kits.shapes
const LONGEST = 1500

export function ChangeKit({ kit, onClose }: { readonly kit: Kit; readonly onClose: () => void }) {
  const { run, busy } = useActing()
  const { places } = useStrap()
  const [fields, setFields] = useState({
    name: kit.name,
    note: kit.note,
    placeId: kit.place.id as string,
    days: String(kit.checkEveryDays),
    shape: (kit.container?.shape ?? null) as Shape | null,
    outer: writeMeasures(kit.container?.outer ?? null),
    empty: kit.container ? String(kit.container.grams) : '',
    carry: kit.container?.carryGrams == null ? '' : String(kit.container.carryGrams),
  })
  const outer = readMeasures(fields.outer)
  const wholeGrams = (text: string): number | null =>
    /^\d{1,6}$/.test(text.trim()) ? Number(text) : null
  const empty = wholeGrams(fields.empty)
  const wrongEmpty = fields.shape !== null && empty === null
  const wrongCarry = fields.carry.trim() !== '' && wholeGrams(fields.carry) === null
  const days = Number(fields.days)
  const wrongDays = !Number.isInteger(days) || days < 1 || days > LONGEST
  const text = (name: 'name' | 'note' | 'days' | 'outer' | 'empty' | 'carry') => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
  })
  const submit = async () => {
    const { name, note, placeId, shape } = fields
    if (outer === 'wrong') return
    const container =
      shape === null || empty === null
        ? null
        : {
            shape,
            outer: outer === 'none' ? null : outer,
            grams: empty,
            carryGrams: wholeGrams(fields.carry),
          }
    const result = await run(
      changeKit,
      {
        params: { kitId: kit.id },
        body: { seenVersion: kit.version, name, note, placeId, checkEveryDays: days, container },
      },
      words.undo.did.saved,
    )
    if (result) onClose()
  }
  return (
    <FormDialog
      opened
      title={matWords.edit}
      press={words.household.save}
      busy={busy}
      ready={
        fields.name.trim() !== '' && !wrongDays && outer !== 'wrong' && !wrongEmpty && !wrongCarry
      }
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
        label={matWords.checkEvery}
        inputMode="numeric"
        error={wrongDays ? matWords.wrongDays(LONGEST) : undefined}
        {...text('days')}
      />
      <Select
        label={shapesWords.label}
        placeholder={shapesWords.none}
        clearable
        value={fields.shape}
        onChange={(shape) => setFields(withShape(fields, shape as Shape | null))}
        data={SHAPES.map((value) => ({ value, label: shapesWords.name(value) }))}
      />
      {fields.shape !== null && (
        <>
          <TextInput
            label={shapesWords.outer}
            placeholder={shapesWords.measures}
            error={outer === 'wrong' ? shapesWords.wrong : undefined}
            {...text('outer')}
          />
          <Stack gap={5} align="end" columns={2}>
            <TextInput
              label={shapesWords.empty}
              inputMode="numeric"
              error={wrongEmpty ? shapesWords.wrongGrams : undefined}
              {...text('empty')}
            />
            <TextInput
              label={shapesWords.carry}
              placeholder={shapesWords.carryHint}
              inputMode="numeric"
              error={wrongCarry ? shapesWords.wrongGrams : undefined}
              {...text('carry')}
            />
          </Stack>
        </>
      )}
    </FormDialog>
  )
}

interface Fields {
  readonly shape: Shape | null
  readonly outer: string
  readonly empty: string
  readonly carry: string
}

/** A shape chosen for the first time brings its usual measures. */
function withShape<F extends Fields>(fields: F, shape: Shape | null): F {
  if (shape === null || fields.empty !== '') return { ...fields, shape }
  const { outer, grams, carryGrams } = TEMPLATES[shape].container
  return {
    ...fields,
    shape,
    outer: writeMeasures(outer),
    empty: String(grams),
    carry: carryGrams === null ? '' : String(carryGrams),
  }
}
