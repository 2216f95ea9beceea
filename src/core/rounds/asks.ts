/** What is asked about a thing. Nothing is asked that the record can know. */
import type { PlainDate } from '../calendar/plainDate'
import type { ItemKind } from '../stock/itemKind'
import type { Condition } from '../stock/lot'
import type { Contents, RoundPocket, Thing } from './contents'

export const ASKS = [
  'count',
  'date',
  'battery',
  'seal',
  /** Its day is over or it is spoiled: is it out? */
  'take_out',
  /** Lent, or not found last time: is it here? */
  'here_again',
] as const
export type Ask = (typeof ASKS)[number]

/** A battery that was tried in the last months need not be tried again. */
const BATTERY_DAYS = 91

/**
 * In the order in which they are answered; none for a thing that somebody has counted today
 * and whose date was read before.
 */
export function asksOf(thing: Thing, today: PlainDate): readonly Ask[] {
  const { judged, kind, sighting, confirmed } = thing
  const countedToday = confirmed?.on === today && confirmed.changesSince === 0
  if (judged.state === 'spent') return countedToday ? [] : ['take_out']
  if (judged.state === 'lent' || judged.state === 'missing')
    return judged.since === today ? [] : ['here_again']
  const asks: Ask[] = []
  // A date that was read once does not change; only a count does.
  if (thing.expiry.kind === 'unknown' || (thing.expiry.kind !== 'none' && sighting.date === null))
    asks.push('date')
  if (kind === 'battery' && olderThan(sighting.battery, BATTERY_DAYS, today)) asks.push('battery')
  if (kind === 'sterile' && sighting.seal !== today && confirmed?.on !== today) asks.push('seal')
  return countedToday ? asks : ['count', ...asks]
}

const olderThan = (day: PlainDate | null, days: number, today: PlainDate): boolean =>
  day === null || (Date.parse(today) - Date.parse(day)) / 86_400_000 >= days

/** States that are named with one press, by the kind of thing; others are in the kit. */
const CONDITIONS_OF: Readonly<Record<ItemKind, readonly Condition[]>> = {
  medicine: ['caked', 'leaked', 'faded', 'frozen', 'torn'],
  sterile: ['no longer sterile', 'torn', 'leaked'],
  supply: ['torn', 'leaked', 'faded'],
  instrument: ['torn', 'unidentified'],
  sharp: ['no longer sterile', 'torn'],
  battery: ['leaked'],
  pressurised: ['leaked', 'frozen'],
  food: ['caked', 'leaked', 'faded', 'torn'],
  paper: ['torn', 'faded'],
}
export const conditionsOf = ({ kind, condition }: Thing): readonly Condition[] =>
  CONDITIONS_OF[kind].filter((one) => one !== condition)

export interface Toll {
  readonly things: number
  readonly asks: Readonly<Record<Ask, number>>
}

/** How much a round of these pockets would ask. */
export function tollOf(pockets: readonly RoundPocket[], today: PlainDate): Toll {
  const asks: Record<Ask, number> = {
    count: 0,
    date: 0,
    battery: 0,
    seal: 0,
    take_out: 0,
    here_again: 0,
  }
  let things = 0
  for (const { things: here } of pockets)
    for (const thing of here) {
      const asked = asksOf(thing, today)
      if (asked.length > 0) things += 1
      for (const ask of asked) asks[ask] += 1
    }
  return { things, asks }
}

/** The pockets of a round, in its order; one that was taken away meanwhile is left out. */
export function pocketsOf(
  contents: Contents,
  pocketIds: readonly string[],
): readonly RoundPocket[] {
  const byId = new Map(contents.pockets.map((pocket) => [pocket.id as string, pocket]))
  return pocketIds.flatMap((id) => byId.get(id) ?? [])
}
