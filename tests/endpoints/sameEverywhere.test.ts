/**
 * The demo household through every endpoint that says how things stand: no lot, line, kit, place,
 * member or errand is said two ways.
 */
import { beforeAll, describe, expect, it } from 'vitest'
import type { z } from 'zod'
import type { kitCard, kitValue } from '../../src/contract/values/kits'
import type { pastValue } from '../../src/contract/values/record'
import type { planValue } from '../../src/contract/values/restock'
import type { stockList } from '../../src/contract/values/stock'
import type { watchValue } from '../../src/contract/values/watch'
import type { PlainDate } from '../../src/core/calendar/plainDate'
import { fillDemo } from '../../src/demo/loadDemo'
import { application, send, TODAY } from '../support/application'

type Kit = z.infer<typeof kitValue>
type Card = z.infer<typeof kitCard>
type Watch = z.infer<typeof watchValue>
type Errand = Watch['groups'][number]['errands'][number]

const app = application()
const get = async (path: string) => (await send('GET', path, { caller: app.keeper })).json()

let cards: Card[]
let kits: Kit[]
let watch: Watch
let errands: Errand[]
let rows: z.infer<typeof stockList>['rows']

beforeAll(async () => {
  await fillDemo(app.world.db, app.keeper, TODAY as PlainDate, () => new Date(`${TODAY}T12:00:00Z`))
  cards = (await get('/api/kits')).kits
  kits = await Promise.all(cards.map(({ id }) => get(`/api/kits/${id}`)))
  watch = await get('/api/watch')
  // A place that is asked for alone answers with all of its errands.
  const alone: Watch[] = await Promise.all(
    watch.groups.map(({ placeId }) => get(`/api/watch?place=${placeId}`)),
  )
  errands = alone.flatMap(({ groups }) => groups.flatMap((group) => group.errands))
  rows = (await get('/api/stock')).rows
})

const tagsOf = (kit: Kit) =>
  kit.pockets.flatMap((pocket) =>
    pocket.lines.flatMap((line) => line.tags.map((tag) => ({ pocket, line, tag }))),
  )
const keyOf = (lotId: string, pocketId: string): string => `${lotId}/${pocketId}`

