/** A feed, a prescriber's rule and a pack's label: what their forms send, and what they do not. */
import { describe, expect, it } from 'vitest'
import { AN_ID, faulty, sent } from '../../../../tests/support/forms'
import { plainDate } from '../../../core/calendar/plainDate'
import { type CardDraft, emptyDraft } from './cardDraft'
import { type PackFormDraft, readCardForm, readPackForm } from './cardForms'
import { emptyFeed, type FeedDraft, readFeedDraft } from './feedDraft'
import { EMPTY_LINE, emptyPack } from './packDraft'

const today = plainDate('2026-11-28')
const member = AN_ID(1)

describe('a feed', () => {
  const WHOLE = { name: 'Recovery food', perKg: '12.5', feeds: '4', who: 'Dr Fenwick' }
  const read = (change: Partial<FeedDraft>) =>
    readFeedDraft({ ...emptyFeed(today), ...WHOLE, ...change })
  it('is sent in whole microlitres a kilogram', () => {
    expect(sent(read({ member, makes: '2,5' })).body).toMatchObject({
      name: 'Recovery food',
      body: {
        kind: 'feed',
        rule: { powderParts: 1, waterParts: 2, makes: 2.5, perKg: 12_500, feedsADay: 4 },
        memberId: member,
      },
      keepHours: 12,
      source: { who: 'Dr Fenwick', on: today },
    })
  })
  it('that nobody measured makes what nobody knows', () => {
    expect(sent(read({})).body.body).not.toHaveProperty('rule.makes')
    expect(sent(read({ on: '' })).body.source).toEqual({ who: 'Dr Fenwick', on: null })
  })
  it.each([
    [{ name: '' }, ['name']],
    [{ who: ' ' }, ['who']],
    [{ powder: '0' }, ['powder']],
    [{ water: '1.5' }, ['water']],
    [{ makes: '201' }, ['makes']],
    [{ makes: '0' }, ['makes']],
    [{ perKg: '' }, ['perKg']],
    [{ perKg: '0.0005' }, ['perKg']],
    [{ perKg: '1.00005' }, ['perKg']],
    [{ feeds: '' }, ['feeds']],
    [{ keep: 'long' }, ['keep']],
    [{ on: 'lately' }, ['on']],
  ])('%j is not sent', (change, fields) => {
    expect(Object.keys(faulty(read(change)))).toEqual(fields)
  })
})

describe("a prescriber's rule", () => {
  const WHOLE = {
    substance: 'cetirizine',
    name: 'Itch tablets',
    amount: '5 mg',
    again: '24',
    strength: '10 mg',
    who: 'Dr Fenwick',
  }
  const read = (change: Partial<CardDraft>, card: { id: string; version: number } | null = null) =>
    readCardForm(
      { ...emptyDraft(member, today, true), ...WHOLE, ...change },
      { card: card as never, species: ['dog'], today },
    )
  it('is added, or changed with the version that was seen', () => {
    expect(sent(read({}))).toMatchObject({
      to: 'POST /api/dose-cards',
      body: { name: 'Itch tablets', memberIds: [member], about: { substance: 'cetirizine' } },
    })
    expect(sent(read({}, { id: AN_ID(4), version: 6 }))).toMatchObject({
      to: 'PUT /api/dose-cards/{cardId}',
      params: { cardId: AN_ID(4) },
      body: { seenVersion: 6 },
    })
  })
  it.each([
    [{ name: '' }, 'name'],
    [{ substance: 'nonsense' }, 'substance'],
    [{ amount: '' }, 'amount'],
    [{ amount: '5' }, 'amount'],
    [{ again: '0' }, 'again'],
    [{ strength: 'strong' }, 'strength'],
    [{ days: '1.5' }, 'days'],
    [{ on: 'lately' }, 'on'],
  ])('%j is said beside its field, in words', (change, field) => {
    const faults = faulty(read(change)) as Record<string, string>
    expect(Object.keys(faults)).toEqual([field])
    expect(faults[field]).toMatch(/^[A-Z].{4,}/)
  })
  it('that contradicts itself is not sent, though every field can be read', () => {
    expect(faulty(read({ endsOn: '2026-01-01' }))).toEqual({})
  })
})

describe("a pack's label", () => {
  const WHOLE = {
    name: 'Fever syrup',
    substance: 'acetaminophen',
    strength: '160 mg/5 mL',
    again: '4',
    mostDoses: '5',
    lines: [{ ...EMPTY_LINE, ageFrom: '2', ageTo: '3', amount: '5' }],
  }
  const read = (change: Partial<PackFormDraft>) =>
    readPackForm({ ...emptyPack([member]), photo: null, ...WHOLE, ...change }, today)
  it('is a card with its photo, where one was taken', () => {
    const { to, body } = sent(read({}))
    expect([to, body.memberIds]).toEqual(['POST /api/dose-cards', [member]])
    expect(body).not.toHaveProperty('photo')
    const photo = 'data:image/png;base64,iVBORw0KGgo='
    expect(sent(read({ photo })).body.photo).toBe(photo)
  })
  it.each([
    [{ name: '' }, ['name']],
    [{ substance: '' }, ['substance']],
    [{ strength: '' }, ['strength']],
    [{ again: '' }, ['again']],
    [{ mostDoses: '1.5' }, ['mostDoses']],
    [{ lines: [{ ...EMPTY_LINE, amount: '5' }] }, ['lines']],
    [{ lines: [{ ...EMPTY_LINE, ageFrom: '3', ageTo: '2', amount: '5' }] }, ['lines']],
    [{ lines: [{ ...EMPTY_LINE, ageFrom: '2' }] }, ['lines']],
  ])('%j is not sent', (change, fields) => {
    expect(Object.keys(faulty(read(change)))).toEqual(fields)
  })
})
