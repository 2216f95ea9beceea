/** Plans restocking off the main thread, so that it shows how far it is and can be stopped. */
import { expose } from 'comlink'
import wasm from 'highs/runtime?url'
import { Dealers } from '../core/restock/dealers'
import type { RestockProblem } from '../core/restock/problem'
import { type RestockPlan, RestockPlanner } from '../core/restock/restockPlan'
import { highsSolver } from '../solver/highs'

/** What a plan may take; then it is shown with the gap that is proven. */
const SECONDS = 20

/** Kept from one problem to the next: only families that changed are worked out again. */
let dealers: Dealers | null = null
let planner: RestockPlanner | null = null

const planning = {
  /** Takes a problem in; plans for it follow under any budget. */
  async take(problem: RestockProblem): Promise<void> {
    dealers ??= new Dealers(await highsSolver({ wasm }))
    planner = new RestockPlanner(problem, dealers)
  },
  plan(budgetMinor: number | null, progress: (share: number) => void): RestockPlan {
    if (!planner) throw new Error('Take a problem in before planning')
    return planner.plan(budgetMinor, {
      limit: { seconds: SECONDS, now: () => performance.now() },
      onProgress: ({ done, of }) => {
        if (done % 4 === 0 || done === of) progress(done / of)
      },
    })
  },
}
export type Planning = typeof planning

expose(planning)
