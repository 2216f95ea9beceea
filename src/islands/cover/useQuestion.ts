/** What is asked of the board: where, with which kits, who is there, when, without what. */
import { useEffect, useMemo, useState } from 'react'
import { isPlainDate, type PlainDate } from '../../core/calendar/plainDate'
import { type Question, skillsAmong } from '../../core/cover/asking'
import type { CoverPlace } from '../../core/cover/pantry'
import { questionAt } from '../../core/cover/scene'
import type { ItemId, KitId, MemberId, PlaceId } from '../../core/ids'
import { keepInAddress } from '../../ui/keepInAddress'
import { type InAddress, idsAsText, idsIn } from '../../ui/useKept'
import type { Cover } from './useCover'

interface WhatIf {
  readonly placeId: PlaceId | null
  /** Kits of the place that are taken away, and of others that are brought along. */
  readonly toggledKits: ReadonlySet<string>
  /** Those usually there who are not, and others who are. */
  readonly toggledMembers: ReadonlySet<string>
  readonly without: ReadonlySet<string>
  readonly date: PlainDate
  readonly days: number
}

/** The longest stay that is asked about. */
export const MOST_DAYS = 60

/** How many days an address asks about; one where it says nothing or nonsense. */
export function daysIn(text: string | undefined): number {
  const days = Number(text)
  return Number.isInteger(days) && days >= 1 && days <= MOST_DAYS ? days : 1
}

const toggled = (set: ReadonlySet<string>, id: string): ReadonlySet<string> => {
  const next = new Set(set)
  if (!next.delete(id)) next.add(id)
  return next
}

export function useQuestion({ view, laid }: Cover, chosenPlace: string | null, address: InAddress) {
  const asIs: WhatIf = {
    placeId: (view.places.find(({ id }) => id === chosenPlace) ?? view.places[0])?.id ?? null,
    toggledKits: new Set(),
    toggledMembers: new Set(),
    without: new Set(),
    date: view.today,
    days: 1,
  }
  const [asked, setAsked] = useState<WhatIf>(() => ({
    placeId: view.places.find(({ id }) => id === address.at)?.id ?? asIs.placeId,
    toggledKits: idsIn(address.kits),
    toggledMembers: idsIn(address.who),
    without: idsIn(address.without),
    date: address.on && isPlainDate(address.on) ? address.on : view.today,
    days: daysIn(address.days),
  }))
  useEffect(() => {
    keepInAddress({
      at: asked.placeId === asIs.placeId ? null : asked.placeId,
      kits: idsAsText(asked.toggledKits),
      who: idsAsText(asked.toggledMembers),
      without: idsAsText(asked.without),
      on: asked.date === view.today ? null : asked.date,
      days: asked.days === 1 ? null : String(asked.days),
    })
  }, [asked, asIs.placeId, view.today])
  const place: CoverPlace | null = view.places.find(({ id }) => id === asked.placeId) ?? null
  const question = useMemo((): Question | null => {
    if (!place) return null
    const usual = questionAt(laid.stock, place, asked.date)
    const members = new Set<MemberId>(
      view.members
        .map(({ id }) => id)
        .filter((id) => usual.members.has(id) !== asked.toggledMembers.has(id)),
    )
    const kits = laid.stock.kits.filter(
      ({ id }) => usual.kits.has(id) !== asked.toggledKits.has(id),
    )
    return {
      ...usual,
      kits: new Set<KitId>(kits.map(({ id }) => id)),
      members,
      skills: skillsAmong(laid.stock.members, members, asked.date),
      without: new Set([...asked.without] as ItemId[]),
      days: asked.days,
    }
  }, [asked, place, view, laid])
  return {
    asked,
    place,
    question,
    isChanged:
      asked.toggledKits.size + asked.toggledMembers.size + asked.without.size > 0 ||
      asked.date !== view.today ||
      asked.days !== 1,
    set: (change: Partial<WhatIf>) => setAsked((now) => ({ ...now, ...change })),
    toggleKit: (id: string) =>
      setAsked((now) => ({ ...now, toggledKits: toggled(now.toggledKits, id) })),
    toggleMember: (id: string) =>
      setAsked((now) => ({ ...now, toggledMembers: toggled(now.toggledMembers, id) })),
    toggleItem: (id: string) => setAsked((now) => ({ ...now, without: toggled(now.without, id) })),
    reset: () => setAsked((now) => ({ ...asIs, placeId: now.placeId })),
  }
}
export type Asked = ReturnType<typeof useQuestion>
