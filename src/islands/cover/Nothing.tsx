/** What to do first, where there is nothing to judge yet. */
import classes from './cover.module.css'

export const Nothing = ({
  title,
  text,
  href,
  to,
}: {
  readonly title: string
  readonly text: string
  readonly href: string
  readonly to: string
}) => (
  <div className={classes.nothing}>
    <h1>{title}</h1>
    <p>{text}</p>
    <a href={href}>{to}</a>
  </div>
)
