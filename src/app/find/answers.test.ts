/** What somebody types in a hurry is a question: a name, a problem, a place. */
import { describe, expect, it } from 'vitest'
import { aMember, aPantry, aPerson, DAY } from '../../../tests/support/cover'
import { nearly } from '../../core/finding/sought'
import { answersTo } from './answers'

const ned = aPerson(8, { name: 'Ned', kg: 26, facts: { conditions: ['asthma'] } })
const bracken = aMember('dog', { name: 'Bracken', kg: 14 })
const laid = aPantry({ members: [ned, bracken], put: [] })
const pantry = {
  ...laid,
  stock: {
    ...laid.stock,
    places: laid.stock.places.map((place, at) => ({
      ...place,
      name: at === 0 ? 'Row house' : 'Hill cottage',
    })),
  },
}
const said = (words: string) =>
  answersTo(pantry, words, DAY).map(({ title, where }) => `${title}, ${where}`)

describe('a question that was typed', () => {
  it('names a problem and somebody, in any order, at home where no place is named', () => {
    expect(said('fever ned')).toEqual(['Fever and pain: Ned, Row house'])
    expect(said('Ned asthma')).toEqual(['Asthma attack: Ned, Row house'])
  })
  it('names a place as well', () => {
    expect(said('asthma ned cottage')).toEqual(['Asthma attack: Ned, Hill cottage'])
  })
  it('means each by its own: an animal’s nail, nobody’s asthma but his', () => {
    expect(said('nail')).toEqual(['Torn nail: Bracken, Row house'])
    expect(said('asthma bracken')).toEqual([])
    expect(said('poison')).toEqual(['Poison swallowed, Row house'])
  })
  it('is one with a slip only where that is asked for: a sling is no sting', () => {
    expect(said('sling')).toEqual([])
    expect(answersTo(pantry, 'feverr ned', DAY)).toEqual([])
    expect(answersTo(pantry, 'feverr ned', DAY, nearly).map(({ title }) => title)).toEqual([
      'Fever and pain: Ned',
    ])
  })
  it('is none with a name alone, a place alone, a piece of a word, or a thing', () => {
    for (const words of ['ned', 'cottage', 'ned cottage', 'fe', '', 'tweezers'])
      expect([words, said(words)]).toEqual([words, []])
  })
  it('leads to the page that answers it', () => {
    expect(answersTo(pantry, 'fever ned', DAY)[0]?.href).toBe(
      `/cover/if?need=fever-pain&place=${pantry.stock.places[0]?.id}&member=${ned.id}`,
    )
  })
})
