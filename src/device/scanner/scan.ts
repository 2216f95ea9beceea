/** Looks for a code in picture after picture. */
import type { FrameSource } from './frames'

/** Decodes; the one that ships runs in a worker. */
export type ReadPicture = (picture: ImageData | Blob) => Promise<readonly string[]>

/** A camera gives pictures faster than they can be read. */
const PAUSE_MILLISECONDS = 120

/**
 * The first code that is seen; null when it was stopped, or when so many pictures showed none.
 * @param most pictures that are looked at; a camera goes on until it is stopped
 */
export async function firstCode(
  source: FrameSource,
  read: ReadPicture,
  stop: AbortSignal,
  most = Number.POSITIVE_INFINITY,
): Promise<string | null> {
  try {
    for (let looked = 0; looked < most && !stop.aborted; looked++) {
      const picture = await source.next()
      const [code] = picture ? await read(picture) : []
      if (stop.aborted) return null
      if (code !== undefined) return code
      if (looked + 1 < most) await new Promise((resolve) => setTimeout(resolve, PAUSE_MILLISECONDS))
    }
    return null
  } finally {
    source.stop()
  }
}
