/** A forecast on its way: the futures first, then what one more or one fewer would change. */
import { proxy, type Remote, wrap } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { z } from 'zod'
import type { forecastValue } from '../../../contract/values/forecast'
import type { Forecast, WhatIf } from '../../../core/forecast/forecast'
import type { Forecasting } from '../../../workers/forecaster'

export type ForecastView = z.infer<typeof forecastValue>

export type ForecastState =
  | { readonly kind: 'working'; readonly on: 'futures' | 'pars'; readonly share: number }
  | { readonly kind: 'stopped' | 'failed' | 'done' }

export function useForecast({ problem }: ForecastView) {
  const worker = useRef<Worker | null>(null)
  const [state, setState] = useState<ForecastState>({ kind: 'working', on: 'futures', share: 0 })
  const [found, setFound] = useState<Forecast | null>(null)
  const [ifs, setIfs] = useState<readonly WhatIf[] | null>(null)
  const [again, setAgain] = useState(0)

  const end = useCallback(() => {
    worker.current?.terminate()
    worker.current = null
  }, [])

  // biome-ignore lint/correctness/useExhaustiveDependencies: `again` asks for another try
  useEffect(() => {
    let mine = true
    const work = async () => {
      const started = new Worker(new URL('../../../workers/forecaster.ts', import.meta.url), {
        type: 'module',
      })
      worker.current = started
      const forecasting: Remote<Forecasting> = wrap<Forecasting>(started)
      const tell = (on: 'futures' | 'pars') =>
        proxy((share: number) => {
          // It comes by a way of its own and may be late: what has ended stays ended.
          if (mine)
            setState((now) =>
              now.kind === 'working' && now.on === on ? { kind: 'working', on, share } : now,
            )
        })
      setState({ kind: 'working', on: 'futures', share: 0 })
      const forecast = await forecasting.forecast(problem, tell('futures'))
      if (!mine) return
      setFound(forecast)
      setState({ kind: 'working', on: 'pars', share: 0 })
      const changes = await forecasting.whatIfs(problem, tell('pars'))
      if (!mine) return
      setIfs(changes)
      setState({ kind: 'done' })
    }
    void work()
      .catch(() => {
        if (mine) setState({ kind: 'failed' })
      })
      .finally(end)
    return () => {
      mine = false
      end()
    }
  }, [problem, end, again])

  const stop = useCallback(() => {
    end()
    setState({ kind: 'stopped' })
  }, [end])
  const start = useCallback(() => setAgain((count) => count + 1), [])
  return { state, found, ifs, stop, start }
}
