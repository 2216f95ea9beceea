/** Changes what a kit is called, where it is kept and how often it is looked through. */

import { MultiSelect, Select, TextInput } from '@mantine/core'
import { SHAPES, type Shape } from '../../../core/household/container'
import { KIT_RANGES, KIT_WHOM } from '../../../core/household/kitUse'
import { ActDialog } from '../../../ui/ActDialog'
import { Stack } from '../../../ui/Box'
import { useStrap } from '../../../ui/Frame'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { kitDraft, readKitDraft, withShape } from '../kitDraft'
import type { Kit } from './view'

const matWords = words.kits.mat
const carried = words.kits.carried
const shapesWords = words.kits.shapes

export function ChangeKit({ kit, onClose }: { readonly kit: Kit; readonly onClose: () => void }) {
  const { places } = useStrap()
  const form = useActForm({
    initial: kitDraft(kit),
    read: (draft) => readKitDraft(draft, kit),
    said: ({ name }) => words.undo.did.saved(name),
    refusals: { name_taken: 'name' },
    onSaved: onClose,
  })
  return (
    <ActDialog form={form} title={matWords.edit} press={words.household.save} onClose={onClose}>
      <TextInput data-autofocus label={words.kits.name} maxLength={120} {...form.text('name')} />
      <TextInput label={words.kits.note} {...form.text('note')} />
      <Select
        label={words.kits.where}
        {...form.choice('placeId')}
        data={places.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <Select
        label={matWords.range}
        placeholder={matWords.rangeUnset}
        clearable
        {...form.choice('range')}
        data={KIT_RANGES.map((value) => ({ value, label: matWords.ranges[value] }))}
      />
      <Select
        label={matWords.whom}
        allowDeselect={false}
        {...form.choice('whom')}
        data={KIT_WHOM.map((value) => ({ value, label: matWords.whoms[value] }))}
      />
      <TextInput
        label={matWords.away}
        description={matWords.awayHint}
        inputMode="numeric"
        {...form.text('away')}
      />
      <Select
        label={carried.label}
        description={carried.hint}
        placeholder={carried.nobody}
        clearable
        {...form.choice('carrier')}
        data={kit.members.map(({ id, name }) => ({ value: id, label: name }))}
      />
      {form.values.carrier !== null && (
        <MultiSelect
          label={carried.to}
          placeholder={form.values.carriedTo.length === 0 ? carried.everywhere : ''}
          {...form.choice('carriedTo')}
          data={places.map(({ id, name }) => ({ value: id, label: name }))}
        />
      )}
      <TextInput label={matWords.checkEvery} inputMode="numeric" {...form.text('days')} />
      <Select
        label={shapesWords.label}
        placeholder={shapesWords.none}
        clearable
        {...form.choice('shape')}
        onChange={(shape) => form.set(withShape(form.values, shape as Shape | null))}
        data={SHAPES.map((value) => ({ value, label: shapesWords.name(value) }))}
      />
      {form.values.shape !== null && (
        <>
          <TextInput
            label={shapesWords.outer}
            placeholder={shapesWords.measures}
            {...form.text('outer')}
          />
          <Stack gap={5} align="end" columns={2}>
            <TextInput label={shapesWords.empty} inputMode="numeric" {...form.text('empty')} />
            <TextInput
              label={shapesWords.carry}
              placeholder={shapesWords.carryHint}
              inputMode="numeric"
              {...form.text('carry')}
            />
          </Stack>
        </>
      )}
    </ActDialog>
  )
}
