/** Needs that the keeper does not keep ready at a place: said once, with a reason, and left out of every judgement. */
import type { MemberId, PlaceId } from '../ids'
import type { LeftOut } from './pantry'

const PREFIX = 'need:'

/** Under which a place's list keeps the decision about a need, beside those about its lines. */
export const leftOutKey = (needId: string, memberId: MemberId | null): string =>
  `${PREFIX}${needId}${memberId === null ? '' : `@${memberId}`}`

/** What was decided about needs, among everything that was decided about lists. */
export const leftOutOf = (
  decisions: readonly { readonly placeId: PlaceId; readonly key: string; readonly note: string }[],
): readonly LeftOut[] =>
  decisions.flatMap(({ placeId, key, note }) => {
    if (!key.startsWith(PREFIX)) return []
    const [needId = '', memberId = null] = key.slice(PREFIX.length).split('@')
    return [{ placeId, needId, memberId: memberId as MemberId | null, reason: note }]
  })
