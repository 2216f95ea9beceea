/** One line on every screen of whoever is not a keeper: what they are here, and the way to their other households. */

import type { Role } from '../core/people/role'
import { roleHere } from '../words'
import { Box } from './Box'

interface Props {
  readonly role: Role
  readonly household: string
}

export const RoleBar = ({ role, household }: Props) =>
  role !== 'keeper' && (
    <Box
      as="a"
      ellipsis
      nowrap
      block
      padX={6}
      padY={1}
      size={1}
      href="/households"
      className="no-print"
    >
      {roleHere(role, household)}
    </Box>
  )
