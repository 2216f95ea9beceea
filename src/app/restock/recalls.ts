/** Recalls: what bulletins say, whose lots they are about, and putting those on hold. */
import type { z } from 'zod'
import type * as restock from '../../contract/values/restock'
import type { PlainDate } from '../../core/calendar/plainDate'
import {
  type Batches,
  type Bulletin,
  type Concerned,
  recallFinder,
} from '../../core/recall/bulletin'
import { decideAmend, type LotFact } from '../../core/stock/decide'
import { itemTitle } from '../../core/stock/item'
import type { Lot } from '../../core/stock/lot'
import type { Survey } from '../../core/watch/survey'
import { lockLots } from '../../db/frame/ledger'
import { createRecord } from '../../db/frame/records'
import { readNotices } from '../../db/restock/shopping'
import { type Acting, act, append } from '../frame/act'
import { onceFor } from '../frame/cache'
import { notFound, Refusal } from '../frame/refusal'
import { fetchInTime } from '../frame/timeLimits'
import {
  type BulletinFeed,
  type Caller,
  FeedSilentError,
  reading,
  surveyNow,
  surveyOf,
  type World,
} from '../frame/world'
import { FeedUnreadableError, type ReadFeed, readBulletinFeed } from './bulletinFeed'

export type RecallsView = z.infer<typeof restock.recallsValue>

/** A feed is asked again after an hour; one that did not answer after five minutes. */
const FRESH_MILLISECONDS = 3600_000
const AGAIN_MILLISECONDS = 300_000

type Feed = ReadFeed & { readonly state: RecallsView['feed'] }

const asked = new WeakMap<BulletinFeed, { readonly until: number; readonly feed: Feed }>()

/** What is published now, or was the last time it was asked. */
async function feedNow({ services: { bulletins }, now }: World): Promise<Feed> {
  const at = now().getTime()
  const known = asked.get(bulletins)
  if (known && at < known.until) return known.feed
  const feed = await readFeed(bulletins)
  const fresh = feed.state === 'read' ? FRESH_MILLISECONDS : AGAIN_MILLISECONDS
  asked.set(bulletins, { until: at + fresh, feed })
  return feed
}

async function readFeed(bulletins: BulletinFeed): Promise<Feed> {
  try {
    return { ...readBulletinFeed(await fetchInTime(bulletins)), state: 'read' }
  } catch (error) {
    const nothing = { bulletins: [], unread: [] }
    if (error instanceof FeedSilentError) return { ...nothing, state: 'silent' }
    if (error instanceof FeedUnreadableError) return { ...nothing, state: 'unreadable' }
    throw error
  }
}

/** Lots by product, sorted once for a survey that is kept. */
const finderOf = onceFor((survey: Survey) => recallFinder(survey))

/** Every bulletin, those taken in as well where they are published no longer. */
export const readRecalls = async (world: World, caller: Caller): Promise<RecallsView> => {
  const { bulletins, unread, state } = await feedNow(world)
  return reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    const notices = await readNotices(at.trx)
    const taken = new Map(notices.map(({ bulletin, takenOn }) => [bulletin.id, takenOn]))
    const past = notices
      .map(({ bulletin }) => bulletin)
      .filter(({ id }) => !bulletins.some((one) => one.id === id))
    return {
      source: world.services.bulletins.name,
      isStandIn: world.services.bulletins.isStandIn,
      feed: state,
      unread: [...unread],
      bulletins: [...bulletins, ...past].map((bulletin) => ({
        id: bulletin.id,
        title: bulletin.title,
        publishedOn: bulletin.publishedOn,
        product: itemTitle(bulletin.product),
        batches: bulletin.batches.map((one) =>
          one.kind === 'one' ? one.batch : `${one.from}–${one.to}`,
        ),
        reason: bulletin.reason,
        advice: bulletin.advice,
        source: bulletin.source,
        takenOn: taken.get(bulletin.id) ?? null,
        lots: finderOf(survey)(bulletin).map(lotView),
      })),
    } as RecallsView
  })
}

const lotView = ({ holding: { lot, item, site, amount, judged }, how }: Concerned) => ({
  lotId: lot.id,
  pocketId: site.pocket.id,
  version: lot.version,
  title: itemTitle(item),
  unit: item.unit,
  amount,
  batch: lot.batch,
  pocket: site.pocket.name,
  kitId: site.kit.id,
  kit: site.kit.name,
  place: site.place.name,
  hue: site.place.hue,
  how,
  isHeld: judged.state === 'held',
})

