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
      const plain = name.normalize('NFKD').replace(/[^\x20-\x7e]/g, '')
      return new Response(body as BodyInit, {
        headers: {
          'content-type': type,
          'cache-control': 'no-store',
          'content-disposition': `${inline ? 'inline' : 'attachment'}; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name)}`,
        },
      })
    } catch (error) {
      return problemOf(error)
    }
  }
