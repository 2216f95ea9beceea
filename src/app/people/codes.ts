/** Codes that are read aloud: they follow from the server's secret, so that no record holds one. */
import { createHmac } from 'node:crypto'
import { CODE_LENGTH, invitationCode } from '../../core/people/invitation'

/** @param of what it opens, such as "evening 3f…": the same again is the same code */
export function codeFrom(secret: string, of: string): string {
  const bytes = createHmac('sha256', secret).update(of).digest()
  return invitationCode(
    Array.from({ length: CODE_LENGTH }, (_, at) => bytes.readUInt16BE(2 * at) / 65_536),
  )
}
