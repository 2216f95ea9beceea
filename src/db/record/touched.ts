/** What acts added, changed and removed, by name: for whoever looks back at them. */
import { sql } from 'kysely'
import type { ActId } from '../../core/ids'
import type { Trx } from '../frame/connect'
import type { ActedTable } from '../frame/tables'

/** Records that the keeper knows by a name. */
const NAMED = [
  'member',
  'place',
  'kit',
  'pocket',
  'item',
  'stock_view',
  'calendar_feed',
  'trip',
] as const satisfies readonly ActedTable[]

/** So many names tell what an act was about; an import has hundreds. */
const MOST_NAMES = 3

export interface Touched {
  readonly what: 'added' | 'changed' | 'removed'
  /** The first few of them. */
  readonly names: readonly string[]
  readonly count: number
}

/** Of each act what it did to records that have names. */
export async function readTouched(
  trx: Trx,
  acts: readonly ActId[],
): Promise<ReadonlyMap<ActId, readonly Touched[]>> {
  if (acts.length === 0) return new Map()
  const of = sql`any(${acts}::uuid[])`
  const each = NAMED.map((table) => {
    const named = sql.table(table)
    return sql`
      select created_by_act as act_id, 'added' as what, name from ${named} where created_by_act = ${of}
      union all
      select removed_by_act, 'removed', name from ${named} where removed_by_act = ${of}
      union all
      select changed.act_id, 'changed', coalesce(changed.before ->> 'name', named.name)
      from record_change changed join ${named} named on named.id = changed.record_id
      where changed.record = ${table} and changed.act_id = ${of}`
  })
  const { rows } = await sql<{ act_id: ActId; what: Touched['what']; names: string[]; n: number }>`
    select act_id, what, (array_agg(distinct name))[1:${sql.lit(MOST_NAMES)}] as names,
           count(distinct name)::int as n
    from (${sql.join(each, sql` union all `)}) touched
    group by act_id, what order by what`.execute(trx)
  const touched = new Map<ActId, Touched[]>()
  for (const { act_id, what, names, n } of rows)
    touched.set(act_id, [...(touched.get(act_id) ?? []), { what, names, count: n }])
  return touched
}
