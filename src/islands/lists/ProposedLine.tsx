/** One line of a proposed list: what, how many, why, and the presses that take it or leave it out. */

import { Textarea } from '@mantine/core'
import { useState } from 'react'
import type { ProposedLine } from '../../core/cover/proposal'
import { Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import { counted, money } from '../../words/frame/format'

const listsWords = words.lists

export function Line({
  line,
  currency,
  busy,
  onAccept,
  onOverrule,
}: {
  readonly line: ProposedLine
  readonly currency: string
  readonly busy: boolean
  readonly onAccept: (() => void) | null
  readonly onOverrule: (note: string) => void
}) {
  const [note, setNote] = useState<string | null>(null)
  return (
    <li data-tier={line.tier}>
      <div>
        <b>{line.title}</b>{' '}
        <span>
          {listsWords.line(counted(line.par, line.unit), counted(line.here, line.unit))}
          {line.costMinor !== null &&
            ` · ${line.costMinor === 0 ? listsWords.free : listsWords.cost(money(line.costMinor, currency))}`}
        </span>
        <details>
          <summary>
            {words.cover.tiers[line.tier]} · {line.reasons[0]?.need}
            {line.reasons.length > 1 ? ` +${line.reasons.length - 1}` : ''}
          </summary>
          <ul>
            {line.reasons.map((reason) => (
              <li key={`${reason.needId}${reason.companionOf}`}>
                {listsWords.reason(
                  reason.need,
                  reason.members.map(({ name }) => name),
                  reason.uses,
                  reason.companionOf,
                  reason.sets,
                )}
              </li>
            ))}
            {line.spec && <li>{`${words.items.matching.spec}: ${line.spec}`}</li>}
          </ul>
        </details>
      </div>
      {note === null ? (
        <Row as="span" gap={4} align="center" wrap>
          <Button
            disabled={busy || onAccept === null}
            aria-label={`${listsWords.accept}: ${line.title}`}
            onClick={() => onAccept?.()}
          >
            {listsWords.accept}
          </Button>
          <Button
            kind="quiet"
            aria-label={`${listsWords.overrule}: ${line.title}`}
            onClick={() => setNote('')}
          >
            {listsWords.overrule}
          </Button>
        </Row>
      ) : (
        <Stack
          columns="minmax(0, 1fr) auto auto"
          collapse
          whole
          as="form"
          gap={4}
          align="end"
          onSubmit={(event) => {
            event.preventDefault()
            onOverrule(note)
          }}
        >
          <Textarea
            autoFocus
            required
            withAsterisk={false}
            label={listsWords.notHere}
            maxLength={2000}
            value={note}
            onChange={(event) => setNote(event.currentTarget.value)}
          />
          <Button kind="strong" type="submit" busy={busy} disabled={note.trim() === ''}>
            {listsWords.keepOut}
          </Button>
          <Button onClick={() => setNote(null)}>{listsWords.cancel}</Button>
        </Stack>
      )}
    </li>
  )
}
