/** All kits by place, and adding places and kits. */

import { Select, Textarea, TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { z } from 'zod'
import { createKit, readKits } from '../../contract/kits'
import { createPlace } from '../../contract/places'
import type * as kits from '../../contract/values/kits'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Shape } from '../../core/household/container'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { FormDialog } from '../../ui/FormDialog'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { KitTabs } from './KitTabs'
import classes from './kits.module.css'
import { ShapeChoice } from './ShapeChoice'

export type KitCard = z.infer<typeof kits.kitCard>

interface Props {
  readonly strap: Strap
  readonly kits: readonly KitCard[]
  readonly place: string | null
}

export const KitsScreen = (props: Props) => (
  <Frame tab="kits" strap={props.strap} place={props.place}>
    <Kits {...props} />
  </Frame>
)

const kitsWords = words.kits

function Kits({ kits: initial, place }: Props) {
  const { data } = useQuery({
    queryKey: ['kits'],
    queryFn: () => call(readKits),
    initialData: { kits: [...initial], pockets: [] },
  })
  const strap = useStrap()
  const [adding, setAdding] = useState<'kit' | 'place' | null>(null)
  const shown = strap.places.filter(({ id }) => place === null || id === place)
  return (
    <>
      <KitTabs part="kits" place={place} />
      <Row as="header" gap={4} align="center" wrap below={4}>
        <Box as="h1" grow>
          {kitsWords.title}
        </Box>
        <Button onClick={() => setAdding('place')}>{kitsWords.addPlace}</Button>
        <Button kind="strong" disabled={strap.places.length === 0} onClick={() => setAdding('kit')}>
          {kitsWords.add}
        </Button>
      </Row>
      {strap.places.length === 0 && <p className="second">{kitsWords.noPlaces}</p>}
      {shown.map((at) => {
        const here = data.kits.filter(({ placeId }) => placeId === at.id)
        return (
          <Box
            asides="beside"
            as="section"
            padY={5}
            above={6}
            lineAbove="dashed"
            key={at.id}
            data-hue={at.hue}
          >
            <Box as="h2" tone="hue">
              {at.name} <small>{words.strap.next(at.next, strap.today)}</small>
            </Box>
            {here.length === 0 && <p className="second">{kitsWords.none}</p>}
            <div className={classes.cards}>
              {here.map((kit) => (
                <KitTile key={kit.id} kit={kit} today={strap.today} />
              ))}
            </div>
          </Box>
        )
      })}
      <AddPlace opened={adding === 'place'} onClose={() => setAdding(null)} />
      <AddKit
        opened={adding === 'kit'}
        onClose={() => setAdding(null)}
        strap={strap}
        place={place}
      />
    </>
  )
}

const KitTile = ({ kit, today }: { readonly kit: KitCard; readonly today: PlainDate }) => (
  <Stack
    columns="1fr auto"
    anchor
    unlined
    as="a"
    gapX={4}
    gapY={1}
    padX={6}
    padY={5}
    surface="paper"
    radius={2}
    href={`/kits/${kit.id}`}
    className={classes.card}
  >
    <span className={classes.handle} aria-hidden />
    <Box as="b" size={4} weight="bold" face="display">
      {kit.name}
    </Box>
    <Box as="strong" size={5} weight="bold" tone="hue" face="display">
      {words.strap.readiness(kit.readiness)}
    </Box>
    <Box as="small" size={2} tone="second">
      {kit.note}
    </Box>
    <Box
      as="span"
      above={2}
      below={1}
      weight="bold"
      className={classes.counts}
      data-fine={kit.spent + kit.turning + kit.short === 0}
    >
      {kitsWords.counts(kit.spent, kit.turning, kit.short)}
    </Box>
    <Box as="small" size={2} tone="second">
      {kitsWords.summary(kit.pockets, kit.lots)} · {kitsWords.lastCheck(kit.lastCheck, today)}
    </Box>
  </Stack>
)

type RhythmKind = 'always' | 'weekdays' | 'visits'

function AddPlace({ opened, onClose }: { readonly opened: boolean; readonly onClose: () => void }) {
  const { run, busy } = useActing()
  const [name, setName] = useState('')
  const [rhythm, setRhythm] = useState<RhythmKind>('always')
  const submit = async () => {
    const result = await run(
      createPlace,
      {
        body: {
          name,
          rhythm:
            rhythm === 'weekdays' ? { kind: 'weekdays', days: [1, 2, 3, 4, 5] } : { kind: rhythm },
        },
      },
      words.undo.did.saved,
    )
    if (result) {
      setName('')
      onClose()
    }
  }
  return (
    <FormDialog
      opened={opened}
      title={kitsWords.addPlace}
      press={kitsWords.create}
      busy={busy}
      onSubmit={submit}
      onClose={onClose}
    >
      <TextInput
        data-autofocus
        label={kitsWords.name}
        required
        withAsterisk={false}
        maxLength={120}
        value={name}
        onChange={(event) => setName(event.currentTarget.value)}
      />
      <Select
        label={kitsWords.rhythm}
        value={rhythm}
        onChange={(value) => setRhythm((value ?? 'always') as RhythmKind)}
        data={[
          { value: 'always', label: kitsWords.always },
          { value: 'weekdays', label: kitsWords.weekdays },
          { value: 'visits', label: kitsWords.visits },
        ]}
      />
    </FormDialog>
  )
}

function AddKit({
  opened,
  onClose,
  strap,
  place,
}: {
  readonly opened: boolean
  readonly onClose: () => void
  readonly strap: Strap
  readonly place: string | null
}) {
  const { run, busy } = useActing()
  const [fields, setFields] = useState({
    name: '',
    note: '',
    pockets: '',
    placeId: place ?? '',
    shape: null as Shape | null,
  })
  const placeId = fields.placeId || strap.places[0]?.id || ''
  const submit = async () => {
    const pockets = fields.pockets
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '')
    const result = await run(
      createKit,
      {
        body: {
          placeId,
          name: fields.name,
          note: fields.note,
          ...(fields.shape && { shape: fields.shape }),
          ...(pockets.length > 0 && { pockets }),
        },
      },
      words.undo.did.saved,
    )
    if (result) location.assign(`/kits/${result.kitId}`)
  }
  return (
    <FormDialog
      opened={opened}
      title={kitsWords.add}
      press={kitsWords.create}
      busy={busy}
      onSubmit={submit}
      onClose={onClose}
    >
      <TextInput
        data-autofocus
        label={kitsWords.name}
        required
        withAsterisk={false}
        maxLength={120}
        value={fields.name}
        onChange={(event) => setFields({ ...fields, name: event.currentTarget.value })}
      />
      <Select
        label={kitsWords.where}
        value={placeId}
        onChange={(value) => setFields({ ...fields, placeId: value ?? '' })}
        data={strap.places.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <TextInput
        label={kitsWords.note}
        value={fields.note}
        onChange={(event) => setFields({ ...fields, note: event.currentTarget.value })}
      />
      <ShapeChoice value={fields.shape} onChange={(shape) => setFields({ ...fields, shape })} />
      <Textarea
        label={fields.shape ? words.kits.morePockets : kitsWords.pockets}
        description={kitsWords.pocketsHint}
        value={fields.pockets}
        onChange={(event) => setFields({ ...fields, pockets: event.currentTarget.value })}
      />
    </FormDialog>
  )
}
