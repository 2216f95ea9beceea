import { describe, expect, it } from 'vitest'
import { faulty, sent } from '../../../../tests/support/forms'
import { plainDate } from '../../../core/calendar/plainDate'
import { emptyRecall, type RecallDraft, readBatches, readRecallDraft } from './recallDraft'

const today = plainDate('2026-11-28')
const WHOLE = {
  name: ' Saline ',
  strength: '0.9 %',
  batches: 'A1\n\nA10–A19\nB1 to B5\nC 7',
  reason: 'cloudy',
  source: 'authority notice 12',
}
const read = (change: Partial<RecallDraft>) =>
  readRecallDraft({ ...emptyRecall(today), ...WHOLE, ...change }, today)

describe('a recall that somebody read', () => {
  it('is sent as it was written, without the space around it', () => {
    expect(sent(read({ advice: ' bring it back ' })).body).toEqual({
      product: { name: 'Saline', strength: '0.9 %' },
      batches: [
        { kind: 'one', batch: 'A1' },
        { kind: 'range', from: 'A10', to: 'A19' },
        { kind: 'range', from: 'B1', to: 'B5' },
        { kind: 'one', batch: 'C 7' },
      ],
      reason: 'cloudy',
      advice: 'bring it back',
      source: 'authority notice 12',
      publishedOn: today,
    })
  })
  it('a hyphen belongs to the number of a batch', () => {
    expect(readBatches('A-19')).toEqual([{ kind: 'one', batch: 'A-19' }])
  })
  it.each(['name', 'batches', 'reason', 'source', 'on'] as const)(
    'without %s is not sent',
    (field) => {
      expect(faulty(read({ [field]: ' '.repeat(field === 'on' ? 0 : 2) }))).toEqual({
        [field]: 'This is still missing.',
      })
    },
  )
  it('is not of a day to come', () => {
    expect(faulty(read({ on: '2026-11-29' }))).toEqual({ on: 'No later than 28 Nov 2026.' })
  })
})
