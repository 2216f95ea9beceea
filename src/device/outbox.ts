/**
 * Acts that wait to be sent. Each is written down before anything else happens, so that neither
 * a closed page nor a server that goes away loses it; each is sent under a key of its own, so
 * that it is done once however often it arrives; they are sent one after the other, by one
 * window at a time.
 */
import type { Endpoint } from '../contract/endpoint'
import { type Asked, householdHere, OfflineError, ProblemError, request } from './call'
import { seal, unseal } from './seal'
import { store } from './store'
import type { DeviceTables, Holder, WaitingRow, WaitingState } from './tables'
import { isFull, noteUnkept } from './unkept'

/** An act as it is kept: with what its endpoint says of waiting, so that nobody has to know it by its address. */
export interface Kept {
  readonly method: Endpoint['method']
  readonly path: Endpoint['path']
  readonly offline: Endpoint['offline']
  readonly asked: { readonly params?: unknown; readonly body?: unknown }
  /** The household it was done in; absent where it was written down before there were several. */
  readonly household?: string | undefined
  /** What it is, in words, for the list of what waits. */
  readonly title: string
  /** Why it was not taken; null while it may be. */
  readonly problem: { readonly title: string; readonly detail: string } | null
}

export interface Waiting extends Kept {
  readonly seq: number
  readonly key: string
  readonly state: WaitingState
  readonly takenAt: number
}

/** Nobody is signed in on this device, as far as it knows. */
export class NoHolderError extends Error {
  override readonly name = 'NoHolderError'
}

export const holder = async (): Promise<Holder | undefined> => (await store()).holder.get('me')

async function mustHaveHolder(): Promise<Holder> {
  const known = await holder()
  if (!known) throw new NoHolderError('Sign in once with a connection')
  return known
}

/**
 * Writes an act down. When this returns, it will be sent. On a device without room it is sent at
 * once instead, under the same key.
 * @throws {DeviceFullError} where that is not possible either; the screen says so
 * @param key the idempotency key; the same key is kept once
 */
export async function keepAct<E extends Endpoint>(
  endpoint: E,
  asked: Asked<E>,
  {
    key,
    title,
    takenAt = Date.now(),
  }: {
    readonly key: string
    readonly title: string
    /** When it was done, where that was not now. */
    readonly takenAt?: number
  },
): Promise<void> {
  const { userId, householdId, key: sealing } = await mustHaveHolder()
  const kept: Kept = {
    method: endpoint.method,
    path: endpoint.path,
    offline: endpoint.offline,
    asked: asked as Kept['asked'],
    // A page that stands by without a connection says none: then it is the one that is kept here.
    household: householdHere() || householdId,
    title,
    problem: null,
  }
  const row: WaitingRow = {
    key,
    userId,
    state: 'waiting',
    takenAt,
    sealed: await seal(sealing, kept),
  }
  const { waiting } = await store()
  await waiting.add(row).catch(async (error: unknown) => {
    if (isFull(error)) await sendUnkept(kept, key, takenAt)
    else if ((error as Error).name !== 'ConstraintError') throw error
  })
}

const meantFor = ({ household }: Kept) => (household === undefined ? {} : { household })

async function sendUnkept(kept: Kept, key: string, takenAt: number): Promise<void> {
  try {
    await request(kept, kept.asked, {
      key,
      takenAgo: Math.max(0, Date.now() - takenAt),
      ...meantFor(kept),
    })
  } catch (error) {
    if (error instanceof OfflineError) throw noteUnkept(kept.title, null)
    if (error instanceof ProblemError)
      throw noteUnkept(kept.title, { title: error.title, detail: error.message })
    throw error
  }
}

/** Everything of whoever is signed in here, in order; nothing when nobody is. */
export async function readWaiting(): Promise<readonly Waiting[]> {
  const { known, rows } = await rowsOfHolder(await store())
  return known ? allOpened(known, rows) : []
}

/** What was sealed with another key cannot be read any more, and is left out. */
async function allOpened(known: Holder, rows: readonly WaitingRow[]): Promise<readonly Waiting[]> {
  const all = await Promise.all(rows.map((row) => opened(known, row)))
  return all.filter((one) => one !== null)
}

async function opened({ key }: Holder, row: WaitingRow): Promise<Waiting | null> {
  const kept = await unseal<Kept>(key, row.sealed).catch(() => null)
  if (!kept) return null
  return { ...kept, seq: row.seq ?? 0, key: row.key, state: row.state, takenAt: row.takenAt }
}

/** Calls back now and whenever what waits changes, also in another window. */
export function watchWaiting(listener: (waiting: readonly Waiting[]) => void): () => void {
  let isLeft = false
  let stop = () => {}
  let latest = 0
  void import('./deviceStore').then(({ watch }) => {
    if (isLeft) return
    // Unsealing is not a database read, which what is watched may not wait for.
    stop = watch(rowsOfHolder, ({ known, rows }) => {
      latest += 1
      const mine = latest
      void (known ? allOpened(known, rows) : Promise.resolve([])).then((waiting) => {
        if (mine === latest && !isLeft) listener(waiting)
      })
    })
  })
  return () => {
    isLeft = true
    stop()
  }
}

