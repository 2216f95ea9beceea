/** What of a saved household is there again. */
export interface BroughtBack {
  readonly household: string
  readonly places: number
  readonly kits: number
  readonly lots: number
  readonly acts: number
  readonly pictures: number
}
