/** A "?" beside a figure or a field that is not plain; a press says what it means. */

import { type ReactNode, useEffect, useId, useRef, useState } from 'react'
import * as words from '../words'
import { Box, Row } from './Box'
import { Button } from './Button'

/** Between the mark and what it opens, and at least so much to the edge of the screen. */
const GAP = 6
/** By our own measures, not in the middle of the screen as the browser would. */
const PLACED = { inset: 'auto', margin: 0, maxWidth: '20rem' } as const

export function Explain({ id }: { readonly id: words.ExplainedId }) {
  const [text, setText] = useState('')
  const explains = useId()
  const mark = useRef<HTMLButtonElement>(null)
  const said = useRef<HTMLElement>(null)
  // The browser opens and closes it, by Escape and by a press beside it as well; only where is ours.
  const place = () => {
    if (!mark.current || !said.current?.matches(':popover-open')) return
    const at = mark.current.getBoundingClientRect()
    const { offsetWidth: width, offsetHeight: height } = said.current
    const below = at.bottom + GAP + height < innerHeight
    said.current.style.left = `${Math.max(GAP, Math.min(at.left, innerWidth - width - GAP))}px`
    said.current.style.top = `${Math.max(GAP, below ? at.bottom + GAP : at.top - GAP - height)}px`
  }
  // Again once the words have come: it is larger then.
  useEffect(place)
  return (
    <>
      <Button
        kind="quiet"
        className="no-print"
        ref={mark}
        popoverTarget={explains}
        aria-label={words.whatIs(id)}
        onClick={() =>
          void import('../words/frame/explanations').then(
            (file) => setText(file.explanations[id]),
            () => setText(words.waiting.noConnection),
          )
        }
      >
        <Box as="span" padX={4} weight="bold">
          ?
        </Box>
      </Button>
      <Box
        as="span"
        ref={said}
        popover="auto"
        id={explains}
        padX={5}
        padY={4}
        size={2}
        weight="normal"
        tone="ink"
        surface="paper"
        line="dashed"
        radius={2}
        style={PLACED}
        onToggle={place}
      >
        {text}
      </Box>
    </>
  )
}

/** A field with its "?" at the end of it. */
export const Explained = ({
  id,
  children,
}: {
  readonly id: words.ExplainedId
  readonly children: ReactNode
}) => (
  <Row gap={3} align="end">
    <Box grow shrink>
      {children}
    </Box>
    <Explain id={id} />
  </Row>
)
