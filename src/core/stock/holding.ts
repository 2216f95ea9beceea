/**
 * What starts on hold because of its own words: nobody knows what it is, or it was left over. It
 * stays on hold until somebody who can say so has said what it is and that it may be used.
 */
import { readName } from '../naming/readName'
import { READY, type Standing } from './lot'

export const HOLDING = ['unidentified', 'left_over'] as const
export type HoldingDoubt = (typeof HOLDING)[number]

/** As it stands on the lot; the keeper may write it in other words. */
const REASONS: Readonly<Record<HoldingDoubt, string>> = {
  unidentified: 'Not identified: find out what it is, or take it back to the pharmacy',
  left_over: 'Left over: ask the doctor, pharmacist or vet before anybody uses it',
}

/** The doubt that a thing's words raise; null when they raise none. */
export function doubtIn(...words: readonly string[]): HoldingDoubt | null {
  const { doubts } = readName(words.join(' ; '))
  return HOLDING.find((doubt) => doubts.has(doubt)) ?? null
}

export const standingFor = (doubt: HoldingDoubt | null): Standing =>
  doubt === null ? READY : { kind: 'held', reason: REASONS[doubt] }