/** Whoever is signed in here, and every act of theirs in order. */
async function rowsOfHolder(tables: DeviceTables): Promise<{
  readonly known: Holder | undefined
  readonly rows: readonly WaitingRow[]
}> {
  const known = await tables.holder.get('me')
  const rows = known
    ? await tables.waiting.filter(({ userId }) => userId === known.userId).sortBy('seq')
    : []
  return { known, rows }
}

export type SendingEnd = 'all_sent' | 'no_connection' | 'signed_out' | 'elsewhere'

/** Shorter waits are the ordinary way of a request. */
const LATE_MILLISECONDS = 3000

/** Sends what waits, in order, until it is sent or the server does not answer. */
export async function sendWaiting(): Promise<SendingEnd> {
  return navigator.locks.request('satchel-outbox', { ifAvailable: true }, async (lock) => {
    // Another window is at it.
    if (!lock) return 'elsewhere'
    const known = await holder()
    if (!known) return 'signed_out'
    const { waiting } = await store()
    await dropOld(waiting)
    for (;;) {
      const row = await waiting.where('[userId+state]').equals([known.userId, 'waiting']).first()
      if (!row) return 'all_sent'
      const end = await sendOne(known, row)
      if (end) return end
    }
  })
}

async function sendOne(known: Holder, row: WaitingRow): Promise<SendingEnd | null> {
  const kept = await unseal<Kept>(known.key, row.sealed).catch(() => null)
  if (!kept) {
    await settle(row, 'refused')
    return null
  }
  const ago = Date.now() - row.takenAt
  try {
    await request(kept, kept.asked, {
      key: row.key,
      takenAgo: ago > LATE_MILLISECONDS ? ago : 0,
      ...meantFor(kept),
    })
    // Shown from here until what the server shows contains it.
    if (kept.offline === 'device_first') await settle(row, 'sent')
    else await (await store()).waiting.delete(row.seq as number)
    return null
  } catch (error) {
    if (error instanceof OfflineError) return 'no_connection'
    const problem = error instanceof ProblemError ? error : CANNOT_BE_SENT
    if (COMES_BACK.has(problem.status)) return 'no_connection'
    if (problem.status === 401) return 'signed_out'
    // It will never be taken: it is set aside with its sentence, and what waits behind it goes on.
    const now = asItIsNow(kept, problem)
    const next: Kept = now ?? {
      ...kept,
      problem: { title: problem.title, detail: problem.message },
    }
    await (await store()).waiting.update(row.seq as number, {
      sealed: await seal(known.key, next),
      state: now ? 'waiting' : 'refused',
    })
    return null
  }
}

/** The server or its database is away, or asks to be left alone for a while. */
const COMES_BACK: ReadonlySet<number> = new Set([408, 425, 429, 502, 503, 504])

/** What is written down cannot be made into a request. */
const CANNOT_BE_SENT = new ProblemError(
  0,
  'cannot_be_sent',
  'This cannot be sent',
  'Do it again by hand, then take it off this list.',
  null,
)

const settle = async (row: WaitingRow, state: WaitingState): Promise<number> =>
  (await store()).waiting.update(row.seq as number, { state })

function asItIsNow(kept: Kept, error: ProblemError): Kept | null {
  const { version } = (error.facts ?? {}) as { version?: number }
  if (error.code !== 'changed_meanwhile' || version === undefined || kept.offline !== 'adds_up')
    return null
  return {
    ...kept,
    asked: { ...kept.asked, body: { ...(kept.asked.body as object), seenVersion: version } },
  }
}

const SENT_KEPT_MILLISECONDS = 7 * 86_400_000

/** Answers of rounds that nobody opened again. */
const dropOld = (waiting: DeviceTables['waiting']): Promise<number> =>
  waiting
    .filter(
      ({ state, takenAt }) => state === 'sent' && Date.now() - takenAt > SENT_KEPT_MILLISECONDS,
    )
    .delete()

/** Tries once more what was set aside, under the same key. */
export async function sendAgain(key: string): Promise<SendingEnd> {
  const known = await mustHaveHolder()
  const { waiting } = await store()
  const row = await waiting.where('key').equals(key).first()
  const kept = row && (await unseal<Kept>(known.key, row.sealed).catch(() => null))
  if (row && kept)
    await waiting.update(row.seq as number, {
      sealed: await seal(known.key, { ...kept, problem: null }),
      state: 'waiting',
    })
  return sendWaiting()
}

/** Takes acts off the list: those that were sent and are known to be in the record, or given up. */
export async function dropWaiting(keys: readonly string[]): Promise<void> {
  const { waiting } = await store()
  await waiting
    .where('key')
    .anyOf([...keys])
    .delete()
}
