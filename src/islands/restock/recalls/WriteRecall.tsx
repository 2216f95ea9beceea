/** A recall that somebody read elsewhere, written down by hand. */

import { Textarea, TextInput } from '@mantine/core'
import { useState } from 'react'
import { ActForm } from '../../../ui/ActForm'
import { Button } from '../../../ui/Button'
import { DayField } from '../../../ui/DayField'
import { useStrap } from '../../../ui/Frame'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { emptyRecall, type RecallDraft, readRecallDraft } from './recallDraft'
import classes from './recalls.module.css'

const recallsWords = words.recalls

export function WriteRecall() {
  const [open, setOpen] = useState(false)
  if (!open)
    return (
      <p>
        <Button onClick={() => setOpen(true)}>{recallsWords.write}</Button>
      </p>
    )
  return <RecallForm onDone={() => setOpen(false)} />
}

function RecallForm({ onDone }: { readonly onDone: () => void }) {
  const { today } = useStrap()
  const form = useActForm({
    initial: emptyRecall(today),
    read: (draft) => readRecallDraft(draft, today),
    said: (_, { held, look }) => recallsWords.held(held, look),
    onSaved: onDone,
  })
  const text = (name: Exclude<keyof RecallDraft, 'on'>) => ({
    label: recallsWords.fields[name],
    ...form.text(name),
  })
  return (
    <ActForm
      form={form}
      gap={4}
      pad={6}
      surface="paper"
      line="seam"
      radius={2}
      className={classes.write}
      aria-label={recallsWords.write}
      press={recallsWords.save}
      onCancel={onDone}
      cancel={recallsWords.cancel}
    >
      <TextInput maxLength={120} {...text('name')} />
      <TextInput maxLength={120} {...text('strength')} />
      <Textarea rows={3} {...text('batches')} />
      <TextInput maxLength={120} {...text('reason')} />
      <TextInput maxLength={2000} {...text('advice')} />
      <TextInput maxLength={120} {...text('source')} />
      <DayField label={recallsWords.fields.on} max={today} {...form.choice('on')} />
    </ActForm>
  )
}
