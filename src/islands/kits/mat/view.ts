/** What a mat shows: pockets, lines and tags. */
import type { z } from 'zod'
import type * as kits from '../../../contract/values/kits'
import type * as places from '../../../contract/values/places'

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