/**
 * How many lots a published bulletin recalls that anybody might still use; none where the feed is
 * silent. Asked for before the household is read, so that a slow feed holds nothing up.
 */
export async function recallCount(world: World): Promise<(survey: Survey) => number> {
  const { bulletins } = await feedNow(world)
  return (survey) => {
    const lots = bulletins
      .flatMap(finderOf(survey))
      .filter(({ how, holding }) => how === 'recalled' && holding.judged.state !== 'held')
    return new Set(lots.map(({ holding }) => holding.lot.id)).size
  }
}

/** A reason has room for so many characters. */
const MOST_REASON = 120

/**
 * Takes a bulletin in: every lot of a batch that it names is put on hold, wherever it lies.
 * @throws {Refusal} `bulletins_silent` when it cannot be read now
 */
export const takeRecall = async (
  world: World,
  caller: Caller,
  { key, bulletinId }: { readonly key: string; readonly bulletinId: string },
) => {
  const { bulletins, state } = await feedNow(world)
  return act(
    world,
    caller,
    { key, kind: 'recall_taken', why: bulletinId, request: bulletinId },
    async (acting) => {
      const notices = await readNotices(acting.trx)
      const known = notices.find(({ bulletin }) => bulletin.id === bulletinId)
      const bulletin = bulletins.find(({ id }) => id === bulletinId) ?? known?.bulletin
      if (!bulletin) throw state === 'read' ? notFound() : new Refusal({ code: 'bulletins_silent' })
      const counts = await holdRecalled(acting, bulletin)
      if (!known)
        await createRecord(acting, 'recall_notice', {
          bulletin_id: bulletin.id,
          taken_on: acting.today,
          bulletin: JSON.stringify(bulletin),
        })
      return counts
    },
  )
}

/** Puts every lot of the batches that a bulletin names on hold. */
async function holdRecalled(acting: Acting, bulletin: Bulletin) {
  const concerned = recallFinder(await surveyNow(acting))(bulletin)
  const recalled = concerned.filter(({ how }) => how === 'recalled')
  const locked = await lockLots(acting.trx, [
    ...new Set(recalled.map(({ holding }) => holding.lot.id)),
  ])
  const facts = [...locked.values()].flatMap(({ lot, stock }): readonly LotFact[] => {
    const standing = {
      kind: 'held',
      reason: reasonOf(bulletin, lot),
      recall: bulletin.id,
    } as const
    const decision = decideAmend(lot, stock, { standing }, acting.today)
    return decision.kind === 'append' ? decision.facts : []
  })
  await append(acting, locked, facts)
  return { held: facts.length, look: concerned.length - recalled.length }
}

export interface WrittenRecall {
  readonly product: { readonly name: string; readonly strength: string }
  readonly batches: readonly Batches[]
  readonly reason: string
  readonly advice: string
  readonly source: string
  readonly publishedOn: PlainDate
}

/** Writes a recall down that somebody read elsewhere, and puts what it is about on hold at once. */
export const writeRecall = (
  world: World,
  caller: Caller,
  { key, ...written }: WrittenRecall & { readonly key: string },
) =>
  act(
    world,
    caller,
    { key, kind: 'recall_written', why: written.product.name, request: written },
    async (acting) => {
      const title = itemTitle({ ...written.product })
      const bulletin: Bulletin = {
        ...written,
        id: `own ${acting.today} ${title}`.slice(0, MOST_REASON),
        title,
        product: { ...written.product, catalogueId: null },
      }
      const counts = await holdRecalled(acting, bulletin)
      await createRecord(acting, 'recall_notice', {
        bulletin_id: bulletin.id,
        taken_on: acting.today,
        bulletin: JSON.stringify(bulletin),
      })
      return counts
    },
  )

/** Who has it, or that it was not found, must not be lost with the hold. */
function reasonOf({ id, reason }: Bulletin, { standing }: Pick<Lot, 'standing'>): string {
  const where =
    standing.kind === 'lent'
      ? `; lent to ${standing.to}`
      : standing.kind === 'missing'
        ? '; not found'
        : ''
  const whole = `Recalled, ${id}${where}: ${reason}`
  return whole.length <= MOST_REASON ? whole : `${whole.slice(0, MOST_REASON - 1)}…`
}
