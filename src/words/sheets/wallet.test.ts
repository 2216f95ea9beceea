/** What a wallet card says of a person and an animal, and what it never takes for nothing. */
import { describe, expect, it } from 'vitest'
import { aMember, aPerson, DAY } from '../../../tests/support/cover'
import type { numbersToCall } from '../../core/household/emergencyNumbers'
import type { Member } from '../../core/household/member'
import { walletCard } from '../../core/sheet/walletCard'
import { walletFaces } from './wallet'

const told = { by: 'Ilse', on: DAY }
const cardOf = (member: Member, courses: readonly object[] = []) =>
  walletCard(member, {
    courses: courses as never,
    titleOf: () => 'Reliever inhaler',
    numbers: { emergency: '555-0100', poison: '555-0122' } as ReturnType<typeof numbersToCall>,
    today: DAY,
  })
const lines = (member: Member, isPrivate = true, courses: readonly object[] = []) => {
  const { front, back } = walletFaces(cardOf(member, courses), isPrivate, 'metric')
  return [front, back].map((face) => face.lines.map(({ text }) => text))
}
const ned = aPerson(8, {
  name: 'Ned Marrow',
  kg: 25,
  facts: {
    conditions: ['asthma'],
    allergies: [{ kind: 'named', name: 'nuts' }],
    bloodThinner: true,
    contacts: [{ name: 'Ilse', phone: '555-0151' }],
    doctor: { name: 'Dr Aske', phone: '555-0131' },
    told: { medicines: told },
  },
})
const course = {
  memberId: ned.id,
  itemId: 'x',
  startsOn: DAY,
  endsOn: null,
  directions: 'Two puffs with the spacer',
}

describe('a wallet card', () => {
  it('says what must be known on one face, and whom to call on the other', () => {
    const [front, back] = lines(ned, true, [course])
    expect(front).toEqual([
      'Ned Marrow',
      'ALLERGY: nuts',
      'TAKES A BLOOD THINNER',
      'Conditions: asthma',
      expect.stringMatching(/^born .*, 25 kg$/),
      'Takes: Reliever inhaler',
      'Reliever inhaler: Two puffs with the spacer',
    ])
    expect(back).toEqual([
      'Emergency 555-0100',
      'Ilse 555-0151',
      'Dr Aske 555-0131',
      'Poison line 555-0122',
      expect.stringMatching(/^As of .*win\.$/),
    ])
  })
  it('never takes what nobody has asked for nothing; "none" has its day', () => {
    const asked = aPerson(8, { facts: { told: { allergies: told } } })
    expect(lines(asked)[0]).toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^ALLERGY: none, asked /),
        'Conditions: nobody has asked',
        'Takes: nobody has asked',
      ]),
    )
  })
  it('without private data has the name, the allergies and whom to call, and nothing of an illness', () => {
    const text = lines(ned, false, [course]).flat().join(' ')
    expect(text).toContain('ALLERGY: nuts')
    expect(text).toContain('Ilse 555-0151')
    expect(text).not.toMatch(/asthma|inhaler|puffs|25 kg|Aske/i)
    // Whoever helps has to know of it all the same.
    expect(text).toContain('TAKES A BLOOD THINNER')
  })
  it('of an animal names its kind, its vet and its clinic', () => {
    const dog = aMember('dog', {
      name: 'Bracken',
      facts: {
        vet: { name: 'Harbour vets', phone: '555-0140' },
        clinic: { name: 'Night clinic', phone: '555-0141' },
      } as never,
    })
    const [front, back] = lines(dog)
    expect(front?.join(' ')).toMatch(/Bracken .*dog/)
    expect(back).toEqual(expect.arrayContaining(['Harbour vets 555-0140', 'Night clinic 555-0141']))
  })
  it('spares no allergy, no condition, no call', () => {
    const { front, back } = walletFaces(cardOf(ned, [course]), true, 'metric')
    for (const { text, spare } of [...front.lines, ...back.lines])
      expect([text, spare]).toEqual([text, text.includes('puffs')])
  })
})
