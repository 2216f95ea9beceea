/** What every act is asked with. */

export interface Keyed {
  readonly key: string
}

export interface Seen extends Keyed {
  readonly seenVersion: number
}
