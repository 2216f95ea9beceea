/** How far a keeper lets a kit speak for itself to whoever opens it. */

/** This kit alone, or every kit at its place. */
export const LID_SHOWS = ['kit', 'place'] as const
export type LidShows = (typeof LID_SHOWS)[number]
