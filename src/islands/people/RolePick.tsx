/** Which role somebody is given: each with what it lets them do. */

import { mayGive, ROLES, type Role } from '../../core/people/role'
import { Box, Stack } from '../../ui/Box'
import { Pick } from '../../ui/Pick'
import * as words from '../../words'

const peopleWords = words.people

interface Props {
  /** Who gives it: keepers are made by keepers. */
  readonly by: Role
  readonly role: Role
  readonly onRole: (role: Role) => void
  readonly legend: string
}

export const RolePick = ({ by, role, onRole, legend }: Props) => (
  <Box as="fieldset">
    <Box as="legend" size={2} weight="bold" below={3}>
      {legend}
    </Box>
    <Stack columns="repeat(auto-fill, minmax(min(100%, 16rem), 1fr))" gap={3}>
      {ROLES.filter((one) => mayGive(by, one)).map((one) => (
        <Pick
          key={one}
          type="radio"
          name="role"
          checked={one === role}
          onChange={() => onRole(one)}
        >
          <Box as="span" padY={2}>
            <b>{peopleWords.roleNames[one]}</b>{' '}
            <Box as="span" size={1} block>
              {peopleWords.lets[one]}
            </Box>
          </Box>
        </Pick>
      ))}
    </Stack>
  </Box>
)
