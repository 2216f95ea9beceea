/** What a household says of its own item, beside what the catalogue says. */
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from './catalogue'
import { ownFactsFaults } from './itemFacts'

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
