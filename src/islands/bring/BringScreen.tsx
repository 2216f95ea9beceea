/**
 * Brings a hand-kept list in (once, at a desk): choose or paste it, see how every line was
 * read, answer and mend, and only then have it written.
 */
import { Button } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import type { z } from 'zod'
import { bringIn, readKnown } from '../../contract/endpoints'
import type { Known, Site } from '../../core/interchange/planImport'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { Frame, type Strap } from '../../ui/Frame'
import { words } from '../../words'
import classes from './bring.module.css'
import { ChooseList } from './ChooseList'
import { Preview } from './Preview'
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

const w = words.bring

function Bringing({ known: first }: Props) {
  const { data: known } = useQuery({
    queryKey: ['known'],
    queryFn: async () => (await call(readKnown)) as Known,
    initialData: first,
  })
  const { run, busy } = useActing()
  const list = useList()
  const [brought, setBrought] = useState<BroughtIn | null>(null)
  const { state } = list
  const unwritten = state.kind === 'open' && brought === null

  useEffect(() => {
    if (!unwritten) return
    const stay = (event: BeforeUnloadEvent) => event.preventDefault()
    addEventListener('beforeunload', stay)
    return () => removeEventListener('beforeunload', stay)
  }, [unwritten])

  const confirm = async (open: OpenList, fallback: Site) => {
    const lines = open.rows
      .filter(({ line }) => !open.leftOut.has(line))
      .map(({ line, cells }) => ({ line, cells }))
    const result = await run(
      bringIn,
      { body: { name: open.name.slice(0, 120), fallback, lines } },
      words.undo.did.imported,
    )
    if (!result) return
    setBrought(result)
    list.close()
  }

  if (brought)
    return (
      <section className={classes.done} aria-live="polite">
        <h1>{w.done(brought.lots, brought.kits)}</h1>
        <p className="second">{w.doneUnder(brought.already, brought.skipped)}</p>
        <div className={classes.presses}>
          <Button component="a" href="/">
            {w.toWatch}
          </Button>
          {brought.items > 0 && (
            <Button component="a" href="/cover/items" variant="default">
              {words.cover.match}
            </Button>
          )}
          <Button variant="default" onClick={() => setBrought(null)}>
            {w.again}
          </Button>
        </div>
      </section>
    )
  if (state.kind === 'open')
    return (
      <Preview
        list={state.list}
        known={known}
        busy={busy}
        onRemap={(column, field) => void list.remap(state.list, column, field)}
        onMend={(line, patch) => list.mend(state.list, line, patch)}
        onLeave={(line, out) => list.leave(state.list, line, out)}
        onConfirm={(fallback) => void confirm(state.list, fallback)}
        onCancel={list.close}
      />
    )
  return <ChooseList state={state} onOpen={list.open} onCancel={list.close} />
}
