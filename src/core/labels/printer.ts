/** What is asked of a label printer, whoever made it. */
export interface LabelPrinter {
  readonly name: string
  /** It is made up, and the screen says so. */
  readonly isStandIn: boolean
  /** Labels that are left on its roll. */
  left(household: string): Promise<number>
  /**
   * Prints a PDF of one label a page.
   * @param labels so many pages it has
   * @returns how many came out: fewer where the roll ran out
   */
  print(
    household: string,
    labels: number,
    pdf: Uint8Array,
  ): Promise<{ readonly printed: number; readonly left: number }>
  /** Somebody has put in a new roll. @returns labels on it */
  newRoll(household: string): Promise<number>
}
