/** Adds a pocket to the kit. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { addPocket } from '../../../contract/kits'
import { useActing } from '../../../ui/acting'
import { Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { words } from '../../../words'

export function AddPocket({ kitId }: { readonly kitId: string }) {
  const { run, busy } = useActing()
  const [name, setName] = useState('')
  return (
    <Row
      as="form"
      gap={4}
      onSubmit={(event) => {
        event.preventDefault()
        void run(addPocket, { params: { kitId }, body: { name } }, words.undo.did.saved).then(
          (done) => done && setName(''),
        )
      }}
    >
      <TextInput
        aria-label={words.kits.mat.addPocket}
        placeholder={words.kits.mat.addPocket}
        value={name}
        maxLength={120}
        onChange={(event) => setName(event.currentTarget.value)}
      />
      <Button type="submit" busy={busy} disabled={name.trim() === ''}>
        {words.kits.mat.addHere}
      </Button>
    </Row>
  )
}
