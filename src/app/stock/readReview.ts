/** What is carried without need, and where to look next. */
import type { z } from 'zod'
import type * as stock from '../../contract/values/stock'
import { addDays } from '../../core/calendar/plainDate'
import { catalogue } from '../../core/catalogue/catalogue'
import { review } from '../../core/review/review'
import { itemTitle } from '../../core/stock/item'
import { nextLooks } from '../../core/trust/nextLook'
import { createRecord } from '../../db/frame/records'
import { readUses } from '../../db/record/history'
import { readDeferrals } from '../../db/watch/deferrals'
import { act } from '../frame/act'
import { type Caller, confirmedStockOf, reading, type World } from '../frame/world'
import { siteRef } from '../watch/views'

/** What somebody decided to keep is not asked about again for so long. */
const KEPT_FOR_DAYS = 365
const MOST_LOOKS = 8

export const readReview = (
  world: World,
  caller: Caller,
): Promise<z.infer<typeof stock.reviewValue>> =>
  reading(world, caller, async (at) => {
    const { survey, confirmations } = await confirmedStockOf(at)
    const kept = await readDeferrals(at.trx, at.today)
    const all = review(survey, await readUses(at.trx), catalogue())
    const open = all.filter(({ key }) => !kept.has(key))
    return {
      kept: all.length - open.length,
      lines: open.map((line) => ({
        key: line.key,
        reason: line.reason,
        title: [...new Set(line.items.map(itemTitle))].join(', '),
        unit: line.items[0]?.unit ?? '',
        kind: line.items[0]?.kind ?? 'supply',
        items: line.items.map(({ id, version }) => ({ id, version })),
        amount: line.amount,
        par: line.par,
        burden: line.burden,
        at: line.lines.flatMap(({ site, par, item, holdings }) =>
          holdings.map(({ lot, amount, judged }) => ({
            lotId: lot.id,
            version: lot.version,
            title: itemTitle(item),
            ...siteRef(site),
            amount,
            par,
            judged,
          })),
        ),
      })),
      looks: nextLooks(survey, confirmations)
        .slice(0, MOST_LOOKS)
        .map(({ site, next, lots, sure, gain, seconds, oldest }) => ({
          ...siteRef(site),
          next,
          lots,
          sure: Math.round(100 * sure),
          gain,
          seconds,
          oldest: oldest && { on: oldest.on, by: oldest.by },
        })),
    }
  })

/** Decides to keep what the review asked about; it asks again after a year. */
export const keepReviewed = (
  world: World,
  caller: Caller,
  { key, reviewKey }: { readonly key: string; readonly reviewKey: string },
) =>
  act(world, caller, { key, kind: 'review_kept', request: reviewKey }, async (acting) => {
    const until = addDays(acting.today, KEPT_FOR_DAYS)
    await createRecord(acting, 'errand_deferral', { errand_key: reviewKey, until_day: until })
    return { until }
  })
