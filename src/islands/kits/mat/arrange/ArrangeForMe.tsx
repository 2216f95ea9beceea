/** A computed layout beside the present one: what moves, why, and how much of it is taken. */

import { useState } from 'react'
import { carryOutLayout } from '../../../../contract/kits'
import { useActing } from '../../../../ui/acting'
import { Box, Row, Stack } from '../../../../ui/Box'
import { Button } from '../../../../ui/Button'
import { words } from '../../../../words'
import type { Arrangement } from '../../../../workers/arranger'
import type { Kit } from '../view'
import classes from './arrange.module.css'
import { SmallMat } from './SmallMat'
import { type LayoutData, useArranging } from './useArranging'

const arrangeWords = words.kits.arrange

interface Props {
  readonly kit: Kit
  readonly onDone: () => void
}

export function ArrangeForMe({ kit, onDone }: Props) {
  const { state, start, stop } = useArranging(kit.id)
  if (state.kind === 'found')
    return <Proposal kit={kit} data={state.data} found={state.found} onDone={onDone} />
  return (
    <Stack loose packed as="section" gap={6} aria-label={arrangeWords.forMe}>
      <h1>{kit.name}</h1>
      {state.kind === 'working' ? (
        <>
          <p role="status">{arrangeWords.working}</p>
          <progress value={state.share} max={1} aria-label={arrangeWords.working} />
          <Button onClick={stop}>{arrangeWords.stop}</Button>
        </>
      ) : (
        <>
          <p role="status">
            {state.kind === 'stopped' ? arrangeWords.stopped : arrangeWords.failed}
          </p>
          <Row gap={4} align="center" wrap>
            <Button kind="strong" onClick={() => void start()}>
              {arrangeWords.again}
            </Button>
            <Button onClick={onDone}>{arrangeWords.none}</Button>
          </Row>
        </>
      )}
    </Stack>
  )
}

interface ProposalProps extends Props {
  readonly data: LayoutData
  readonly found: Arrangement
}

function Proposal({ kit, data, found, onDone }: ProposalProps) {
  const { run, refreshed, busy } = useActing()
  const { problem } = data
  const { moves } = found
  const [taken, setTaken] = useState<ReadonlySet<string>>(
    () => new Set(moves.map(({ key }) => key)),
  )
  const bay = (index: number): string => problem.bays[index]?.name ?? ''
  const chosen = moves.filter(({ key }) => taken.has(key))
  const then = problem.things.map(
    ({ key, at }) => chosen.find((move) => move.key === key)?.to ?? at,
  )

  const take = async () => {
    const steps = chosen.flatMap(({ key, from, to }) => {
      const [source, target] = [problem.bays[from]?.id, problem.bays[to]?.id]
      const lots = data.lots.find((one) => one.key === key)?.holdings ?? []
      return source && target ? lots.map((lot) => ({ ...lot, from: source, to: target })) : []
    })
    const result = await run(
      carryOutLayout,
      { params: { kitId: kit.id }, body: { steps } },
      arrangeWords.done(chosen.length),
    )
    if (!result) return
    await refreshed()
    onDone()
  }
  const toggle = (key: string) => {
    const next = new Set(taken)
    if (!next.delete(key)) next.add(key)
    setTaken(next)
  }

  return (
    <Stack packed as="section" gap={6} aria-label={arrangeWords.forMe}>
      <header>
        <h1>{moves.length === 0 ? arrangeWords.fine : arrangeWords.title(moves.length)}</h1>
        <p className="second">
          {arrangeWords.score(found.before, found.score)}{' '}
          {found.proven ? arrangeWords.proven : arrangeWords.found}
        </p>
      </header>
      <Stack gap={6} columns={2} className={classes.mats}>
        <SmallMat
          title={arrangeWords.before}
          kit={kit}
          problem={problem}
          layout={problem.things.map(({ at }) => at)}
          marked={taken}
        />
        <SmallMat
          title={arrangeWords.after}
          kit={kit}
          problem={problem}
          layout={then}
          marked={taken}
        />
      </Stack>
      <div className={classes.moves}>
        <Row gap={5} align="baseline">
          <Box as="h2" size={4}>
            {arrangeWords.moves}
          </Box>
          <Button kind="quiet" onClick={() => setTaken(new Set(moves.map(({ key }) => key)))}>
            {arrangeWords.all}
          </Button>
          <Button kind="quiet" onClick={() => setTaken(new Set())}>
            {arrangeWords.nobody}
          </Button>
        </Row>
        <ul>
          {moves.map((move) => (
            <Box as="li" lineBelow="hairline" key={move.key}>
              <Stack gapX={4} columns="auto 1fr" as="label" padY={3}>
                <input
                  type="checkbox"
                  checked={taken.has(move.key)}
                  onChange={() => toggle(move.key)}
                />
                <b>{move.title}</b>
                <Box as="span" size={2}>
                  {bay(move.from)} → {bay(move.to)}
                </Box>
                <Box as="small" tone="second">
                  {arrangeWords.why(move.why)}
                </Box>
              </Stack>
            </Box>
          ))}
        </ul>
      </div>
      <Row gap={4} align="center" wrap>
        {moves.length > 0 && (
          <Button
            kind="strong"
            busy={busy}
            disabled={chosen.length === 0}
            onClick={() => void take()}
          >
            {arrangeWords.take(chosen.length)}
          </Button>
        )}
        <Button onClick={onDone}>{arrangeWords.none}</Button>
      </Row>
    </Stack>
  )
}
