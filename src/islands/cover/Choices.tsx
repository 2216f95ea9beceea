/** A row of presses that are each on or off: kits, people, skills. */

import { Box, Row } from '../../ui/Box'
import { Chip } from '../../ui/Button'
import classes from './cover.module.css'

export interface Choice {
  readonly id: string
  readonly name: string
  readonly on: boolean
  readonly hue?: string
}

export const Choices = ({
  label,
  choices,
  onToggle,
}: {
  readonly label: string
  readonly choices: readonly Choice[]
  readonly onToggle: (id: string) => void
}) => (
  <Row as="fieldset" gap={3} wrap shrink className={classes.choices}>
    <Box as="legend" below={2} size={2} weight="bold">
      {label}
    </Box>
    {choices.map(({ id, name, on, hue }) => (
      <Chip key={id} pressed={on} data-hue={hue} onClick={() => onToggle(id)}>
        {name}
      </Chip>
    ))}
  </Row>
)
