/** Ids of the household's records. Each is a UUID that cannot be handed in for another's. */
import type { Brand } from './brand'

export type HouseholdId = Brand<string, 'HouseholdId'>
export type MemberId = Brand<string, 'MemberId'>
export type PlaceId = Brand<string, 'PlaceId'>
export type VisitId = Brand<string, 'VisitId'>
export type KitId = Brand<string, 'KitId'>
export type PocketId = Brand<string, 'PocketId'>
export type ItemId = Brand<string, 'ItemId'>
export type WeighingId = Brand<string, 'WeighingId'>
export type CourseId = Brand<string, 'CourseId'>
export type LotId = Brand<string, 'LotId'>
export type ShopOfferId = Brand<string, 'ShopOfferId'>
export type WishId = Brand<string, 'WishId'>
export type PurchaseId = Brand<string, 'PurchaseId'>
export type ShopOrderId = Brand<string, 'ShopOrderId'>
export type TripId = Brand<string, 'TripId'>
export type StopId = Brand<string, 'StopId'>
export type TripLineId = Brand<string, 'TripLineId'>
export type TemperatureLogId = Brand<string, 'TemperatureLogId'>
export type PersonId = Brand<string, 'PersonId'>
export type EveningId = Brand<string, 'EveningId'>
export type LidCodeId = Brand<string, 'LidCodeId'>
export type InvitationId = Brand<string, 'InvitationId'>
export type ActId = Brand<string, 'ActId'>
export type MovementId = Brand<string, 'MovementId'>

const uuidShape = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/

/** Refused by {@link id}: the text is not a UUID. */
export class InvalidIdError extends Error {
  override readonly name = 'InvalidIdError'
}

/**
 * Reads a UUID as the id that the context asks for.
 * @throws {InvalidIdError} when the text is no lower-case UUID
 * @example const lot: LotId = id('6f9619ff-8b86-4d01-b42d-00cf4fc964ff')
 */
export function id<Id extends Brand<string, string>>(text: string): Id {
  if (!uuidShape.test(text)) throw new InvalidIdError(`"${text}" is not an id`)
  return text as Id
}
