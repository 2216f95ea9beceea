/** Adds a pocket to the kit. */

import { TextInput } from '@mantine/core'
import { Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { readNewPocket } from './pocketDraft'

export function AddPocket({ kitId }: { readonly kitId: string }) {
  const form = useActForm({
    initial: { name: '' },
    read: (draft) => readNewPocket(draft, kitId),
    said: ({ name }) => words.undo.did.added(name),
    refusals: { name_taken: 'name' },
    onSaved: () => form.restart(),
  })
  return (
    <Row
      as="form"
      ref={form.element}
      gap={4}
      onSubmit={(event) => {
        event.preventDefault()
        void form.submit()
      }}
    >
      <TextInput
        aria-label={words.kits.mat.addPocket}
        placeholder={words.kits.mat.addPocket}
        maxLength={120}
        {...form.text('name')}
      />
      <Button type="submit" busy={form.busy}>
        {words.kits.mat.addHere}
      </Button>
    </Row>
  )
}
