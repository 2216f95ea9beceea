import { describe, expect, it } from 'vitest'
import { aKit, aLot, anItem, aPlace, aPocket, TODAY } from '../../../tests/support/household'
import { lookahead } from '../calendar/presence'
import { catalogue } from '../catalogue/catalogue'
import type { KitWhom } from '../household/kitUse'
import { units } from '../quantity/amount'
import { survey } from '../watch/survey'
import { misplacedIn } from './misplaced'
import { madeForWhom } from './ofKit'

const entry = (id: string) => {
  const found = catalogue().get(id)
  if (!found) throw new Error(`The catalogue has no ${id}`)
  return found
}

/** Two kits of one place; things lie in the first. */
function twoKits(
  things: readonly { readonly id: string; readonly par?: number; readonly held?: boolean }[],
  { whom = ['people', 'animals'], pocket = 'Main' }: { whom?: [KitWhom, KitWhom]; pocket?: string },
) {
  const place = aPlace(1, 'Row house')
  const kits = [1, 2].map((n) => ({ ...aKit(n, place), whom: whom[n - 1] ?? 'everybody' }))
  const [first, second] = kits
  if (!first || !second) throw new Error('two kits')
  const pockets = [
    { ...aPocket(1, first), name: pocket },
    { ...aPocket(2, second), name: 'Paws and claws' },
    { ...aPocket(3, second), name: 'Waiting for the vet' },
  ]
  const items = things.map(({ id }, n) => {
    const { kind, name, unit, strength } = entry(id)
    return anItem(n + 1, { name, kind, unit, strength, catalogueId: id })
  })
  const lots = things.map(({ held }, n) => {
    const item = items[n]
    if (!item) throw new Error('an item a thing')
    return aLot(n + 1, item, held ? { standing: { kind: 'held', reason: 'ask' } } : {})
  })
  const [here] = pockets
  if (!here) throw new Error('a pocket')
  const judged = survey(
    {
      places: [place],
      kits,
      pockets,
      items,
      pars: things.flatMap(({ par }, n) => {
        const item = items[n]
        return par && item ? [{ itemId: item.id, pocketId: here.id, amount: units(par) }] : []
      }),
      lots,
      holdings: lots.map(({ id }) => ({ lotId: id, pocketId: here.id, amount: units(1) })),
    },
    TODAY,
    lookahead(30),
  )
  const at = (kit: typeof first) => ({
    kit,
    pockets: pockets.filter(({ kitId }) => kitId === kit.id),
    lines: judged.lines.filter(({ site }) => site.kit.id === kit.id),
  })
  const keptFor = { members: [], courses: [] }
  return misplacedIn(at(first), [at(second)], catalogue(), keptFor).map(({ line, made, to }) => ({
    name: line.item.name,
    made,
    to: pockets.find(({ id }) => id === to.pocketId)?.name,
  }))
}

describe('in the wrong kit', () => {
  it('an animal’s thing among the people’s, where an animals’ kit stands beside it', () => {
    expect(twoKits([{ id: 'muzzle' }, { id: 'gauze' }, { id: 'acetaminophen-500' }], {})).toEqual([
      { name: entry('muzzle').name, made: 'animals', to: 'Paws and claws' },
    ])
  })
  it('a person’s medicine among the animals’', () => {
    const whom: [KitWhom, KitWhom] = ['animals', 'people']
    expect(twoKits([{ id: 'acetaminophen-500' }], { whom })).toMatchObject([
      { made: 'people', to: 'Paws and claws' },
    ])
  })
  it.each([
    ['where a target asks for it', [{ id: 'muzzle', par: 1 }], {}],
    ['on hold', [{ id: 'muzzle', held: true }], {}],
    ['under a label for animals', [{ id: 'muzzle' }], { pocket: 'Foot · animals' }],
    ['in a kit for everybody', [{ id: 'muzzle' }], { whom: ['everybody', 'animals'] }],
    ['where the other kit is for people too', [{ id: 'muzzle' }], { whom: ['people', 'people'] }],
  ] as const)('stays: %s', (_, things, at) => {
    const { whom, ...rest } = at as { whom?: readonly [KitWhom, KitWhom]; pocket?: string }
    expect(twoKits(things, { ...rest, ...(whom && { whom: [whom[0], whom[1]] }) })).toEqual([])
  })
})

describe('whose a thing is', () => {
  const MEMBERS = [
    { id: 'g', name: 'Ginger', species: 'cat' },
    { id: 'm', name: 'Moth', species: 'dog' },
  ] as const
  const whose = (fields: Parameters<typeof anItem>[1]) =>
    madeForWhom({ item: anItem(1, fields) }, catalogue(), { members: MEMBERS, courses: [] })
  it('is read from for whom it is, and from the name of what the catalogue does not know', () => {
    expect(whose({ name: 'Ear drops, Moth', kind: 'medicine' })).toMatchObject({
      whose: ['m'],
      goods: { made: 'animals', species: ['dog'] },
    })
    expect(whose({ name: 'Gauze', forWhom: 'for Ginger' }).whose).toEqual(['g'])
  })
  it('is nobody’s where a thing only bears the same name', () => {
    const chews = { name: 'Ginger chews', catalogueId: 'ginger-chews' }
    expect(whose(chews).whose).toEqual([])
    expect(whose({ name: 'Mothballs' }).whose).toEqual([])
  })
  it('is somebody’s who takes it, whatever it is called', () => {
    const item = anItem(1, { name: 'white tablets', kind: 'medicine' })
    const keptFor = { members: MEMBERS, courses: [{ memberId: 'm' as never, itemId: item.id }] }
    expect(madeForWhom({ item }, catalogue(), keptFor).whose).toEqual(['m'])
  })
})
