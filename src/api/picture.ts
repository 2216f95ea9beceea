/**
 * A picture as it is sent, a data URL that the contract has checked, as type and bytes. It is
 * decoded and written anew: what only claims to be a picture is refused, and where and with what
 * it was taken (EXIF, XMP, IPTC) does not stay in the record.
 */
import sharp from 'sharp'
import { Refusal } from '../app/frame/refusal'
import type { ServedFile } from './handler'

/** A picture that is kept, as it is shown. */
export const pictureFile = (name: string, { type, bytes }: Picture): ServedFile => ({
  name,
  type,
  inline: true,
  body: bytes,
})

export interface Picture {
  readonly type: string
  readonly bytes: Buffer
}

const DATA_URL = /^data:image\/([^;]+);base64,(.+)$/
/** A small file may unfold into gigabytes. */
const MOST_PIXELS = 50_000_000

/**
 * Null for none: the picture is taken away.
 * @throws {Refusal} `not_a_picture`
 */
export async function pictureOf(dataUrl: string | null): Promise<Picture | null> {
  if (dataUrl === null) return null
  const [, declared = '', base64 = ''] = DATA_URL.exec(dataUrl) ?? []
  const picture = sharp(Buffer.from(base64, 'base64'), { limitInputPixels: MOST_PIXELS })
  try {
    const { format } = await picture.metadata()
    if (format !== declared) throw new Refusal({ code: 'not_a_picture' })
    // Turned as the camera meant it; metadata are left behind.
    return { type: `image/${format}`, bytes: await picture.rotate().toFormat(format).toBuffer() }
  } catch {
    throw new Refusal({ code: 'not_a_picture' })
  }
}
