/** What can be done to everything that is chosen, in one act that one press takes back. */

import { Select, TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { z } from 'zod'
import { readKits } from '../../contract/kits'
import { actOnMany } from '../../contract/stock'
import type { manyDeed } from '../../contract/values/stock'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import { nearPockets } from '../kits/nearPockets'
import type { StockRow } from './rows'
import classes from './stock.module.css'

const listWords = words.stock.list
type Deed = z.input<typeof manyDeed>
type Kind = Deed['kind']

const KINDS: readonly Kind[] = ['move', 'confirm', 'hold', 'missing', 'discard']
/** The contract takes no more at once. */
const MOST = 500

interface Props {
  readonly picked: readonly StockRow[]
  readonly onDone: () => void
}

export function BulkActs({ picked, onDone }: Props) {
  const { run, busy } = useActing()
  const { data } = useQuery({ queryKey: ['kits'], queryFn: () => call(readKits) })
  const [kind, setKind] = useState<Kind | null>(null)
  const [to, setTo] = useState<string | null>(null)
  const [reason, setReason] = useState('')

  const deedOf = (one: Kind): Deed | null => {
    if (one === 'move') return to === null ? null : { kind: 'move', to }
    if (one === 'hold') return reason.trim() === '' ? null : { kind: 'hold', reason }
    return { kind: one }
  }
  const act = async (one: Kind) => {
    const deed = deedOf(one)
    if (!deed) return
    const result = await run(
      actOnMany,
      {
        body: {
          deed,
          holdings: picked.map(({ lotId, pocketId, amount, version }) => ({
            lotId,
            pocketId,
            amount,
            seenVersion: version,
          })),
        },
      },
      ({ done }) => listWords.did[one](done),
    )
    if (result) onDone()
  }
  // What needs nothing more and hurts nobody is done with the press itself.
  const press = (one: Kind) => (one === 'confirm' || one === 'missing' ? act(one) : setKind(one))
  const ways = [...new Set(picked.map((row) => words.watch.safeWay(row.kind)).filter(Boolean))]

  return (
    <Row
      as="section"
      gap={4}
      align="center"
      wrap
      padX={5}
      padY={4}
      surface="paper"
      line="heavy"
      className={`${classes.deeds} no-print`}
      aria-label={listWords.chosen(picked.length)}
    >
      <b role="status">{listWords.chosen(picked.length)}</b>
      {picked.length > MOST ? (
        <Box as="p" size={2}>
          {listWords.most}
        </Box>
      ) : kind === null ? (
        KINDS.map((one) => (
          <Button key={one} busy={busy} onClick={() => void press(one)}>
            {listWords.deeds[one]}
          </Button>
        ))
      ) : (
        <Row
          as="form"
          gap={4}
          align="center"
          wrap
          grow
          onSubmit={(event) => {
            event.preventDefault()
            void act(kind)
          }}
        >
          {kind === 'move' && (
            <Select
              autoFocus
              aria-label={listWords.toWhere}
              placeholder={listWords.toWhere}
              searchable
              value={to}
              onChange={setTo}
              data={nearPockets(data?.pockets ?? [], null)}
            />
          )}
          {kind === 'hold' && (
            <TextInput
              autoFocus
              aria-label={listWords.holdReason}
              placeholder={listWords.holdReason}
              maxLength={120}
              value={reason}
              onChange={(event) => setReason(event.currentTarget.value)}
            />
          )}
          {kind === 'discard' && (
            <Box as="p" size={2}>
              <b>{listWords.sureDiscard(picked.length)}</b> {ways.join(' ')}
            </Box>
          )}
          <Button kind="strong" type="submit" busy={busy} disabled={deedOf(kind) === null}>
            {listWords.deeds[kind]}
          </Button>
          <Button onClick={() => setKind(null)}>{words.kits.cancel}</Button>
        </Row>
      )}
      <Button kind="quiet" onClick={onDone}>
        {listWords.drop}
      </Button>
    </Row>
  )
}
