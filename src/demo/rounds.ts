/** What the demo's helpers have looked at: a round of the pannier, codes on packs, a printed sheet. */
import type { Caller, World } from '../app/frame/world'
import { teachCode } from '../app/items/codeActs'
import { readContents } from '../app/rounds/readRounds'
import { finishRound, sayEntry, startRound } from '../app/rounds/roundActs'
import { notePrinted } from '../app/sheets/sheetActs'
import type { ItemId, KitId } from '../core/ids'
import type { Contents } from '../core/rounds/contents'
import { type EntryId, plainLook, type RoundId } from '../core/rounds/round'
import type { DemoItemKey } from './household'

/** So many days ago Tove went through the pannier pouch. */
const ROUND_DAYS_AGO = 23
/** The sheet that hangs in the hall drawers. */
const PRINTED_DAYS_AGO = 70

/** As on the practice labels. */
const CODES: readonly (readonly [DemoItemKey, string])[] = [
  ['cetTab', '09520000000028'],
  ['rehyd', '09520000000035'],
  ['plasters', '09520000000059'],
  ['foil', '00000095200002'],
  ['eyeDrops', '09520000000066'],
]

export interface DemoKits {
  readonly items: ReadonlyMap<DemoItemKey, ItemId>
  readonly kits: ReadonlyMap<string, KitId>
  readonly newId: () => string
}

export async function liveRounds(
  on: (daysAgo: number) => World,
  caller: Caller,
  { items, kits, newId }: DemoKits,
): Promise<void> {
  const hall = kits.get('hall')
  const pannier = kits.get('pannier')
  if (!hall || !pannier) throw new Error('The demo has no hall drawers or no pannier')
  for (const [item, gtin] of CODES) {
    const itemId = items.get(item)
    if (itemId)
      await teachCode(on(PRINTED_DAYS_AGO), caller, { key: `demo-code-${gtin}`, itemId, gtin })
  }
  await notePrinted(on(PRINTED_DAYS_AGO), caller, { key: 'demo-sheet-hall', kitId: hall })
  await goThrough(on(ROUND_DAYS_AGO), { ...caller, name: 'Tove' }, pannier, newId)
}

/** Finds everything as recorded. */
async function goThrough(
  world: World,
  caller: Caller,
  kitId: KitId,
  newId: () => string,
): Promise<void> {
  const contents = (await readContents(world, caller, kitId)).contents as Contents
  const roundId = newId() as RoundId
  await startRound(world, caller, {
    key: roundId,
    roundId,
    kitId,
    pocketIds: contents.pockets.map(({ id }) => id),
  })
  for (const { things } of contents.pockets)
    for (const { pocketId, lotId, title, unit, kind, recorded, expiry } of things) {
      const entryId = newId() as EntryId
      await sayEntry(world, caller, {
        key: entryId,
        roundId,
        entryId,
        seconds: 8,
        fact: {
          kind: 'looked',
          pocketId,
          lotId,
          was: { title, unit, kind, amount: recorded, expiry, away: false },
          look: { ...plainLook(recorded), date: { kind: 'as_recorded' } },
        },
      })
    }
  await finishRound(world, caller, {
    key: `demo-signed-${roundId}`,
    roundId,
    signedBy: caller.name,
  })
}
