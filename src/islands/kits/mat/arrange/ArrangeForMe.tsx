/** A computed layout beside the present one: what moves, why, and how much of it is taken. */

import { type ReactNode, useState } from 'react'
import { carryOutLayout } from '../../../../contract/kits'
import type { PocketId } from '../../../../core/ids'
import { useActing } from '../../../../ui/acting'
import { Box, Row, Stack } from '../../../../ui/Box'
import { Button } from '../../../../ui/Button'
import { SegmentedControl } from '../../../../ui/SegmentedControl'
import * as words from '../../../../words'
import type { Arrangement } from '../../../../workers/arranger'
import type { Kit } from '../view'
import classes from './arrange.module.css'
import { NewLabels } from './NewLabels'
import { NotHere, OtherKits } from './OtherKits'
import { SmallMat } from './SmallMat'
import { TickLine } from './TickLine'
import { toggled } from './toggled'
import { type LayoutData, useArranging } from './useArranging'

const arrangeWords = words.kits.arrange

const HOWS = ['worth', 'afresh'] as const
type How = (typeof HOWS)[number]

interface Props {
  readonly kit: Kit
  readonly onDone: () => void
}

export function ArrangeForMe({ kit, onDone }: Props) {
  const [how, setHow] = useState<How>('worth')
  const { state, start, stop } = useArranging(kit.id, how === 'afresh')
  const choice = (
    <Row>
      <SegmentedControl
        label={arrangeWords.how}
        value={how}
        options={HOWS.map((value) => ({ value, label: arrangeWords.hows[value] }))}
        onChange={setHow}
      />
    </Row>
  )
  if (state.kind === 'found')
    return (
      <Proposal
        kit={kit}
        data={state.data}
        found={state.found}
        onDone={onDone}
        choice={choice}
        onMovedAway={() => void start()}
      />
    )
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
  /** How much may be moved. */
  readonly choice: ReactNode
  /** Something left this kit: what was found no longer holds. */
  readonly onMovedAway: () => void
}

function Proposal({ kit, data, found, onDone, choice, onMovedAway }: ProposalProps) {
  const { run, refreshed, busy } = useActing()
  const { problem } = data
  const { moves, labels, gains } = found
  const [taken, setTaken] = useState<ReadonlySet<string>>(
    () => new Set(moves.map(({ key }) => key)),
  )
  const [written, setWritten] = useState<ReadonlySet<number>>(() => new Set())
  const bay = (index: number): string => problem.bays[index]?.name ?? ''
  const chosen = moves.filter(({ key }) => taken.has(key))
  const named = labels.filter((label) => written.has(label.bay))
  const then = problem.things.map(
    ({ key, at }) => chosen.find((move) => move.key === key)?.to ?? at,
  )

  // Not all is well where something belongs in another kit, or at no kit of this place.
  const isAllWell = data.misplaced.length + data.unfit.length === 0
  const nothing = isAllWell ? arrangeWords.fine : arrangeWords.fineHere
  const title = moves.length === 0 ? nothing : arrangeWords.title(moves.length)

  const take = async () => {
    const steps = chosen.flatMap(({ key, from, to }) => {
      const [source, target] = [problem.bays[from]?.id, problem.bays[to]?.id]
      const lots = data.lots.find((one) => one.key === key)?.holdings ?? []
      return source && target ? lots.map((lot) => ({ ...lot, from: source, to: target })) : []
    })
    const asLabels = named.flatMap(({ bay: at, name }) => {
      const pocketId = problem.bays[at]?.id as PocketId | undefined
      const seenVersion = pocketId && data.pocketVersions[pocketId]
      return pocketId && seenVersion ? [{ pocketId, name, seenVersion }] : []
    })
    const result = await run(
      carryOutLayout,
      { params: { kitId: kit.id }, body: { steps, labels: asLabels } },
      arrangeWords.done(chosen.length, named.length),
    )
    if (!result) return
    await refreshed()
    onDone()
  }

  return (
    <Stack packed as="section" gap={6} aria-label={arrangeWords.forMe}>
      {choice}
      <Stack packed gap={3} as="header">
        <h1>{title}</h1>
        {gains.length > 0 && (
          <ul aria-label={arrangeWords.gains}>
            {gains.map((one) => (
              <li key={arrangeWords.gain(one)}>{arrangeWords.gain(one)}</li>
            ))}
          </ul>
        )}
        {moves.length > 0 && (
          <p className="second">{found.proven ? arrangeWords.proven : arrangeWords.found}</p>
        )}
      </Stack>
      {moves.length > 0 && (
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
      )}
      {moves.length > 0 && (
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
              <TickLine
                key={move.key}
                what={move.title}
                where={`${bay(move.from)} → ${bay(move.to)}`}
                why={arrangeWords.why(move.why)}
                checked={taken.has(move.key)}
                onChange={() => setTaken(toggled(taken, move.key))}
              />
            ))}
          </ul>
        </div>
      )}
      <NewLabels labels={labels} bay={bay} written={written} onChange={setWritten} />
      <OtherKits data={data} onMoved={onMovedAway} />
      <NotHere data={data} />
      <Row gap={4} align="center" wrap>
        {moves.length + labels.length > 0 && (
          <Button
            kind="strong"
            busy={busy}
            disabled={chosen.length + named.length === 0}
            onClick={() => void take()}
          >
            {arrangeWords.take(chosen.length, named.length)}
          </Button>
        )}
        <Button onClick={onDone}>{arrangeWords.none}</Button>
      </Row>
    </Stack>
  )
}
