/**
 * What an act will do to a view, shown before the server has answered. A refusal brings back what was
 * there; an answer is followed by the view as it is now.
 */
import type { QueryClient, QueryKey } from '@tanstack/react-query'

/** Shows it. @returns brings back what was shown before */
export type ShowsAtOnce = (queries: QueryClient) => () => void

/**
 * @param key of the views that change: of every place and filter
 * @param change a pure function; the same view where nothing changes
 */
export const shownAtOnce =
  <View>(key: QueryKey, change: (view: View) => View): ShowsAtOnce =>
  (queries) => {
    const before = queries.getQueriesData<View>({ queryKey: key })
    // An answer that is under way knows nothing of it.
    void queries.cancelQueries({ queryKey: key })
    for (const [one, view] of before)
      if (view !== undefined) queries.setQueryData<View>(one, change(view))
    return () => {
      for (const [one, view] of before) queries.setQueryData(one, view)
    }
  }
