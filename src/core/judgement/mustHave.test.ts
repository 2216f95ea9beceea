/** What must be there follows from the needs, not from a tick. */
import { describe, expect, it } from 'vitest'
import { aPantry, aPerson, DAY, type Scene } from '../../../tests/support/cover'
import { mustHaveKey, mustHaves } from './mustHave'

const ilse = aPerson(40, {
  helper: true,
  facts: { skills: [{ skill: 'rescue-breaths', until: null, by: 'School' }] },
})
const runa = aPerson(3, { kg: 14, facts: { swallowsTablets: false } })

/** The tier of each entry as a target of the first place, none of it there. */
function tiers(scene: Omit<Scene, 'put'>, of: readonly string[]) {
  const laid = aPantry({ ...scene, put: of.map((one) => ({ of: one, count: 0.001, kit: 1 })) })
  const place = laid.stock.places[0]?.id
  if (!place) throw new Error('The scene has a place')
  const found = mustHaves(
    laid,
    DAY,
    laid.stock.items.map(({ item }) => ({ itemId: item.id, placeId: place, amount: 20_000 })),
  )
  return Object.fromEntries(
    of.map((one, at) => [
      one,
      found.get(mustHaveKey(laid.stock.items[at]?.item.id ?? ('' as never), place)) ?? null,
    ]),
  )
}

describe('what must be there', () => {
  it('is what a life-saving problem depends on', () => {
    expect(tiers({ members: [ilse] }, ['breathing-barrier', 'plasters'])).toMatchObject({
      'breathing-barrier': 'life',
    })
  })
  it('is a child’s only fever medicine, though the grown-ups have another', () => {
    expect(
      tiers({ members: [ilse, runa] }, [
        'acetaminophen-500',
        'acetaminophen-liquid',
        'thermometer',
      ]),
    ).toMatchObject({ 'acetaminophen-liquid': 'urgent' })
  })
  it('is one of two that do the same, never neither', () => {
    const found = tiers({ members: [runa] }, [
      'ibuprofen-liquid',
      'acetaminophen-liquid',
      'thermometer',
      'oral-syringe-5',
    ])
    const fever = [found['ibuprofen-liquid'], found['acetaminophen-liquid']]
    expect(fever.filter((tier) => tier === 'urgent')).toHaveLength(1)
  })
  it('is not what nobody depends on', () => {
    expect(tiers({ members: [ilse] }, ['throat-lozenges'])).toEqual({ 'throat-lozenges': null })
  })
})
