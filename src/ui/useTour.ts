/** The card of the tour, fetched only where this tab is on one. */
import { useEffect, useState } from 'react'
import type { Tour } from './Tour'
import { tourStop } from './tourStop'

type Card = typeof Tour

/** Null where no tour goes on. */
export function useTour(): Card | null {
  const [card, setCard] = useState<Card | null>(null)
  useEffect(() => {
    if (tourStop() !== null) void import('./Tour').then((file) => setCard(() => file.Tour))
  }, [])
  return card
}
