import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { exactly, findAmong, nearly, sought } from './sought'

const THINGS = [
  { title: 'Tweezers', text: 'splinters, Lid, Home kit, Row house' },
  { title: 'Plasters 6 cm', text: 'small cuts, Lid, Car kit, Estate car' },
  { title: 'Triangular bandage', text: 'sling, Tray, Home kit, Row house' },
  { title: 'Children’s syrup 120 mg/5 ml', text: 'fever paracetamol acetaminophen Tray Home kit' },
  { title: 'Home kit', text: 'under the stairs, Row house' },
  { title: 'Eye drops', text: 'dry eyes, Fridge' },
]
const titles = (typed: string) => findAmong(typed, THINGS).map(({ title }) => title)

describe('what somebody looks for', () => {
  it('is what the question is about, not how it is asked', () => {
    expect(sought('Where are the tweezers?')).toEqual(['tweezer'])
    expect(sought('what do we have for dry eyes')).toEqual(['dry', 'eye'])
    expect(sought('where is it')).toEqual([])
  })
  it.each([
    ['where are the tweezers', ['Tweezers']],
    ['TWEEZ', ['Tweezers']],
    ['plaster', ['Plasters 6 cm']],
    ['plasters car', ['Plasters 6 cm']],
    ['dry eye', ['Eye drops']],
    // Both names of an ingredient, where the text says both.
    ['acetaminophen', ['Children’s syrup 120 mg/5 ml']],
    ['paracetamol syrup', ['Children’s syrup 120 mg/5 ml']],
    ['childrens', ['Children’s syrup 120 mg/5 ml']],
    // One letter more, less, other or swapped.
    ['tweesers', ['Tweezers']],
    ['plsaters', ['Plasters 6 cm']],
    ['bandge', ['Triangular bandage']],
    ['paracetomol', ['Children’s syrup 120 mg/5 ml']],
    ['drosp', ['Eye drops']],
    ['tractor', []],
    ['plasters fridge', []],
    ['', []],
  ] as const)('%j finds %j', (typed, found) => {
    expect(titles(typed)).toEqual(found)
  })
  it('puts what is called so before what only lies there', () =>
    expect(titles('home kit')[0]).toBe('Home kit'))
  it('means a word that is right as it is: no slip beside it', () => {
    const near = [
      { title: 'Sling', text: '' },
      { title: 'Sting', text: '' },
    ]
    expect(findAmong('sting', near).map(({ title }) => title)).toEqual(['Sting'])
    expect(findAmong('slimg', near).map(({ title }) => title)).toEqual(['Sling'])
  })
  it('apart: as it is written, or with slips', () => {
    expect(exactly('tweesers', THINGS)).toEqual([])
    expect(nearly('tweesers', THINGS).map(({ title }) => title)).toEqual(['Tweezers'])
  })
  it('finds everything by its own title', () =>
    fc.assert(
      fc.property(
        fc.array(fc.stringMatching(/^[a-z]{4,12}( [a-z]{4,12})?$/), { minLength: 1, maxLength: 8 }),
        fc.nat(),
        (names, at) => {
          const title = names[at % names.length] ?? ''
          fc.pre(sought(title).length > 0)
          const all = names.map((name) => ({ title: name, text: '' }))
          expect(findAmong(title, all).map((one) => one.title)).toContain(title)
        },
      ),
    ))
  it('never fails, whatever is typed', () =>
    fc.assert(fc.property(fc.string(), (typed) => void findAmong(typed, THINGS))))
})
