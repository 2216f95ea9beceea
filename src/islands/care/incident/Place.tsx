/** Where it happened. */

import { useState } from 'react'
import { Row } from '../../../ui/Box'
import { Button, Chip } from '../../../ui/Button'
import * as words from '../../../words'

const incidentWords = words.care.incident

export function Place({
  chosen,
  places,
  onChoose,
}: {
  readonly chosen: string
  readonly places: readonly { readonly id: string; readonly name: string }[]
  readonly onChoose: (id: string) => void
}) {
  const [open, setOpen] = useState(false)
  return (
    <Row gap={3} wrap>
      <Button kind="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
        {incidentWords.place(chosen)}
      </Button>
      {open &&
        places.map(({ id, name }) => (
          <Chip
            key={id}
            data-choice
            onClick={() => {
              onChoose(id)
              setOpen(false)
            }}
          >
            {name}
          </Chip>
        ))}
    </Row>
  )
}
