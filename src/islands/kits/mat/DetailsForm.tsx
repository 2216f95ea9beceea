/** Changes what is known of a lot, and of its item everywhere. */

import { Checkbox, Select, Textarea, TextInput } from '@mantine/core'
import { useState } from 'react'
import { amendLot } from '../../../contract/stock'
import { type Expiry, formatExpiry } from '../../../core/calendar/expiry'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { writePrintedDate } from '../../../core/calendar/readPrintedDate'
import { formatAmount } from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import { readMeasures, writeMeasures } from '../../../core/quantity/readMeasures'
import { readPrice, writePrice } from '../../../core/quantity/readPrice'
import type { OpenedClock } from '../../../core/shelf-life/openedClock'
import { OPENED_RULES, type OpenedRuleId } from '../../../core/shelf-life/openedRules'
import { ITEM_KINDS, type ItemKind } from '../../../core/stock/itemKind'
import {
  CONDITIONS,
  type Condition,
  READY,
  type Standing,
  sameDetail,
} from '../../../core/stock/lot'
import { VERDICT_KINDS, type VerdictKind } from '../../../core/stock/verdict'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { words } from '../../../words'
import { counted } from '../../../words/frame/format'
import { ExpiryField, useExpiry } from '../../stock/lot/ExpiryField'
import classes from './mat.module.css'
import type { Kit, LineOnMat, TagOnMat } from './view'

const lotWords = words.stock.lot

interface Props {
  readonly line: LineOnMat
  readonly tag: TagOnMat
  readonly pocketId: string
  readonly members: Kit['members']
  readonly today: PlainDate
  readonly onDone: () => void
}

const OWN_CLOCK = 'own'
/** The choice that a clock is: a rule by its name, the label's own period, or none. */
const clockChoice = (clock: OpenedClock): string =>
  clock.kind === 'rule' ? clock.rule : clock.kind === 'own' ? OWN_CLOCK : 'unset'

