/** Writing down what a prescriber said, as it was said. */

import { Autocomplete, Select, Textarea, TextInput } from '@mantine/core'
import { useMemo } from 'react'
import { SUBSTANCE_IDS, substanceName } from '../../../core/catalogue/substances'
import { patientOn } from '../../../core/cover/suitability'
import { type CardId, type DoseCard, PORTION_UNITS } from '../../../core/dosing/card'
import { sourceGap } from '../../../core/dosing/sources'
import { itemTitle } from '../../../core/stock/item'
import { ActForm } from '../../../ui/ActForm'
import { Box, Row, Stack } from '../../../ui/Box'
import { Chip } from '../../../ui/Button'
import { DayField } from '../../../ui/DayField'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import type { Care } from '../useCare'
import classes from './bench.module.css'
import { type CardDraft, draftOf, emptyDraft, readDraft } from './cardDraft'
import { readCardForm } from './cardForms'

const cardsWords = words.care.cards
const f = cardsWords.fields

interface Props {
  readonly care: Care
  /** Null for a new one. */
  readonly card: DoseCard | null
  readonly forWhom: string | null
  readonly onDone: () => void
}

/** What the vet agreed to in words goes into the card: its numbers are all that is missing. */
function agreedDraft({ members }: Care, forWhom: string | null): Partial<CardDraft> {
  const asked =
    typeof location === 'undefined' ? null : new URLSearchParams(location.search).get('agreed')
  const member = members.find(({ id }) => id === forWhom)
  const agreed =
    member?.facts.kind === 'animal'
      ? member.facts.agreed.find(({ substance }) => substance === asked)
      : undefined
  return agreed
    ? {
        name: substanceName(agreed.substance),
        substance: substanceName(agreed.substance),
        who: agreed.vet,
        on: agreed.on,
        directions: agreed.words,
      }
    : {}
}

