/** Puts a lot into a pocket, of a known or a new item, without leaving the screen. */

import { Autocomplete, Select, Textarea, TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import type { z } from 'zod'
import { readHousehold } from '../../../contract/household'
import { readItems } from '../../../contract/items'
import { receiveLot } from '../../../contract/stock'
import type { itemValue } from '../../../contract/values/items'
import { singular } from '../../../core/interchange/readLine'
import { type Amount, formatAmount } from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import { readPrice, writePrice } from '../../../core/quantity/readPrice'
import { itemTitle } from '../../../core/stock/item'
import { call } from '../../../device/call'
import { useActing } from '../../../ui/acting'
import { Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { FormDialog } from '../../../ui/FormDialog'
import { words } from '../../../words'
import { ExpiryField, useExpiry } from './ExpiryField'
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
  const { run, busy } = useActing()
  const { data } = useQuery({ queryKey: ['items'], queryFn: () => call(readItems) })
  const items = data?.items ?? (item ? [item] : [])
  const expiry = useExpiry('')
  const [fields, setFields] = useState({
    name: item ? itemTitle(item) : '',
    strength: '',
    amount: expected === undefined ? '1' : formatAmount(expected),
    unit: '',
    par: '',
    purpose: '',
    price: item ? usualPrice(item) : '',
    batch: '',
    boughtAt,
    note: '',
    directions: '',
    forMember: null as string | null,
  })
  const [more, setMore] = useState(false)
  /** The entry that a new thing is taken for; null for none, undefined while nobody has said. */
  const [entryId, setEntryId] = useState<string | null | undefined>(undefined)
  const catalogue = useCatalogue()
  const titles = useMemo(
    () =>
      [...(catalogue?.TITLES.keys() ?? [])].filter(
        (one) => !items.some((item_) => itemTitle(item_) === one),
      ),
    [catalogue, items],
  )
  const known = items.find(
    (one) => itemTitle(one).toLowerCase() === fields.name.trim().toLowerCase(),
  )
  const amount = readAmount(fields.amount, true)
  const par = fields.par.trim() === '' ? null : readAmount(fields.par, true)
  const wrong = (reading: typeof amount | null, field: 'amount' | 'par') =>
    reading?.kind === 'refused'
      ? words.imports.fault({ field, code: 'amount', refusal: reading.refusal })
      : undefined
  const price = readPrice(fields.price)
  const ready =
    fields.name.trim() !== '' &&
    amount.kind === 'read' &&
    amount.amount > 0 &&
    par?.kind !== 'refused' &&
    expiry.value !== null &&
    price !== 'not_a_price'
  const text = (name: Exclude<keyof typeof fields, 'forMember'>) => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
  })

  const submit = async () => {
    if (!ready || amount.kind !== 'read' || expiry.value === null) return
    const result = await run(
      receiveLot,
      {
        params: { pocketId },
        body: {
          item: known
            ? { id: known.id }
            : {
                new: {
                  name: fields.name,
                  strength: fields.strength,
                  unit: singular(fields.unit || amount.unit),
                  purpose: fields.purpose,
                  ...(entryId && { catalogueId: entryId }),
                },
              },
          amount: amount.amount,
          par: par?.kind === 'read' && par.amount > 0 ? (par.amount as Amount) : null,
          expiry: expiry.value,
          batch: fields.batch,
          boughtAt: fields.boughtAt,
          note: fields.note,
          directions: fields.directions,
          forMember: fields.forMember,
          unitPriceMinor: price,
        },
      },
      words.undo.did.put,
    )
    if (result) onClose()
  }

  return (
    <FormDialog
      opened
      title={title}
      press={addWords.put}
      busy={busy}
      ready={ready}
      onSubmit={submit}
      onClose={onClose}
    >
      <Autocomplete
        data-autofocus={item === undefined || undefined}
        label={addWords.item}
        description={known ? addWords.known : undefined}
        value={fields.name}
        onChange={(name) => {
          setFields({ ...fields, name })
          setEntryId(undefined)
        }}
        onOptionSubmit={(title) => {
          const entry = catalogue?.TITLES.get(title)
          if (!entry || items.some((one) => itemTitle(one) === title)) return
          setFields({ ...fields, name: entry.name, strength: entry.strength, unit: entry.unit })
          setEntryId(entry.id)
        }}
        data={[
          { group: addWords.yours, items: [...new Set(items.map(itemTitle))] },
          // The catalogue comes in when somebody has begun to type.
          ...(fields.name.trim().length < 3
            ? []
            : [{ group: addWords.fromCatalogue, items: titles }]),
        ]}
        limit={fields.name.trim().length < 3 ? 8 : 5}
        maxDropdownHeight={440}
        maxLength={120}
      />
      {!known && (
        <WhatIsIt
          name={fields.name}
          strength={fields.strength}
          unit={fields.unit}
          value={entryId}
          onChange={setEntryId}
        />
      )}
      {!known && (
        <Stack gap={4} align="start" columns={2}>
          <TextInput label={addWords.strength} {...text('strength')} />
          <TextInput label={addWords.unit} placeholder={addWords.unitHint} {...text('unit')} />
        </Stack>
      )}
      <Stack gap={4} align="start" columns={2}>
        <TextInput
          data-autofocus={item !== undefined || undefined}
          label={addWords.amount}
          error={wrong(amount, 'amount')}
          {...text('amount')}
        />
        <TextInput
          label={addWords.par}
          placeholder={known ? addWords.parHint : ''}
          error={wrong(par, 'par')}
          {...text('par')}
        />
      </Stack>
      <ExpiryField expiry={expiry} />
      {!known && <TextInput label={addWords.purpose} {...text('purpose')} />}
      <Stack gap={4} align="start" columns={2}>
        <TextInput
          label={addWords.price}
          inputMode="decimal"
          error={price === 'not_a_price' ? words.imports.notAPrice : undefined}
          {...text('price')}
        />
        <TextInput label={addWords.batch} {...text('batch')} />
      </Stack>
      {more ? (
        <>
          <Stack gap={4} align="start" columns={2}>
            <TextInput label={words.stock.lot.boughtAt} maxLength={120} {...text('boughtAt')} />
            <ForWhom
              value={fields.forMember}
              onChange={(forMember) => setFields({ ...fields, forMember })}
            />
          </Stack>
          <Textarea
            label={actsWords.directions}
            autosize
            minRows={2}
            maxLength={2000}
            {...text('directions')}
          />
          <TextInput label={words.stock.lot.note} maxLength={2000} {...text('note')} />
        </>
      ) : (
        <Button kind="quiet" onClick={() => setMore(true)}>
          {addWords.more}
        </Button>
      )}
    </FormDialog>
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

/** Of one, by what its pack costs. */
const usualPrice = ({ packPriceMinor, packSize }: z.infer<typeof itemValue>): string =>
  packPriceMinor === null || packSize === null || packSize === 0
    ? ''
    : writePrice(Math.round((packPriceMinor * 1000) / packSize))
