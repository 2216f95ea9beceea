import { describe, expect, it } from 'vitest'
import { lists } from './lists'

describe('a proposed list in words', () => {
  it.each([
    [0, 'Every proposed line for Car is decided'],
    [1, '1 line proposed for Car'],
    [7, '7 lines proposed for Car'],
  ])('%i', (count, said) => {
    expect(lists.headline('Car', count)).toBe(said)
  })
  it.each([
    [1, 'Accept the line', 'One line decided'],
    [4, 'Accept all 4', '4 lines decided'],
  ])('%i are taken', (count, accept, decided) => {
    expect([lists.acceptAll(count), lists.decided(count)]).toEqual([accept, decided])
  })
  it.each([
    [[], 1, null, false, 'burn: 1 use'],
    [['Ned'], 3, null, false, 'burn (Ned): 3 uses'],
    [['Ned', 'Runa'], 3, null, true, 'burn (Ned and Runa): 3 uses, which sets the number'],
    [[], 2, 'Injector', false, 'with Injector, for burn: 2 uses'],
  ])('%j, %i uses, with %s, sets %s', (names, count, companion, sets, said) => {
    expect(lists.reason('Burn', names, count, companion, sets)).toBe(said)
  })
  it('what nothing suits is asked of those who know', () => {
    expect(lists.unmetLine('Burn', [])).toBe('Burn. Ask a doctor, pharmacist or vet.')
    expect(lists.unmetLine('Burn', ['Ned'])).toBe('Burn: Ned. Ask a doctor, pharmacist or vet.')
  })
  it('what it would cost, and what is here', () => {
    expect(lists.under('€12')).toContain('What is missing would cost about €12.')
    expect(lists.line('6', '2')).toBe('6 belong here, 2 there')
    expect(lists.cost('€3')).toBe('about €3')
  })
})
