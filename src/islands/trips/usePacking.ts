/** What to take, worked out in a worker that can be stopped; the last answer stays until the next. */
import { type Remote, wrap } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { Pantry } from '../../core/cover/pantry'
import type { BagsChosen } from '../../core/trips/chooseBags'
import type { TripPlan } from '../../core/trips/plan'
import { bagsElsewhere } from '../../core/trips/trip'
import type { TripPacker } from '../../workers/tripPacker'
import { isOutNow, roomsOf, type TripView, tripOf } from './view'

export type PackingState = 'working' | 'found' | 'stopped' | 'failed'

interface Started {
  readonly worker: Worker
  readonly packer: Remote<TripPacker>
}

function start(): Started {
  const worker = new Worker(new URL('../../workers/tripPacker.ts', import.meta.url), {
    type: 'module',
  })
  return { worker, packer: wrap<TripPacker>(worker) }
}

export function usePacking(view: TripView, laid: Pantry) {
  const started = useRef<Started | null>(null)
  const [state, setState] = useState<PackingState>('working')
  const [plan, setPlan] = useState<TripPlan | null>(null)
  const [again, setAgain] = useState(0)
  const { trip, rooms, today, others } = view
  const isOut = isOutNow(view)
  const giveUp = useRef<(() => void) | null>(null)
  const end = useCallback(() => {
    started.current?.worker.terminate()
    started.current = null
    giveUp.current?.()
  }, [])
  /** Packing ticks change nothing of this: only what lies where, who goes, and the wishes do. */
  const asked = JSON.stringify([
    isOut,
    today,
    trip.stops,
    trip.bags,
    trip.sources,
    trip.wishes,
    trip.cabinRules,
  ])

  // biome-ignore lint/correctness/useExhaustiveDependencies: `asked` is the trip; `again` asks anew
  useEffect(() => {
    let mine = true
    setState('working')
    started.current ??= start()
    const { packer } = started.current
    const found = isOut
      ? packer.onTheWay(laid.stock, tripOf({ trip }), today)
      : packer.plan(laid.stock, tripOf({ trip }), roomsOf({ rooms }))
    found.then(
      (one) => {
        if (!mine) return
        setPlan(one)
        setState('found')
      },
      () => {
        if (!mine) return
        end()
        setState('failed')
      },
    )
    return () => {
      mine = false
    }
  }, [asked, laid, end, again])
  useEffect(() => end, [end])

  return {
    state,
    plan,
    stop: useCallback(() => {
      end()
      setState('stopped')
    }, [end]),
    anew: useCallback(() => setAgain((count) => count + 1), []),
    /** Bags for the trip as it stands, so many at most; null where it was stopped. */
    choose: (mostBags: number | null): Promise<BagsChosen | null> => {
      started.current ??= start()
      const elsewhere = bagsElsewhere(trip, others)
      // A worker that is ended answers nothing more.
      const stopped = new Promise<null>((settle) => {
        giveUp.current = () => settle(null)
      })
      return Promise.race([
        stopped,
        started.current.packer.chooseBags(
          laid.stock,
          tripOf({ trip }),
          roomsOf({ rooms }).filter(({ kitId }) => !elsewhere.has(kitId)),
          mostBags,
        ),
      ])
    },
  }
}
