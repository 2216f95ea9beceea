/** Acts on a lot, its details and its pocket: what their forms send, and what they do not. */
import { describe, expect, it } from 'vitest'
import { AN_ID, faulty, sent } from '../../../../tests/support/forms'
import { plainDate } from '../../../core/calendar/plainDate'
import { type AskedAct, LOT_ACTS, type Question } from './acts'
import { type DetailsDraft, detailsDraft, readDetailsDraft } from './detailsDraft'
import { isAsked, type LotActDraft, lotActDraft, readLotActDraft, stepped } from './lotActDraft'
import { type PocketDraft, pocketDraft, readNewPocket, readPocketDraft } from './pocketDraft'
import type { LineOnMat, PocketOnMat, TagOnMat } from './view'

const today = plainDate('2026-11-28')
const MISSING = 'This is still missing.'
const pocketId = AN_ID(1)
const other = AN_ID(2)
const ACTS = Object.keys(LOT_ACTS) as AskedAct[]

const item = {
  id: AN_ID(3),
  name: 'Paracetamol',
  strength: '500 mg',
  unit: 'tablet',
  kind: 'medicine',
  purpose: 'Pain and fever',
  forWhom: '',
  essential: false,
  openedClock: { kind: 'rule', rule: 'eye-drops' },
  packSize: 16_000,
  packPriceMinor: 249,
  shop: 'Corner pharmacy',
  note: '',
  catalogueId: null,
  own: { size: { mm: [100, 50, 20], grams: 12 } },
  verdict: null,
  version: 5,
} as unknown as LineOnMat['item']
const lot = {
  id: AN_ID(4),
  itemId: item.id,
  expiry: { kind: 'month', month: '2027-03' },
  opened: { kind: 'sealed' },
  condition: 'sound',
  standing: { kind: 'ready' },
  batch: 'L55',
  boughtAt: '',
  unitPriceMinor: null,
  note: '',
  directions: '',
  forMember: null,
  receivedOn: today,
  origin: null,
  claimedOn: null,
  version: 9,
} as unknown as TagOnMat['lot']
const tag = { lot, amount: 16_000, judged: { state: 'sound' } } as unknown as TagOnMat
const line = { item, tags: [tag] } as unknown as LineOnMat

const act = (one: AskedAct, change: Partial<LotActDraft> = {}, kind = item.kind) =>
  readLotActDraft(
    one,
    { ...lotActDraft(one, line, tag, today), ...change },
    { lot, pocketId, kind, today },
  )
/** Everything that any act asks. */
const TOLD = { amount: '2', to: other, whom: 'the neighbour', directions: 'one at night' }

