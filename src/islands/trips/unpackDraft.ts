/** What comes back of a trip as its form has it: everything as packed, until somebody says otherwise. */
import { unpackTrip } from '../../contract/trips'
import { type Amount, less, NOTHING } from '../../core/quantity/amount'
import { readAmount } from '../../core/quantity/readAmount'
import type { TripSaid } from '../../core/trips/trip'
import { act, type FormReading, faultsIn } from '../../ui/formReading'
import * as words from '../../words'
import type { TripLine, TripView } from './view'

const unpackWords = words.trips.unpack

export const OUTCOMES = ['as_packed', 'used', 'lost', 'opened', 'damp', 'given'] as const
export type Outcome = (typeof OUTCOMES)[number]

export interface LineDraft {
  readonly outcome: Outcome
  /** Of what is in the bag: used, lost or given away; the rest comes back. */
  readonly count: string
}

export type UnpackDraft = {
  /** By the id of their line; what is not in it comes back as packed. */
  readonly lines: Readonly<Record<string, LineDraft>>
  readonly missed: string
  readonly cursed: string
  /** What one of them says for themselves, in the order in which they were asked. */
  readonly said: readonly TripSaid[]
}

export const EMPTY_UNPACKING: UnpackDraft = { lines: {}, missed: '', cursed: '', said: [] }

/** Lines of which something was packed and not put back. */
export const toUnpack = ({ lines }: Pick<TripView, 'lines'>): readonly TripLine[] =>
  lines.filter(({ state }) => state === 'packed')

/** Whether a part of it can have become something else than the rest. */
export const isCounted = (outcome: Outcome): boolean =>
  outcome === 'used' || outcome === 'lost' || outcome === 'given'

/** As many as that, or all that are there where nobody says how many. */
function countOf({ outcome, count }: LineDraft, there: Amount): Amount | null {
  if (!isCounted(outcome)) return NOTHING
  if (count.trim() === '') return there
  const read = readAmount(count)
  return read.kind === 'read' && read.amount <= there ? read.amount : null
}

export function lineFault(draft: LineDraft, { there, unit }: TripLine): string | undefined {
  return countOf(draft, there) === null ? unpackWords.wrong(there, unit) : undefined
}

export function readUnpackDraft(
  draft: UnpackDraft,
  view: Pick<TripView, 'lines' | 'trip'>,
): FormReading<UnpackDraft, typeof unpackTrip> {
  const lines = toUnpack(view)
  const said = ({ id }: TripLine): LineDraft =>
    draft.lines[id] ?? { outcome: 'as_packed', count: '' }
  const faults = faultsIn<UnpackDraft>({
    lines: lines.map((line) => lineFault(said(line), line)).find(Boolean),
  })
  if (faults) return faults
  return act(unpackTrip, {
    params: { tripId: view.trip.id },
    body: {
      lines: lines.map((line) => {
        const { outcome } = said(line)
        const gone = countOf(said(line), line.there) ?? NOTHING
        return {
          lineId: line.id,
          back: less(line.there, gone),
          used: outcome === 'used' ? gone : NOTHING,
          lost: outcome === 'lost' ? gone : NOTHING,
          given: outcome === 'given' ? gone : NOTHING,
          state: outcome === 'opened' || outcome === 'damp' ? outcome : 'as_packed',
        }
      }),
      missed: draft.missed.trim(),
      cursed: draft.cursed.trim(),
      said: draft.said
        .map(({ memberId, missed, cursed }) => ({
          memberId,
          missed: missed.trim(),
          cursed: cursed.trim(),
        }))
        .filter(({ missed, cursed }) => missed + cursed !== ''),
    },
  })
}
