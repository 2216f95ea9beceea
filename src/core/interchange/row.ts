/** A row of a list. */

export interface Row {
  /** Line in the list as people count them, 1-based, headings included. */
  readonly line: number
  readonly cells: readonly string[]
}
