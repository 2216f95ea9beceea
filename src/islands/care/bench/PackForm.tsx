/** The label of the very pack, written down line by line with a photo: a dose card in under a minute. */

import { Autocomplete, Select, Textarea, TextInput } from '@mantine/core'
import { useState } from 'react'
import { SUBSTANCE_IDS, substanceName } from '../../../core/catalogue/substances'
import { PORTION_UNITS, type PortionUnit } from '../../../core/dosing/card'
import { itemTitle } from '../../../core/stock/item'
import { ActForm } from '../../../ui/ActForm'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { shrunkPicture } from '../../../ui/picture'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import type { Care } from '../useCare'
import classes from './bench.module.css'
import { type PackFormDraft, readPackForm } from './cardForms'
import { EMPTY_LINE, emptyPack, type PackLine, readPack } from './packDraft'

const packWords = words.care.pack
const PICTURE_EDGE = 1400

interface Props {
  readonly care: Care
  readonly onDone: () => void
}

export function PackForm({ care, onDone }: Props) {
  const { members, view, cover } = care
  const people = members.filter(
    ({ species, guestUntil }) => species === 'person' && guestUntil === null,
  )
  const form = useActForm({
    initial: { ...emptyPack(people.map(({ id }) => id)), photo: null } as PackFormDraft,
    read: (typed) => readPackForm(typed, view.today),
    said: ({ name }) => words.care.cards.saved(name),
    onSaved: onDone,
  })
  const [badPhoto, setBadPhoto] = useState(false)
  const draft = form.values
  const { photo } = draft
  const reading = readPack(draft, view.today)
  const faults = form.held && reading.kind === 'unread' ? reading.faults : []
  const set = form.set
  const setLine = (at: number, patch: Partial<PackLine>): void =>
    set({ lines: draft.lines.map((line, of) => (of === at ? { ...line, ...patch } : line)) })
  const text = (field: 'name' | 'strength' | 'again' | 'mostDoses' | 'days' | 'purpose') => ({
    label: packWords.fields[field],
    ...form.text(field),
  })
  /** A thing of the household fills in what it is called and how strong it is. */
  const choose = (itemId: string | null) => {
    const item = cover.items.find(({ id }) => id === itemId)
    if (!item) return
    const at = care.laid.thingOf.get(item.id)
    const [acting] = (at === undefined ? undefined : care.laid.things[at]?.facts.acting) ?? []
    set({
      name: itemTitle(item),
      strength: item.strength || draft.strength,
      ...(acting && { substance: substanceName(acting) }),
      unit: item.unit === 'tablet' ? 'tablet' : draft.unit,
    })
  }
  return (
    <ActForm
      form={form}
      gap={6}
      pad={6}
      below={7}
      surface="canvas"
      radius={2}
      aria-label={packWords.title}
      press={packWords.save}
      onCancel={onDone}
    >
      <h2>{packWords.title}</h2>
      <p className="second">{packWords.lead}</p>
      <Stack
        columns="repeat(auto-fill, minmax(min(100%, 15rem), 1fr))"
        gapX={6}
        gapY={5}
        align="end"
      >
        <Select
          label={packWords.item}
          searchable
          value={null}
          onChange={choose}
          data={cover.items.map((item) => ({ value: item.id as string, label: itemTitle(item) }))}
        />
        <TextInput maxLength={120} {...text('name')} />
        <Autocomplete
          label={packWords.fields.substance}
          data={SUBSTANCE_IDS.map(substanceName)}
          {...form.choice('substance')}
        />
        <TextInput description={words.care.cards.fields.strengthHelp} {...text('strength')} />
        <Select
          label={words.care.cards.fields.unit}
          data={[...PORTION_UNITS]}
          {...form.choice('unit')}
        />
        <TextInput inputMode="decimal" {...text('again')} />
        <TextInput inputMode="numeric" {...text('mostDoses')} />
        <TextInput inputMode="numeric" {...text('days')} />
        <TextInput maxLength={120} {...text('purpose')} />
      </Stack>
      <Stack as="fieldset" gap={5} pad={5} line="seam" radius={2}>
        <legend>{packWords.lines}</legend>
        {draft.lines.map((line, at) => (
          <Line
            // biome-ignore lint/suspicious/noArrayIndexKey: a line has no other identity while it is typed
            key={at}
            line={line}
            number={at + 1}
            unit={draft.unit}
            fault={faults.find((fault) => fault.kind === 'line' && fault.at === at)}
            onChange={(patch) => setLine(at, patch)}
            onRemove={
              draft.lines.length > 1
                ? () => set({ lines: draft.lines.filter((_, of) => of !== at) })
                : null
            }
          />
        ))}
        <Button
          kind="plain"
          onClick={() => {
            const last = draft.lines.at(-1) ?? EMPTY_LINE
            set({
              lines: [
                ...draft.lines,
                { ...EMPTY_LINE, ageUnit: last.ageUnit, weightUnit: last.weightUnit },
              ],
            })
          }}
        >
          {packWords.addLine}
        </Button>
      </Stack>
      <Textarea label={words.care.cards.fields.stop} {...form.text('stop')} />
      <Stack loose as="label" gap={3} className={classes.photo}>
        {packWords.photo}
        <input
          type="file"
          accept="image/*"
          capture="environment"
          onChange={(event) => {
            const file = event.currentTarget.files?.[0]
            if (!file) return
            shrunkPicture(file, PICTURE_EDGE)
              .then((url) => {
                set({ photo: url })
                setBadPhoto(false)
              })
              .catch(() => setBadPhoto(true))
          }}
        />
        {photo && <img src={photo} alt={packWords.photoAlt} />}
        {badPhoto && <small role="alert">{words.care.incident.badPhoto}</small>}
      </Stack>
      {form.held && reading.kind === 'read' && reading.faults.length > 0 && (
        <Box as="ul" padX={6} padY={4} weight="bold" line="bad" radius={2} role="alert">
          {reading.faults.map((fault) => (
            <li key={fault.code}>{words.care.cardFault(fault)}</li>
          ))}
        </Box>
      )}
    </ActForm>
  )
}

