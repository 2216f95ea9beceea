/** A row of presses that are each on or off: kits, people, skills. */
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
  <fieldset className={classes.choices}>
    <legend>{label}</legend>
    {choices.map(({ id, name, on, hue }) => (
      <button
        key={id}
        type="button"
        aria-pressed={on}
        data-hue={hue}
        className={classes.choice}
        onClick={() => onToggle(id)}
      >
        {name}
      </button>
    ))}
  </fieldset>
)
