/** Serves a file (a list, a PDF) to a signed-in caller. */
import type { APIRoute } from 'astro'
import { Refusal } from '../app/refusal'
import type { Caller, World } from '../app/world'
import { problemOf } from './problem'
import { runtime } from './runtime'

export interface ServedFile {
  readonly name: string
  readonly type: string
  readonly body: string | Uint8Array
  /** Shown in the browser rather than saved. */
  readonly inline?: boolean
}

export interface FileCall {
  readonly world: World
  readonly caller: Caller
  readonly params: Readonly<Record<string, string | undefined>>
  readonly url: URL
}

export const serveFile =
  (make: (call: FileCall) => Promise<ServedFile>): APIRoute =>
  async ({ locals: { caller }, params, url }) => {
    try {
      if (!caller) throw new Refusal({ code: 'not_signed_in' })
      const { name, type, body, inline } = await make({
        world: runtime().world,
        caller,
        params,
        url,
      })
      return new Response(body as BodyInit, { headers: fileHeaders(name, type, inline) })
    } catch (error) {
      return problemOf(error)
    }
  }

/** @param name as it is saved; browsers that cannot write it take the plain letters of it */
export function fileHeaders(name: string, type: string, inline = false): Record<string, string> {
  const plain = name.normalize('NFKD').replace(/[^\x20-\x7e]|["\\]/g, '')
  return {
    'content-type': type,
    'cache-control': 'no-store',
    'content-disposition': `${inline ? 'inline' : 'attachment'}; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name)}`,
  }
}

/** A name that people gave, without what no disk takes in a file's name. */
export const plainFileName = (name: string): string =>
  name
    .replace(/[\p{Cc}\\/:*?"<>|]/gu, ' ')
    .replace(/ +/g, ' ')
    .trim()
    .slice(0, 80)
