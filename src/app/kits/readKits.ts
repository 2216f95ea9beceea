/** All kits as cards, and one kit as a mat. */
import type { z } from 'zod'
import type { readLot as readLotEndpoint } from '../../contract/stock'
import type * as kits from '../../contract/values/kits'
import type * as places from '../../contract/values/places'
import type { PlainDate } from '../../core/calendar/plainDate'
import { catalogue } from '../../core/catalogue/catalogue'
import { itemFacts } from '../../core/catalogue/itemFacts'
import { keepingOfItem } from '../../core/exposure/storage'
import type { Kit } from '../../core/household/places'
import type { KitId, LotId, MemberId, PocketId } from '../../core/ids'
import { fillOf, loadOf } from '../../core/layout/fill'
import { type Entries, type KeptFor, layoutProblem, packedOf } from '../../core/layout/ofKit'
import { pointersOf } from '../../core/layout/pointers'
import { NOTHING, sum } from '../../core/quantity/amount'
import { firstOut } from '../../core/stock/firstOut'
import { effectOf, emptyStock, evolve } from '../../core/stock/movement'
import { tellingOf } from '../../core/stock/telling'
import type { Confirmation } from '../../core/trust/certainty'
import { kitLook } from '../../core/trust/kitLook'
import { confirmationKey } from '../../core/trust/nextLook'
import { type Line, lineState, type Site, type Survey, targetsMet } from '../../core/watch/survey'
import { type HistoryEntry, historyOfLot } from '../../db/frame/ledger'
import { itemOfLot } from '../../db/items/items'
import { readMembers } from '../../db/members/members'
import { lotWithPaper } from '../../db/stock/papers'
import { readLotRow } from '../../db/stock/stock'
import { keptAs } from '../exposure/exposureOf'
import { marksOf } from '../exposure/marksOf'
import { onceFor } from '../frame/cache'
import { notFound } from '../frame/refusal'
import {
  type Caller,
  confirmedStockOf,
  reading,
  surveyOf,
  type Today,
  type World,
} from '../frame/world'
import { printedSheet } from '../sheets/sheetActs'
import { strapAt } from '../watch/readWatch'

export type KitView = z.infer<typeof kits.kitValue>
export type KitCard = z.infer<typeof kits.kitCard>
export type PocketRef = z.infer<typeof places.pocketRef>
export type LotView = z.infer<(typeof readLotEndpoint)['result']>

export const readKits = (
  world: World,
  caller: Caller,
): Promise<{ kits: KitCard[]; pockets: PocketRef[] }> =>
  reading(world, caller, async (at) => {
    const { survey, confirmations } = await confirmedStockOf(at)
    const members = await readMembers(at.trx, at.today)
    const names = new Map(members.map(({ id, name }) => [id, name]))
    return {
      kits: survey.kits.map((kit) => kitCard(survey, kit, confirmations, names)),
      pockets: pocketRefs(survey),
    }
  })

interface KitContent {
  readonly lines: Line[]
  readonly sites: Site[]
}

/** What belongs to each kit, gathered once for all of them. */
const contentByKit = onceFor((survey: Survey): ReadonlyMap<KitId, KitContent> => {
  const content = new Map<KitId, KitContent>(
    survey.kits.map(({ id }) => [id, { lines: [], sites: [] }]),
  )
  for (const line of survey.lines) content.get(line.site.kit.id)?.lines.push(line)
  for (const site of survey.sites.values()) content.get(site.kit.id)?.sites.push(site)
  return content
})
export const contentOf = (survey: Survey, kit: Kit): KitContent =>
  contentByKit(survey).get(kit.id) ?? { lines: [], sites: [] }

/** For whom things are kept, as the layout asks. */
export const keptFor = async ({ trx, today }: Today, survey: Survey): Promise<KeptFor> => ({
  members: await readMembers(trx, today),
  courses: survey.stock.courses ?? [],
})

function kitCard(
  survey: Survey,
  kit: Kit,
  confirmations: ReadonlyMap<string, Confirmation>,
  names: ReadonlyMap<MemberId, string>,
): KitCard {
  const { lines, sites } = contentOf(survey, kit)
  const tags = lines.flatMap(({ holdings }) => holdings)
  return {
    id: kit.id,
    ...(kit.goesWith && { carrier: names.get(kit.goesWith.memberId) ?? null }),
    placeId: kit.placeId,
    name: kit.name,
    note: kit.note,
    targets: targetsMet(lines),
    pockets: sites.length,
    lots: tags.length,
    spent: tags.filter(({ judged }) => judged.state === 'spent').length,
    turning: tags.filter(({ judged }) => judged.state === 'turning').length,
    short: lines.filter((line) => line.par > NOTHING && lineState(line) !== 'enough').length,
    look: kitLook(kit, tags, confirmations),
  }
}

export const pocketRefs = (survey: Pick<Survey, 'sites'>): PocketRef[] =>
  [...survey.sites.values()].map(({ pocket, kit, place }) => ({
    id: pocket.id,
    name: pocket.name,
    kitId: kit.id,
    kit: kit.name,
    placeId: place.id,
    place: place.name,
  }))

