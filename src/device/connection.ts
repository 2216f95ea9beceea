/** Whether the server answers, or what is shown comes from what the device has kept. */
import { KEPT_AT } from './kept'

export type Connection =
  | { readonly kind: 'there' }
  /** Shown as it was kept at that time (ISO); null when nobody knows. */
  | { readonly kind: 'away'; readonly keptAt: string | null }

const THERE: Connection = { kind: 'there' }
let now: Connection = THERE
const listeners = new Set<() => void>()

function become(next: Connection): void {
  if (next.kind === now.kind && (next.kind === 'there' || next.keptAt === keptAtOf(now))) return
  now = next
  for (const listener of listeners) listener()
}

const keptAtOf = (connection: Connection): string | null =>
  connection.kind === 'away' ? connection.keptAt : null

/** Every answer tells whether the server was there. */
export function noteAnswer(response: Response): void {
  const keptAt = response.headers.get(KEPT_AT)
  become(keptAt ? { kind: 'away', keptAt } : THERE)
}
export const noteSilence = (): void => become({ kind: 'away', keptAt: keptAtOf(now) })

export const connection = (): Connection => now
export const connectionAtFirst = (): Connection => THERE

export function onConnection(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}
