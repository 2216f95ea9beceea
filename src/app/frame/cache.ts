/**
 * What was derived from a household's record, kept in memory until its next act or the next
 * day. Reading and judging thousands of lots takes longer than everything else on a page, and
 * most pages are looked at, not acted on.
 */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { HouseholdId } from '../../core/ids'

/** So many households are kept; the one not asked for longest goes first. */
const MOST = 20

export interface RevisionCache<Value> {
  /** The value kept for this revision and day, or the one that `make` makes. */
  get(
    householdId: HouseholdId,
    at: { readonly revision: number; readonly today: PlainDate },
    make: () => Promise<Value>,
  ): Promise<Value>
}

export function revisionCache<Value>(): RevisionCache<Value> {
  const byHousehold = new Map<
    HouseholdId,
    { readonly revision: number; readonly today: PlainDate; readonly value: Promise<Value> }
  >()
  return {
    async get(householdId, { revision, today }, make) {
      const known = byHousehold.get(householdId)
      const fits = known !== undefined && known.revision === revision && known.today === today
      // The promise is kept, so that requests that come while it is made wait for the same one.
      const entry = fits ? known : { revision, today, value: make() }
      byHousehold.delete(householdId)
      byHousehold.set(householdId, entry)
      const [oldest] = byHousehold.keys()
      if (byHousehold.size > MOST && oldest !== undefined) byHousehold.delete(oldest)
      return entry.value.catch((error: unknown) => {
        if (byHousehold.get(householdId) === entry) byHousehold.delete(householdId)
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