export const readKit = (world: World, caller: Caller, kitId: KitId): Promise<KitView> =>
  reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    const kit = survey.kits.find(({ id }) => id === kitId)
    const place = (await strapAt(at)).places.find(({ id }) => id === kit?.placeId)
    if (!kit || !place) throw notFound()
    const { lines, sites } = contentOf(survey, kit)
    const { confirmations } = await confirmedStockOf(at)
    const entries = catalogue()
    const pockets = sites.map(({ pocket }) => pocket)
    const packed = sites.map(({ pocket }) => {
      const here = lines.filter(({ site }) => site.pocket.id === pocket.id)
      const things = here.flatMap((line) => packedOf(line, entries))
      return { pocket, here, packed: things, fill: fillOf(pocket.inner, things) }
    })
    const problem = layoutProblem(pockets, lines, entries, await keptFor(at, survey))
    const markOf = await marksOf(at, world.now().getTime() / 60_000)
    const climate = survey.places.find(({ id }) => id === kit.placeId)?.climate ?? null
    return {
      lidSheet: await printedSheet(at, kitId),
      id: kit.id,
      name: kit.name,
      note: kit.note,
      checkEveryDays: kit.checkEveryDays,
      container: kit.container,
      range: kit.range,
      whom: kit.whom,
      minutesAway: kit.minutesAway,
      goesWith: kit.goesWith,
      look: kitLook(
        kit,
        lines.flatMap(({ holdings }) => holdings),
        confirmations,
      ),
      version: kit.version,
      place,
      nextCheck: sites[0]?.nextCheck ?? survey.today,
      targets: targetsMet(lines),
      load: loadOf(kit, packed),
      pointers: pointersOf(problem, climate).map(({ bay, ...pointer }) => ({
        ...pointer,
        pocketId: pockets[bay]?.id ?? (kit.id as string as PocketId),
      })),
      members: (await readMembers(at.trx, at.today)).map(({ id, name }) => ({ id, name })),
      pockets: packed.map(({ pocket, here, fill }) => ({
        ...pocket,
        fill,
        lines: here
          .map((line) => lineView(line, confirmations, { entries, today: survey.today, markOf }))
          .sort(byTitle),
      })),
    }
  })

type LineView = z.infer<typeof kits.lineValue>
const names = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })

/** Essentials first, then by name: the eye finds things where they were. */
const byTitle = (a: LineView, b: LineView): number =>
  Number(b.item.essential) - Number(a.item.essential) ||
  names.compare(a.item.name, b.item.name) ||
  names.compare(a.item.strength, b.item.strength)

function lineView(
  line: Line,
  confirmations: ReadonlyMap<string, Confirmation>,
  {
    entries,
    today,
    markOf,
  }: {
    readonly entries: Entries
    readonly today: PlainDate
    readonly markOf: Awaited<ReturnType<typeof marksOf>>
  },
): LineView {
  const { item, site, holdings } = line
  const { uses } = itemFacts(item, entries.get(item.catalogueId ?? '') ?? null, item.own)
  const [first] = firstOut(
    holdings.map(({ lot }) => lot),
    item,
    today,
  )
  return {
    item,
    keeping: keptAs(keepingOfItem(item, entries)),
    par: line.par,
    good: line.good,
    state: lineState(line),
    firstOut: first?.id ?? null,
    tags: holdings
      .map(({ lot, amount, judged }) => {
        const confirmed = confirmations.get(confirmationKey(lot.id, site.pocket.id)) ?? null
        return {
          lot,
          amount,
          judged,
          uses: uses > 1 ? Math.floor((uses * amount) / 1000) : null,
          confirmed: confirmed && { on: confirmed.on, by: confirmed.by },
          weather: markOf(lot.id, site.pocket.id),
        }
      })
      .sort((a, b) => sortDay(a).localeCompare(sortDay(b))),
  }
}

/** Soonest first; what never turns last. */
function sortDay({ judged }: Pick<LineView['tags'][number], 'judged'>): string {
  if (judged.state === 'spent') return '0'
  if (judged.state === 'turning') return judged.day
  return judged.lastGood.kind === 'day' ? judged.lastGood.day : '9'
}

/** A lot with its history; a used-up one lies nowhere and still has its history. */
export const readLot = (world: World, caller: Caller, lotId: LotId): Promise<LotView> =>
  reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    const holdings = survey.holdings.filter(({ lot }) => lot.id === lotId)
    const [first] = holdings
    const lot = first?.lot ?? (await readLotRow(at.trx, lotId))
    const item = first?.item ?? (await itemOfLot(at.trx, lotId))
    if (!lot || !item) throw notFound()
    const refs = new Map(pocketRefs(survey).map((ref) => [ref.id, ref]))
    const history = await historyOfLot(at.trx, lotId)
    return {
      hasPaper: (await lotWithPaper(at.trx, lotId)) !== null,
      lot,
      item,
      holdings: holdings.flatMap(({ site, amount, judged }) => {
        const pocket = refs.get(site.pocket.id)
        return pocket ? [{ pocket, amount, judged }] : []
      }),
      history: history.map((entry) => historyView(entry, refs)),
      totals: totalsOf(lot.id, history),
    }
  })

/** How many there were after each movement, oldest first. */
function totalsOf(lotId: LotId, history: readonly HistoryEntry[]): LotView['totals'] {
  let stock = emptyStock(lotId)
  return [...history].reverse().map(({ day, fact }) => {
    stock = evolve(stock, fact)
    return { day: day as PlainDate, total: sum([...stock.held.values()]) }
  })
}

export function historyView(
  entry: Pick<HistoryEntry, 'actId' | 'day' | 'who' | 'why' | 'fact'>,
  refs: ReadonlyMap<PocketId, PocketRef>,
): LotView['history'][number] {
  const { fact } = entry
  const name = (pocket: PocketId): string | null => {
    const ref = refs.get(pocket)
    return ref ? `${ref.name}, ${ref.kit}` : null
  }
  const [first, second] = effectOf(fact.kind === 'undone' ? fact.of : fact)
  const from = first && first.by <= 0 ? first.pocket : null
  const to = second?.pocket ?? (first && first.by > 0 ? first.pocket : null)
  return {
    actId: entry.actId,
    day: entry.day as PlainDate,
    who: entry.who,
    why: entry.why,
    ...tellingOf(fact),
    from: from && name(from),
    to: to && name(to),
  }
}
