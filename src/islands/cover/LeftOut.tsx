/** What is not kept ready at a place and why, each expected again with one press; and saying so. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { expectNeed } from '../../contract/cover'
import { leftOutOf } from '../../core/cover/leftOut'
import type { Need } from '../../core/cover/need'
import { NEED_BY_ID } from '../../core/cover/needs'
import type { MemberId, PlaceId } from '../../core/ids'
import { ActForm } from '../../ui/ActForm'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button, Chip } from '../../ui/Button'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
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
        {here.map(({ needId, memberId, reason }) => {
          const name = leftOutWords.of(
            NEED_BY_ID.get(needId)?.name ?? needId,
            memberId === null ? null : cover.memberName(memberId),
          )
          return (
            <Row as="li" gap={4} align="center" wrap padY={2} key={`${needId}@${memberId}`}>
              <b>{name}</b>
              <Box as="span" tone="second" grow shrink>
                {reason}
              </Box>
              <Button
                disabled={busy}
                aria-label={leftOutWords.backLong(name)}
                onClick={() =>
                  void run(
                    expectNeed,
                    { params: { placeId, needId }, body: { memberId } },
                    leftOutWords.backDid(name),
                  )
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
interface LeavingOut {
  readonly need: Need
  /** Whom the cell is about; null for whoever is there. */
  readonly member: { readonly id: MemberId; readonly name: string } | null
  readonly placeId: PlaceId
}

export function LeaveOut({ need, member, placeId }: LeavingOut) {
  const [open, setOpen] = useState(false)
  const form = useActForm({
    initial: { reason: '', memberId: member?.id ?? null },
    read: (draft) => readLeavingOut(draft, { placeId, needId: need.id }),
    said: ({ memberId }) =>
      leftOutWords.did(
        leftOutWords.of(need.name, memberId === null ? null : (member?.name ?? null)),
      ),
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
      {member && (
        <Row gap={3} wrap>
          <Chip
            pressed={form.values.memberId !== null}
            onClick={() => form.set({ memberId: member.id })}
          >
            {leftOutWords.only(member.name)}
          </Chip>
          <Chip
            pressed={form.values.memberId === null}
            onClick={() => form.set({ memberId: null })}
          >
            {leftOutWords.everybody}
          </Chip>
        </Row>
      )}
    </ActForm>
  )
}
