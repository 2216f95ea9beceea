/** Planning an evening: who comes, who is in their care, what they have to know and may give. */

import { Checkbox, Textarea, TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { giveEvening, proposeEvening } from '../../contract/evenings'
import type { Species } from '../../core/household/species'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, Chip } from '../../ui/Button'
import { DayField } from '../../ui/DayField'
import { Dialog } from '../../ui/Dialog'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { CodeToSay } from '../people/CodeToSay'
import {
  type PlanDraft,
  type PlanFault,
  planFaults,
  planOf,
  withLines,
  withoutLines,
} from './planDraft'

const eveningWords = words.evenings

export interface Choosable {
  readonly id: string
  readonly name: string
  readonly species: Species
  readonly helper: boolean
}

interface Props {
  readonly members: readonly Choosable[]
  /** Who plans it: they are called first. */
  readonly who: string
  readonly onClose: () => void
}

export function PlanEvening({ members, who, onClose }: Props) {
  const strap = useStrap()
  const { run, busy } = useActing()
  const { timeZone } = strap.habits
  const [draft, setDraft] = useState<PlanDraft>(() => ({
    forName: '',
    day: strap.today,
    from: '18:00',
    to: '23:30',
    placeId: strap.places[0]?.id ?? '',
    members: new Set(members.filter(({ helper }) => !helper).map(({ id }) => id)),
    kits: new Set(),
    callName: who,
    callPhone: '',
    address: '',
    know: '',
    mayNot: eveningWords.mayNotUsual,
    gives: new Set(),
    courses: new Set(),
  }))
  const [code, setCode] = useState<string | null>(null)
  /** What was filled in, and whom it is about. */
  const [filled, setFilled] = useState<readonly { memberId: string; words: string }[]>([])
  const [tried, setTried] = useState(false)
  const faults = planFaults(draft, timeZone)
  const set = (patch: Partial<PlanDraft>) => setDraft((known) => ({ ...known, ...patch }))
  const wrong = (field: PlanFault, text: string) =>
    tried && faults.includes(field) ? text : undefined
  const asked = { placeId: draft.placeId, members: [...draft.members].join(',') }
  const { data: proposal } = useQuery({
    queryKey: ['evening proposal', asked],
    queryFn: () => call(proposeEvening, { query: asked }),
    enabled: draft.placeId !== '',
  })
  const send = async () => {
    setTried(true)
    if (faults.length > 0) return
    const made = await run(giveEvening, { body: planOf(draft) }, eveningWords.given(draft.forName))
    if (made) setCode(made.code)
  }
  const flip = (field: 'members' | 'kits' | 'gives' | 'courses', id: string) => {
    const next = new Set(draft[field])
    const isIn = next.delete(id)
    if (!isIn) next.add(id)
    const about =
      isIn && field === 'members' ? filled.filter(({ memberId }) => memberId === id) : []
    set({
      [field]: next,
      // What was filled in of somebody who does not stay is not for the sitter.
      ...(about.length > 0 && {
        know: withoutLines(
          draft.know,
          about.map(({ words: line }) => line),
        ),
      }),
    })
  }
  if (code)
    return (
      <Dialog
        title={eveningWords.codeFor(draft.forName)}
        onClose={onClose}
        close={eveningWords.close}
      >
        <CodeToSay code={code} under="evening" how={eveningWords.howCode} />
      </Dialog>
    )
  return (
    <Dialog
      title={eveningWords.plan}
      size="lg"
      isWritten={draft.forName !== '' || draft.know !== ''}
      onClose={onClose}
    >
      <Stack
        as="form"
        gap={5}
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          void send()
        }}
      >
        <TextInput
          label={eveningWords.who}
          maxLength={120}
          data-autofocus
          value={draft.forName}
          error={wrong('forName', words.forms.missing)}
          onChange={(event) => set({ forName: event.currentTarget.value })}
        />
        <Stack columns="repeat(auto-fit, minmax(min(100%, 9rem), 1fr))" gap={4}>
          <DayField label={eveningWords.day} value={draft.day} onChange={(day) => set({ day })} />
          {(['from', 'to'] as const).map((end) => (
            <TextInput
              key={end}
              label={eveningWords[end]}
              inputMode="numeric"
              maxLength={5}
              value={draft[end]}
              error={wrong(end, eveningWords.wrongTime)}
              onChange={(event) => set({ [end]: event.currentTarget.value })}
            />
          ))}
        </Stack>
        <Chips label={eveningWords.where}>
          {strap.places.map(({ id, name }) => (
            <Chip
              key={id}
              pressed={id === draft.placeId}
              onClick={() => set({ placeId: id, kits: new Set(), gives: new Set() })}
            >
              {name}
            </Chip>
          ))}
        </Chips>
        <Chips label={eveningWords.care} error={wrong('members', words.forms.missing)}>
          {members.map(({ id, name }) => (
            <Chip key={id} pressed={draft.members.has(id)} onClick={() => flip('members', id)}>
              {name}
            </Chip>
          ))}
        </Chips>
        <Stack columns="repeat(auto-fit, minmax(min(100%, 12rem), 1fr))" gap={4}>
          <TextInput
            label={eveningWords.callName}
            maxLength={120}
            value={draft.callName}
            onChange={(event) => set({ callName: event.currentTarget.value })}
          />
          <TextInput
            label={eveningWords.callPhone}
            type="tel"
            maxLength={60}
            value={draft.callPhone}
            error={wrong('callPhone', words.forms.missing)}
            onChange={(event) => set({ callPhone: event.currentTarget.value })}
          />
        </Stack>
        <TextInput
          label={eveningWords.address}
          maxLength={300}
          value={draft.address}
          onChange={(event) => set({ address: event.currentTarget.value })}
        />
        <Textarea
          label={eveningWords.know}
          autosize
          minRows={3}
          value={draft.know}
          onChange={(event) => set({ know: event.currentTarget.value })}
        />
        {proposal && proposal.know.length > 0 && (
          <Row>
            <Button
              onClick={() => {
                setFilled([...filled, ...proposal.know])
                set({
                  know: withLines(
                    draft.know,
                    proposal.know.map(({ words: line }) => line),
                  ),
                })
              }}
            >
              {eveningWords.propose}
            </Button>
          </Row>
        )}
        {proposal && proposal.asks.length > 0 && (
          <Box note="caution">
            <p>{eveningWords.asks}</p>
            <ul>
              {proposal.asks.map((one) => (
                <li key={one}>{one}</li>
              ))}
            </ul>
          </Box>
        )}
        <Ticks
          legend={eveningWords.gives}
          empty={eveningWords.noGives}
          options={(proposal?.gives ?? []).map(
            ({ memberId, cardId, who: whose, title, source }) => ({
              id: `${memberId} ${cardId}`,
              label: `${whose}: ${title}`,
              description: source,
            }),
          )}
          chosen={draft.gives}
          onFlip={(id) => flip('gives', id)}
        />
        {proposal && proposal.courses.length > 0 && (
          <Ticks
            legend={eveningWords.courses}
            options={proposal.courses.map(({ id, who: whose, title, directions }) => ({
              id,
              label: `${whose}: ${title}`,
              description: directions,
            }))}
            chosen={draft.courses}
            onFlip={(id) => flip('courses', id)}
          />
        )}
        {proposal && proposal.kits.length > 0 && (
          <Ticks
            legend={eveningWords.kits}
            hint={eveningWords.kitsHint}
            options={proposal.kits.map(({ id, name }) => ({ id, label: name, description: '' }))}
            chosen={draft.kits}
            onFlip={(id) => flip('kits', id)}
          />
        )}
        <Textarea
          label={eveningWords.mayNot}
          autosize
          minRows={2}
          value={draft.mayNot}
          onChange={(event) => set({ mayNot: event.currentTarget.value })}
        />
        {tried && faults.length > 0 && (
          <Box as="p" tone="bad" weight="bold" role="alert">
            {words.forms.look}
          </Box>
        )}
        <Row>
          <Button kind="strong" type="submit" busy={busy}>
            {eveningWords.give}
          </Button>
        </Row>
      </Stack>
    </Dialog>
  )
}

