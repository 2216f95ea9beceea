/**
 * Brings a hand-kept list in (once, at a desk): choose or paste it, see how every line was
 * read, answer and mend, and only then have it written.
 */

import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { z } from 'zod'
import { bringIn, readKnown } from '../../contract/imports'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Known } from '../../core/interchange/known'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Frame, type Strap } from '../../ui/Frame'
import { useStay } from '../../ui/useStay'
import * as words from '../../words'
import { ChooseList } from './ChooseList'
import { type Confirmed, Preview } from './Preview'
import { type OpenList, useList } from './useList'

type BroughtIn = z.infer<(typeof bringIn)['result']>

interface Props {
  readonly strap: Strap
  readonly known: Known
}

export const BringScreen = (props: Props) => (
  <Frame tab="bring" strap={props.strap} place={null}>
    <Bringing {...props} />
  </Frame>
)

const importsWords = words.imports
const howReadWords = words.imports.howRead

function Bringing({ known: first }: Props) {
  const { data: known } = useQuery({
    queryKey: ['known'],
    queryFn: async () => (await call(readKnown)) as Known,
    initialData: first,
  })
  const { run, busy } = useActing()
  const list = useList(known)
  const [brought, setBrought] = useState<BroughtIn | null>(null)
  const [waiting, setWaiting] = useState(0)
  const [claimedOn, setClaimedOn] = useState<PlainDate | null | undefined>(undefined)
  const { state } = list
  const unwritten = state.kind === 'open' && brought === null

  useStay(unwritten)

  const confirm = async (open: OpenList, { fallback, claimedOn, cells }: Confirmed) => {
    const lines = [...cells].map(([line, written]) => ({ line, cells: written }))
    const result = await run(
      bringIn,
      { body: { name: open.name.slice(0, 120), fallback, claimedOn, lines } },
      words.undo.did.imported,
    )
    if (!result) return
    const left = open.rows.length - open.leftOut.size - lines.length - result.already
    setBrought(result)
    // What still needs an answer stays open: one bad line does not hold up the others.
    setWaiting(Math.max(0, left))
    if (left <= 0) list.close()
  }

  if (brought)
    return (
      <Box as="section" measure aria-live="polite">
        <h1>{importsWords.done(brought.lots, brought.made.kits.length)}</h1>
        <p className="second">{importsWords.doneUnder(brought.already, brought.skipped)}</p>
        <Box as="ul" above={4} below={4}>
          {howReadWords.made(brought.made).map((one) => (
            <li key={one}>{one}</li>
          ))}
          {brought.held > 0 && <li>{howReadWords.heldAtFirst(brought.held)}</li>}
        </Box>
        <Row gapX={6} gapY={4} align="center" wrap above={5}>
          {waiting > 0 && (
            <Button kind="strong" onClick={() => setBrought(null)}>
              {howReadWords.goOn(waiting)}
            </Button>
          )}
          {brought.items > 0 && (
            <ButtonLink href="/cover/items" kind={waiting > 0 ? 'firm' : 'strong'}>
              {howReadWords.sayWhat}
            </ButtonLink>
          )}
          <ButtonLink href="/rounds">{howReadWords.firstRound}</ButtonLink>
          <ButtonLink href="/">{importsWords.toWatch}</ButtonLink>
          <Button
            onClick={() => {
              list.close()
              setClaimedOn(undefined)
              setBrought(null)
            }}
          >
            {importsWords.again}
          </Button>
        </Row>
      </Box>
    )
  if (state.kind === 'open')
    return (
      <Preview
        list={state.list}
        known={known}
        busy={busy}
        onRemap={(column, field) => void list.remap(state.list, column, field)}
        onMend={(line, patch) => list.mend(state.list, line, patch)}
        claimedOn={claimedOn}
        onClaimed={setClaimedOn}
        onCarry={(field, down) => void list.carry(state.list, field, down)}
        onName={(said) => list.name(state.list, said)}
        onLeave={(line, out) => list.leave(state.list, line, out)}
        onConfirm={(confirmed) => void confirm(state.list, confirmed)}
        onCancel={() => {
          setClaimedOn(undefined)
          list.close()
        }}
      />
    )
  return <ChooseList state={state} onOpen={list.open} onCancel={list.close} />
}
