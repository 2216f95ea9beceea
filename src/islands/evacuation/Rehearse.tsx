/** Leaving the house tried once with a clock (standing, phone in hand): each step is pressed when it is done. */
import { useEffect, useState } from 'react'
import { rehearseEvacuation } from '../../contract/evacuation'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStay } from '../../ui/useStay'
import * as words from '../../words'
import { clock } from '../../words/evacuation/evacuation'
import { rehearsedSteps } from './rehearsed'
import { byDoer, taskText } from './Steps'
import type { Shown } from './useEvacuation'

const said = words.evacuation
const rehearse = said.rehearse

interface Props {
  readonly shown: Shown
  readonly onClose: () => void
}

export function Rehearse({ shown, onClose }: Props) {
  const { run, busy } = useActing()
  const [begun, setBegun] = useState<number | null>(null)
  const [now, setNow] = useState(0)
  /** When each step was done, in seconds since the beginning, by its key. */
  const [done, setDone] = useState<ReadonlyMap<string, number>>(new Map())
  // What is rehearsed stays the same while one does it.
  const [doers] = useState(() => byDoer(shown))
  const [out, setOut] = useState<number | null>(null)
  useStay(begun !== null)
  useEffect(() => {
    if (begun === null || out !== null) return
    const timer = setInterval(() => setNow(Date.now()), 500)
    return () => clearInterval(timer)
  }, [begun, out])
  const steps = doers.flatMap((one) => one.steps)
  const seconds = begun === null ? 0 : Math.max(0, Math.round((now - begun) / 1000))
  const since = () => (begun === null ? 0 : Math.max(1, Math.round((Date.now() - begun) / 1000)))
  const { rehearsals } = shown.household.household.evacuation
  const { today } = shown.cover.view
  const keep = () =>
    void run(
      rehearseEvacuation,
      {
        body: { plan: shown.asked.plan, seconds: out ?? 1, steps: rehearsedSteps(steps, done) },
      },
      rehearse.saved(out ?? 1),
    ).then((kept) => kept && onClose())
  return (
    <Stack gap={5}>
      <Row as="header" gap={6} align="center" justify="between" wrap>
        <h1>{rehearse.open}</h1>
        <Button kind="quiet" onClick={onClose}>
          {words.forms.cancel}
        </Button>
      </Row>
      <Row gap={6} align="center" wrap>
        <Box as="strong" size={6} face="display" role="timer" aria-label={rehearse.open}>
          {clock(out ?? seconds)}
        </Box>
        {begun === null ? (
          <Button
            kind="main"
            onClick={() => {
              setBegun(Date.now())
              setNow(Date.now())
            }}
          >
            {rehearse.start}
          </Button>
        ) : out === null ? (
          <Button kind="main" onClick={() => setOut(since())}>
            {rehearse.all}
          </Button>
        ) : (
          <>
            <Button kind="main" busy={busy} onClick={keep}>
              {rehearse.save}
            </Button>
            <Button onClick={onClose}>{rehearse.drop}</Button>
          </>
        )}
        <Box as="span" tone="second" aria-live="polite">
          {rehearse.left(steps.length - done.size)}
        </Box>
      </Row>
      <Stack gap={5} columns="repeat(auto-fill, minmax(15rem, 1fr))">
        {doers.map((one) => (
          <section key={one.name} aria-label={one.name}>
            <h2>{one.name}</h2>
            <Stack as="ol" gap={3}>
              {one.steps.map(({ task }) => {
                const at = done.get(task.key)
                const text = taskText(shown, task)
                return (
                  <li key={task.key}>
                    <Button
                      width="wide"
                      aria-pressed={at !== undefined}
                      aria-label={rehearse.done(text)}
                      disabled={begun === null || out !== null}
                      onClick={() =>
                        setDone((before) => {
                          const after = new Map(before)
                          if (!after.delete(task.key)) after.set(task.key, since())
                          return after
                        })
                      }
                    >
                      {at === undefined ? text : `${text} · ${clock(at)}`}
                    </Button>
                  </li>
                )
              })}
            </Stack>
          </section>
        ))}
      </Stack>
      <section aria-label={rehearse.record}>
        <h2>{rehearse.record}</h2>
        {rehearsals.length === 0 && <p>{rehearse.none}</p>}
        <ul>
          {[...rehearsals].reverse().map(({ on, plan, seconds: took }, at) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two may have been on one day
            <li key={at}>
              {rehearse.line(plan, took, on, today)} {at === 0 && rehearse.due(on, today)}
            </li>
          ))}
        </ul>
      </section>
    </Stack>
  )
}
