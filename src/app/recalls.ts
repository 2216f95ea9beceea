/** Recalls: what bulletins say, whose lots they are about, and putting those on hold. */
import type { z } from 'zod'
import type * as r from '../contract/recallEndpoints'
import { type Bulletin, type Concerned, concernedBy } from '../core/recall/bulletin'
import { decideAmend, type LotFact } from '../core/stock/decide'
import { itemTitle } from '../core/stock/item'
import type { Survey } from '../core/watch/survey'
import { appendMovements, lockLots } from '../db/ledger'
import { createRecord } from '../db/records'
import { readNotices } from '../db/shopping'
import { act } from './act'
import { FeedUnreadableError, type ReadFeed, readBulletinFeed } from './bulletinFeed'
import { notFound, Refusal } from './refusal'
import {
  type BulletinFeed,
  type Caller,
  FeedSilentError,
  reading,
  surveyNow,
  surveyOf,
  type World,
} from './world'

export type RecallsView = z.infer<typeof r.recallsValue>

/** A feed is asked again after an hour. */
const FRESH_MILLISECONDS = 3600_000

const asked = new WeakMap<BulletinFeed, { readonly at: number; readonly read: ReadFeed }>()

/**
 * What is published now, or was within the hour.
 * @throws {FeedSilentError | FeedUnreadableError}
 */
async function feedNow({ services: { bulletins }, now }: World): Promise<ReadFeed> {
  const at = now().getTime()
  const known = asked.get(bulletins)
  if (known && at - known.at < FRESH_MILLISECONDS) return known.read
  const read = readBulletinFeed(await bulletins.fetch())
  asked.set(bulletins, { at, read })
  return read
}

type FeedState = RecallsView['feed']

async function triedFeed(world: World): Promise<ReadFeed & { readonly state: FeedState }> {
  try {
    return { ...(await feedNow(world)), state: 'read' }
  } catch (error) {
    const nothing = { bulletins: [], unread: [] }
    if (error instanceof FeedSilentError) return { ...nothing, state: 'silent' }
    if (error instanceof FeedUnreadableError) return { ...nothing, state: 'unreadable' }
    throw error
  }
}

/** Every bulletin, those taken in as well where they are published no longer. */
export const readRecalls = async (world: World, caller: Caller): Promise<RecallsView> => {
  const { bulletins, unread, state } = await triedFeed(world)
  return reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    const notices = await readNotices(at.trx)
    const taken = new Map(notices.map(({ bulletin, takenOn }) => [bulletin.id, takenOn]))
    const past = notices
      .map(({ bulletin }) => bulletin)
      .filter(({ id }) => !bulletins.some((one) => one.id === id))
    return {
      source: world.services.bulletins.name,
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
        lots: concernedBy(bulletin, survey).map(lotView),
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

/** Lots that a published bulletin recalls and that anybody might still use; 0 where it is silent. */
export async function recalledNotHeld(world: World, survey: Survey): Promise<number> {
  const { bulletins } = await triedFeed(world)
  return bulletins.reduce(
    (sum, bulletin) =>
      sum +
      concernedBy(bulletin, survey).filter(
        ({ how, holding }) => how === 'recalled' && holding.judged.state !== 'held',
      ).length,
    0,
  )
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
  const { bulletins, state } = await triedFeed(world)
  return act(
    world,
    caller,
    { key, kind: 'recall_taken', why: bulletinId, request: bulletinId },
    async (acting) => {
      const notices = await readNotices(acting.trx)
      const known = notices.find(({ bulletin }) => bulletin.id === bulletinId)
      const bulletin = bulletins.find(({ id }) => id === bulletinId) ?? known?.bulletin
      if (!bulletin) throw state === 'read' ? notFound() : new Refusal({ code: 'bulletins_silent' })
      const concerned = concernedBy(bulletin, await surveyNow(acting))
      const recalled = concerned.filter(({ how }) => how === 'recalled')
      const locked = await lockLots(acting.trx, [
        ...new Set(recalled.map(({ holding }) => holding.lot.id)),
      ])
      const reason = reasonOf(bulletin)
      const facts = [...locked.values()].flatMap(({ lot, stock }): readonly LotFact[] => {
        const standing = { kind: 'held', reason } as const
        const decision = decideAmend(lot, stock, { standing }, acting.today)
        return decision.kind === 'append' ? decision.facts : []
      })
      await appendMovements(acting, locked, facts)
      if (!known)
        await createRecord(acting, 'recall_notice', {
          bulletin_id: bulletin.id,
          taken_on: acting.today,
          bulletin: JSON.stringify(bulletin),
        })
      return { held: facts.length, look: concerned.length - recalled.length }
    },
  )
}

function reasonOf({ id, reason }: Bulletin): string {
  const whole = `Recalled, ${id}: ${reason}`
  return whole.length <= MOST_REASON ? whole : `${whole.slice(0, MOST_REASON - 1)}…`
}
