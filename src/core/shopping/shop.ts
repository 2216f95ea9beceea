/** What a shop that takes orders can be asked; a made-up one ships with the application. */
import type { PlainDate, Weekday } from '../calendar/plainDate'

/** A thing as a shop knows it: by the number of its catalogue entry. */
export type ArticleId = string

export interface Quote {
  readonly units: number
  readonly priceMinor: number
  /** Days from ordering today until it is here. */
  readonly leadDays: number
  readonly availability: Availability
}

export type Availability =
  | { readonly kind: 'in_stock' }
  | { readonly kind: 'few'; readonly packs: number }
  | { readonly kind: 'none' }

export interface OrderLine {
  readonly article: ArticleId
  readonly packs: number
}

/** What becomes of so many packs of a line. */
export type Fate =
  | { readonly kind: 'comes'; readonly packs: number; readonly on: PlainDate }
  | { readonly kind: 'back_ordered'; readonly packs: number; readonly on: PlainDate }
  /** The shop will not have it. */
  | { readonly kind: 'refused'; readonly packs: number }

/** Line by line, in the order in which they were asked; the packs of each line add up. */
export type Fates = readonly (readonly Fate[])[]

export interface Confirmation {
  /** By which the shop knows the order. */
  readonly reference: string
  readonly fates: Fates
}

/** How an order that was promised for a day stands. */
export type Delivery =
  | { readonly kind: 'here' }
  | { readonly kind: 'later'; readonly on: PlainDate }
  | { readonly kind: 'cancelled' }

/** Packs of an order that were promised for a day. */
export interface Promised {
  readonly article: ArticleId
  readonly dueOn: PlainDate
  readonly backOrdered: boolean
}

/** A shop may not answer; what is asked of it is then asked again later. */
export class ShopSilentError extends Error {
  override readonly name = 'ShopSilentError'
  constructor(readonly shop: string) {
    super(`${shop} does not answer`)
  }
}

export interface Shop {
  readonly name: string
  readonly deliversOn: readonly Weekday[]
  /** Made up: nothing is ordered or paid for real, and the screen says so. */
  readonly isStandIn: boolean
  /**
   * Its price list for articles on a day; null for what it does not sell.
   * @throws {ShopSilentError}
   */
  quote(articles: readonly ArticleId[], today: PlainDate): Promise<readonly (Quote | null)[]>
  /**
   * Orders once, however often it is sent under one key.
   * @throws {ShopSilentError}
   */
  order(key: string, lines: readonly OrderLine[], today: PlainDate): Promise<Confirmation>
  /**
   * How what was promised stands on a day.
   * @throws {ShopSilentError}
   */
  track(
    reference: string,
    promised: readonly Promised[],
    today: PlainDate,
  ): Promise<readonly Delivery[]>
}
