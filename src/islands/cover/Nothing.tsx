/** What to do first, where there is nothing to judge yet. */
import { Box } from '../../ui/Box'

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
    <Box
      unlined
      as="a"
      padX={6}
      padY={4}
      weight="bold"
      tone="paper"
      surface="ink"
      line="ink"
      radius={2}
      href={href}
    >
      {to}
    </Box>
  </div>
)
