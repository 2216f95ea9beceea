/** A recall that somebody read elsewhere as the form has it, and what that asks for. */
import { writeRecall } from '../../../contract/restock'
import type { PlainDate } from '../../../core/calendar/plainDate'
import type { Batches } from '../../../core/recall/bulletin'
import { act, type FormReading, faultsIn, missing } from '../../../ui/formReading'
import { dayFault } from '../../../words/frame/forms'

export type RecallDraft = {
  readonly name: string
  readonly strength: string
  readonly batches: string
  readonly reason: string
  readonly advice: string
  readonly source: string
  readonly on: string
}

export const emptyRecall = (today: PlainDate): RecallDraft => ({
  name: '',
  strength: '',
  batches: '',
  reason: '',
  advice: '',
  source: '',
  on: today,
})

/** One batch a line; two with a dash between them are all from one to the other. */
export const readBatches = (text: string): readonly Batches[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line): Batches => {
      const [, from, to] = /^(\S+)\s*(?:–|\bto\b)\s*(\S+)$/.exec(line) ?? []
      return from && to ? { kind: 'range', from, to } : { kind: 'one', batch: line }
    })

export function readRecallDraft(
  { name, strength, batches, reason, advice, source, on }: RecallDraft,
  today: PlainDate,
): FormReading<RecallDraft, typeof writeRecall> {
  const faults = faultsIn<RecallDraft>({
    name: missing(name),
    batches: missing(batches),
    reason: missing(reason),
    source: missing(source),
    on: missing(on) ?? dayFault(on, { max: today }),
  })
  if (faults) return faults
  return act(writeRecall, {
    body: {
      product: { name: name.trim(), strength: strength.trim() },
      batches: [...readBatches(batches)],
      reason: reason.trim(),
      advice: advice.trim(),
      source: source.trim(),
      publishedOn: on as PlainDate,
    },
  })
}
