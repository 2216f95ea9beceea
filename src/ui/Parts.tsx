/** The parts of one tab, as a line of links above its screen. */
import { Box, Row } from './Box'
import classes from './Parts.module.css'
import { useRole } from './role'
import { mayOpen } from './tabs'

interface Props {
  readonly label: string
  readonly current: string
  readonly parts: readonly { readonly id: string; readonly label: string; readonly href: string }[]
}

export function Parts({ label, current, parts }: Props) {
  const role = useRole()
  return (
    <Row
      as="nav"
      gapX={6}
      gapY={2}
      wrap
      below={4}
      className={`${classes.parts} no-print`}
      aria-label={label}
    >
      {parts
        .filter(({ href }) => mayOpen(role, pathOf(href)))
        .map(({ id, label: name, href }) => (
          <Box
            unlined
            as="a"
            padY={1}
            size={3}
            tone="second"
            key={id}
            href={href}
            aria-current={id === current ? 'page' : undefined}
          >
            {name}
          </Box>
        ))}
    </Row>
  )
}

const pathOf = (href: string): string => href.split(/[?#]/)[0] ?? href