export function CardForm({ care, card, forWhom, onDone }: Props) {
  const { members, view } = care
  const isAnimal = (ids: readonly string[]): boolean =>
    members.some(({ id, species }) => ids.includes(id) && species !== 'person')
  const speciesOf = (ids: readonly string[]) =>
    members.filter(({ id }) => ids.includes(id)).map((one) => one.species)
  const about = ({ memberIds }: CardDraft) => ({
    card,
    species: speciesOf(memberIds),
    today: view.today,
  })
  const form = useActForm({
    initial: card
      ? draftOf(card)
      : {
          ...emptyDraft(forWhom, view.today, isAnimal(forWhom ? [forWhom] : [])),
          ...agreedDraft(care, forWhom),
        },
    read: (typed) => readCardForm(typed, about(typed)),
    said: ({ name }) => cardsWords.saved(name),
    onSaved: onDone,
  })
  const draft = form.values
  const reading = readDraft(draft, speciesOf(draft.memberIds), view.today)
  const toggleMember = (id: string): void => {
    const memberIds = draft.memberIds.includes(id)
      ? draft.memberIds.filter((one) => one !== id)
      : [...draft.memberIds, id]
    const source = isAnimal(memberIds) ? 'vet' : draft.source === 'vet' ? 'doctor' : draft.source
    form.set({ memberIds, source })
  }
  const items = useMemo(
    () => care.cover.items.map((item) => ({ value: item.id as string, label: itemTitle(item) })),
    [care.cover.items],
  )
  // Ten times off another source: said before it is kept, for each of them.
  const gap = useMemo(() => {
    if (reading.kind !== 'read') return null
    const made: DoseCard = {
      ...reading.body,
      id: (card?.id ?? 'new') as CardId,
      version: 0,
      for: { kind: 'members', memberIds: draft.memberIds as never },
    }
    for (const member of members.filter(({ id }) => draft.memberIds.includes(id))) {
      const found = sourceGap(made, view.cards, patientOn(member, [], view.today))
      if (found) return found
    }
    return null
  }, [reading, card, draft.memberIds, members, view])
  return (
    <ActForm
      form={form}
      gap={6}
      pad={6}
      below={7}
      surface="canvas"
      radius={2}
      press={cardsWords.save}
      onCancel={onDone}
    >
      <h2>{card ? cardsWords.edit : cardsWords.add}</h2>
      <Row as="fieldset" gap={4} align="center" wrap className={classes.volumes}>
        <legend>{f.whom}</legend>
        {members.map(({ id, name }) => (
          <Chip key={id} pressed={draft.memberIds.includes(id)} onClick={() => toggleMember(id)}>
            {name}
          </Chip>
        ))}
      </Row>
      <Stack
        columns="repeat(auto-fill, minmax(min(100%, 15rem), 1fr))"
        gapX={6}
        gapY={5}
        align="end"
      >
        <Autocomplete
          label={f.substance}
          data={SUBSTANCE_IDS.map(substanceName)}
          {...form.choice('substance')}
          disabled={draft.itemId !== null}
          onBlur={() => draft.name === '' && form.set({ name: draft.substance })}
        />
        <Select
          label={f.otherItem}
          data={items}
          {...form.choice('itemId')}
          searchable
          clearable
          onChange={(itemId) =>
            form.set({
              itemId,
              ...(itemId && { substance: '' }),
              name: draft.name || (items.find(({ value }) => value === itemId)?.label ?? ''),
            })
          }
        />
        <TextInput label={f.name} {...form.text('name')} />
        <Select label={f.unit} data={[...PORTION_UNITS]} {...form.choice('unit')} />
        <TextInput label={f.strength} description={f.strengthHelp} {...form.text('strength')} />
        <Select
          label={f.by}
          data={(['rate', 'pound_rate', 'measure', 'portion'] as const).map((by) => ({
            value: by,
            label: f.byKinds[by],
          }))}
          {...form.choice('by')}
        />
        <TextInput label={f.amount} description={f.amountHelp[draft.by]} {...form.text('amount')} />
        <TextInput label={f.again} inputMode="decimal" {...form.text('again')} />
        <TextInput label={f.mostDoses} inputMode="numeric" {...form.text('mostDoses')} />
        <TextInput label={f.most} {...form.text('most')} />
        <TextInput label={f.largest} {...form.text('largest')} />
        {draft.unit === 'tablet' && (
          <Select
            label={f.cuts}
            data={([1, 2, 4] as const).map((cuts) => ({
              value: String(cuts),
              label: f.cutKinds[`${cuts}`],
            }))}
            value={String(draft.cuts)}
            onChange={(cuts) => cuts && form.set({ cuts: Number(cuts) as CardDraft['cuts'] })}
          />
        )}
        <TextInput label={f.purpose} {...form.text('purpose')} />
        <TextInput label={f.days} inputMode="numeric" {...form.text('days')} />
        <Select
          label={f.source}
          data={(['doctor', 'pharmacist', 'vet'] as const).map((kind) => ({
            value: kind,
            label: words.care.sources[kind],
          }))}
          {...form.choice('source')}
        />
        <TextInput label={f.who} {...form.text('who')} />
        <DayField label={f.on} {...form.choice('on')} />
        <DayField label={f.review} {...form.choice('reviewOn')} />
        <DayField label={f.ends} {...form.choice('endsOn')} />
        <Textarea label={f.directions} {...form.text('directions')} />
        <Textarea label={f.stop} {...form.text('stop')} />
      </Stack>
      {gap && (
        <Box as="p" note="caution" role="alert">
          {words.care.refusal(gap, { now: 0 as never, timeZone: view.timeZone })}
        </Box>
      )}
      <details open={gap !== null || draft.confirmOn !== ''}>
        <summary>{f.confirm}</summary>
        <p className="second">{f.confirmLead}</p>
        <Stack
          columns="repeat(auto-fill, minmax(min(100%, 15rem), 1fr))"
          gapX={6}
          gapY={5}
          align="end"
        >
          <TextInput label={f.confirmWho} {...form.text('confirmWho')} />
          <DayField label={f.confirmOn} {...form.choice('confirmOn')} />
          <Textarea label={f.confirmWhy} {...form.text('confirmWhy')} />
        </Stack>
      </details>
      {form.held && reading.kind === 'read' && reading.faults.length > 0 && (
        <div role="alert">
          <Box as="ul" padX={6} padY={4} weight="bold" line="bad" radius={2}>
            {reading.faults.map((fault) => (
              <li key={fault.code}>{words.care.cardFault(fault)}</li>
            ))}
          </Box>
        </div>
      )}
    </ActForm>
  )
}
