/** Which lot a mixture is made from: a wrong concentrate makes a wrong mixture. */
import { describe, expect, it } from 'vitest'
import { aStock, DAY, type Put } from '../../../tests/support/cover'
import { pantry } from '../cover/pantry'
import { millilitres } from '../quantity/measure'
import { lotFor, type MixQuestion, percentOf } from './lot'
import { type Recipe, SHIPPED_RECIPES } from './recipe'

const recipe = (id: string): Recipe => {
  const found = SHIPPED_RECIPES.find((one) => one.id === `recipe:${id}`)
  if (!found) throw new Error(`No recipe ${id}`)
  return found
}
const CHLORHEXIDINE = recipe('chlorhexidine-wound')
const FOUR_PERCENT = { strength: 4000, volume: millilitres(2.5) }

const made = (
  put: readonly Put[],
  stock: MixQuestion['stock'] = FOUR_PERCENT,
  of: Pick<Recipe, 'itemId' | 'takes' | 'body'> = CHLORHEXIDINE,
  here: MixQuestion['here'] = null,
) => lotFor(pantry(aStock({ members: [], put })), of, { here, today: DAY, stock })

const concentrate = (rest: Partial<Put> = {}): Put => ({
  of: 'chlorhexidine-concentrate',
  count: 2,
  days: 90,
  ...rest,
})

const concentrate4 = { title: 'Chlorhexidine 4 % concentrate', strength: '' }

describe('the lot that a mixture is made from', () => {
  it('a concentrate whose strength stands in its name is found', () => {
    expect(percentOf(concentrate4)).toBe(4000)
    expect(percentOf({ title: 'Chlorhexidine', strength: '40 mg/mL' })).toBe(4000)
    // Two figures may be anything: it is asked, not guessed.
    expect(percentOf({ title: 'Chlorhexidine 4 % in alcohol 70 %', strength: '' })).toBeNull()
    const stock = aStock({ members: [], put: [concentrate()] })
    const items = stock.items.map(({ item, ...rest }) => ({
      ...rest,
      item: { ...item, name: concentrate4.title, strength: '' },
    }))
    const asked = { here: null, today: DAY, stock: FOUR_PERCENT }
    expect(lotFor(pantry({ ...stock, items }), CHLORHEXIDINE, asked)?.title).toBe(
      'Chlorhexidine 4 % concentrate',
    )
  })
  it('is the concentrate, of the strength that was said', () => {
    expect(made([concentrate()])?.title).toBe('Chlorhexidine concentrate 4 %')
    expect(made([concentrate()], { ...FOUR_PERCENT, strength: 2000 })).toBeNull()
  })
  it.each(['povidone-10', 'povidone-1', 'chlorhexidine-wound', 'antiseptic-wipes'])(
    'is never something else that is used alike: %s',
    (of) => {
      expect(made([{ of, days: 30 }])).toBeNull()
      expect(made([{ of, days: 30 }, concentrate()])?.title).toBe('Chlorhexidine concentrate 4 %')
    },
  )
  it('gives as much of a bottle as is measured out', () => {
    const bottle = { of: 'chlorhexidine-concentrate', own: { millilitres: 100 } }
    expect(made([concentrate(bottle)])?.amount).toBe(25)
  })
  it('gives one use where nobody said how much a bottle holds, and no more than is there', () => {
    expect(made([concentrate()])?.amount).toBe(25)
    expect(made([concentrate({ count: 0.01 })])?.amount).toBe(10)
  })
  it('is here before elsewhere, then the first to turn, and never spent', () => {
    const put = [
      concentrate({ days: 300 }),
      concentrate({ days: 60 }),
      concentrate({ days: -1 }),
      concentrate({ days: 10, kit: 1 }),
    ]
    const { lots, places } = aStock({ members: [], put })
    expect(made(put)?.lotId).toBe(lots[1]?.id)
    expect(made(put, FOUR_PERCENT, CHLORHEXIDINE, places[1]?.id ?? null)?.lotId).toBe(lots[3]?.id)
  })
  it("is the household's own item where the recipe names it", () => {
    const put: Put[] = [
      { of: 'recovery-food', days: 90 },
      { of: 'recovery-food-meat', days: 30 },
    ]
    const { items } = aStock({ members: [], put })
    const itemId = items[0]?.item.id ?? null
    const feed = { ...CHLORHEXIDINE, itemId }
    expect(made(put, null, feed)).toMatchObject({ title: 'Recovery food 20 g', amount: 1000 })
  })
})
