/** A picture as it is sent, a data URL that the contract has checked, as type and bytes. */
export interface Picture {
  readonly type: string
  readonly bytes: Buffer
}

const DATA_URL = /^data:([^;]+);base64,(.+)$/

/** Null for none: the picture is taken away. */
export function pictureOf(dataUrl: string | null): Picture | null {
  if (dataUrl === null) return null
  const [, type = '', base64 = ''] = DATA_URL.exec(dataUrl) ?? []
  return { type, bytes: Buffer.from(base64, 'base64') }
}
