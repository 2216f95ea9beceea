/** Giving somebody another role, and ending one. */

import { useState } from 'react'
import { endRole, giveRole } from '../../contract/people'
import type { Role } from '../../core/people/role'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { FormDialog } from '../../ui/FormDialog'
import * as words from '../../words'
import { RolePick } from './RolePick'
import type { Person } from './view'

const peopleWords = words.people

interface Props {
  readonly person: Person
  readonly onClose: () => void
}

export function RoleDialog({ by, person, onClose }: Props & { readonly by: Role }) {
  const { run, busy } = useActing()
  const [role, setRole] = useState(person.role)
  const save = async () => {
    const asked = { params: { personId: person.id }, body: { role } }
    if (await run(giveRole, asked, peopleWords.given(person.name, role))) onClose()
  }
  return (
    <FormDialog
      opened
      title={peopleWords.roleFor(person.name)}
      press={peopleWords.save}
      busy={busy}
      ready={role !== person.role}
      onSubmit={save}
      onClose={onClose}
    >
      <RolePick by={by} role={role} onRole={setRole} legend={peopleWords.role} />
    </FormDialog>
  )
}

export function EndDialog({ person, onClose }: Props) {
  const { run, busy } = useActing()
  const { id, name } = person
  const end = async () => {
    if (await run(endRole, { params: { personId: id } }, peopleWords.ended(name))) onClose()
  }
  return (
    <Dialog title={peopleWords.endTitle(name)} onClose={onClose}>
      <Box as="p" below={5}>
        {peopleWords.endHint(name)}
      </Box>
      <Row gap={5} wrap>
        <Button kind="strong" busy={busy} onClick={() => void end()}>
          {peopleWords.end}
        </Button>
        <Button onClick={onClose}>{words.forms.cancel}</Button>
      </Row>
    </Dialog>
  )
}
