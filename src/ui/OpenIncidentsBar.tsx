/** On every screen: what goes on, and which timers speak up now. */

import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
import { call } from '../device/call'
import { noteServerTime } from '../device/clock'
import { connection } from '../device/connection'

/** Most days nothing goes on: its words come when something does. */
const OpenIncidents = lazy(() =>
  import('./OpenIncidents').then((file) => ({ default: file.OpenIncidents })),
)
const LOOK_AGAIN_MILLISECONDS = 20_000

export function OpenIncidentsBar() {
  const { data } = useQuery({
    queryKey: ['going'],
    queryFn: async () => {
      // What it may hold is known by a large part of the contract, which nothing waits for.
      const { readOpenIncidents } = await import('../contract/care')
      const view = await call(readOpenIncidents)
      if (connection().kind === 'there') noteServerTime(view.now, Date.now())
      return view
    },
    refetchInterval: LOOK_AGAIN_MILLISECONDS,
    retry: false,
  })
  if (!data || (data.going.length === 0 && data.timers.length === 0)) return null
  return (
    <Suspense fallback={null}>
      <OpenIncidents view={data} />
    </Suspense>
  )
}
