/** All kits as cards, and one kit as a mat. */
import type { z } from 'zod'
import type { readLot as readLotEndpoint } from '../contract/endpoints'
import type * as v from '../contract/values'
import type { Kit } from '../core/household/places'
import type { KitId, LotId, PocketId } from '../core/ids'
import { NOTHING } from '../core/quantity/amount'
import type { Fact } from '../core/stock/movement'
import { type Line, lineState, readiness, type Site, type Survey } from '../core/watch/survey'
import { type HistoryEntry, historyOfLot } from '../db/ledger'
import { itemOfLot, readLotRow } from '../db/stock'
import { onceFor } from './kept'
import { everything } from './readWatch'
import { notFound } from './refusal'
import { strapOf } from './views'
import { type Caller, reading, surveyOf, type World } from './world'

export type KitView = z.infer<typeof v.kitValue>
export type KitCard = z.infer<typeof v.kitCard>
export type PocketRef = z.infer<typeof v.pocketRef>
export type LotView = z.infer<(typeof readLotEndpoint)['result']>

export const readKits = (
  world: World,
  caller: Caller,
): Promise<{ kits: KitCard[]; pockets: PocketRef[] }> =>
  reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    return { kits: survey.kits.map((kit) => kitCard(survey, kit)), pockets: pocketRefs(survey) }
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
const contentOf = (survey: Survey, kit: Kit): KitContent =>
  contentByKit(survey).get(kit.id) ?? { lines: [], sites: [] }

function kitCard(survey: Survey, kit: Kit): KitCard {
  const { lines, sites } = contentOf(survey, kit)
  const tags = lines.flatMap(({ holdings }) => holdings)
  return {
    id: kit.id,
    placeId: kit.placeId,
    name: kit.name,
    note: kit.note,
    readiness: readiness(lines),
    pockets: sites.length,
    lots: tags.length,
    spent: tags.filter(({ judged }) => judged.state === 'spent').length,
    turning: tags.filter(({ judged }) => judged.state === 'turning').length,
    short: lines.filter((line) => line.par > NOTHING && lineState(line) !== 'enough').length,
    lastCheck: kit.lastCheck,
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
    const { survey, open, household } = await everything(at)
    const kit = survey.kits.find(({ id }) => id === kitId)
    const place = strapOf(survey, open, household).places.find(({ id }) => id === kit?.placeId)
    if (!kit || !place) throw notFound()
    const { lines, sites } = contentOf(survey, kit)
    return {
      id: kit.id,
      name: kit.name,
      note: kit.note,
      checkEveryDays: kit.checkEveryDays,
      lastCheck: kit.lastCheck,
      version: kit.version,
      place,
      nextCheck: sites[0]?.nextCheck ?? survey.today,
      readiness: readiness(lines),
      pockets: sites.map(({ pocket }) => ({
        id: pocket.id,
        name: pocket.name,
        sort: pocket.sort,
        cell: pocket.cell,
        reachSeconds: pocket.reachSeconds,
        version: pocket.version,
        lines: lines
          .filter(({ site }) => site.pocket.id === pocket.id)
          .map(lineView)
          .sort(byTitle),
      })),
    }
  })

type LineView = z.infer<typeof v.lineValue>
const names = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })

/** Essentials first, then by name: the eye finds things where they were. */
const byTitle = (a: LineView, b: LineView): number =>
  Number(b.item.essential) - Number(a.item.essential) ||
  names.compare(a.item.name, b.item.name) ||
  names.compare(a.item.strength, b.item.strength)

const lineView = (line: Line): LineView => ({
  item: line.item,
  par: line.par,
  good: line.good,
  state: lineState(line),
  tags: line.holdings
    .map(({ lot, amount, judged }) => ({ lot, amount, judged }))
    .sort((a, b) => sortDay(a).localeCompare(sortDay(b))),
})

/** Soonest first; what never turns last. */
function sortDay({ judged }: LineView['tags'][number]): string {
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
      lot,
      item,
      holdings: holdings.flatMap(({ site, amount, judged }) => {
        const pocket = refs.get(site.pocket.id)
        return pocket ? [{ pocket, amount, judged }] : []
      }),
      history: history.map((entry) => historyView(entry, refs)),
    }
  })

function historyView(
  entry: HistoryEntry,
  refs: ReadonlyMap<PocketId, PocketRef>,
): LotView['history'][number] {
  const undone = entry.fact.kind === 'undone'
  const fact: Exclude<Fact, { kind: 'undone' }> =
    entry.fact.kind === 'undone' ? entry.fact.of : entry.fact
  const name = (pocket: PocketId | undefined): string | null => {
    const ref = pocket && refs.get(pocket)
    return ref ? `${ref.name}, ${ref.kit}` : null
  }
  return {
    actId: entry.actId,
    day: entry.day as LotView['history'][number]['day'],
    who: entry.who,
    why: entry.why,
    kind: undone ? `undone_${fact.kind}` : fact.kind,
    amount: fact.kind === 'counted' ? fact.found : 'amount' in fact ? fact.amount : null,
    from: 'from' in fact ? name(fact.from) : fact.kind === 'counted' ? name(fact.pocket) : null,
    to: 'to' in fact ? name(fact.to) : null,
    fields: fact.kind === 'amended' ? Object.keys(fact.changes.to) : [],
  }
}
