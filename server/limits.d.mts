import type { IncomingMessage } from 'node:http'

type Asked = Pick<IncomingMessage, 'headers'> & {
  readonly socket: { readonly remoteAddress?: string }
}

export declare function limitsFrom(
  env: Readonly<Record<string, string | undefined>>,
  port: number,
): {
  readonly home: string
  isOurs(request: Asked): boolean
  peerOf(request: Asked): string
}
