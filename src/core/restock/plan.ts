/** What is decided: carried, bought, put away, taken out; days are counted from today. */

/** So much of a lot goes from one place to another. */
export interface Carry {
  readonly shelf: number
  readonly line: number
  readonly amount: number
  /** Taken along on the visit of this day… */
  readonly takeOn: number
  /** …and put there on this one. */
  readonly putOn: number
}

/** Packs that must be here by a day. */
export interface Buy {
  readonly offer: number
  readonly packs: number
  readonly by: number
}

/** So many of what was bought by a day go onto a line. */
export interface Put {
  readonly thing: number
  readonly line: number
  readonly amount: number
  readonly boughtBy: number
  readonly putOn: number
}

export interface Decisions {
  readonly carries: readonly Carry[]
  readonly buys: readonly Buy[]
  readonly puts: readonly Put[]
}

export const NO_DECISIONS: Decisions = { carries: [], buys: [], puts: [] }
