/** Who last confirmed which count: read in steps, and the same as one query over the whole ledger says. */
import fc from 'fast-check'
import { sql } from 'kysely'
import { beforeAll, describe, expect, it } from 'vitest'
import type { World } from '../../src/app/frame/world'
import { checkKit } from '../../src/app/kits/kitActs'
import { readLot } from '../../src/app/kits/readKits'
import { undoAct } from '../../src/app/record/undoAct'
import { countLot, moveLot, useLot } from '../../src/app/stock/lotActs'
import { addDays, plainDate } from '../../src/core/calendar/plainDate'
import type { ActId } from '../../src/core/ids'
import { units } from '../../src/core/quantity/amount'
import { confirmationKey } from '../../src/core/trust/nextLook'
import { inHousehold, type Trx } from '../../src/db/frame/connect'
import { readConfirmations } from '../../src/db/record/history'
import { application, newKey } from '../support/application'
import { stocked } from '../support/stocked'

const app = application()
let kept: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  kept = await stocked(app.world, app.keeper, 400)
})

/** The rule in one statement, as it can be read: too slow for a large household among others. */
async function asOneQuery(trx: Trx) {
  const { rows } = await sql<{
    lot_id: string
    pocket_id: string
    on_day: string
    by_whom: string
    changes: number
    changed_on: string | null
  }>`
    with seen as (
      select m.lot_id, m.position, a.at,
             case m.kind when 'counted' then (m.fact ->> 'pocket')::uuid
                         else m.to_pocket_id end as pocket_id, a.on_day, a.who
      from movement m join act a on a.id = m.act_id join lot l on l.id = m.lot_id
      where not exists (select 1 from act undoing where undoing.undoes = a.id)
        and (m.kind = 'counted'
         or (m.kind = 'received' and l.claimed_on is null)
         or (m.kind = 'split_from' and coalesce(m.fact ->> 'way', '') <> 'rejoined')
         or (m.kind = 'moved' and not exists (
               select 1 from movement earlier
               where earlier.lot_id = m.lot_id and earlier.position < m.position
                 and earlier.to_pocket_id = m.to_pocket_id)))
    ), last as (
      select distinct on (lot_id, pocket_id) lot_id, pocket_id, position, at, on_day, who
      from seen where pocket_id is not null
      order by lot_id, pocket_id, at desc, position desc
    ), checks as (
      select distinct on (kit_id) kit_id, on_day, by_whom from kit_check
      where removed_by_act is null order by kit_id, on_day desc
    )
    select b.lot_id, b.pocket_id,
           greatest(last.on_day, checks.on_day)::date as on_day,
           case when checks.on_day > last.on_day or last.on_day is null
                then checks.by_whom else last.who end as by_whom,
           changed.times as changes, changed.last_day as changed_on
    from balance b
    join pocket p on p.id = b.pocket_id
    left join last on last.lot_id = b.lot_id and last.pocket_id = b.pocket_id
    left join checks on checks.kit_id = p.kit_id
    cross join lateral (
      select count(*)::int as times, max(a.on_day) as last_day
      from movement m join act a on a.id = m.act_id
      where m.lot_id = b.lot_id and m.kind in ('used', 'moved', 'discarded', 'given')
        and m.from_pocket_id = b.pocket_id
        and (last.at is null or a.at > last.at)
        and (checks.on_day is null or a.on_day > checks.on_day)) changed
    where last.on_day is not null or checks.on_day is not null`.execute(trx)
  return new Map(
    rows.map((row) => [
      confirmationKey(row.lot_id as never, row.pocket_id as never),
      {
        on: row.on_day,
        by: row.by_whom,
        changesSince: row.changes,
        changedOn: row.changed_on,
      },
    ]),
  )
}

/** What somebody does on the next day. */
const ACTS = ['use', 'count', 'move', 'back', 'check', 'undo', 'wait'] as const
type Did = (typeof ACTS)[number]

async function does(world: World, who: string, what: Did, done: ActId[]): Promise<void> {
  const caller = { ...app.keeper, name: who }
  const { lot } = await readLot(world, caller, kept.lotId)
  const [from, to] = what === 'back' ? [kept.tray, kept.lid] : [kept.lid, kept.tray]
  const on = { key: newKey(), lotId: kept.lotId, pocketId: from, seenVersion: lot.version }
  const act = async (): Promise<{ actId: ActId } | null> => {
    switch (what) {
      case 'use':
        return useLot(world, caller, { ...on, amount: units(1) })
      case 'count':
        return countLot(world, caller, { ...on, found: units(100) })
      case 'move':
      case 'back':
        return moveLot(world, caller, { ...on, amount: units(1), to })
      case 'check':
        return checkKit(world, caller, { key: newKey(), kitId: kept.kitId })
      case 'undo': {
        const last = done.pop()
        return last ? undoAct(world, caller, { key: newKey(), actId: last }) : null
      }
      case 'wait':
        return null
    }
  }
  // What the stock does not give is refused, and nothing has happened.
  const result = await act().catch(() => null)
  if (result && what !== 'undo') done.push(result.actId)
}

describe('who last confirmed which count', () => {
  it('is the same in steps as in one query, after any history', async () => {
    let day = plainDate('2026-11-27')
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.constantFrom(...ACTS), fc.constantFrom('Ilse', 'Arlo')), {
          minLength: 1,
          maxLength: 12,
        }),
        async (history) => {
          const done: ActId[] = []
          for (const [what, who] of history) {
            if (what === 'wait') day = addDays(day, 1)
            const at = new Date(`${day}T10:00:00Z`)
            await does({ ...app.world, now: () => at }, who, what, done)
          }
          await inHousehold(app.world.db, app.keeper.householdId, async (trx) => {
            const oneQuery = await asOneQuery(trx)
            expect(oneQuery.size).toBeGreaterThan(0)
            expect(new Map(await readConfirmations(trx))).toEqual(oneQuery)
          })
        },
      ),
      { numRuns: 25, endOnFailure: true },
    )
  })
})
