/** Makes the shopping list: asks for the problem, plans in a worker, puts what is due on the list. */
import { proxy } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import { readPlan } from '../../contract/restockEndpoints'
import { makeList } from '../../contract/shoppingEndpoints'
import { addDays } from '../../core/calendar/plainDate'
import type { Amount } from '../../core/quantity/amount'
import type { RestockPlan } from '../../core/restock/restockPlan'
import { toBuySoon } from '../../core/restock/toBuy'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { words } from '../../words'
import { type StartedPlanning, startPlanning } from '../restock/planning'
import type { PlanView } from '../restock/usePlan'

type Asked = (typeof makeList)['body']['_zod']['input']['lines'][number]

export type Making =
  | { readonly kind: 'idle' }
  | { readonly kind: 'working'; readonly share: number }
  | { readonly kind: 'failed' }

/** What a plan buys soon, as lines of a list. */
export function listOf(view: PlanView, { board }: RestockPlan): Asked[] {
  const { problem } = view
  const thousandths = (units: number) => Math.round(units * 1000) as Amount
  return toBuySoon(board, view.coming).flatMap((buy): Asked[] => {
    const offer = problem.offers[buy.offer]
    const thing = view.things[offer?.thing ?? -1]
    if (!offer || !thing) return []
    return [
      {
        itemId: thing.itemId,
        shop: problem.shops[offer.shop] ?? '',
        packs: buy.packs,
        packSize: thousandths(offer.units),
        priceMinor: offer.priceMinor,
        wantedBy: addDays(problem.today, buy.by),
        goesTo: buy.goesTo.flatMap(({ line, amount }) => {
          const pocket = view.lines[line]
          return pocket ? [{ pocketId: pocket.pocketId, amount: thousandths(amount) }] : []
        }),
      },
    ]
  })
}

export type ListMaking = ReturnType<typeof useList>

/** One plan at a time; it can be stopped, and then nothing is changed. */
export function useList() {
  const { run } = useActing()
  const [making, setMaking] = useState<Making>({ kind: 'idle' })
  const started = useRef<StartedPlanning | null>(null)
  const turn = useRef(0)

  const end = useCallback(() => {
    turn.current += 1
    started.current?.worker.terminate()
    started.current = null
  }, [])
  useEffect(() => end, [end])

  const make = useCallback(async () => {
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
          if (mine === turn.current) setMaking({ kind: 'working', share })
        }),
      )
      if (mine !== turn.current) return
      await run(makeList, { body: { lines: listOf(view, plan) } }, ({ lines }) =>
        words.shopping.made(lines),
      )
      setMaking({ kind: 'idle' })
    } catch {
      if (mine !== turn.current) return
      end()
      setMaking({ kind: 'failed' })
    }
  }, [run, end])

  const stop = useCallback(() => {
    end()
    setMaking({ kind: 'idle' })
  }, [end])
  return { making, make, stop }
}
