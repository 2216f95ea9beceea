/**
 * What a sitter noted and no server has heard of yet. They have no account and no key, so it is kept as
 * plain text under the code of their evening, and is gone from the device once it has been sent.
 */
import type { z } from 'zod'
import { noteEvening } from '../contract/evenings'
import { call, OfflineError, ProblemError } from './call'

type Body = z.input<(typeof noteEvening)['body']>

export interface WaitingNote {
  readonly body: Body
  /** What it is, in words. */
  readonly title: string
  /** By the device's clock, in milliseconds. */
  readonly at: number
  /** Why it was not taken; null while it may be. */
  readonly problem: string | null
}

const keyOf = (code: string): string => `evening-notes-${code}`

export function waitingNotes(code: string): readonly WaitingNote[] {
  try {
    return JSON.parse(localStorage.getItem(keyOf(code)) ?? '[]')
  } catch {
    return []
  }
}

const keep = (code: string, notes: readonly WaitingNote[]): void =>
  notes.length === 0
    ? localStorage.removeItem(keyOf(code))
    : localStorage.setItem(keyOf(code), JSON.stringify(notes))

/** Written down before anything else happens. */
export const keepNote = (code: string, note: WaitingNote): void =>
  keep(code, [...waitingNotes(code), note])

export const dropNote = (code: string, entryId: string): void =>
  keep(
    code,
    waitingNotes(code).filter(({ body }) => body.entryId !== entryId),
  )

/** To be sent again as what it is: given, whatever speaks against it. */
export const insist = (code: string, entryId: string): void =>
  keep(
    code,
    waitingNotes(code).map((one) =>
      one.body.entryId === entryId ? { ...one, problem: null } : one,
    ),
  )

/** Shorter waits are the ordinary way of a request. */
const LATE_MILLISECONDS = 3000

/**
 * Sends what waits, in order. A note that is refused is set aside with the reason.
 * @returns whether anything was sent
 */
export async function sendNotes(code: string): Promise<boolean> {
  let sent = false
  for (const { body, at, problem } of waitingNotes(code)) {
    if (problem !== null) continue
    const ago = Date.now() - at
    try {
      await call(
        noteEvening,
        { params: { code }, body },
        { takenAgo: ago > LATE_MILLISECONDS ? ago : 0 },
      )
      dropNote(code, body.entryId)
      sent = true
    } catch (error) {
      if (error instanceof OfflineError) return sent
      if (!(error instanceof ProblemError)) throw error
      if (error.status === 429 || error.status >= 500) return sent
      keep(
        code,
        waitingNotes(code).map((one) =>
          one.body.entryId === body.entryId ? { ...one, problem: error.message } : one,
        ),
      )
    }
  }
  return sent
}
