/** Seals values with a key that the device holds only while somebody is signed in (AES-GCM). */

export interface Sealed {
  readonly iv: Uint8Array<ArrayBuffer>
  readonly data: ArrayBuffer
}

const ALGORITHM = 'AES-GCM'

/** @param base64 32 bytes; the key cannot be read back out of the device */
export async function importKey(base64: string): Promise<CryptoKey> {
  const bytes = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0))
  return crypto.subtle.importKey('raw', bytes, ALGORITHM, false, ['encrypt', 'decrypt'])
}

export async function seal(key: CryptoKey, value: unknown): Promise<Sealed> {
  const iv = crypto.getRandomValues(new Uint8Array(12))
  const bytes = new TextEncoder().encode(JSON.stringify(value))
  return { iv, data: await crypto.subtle.encrypt({ name: ALGORITHM, iv }, key, bytes) }
}

/** @throws {DOMException} when it was sealed with another key or has been changed */
export async function unseal<T>(key: CryptoKey, { iv, data }: Sealed): Promise<T> {
  const bytes = await crypto.subtle.decrypt({ name: ALGORITHM, iv }, key, data)
  return JSON.parse(new TextDecoder().decode(bytes)) as T
}
