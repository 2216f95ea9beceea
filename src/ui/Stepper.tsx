/** A number between one fewer and one more. */
import { Box, Row, type TextSize } from './Box'
import { Button } from './Button'

interface Props {
  /** The number, as it is said. */
  readonly value: string
  /** What the presses do, in words: "One fewer plaster". */
  readonly fewer: string
  readonly more: string
  readonly onChange: (by: -1 | 1) => void
  readonly disabled?: boolean
  /** There is none left to take away. */
  readonly least?: boolean
  readonly size?: TextSize
}

export const Stepper = ({
  value,
  fewer,
  more,
  onChange,
  disabled = false,
  least = false,
  size = 3,
}: Props) => (
  <Row gap={4} align="center">
    <Button
      kind="step"
      aria-label={fewer}
      disabled={disabled || least}
      onClick={() => onChange(-1)}
    >
      −
    </Button>
    <Box as="b" size={size} face="display" text="center" style={{ minWidth: '2ch' }}>
      {value}
    </Box>
    <Button kind="step" aria-label={more} disabled={disabled} onClick={() => onChange(1)}>
      +
    </Button>
  </Row>
)
