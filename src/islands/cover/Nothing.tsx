/** What to do first, where there is nothing to judge yet. */

import { Box } from '../../ui/Box'
import { ButtonLink } from '../../ui/Button'

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
  <div>
    <h1>{title}</h1>
    <Box as="p" above={3} below={6}>
      {text}
    </Box>
    <ButtonLink kind="strong" href={href}>
      {to}
    </ButtonLink>
  </div>
)
