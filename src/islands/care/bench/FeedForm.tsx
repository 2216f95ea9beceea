/** What a vet or a pack says of a food, written down as a recipe of the household's own. */

import { Select, TextInput } from '@mantine/core'
import { ActForm } from '../../../ui/ActForm'
import { Stack } from '../../../ui/Box'
import { DayField } from '../../../ui/DayField'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import type { Care } from '../useCare'
import { emptyFeed, type FeedDraft, readFeedDraft } from './feedDraft'

const mixesWords = words.care.mixes

export function FeedForm({ care, onDone }: { readonly care: Care; readonly onDone: () => void }) {
  const form = useActForm({
    initial: emptyFeed(care.view.today),
    read: readFeedDraft,
    said: ({ name }) => words.care.cards.saved(name),
    onSaved: onDone,
  })
  const field = (name: Exclude<keyof FeedDraft, 'member' | 'on'>) => ({
    label: mixesWords.fields[name],
    ...form.text(name),
  })
  return (
    <ActForm
      form={form}
      gap={6}
      pad={6}
      below={7}
      surface="canvas"
      radius={2}
      press={mixesWords.save}
      onCancel={onDone}
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
          {...form.choice('member')}
        />
        <TextInput {...field('powder')} inputMode="numeric" />
        <TextInput {...field('water')} inputMode="numeric" />
        <TextInput {...field('makes')} inputMode="decimal" />
        <TextInput {...field('perKg')} inputMode="decimal" />
        <TextInput {...field('feeds')} inputMode="numeric" />
        <TextInput {...field('keep')} inputMode="numeric" />
        <TextInput {...field('who')} />
        <DayField label={mixesWords.fields.on} {...form.choice('on')} />
      </Stack>
    </ActForm>
  )
}
