/** Adds a lot to a pocket, of a known or a new item, without leaving the mat. */
import { Autocomplete, Button, Modal, TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { readItems, receiveLot } from '../../contract/endpoints'
import type { PlainDate } from '../../core/calendar/plainDate'
import { singular } from '../../core/interchange/readLine'
import type { Amount } from '../../core/quantity/amount'
import { readAmount } from '../../core/quantity/readAmount'
import { itemTitle } from '../../core/stock/item'
import { useActing } from '../../ui/acting'
import { call } from '../../ui/api'
import { words } from '../../words'
import { ExpiryField, useExpiry } from './ExpiryField'
import type { Kit, LineOnMat } from './MatScreen'
import classes from './mat.module.css'

const w = words.add

interface Props {
  readonly kit: Kit
  readonly pocketId: string
  /** The line that was picked: its item is filled in. */
  readonly line: LineOnMat | undefined
  readonly today: PlainDate
  readonly onClose: () => void
}

export function AddLot({ kit, pocketId, line, today, onClose }: Props) {
  const { run, busy } = useActing()
  const { data } = useQuery({ queryKey: ['items'], queryFn: () => call(readItems) })
  const items = data?.items ?? (line ? [line.item] : [])
  const pocket = kit.pockets.find(({ id }) => id === pocketId)
  const expiry = useExpiry('', today)
  const [fields, setFields] = useState({
    name: line ? itemTitle(line.item) : '',
    strength: '',
    amount: '1',
    unit: '',
    par: '',
    purpose: '',
    price: '',
    batch: '',
  })
  const known = items.find(
    (item) => itemTitle(item).toLowerCase() === fields.name.trim().toLowerCase(),
  )
  const amount = readAmount(fields.amount)
  const par = fields.par.trim() === '' ? null : readAmount(fields.par)
  const wrong = (reading: typeof amount | null, field: 'amount' | 'par') =>
    reading?.kind === 'refused'
      ? words.bring.fault({ field, code: 'amount', refusal: reading.refusal })
      : undefined
  const price = Number(fields.price.replace(',', '.'))
  const ready =
    fields.name.trim() !== '' &&
    amount.kind === 'read' &&
    amount.amount > 0 &&
    par?.kind !== 'refused' &&
    expiry.value !== null &&
    Number.isFinite(price)
  const text = (name: keyof typeof fields) => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
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
                },
              },
          amount: amount.amount,
          par: par?.kind === 'read' && par.amount > 0 ? (par.amount as Amount) : null,
          expiry: expiry.value,
          batch: fields.batch,
          unitPriceMinor: fields.price.trim() === '' ? null : Math.round(price * 100),
        },
      },
      words.undo.did.put,
    )
    if (result) onClose()
  }

  return (
    <Modal
      opened
      onClose={onClose}
      title={w.title(pocket?.name ?? kit.name)}
      closeButtonProps={{ 'aria-label': words.kits.cancel }}
    >
      <form
        className={classes.addForm}
        onSubmit={(event) => {
          event.preventDefault()
          void submit()
        }}
      >
        <Autocomplete
          data-autofocus={line === undefined || undefined}
          label={w.item}
          description={known ? w.known : undefined}
          value={fields.name}
          onChange={(name) => setFields({ ...fields, name })}
          data={[...new Set(items.map(itemTitle))]}
          limit={8}
          maxLength={120}
          classNames={{ input: classes.auto }}
        />
        {!known && (
          <div className={classes.pair}>
            <TextInput label={w.strength} {...text('strength')} />
            <TextInput label={w.unit} placeholder={w.unitHint} {...text('unit')} />
          </div>
        )}
        <div className={classes.pair}>
          <TextInput
            data-autofocus={line !== undefined || undefined}
            label={w.amount}
            error={wrong(amount, 'amount')}
            {...text('amount')}
          />
          <TextInput
            label={w.par}
            placeholder={known ? w.parHint : ''}
            error={wrong(par, 'par')}
            {...text('par')}
          />
        </div>
        <ExpiryField expiry={expiry} />
        {!known && <TextInput label={w.purpose} {...text('purpose')} />}
        <div className={classes.pair}>
          <TextInput label={w.price} inputMode="decimal" {...text('price')} />
          <TextInput label={w.batch} {...text('batch')} />
        </div>
        <Button type="submit" loading={busy} disabled={!ready}>
          {w.put}
        </Button>
      </form>
    </Modal>
  )
}
