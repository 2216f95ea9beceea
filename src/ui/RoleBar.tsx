/** One line on every screen of whoever is not a keeper: what they are here, and the way to their other households. */

import type { Role } from '../core/people/role'
import { roleHere } from '../words'
import { Box, Row } from './Box'

interface Props {
  readonly role: Role
  readonly household: string
}

export const RoleBar = ({ role, household }: Props) =>
  role !== 'keeper' && (
    <Row
      as="p"
      gapX={6}
      gapY={2}
      align="baseline"
      wrap
      padX={6}
      padY={2}
      size={1}
      className="no-print"
    >
      <span>
        <b>{roleHere.name(role, household)}</b> {roleHere.lets(role)}
      </span>
      <Box as="a" href="/households">
        {roleHere.switch}
      </Box>
    </Row>
  )
