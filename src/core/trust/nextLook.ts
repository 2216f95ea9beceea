/** Which pocket to look at next: where a look makes the record surer by most. */
import { type NextThere, nextThere } from '../calendar/presence'
import type { LotId, PocketId } from '../ids'
import type { Site, Survey } from '../watch/survey'
import { type Confirmation, certainty } from './certainty'

export interface Look {
  readonly site: Site
  readonly next: NextThere
  /** Lots that lie there. */
  readonly lots: number
  /** How sure the record of the pocket is, 0 to 1. */
  readonly sure: number
  /** By how much a look raises it, essentials counted three times. */
  readonly gain: number
  readonly seconds: number
  /** The oldest confirmation of what lies there; null where something was never confirmed. */
  readonly oldest: Confirmation | null
}

const ESSENTIAL = 3
const SECONDS_A_POCKET = 20
const SECONDS_A_LOT = 8

export const confirmationKey = (lotId: LotId, pocketId: PocketId): string => `${lotId}/${pocketId}`

/** Pockets with something in them, the largest gain first. */
export function nextLooks(
  survey: Survey,
  confirmations: ReadonlyMap<string, Confirmation>,
): readonly Look[] {
  const looks = new Map<PocketId, Look & { readonly weight: number; readonly held: number }>()
  for (const { lot, item, site } of survey.holdings) {
    const confirmed = confirmations.get(confirmationKey(lot.id, site.pocket.id)) ?? null
    const sure = certainty(item, site, confirmed, survey.today)
    const weight = item.essential ? ESSENTIAL : 1
    const known = looks.get(site.pocket.id)
    looks.set(site.pocket.id, {
      site,
      next: known?.next ?? nextThere(site.place.presence, survey.today),
      lots: (known?.lots ?? 0) + 1,
      gain: (known?.gain ?? 0) + weight * (1 - sure),
      weight: (known?.weight ?? 0) + weight,
      held: (known?.held ?? 0) + weight * sure,
      sure: 0,
      seconds:
        (known?.seconds ?? SECONDS_A_POCKET + (site.pocket.reachSeconds ?? 0)) + SECONDS_A_LOT,
      oldest: known ? older(known.oldest, confirmed) : confirmed,
    })
  }
  return [...looks.values()]
    .map(({ weight, held, ...look }) => ({ ...look, sure: held / weight }))
    .sort((a, b) => b.gain - a.gain || a.seconds - b.seconds)
}

const older = (a: Confirmation | null, b: Confirmation | null): Confirmation | null =>
  a === null || b === null ? null : a.on <= b.on ? a : b
