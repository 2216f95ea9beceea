import { describe, expect, it } from 'vitest'
import { AN_ID, faulty, sent } from '../../../tests/support/forms'
import { SHAPES, TEMPLATES } from '../../core/household/container'
import {
  type KitDraft,
  kitDraft,
  NEW_PLACE,
  type NewKitDraft,
  readKitDraft,
  readNewKit,
  readNewPlace,
  withShape,
} from './kitDraft'
import type { Kit } from './mat/view'

const kit = {
  id: AN_ID(1),
  name: 'Car kit',
  note: 'under the seat',
  place: { id: AN_ID(2) },
  checkEveryDays: 90,
  minutesAway: 4,
  container: { shape: SHAPES[0], outer: [300, 200, 100], grams: 640, carryGrams: null },
  goesWith: null,
  version: 3,
} as unknown as Kit
const read = (change: Partial<KitDraft> = {}) => readKitDraft({ ...kitDraft(kit), ...change }, kit)
const MISSING = 'This is still missing.'

describe('a kit', () => {
  it('goes back as it came', () => {
    expect(sent(read()).body).toEqual({
      seenVersion: 3,
      name: 'Car kit',
      note: 'under the seat',
      placeId: AN_ID(2),
      checkEveryDays: 90,
      minutesAway: 4,
      goesWith: null,
      container: kit.container,
    })
  })
  it('goes with who is chosen, and stays taken along with who has it already', () => {
    const whose = { memberId: AN_ID(3), to: [AN_ID(2)], since: '2026-11-20' }
    const taken = { ...kit, goesWith: whose, members: [{ id: AN_ID(3) }] } as unknown as Kit
    expect(kitDraft(taken).carrier).toBe(AN_ID(3))
    expect(kitDraft({ ...taken, members: [] }).carrier).toBeNull()
    const said = (carrier: string | null) =>
      sent(readKitDraft({ ...kitDraft(taken), carrier }, taken)).body.goesWith
    expect(said(AN_ID(3))).toEqual(whose)
    expect(said(AN_ID(4))).toEqual({ ...whose, memberId: AN_ID(4), since: null })
    expect(said(null)).toBeNull()
  })
  it('at hand says no minutes', () => {
    expect(sent(read({ away: ' ' })).body.minutesAway).toBeNull()
  })
  it('without a shape has no measures, whatever was written into them', () => {
    expect(sent(read({ shape: null, outer: 'rubbish', empty: '' })).body.container).toBeNull()
  })
  it.each([
    [{ name: ' ' }, ['name']],
    [{ days: '0' }, ['days']],
    [{ days: '1501' }, ['days']],
    [{ days: '' }, ['days']],
    [{ away: '601' }, ['away']],
    [{ away: 'near' }, ['away']],
    [{ outer: '30 x 20' }, ['outer']],
    [{ empty: '' }, ['empty']],
    [{ empty: '1.5' }, ['empty']],
    [{ carry: 'light' }, ['carry']],
  ])('%j is not sent', (change, fields) => {
    expect(Object.keys(faulty(read(change)))).toEqual(fields)
  })
  it.each(SHAPES)(
    '%s, chosen first, brings its usual measures; chosen later, it leaves them',
    (shape) => {
      const { container } = TEMPLATES[shape]
      const filled = withShape({ empty: '' }, shape)
      expect(filled).toMatchObject({ shape, empty: String(container.grams) })
      const edges = container.outer && [...container.outer].sort((a, b) => b - a)
      expect(sent(read(filled)).body.container).toEqual({ ...container, outer: edges })
      expect(withShape({ empty: '640' }, shape)).toEqual({ shape })
      expect(withShape({ empty: '' }, null)).toEqual({ shape: null })
    },
  )
})

describe('a new kit', () => {
  const fresh = (change: Partial<NewKitDraft>) =>
    readNewKit({
      name: 'Bike',
      note: '',
      pockets: '',
      placeId: AN_ID(2),
      shape: null,
      ...change,
    })
  it('is a name and a place; pockets are one a line', () => {
    expect(sent(fresh({})).body).toEqual({ placeId: AN_ID(2), name: 'Bike', note: '' })
    expect(sent(fresh({ pockets: ' Lid \n\n Left\n' })).body.pockets).toEqual(['Lid', 'Left'])
    expect(sent(fresh({ shape: SHAPES[0] })).body.shape).toBe(SHAPES[0])
  })
  it('without a name or a place is not sent', () => {
    expect(faulty(fresh({ name: '', placeId: null }))).toEqual({
      name: MISSING,
      placeId: 'Pick one.',
    })
  })
})

describe('a new place', () => {
  it('on weekdays is Monday to Friday', () => {
    expect(
      sent(readNewPlace({ ...NEW_PLACE, name: 'Office', rhythm: 'weekdays' })).body.rhythm,
    ).toEqual({
      kind: 'weekdays',
      days: [1, 2, 3, 4, 5],
    })
    expect(sent(readNewPlace({ ...NEW_PLACE, name: 'Home' })).body.rhythm).toEqual({
      kind: 'always',
    })
    expect(faulty(readNewPlace({ ...NEW_PLACE, rhythm: 'visits' }))).toEqual({ name: MISSING })
  })
  it('says how far help is, or that nobody has said', () => {
    const home = { ...NEW_PLACE, name: 'Home' }
    expect(sent(readNewPlace({ ...home, toHelp: '12', toVet: '0' })).body).toMatchObject({
      minutesToHelp: 12,
      minutesToVet: 0,
    })
    expect(sent(readNewPlace(home)).body).toMatchObject({
      minutesToHelp: null,
      minutesToVet: null,
    })
    expect(Object.keys(faulty(readNewPlace({ ...home, toHelp: 'far', toVet: '1.5' })))).toEqual([
      'toHelp',
      'toVet',
    ])
  })
})
