/** What to do first, where there is nothing to judge yet. */

import { ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'

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
  <>
    <h1>{title}</h1>
    <Empty text={text}>
      <ButtonLink kind="strong" href={href}>
        {to}
      </ButtonLink>
    </Empty>
  </>
)
