import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import { recalls } from './recalls'

const day = plainDate('2026-11-28')

describe('recalls in words', () => {
  it.each([
    [1, 0, false, 'One pack of yours is recalled'],
    [2, 5, false, 'Two packs of yours are recalled'],
    [0, 1, false, 'One pack to look at'],
    [0, 3, true, 'Three packs to look at'],
    [0, 0, false, 'Nothing of yours is recalled'],
    [0, 0, true, 'Nothing of yours stands in the made-up bulletins'],
  ])('%i recalled, %i to look at, stand-in %s', (recalled, look, isStandIn, said) => {
    expect(recalls.headline(recalled, look, isStandIn)).toBe(said)
  })
  it('never calls nothing recalled where only made-up bulletins were read', () => {
    expect(recalls.headline(0, 0, true)).not.toContain('is recalled')
    expect(recalls.standIn).toContain('made-up')
  })
  it.each([
    [0, 0, 'No packs put on hold'],
    [1, 0, 'One pack put on hold'],
    [2, 1, 'Two packs put on hold; one to look at'],
  ])('%i held, %i to look at', (held, look, said) => {
    expect(recalls.held(held, look)).toBe(said)
  })
  it('one is held by its press, several by their number', () => {
    expect([recalls.hold(1), recalls.hold(4)]).toEqual(['Put it on hold', 'Put all 4 on hold'])
  })
  it('what could not be read is named, and who should look', () => {
    expect(recalls.unread(['B-7', 'B-9'])).toBe('Could not be read: B-7, B-9. Look there yourself.')
    for (const said of Object.values(recalls.feed))
      expect(said).toContain('What was taken in before is below.')
  })
  it('where, when and of which batch', () => {
    expect(recalls.published('B-7', day)).toBe('B-7, 28 Nov 2026')
    expect(recalls.takenOn(day)).toBe('Taken in on 28 Nov 2026. Each place has an errand for it.')
    expect(recalls.batches(['W1', 'W2–W9'])).toBe('Batches W1, W2–W9')
    expect(recalls.where('Lid', 'Box', 'Cottage')).toBe('Lid, Box (Cottage)')
    expect(recalls.lot(2000 as never, 'bottle')).toBe('2 bottles')
    expect(recalls.others(1)).toBe('One bulletin is about nothing of yours')
    expect(recalls.others(2)).toBe('Two bulletins are about nothing of yours')
  })
})
