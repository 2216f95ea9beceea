/**
 * What was derived from a household's record, kept in memory until its next act or the next
 * day. Reading and judging thousands of lots takes longer than everything else on a page, and
 * most pages are looked at, not acted on.
 */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { HouseholdId } from '../../core/ids'

/** So many households are kept; the one not asked for longest goes first. */
const MOST = 20

/** The values of the households that were asked for last. */
export class Latest<Value> {
  private readonly values = new Map<HouseholdId, Value>()

  get(householdId: HouseholdId): Value | undefined {
    return this.values.get(householdId)
  }

  set(householdId: HouseholdId, value: Value): void {
    this.values.delete(householdId)
    this.values.set(householdId, value)
    const [oldest] = this.values.keys()
    if (this.values.size > MOST && oldest !== undefined) this.values.delete(oldest)
  }

  /** Forgets a value, unless another has taken its place. */
  drop(householdId: HouseholdId, value: Value): void {
    if (this.values.get(householdId) === value) this.values.delete(householdId)
  }
}

export interface RevisionCache<Value> {
  /** The value kept for this revision and day, or the one that `make` makes. */
  get(
    householdId: HouseholdId,
    at: { readonly revision: number; readonly today: PlainDate },
    make: () => Promise<Value>,
  ): Promise<Value>
}

export function revisionCache<Value>(): RevisionCache<Value> {
  const byHousehold = new Latest<{
    readonly revision: number
    readonly today: PlainDate
    readonly value: Promise<Value>
  }>()
  return {
    async get(householdId, { revision, today }, make) {
      const known = byHousehold.get(householdId)
      const fits = known !== undefined && known.revision === revision && known.today === today
      // The promise is kept, so that requests that come while it is made wait for the same one.
      const entry = fits ? known : { revision, today, value: make() }
      byHousehold.set(householdId, entry)
      return entry.value.catch((error: unknown) => {
        byHousehold.drop(householdId, entry)
        throw error
      })
    },
  }
}

/** Makes a thing of another once, for as long as the other is kept. */
export function onceFor<Of extends object, Made>(make: (of: Of) => Made): (of: Of) => Made {
  const made = new WeakMap<Of, { readonly value: Made }>()
  return (of) => {
    const known = made.get(of)
    if (known) return known.value
    const value = make(of)
    made.set(of, { value })
    return value
  }
}

/**
 * The same for what has to be waited for: whoever comes while it is made waits for the same one, and
 * what failed is made again.
 */
export function onceAwaitedFor<Of extends object, Made>(): (
  of: Of,
  make: () => Promise<Made>,
) => Promise<Made> {
  const made = new WeakMap<Of, Promise<Made>>()
  return (of, make) => {
    const known = made.get(of)
    if (known) return known
    const making = make()
    made.set(of, making)
    making.catch(() => made.delete(of))
    return making
  }
}
