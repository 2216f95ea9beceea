/** One of a few, side by side: a group of radio buttons, so that arrows and screen readers know it. */

import { useId } from 'react'
import { Row, Stack } from './Box'
import classes from './SegmentedControl.module.css'

interface Props<T extends string> {
  readonly label: string
  readonly value: T
  readonly options: readonly { readonly value: T; readonly label: string }[]
  readonly onChange: (value: T) => void
}

export function SegmentedControl<T extends string>({ label, value, options, onChange }: Props<T>) {
  const name = useId()
  return (
    <Row
      inline
      surface="paper"
      line="seam"
      radius={2}
      className={classes.group}
      role="radiogroup"
      aria-label={label}
    >
      {options.map((option) => (
        <Stack
          as="label"
          anchor
          padX={4}
          size={2}
          tone="second"
          key={option.value}
          className={classes.segment}
        >
          <input
            type="radio"
            name={name}
            value={option.value}
            checked={option.value === value}
            onChange={() => onChange(option.value)}
          />
          {option.label}
        </Stack>
      ))}
    </Row>
  )
}
