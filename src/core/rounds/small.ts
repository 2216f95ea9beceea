/** Small rounds: one pocket, while somebody is there anyway. */
import type { LotId, PocketId } from '../ids'
import type { Confirmation } from '../trust/certainty'
import { type Look, nextLooks } from '../trust/nextLook'
import type { Survey } from '../watch/survey'
import { contentsOf, type RoundPocket, type Sighting } from './contents'
import { type Speed, secondsFor } from './duration'
import { SMALL_ROUND_SECONDS } from './pace'

export interface SmallRound {
  readonly look: Look
  readonly pocket: RoundPocket
  readonly seconds: number
}

/** Not worth taking a kit out for less. */
const LEAST_GAIN = 0.5

/**
 * The pocket of each place where a short look makes the record surer by most, where somebody
 * is there today.
 * @param without pockets that are due anyway
 */
export function smallRounds(
  survey: Survey,
  confirmations: ReadonlyMap<string, Confirmation>,
  sightings: ReadonlyMap<LotId, Sighting>,
  speed: Speed,
  without: ReadonlySet<PocketId>,
): readonly SmallRound[] {
  const taken = new Set<string>()
  return nextLooks(survey, confirmations).flatMap((look): SmallRound[] => {
    const { site, next, gain } = look
    if (next.kind !== 'now' || gain < LEAST_GAIN) return []
    if (without.has(site.pocket.id) || taken.has(site.place.id)) return []
    const { pockets } = contentsOf(survey, site.kit, site.place, confirmations, sightings)
    const pocket = pockets.find(({ id }) => id === site.pocket.id)
    if (!pocket) return []
    const seconds = secondsFor([pocket], speed, survey.today)
    if (seconds > SMALL_ROUND_SECONDS) return []
    taken.add(site.place.id)
    return [{ look, pocket, seconds }]
  })
}
