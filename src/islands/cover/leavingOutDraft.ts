/** Why a need is not kept ready at a place, and what that asks for. */
import { leaveOutNeed } from '../../contract/cover'
import type { MemberId, PlaceId } from '../../core/ids'
import { act, type FormReading, faultsIn, missing } from '../../ui/formReading'

export type LeavingOutDraft = { readonly reason: string; readonly memberId: MemberId | null }

export const readLeavingOut = (
  { reason, memberId }: LeavingOutDraft,
  params: { readonly placeId: PlaceId; readonly needId: string },
): FormReading<LeavingOutDraft, typeof leaveOutNeed> =>
  faultsIn<LeavingOutDraft>({ reason: missing(reason) }) ??
  act(leaveOutNeed, { params, body: { reason, memberId } })
