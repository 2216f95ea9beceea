/** What every act is asked with. */

export interface Keyed {
  /** The idempotency key of an act; "" for everything else. */
  readonly key: string
}

export interface Seen extends Keyed {
  readonly seenVersion: number
}
