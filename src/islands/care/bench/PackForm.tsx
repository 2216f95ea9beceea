/** The label of the very pack, written down line by line with a photo: a dose card in under a minute. */

import { Autocomplete, Select, Textarea, TextInput } from '@mantine/core'
import { useState } from 'react'
import { addCard } from '../../../contract/care'
import { SUBSTANCE_IDS, substanceName } from '../../../core/catalogue/substances'
import { PORTION_UNITS, type PortionUnit } from '../../../core/dosing/card'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { shrunkPicture } from '../../../ui/picture'
import { words } from '../../../words'
import type { Care } from '../useCare'
import classes from './bench.module.css'
import { EMPTY_LINE, emptyPack, type PackDraft, type PackLine, readPack } from './packDraft'
import { SaveOrCancel } from './SaveOrCancel'

const packWords = words.care.pack
const PICTURE_EDGE = 1400

interface Props {
  readonly care: Care
  readonly onDone: () => void
}

export function PackForm({ care, onDone }: Props) {
  const { members, view, cover } = care
  const { run, busy } = useActing()
  const people = members.filter(
    ({ species, guestUntil }) => species === 'person' && guestUntil === null,
  )
  const [draft, setDraft] = useState<PackDraft>(() => emptyPack(people.map(({ id }) => id)))
  const [photo, setPhoto] = useState<string | null>(null)
  const [badPhoto, setBadPhoto] = useState(false)
  const [tried, setTried] = useState(false)
  const reading = readPack(draft, view.today)
  const faults = tried && reading.kind === 'unread' ? reading.faults : []
  const set = (patch: Partial<PackDraft>): void => setDraft((now) => ({ ...now, ...patch }))
  const setLine = (at: number, patch: Partial<PackLine>): void =>
    set({ lines: draft.lines.map((line, of) => (of === at ? { ...line, ...patch } : line)) })
  const text = (field: 'name' | 'strength' | 'again' | 'mostDoses' | 'days' | 'purpose') => ({
    label: packWords.fields[field],
    value: draft[field],
    onChange: (event: { currentTarget: { value: string } }) =>
      set({ [field]: event.currentTarget.value }),
    error: faults.some((fault) => fault.kind === 'field' && fault.field === field)
      ? packWords.faults.field
      : undefined,
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
  const submit = async () => {
    setTried(true)
    if (reading.kind !== 'read' || reading.faults.length > 0) return
    const done = await run(
      addCard,
      {
        body: {
          ...reading.body,
          memberIds: draft.memberIds,
          ...(photo && { photo }),
        } as never,
      },
      words.care.cards.saved(draft.name),
    )
    if (done) onDone()
  }
  return (
    <Stack
      as="form"
      gap={6}
      pad={6}
      below={7}
      surface="canvas"
      radius={2}
      aria-label={packWords.title}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
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
          value={draft.substance}
          onChange={(substance) => set({ substance })}
          error={
            faults.some((fault) => fault.kind === 'field' && fault.field === 'substance')
              ? packWords.faults.field
              : undefined
          }
        />
        <TextInput description={words.care.cards.fields.strengthHelp} {...text('strength')} />
        <Select
          label={words.care.cards.fields.unit}
          data={[...PORTION_UNITS]}
          value={draft.unit}
          onChange={(unit) => unit && set({ unit: unit as PortionUnit })}
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
      <Textarea
        label={words.care.cards.fields.stop}
        value={draft.stop}
        onChange={(event) => set({ stop: event.currentTarget.value })}
      />
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
                setPhoto(url)
                setBadPhoto(false)
              })
              .catch(() => setBadPhoto(true))
          }}
        />
        {photo && <img src={photo} alt={packWords.photoAlt} />}
        {badPhoto && <small role="alert">{words.care.incident.badPhoto}</small>}
      </Stack>
      {tried && reading.kind === 'read' && reading.faults.length > 0 && (
        <Box as="ul" padX={6} padY={4} weight="bold" line="bad" radius={2} role="alert">
          {reading.faults.map((fault) => (
            <li key={fault.code}>{words.care.cardFault(fault)}</li>
          ))}
        </Box>
      )}
      {faults.length > 0 && (
        <Box as="p" padX={6} padY={4} weight="bold" line="bad" radius={2} role="alert">
          {words.care.cards.look}
        </Box>
      )}
      <SaveOrCancel save={packWords.save} busy={busy} onCancel={onDone} />
    </Stack>
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
