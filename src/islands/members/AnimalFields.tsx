/** What decides for an animal; its vet's words are kept as they are. */

import { Checkbox, MultiSelect, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { isPlainDate, type PlainDate } from '../../core/calendar/plainDate'
import { SUBSTANCE_IDS, type SubstanceId, substanceName } from '../../core/catalogue/substances'
import {
  type AgreedMedicine,
  type AnimalCondition,
  type AnimalFacts,
  type AnimalTrait,
  CONDITIONS_OF_ANIMALS,
  TRAITS_OF_ANIMALS,
} from '../../core/household/member'
import type { VitalRange } from '../../core/household/vitals'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { DayField } from '../../ui/DayField'
import { Explain } from '../../ui/Explain'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { fullDay } from '../../words/frame/format'
import { AlarmField } from './AlarmField'
import { ContactFields } from './ContactFields'
import { ToldField } from './ToldField'

const membersWords = words.members

export function AnimalFields({
  facts,
  onChange,
}: {
  readonly facts: AnimalFacts
  readonly onChange: (facts: AnimalFacts) => void
}) {
  const { today } = useStrap()
  const set = (change: Partial<AnimalFacts>) => onChange({ ...facts, ...change })
  return (
    <>
      <MultiSelect
        label={membersWords.traits}
        value={[...facts.traits]}
        onChange={(traits) => set({ traits: traits as AnimalTrait[] })}
        data={Object.entries(TRAITS_OF_ANIMALS).map(([value, label]) => ({ value, label }))}
      />
      <TextInput
        label={membersWords.coat}
        maxLength={120}
        value={facts.coat}
        onChange={(event) => set({ coat: event.currentTarget.value })}
      />
      <TextInput
        label={membersWords.temperament}
        maxLength={2000}
        value={facts.temperament}
        onChange={(event) => set({ temperament: event.currentTarget.value })}
      />
      <Stack as="fieldset" gap={4} padX={5} padY={4} line="dashed" radius={2}>
        <Box as="legend" padX={2} size={2} weight="bold">
          {membersWords.vitals} ({membersWords.own})
        </Box>
        <Explain id="normal" />
        {(['temperature', 'pulse', 'breathing'] as const).map((sign) => (
          <RangeFields
            key={sign}
            label={membersWords[sign]}
            range={facts.normal[sign]}
            onChange={(range) => set({ normal: { ...facts.normal, [sign]: range } })}
          />
        ))}
      </Stack>
      <MultiSelect
        label={membersWords.conditions}
        value={[...(facts.conditions ?? [])]}
        onChange={(conditions) => set({ conditions: conditions as AnimalCondition[] })}
        data={Object.entries(CONDITIONS_OF_ANIMALS).map(([value, label]) => ({ value, label }))}
      />
      {(facts.conditions ?? []).length === 0 && (
        <ToldField topic="conditions" facts={facts} today={today} onChange={onChange} />
      )}
      <ToldField topic="medicines" facts={facts} today={today} onChange={onChange} />
      <AlarmField facts={facts} today={today} onChange={onChange} />
      <ContactFields
        legend={membersWords.vet}
        contact={facts.vet}
        onChange={(vet) => set({ vet })}
      />
      <ContactFields
        legend={membersWords.clinic}
        contact={facts.clinic}
        onChange={(clinic) => set({ clinic })}
      />
      <Agreed agreed={facts.agreed} onChange={(agreed) => set({ agreed })} />
    </>
  )
}

function RangeFields({
  label,
  range,
  onChange,
}: {
  readonly label: string
  readonly range: VitalRange | null
  readonly onChange: (range: VitalRange | null) => void
}) {
  const [text, setText] = useState({
    from: range ? String(range.from) : '',
    to: range ? String(range.to) : '',
  })
  const change = (next: typeof text) => {
    setText(next)
    const [from, to] = [next.from, next.to].map((part) => Number(part.replace(',', '.')))
    const isRange =
      next.from !== '' && next.to !== '' && Number.isFinite(from) && Number.isFinite(to)
    onChange(isRange ? { from: from as number, to: to as number } : null)
  }
  return (
    <Stack columns="9rem 1fr 1fr" gap={4} align="center" size={2}>
      <span>{label}</span>
      {(['from', 'to'] as const).map((end) => (
        <TextInput
          key={end}
          aria-label={`${label}, ${end}`}
          inputMode="decimal"
          value={text[end]}
          onChange={(event) => change({ ...text, [end]: event.currentTarget.value })}
        />
      ))}
    </Stack>
  )
}

function Agreed({
  agreed,
  onChange,
}: {
  readonly agreed: readonly AgreedMedicine[]
  readonly onChange: (agreed: readonly AgreedMedicine[]) => void
}) {
  const { today } = useStrap()
  const [adding, setAdding] = useState<AgreedMedicine | null>(null)
  return (
    <Stack as="fieldset" gap={4} padX={5} padY={4} line="dashed" radius={2}>
      <Box as="legend" padX={2} size={2} weight="bold">
        {membersWords.agreed}
      </Box>
      <p className="second">{membersWords.agreedHint}</p>
      {agreed.map((one) => (
        <Stack gap={2} lineBelow="hairline" key={one.substance}>
          <b>{substanceName(one.substance)}</b>
          <span>
            “{one.words}” ({one.vet}, {fullDay(one.on)})
          </span>
          <Checkbox
            label={membersWords.confirmed}
            checked={one.confirmedAgainstWarning}
            onChange={(event) =>
              onChange(
                agreed.map((other) =>
                  other === one
                    ? { ...one, confirmedAgainstWarning: event.currentTarget.checked }
                    : other,
                ),
              )
            }
          />
          <Button
            kind="quiet"
            aria-label={`${membersWords.remove}: ${substanceName(one.substance)}`}
            onClick={() => onChange(agreed.filter((other) => other !== one))}
          >
            {membersWords.remove}
          </Button>
        </Stack>
      ))}
      {adding ? (
        <>
          <Select
            label={membersWords.substance}
            searchable
            value={adding.substance}
            onChange={(id) => id && setAdding({ ...adding, substance: id as SubstanceId })}
            data={SUBSTANCE_IDS.filter(
              (id) => !agreed.some(({ substance }) => substance === id),
            ).map((value) => ({ value, label: substanceName(value) }))}
          />
          <TextInput
            label={membersWords.vetsWords}
            maxLength={2000}
            value={adding.words}
            onChange={(event) => setAdding({ ...adding, words: event.currentTarget.value })}
          />
          <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
            <TextInput
              label={membersWords.vet}
              maxLength={120}
              value={adding.vet}
              onChange={(event) => setAdding({ ...adding, vet: event.currentTarget.value })}
            />
            <DayField
              label={membersWords.on}
              max={today}
              value={adding.on}
              onChange={(on) => setAdding({ ...adding, on: on as PlainDate })}
            />
          </Stack>
          <Button
            disabled={
              adding.words.trim() === '' || adding.vet.trim() === '' || !isPlainDate(adding.on)
            }
            onClick={() => {
              onChange([...agreed, adding])
              setAdding(null)
            }}
          >
            {membersWords.addAgreed}
          </Button>
        </>
      ) : (
        <Button
          kind="quiet"
          onClick={() =>
            setAdding({
              substance: 'cetirizine',
              words: '',
              vet: '',
              on: today,
              confirmedAgainstWarning: false,
            })
          }
        >
          {membersWords.addAgreed}
        </Button>
      )}
    </Stack>
  )
}
