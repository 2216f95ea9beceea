/** Puts a lot into a pocket, of a known or a new item, without leaving the screen. */

import { Autocomplete, Select, Textarea, TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import type { z } from 'zod'
import { readHousehold } from '../../../contract/household'
import { readItems } from '../../../contract/items'
import type { itemValue } from '../../../contract/values/items'
import type { Amount } from '../../../core/quantity/amount'
import { itemTitle } from '../../../core/stock/item'
import { call } from '../../../device/call'
import { ActDialog } from '../../../ui/ActDialog'
import { Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { useDayHabits } from '../../../ui/dayHabits'
import { Explained } from '../../../ui/Explain'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { ExpiryField, expiryOf } from './ExpiryField'
import { itemCalled, lotDraft, readLotDraft } from './lotDraft'
import { useCatalogue, WhatIsIt } from './WhatIsIt'

const addWords = words.stock.add
const actsWords = words.stock.acts

interface Props {
  readonly title: string
  readonly pocketId: string
  /** Filled in; may be changed for another. */
  readonly item?: z.infer<typeof itemValue> | undefined
  readonly amount?: Amount
  readonly boughtAt?: string
  readonly onClose: () => void
}

export function AddLot({ title, pocketId, item, amount: expected, boughtAt = '', onClose }: Props) {
  const { data } = useQuery({ queryKey: ['items'], queryFn: () => call(readItems) })
  const items = data?.items ?? (item ? [item] : [])
  const settings = useDayHabits()
  const form = useActForm({
    initial: lotDraft(item, expected, boughtAt),
    read: (draft) => readLotDraft(draft, { pocketId, items, ...settings }),
    said: ({ name }) => words.undo.did.added(name),
    onSaved: onClose,
  })
  const { name, strength, unit, entryId } = form.values
  const expiry = expiryOf(form.values.expiry, (typed) => form.set({ expiry: typed }), settings)
  const [more, setMore] = useState(false)
  const catalogue = useCatalogue()
  const titles = useMemo(
    () =>
      [...(catalogue?.TITLES.keys() ?? [])].filter(
        (one) => !items.some((item_) => itemTitle(item_) === one),
      ),
    [catalogue, items],
  )
  const known = itemCalled(name, items)
  const isTyping = name.trim().length >= 3
  return (
    <ActDialog form={form} title={title} press={addWords.put} onClose={onClose}>
      <Autocomplete
        data-autofocus={item === undefined || undefined}
        label={addWords.item}
        description={known ? addWords.known : undefined}
        value={name}
        error={form.errorOf('name')}
        onChange={(typed) => form.set({ name: typed, entryId: undefined })}
        onOptionSubmit={(chosen) => {
          const entry = catalogue?.TITLES.get(chosen)
          if (!entry || items.some((one) => itemTitle(one) === chosen)) return
          form.set({
            name: entry.name,
            strength: entry.strength,
            unit: entry.unit,
            entryId: entry.id,
          })
        }}
        data={[
          { group: addWords.yours, items: [...new Set(items.map(itemTitle))] },
          // The catalogue comes in when somebody has begun to type.
          ...(isTyping ? [{ group: addWords.fromCatalogue, items: titles }] : []),
        ]}
        limit={isTyping ? 5 : 8}
        maxDropdownHeight={440}
        maxLength={120}
      />
      {!known && (
        <WhatIsIt
          name={name}
          strength={strength}
          unit={unit}
          value={entryId}
          onChange={(chosen) => form.set({ entryId: chosen })}
        />
      )}
      {!known && (
        <Stack gap={4} align="start" columns={2}>
          <Explained id="strength">
            <TextInput label={addWords.strength} {...form.text('strength')} />
          </Explained>
          <TextInput label={addWords.unit} placeholder={addWords.unitHint} {...form.text('unit')} />
        </Stack>
      )}
      <Stack gap={4} align="start" columns={2}>
        <TextInput
          data-autofocus={item !== undefined || undefined}
          label={addWords.amount}
          {...form.text('amount')}
        />
        <TextInput
          label={addWords.par}
          placeholder={known ? addWords.parHint : ''}
          {...form.text('par')}
        />
      </Stack>
      <ExpiryField expiry={expiry} error={form.held ? form.errorOf('expiry') : undefined} />
      {!known && <TextInput label={addWords.purpose} {...form.text('purpose')} />}
      <Stack gap={4} align="start" columns={2}>
        <TextInput label={addWords.price} inputMode="decimal" {...form.text('price')} />
        <TextInput label={addWords.batch} {...form.text('batch')} />
      </Stack>
      {more ? (
        <>
          <Stack gap={4} align="start" columns={2}>
            <TextInput
              label={words.stock.lot.boughtAt}
              maxLength={120}
              {...form.text('boughtAt')}
            />
            <ForWhom {...form.choice('forMember')} />
          </Stack>
          <Textarea
            label={actsWords.directions}
            autosize
            minRows={2}
            maxLength={2000}
            {...form.text('directions')}
          />
          <TextInput label={words.stock.lot.note} maxLength={2000} {...form.text('note')} />
        </>
      ) : (
        <Button kind="quiet" onClick={() => setMore(true)}>
          {addWords.more}
        </Button>
      )}
    </ActDialog>
  )
}

/** Whom it was got for; the members are asked for when somebody wants to say. */
function ForWhom({
  value,
  onChange,
}: {
  readonly value: string | null
  readonly onChange: (memberId: string | null) => void
}) {
  const { data } = useQuery({ queryKey: ['household'], queryFn: () => call(readHousehold) })
  return (
    <Select
      label={actsWords.forMember}
      placeholder={actsWords.anybody}
      clearable
      value={value}
      onChange={onChange}
      data={(data?.members ?? []).map(({ id, name }) => ({ value: id, label: name }))}
    />
  )
}
