/** The demo's year of small things: uses, moves, loans, what was given and thrown away. */
import type { Caller, World } from '../app/frame/world'
import { amendLot, discardLot, giveLot, moveLot, useLot } from '../app/stock/lotActs'
import { decantLot, reuseLot } from '../app/stock/partActs'
import { receiveLot } from '../app/stock/receiveLot'
import { addDays, lastDayOfMonth, monthOfDay, type PlainDate } from '../core/calendar/plainDate'
import type { LotId, PocketId } from '../core/ids'
import { units } from '../core/quantity/amount'
import type { Stocked } from './stocked'

/** What somebody did so many days ago. */
type Event = readonly [
  daysAgo: number,
  who: string,
  act: (world: World, caller: Caller) => Promise<unknown>,
]

/** Days ago, strips and who: plasters are what goes. */
const PLASTERS = [
  [301, 1, 'Tove'],
  [233, 2, 'Ilse'],
  [148, 1, 'Arlo'],
  [57, 1, 'Ilse'],
  [9, 2, 'Tove'],
] as const

/** One after the other, the oldest first, as a record is written. */
export async function liveThrough(
  on: (daysAgo: number) => World,
  caller: Caller,
  stocked: Stocked,
  today: PlainDate,
): Promise<void> {
  const events = [...eventsOf(stocked, today)].sort(([a], [b]) => b - a)
  for (const [daysAgo, who, act] of events) await act(on(daysAgo), { ...caller, name: who })
}

function eventsOf({ lots, pockets, items }: Stocked, today: PlainDate): readonly Event[] {
  const versions = new Map<LotId, number>()
  let step = 0
  const seen = (label: string) => {
    const lotId = found(lots, label)
    const seenVersion = versions.get(lotId) ?? 1
    versions.set(lotId, seenVersion + 1)
    step += 1
    return { key: `demo-step-${step}`, lotId, seenVersion }
  }
  const pocket = (label: string): PocketId => found(pockets, label)
  const taken = (label: string, from: string, count: number) => ({
    ...seen(label),
    pocketId: pocket(from),
    amount: units(count),
  })
  const drops = pocket('bath/Drops and creams')
  let oldDrops: LotId | null = null

  return [
    ...PLASTERS.map(
      ([daysAgo, count, who]): Event => [
        daysAgo,
        who,
        (world, by) => useLot(world, by, taken('hall/plasters', 'hall/Lid', count)),
      ],
    ),
    [
      200,
      'Tove',
      async (world, by) => {
        const received = await receiveLot(world, by, {
          key: 'demo-old-drops',
          pocketId: drops,
          item: { id: found(items, 'eyeDrops') },
          amount: units(1),
          par: null,
          expiry: { kind: 'day', day: lastDayOfMonth(monthOfDay(addDays(today, -60))) },
          openedOn: null,
          batch: 'E204',
          boughtAt: 'Corner pharmacy',
          unitPriceMinor: 780,
          note: '',
        })
        oldDrops = received.lotId
      },
    ],
    [
      92,
      'Tove',
      (world, by) =>
        giveLot(world, by, {
          ...taken('hall/saline', 'hall/Tray 1 · small wounds', 2),
          to: 'the neighbours at number 9',
        }),
    ],
    [
      81,
      'Ilse',
      (world, by) => useLot(world, by, taken('pantry/rehyd', 'pantry/Pouch D · stomach', 1)),
    ],
    [
      62,
      'Ilse',
      (world, by) =>
        decantLot(world, by, {
          ...taken('bath/travel', 'bath/Top shelf · grown-ups', 4),
          to: pocket('glove/Back'),
          directions: 'Label: one tablet an hour before the drive, grown-ups only; may make drowsy',
        }),
    ],
    [
      55,
      'Tove',
      async (world, by) => {
        if (!oldDrops) throw new Error('The demo throws away drops that it never bought')
        await discardLot(world, by, {
          key: 'demo-discard-drops',
          lotId: oldDrops,
          seenVersion: 1,
          pocketId: drops,
          amount: units(1),
        })
      },
    ],
    [
      46,
      'Ilse',
      (world, by) =>
        moveLot(world, by, {
          ...taken('hall/gauze', 'hall/Tray 1 · small wounds', 2),
          to: pocket('pantry/Pouch A · wounds'),
        }),
    ],
    [
      36,
      'Tove',
      (world, by) => useLot(world, by, taken('bath/cetTab', 'bath/Top shelf · grown-ups', 1)),
    ],
    [
      20,
      'Ilse',
      (world, by) =>
        amendLot(world, by, {
          ...seen('shed/foil'),
          details: { note: 'One fold is loose; still whole' },
        }),
    ],
    [
      12,
      'Ilse',
      (world, by) =>
        amendLot(world, by, {
          ...seen('pannier/foil'),
          details: { standing: { kind: 'missing', since: addDays(today, -12) } },
        }),
    ],
    [
      2,
      'Arlo',
      (world, by) => reuseLot(world, by, taken('animals/petThermometer', 'animals/Main', 1)),
    ],
  ]
}

function found<Key, Value>(map: ReadonlyMap<Key, Value>, key: Key): Value {
  const value = map.get(key)
  if (value === undefined) throw new Error(`The demo has no ${String(key)}`)
  return value
}
