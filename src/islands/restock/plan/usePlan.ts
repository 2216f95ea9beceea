/** A plan on its way: worked out in a worker that keeps what it found and can be stopped. */
import { useQuery } from '@tanstack/react-query'
import { proxy } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { z } from 'zod'
import { readPlan } from '../../../contract/restock'
import type { planValue } from '../../../contract/values/restock'
import type { RestockPlan } from '../../../core/restock/restockPlan'
import { call } from '../../../device/call'
import { type StartedPlanning, startPlanning } from './planning'

export type PlanView = z.infer<typeof planValue>

export type PlanState =
  | { readonly kind: 'working'; readonly share: number }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'failed' }
  | { readonly kind: 'found' }

export interface Found {
  /** What the plan was made from: positions in it stand for names here. */
  readonly view: PlanView
  readonly plan: RestockPlan
  readonly budgetMinor: number | null
}

/** The last plan, and the one before it. */
interface Plans {
  readonly found: Found | null
  readonly before: Found | null
}

interface Run extends StartedPlanning {
  /** The last one that was taken in. */
  view: PlanView | null
}

/** Plans the household under a budget; the last plan stays until the next one is found. */
export function usePlan(initial: PlanView, budgetMinor: number | null) {
  const { data: view } = useQuery({
    queryKey: ['restock', 'plan'],
    queryFn: () => call(readPlan),
    initialData: initial,
  })
  const run = useRef<Run | null>(null)
  const [state, setState] = useState<PlanState>({ kind: 'working', share: 0 })
  const [{ found, before }, setPlans] = useState<Plans>({ found: null, before: null })
  const [again, setAgain] = useState(0)

  const end = useCallback(() => {
    run.current?.worker.terminate()
    run.current = null
  }, [])

  // biome-ignore lint/correctness/useExhaustiveDependencies: `again` asks for another try
  useEffect(() => {
    let mine = true
    const work = async () => {
      setState({ kind: 'working', share: 0 })
      run.current ??= { ...startPlanning(), view: null }
      const { planning } = run.current
      if (run.current.view !== view) {
        run.current.view = view
        await planning.take(view.problem)
      }
      if (!mine) return
      const plan = await planning.plan(
        budgetMinor,
        proxy((share: number) => {
          // It comes by a way of its own and may be late: what has ended stays ended.
          if (mine) setState((now) => (now.kind === 'working' ? { kind: 'working', share } : now))
        }),
      )
      if (!mine) return
      setPlans((last) => ({ found: { view, plan, budgetMinor }, before: last.found }))
      setState({ kind: 'found' })
    }
    void work().catch(() => {
      if (!mine) return
      end()
      setState({ kind: 'failed' })
    })
    return () => {
      mine = false
    }
  }, [view, budgetMinor, end, again])
  useEffect(() => end, [end])

  const stop = useCallback(() => {
    end()
    setState({ kind: 'stopped' })
  }, [end])
  const start = useCallback(() => setAgain((count) => count + 1), [])
  return { state, found, before, stop, start, view }
}
