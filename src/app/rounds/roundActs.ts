/** Starting a round, saying what is there, signing it off. */
import { randomUUID } from 'node:crypto'
import { assertNever } from '../../core/brand'
import type { KitId, PocketId } from '../../core/ids'
import { decideLook } from '../../core/rounds/decideLook'
import { progressOf } from '../../core/rounds/progress'
import type { EntryFact, EntryId, Round, RoundId } from '../../core/rounds/round'
import { isTaken } from '../../db/frame/connect'
import { createLots } from '../../db/frame/ledger'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { type Outcome, readEntries, readRound as roundById } from '../../db/rounds/rounds'
import { type Acting, act, mustEdit } from '../frame/act'
import { appendAsOfThen } from '../frame/backdated'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'
import { receive } from '../stock/receiveLot'
import { noteCheck } from '../watch/errandActs'
import { contentsNow } from './readRounds'

export async function startRound(
  world: World,
  caller: Caller,
  {
    key,
    ...round
  }: {
    readonly key: string
    readonly roundId: RoundId
    readonly kitId: KitId
    readonly pocketIds: readonly PocketId[]
  },
) {
  try {
    return await act(
      world,
      caller,
      { key, kind: 'round_started', request: round },
      async (acting) => {
        await mustHave(acting.trx, 'kit', round.kitId)
        for (const pocketId of round.pocketIds) await mustHave(acting.trx, 'pocket', pocketId)
        await createRecord(
          acting,
          'round',
          {
            kit_id: round.kitId,
            pocket_ids: JSON.stringify(round.pocketIds),
            started_at: acting.at,
            started_by: acting.who,
          },
          round.roundId,
        )
        return {}
      },
    )
  } catch (error) {
    // The id belongs to a round that this household does not have.
    if (isTaken(error)) throw notFound()
    throw error
  }
}

export interface Saying {
  readonly key: string
  readonly roundId: RoundId
  readonly entryId: EntryId
  readonly seconds: number
  readonly by?: string | undefined
  readonly fact: EntryFact
}

/**
 * Takes an answer down, whenever it was given: on the stock as it was then. An answer to a round
 * that has been signed off since is taken as well, because it is true all the same.
 */
export async function sayEntry(
  world: World,
  caller: Caller,
  { key, ...said }: Saying,
): Promise<{ outcome: Outcome; actId: Acting['actId'] }> {
  try {
    return await act(world, caller, { key, kind: 'round_entry', request: said }, async (acting) => {
      const { fact } = said
      await mustHaveRound(acting, said.roundId)
      await mustHave(acting.trx, 'pocket', fact.pocketId)
      const outcome = await carryOutEntry(acting, fact)
      await createRecord(
        acting,
        'round_entry',
        {
          round_id: said.roundId,
          pocket_id: fact.pocketId,
          lot_id: fact.kind === 'looked' ? fact.lotId : null,
          said_at: acting.at,
          said_by: said.by ?? acting.who,
          seconds: said.seconds,
          fact: JSON.stringify(fact),
          outcome: JSON.stringify(outcome),
        },
        said.entryId,
      )
      return { outcome }
    })
  } catch (error) {
    if (isTaken(error)) throw notFound()
    throw error
  }
}

async function carryOutEntry(acting: Acting, fact: EntryFact): Promise<Outcome> {
  switch (fact.kind) {
    case 'at_pocket':
    case 'closed':
      return { kind: 'stood' }
    case 'looked':
      return appendAsOfThen(acting, fact.lotId, fact.pocketId, async ({ lot, stock, settled }) => {
        const { facts, parts } = decideLook(lot, stock, fact.pocketId, fact.look, {
          today: acting.today,
          newIds: [randomUUID(), randomUUID(), randomUUID()] as (typeof lot.id)[],
          settled,
        })
        await createLots(
          acting,
          parts.map(({ id, of, way }) => ({ ...of, id, origin: { lotId: of.id, way } })),
        )
        return facts
      })
    case 'found':
      await receive(acting, {
        pocketId: fact.pocketId,
        item:
          'id' in fact.item
            ? fact.item
            : {
                new: { name: fact.item.name, strength: '', unit: '', purpose: '', forWhom: '' },
              },
        amount: fact.amount,
        par: null,
        expiry: fact.expiry,
        openedOn: null,
        batch: fact.batch,
        boughtAt: '',
        unitPriceMinor: null,
        note: '',
        // Nobody uses what nobody knows.
        held: 'id' in fact.item ? null : 'until somebody says what it is',
      })
      return { kind: 'stood' }
    default:
      return assertNever(fact)
  }
}

/**
 * Signs a round off. A kit of which every pocket was gone through and nothing was left out is
 * looked through with it.
 * @throws {Refusal} `round_finished` when somebody else has signed it
 */
export const finishRound = (
  world: World,
  caller: Caller,
  {
    key,
    roundId,
    signedBy,
  }: { readonly key: string; readonly roundId: RoundId; readonly signedBy: string },
) =>
  act(
    world,
    caller,
    { key, kind: 'round_finished', request: { roundId, signedBy } },
    async (acting) => {
      const round = await mustHaveRound(acting, roundId)
      if (round.finished) throw new Refusal({ code: 'round_finished', ...round.finished })
      mustEdit(
        await editRecord(
          acting,
          'round',
          roundId,
          { finished_at: acting.at.toISOString(), signed_by: signedBy },
          null,
        ),
      )
      if (await isWholeKit(acting, round)) await noteCheck(acting, round.kitId, signedBy)
      return {}
    },
  )

async function isWholeKit(acting: Acting, round: Round): Promise<boolean> {
  const contents = await contentsNow(acting, round.kitId)
  const entries = await readEntries(acting.trx, [round.id])
  const { asked, answered } = progressOf(round, contents, entries, acting.at.toISOString())
  const gone = new Set(round.pocketIds)
  return (
    asked === answered &&
    contents.pockets.every(({ id, things }) => gone.has(id) || things.length === 0)
  )
}

export const leaveRound = (
  world: World,
  caller: Caller,
  { key, roundId }: { readonly key: string; readonly roundId: RoundId },
) =>
  act(world, caller, { key, kind: 'round_left', request: roundId }, async (acting) => {
    await mustHaveRound(acting, roundId)
    await removeRecord(acting, 'round', roundId)
    return {}
  })

async function mustHaveRound({ trx }: Acting, roundId: RoundId): Promise<Round> {
  const round = await roundById(trx, roundId)
  if (!round) throw notFound()
  return round
}
