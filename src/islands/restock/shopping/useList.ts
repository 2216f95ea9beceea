/** Makes the shopping list: asks for the problem, plans in a worker, puts what is due on the list. */
import { proxy } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import { makeList, readPlan } from '../../../contract/restock'
import { call } from '../../../device/call'
import { useActing } from '../../../ui/acting'
import * as words from '../../../words'
import { type Asked, listOf } from '../plan/listOf'
import { type StartedPlanning, startPlanning } from '../plan/planning'
import type { PlanView } from '../plan/usePlan'

export type Making =
  | { readonly kind: 'idle' }
  | { readonly kind: 'working'; readonly share: number }
  | { readonly kind: 'failed' }

export interface Missing {
  readonly itemId: string
  /** Titles of what may stand in for it. */
  readonly instead: readonly string[]
}

/** What a new list has in place of what was not to be had, in words. */
function inPlaceOf({ itemId, instead }: Missing, lines: readonly Asked[], view: PlanView): string {
  const titles = new Map<string, string>(view.things.map((thing) => [thing.itemId, thing.title]))
  const other =
    lines.find((line) => line.itemId === itemId) ??
    lines.find((line) => instead.includes(titles.get(line.itemId) ?? ''))
  return other
    ? words.shopping.replaced(other.shop, titles.get(other.itemId) ?? '')
    : words.shopping.notReplaced
}

export type ListMaking = ReturnType<typeof useList>

/** One plan at a time; it can be stopped, and then nothing is changed. */
export function useList() {
  const { run, refreshed } = useActing()
  const [making, setMaking] = useState<Making>({ kind: 'idle' })
  const started = useRef<StartedPlanning | null>(null)
  const turn = useRef(0)

  const end = useCallback(() => {
    turn.current += 1
    started.current?.worker.terminate()
    started.current = null
  }, [])
  useEffect(() => end, [end])

  /** @param missing what was not to be had, so that it is said what came in its place */
  const make = useCallback(
    async (missing?: Missing) => {
      turn.current += 1
      const mine = turn.current
      setMaking({ kind: 'working', share: 0 })
      try {
        const view = await call(readPlan)
        started.current ??= startPlanning()
        const { planning } = started.current
        await planning.take(view.problem)
        const plan = await planning.plan(
          view.settings.budgetMinor,
          proxy((share: number) => {
            // It comes by a way of its own and may be late: what has ended stays ended.
            if (mine === turn.current)
              setMaking((now) => (now.kind === 'working' ? { kind: 'working', share } : now))
          }),
        )
        if (mine !== turn.current) return
        const lines = listOf(view, plan)
        await run(makeList, { body: { lines } }, (made) =>
          missing
            ? inPlaceOf(missing, lines, view)
            : words.shopping.made(made.lines, view.gaps.length),
        )
        await refreshed()
        if (mine === turn.current) setMaking({ kind: 'idle' })
      } catch {
        if (mine !== turn.current) return
        end()
        setMaking({ kind: 'failed' })
      }
    },
    [run, refreshed, end],
  )

  const stop = useCallback(() => {
    end()
    setMaking({ kind: 'idle' })
  }, [end])
  return { making, make, stop }
}
