/** The drawing of a kit: where its pockets lie on the mat, and where a computed layout puts things. */
import type { MatCell } from '../../core/household/pocket'
import type { KitId, LotId, PocketId } from '../../core/ids'
import { overlaps, withinMat } from '../../core/layout/cells'
import type { Amount } from '../../core/quantity/amount'
import { decideMove } from '../../core/stock/decide'
import { lockLots } from '../../db/frame/ledger'
import { editRecord } from '../../db/frame/records'
import { pocketsOf } from '../../db/kits/sites'
import { type Acting, act, append, mustEdit } from '../frame/act'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { decideInTurn } from '../stock/decideInTurn'
import { refuseChanged } from '../stock/manyActs'

/**
 * Puts every pocket of a kit to its cell.
 * @throws {Refusal} `cells_overlap`; `not_found` unless exactly the kit's pockets are named
 */
export const arrangeMat = (
  world: World,
  caller: Caller,
  {
    key,
    kitId,
    cells,
  }: {
    readonly key: string
    readonly kitId: KitId
    readonly cells: readonly {
      readonly pocketId: PocketId
      readonly cell: MatCell
      readonly seenVersion: number
    }[]
  },
) =>
  act(world, caller, { key, kind: 'kit_arranged', request: { kitId, cells } }, async (acting) => {
    const pockets = await pocketsOf(acting.trx, kitId)
    const named = new Set(cells.map(({ pocketId }) => pocketId as string))
    if (
      pockets.length === 0 ||
      pockets.length !== cells.length ||
      !pockets.every(({ id }) => named.has(id))
    )
      throw notFound()
    const within = cells.map((one) => ({ ...one, cell: withinMat(one.cell) }))
    if (within.some(({ cell }, at) => within.slice(0, at).some((one) => overlaps(one.cell, cell))))
      throw new Refusal({ code: 'cells_overlap' })
    for (const { pocketId, cell, seenVersion } of within)
      mustEdit(
        await editRecord(
          acting,
          'pocket',
          pocketId,
          {
            cell_column: cell.column,
            cell_row: cell.row,
            cell_columns: cell.columns,
            cell_rows: cell.rows,
          },
          seenVersion,
        ),
      )
    return {}
  })

export interface LayoutStep {
  readonly lotId: LotId
  readonly from: PocketId
  readonly to: PocketId
  readonly amount: Amount
  readonly seenVersion: number
}

export interface LayoutLabel {
  readonly pocketId: PocketId
  readonly name: string
  readonly seenVersion: number
}

/**
 * Carries out what was taken of a computed layout: within the kit, moves and labels in one act.
 * @throws {Refusal} `not_found` for another kit's pocket; `same_pocket`; what a move or an edit refuses
 */
export const carryOutLayout = (
  world: World,
  caller: Caller,
  {
    key,
    kitId,
    steps,
    labels,
  }: {
    readonly key: string
    readonly kitId: KitId
    readonly steps: readonly LayoutStep[]
    readonly labels: readonly LayoutLabel[]
  },
) =>
  act(
    world,
    caller,
    { key, kind: 'kit_arranged', request: { kitId, steps, labels } },
    async (acting) => {
      const pockets = new Set((await pocketsOf(acting.trx, kitId)).map(({ id }) => id))
      if (steps.some(({ from, to }) => !pockets.has(from) || !pockets.has(to))) throw notFound()
      if (labels.some(({ pocketId }) => !pockets.has(pocketId))) throw notFound()
      if (steps.some(({ from, to }) => from === to)) throw new Refusal({ code: 'same_pocket' })
      const moved = steps.length === 0 ? 0 : await moveWithin(acting, steps)
      for (const { pocketId, name, seenVersion } of labels)
        mustEdit(await editRecord(acting, 'pocket', pocketId, { name }, seenVersion))
      return { moved }
    },
  )

async function moveWithin(acting: Acting, steps: readonly LayoutStep[]): Promise<number> {
  const locked = await lockLots(acting.trx, [...new Set(steps.map(({ lotId }) => lotId))])
  refuseChanged(steps, locked)
  const { facts, done } = await decideInTurn(locked, steps, ({ stock }, { from, to, amount }) =>
    decideMove(stock, { pocket: from, amount }, to),
  )
  await append(acting, locked, facts)
  return done
}
