/** People's words find their entry, with slips of spelling; what is unclear is not taken. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from './catalogue'
import { ownFactsFaults } from './itemFacts'
import { clearMatch, matches } from './match'

const found = (name: string, strength = '') => clearMatch(matches(name, strength))?.id ?? null

describe('finding a catalogue entry', () => {
  it.each([
    ['Paracetamol', '500 mg', 'acetaminophen-500'],
    ['paracetmol tablets', '500mg', 'acetaminophen-500'],
    ['Ibuprophen liquid', '100 mg/5 mL', 'ibuprofen-liquid'],
    ['Gloves, nitrile', 'L', 'gloves-l'],
    ['sissors blunt', '', 'scissors-blunt'],
    ['Gauze, sterile', '7.5 cm', 'gauze'],
    ['Oral rehydration salts', '', 'rehydration-sachets'],
    ['Tick remover', '', 'tick-tweezers'],
    ['epinephrine auto-injector', '0.3 mg', 'adrenaline-03'],
    ['Emergency blanket', '', 'foil-blanket'],
    ['Head torch', '', 'head-lamp'],
    ['E-collar', 'M', 'recovery-collar'],
  ])('%s %s is %s', (name, strength, id) => {
    expect(found(name, strength)).toBe(id)
  })
  it.each(['Thyroid tablets', 'Grandfather’s box', '', '???'])('"%s" is none for sure', (name) => {
    expect(found(name)).toBeNull()
  })
  it('another strength is another thing', () => {
    const [first, second] = matches('Gauze', '10 cm')
    expect(first?.entry.id).toBe('gauze-large')
    expect(first?.score).toBeGreaterThan(second?.score ?? 1)
  })
  it('every entry is found by its own name and strength', () => {
    for (const { id, name, strength } of CATALOGUE)
      expect([id, matches(name, strength)[0]?.entry.id]).toEqual([id, id])
  })
  it('bears one slip in a long word of a name', () => {
    const long = CATALOGUE.filter(({ name }) => /^[A-Za-z]{8,}$/.test(name))
    fc.assert(
      fc.property(fc.constantFrom(...long), fc.nat(), (entry, at) => {
        const cut = 1 + (at % (entry.name.length - 2))
        const slip = entry.name.slice(0, cut) + entry.name.slice(cut + 1)
        expect(matches(slip, entry.strength).map((one) => one.entry.id)).toContain(entry.id)
      }),
    )
  })
})

describe('what a household says of its own item', () => {
  const syrup = CATALOGUE.find(({ id }) => id === 'acetaminophen-liquid') ?? null
  it('needs a role, a sensible number of uses and a reason for overruling', () => {
    expect(ownFactsFaults({ roles: [] }, syrup)).toEqual([{ code: 'no_role' }])
    expect(ownFactsFaults({ uses: 0 }, syrup)).toEqual([{ code: 'uses', uses: 0 }])
    expect(ownFactsFaults({ contains: ['sorbitol'] }, syrup)).toEqual([
      { code: 'drops_ingredient', substance: 'sucralose' },
    ])
    expect(ownFactsFaults({ species: ['dog'] }, syrup)).toEqual([{ code: 'needs_reason' }])
    expect(ownFactsFaults({ contains: [], why: 'Ours is plain, says the label' }, syrup)).toEqual(
      [],
    )
    expect(ownFactsFaults({ contains: ['sorbitol', 'sucralose', 'honey'] }, syrup)).toEqual([])
  })
})
