/** What each role may do, from the table of rights itself. */

import { may, RIGHTS, ROLES } from '../../core/people/role'
import { Box } from '../../ui/Box'
import { Folded } from '../../ui/Folded'
import { Table } from '../../ui/Table'
import * as words from '../../words'

const peopleWords = words.people

export const RolesTable = () => (
  <Box as="section" aria-label={peopleWords.what}>
    <Folded title={peopleWords.what}>
      {() => (
        <Table>
          <thead>
            <tr>
              <th scope="col">{peopleWords.what}</th>
              {ROLES.map((role) => (
                <th scope="col" key={role}>
                  {peopleWords.roleNames[role]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {RIGHTS.map((right) => (
              <tr key={right}>
                <th scope="row">{peopleWords.rights[right]}</th>
                {ROLES.map((role) => (
                  <td key={role}>{may(role, right) ? peopleWords.yes : peopleWords.no}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      )}
    </Folded>
  </Box>
)
