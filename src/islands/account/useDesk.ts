/** Account work: one at a time, with what came of it said where it was asked. */
import { useState } from 'react'
import { OfflineError, ProblemError } from '../../device/call'
import { NoPasskeyError } from '../../device/passkey'
import { BrokenOffError } from '../../device/whole'
import * as words from '../../words'

export interface Desk {
  readonly busy: boolean
  /** What came of the last work; null before it, and while new work is under way. */
  readonly said: { readonly tone: 'done' | 'problem'; readonly text: string } | null
  /** @returns what the work gave; null when it was refused, which is said */
  work<T>(ask: () => Promise<T>, done?: (given: T) => string): Promise<T | null>
}

export function useDesk(): Desk {
  const [busy, setBusy] = useState(false)
  const [said, setSaid] = useState<Desk['said']>(null)
  return {
    busy,
    said,
    async work(ask, done) {
      setBusy(true)
      setSaid(null)
      try {
        const given = await ask()
        if (done) setSaid({ tone: 'done', text: done(given) })
        return given
      } catch (error) {
        setSaid({ tone: 'problem', text: problemText(error) })
        return null
      } finally {
        setBusy(false)
      }
    },
  }
}

function problemText(error: unknown): string {
  if (error instanceof ProblemError) return error.message
  if (error instanceof OfflineError) return words.account.noConnection
  if (error instanceof BrokenOffError) return words.whole.brokenOff
  if (error instanceof NoPasskeyError) return words.account.noPasskey
  throw error
}
