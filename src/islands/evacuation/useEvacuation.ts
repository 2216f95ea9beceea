/** The plan of leaving the house as it is asked: how much time, by car or on foot, by night, who is at home. */
import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { readHousehold } from '../../contract/household'
import { expectedAt } from '../../core/cover/scene'
import type { EvacuationAsked } from '../../core/evacuation/evacuation'
import {
  type EvacuationKnown,
  type EvacuationPlan,
  planEvacuation,
} from '../../core/evacuation/plan'
import { call } from '../../device/call'
import { keepInAddress } from '../../ui/keepInAddress'
import { idsAsText } from '../../ui/useKept'
import { type Cover, useCover } from '../cover/useCover'
import type { HouseholdView } from '../household/view'
import { knownOf, usualAsked } from './known'

export interface Shown {
  readonly cover: Cover
  readonly household: HouseholdView
  readonly asked: EvacuationAsked
  readonly plan: EvacuationPlan
  readonly known: EvacuationKnown
  readonly change: (patch: Partial<EvacuationAsked>) => void
}

export type Address = Readonly<Record<string, string>>

export function useEvacuation(
  first: { readonly cover: Cover['view']; readonly household: HouseholdView },
  address: Address,
): Shown | null {
  const cover = useCover(first.cover)
  const { data: household } = useQuery({
    queryKey: ['household'],
    queryFn: () => call(readHousehold),
    initialData: first.household,
  })
  const [asked, setAsked] = useState(() => usualAsked(cover.view, cover.laid, address))
  const usualFrom = usualAsked(cover.view, cover.laid, {})?.from
  const known = useMemo(
    () => knownOf(cover.view, cover.laid, household),
    [cover.view, cover.laid, household],
  )
  const plan = useMemo(
    () => (asked === null ? null : planEvacuation(known, asked, cover.view.today)),
    [known, asked, cover.view.today],
  )
  useEffect(() => {
    if (asked === null) return
    const place = cover.laid.stock.places.find(({ id }) => id === asked.from)
    const usual = place ? [...expectedAt(place, cover.laid.stock, cover.view.today)] : []
    const isUsual =
      usual.length === asked.home.length && usual.every((id) => asked.home.includes(id))
    keepInAddress({
      from: asked.from === usualFrom ? null : asked.from,
      plan: asked.plan === 'ten' ? null : asked.plan,
      on: asked.onFoot ? 'foot' : null,
      at: asked.night ? 'night' : null,
      home: isUsual ? null : idsAsText(new Set(asked.home)) || 'nobody',
    })
  }, [asked, usualFrom, cover.laid, cover.view.today])
  if (asked === null || plan === null) return null
  return {
    cover,
    household,
    asked,
    plan,
    known,
    change: (patch) => setAsked((before) => before && { ...before, ...patch }),
  }
}