describe('an act on a lot', () => {
  it.each(ACTS)(
    '%s: told all it asks, it is taken by the contract with the version seen',
    (one) => {
      const { params, body } = sent(act(one, TOLD))
      expect(params).toEqual({ lotId: lot.id })
      expect(body.seenVersion).toBe(9)
    },
  )
  it.each([
    ['use', { pocketId, amount: 2000 }],
    ['reuse', { pocketId, amount: 2000 }],
    ['discard', { pocketId, amount: 2000 }],
    ['takeBack', { pocketId, amount: 2000 }],
    ['count', { pocketId, found: 2000 }],
    ['open', { pocketId, amount: 2000, on: today }],
    ['move', { pocketId, amount: 2000, to: other }],
    ['lend', { pocketId, amount: 2000, to: 'the neighbour' }],
    ['give', { pocketId, amount: 2000, to: 'the neighbour' }],
    ['decant', { pocketId, amount: 2000, to: other, directions: 'one at night' }],
    ['missing', { standing: { kind: 'missing', since: today }, part: { pocketId, amount: 2000 } }],
    ['clean', { pocketId }],
    ['found', { standing: { kind: 'ready' } }],
  ] as const)('%s sends what was said', (one, body) => {
    expect(sent(act(one, TOLD)).body).toEqual({ ...body, seenVersion: 9 })
  })
  it('an instrument that is used up is used, and only then', () => {
    expect(sent(act('reuse', TOLD)).to).toBe('POST /api/lots/{lotId}/reuse')
    expect(sent(act('reuse', { ...TOLD, usedUp: true })).to).toBe('POST /api/lots/{lotId}/use')
  })
  it.each([
    ['place', { to: null }, { to: 'Pick one.' }],
    ['whom', { whom: ' ' }, { whom: MISSING }],
    ['day', { on: '2026-11-29' }, { on: 'No later than 28 Nov 2026.' }],
    ['day', { on: '' }, { on: MISSING }],
    ['directions', { directions: '' }, { directions: MISSING }],
  ] as const)('%s is asked where it matters, and nowhere else: %j', (question, change, faults) => {
    for (const one of ACTS) {
      const reading = act(one, { ...TOLD, ...change })
      if (isAsked(one, question as Question)) expect([one, faulty(reading)]).toEqual([one, faults])
      else sent(reading)
    }
  })
  it('only a medicine needs directions where it is decanted', () => {
    sent(act('decant', { ...TOLD, directions: '' }, 'supply'))
  })
  it.each(['', 'some', '-1'])('%j of them is no amount', (amount) => {
    for (const one of ACTS)
      expect(Object.keys(faulty(act(one, { ...TOLD, amount })))).toEqual(['amount'])
  })
  it('how long it keeps is sent with its source, or not at all', () => {
    const open = (kind: 'days' | 'at_once', count: string) =>
      act('open', { ...TOLD, keeps: { kind, count } })
    expect(sent(open('days', '28')).body.keeps).toEqual({
      period: { kind: 'days', days: 28 },
      source: expect.any(String),
    })
    expect(sent(open('days', '1')).body.keeps).toMatchObject({ period: { days: 1 } })
    expect(sent(open('days', '3660')).body.keeps).toMatchObject({ period: { days: 3660 } })
    expect(sent(open('at_once', '')).body.keeps).toMatchObject({ period: { kind: 'at_once' } })
    expect(sent(open('days', '')).body).not.toHaveProperty('keeps')
    for (const count of ['0', '3661', '1.5', 'long'])
      expect(Object.keys(faulty(open('days', count)))).toEqual(['keeps'])
  })
  it('one more, one fewer, never fewer than none; what cannot be read stays', () => {
    expect([stepped('1', 1), stepped('1.5', -1), stepped('0', -1), stepped('some', 1)]).toEqual([
      '2',
      '½',
      '0',
      'some',
    ])
  })
})

describe('the details of a lot and of its item', () => {
  const read = (change: Partial<DetailsDraft> = {}, of = { item, lot }) =>
    readDetailsDraft(
      { ...detailsDraft(of.item, of.lot, today), ...change },
      { ...of, pocketId, today, order: 'day-first' },
    )
  it('that were not touched are not sent', () => {
    expect(read()).toEqual({ kind: 'unchanged' })
  })
  it.each([
    [{ expiry: '04/2028' }, { expiry: { kind: 'month', month: '2028-04' } }],
    [{ condition: 'caked' }, { condition: 'caked' }],
    [{ batch: 'L56' }, { batch: 'L56' }],
    [{ note: 'torn box' }, { note: 'torn box' }],
    [{ directions: 'one at night' }, { directions: 'one at night' }],
    [{ forMember: other }, { forMember: other }],
    [{ standing: 'held', reason: 'recall' }, { standing: { kind: 'held', reason: 'recall' } }],
    [
      { standing: 'lent', reason: 'Runa' },
      { standing: { kind: 'lent', to: 'Runa', since: today } },
    ],
  ] as const)('of the lot, %j alone is sent', (change, patch) => {
    expect(sent(read(change)).body).toEqual({ seenVersion: 9, ...patch })
  })
  it.each([
    [{ purpose: 'Fever' }, { purpose: 'Fever' }],
    [{ forWhom: 'adults' }, { forWhom: 'adults' }],
    [{ shop: '' }, { shop: '' }],
    [{ essential: true }, { essential: true }],
    [{ kind: 'supply' }, { kind: 'supply' }],
    [{ pack: '20' }, { packSize: 20_000 }],
    [{ pack: '' }, { packSize: null }],
    [{ packPrice: '3.10' }, { packPriceMinor: 310 }],
    [{ packPrice: '' }, { packPriceMinor: null }],
    [{ rule: 'unset' }, { openedClock: { kind: 'unset' } }],
    [{ size: '10 x 5 x 3' }, { own: { size: { mm: [100, 50, 30], grams: 12 } } }],
    [{ sizeGrams: '15' }, { own: { size: { mm: [100, 50, 20], grams: 15 } } }],
    [{ size: '' }, { own: {} }],
    [
      { verdict: 'refused', verdictWords: 'works' },
      { verdict: { kind: 'refused', words: 'works', on: today } },
    ],
  ] as const)('of the item, %j alone is sent, with its own version', (change, patch) => {
    expect(sent(read(change as Partial<DetailsDraft>)).body).toEqual({
      seenVersion: 9,
      item: { seenVersion: 5, ...patch },
    })
  })
  it('of so many alone, where the lot itself is changed', () => {
    expect(sent(read({ only: '4', note: 'torn' })).body.part).toEqual({ pocketId, amount: 4000 })
    expect(sent(read({ only: '4', purpose: 'Fever' })).body).not.toHaveProperty('part')
  })
  it('one that is lent already keeps the day it was lent', () => {
    const lent = { kind: 'lent', to: 'Runa', since: plainDate('2026-10-01') } as const
    const reading = read({ reason: 'Ned' }, { item, lot: { ...lot, standing: lent } })
    expect(sent(reading).body.standing).toEqual({ ...lent, to: 'Ned' })
  })
  it('one that is missing stays so until it is said to be here', () => {
    const missing = { kind: 'missing', since: plainDate('2026-10-01') } as const
    const of = { item, lot: { ...lot, standing: missing } }
    expect(read({}, of)).toEqual({ kind: 'unchanged' })
    expect(sent(read({ standing: 'ready' }, of)).body.standing).toEqual({ kind: 'ready' })
  })
  it.each([
    [{ standing: 'held', reason: '' }, ['reason']],
    [{ expiry: '3/4/27' }, ['expiry']],
    [{ expiry: 'whenever' }, ['expiry']],
    [{ pack: '0' }, ['pack']],
    [{ pack: 'some' }, ['pack']],
    [{ only: 'some' }, ['only']],
    [{ packPrice: 'cheap' }, ['packPrice']],
    [{ size: '10 x 5' }, ['size']],
    [{ sizeGrams: '' }, ['sizeGrams']],
    [{ sizeGrams: '0' }, ['sizeGrams']],
  ] as const)('%j is not sent', (change, fields) => {
    expect(Object.keys(faulty(read(change as Partial<DetailsDraft>)))).toEqual(fields)
  })
})