export function DetailsForm({ line: { item }, tag, pocketId, members, today, onDone }: Props) {
  const { lot } = tag
  const { run, busy } = useActing()
  const expiry = useExpiry(writePrintedDate(lot.expiry, today))
  const [standing, setStanding] = useState<Standing['kind']>(lot.standing.kind)
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
    directions: lot.directions,
    forMember: lot.forMember as string | null,
    only: '',
    verdict: (item.verdict?.kind ?? 'none') as VerdictKind | 'none',
    verdictWords: item.verdict?.words ?? '',
    size: writeMeasures(item.own.size?.mm ?? null),
    sizeGrams: item.own.size ? String(item.own.size.grams) : '',
    purpose: item.purpose,
    forWhom: item.forWhom,
    shop: item.shop,
    essential: item.essential,
    kind: item.kind as string,
    pack: item.packSize === null ? '' : formatAmount(item.packSize),
    packPrice: writePrice(item.packPriceMinor),
    rule: clockChoice(item.openedClock),
  })
  const text = (
    name:
      | 'batch'
      | 'note'
      | 'only'
      | 'verdictWords'
      | 'size'
      | 'sizeGrams'
      | 'purpose'
      | 'forWhom'
      | 'shop'
      | 'pack'
      | 'packPrice',
  ) => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
  })

  const pack = fields.pack.trim() === '' ? null : readAmount(fields.pack)
  const packWrong =
    pack?.kind === 'refused'
      ? words.imports.amountRefused(pack.refusal)
      : pack?.amount === 0
        ? lotWords.emptyPack
        : undefined
  const packPrice = readPrice(fields.packPrice)
  const only = fields.only.trim() === '' ? null : readAmount(fields.only)
  const onlyWrong = only?.kind === 'refused' ? words.imports.amountRefused(only.refusal) : undefined
  const size = readMeasures(fields.size)
  const sizeGrams = Number(fields.sizeGrams.replace(',', '.'))
  const gramsWrong = size !== 'none' && size !== 'wrong' && !(sizeGrams > 0)
  const ready =
    expiry.value !== null &&
    packWrong === undefined &&
    packPrice !== 'not_a_price' &&
    onlyWrong === undefined &&
    size !== 'wrong' &&
    !gramsWrong

  const save = async () => {
    if (!ready || expiry.value === null) return
    const lotPatch = lotChanges(expiry.value)
    const itemPatch = itemChanges()
    const [ofLot, ofItem] = [lotPatch, itemPatch].map((patch) => Object.keys(patch).length > 0)
    if (!ofLot && !ofItem) return onDone()
    // One act: lot and item are changed together, or neither is.
    const saved = await run(
      amendLot,
      {
        params: { lotId: lot.id },
        body: {
          seenVersion: lot.version,
          ...lotPatch,
          ...(ofLot &&
            only?.kind === 'read' &&
            only.amount > 0 && { part: { pocketId, amount: only.amount } }),
          ...(ofItem && { item: { seenVersion: item.version, ...itemPatch } }),
        },
      },
      words.stock.acts.of.edit.did,
    )
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
          : standing === 'ready' || lot.standing.kind !== standing
            ? READY
            : lot.standing
    return {
      ...(formatExpiry(read) !== formatExpiry(lot.expiry) && { expiry: read }),
      ...(!sameDetail(next, lot.standing) && { standing: next }),
      ...(fields.condition !== lot.condition && { condition: fields.condition as Condition }),
      ...(fields.batch !== lot.batch && { batch: fields.batch }),
      ...(fields.note !== lot.note && { note: fields.note }),
      ...(fields.directions !== lot.directions && { directions: fields.directions }),
      ...(fields.forMember !== lot.forMember && { forMember: fields.forMember }),
    }
  }

  function itemChanges() {
    const packSize = pack?.kind === 'read' ? pack.amount : null
    const packPriceMinor = packPrice === 'not_a_price' ? item.packPriceMinor : packPrice
    const rule = clockChoice(item.openedClock)
    const verdict =
      fields.verdict === 'none'
        ? null
        : { kind: fields.verdict, words: fields.verdictWords, on: item.verdict?.on ?? today }
    const { size: _, ...own } = item.own
    const nextOwn: typeof item.own =
      size === 'none' || size === 'wrong' ? own : { ...own, size: { mm: size, grams: sizeGrams } }
    return {
      ...(!sameDetail(verdict, item.verdict) && { verdict }),
      ...(JSON.stringify(nextOwn.size) !== JSON.stringify(item.own.size) && { own: nextOwn }),
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
    <Stack
      as="form"
      gap={5}
      lineAbove="dashed"
      className={classes.actForm}
      aria-label={words.stock.acts.of.edit.press}
      onSubmit={(event) => {
        event.preventDefault()
        void save()
      }}
    >
      <Box as="h3" size={3}>
        {words.stock.acts.of.edit.press}
      </Box>
      <ExpiryField expiry={expiry} autoFocus />
      <Select
        label={lotWords.condition}
        value={fields.condition}
        onChange={(value) => setFields({ ...fields, condition: value ?? 'sound' })}
        data={[...CONDITIONS]}
      />
      <Select
        label={lotWords.standing}
        value={standing}
        onChange={(value) => setStanding((value ?? 'ready') as Standing['kind'])}
        data={[
          { value: 'ready', label: lotWords.ready },
          { value: 'held', label: lotWords.heldFor },
          { value: 'lent', label: lotWords.lent },
          ...(lot.standing.kind === 'unclean' || lot.standing.kind === 'missing'
            ? [{ value: lot.standing.kind, label: words.stock.stateWord[lot.standing.kind] }]
            : []),
        ]}
      />
      {(standing === 'held' || standing === 'lent') && (
        <TextInput
          required
          withAsterisk={false}
          label={standing === 'held' ? lotWords.heldReason : lotWords.lentTo}
          value={reason}
          onChange={(event) => setReason(event.currentTarget.value)}
        />
      )}
      <TextInput label={lotWords.batch} {...text('batch')} />
      <TextInput label={lotWords.note} {...text('note')} />
      <Select
        label={words.stock.acts.forMember}
        placeholder={words.stock.acts.anybody}
        clearable
        value={fields.forMember}
        onChange={(forMember) => setFields({ ...fields, forMember })}
        data={members.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <Textarea
        label={words.stock.acts.directions}
        autosize
        minRows={2}
        maxLength={2000}
        value={fields.directions}
        onChange={(event) => setFields({ ...fields, directions: event.currentTarget.value })}
      />
      {tag.amount > 1000 && (
        <TextInput
          label={words.stock.acts.only}
          description={words.stock.acts.onlyHint(counted(tag.amount, item.unit))}
          inputMode="decimal"
          error={onlyWrong}
          {...text('only')}
        />
      )}
      <Box as="h3" size={3}>
        {lotWords.itemDetails}
      </Box>
      <TextInput label={lotWords.purpose} {...text('purpose')} />
      <TextInput label={lotWords.forWhom} {...text('forWhom')} />
      <Select
        label={lotWords.kind}
        value={fields.kind}
        onChange={(value) => setFields({ ...fields, kind: value ?? 'supply' })}
        data={[...ITEM_KINDS]}
      />
      <Select
        label={lotWords.rule}
        value={fields.rule}
        onChange={(value) => setFields({ ...fields, rule: value ?? 'unset' })}
        data={[
          { value: 'unset', label: lotWords.clockRule({ kind: 'unset' }) },
          // What the label says is entered where it is opened; here it can be given up for a rule.
          ...(item.openedClock.kind === 'own'
            ? [{ value: OWN_CLOCK, label: lotWords.clockRule(item.openedClock) }]
            : []),
          ...Object.entries(OPENED_RULES).map(([value, { name }]) => ({ value, label: name })),
        ]}
      />
      <TextInput label={lotWords.shop} {...text('shop')} />
      <TextInput label={lotWords.pack} inputMode="decimal" error={packWrong} {...text('pack')} />
      <TextInput
        label={lotWords.packPrice}
        inputMode="decimal"
        error={packPrice === 'not_a_price' ? words.imports.notAPrice : undefined}
        {...text('packPrice')}
      />
      <TextInput
        label={words.items.size.label}
        placeholder={words.kits.shapes.measures}
        error={size === 'wrong' ? words.kits.shapes.wrong : undefined}
        {...text('size')}
      />
      {size !== 'none' && (
        <TextInput
          label={words.items.size.grams}
          inputMode="decimal"
          error={gramsWrong ? words.items.size.wrongGrams : undefined}
          {...text('sizeGrams')}
        />
      )}
      <Select
        label={words.items.verdict.label}
        value={fields.verdict}
        onChange={(value) =>
          setFields({ ...fields, verdict: (value ?? 'none') as VerdictKind | 'none' })
        }
        data={[
          { value: 'none', label: words.items.verdict.none },
          ...VERDICT_KINDS.map((value) => ({ value, label: words.items.verdict.name(value) })),
        ]}
      />
      {fields.verdict !== 'none' && (
        <TextInput label={words.items.verdict.words} maxLength={120} {...text('verdictWords')} />
      )}
      <Checkbox
        label={lotWords.essential}
        checked={fields.essential}
        onChange={(event) => setFields({ ...fields, essential: event.currentTarget.checked })}
      />
      <Row gap={4}>
        <Button kind="strong" type="submit" busy={busy} disabled={!ready}>
          {words.stock.acts.of.edit.confirm}
        </Button>
        <Button onClick={onDone}>{words.kits.cancel}</Button>
      </Row>
    </Stack>
  )
}
