/** The parts of one tab, as a line of links above its screen. */
import classes from './Parts.module.css'

interface Props {
  readonly label: string
  readonly current: string
  readonly parts: readonly { readonly id: string; readonly label: string; readonly href: string }[]
}

export const Parts = ({ label, current, parts }: Props) => (
  <nav className={`${classes.parts} no-print`} aria-label={label}>
    {parts.map(({ id, label: name, href }) => (
      <a key={id} href={href} aria-current={id === current ? 'page' : undefined}>
        {name}
      </a>
    ))}
  </nav>
)
