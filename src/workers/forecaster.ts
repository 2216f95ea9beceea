/** Lives through many futures off the main thread; ended by ending the worker. */
import { expose } from 'comlink'
import { type Forecast, FUTURES, forecast, type WhatIf, whatIfs } from '../core/forecast/forecast'
import type { ForecastProblem } from '../core/forecast/problem'

/** The same household has the same forecast, however often it is asked. */
const SEED = 20_261

const forecasting = {
  forecast: (problem: ForecastProblem, progress: (share: number) => void): Forecast =>
    forecast(problem, SEED, FUTURES, telling(progress)),
  whatIfs: (problem: ForecastProblem, progress: (share: number) => void): readonly WhatIf[] =>
    whatIfs(problem, SEED, undefined, telling(progress)),
}
export type Forecasting = typeof forecasting

/** Every word to the page costs time; a few are enough. */
const telling = (progress: (share: number) => void) => (done: number, of: number) => {
  if (done % 8 === 0 || done === of) progress(done / of)
}

expose(forecasting)
