/** What is said about each species is said of it, and of no dog in its place. */
import { describe, expect, it } from 'vitest'
import { guidesFor } from '../guide/guide'
import { ANIMALS, CANNOT_VOMIT, type Species } from '../household/species'
import { INCIDENT_KINDS, type IncidentKindFacts } from './kinds'

const words = (species: Species): readonly string[] =>
  guidesFor(species).flatMap(({ before, stop, steps, call, handover }) => [
    ...before,
    ...stop,
    ...steps.map(({ text }) => text),
    call,
    handover,
  ])

describe('cards', () => {
  it('a horse is held by its halter, and none of its cards puts a muzzle on it', () => {
    const cards = guidesFor('horse')
    expect(cards.flatMap(({ steps }) => steps.flatMap(({ takes }) => takes))).toContain('halter')
    for (const { id, steps } of cards)
      expect([id, steps.some(({ takes }) => takes.includes('muzzle'))]).toEqual([id, false])
    for (const line of words('horse')) expect(line.replace(/no muzzle/i, '')).not.toMatch(/muzzle/i)
  })
  it.each(CANNOT_VOMIT)('a %s is not made to vomit, and it is said that it cannot', (species) => {
    expect(words(species).some((line) => /cannot vomit/i.test(line))).toBe(true)
    expect(words(species).some((line) => /make (it|them) vomit/i.test(line))).toBe(false)
  })
  it.each(ANIMALS)('%s has cards, of animals only', (one) => {
    expect(guidesFor(one).length).toBeGreaterThan(0)
    for (const { species } of guidesFor(one)) expect(species).toContain(one)
  })
})

describe('what happened', () => {
  it.each(Object.entries(INCIDENT_KINDS))('%s names whom to call and what to do', (_, kind) => {
    const { whom, call, first }: IncidentKindFacts = kind
    for (const side of ['people', 'animals'] as const) {
      if (whom !== 'both' && whom !== side) continue
      expect(call[side] ?? '').toMatch(/\w/)
      expect(first[side] ?? '').toMatch(/\w/)
    }
  })
})
