/** Unpacking in one pass: everything as packed, but for what somebody says; and two questions. */

import { Select, Textarea, TextInput } from '@mantine/core'
import type { TripSaid } from '../../core/trips/trip'
import { ActForm } from '../../ui/ActForm'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Folded } from '../../ui/Folded'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { counted } from '../../words/frame/format'
import {
  EMPTY_UNPACKING,
  isCounted,
  type LineDraft,
  lineFault,
  OUTCOMES,
  type Outcome,
  readUnpackDraft,
  toUnpack,
} from './unpackDraft'
import { pocketName, type TripView } from './view'

const unpackWords = words.trips.unpack

interface Props {
  readonly view: TripView
  /** The trip is over: this is what one has come for. */
  readonly opened: boolean
}

export function Unpack({ view, opened }: Props) {
  const form = <UnpackForm view={view} />
  return opened ? (
    form
  ) : (
    <Box above={7}>
      <Folded title={unpackWords.packed(toUnpack(view).length)}>{() => form}</Folded>
    </Box>
  )
}

function UnpackForm({ view }: Pick<Props, 'view'>) {
  const lines = toUnpack(view)
  const form = useActForm({
    initial: EMPTY_UNPACKING,
    read: (draft) => readUnpackDraft(draft, view),
    said: (_, { done }) => unpackWords.done(done),
    onSaved: () => form.restart(),
  })
  const { lines: said } = form.values
  const toAsk = view.people.filter(({ id }) =>
    form.values.said.every(({ memberId }) => memberId !== id),
  )
  const marks = form.errorOf('lines') !== undefined
  const set = (id: string, draft: LineDraft) => form.set({ lines: { ...said, [id]: draft } })
  return (
    <ActForm form={form} press={unpackWords.save} above={4}>
      <ul>
        {lines.map((line) => {
          const draft = said[line.id] ?? { outcome: 'as_packed' as const, count: '' }
          const home = pocketName(view, line.from)
          return (
            <Stack
              as="li"
              key={line.id}
              gap={4}
              columns="minmax(0, 1fr) minmax(0, 1fr)"
              align="center"
              collapse
              padY={3}
              lineBelow="hairline"
            >
              <Box breakable>
                <b>{line.title}</b>{' '}
                {line.there > 0 ? counted(line.there, line.unit) : unpackWords.usedUp}
                <Box as="p" size={2} tone="second">
                  {home ? unpackWords.goesTo(home.name, home.kit) : ''}
                </Box>
              </Box>
              {line.there > 0 && (
                <Row gap={4} align="start">
                  <Select
                    aria-label={`${unpackWords.outcome}: ${line.title}`}
                    value={draft.outcome}
                    allowDeselect={false}
                    onChange={(outcome) =>
                      outcome && set(line.id, { ...draft, outcome: outcome as Outcome })
                    }
                    data={OUTCOMES.map((value) => ({ value, label: unpackWords.outcomes[value] }))}
                  />
                  {isCounted(draft.outcome) && (
                    <TextInput
                      aria-label={`${unpackWords.howMany(line.unit)}: ${line.title}`}
                      placeholder={counted(line.there, line.unit)}
                      inputMode="decimal"
                      value={draft.count}
                      error={marks ? lineFault(draft, line) : undefined}
                      onChange={(event) =>
                        set(line.id, { ...draft, count: event.currentTarget.value })
                      }
                    />
                  )}
                </Row>
              )}
            </Stack>
          )
        })}
      </ul>
      <Textarea label={unpackWords.missed} maxLength={2000} autosize {...form.text('missed')} />
      <Textarea
        label={unpackWords.cursed}
        description={unpackWords.reviewUnder}
        maxLength={2000}
        autosize
        {...form.text('cursed')}
      />
      {form.values.said.map((one) => (
        <SaidBy
          key={one.memberId}
          said={one}
          name={view.people.find(({ id }) => id === one.memberId)?.name ?? ''}
          onChange={(patch) =>
            form.set({
              said: form.values.said.map((other) =>
                other.memberId === one.memberId ? { ...other, ...patch } : other,
              ),
            })
          }
        />
      ))}
      {toAsk.length > 0 && (
        <Row as="fieldset" gap={3} wrap>
          <Box as="legend" below={2} weight="bold">
            {unpackWords.alsoAsk}
          </Box>
          {toAsk.map(({ id: memberId, name }) => (
            <Button
              key={memberId}
              kind="chip"
              onClick={() =>
                form.set({ said: [...form.values.said, { memberId, missed: '', cursed: '' }] })
              }
            >
              {name}
            </Button>
          ))}
        </Row>
      )}
    </ActForm>
  )
}

/** The same two questions, for one of them. */
function SaidBy({
  said: { missed, cursed },
  name,
  onChange,
}: {
  readonly said: TripSaid
  readonly name: string
  readonly onChange: (patch: Partial<TripSaid>) => void
}) {
  return (
    <Stack gap={4} columns={2} align="start">
      <Textarea
        label={unpackWords.missedBy(name)}
        maxLength={2000}
        autosize
        value={missed}
        onChange={(event) => onChange({ missed: event.currentTarget.value })}
      />
      <Textarea
        label={unpackWords.cursedBy(name)}
        maxLength={2000}
        autosize
        value={cursed}
        onChange={(event) => onChange({ cursed: event.currentTarget.value })}
      />
    </Stack>
  )
}
