import { describe, expect, it } from 'vitest'
import { addDays, plainDate, weekdayOf } from '../core/calendar/plainDate'
import { catalogue } from '../core/catalogue/catalogue'
import { postShop } from './postShop'

const articles = [...catalogue().keys()]
const days = Array.from({ length: 40 }, (_, index) => addDays(plainDate('2026-11-26'), index))

describe('the made-up shop', () => {
  it('has a price for every article it sells, and says what it has', async () => {
    const quotes = await postShop.quote(articles, plainDate('2026-11-26'))
    const kinds = quotes.map((quote) => quote?.availability.kind)
    for (const quote of quotes) {
      expect(quote?.units).toBeGreaterThan(0)
      expect(quote?.priceMinor).toBeGreaterThan(0)
      expect(quote?.leadDays).toBeGreaterThan(0)
    }
    expect(new Set(kinds)).toEqual(new Set(['in_stock', 'few', 'none']))
    expect(await postShop.quote(['a thing of nobody'], plainDate('2026-11-26'))).toEqual([null])
  })
  it('says of every pack what becomes of it, and delivers on its days only', async () => {
    const seen = new Set<string>()
    for (const today of days) {
      const lines = articles.slice(0, 40).map((article, index) => ({
        article,
        packs: 1 + (index % 4),
      }))
      const { fates } = await postShop.order('one', lines, today)
      fates.forEach((of, index) => {
        expect(of.reduce((sum, { packs }) => sum + packs, 0)).toBe(lines[index]?.packs)
        for (const fate of of) {
          seen.add(fate.kind)
          if (fate.kind === 'refused') continue
          expect(postShop.deliversOn).toContain(weekdayOf(fate.on))
          expect(fate.on > today).toBe(true)
        }
      })
    }
    expect(seen).toEqual(new Set(['comes', 'back_ordered', 'refused']))
  })
  it('brings what it promised, and what it had to order itself sometimes later or never', async () => {
    const [article = ''] = articles
    const seen = new Set<string>()
    for (const dueOn of days) {
      const promised = (backOrdered: boolean) => [{ article, dueOn, backOrdered }]
      const day = (add: number) => addDays(dueOn, add)
      expect(await postShop.track('A', promised(true), day(-1))).toEqual([
        { kind: 'later', on: dueOn },
      ])
      expect(await postShop.track('A', promised(false), dueOn)).toEqual([{ kind: 'here' }])
      const [delivery] = await postShop.track('A', promised(true), dueOn)
      seen.add(delivery?.kind ?? '')
      if (delivery?.kind === 'later') expect(delivery.on > dueOn).toBe(true)
    }
    expect(seen).toEqual(new Set(['here', 'later', 'cancelled']))
  })
  it('answers the same to the same question', async () => {
    const ask = () =>
      postShop.order('one', [{ article: articles[3] ?? '', packs: 3 }], days[0] as never)
    expect(await ask()).toEqual(await ask())
  })
})
