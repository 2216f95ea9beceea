/** Letters to the people who have accounts. */

export interface Letter {
  readonly to: string
  readonly subject: string
  /** Plain text. */
  readonly text: string
}

/** What carries letters: a mail server, or the folder that stands in for one. */
export interface Letters {
  /** Letters are written into this folder and go nowhere; null where they are sent. */
  readonly folder: string | null
  /** @throws {LetterNotSentError} */
  send(letter: Letter): Promise<void>
}

export class LetterNotSentError extends Error {
  override readonly name = 'LetterNotSentError'
}
