/** What a mat shows: pockets, lines and tags. */
import type { z } from 'zod'
import type * as kits from '../../../contract/values/kits'
import type * as places from '../../../contract/values/places'
import type { Amount } from '../../../core/quantity/amount'

export type Kit = z.infer<typeof kits.kitValue>

export type PocketOnMat = Kit['pockets'][number]

export type LineOnMat = PocketOnMat['lines'][number]

export type TagOnMat = LineOnMat['tags'][number]

export type PocketRef = z.infer<typeof places.pocketRef>

/** What is picked on the mat: a lot where it lies, or a bare par. */
export interface Picked {
  readonly pocketId: string
  readonly itemId: string
  readonly lotId: string | null
}

/** The mat once a target is another: before the server has judged the line again. */
export const withPar =
  (pocketId: string, itemId: string, par: Amount) =>
  (kit: Kit): Kit => ({
    ...kit,
    pockets: kit.pockets.map((pocket) =>
      pocket.id === pocketId
        ? {
            ...pocket,
            lines: pocket.lines.map((line) => (line.item.id === itemId ? { ...line, par } : line)),
          }
        : pocket,
    ),
  })
