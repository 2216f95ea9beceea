/** A layout on its way: worked out in a worker that can be stopped. */
import { proxy, wrap } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { z } from 'zod'
import { readLayout } from '../../../../contract/kits'
import type { layoutValue } from '../../../../contract/values/kits'
import { call } from '../../../../device/call'
import type { Arrangement, Arranger } from '../../../../workers/arranger'

export type LayoutData = z.infer<typeof layoutValue>

export type Arranging =
  | { readonly kind: 'working'; readonly share: number }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'failed' }
  | { readonly kind: 'found'; readonly data: LayoutData; readonly found: Arrangement }

/** The same kit is arranged the same way twice. */
const SEED = 1

/** @param afresh everything on the table: where things lie now counts for nothing */
export function useArranging(kitId: string, afresh: boolean) {
  const [state, setState] = useState<Arranging>({ kind: 'working', share: 0 })
  const worker = useRef<Worker | null>(null)

  const end = useCallback(() => {
    worker.current?.terminate()
    worker.current = null
  }, [])

  const start = useCallback(async () => {
    end()
    setState({ kind: 'working', share: 0 })
    const mine = new Worker(new URL('../../../../workers/arranger.ts', import.meta.url), {
      type: 'module',
    })
    worker.current = mine
    const isMine = (): boolean => worker.current === mine
    try {
      const data = await call(readLayout, { params: { kitId } })
      const found = await wrap<Arranger>(mine).arrange(
        { ...data.problem, afresh },
        SEED,
        proxy((done, total) => {
          if (isMine()) setState({ kind: 'working', share: done / total })
        }),
      )
      if (isMine()) setState({ kind: 'found', data, found })
    } catch {
      if (isMine()) setState({ kind: 'failed' })
    } finally {
      if (isMine()) end()
    }
  }, [kitId, afresh, end])

  useEffect(() => {
    void start()
    return end
  }, [start, end])

  const stop = useCallback(() => {
    end()
    setState({ kind: 'stopped' })
  }, [end])

  return { state, start, stop }
}
