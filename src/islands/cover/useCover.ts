/** The household's stock laid out for judging cover, kept fresh. */
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import type { z } from 'zod'
import { readCover } from '../../contract/cover'
import { knownItem } from '../../core/cover/knownItem'
import { leftOutOf } from '../../core/cover/leftOut'
import { type Pantry, pantry } from '../../core/cover/pantry'
import { call } from '../../device/call'

export type CoverView = z.infer<(typeof readCover)['result']>

export interface Cover {
  readonly view: CoverView
  readonly laid: Pantry
  readonly memberName: (id: string) => string
  readonly kitName: (id: string) => string
}

export function useCover(initial: CoverView): Cover {
  const { data: view } = useQuery({
    queryKey: ['cover'],
    queryFn: () => call(readCover),
    initialData: initial,
  })
  return useMemo(() => coverOf(view), [view])
}

/** Laid out once, where nothing changes any more: on paper. */
export function coverOf(view: CoverView): Cover {
  const members = new Map<string, string>(view.members.map(({ id, name }) => [id, name]))
  const kits = new Map<string, string>(view.kits.map(({ id, name }) => [id, name]))
  return {
    view,
    laid: layOut(view),
    memberName: (id) => members.get(id) ?? '',
    kitName: (id) => kits.get(id) ?? '',
  }
}

/** Items get their facts here, where the catalogue is: it need not cross the wire. */
export function layOut(view: CoverView): Pantry {
  return pantry({
    ...view,
    leftOut: leftOutOf(view.decisions),
    items: view.items.map(knownItem),
  })
}
