/** A saved household on its way back: the file itself is sent, without a form around it. */
import type { BroughtBack } from '../core/household/broughtBack'
import { answerIn, ProblemError } from './call'

/** Where it is saved from and sent to. */
export const WHOLE_PATH = '/api/everything.zip'

/** No answer came, or nobody waited for it: whether it was done is not known. */
export class BrokenOffError extends Error {
  override readonly name = 'BrokenOffError'
}

/**
 * @throws {BrokenOffError} when nothing came back, or it was stopped
 * @throws {ProblemError} when it was refused; nothing was brought in then
 */
export async function sendWhole(file: Blob, signal: AbortSignal): Promise<BroughtBack> {
  try {
    return await answerIn(
      await fetch(WHOLE_PATH, {
        method: 'POST',
        headers: { 'content-type': 'application/zip' },
        body: file,
        signal,
      }),
    )
  } catch (error) {
    if (error instanceof ProblemError) throw error
    throw new BrokenOffError('No answer')
  }
}
