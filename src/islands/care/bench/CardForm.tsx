/** Writing down what a prescriber said, as it was said. */

import { Autocomplete, Select, Textarea, TextInput } from '@mantine/core'
import { useMemo, useState } from 'react'
import { addCard, changeCard } from '../../../contract/care'
import { SUBSTANCE_IDS, substanceName } from '../../../core/catalogue/substances'
import { patientOn } from '../../../core/cover/suitability'
import {
  type CardId,
  type DoseCard,
  PORTION_UNITS,
  type PortionUnit,
} from '../../../core/dosing/card'
import { sourceGap } from '../../../core/dosing/sources'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Chip } from '../../../ui/Button'
import { words } from '../../../words'
import type { Care } from '../useCare'
import classes from './bench.module.css'
import {
  type CardDraft,
  type DraftField,
  draftOf,
  emptyDraft,
  type FieldFault,
  readDraft,
} from './cardDraft'
import { SaveOrCancel } from './SaveOrCancel'

const cardsWords = words.care.cards
const f = cardsWords.fields

interface Props {
  readonly care: Care
  /** Null for a new one. */
  readonly card: DoseCard | null
  readonly forWhom: string | null
  readonly onDone: () => void
}

const faultText = (fault: FieldFault): string => {
  switch (fault.kind) {
    case 'measure':
      return words.care.measureFault(fault.fault)
    case 'number':
      return cardsWords.badNumber
    case 'day':
      return cardsWords.badDay
    case 'pick':
      return cardsWords.pick
  }
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
  const { run, busy } = useActing()
  const isAnimal = (ids: readonly string[]): boolean =>
    members.some(({ id, species }) => ids.includes(id) && species !== 'person')
  const [draft, setDraft] = useState<CardDraft>(() =>
    card
      ? draftOf(card)
      : {
          ...emptyDraft(forWhom, view.today, isAnimal(forWhom ? [forWhom] : [])),
          ...agreedDraft(care, forWhom),
        },
  )
  const [tried, setTried] = useState(false)
  const species = members.filter(({ id }) => draft.memberIds.includes(id)).map((one) => one.species)
  const reading = readDraft(draft, species, view.today)
  const fieldFault = (field: DraftField): string | undefined => {
    const fault = reading.kind === 'unread' ? reading.fields[field] : undefined
    return fault && tried ? faultText(fault) : undefined
  }
  const set = <K extends DraftField>(field: K, value: CardDraft[K]): void =>
    setDraft((now) => ({ ...now, [field]: value }))
  const toggleMember = (id: string): void =>
    setDraft((now) => {
      const memberIds = now.memberIds.includes(id)
        ? now.memberIds.filter((one) => one !== id)
        : [...now.memberIds, id]
      const source = isAnimal(memberIds) ? 'vet' : now.source === 'vet' ? 'doctor' : now.source
      return { ...now, memberIds, source }
    })
  const text = (field: DraftField) => ({
    value: String(draft[field] ?? ''),
    onChange: (event: { currentTarget: { value: string } }) =>
      set(field, event.currentTarget.value as never),
    error: fieldFault(field),
  })
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
  const submit = async () => {
    setTried(true)
    if (reading.kind !== 'read' || reading.faults.length > 0) return
    const body = { ...reading.body, memberIds: draft.memberIds } as never
    const done = card
      ? await run(
          changeCard,
          {
            params: { cardId: card.id },
            body: { ...(body as object), seenVersion: card.version } as never,
          },
          cardsWords.saved(draft.name),
        )
      : await run(addCard, { body }, cardsWords.saved(draft.name))
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
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
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
          value={draft.substance}
          disabled={draft.itemId !== null}
          onChange={(value) => set('substance', value)}
          onBlur={() => setDraft((now) => ({ ...now, name: now.name || now.substance }))}
          error={fieldFault('substance')}
        />
        <Select
          label={f.otherItem}
          data={items}
          value={draft.itemId}
          searchable
          clearable
          onChange={(itemId) =>
            setDraft((now) => ({
              ...now,
              itemId,
              substance: itemId ? '' : now.substance,
              name: now.name || (items.find(({ value }) => value === itemId)?.label ?? ''),
            }))
          }
        />
        <TextInput label={f.name} {...text('name')} />
        <Select
          label={f.unit}
          data={[...PORTION_UNITS]}
          value={draft.unit}
          onChange={(unit) => unit && set('unit', unit as PortionUnit)}
        />
        <TextInput label={f.strength} description={f.strengthHelp} {...text('strength')} />
        <Select
          label={f.by}
          data={(['rate', 'pound_rate', 'measure', 'portion'] as const).map((by) => ({
            value: by,
            label: f.byKinds[by],
          }))}
          value={draft.by}
          onChange={(by) => by && set('by', by as CardDraft['by'])}
        />
        <TextInput label={f.amount} description={f.amountHelp[draft.by]} {...text('amount')} />
        <TextInput label={f.again} inputMode="decimal" {...text('again')} />
        <TextInput label={f.mostDoses} inputMode="numeric" {...text('mostDoses')} />
        <TextInput label={f.most} {...text('most')} />
        <TextInput label={f.largest} {...text('largest')} />
        {draft.unit === 'tablet' && (
          <Select
            label={f.cuts}
            data={([1, 2, 4] as const).map((cuts) => ({
              value: String(cuts),
              label: f.cutKinds[`${cuts}`],
            }))}
            value={String(draft.cuts)}
            onChange={(cuts) => cuts && set('cuts', Number(cuts) as CardDraft['cuts'])}
          />
        )}
        <TextInput label={f.purpose} {...text('purpose')} />
        <TextInput label={f.days} inputMode="numeric" {...text('days')} />
        <Select
          label={f.source}
          data={(['doctor', 'pharmacist', 'vet'] as const).map((kind) => ({
            value: kind,
            label: words.care.sources[kind],
          }))}
          value={draft.source}
          onChange={(kind) => kind && set('source', kind as CardDraft['source'])}
        />
        <TextInput label={f.who} {...text('who')} />
        <TextInput label={f.on} type="date" {...text('on')} />
        <TextInput label={f.review} type="date" {...text('reviewOn')} />
        <TextInput label={f.ends} type="date" {...text('endsOn')} />
        <Textarea label={f.directions} {...text('directions')} />
        <Textarea label={f.stop} {...text('stop')} />
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
          <TextInput label={f.confirmWho} {...text('confirmWho')} />
          <TextInput label={f.confirmOn} type="date" {...text('confirmOn')} />
          <Textarea label={f.confirmWhy} {...text('confirmWhy')} />
        </Stack>
      </details>
      {tried && reading.kind === 'read' && reading.faults.length > 0 && (
        <div role="alert">
          <Box as="ul" padX={6} padY={4} weight="bold" line="bad" radius={2}>
            {reading.faults.map((fault) => (
              <li key={fault.code}>{words.care.cardFault(fault)}</li>
            ))}
          </Box>
        </div>
      )}
      {tried && reading.kind === 'unread' && (
        <Box as="p" padX={6} padY={4} weight="bold" line="bad" radius={2} role="alert">
          {cardsWords.look}
        </Box>
      )}
      <SaveOrCancel save={cardsWords.save} busy={busy} onCancel={onDone} />
    </Stack>
  )
}
