/** Changes what is known of a lot, and of its item everywhere. */
import { Button, Checkbox, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { amendLot, changeItem } from '../../contract/endpoints'
import { type Expiry, formatExpiry } from '../../core/calendar/expiry'
import type { PlainDate } from '../../core/calendar/plainDate'
import { writePrintedDate } from '../../core/calendar/readPrintedDate'
import { formatAmount } from '../../core/quantity/amount'
import { readAmount } from '../../core/quantity/readAmount'
import { readPrice, writePrice } from '../../core/quantity/readPrice'
import { OPENED_RULES, type OpenedRuleId } from '../../core/shelf-life/openedRules'
import { ITEM_KINDS, type ItemKind } from '../../core/stock/item'
import { CONDITIONS, type Condition, type Standing, sameDetail } from '../../core/stock/lot'
import { useActing } from '../../ui/acting'
import { words } from '../../words'
import { ExpiryField, useExpiry } from '../lot/ExpiryField'
import type { LineOnMat, TagOnMat } from './MatScreen'
import classes from './mat.module.css'

const w = words.lot

interface Props {
  readonly line: LineOnMat
  readonly tag: TagOnMat
  readonly today: PlainDate
  readonly onDone: () => void
}

export function DetailsForm({ line: { item }, tag: { lot }, today, onDone }: Props) {
  const { run, busy } = useActing()
  const expiry = useExpiry(writePrintedDate(lot.expiry, today))
  const [standing, setStanding] = useState(lot.standing.kind)
  const [reason, setReason] = useState(
    lot.standing.kind === 'held'
      ? lot.standing.reason
      : lot.standing.kind === 'lent'
        ? lot.standing.to
        : '',
  )
  const [fields, setFields] = useState({
    condition: lot.condition as string,
    batch: lot.batch,
    note: lot.note,
    purpose: item.purpose,
    forWhom: item.forWhom,
    shop: item.shop,
    essential: item.essential,
    kind: item.kind as string,
    pack: item.packSize === null ? '' : formatAmount(item.packSize),
    packPrice: writePrice(item.packPriceMinor),
    rule: item.openedClock.kind === 'rule' ? item.openedClock.rule : 'unset',
  })
  const text = (
    name: 'batch' | 'note' | 'purpose' | 'forWhom' | 'shop' | 'pack' | 'packPrice',
  ) => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
  })

  const pack = fields.pack.trim() === '' ? null : readAmount(fields.pack)
  const packWrong =
    pack?.kind === 'refused'
      ? words.bring.amountRefused(pack.refusal)
      : pack?.amount === 0
        ? w.emptyPack
        : undefined
  const packPrice = readPrice(fields.packPrice)
  const ready = expiry.value !== null && packWrong === undefined && packPrice !== 'not_a_price'

  const save = async () => {
    if (!ready || expiry.value === null) return
    const lotPatch = lotChanges(expiry.value)
    const itemPatch = itemChanges()
    let saved = true
    if (Object.keys(lotPatch).length > 0)
      saved =
        (await run(
          amendLot,
          { params: { lotId: lot.id }, body: { seenVersion: lot.version, ...lotPatch } },
          words.undo.did.edit,
        )) !== null
    if (saved && Object.keys(itemPatch).length > 0)
      saved =
        (await run(
          changeItem,
          { params: { itemId: item.id }, body: { seenVersion: item.version, ...itemPatch } },
          words.undo.did.edit,
        )) !== null
    if (saved) onDone()
  }

  function lotChanges(read: Expiry) {
    const next: Standing =
      standing === 'held'
        ? { kind: 'held', reason }
        : standing === 'lent'
          ? {
              kind: 'lent',
              to: reason,
              since: lot.standing.kind === 'lent' ? lot.standing.since : today,
            }
          : { kind: 'ready' }
    return {
      ...(formatExpiry(read) !== formatExpiry(lot.expiry) && { expiry: read }),
      ...(!sameDetail(next, lot.standing) && { standing: next }),
      ...(fields.condition !== lot.condition && { condition: fields.condition as Condition }),
      ...(fields.batch !== lot.batch && { batch: fields.batch }),
      ...(fields.note !== lot.note && { note: fields.note }),
    }
  }

  function itemChanges() {
    const packSize = pack?.kind === 'read' ? pack.amount : null
    const packPriceMinor = packPrice === 'not_a_price' ? item.packPriceMinor : packPrice
    const rule = item.openedClock.kind === 'rule' ? item.openedClock.rule : 'unset'
    return {
      ...(fields.purpose !== item.purpose && { purpose: fields.purpose }),
      ...(fields.forWhom !== item.forWhom && { forWhom: fields.forWhom }),
      ...(fields.shop !== item.shop && { shop: fields.shop }),
      ...(fields.essential !== item.essential && { essential: fields.essential }),
      ...(fields.kind !== item.kind && { kind: fields.kind as ItemKind }),
      ...(packSize !== item.packSize && { packSize }),
      ...(packPriceMinor !== item.packPriceMinor && { packPriceMinor }),
      ...(fields.rule !== rule && {
        openedClock:
          fields.rule === 'unset'
            ? ({ kind: 'unset' } as const)
            : ({ kind: 'rule', rule: fields.rule as OpenedRuleId } as const),
      }),
    }
  }

  return (
    <form
      className={classes.actForm}
      aria-label={w.edit}
      onSubmit={(event) => {
        event.preventDefault()
        void save()
      }}
    >
      <h3>{w.edit}</h3>
      <ExpiryField expiry={expiry} autoFocus />
      <Select
        label={w.condition}
        value={fields.condition}
        onChange={(value) => setFields({ ...fields, condition: value ?? 'sound' })}
        data={[...CONDITIONS]}
      />
      <Select
        label={w.standing}
        value={standing}
        onChange={(value) => setStanding((value ?? 'ready') as Standing['kind'])}
        data={[
          { value: 'ready', label: w.ready },
          { value: 'held', label: w.heldFor },
          { value: 'lent', label: w.lent },
        ]}
      />
      {standing !== 'ready' && (
        <TextInput
          required
          withAsterisk={false}
          label={standing === 'held' ? w.heldReason : w.lentTo}
          value={reason}
          onChange={(event) => setReason(event.currentTarget.value)}
        />
      )}
      <TextInput label={w.batch} {...text('batch')} />
      <TextInput label={w.note} {...text('note')} />
      <h3>{w.itemDetails}</h3>
      <TextInput label={w.purpose} {...text('purpose')} />
      <TextInput label={w.forWhom} {...text('forWhom')} />
      <Select
        label={w.kind}
        value={fields.kind}
        onChange={(value) => setFields({ ...fields, kind: value ?? 'supply' })}
        data={[...ITEM_KINDS]}
      />
      <Select
        label={w.rule}
        value={fields.rule}
        onChange={(value) => setFields({ ...fields, rule: value ?? 'unset' })}
        data={[
          { value: 'unset', label: w.clockRule({ kind: 'unset' }) },
          ...Object.entries(OPENED_RULES).map(([value, { name }]) => ({ value, label: name })),
        ]}
      />
      <TextInput label={w.shop} {...text('shop')} />
      <TextInput label={w.pack} inputMode="decimal" error={packWrong} {...text('pack')} />
      <TextInput
        label={w.packPrice}
        inputMode="decimal"
        error={packPrice === 'not_a_price' ? words.bring.notAPrice : undefined}
        {...text('packPrice')}
      />
      <Checkbox
        label={w.essential}
        checked={fields.essential}
        onChange={(event) => setFields({ ...fields, essential: event.currentTarget.checked })}
      />
      <div className={classes.formPresses}>
        <Button type="submit" loading={busy} disabled={!ready}>
          {w.confirm.edit}
        </Button>
        <Button variant="default" onClick={onDone}>
          {words.kits.cancel}
        </Button>
      </div>
    </form>
  )
}