describe('a pocket', () => {
  const pocket = {
    id: pocketId,
    name: 'Lid',
    sort: 'inside',
    spot: null,
    reachSeconds: 4,
    inner: [200, 150, 30],
    clear: true,
    dry: false,
    upright: false,
    version: 2,
    lines: [],
  } as unknown as PocketOnMat
  const read = (change: Partial<PocketDraft> = {}) =>
    readPocketDraft({ ...pocketDraft(pocket), ...change }, pocket)
  it('goes back as it came', () => {
    expect(sent(read()).body).toEqual({
      seenVersion: 2,
      name: 'Lid',
      sort: 'inside',
      spot: null,
      reachSeconds: 4,
      inner: [200, 150, 30],
      clear: true,
      dry: false,
      upright: false,
    })
  })
  it('has a spot only where it lies elsewhere', () => {
    expect(sent(read({ sort: 'elsewhere', spot: 'fridge' })).body.spot).toBe('fridge')
    expect(sent(read({ sort: 'outside', spot: 'fridge' })).body.spot).toBeNull()
  })
  it('may be of unknown size and reach', () => {
    expect(sent(read({ seconds: '', inner: '' })).body).toMatchObject({
      reachSeconds: null,
      inner: null,
    })
  })
  it.each([
    [{ name: '' }, { name: MISSING }],
    [{ seconds: '3601' }, { seconds: 'Give whole seconds up to 3600' }],
    [{ seconds: 'quick' }, { seconds: 'Give whole seconds up to 3600' }],
  ])('%j is not sent', (change, faults) => {
    expect(faulty(read(change))).toEqual(faults)
  })
  it('of measures that are none is not sent', () => {
    expect(Object.keys(faulty(read({ inner: '20 x 30' })))).toEqual(['inner'])
  })
  it('a new one is a name', () => {
    expect(sent(readNewPocket({ name: 'Left' }, AN_ID(7)))).toMatchObject({
      to: 'POST /api/kits/{kitId}/pockets',
      params: { kitId: AN_ID(7) },
      body: { name: 'Left' },
    })
    expect(faulty(readNewPocket({ name: ' ' }, AN_ID(7)))).toEqual({ name: MISSING })
  })
})