interface LineProps {
  readonly line: PackLine
  readonly number: number
  readonly unit: PortionUnit
  readonly fault:
    | { readonly kind: 'field' }
    | { readonly kind: 'line'; readonly field: keyof typeof packWords.faults.line }
    | undefined
  readonly onChange: (patch: Partial<PackLine>) => void
  readonly onRemove: (() => void) | null
}

function Line({ line, number, unit, fault, onChange, onRemove }: LineProps) {
  const field = (name: keyof PackLine, label: string) => (
    <label>
      {label}
      <input
        inputMode="decimal"
        value={line[name]}
        onChange={(event) => onChange({ [name]: event.currentTarget.value })}
      />
    </label>
  )
  return (
    <Row
      gap={4}
      align="end"
      wrap
      className={classes.packLine}
      role="group"
      aria-label={packWords.line(number)}
    >
      {field('ageFrom', packWords.ageFrom)}
      {field('ageTo', packWords.ageTo)}
      <Stack as="label" gap={1} size={2}>
        {packWords.ageUnit}
        <select
          value={line.ageUnit}
          onChange={(event) => onChange({ ageUnit: event.currentTarget.value as 'years' })}
        >
          <option value="years">{packWords.years}</option>
          <option value="months">{packWords.months}</option>
        </select>
      </Stack>
      {field('weightFrom', packWords.weightFrom)}
      {field('weightTo', packWords.weightTo)}
      <Stack as="label" gap={1} size={2}>
        {packWords.weightUnit}
        <select
          value={line.weightUnit}
          onChange={(event) => onChange({ weightUnit: event.currentTarget.value as 'kg' })}
        >
          <option value="kg">kg</option>
          <option value="lb">lb</option>
        </select>
      </Stack>
      {field('amount', packWords.amount(unit))}
      {field('upTo', packWords.upTo)}
      {onRemove && (
        <Button kind="plain" onClick={onRemove}>
          {packWords.removeLine}
        </Button>
      )}
      {fault?.kind === 'line' && (
        <Box as="small" tone="bad" role="alert">
          {packWords.faults.line[fault.field]}
        </Box>
      )}
    </Row>
  )
}