describe('in the demo household', () => {
  it('each lot is in one state: on the mat, in the stock list, on its page, in the past day of today', async () => {
    const onMats = new Map(
      kits.flatMap((kit) =>
        tagsOf(kit).map(({ pocket, tag }) => [
          keyOf(tag.lot.id, pocket.id),
          { amount: tag.amount, judged: tag.judged },
        ]),
      ),
    )
    expect(onMats.size).toBeGreaterThan(100)
    const inStock = new Map(
      rows.map(({ lotId, pocketId, amount, judged }) => [
        keyOf(lotId, pocketId),
        { amount, judged },
      ]),
    )
    expect(inStock).toEqual(onMats)
    const past: z.infer<typeof pastValue> = await get(`/api/past/${TODAY}`)
    const byTitle = (
      of: readonly { title: string; kit: string; state: string; amount: number }[],
    ) => of.map(({ title, kit, state, amount }) => `${kit}/${title}: ${amount} ${state}`).sort()
    expect(
      byTitle(past.holdings.map(({ judged, ...one }) => ({ ...one, state: judged.state }))),
    ).toEqual(byTitle(rows.map(({ judged, ...one }) => ({ ...one, state: judged.state }))))
    for (const { lotId, judged } of rows.filter((_, at) => at % 9 === 0)) {
      const lot = await get(`/api/lots/${lotId}`)
      const states = lot.holdings.map((one: { judged: { state: string } }) => one.judged.state)
      expect([lotId, states.includes(judged.state)]).toEqual([lotId, true])
    }
  })
  it('a kit’s card counts what its page shows, and both say when it was looked through', () => {
    for (const card of cards) {
      const kit = kits.find(({ id }) => id === card.id)
      if (!kit) throw new Error(`${card.name} has a page`)
      const tags = tagsOf(kit).map(({ tag }) => tag.judged.state)
      const targets = kit.pockets.flatMap(({ lines }) => lines.filter(({ par }) => par > 0))
      expect({
        name: card.name,
        targets: card.targets,
        look: card.look,
        pockets: card.pockets,
        lots: card.lots,
        spent: card.spent,
        turning: card.turning,
        short: card.short,
      }).toEqual({
        name: kit.name,
        targets: kit.targets,
        look: kit.look,
        pockets: kit.pockets.length,
        lots: tags.length,
        spent: tags.filter((state) => state === 'spent').length,
        turning: tags.filter((state) => state === 'turning').length,
        short: targets.filter(({ state }) => state !== 'enough').length,
      })
      expect(card.targets).toEqual({
        met: targets.filter(({ state }) => state === 'enough').length,
        of: targets.length,
      })
    }
  })
  it('a place is as ready on the strap, on Watch and on its kits’ pages', async () => {
    const { places } = await get('/api/places')
    expect(watch.strap.places.map(({ ready }) => ready)).toEqual(
      places.map(({ ready }: { ready: unknown }) => ready),
    )
    for (const kit of kits)
      expect(kit.place.ready).toEqual(
        watch.strap.places.find(({ id }) => id === kit.place.id)?.ready,
      )
  })
  it('every short target and every unsound lot is one errand, and no errand is of anything else', async () => {
    // What the plan keeps empty in frost or heat, Today asks nobody to fill.
    const { problem } = (await get('/api/restock/plan')) as z.infer<typeof planValue>
    const harsh = new Set(
      problem.spoils.flatMap(({ thing, line, spell }) => {
        const of = problem.lines[line]
        const day = problem.stops[of?.stop ?? -1]?.chances[0]?.day ?? 0
        const until = problem.spells[spell]?.until[day] ?? null
        return of && thing === of.thing && until !== null && until < day ? [of.key] : []
      }),
    )
    const isHarsh = (itemId: string, pocketId: string | null) => harsh.has(`${itemId}/${pocketId}`)
    expect(harsh.size).toBeGreaterThan(0)
    const short = kits.flatMap((kit) =>
      kit.pockets.flatMap((pocket) =>
        pocket.lines
          .filter(
            ({ par, state, item }) => par > 0 && state !== 'enough' && !isHarsh(item.id, pocket.id),
          )
          .map(({ item }) => `${kit.id}/${pocket.name}/${item.name}`),
      ),
    )
    expect(short.length).toBeGreaterThan(5)
    const saidShort = errands.filter(({ act }) => act === 'top_up').length
    expect(
      errands.filter(
        ({ act, key }) => act === 'top_up' && harsh.has(key.split(':').slice(1).join('/')),
      ),
    ).toEqual([])
    // What is on the list already is an errand no more.
    expect(saidShort + watch.listed + watch.putOff.length).toBeGreaterThanOrEqual(short.length)
    const acts: Readonly<Record<string, Errand['act']>> = {
      spent: 'throw_away',
      held: 'ask',
      lent: 'put_back',
      unclean: 'clean',
      missing: 'look_for',
    }
    for (const [state, act] of Object.entries(acts)) {
      const lots = new Set(
        rows.flatMap(({ lotId, judged }) => (judged.state === state ? [lotId] : [])),
      )
      const said = new Set(errands.flatMap((one) => (one.act === act ? [one.lotId] : [])))
      const later = new Set(
        watch.putOff.flatMap(({ errand }) => (errand.act === act ? [errand.lotId] : [])),
      )
      expect([state, [...said].filter((id) => id !== null && !lots.has(id))]).toEqual([state, []])
      expect([state, [...lots].filter((id) => !said.has(id) && !later.has(id))]).toEqual([
        state,
        [],
      ])
    }
  })
  it('what the board lacks and no target asks for is the same on Watch, the list and the plan', async () => {
    const later = watch.putOff.map(({ errand }) => errand)
    const gaps = [...errands, ...later]
      .filter(({ act }) => act === 'buy' || act === 'carry')
      .map(({ key }) => key)
      .sort()
    const keys = (of: readonly Errand[]) => of.map(({ key }) => key).sort()
    expect(keys((await get('/api/shopping')).gaps)).toEqual(gaps)
    expect(keys((await get('/api/restock/plan')).gaps)).toEqual(gaps)
  })
  it('what the search finds is in the state in which its page shows it', async () => {
    for (const row of rows.filter((_, at) => at % 17 === 0)) {
      const { found } = await get(`/api/find?q=${encodeURIComponent(row.title.slice(0, 60))}`)
      const states = rows
        .filter(({ title }) => title === row.title)
        .map(({ judged }) => judged.state as string)
      const said = found.filter(
        (one: { kind: string; title: string }) => one.kind === 'lot' && one.title === row.title,
      )
      expect([row.title, said.length > 0]).toEqual([row.title, true])
      for (const { state } of said)
        expect([row.title, states.includes(state)]).toEqual([row.title, true])
    }
  })
  it('a round, the sheet and the kit speak of the same lots and counts', async () => {
    for (const kit of kits.slice(0, 4)) {
      const { contents } = await get(`/api/kits/${kit.id}/contents`)
      const inRound = contents.pockets.flatMap(
        ({ things }: { things: readonly { lotId: string }[] }) => things.map(({ lotId }) => lotId),
      )
      expect([kit.name, inRound.length > 0]).toEqual([kit.name, true])
      const onMat = new Set(tagsOf(kit).map(({ tag }) => tag.lot.id as string))
      expect([kit.name, [...new Set(inRound)].filter((id) => !onMat.has(id as string))]).toEqual([
        kit.name,
        [],
      ])
    }
  })
})
