/** Writing down what was seen, and what became of what was written. */

import { Textarea } from '@mantine/core'
import { useState } from 'react'
import type { Instant } from '../../core/dosing/given'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, Chip } from '../../ui/Button'
import * as words from '../../words'
import type { Part } from './useSitting'

const sittingWords = words.sitting

export function Write({ evening, desk }: Part) {
  const { inCare } = evening.seen
  const [memberId, setMemberId] = useState(inCare[0]?.id ?? '')
  const [text, setText] = useState('')
  const who = inCare.find(({ id }) => id === memberId)?.name ?? ''
  const write = async () => {
    const said = text.trim()
    setText('')
    await desk.write({ memberId, note: { kind: 'seen', words: said } }, `${who}: ${said}`)
  }
  return (
    <Stack as="section" gap={4} pad={5} line="dashed" radius={2} aria-label={sittingWords.note}>
      <Box as="h2" size={4}>
        {sittingWords.note}
      </Box>
      <p className="second">{sittingWords.noteHint}</p>
      <Row gap={3} wrap role="group" aria-label={sittingWords.about}>
        {inCare.map(({ id, name }) => (
          <Chip key={id} pressed={id === memberId} onClick={() => setMemberId(id)}>
            {name}
          </Chip>
        ))}
      </Row>
      <Textarea
        label={sittingWords.words}
        autosize
        minRows={2}
        maxLength={2000}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
      />
      <Row>
        <Button kind="strong" disabled={text.trim() === ''} onClick={() => void write()}>
          {sittingWords.save}
        </Button>
      </Row>
      <Waiting desk={desk} />
      <Written evening={evening} desk={desk} />
    </Stack>
  )
}

/** What is on this phone alone, and what was not taken. */
export function Waiting({ desk }: Pick<Part, 'desk'>) {
  const { waiting, drop, insistOn } = desk
  if (waiting.length === 0) return null
  return (
    <Stack as="ul" gap={3} role="status">
      {waiting.map(({ body, title, problem }) => (
        <Box as="li" key={body.entryId}>
          <b>{title}</b> {problem === null ? sittingWords.waits : sittingWords.notTaken(problem)}
          {problem !== null && (
            <Row gap={4} wrap above={2}>
              {body.note.kind === 'given' && (
                <Button onClick={() => insistOn(body.entryId as string)}>
                  {sittingWords.anyway}
                </Button>
              )}
              <Button kind="quiet" onClick={() => drop(body.entryId as string)}>
                {sittingWords.drop}
              </Button>
            </Row>
          )}
        </Box>
      ))}
    </Stack>
  )
}

function Written({ evening, desk }: Part) {
  const { notes, timeZone, seen } = evening
  const names = new Map(seen.inCare.map(({ id, name }) => [id as string, name]))
  return (
    <div>
      <Box as="h3" size={3}>
        {sittingWords.written}
      </Box>
      {notes.length === 0 && <p className="second">{sittingWords.nothingWritten}</p>}
      <Stack as="ul" gap={2}>
        {notes.map(({ id, at, fact, memberId }) => (
          <li key={id}>
            <b>{words.care.time(at as Instant, desk.now as Instant, timeZone)}</b>{' '}
            {words.noteText(fact, names.get(memberId ?? '') ?? '')}
          </li>
        ))}
      </Stack>
    </div>
  )
}
