/** Where it happened. */

import { useState } from 'react'
import { Row } from '../../../ui/Box'
import { Button, Chip } from '../../../ui/Button'
import * as words from '../../../words'
import type { choicesOf } from './whereabouts'

const incidentWords = words.care.incident

export function Place({
  chosen,
  choices,
  onChoose,
}: {
  readonly chosen: string
  readonly choices: ReturnType<typeof choicesOf>
  readonly onChoose: (fact: ReturnType<typeof choicesOf>[number]['fact']) => void
}) {
  const [open, setOpen] = useState(false)
  return (
    <Row gap={3} wrap>
      <Button kind="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
        {incidentWords.place(chosen)}
      </Button>
      {open &&
        choices.map(({ id, name, fact }) => (
          <Chip
            key={id}
            data-choice
            onClick={() => {
              onChoose(fact)
              setOpen(false)
            }}
          >
            {name}
          </Chip>
        ))}
    </Row>
  )
}
