/** Something that takes a while: how far it is, and a press that stops it; then what came of it. */

import * as words from '../words'
import { Row } from './Box'
import { Button } from './Button'

interface Props {
  /** What is being done, in words. */
  readonly label: string
  readonly share: number
  readonly onStop: () => void
}

export const Working = ({ label, share, onStop }: Props) => (
  <Row gap={5} align="center" wrap tone="second" role="status">
    <span>{label}</span>
    <progress value={share} max={1} aria-label={label} />
    <Button kind="plain" onClick={onStop}>
      {words.plan.stop}
    </Button>
  </Row>
)

/** It was stopped or failed: said, and begun again with one press. */
export const Ended = ({
  said,
  again,
  onAgain,
}: {
  readonly said: string
  readonly again: string
  readonly onAgain: () => void
}) => (
  <Row gap={5} align="center" wrap tone="second" role="status">
    <span>{said}</span>
    <Button kind="plain" onClick={onAgain}>
      {again}
    </Button>
  </Row>
)
