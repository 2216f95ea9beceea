/** Every lot wherever it lies, as lines of a table, with the views that somebody named. */
import type { z } from 'zod'
import type * as stock from '../../contract/values/stock'
import { catalogue } from '../../core/catalogue/catalogue'
import { keepingOfItem } from '../../core/exposure/storage'
import { worthOf } from '../../core/layout/fill'
import { goodsOfLine } from '../../core/layout/ofKit'
import { itemTitle } from '../../core/stock/item'
import { certainty } from '../../core/trust/certainty'
import { confirmationKey } from '../../core/trust/nextLook'
import { readMembers } from '../../db/members/members'
import { readStockViews } from '../../db/stock/papers'
import { keptAs } from '../exposure/exposureOf'
import { onceFor } from '../frame/cache'
import { type Caller, type Confirmed, confirmedStockOf, reading, type World } from '../frame/world'
import { siteRef } from '../watch/views'

export type StockList = z.infer<typeof stock.stockList>

export const readStockList = (world: World, caller: Caller): Promise<StockList> =>
  reading(world, caller, async (at) => ({
    views: [...(await readStockViews(at.trx))],
    members: (await readMembers(at.trx, at.today)).map(({ id, name }) => ({ id, name })),
    rows: rowsOf(await confirmedStockOf(at)),
  }))

const rowsOf = onceFor(({ survey, confirmations }: Confirmed): StockList['rows'] => {
  const entries = catalogue()
  return survey.holdings.map(({ lot, item, site, amount, judged }) => {
    const goods = goodsOfLine({ item }, entries)
    const confirmed = confirmations.get(confirmationKey(lot.id, site.pocket.id)) ?? null
    const worth = worthOf({ lot, goods, amount })
    return {
      lotId: lot.id,
      itemId: item.id,
      title: itemTitle(item),
      unit: item.unit,
      kind: item.kind,
      essential: item.essential,
      amount,
      ...siteRef(site),
      forMember: lot.forMember,
      judged,
      batch: lot.batch,
      boughtAt: lot.boughtAt,
      receivedOn: lot.receivedOn,
      worthMinor: worth === null ? null : Math.round(worth),
      sure: Math.round(100 * certainty(item, site, confirmed, survey.today)),
      confirmed: confirmed && { on: confirmed.on, by: confirmed.by },
      keeping: keptAs(keepingOfItem(item, entries)),
      version: lot.version,
    }
  })
})
