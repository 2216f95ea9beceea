/** The worker that plans, as the screens start it. */
import { type Remote, wrap } from 'comlink'
import type { Planning } from '../../../workers/planner'

export interface StartedPlanning {
  readonly worker: Worker
  readonly planning: Remote<Planning>
}

export function startPlanning(): StartedPlanning {
  const worker = new Worker(new URL('../../../workers/planner.ts', import.meta.url), {
    type: 'module',
  })
  return { worker, planning: wrap<Planning>(worker) }
}
