/** What a vet or a pack says of a food, written down as a recipe of the household's own. */

import { Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { addRecipe } from '../../../contract/care'
import { isPlainDate } from '../../../core/calendar/plainDate'
import { useActing } from '../../../ui/acting'
import { Stack } from '../../../ui/Box'
import { words } from '../../../words'
import type { Care } from '../useCare'
import { SaveOrCancel } from './SaveOrCancel'

const mixesWords = words.care.mixes

export function FeedForm({ care, onDone }: { readonly care: Care; readonly onDone: () => void }) {
  const { run, busy } = useActing()
  const [fields, setFields] = useState({
    name: '',
    member: null as string | null,
    powder: '1',
    water: '2',
    makes: '',
    perKg: '',
    feeds: '',
    keep: '12',
    who: '',
    on: care.view.today as string,
  })
  const [tried, setTried] = useState(false)
  const set = (name: keyof typeof fields, value: string | null): void =>
    setFields((now) => ({ ...now, [name]: value }))
  const whole = (text: string): number | null => {
    const value = Number(text.trim())
    return Number.isInteger(value) && value > 0 ? value : null
  }
  const makes = Number(fields.makes.trim().replace(',', '.'))
  const perKg = Number(fields.perKg.trim().replace(',', '.'))
  const wrong = {
    name: fields.name.trim() === '',
    powder: whole(fields.powder) === null,
    water: whole(fields.water) === null,
    makes: fields.makes.trim() !== '' && !(makes > 0 && makes <= 200),
    perKg: !(fields.perKg.trim() !== '' && perKg > 0 && Number.isInteger(perKg * 1000)),
    feeds: whole(fields.feeds) === null,
    keep: whole(fields.keep) === null,
    who: fields.who.trim() === '',
    on: fields.on !== '' && !isPlainDate(fields.on),
  }
  const field = (name: keyof typeof wrong) => ({
    label: mixesWords.fields[name],
    value: fields[name],
    onChange: (event: { currentTarget: { value: string } }) => set(name, event.currentTarget.value),
    error:
      tried && wrong[name]
        ? name === 'name' || name === 'who'
          ? words.care.cards.pick
          : words.care.cards.badNumber
        : undefined,
  })
  const submit = async () => {
    setTried(true)
    if (Object.values(wrong).some(Boolean)) return
    const done = await run(
      addRecipe,
      {
        body: {
          name: fields.name.trim(),
          purpose: '',
          body: {
            kind: 'feed',
            rule: {
              powderParts: whole(fields.powder) ?? 1,
              waterParts: whole(fields.water) ?? 1,
              ...(fields.makes.trim() !== '' && { makes }),
              perKg: Math.round(perKg * 1000),
              feedsADay: whole(fields.feeds) ?? 1,
            },
            memberId: fields.member,
          },
          takes: ['recovery-food'],
          itemId: null,
          keepHours: whole(fields.keep) ?? 12,
          cautions: [],
          source: { who: fields.who.trim(), on: fields.on || null },
        } as never,
      },
      words.care.cards.saved(fields.name),
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
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      <h2>{mixesWords.add}</h2>
      <p className="second">{mixesWords.addLead}</p>
      <Stack
        columns="repeat(auto-fill, minmax(min(100%, 15rem), 1fr))"
        gapX={6}
        gapY={5}
        align="end"
      >
        <TextInput {...field('name')} />
        <Select
          label={mixesWords.fields.member}
          clearable
          data={care.members
            .filter(({ species }) => species !== 'person')
            .map(({ id, name }) => ({ value: id as string, label: name }))}
          value={fields.member}
          onChange={(value) => set('member', value)}
        />
        <TextInput {...field('powder')} inputMode="numeric" />
        <TextInput {...field('water')} inputMode="numeric" />
        <TextInput {...field('makes')} inputMode="decimal" />
        <TextInput {...field('perKg')} inputMode="decimal" />
        <TextInput {...field('feeds')} inputMode="numeric" />
        <TextInput {...field('keep')} inputMode="numeric" />
        <TextInput {...field('who')} />
        <TextInput {...field('on')} type="date" />
      </Stack>
      <SaveOrCancel save={mixesWords.save} busy={busy} onCancel={onDone} />
    </Stack>
  )
}