interface ChipsProps {
  readonly label: string
  readonly error?: string | undefined
  readonly children: ReactNode
}

const Chips = ({ label, error, children }: ChipsProps) => (
  <div>
    <Box as="p" size={2} weight="bold" below={2}>
      {label}
    </Box>
    <Row gap={3} wrap role="group" aria-label={label}>
      {children}
    </Row>
    {error && (
      <Box as="p" tone="bad" role="alert">
        {error}
      </Box>
    )}
  </div>
)

interface TicksProps {
  readonly legend: string
  readonly hint?: string
  readonly empty?: string
  readonly options: readonly {
    readonly id: string
    readonly label: string
    readonly description: string
  }[]
  readonly chosen: ReadonlySet<string>
  readonly onFlip: (id: string) => void
}

const Ticks = ({ legend, hint, empty, options, chosen, onFlip }: TicksProps) => (
  <Box as="fieldset">
    <Box as="legend" size={2} weight="bold" below={2}>
      {legend}
    </Box>
    {hint && <p className="second">{hint}</p>}
    {options.length === 0 && <p className="second">{empty}</p>}
    <Stack gap={3}>
      {options.map(({ id, label, description }) => (
        <Checkbox
          key={id}
          label={label}
          description={description}
          checked={chosen.has(id)}
          onChange={() => onFlip(id)}
        />
      ))}
    </Stack>
  </Box>
)
