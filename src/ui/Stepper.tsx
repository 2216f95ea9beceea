/** A number between one fewer and one more: said, or written into a field. */

import { IconMinus, IconPlus } from '@tabler/icons-react'
import type { ReactNode } from 'react'
import { Box, Row, type TextSize } from './Box'
import { Button } from './Button'

interface Props {
  /** The number, as it is said; or the field that it is written into. */
  readonly value: string | { readonly field: ReactNode }
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
  <Row gap={4} align={typeof value === 'string' ? 'center' : 'end'}>
    <Button
      kind="step"
      icon={IconMinus}
      aria-label={fewer}
      disabled={disabled || least}
      onClick={() => onChange(-1)}
    />
    {typeof value === 'string' ? (
      <Box as="b" size={size} face="display" text="center" style={{ minWidth: '2ch' }}>
        {value}
      </Box>
    ) : (
      <Box grow>{value.field}</Box>
    )}
    <Button
      kind="step"
      icon={IconPlus}
      aria-label={more}
      disabled={disabled}
      onClick={() => onChange(1)}
    />
  </Row>
)
