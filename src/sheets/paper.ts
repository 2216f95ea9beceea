/** The papers a sheet is made for. */
export const PAPER_SIZES = ['A4', 'A5', 'LETTER'] as const
export type PaperSize = (typeof PAPER_SIZES)[number]

/** The paper asked for; A4 when it is none of ours. */
export const paperSize = (asked: string | null | undefined): PaperSize =>
  PAPER_SIZES.find((size) => size === asked?.toUpperCase()) ?? 'A4'
