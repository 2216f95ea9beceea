/** Inviting somebody: who, as what, and then the code to read aloud. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { invite } from '../../contract/people'
import type { Role } from '../../core/people/role'
import { useActing } from '../../ui/acting'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import * as words from '../../words'
import { CodeToSay } from './CodeToSay'
import { RolePick } from './RolePick'

const peopleWords = words.people

interface Props {
  readonly by: Role
  readonly sendsMail: boolean
  readonly onClose: () => void
}

export function InviteDialog({ by, sendsMail, onClose }: Props) {
  const { run, busy } = useActing()
  const [forName, setForName] = useState('')
  const [email, setEmail] = useState('')
  const [role, setRole] = useState<Role>('helper')
  const [code, setCode] = useState<string | null>(null)
  const send = async () => {
    const made = await run(
      invite,
      { body: { forName, role, ...(email.trim() !== '' && { email }) } },
      peopleWords.invited(forName),
    )
    if (made) setCode(made.code)
  }
  return (
    <Dialog
      title={code ? peopleWords.codeFor(forName) : peopleWords.inviteTitle}
      isWritten={code === null && forName.trim() !== ''}
      size="lg"
      onClose={onClose}
      close={peopleWords.close}
    >
      {code ? (
        <Stack gap={5}>
          <CodeToSay code={code} />
          <Button kind="strong" onClick={onClose}>
            {peopleWords.close}
          </Button>
        </Stack>
      ) : (
        <Stack
          as="form"
          gap={5}
          onSubmit={(event) => {
            event.preventDefault()
            void send()
          }}
        >
          <TextInput
            label={peopleWords.forName}
            required
            withAsterisk={false}
            maxLength={120}
            data-autofocus
            value={forName}
            onChange={(event) => setForName(event.currentTarget.value)}
          />
          <RolePick by={by} role={role} onRole={setRole} legend={peopleWords.role} />
          <TextInput
            label={peopleWords.email}
            type="email"
            maxLength={200}
            value={email}
            onChange={(event) => setEmail(event.currentTarget.value)}
            {...(!sendsMail && { description: peopleWords.letterStays })}
          />
          <Box>
            <Button kind="strong" type="submit" busy={busy} disabled={forName.trim() === ''}>
              {peopleWords.make}
            </Button>
          </Box>
        </Stack>
      )}
    </Dialog>
  )
}
