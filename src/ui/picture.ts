/** Makes a picture small enough to be kept, in the browser, before it is sent. */

/** The contract takes no longer data URL. */
const MOST_CHARACTERS = 800_000
const QUALITIES = [0.85, 0.7, 0.5] as const

/**
 * A JPEG as a data URL whose longer edge is at most so many pixels.
 * @throws when the file is no picture, or cannot be made small enough
 */
export async function shrunkPicture(file: File, edge: number): Promise<string> {
  const picture = await createImageBitmap(file)
  const scale = Math.min(1, edge / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  for (const quality of QUALITIES) {
    const url = canvas.toDataURL('image/jpeg', quality)
    if (url.length <= MOST_CHARACTERS) return url
  }
  throw new RangeError('The picture stays too large')
}
