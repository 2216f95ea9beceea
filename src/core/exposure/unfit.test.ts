import { describe, expect, it } from 'vitest'
import { ALWAYS, onePocket, surveyed } from '../../../tests/support/household'
import type { Keeping } from './storage'
import { unfitThings } from './unfit'

const year = { coldestMonth: 1, coldest: -4, hottestMonth: 7, hottest: 18 }
const keeping: Keeping = {
  storage: 'below-25',
  source: 'label',
  frostHarms: true,
  millilitres: null,
}

function found(climate: 'car' | 'unheated' | 'heated' | null, kept: Partial<Keeping> = {}) {
  const survey = surveyed(onePocket(ALWAYS, 1, [{ units: 1 }]))
  const places = survey.places.map((place) => ({ ...place, climate }))
  const years = places.map(({ id }) => ({ placeId: id, ...year }))
  return unfitThings({ ...survey, places }, years, () => ({ ...keeping, ...kept }))
}

describe('what does not belong at a place', () => {
  it('is what the heat of a car harms in summer and frost in winter, each with its days', () => {
    const [heat, frost] = found('car')
    expect(heat).toMatchObject({ code: 'heat', of: 92, months: [6, 8] })
    expect(heat?.days).toBeGreaterThan(60)
    expect(frost).toMatchObject({ code: 'frost', of: 90, months: [12, 2] })
    expect(heat?.things).toHaveLength(1)
  })
  it('is nothing where neither harms it, nor where the place is heated or nobody has said', () => {
    expect(found('car', { storage: 'no-limit', frostHarms: false })).toEqual([])
    expect(found('heated')).toEqual([])
    expect(found(null)).toEqual([])
  })
  it('is for frost alone in a cool shed', () => {
    expect(found('unheated').map(({ code }) => code)).toEqual(['frost'])
  })
})
