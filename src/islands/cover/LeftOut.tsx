/** What is not kept ready at a place and why, each expected again with one press; and saying so. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { expectNeed } from '../../contract/cover'
import { leftOutOf } from '../../core/cover/leftOut'
import type { Need } from '../../core/cover/need'
import { NEED_BY_ID } from '../../core/cover/needs'
import type { PlaceId } from '../../core/ids'
import { ActForm } from '../../ui/ActForm'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useActForm } from '../../ui/useActForm'
import { words } from '../../words'
import { readLeavingOut } from './leavingOutDraft'
import type { Cover } from './useCover'

const leftOutWords = words.cover.leftOut

export function LeftOut({ cover, placeId }: { readonly cover: Cover; readonly placeId: PlaceId }) {
  const { run, busy } = useActing()
  const here = leftOutOf(cover.view.decisions).filter((one) => one.placeId === placeId)
  if (here.length === 0) return null
  return (
    <Box as="section" pad={5} line="dashed" radius={2} below={4} aria-label={leftOutWords.title}>
      <Box as="h2" size={3}>
        {leftOutWords.title}
      </Box>
      <ul>
        {here.map(({ needId, reason }) => {
          const name = NEED_BY_ID.get(needId)?.name ?? needId
          return (
            <Row as="li" gap={4} align="center" wrap padY={2} key={needId}>
              <b>{name}</b>
              <Box as="span" tone="second" grow shrink>
                {reason}
              </Box>
              <Button
                disabled={busy}
                aria-label={leftOutWords.backLong(name)}
                onClick={() =>
                  void run(expectNeed, { params: { placeId, needId } }, leftOutWords.backDid(name))
                }
              >
                {leftOutWords.back}
              </Button>
            </Row>
          )
        })}
      </ul>
    </Box>
  )
}

/** Says that a need is not kept ready at a place. */
export function LeaveOut({ need, placeId }: { readonly need: Need; readonly placeId: PlaceId }) {
  const [open, setOpen] = useState(false)
  const form = useActForm({
    initial: { reason: '' },
    read: (draft) => readLeavingOut(draft, { placeId, needId: need.id }),
    said: leftOutWords.did(need.name),
    onSaved: () => setOpen(false),
  })
  if (!open)
    return (
      <Button kind="quiet" onClick={() => setOpen(true)}>
        {leftOutWords.press}
      </Button>
    )
  return (
    <ActForm form={form} press={leftOutWords.save} onCancel={() => setOpen(false)} above={4}>
      <TextInput
        data-autofocus
        label={leftOutWords.reason}
        description={leftOutWords.explain}
        placeholder={leftOutWords.reasonHint}
        {...form.text('reason')}
      />
    </ActForm>
  )
}
