/** A recall that somebody read elsewhere, written down by hand. */

import { Textarea, TextInput } from '@mantine/core'
import { useState } from 'react'
import { writeRecall } from '../../../contract/restock'
import type { PlainDate } from '../../../core/calendar/plainDate'
import type { Batches } from '../../../core/recall/bulletin'
import { useActing } from '../../../ui/acting'
import { Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { useStrap } from '../../../ui/Frame'
import { words } from '../../../words'
import classes from './recalls.module.css'

const recallsWords = words.restock.recalls
const EMPTY = { name: '', strength: '', batches: '', reason: '', advice: '', source: '' }

/** One batch a line; two with a dash between them are all from one to the other. */
export const readBatches = (text: string): readonly Batches[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line): Batches => {
      const [, from, to] = /^(\S+)\s*(?:–|\bto\b)\s*(\S+)$/.exec(line) ?? []
      return from && to ? { kind: 'range', from, to } : { kind: 'one', batch: line }
    })

export function WriteRecall() {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const [open, setOpen] = useState(false)
  const [fields, setFields] = useState(EMPTY)
  const [on, setOn] = useState<string>(today)
  const text = (name: keyof typeof EMPTY) => ({
    label: recallsWords.fields[name],
    value: fields[name],
    onChange: (event: { currentTarget: { value: string } }) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
  })
  if (!open)
    return (
      <p>
        <Button onClick={() => setOpen(true)}>{recallsWords.write}</Button>
      </p>
    )
  const batches = readBatches(fields.batches)
  const isWhole = [fields.name, fields.reason, fields.source].every((one) => one.trim() !== '')
  return (
    <Stack
      as="form"
      gap={4}
      pad={6}
      surface="paper"
      line="seam"
      radius={2}
      className={classes.write}
      aria-label={recallsWords.write}
      onSubmit={(event) => {
        event.preventDefault()
        void run(
          writeRecall,
          {
            body: {
              product: { name: fields.name.trim(), strength: fields.strength.trim() },
              batches: [...batches],
              reason: fields.reason.trim(),
              advice: fields.advice.trim(),
              source: fields.source.trim(),
              publishedOn: on as PlainDate,
            },
          },
          ({ held, look }) => recallsWords.held(held, look),
        ).then((done) => {
          if (!done) return
          setFields(EMPTY)
          setOpen(false)
        })
      }}
    >
      <TextInput required withAsterisk={false} maxLength={120} {...text('name')} />
      <TextInput maxLength={120} {...text('strength')} />
      <Textarea required withAsterisk={false} rows={3} {...text('batches')} />
      <TextInput required withAsterisk={false} maxLength={120} {...text('reason')} />
      <TextInput maxLength={2000} {...text('advice')} />
      <TextInput required withAsterisk={false} maxLength={120} {...text('source')} />
      <TextInput
        type="date"
        label={recallsWords.fields.on}
        max={today}
        value={on}
        onChange={(event) => setOn(event.currentTarget.value)}
      />
      <Row as="span" gap={4} wrap>
        <Button
          kind="strong"
          type="submit"
          busy={busy}
          disabled={!isWhole || batches.length === 0 || on === ''}
        >
          {recallsWords.save}
        </Button>
        <Button onClick={() => setOpen(false)}>{recallsWords.cancel}</Button>
      </Row>
    </Stack>
  )
}
