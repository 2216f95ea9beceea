/** Which rounds are due, open and done; a kit and a round as a device goes through them. */
import type { z } from 'zod'
import type * as rounds from '../../contract/values/rounds'
import { earlier, later, type PlainDate } from '../../core/calendar/plainDate'
import type { KitId } from '../../core/ids'
import { pocketsOf, tollOf } from '../../core/rounds/asks'
import { type Bought, bringing } from '../../core/rounds/bring'
import { type Contents, contentsOf } from '../../core/rounds/contents'
import type { DueReason, KitRound } from '../../core/rounds/due'
import { type Speed, secondsFor } from '../../core/rounds/duration'
import { progressOf } from '../../core/rounds/progress'
import type { Round, RoundId } from '../../core/rounds/round'
import { smallRounds } from '../../core/rounds/small'
import { isHere } from '../../core/shopping/purchase'
import { itemTitle } from '../../core/stock/item'
import type { Errand } from '../../core/watch/errand'
import { readPurchases } from '../../db/restock/shopping'
import {
  readRounds as allRounds,
  type KeptEntry,
  readEntries,
  readRound as roundById,
} from '../../db/rounds/rounds'
import { notFound } from '../frame/refusal'
import { type Caller, type Reading, reading, type Today, type World } from '../frame/world'
import { errandsOf } from '../watch/views'
import { type InspectedStock, inspectedStockOf, lookedAtNow } from './inspection'

export type RoundsView = z.input<typeof rounds.roundsValue>
export type RoundView = z.input<typeof rounds.roundValue>
type OfferedRound = RoundsView['due'][number]

const MOST_FINISHED = 12

export const readRounds = (world: World, caller: Caller): Promise<RoundsView> =>
  reading(world, caller, async (at) => {
    const looks = await inspectedStockOf(at)
    const { survey, confirmations, sightings, speed, rounds } = looks
    const contents = (kitId: KitId): Contents => contentsIn(looks, kitId)
    const bought = await boughtFor(at, looks)
    const offered = rounds.map((round) =>
      offer(round, contents(round.kit.id), speed, errandsOf(looks), bought),
    )
    const known = await allRounds(at.trx, MOST_FINISHED)
    const entries = await readEntries(
      at.trx,
      known.map(({ id }) => id),
    )
    const lines = known.flatMap((round) => roundLine(round, looks, entries, world.now()))
    const due = new Set(
      rounds
        .filter(({ isDue }) => isDue)
        .flatMap(({ pockets }) => pockets.map(({ site }) => site.pocket.id)),
    )
    return {
      pace: at.household.roundPace,
      due: offered.filter(({ isDue }) => isDue),
      later: offered.filter(({ isDue }) => !isDue),
      small: smallRounds(survey, confirmations, sightings, speed, due).map(
        ({ look, pocket, seconds }) => ({
          kitId: look.site.kit.id,
          kit: look.site.kit.name,
          placeId: look.site.place.id,
          place: look.site.place.name,
          hue: look.site.place.hue,
          pocket: { id: pocket.id, name: pocket.name },
          toll: tollOf([pocket], survey.today),
          seconds,
          sure: Math.round(100 * look.sure),
          since: look.oldest?.on ?? null,
        }),
      ),
      open: lines.filter(({ round }) => round.finished === null),
      finished: lines.filter(({ round }) => round.finished !== null),
    }
  })

function offer(
  { kit, place, dueOn, isDue, chance, pockets }: KitRound,
  contents: Contents,
  speed: Speed,
  errands: readonly Errand[],
  bought: readonly Bought[],
): OfferedRound {
  const chosen = pocketsOf(
    contents,
    pockets.map(({ site }) => site.pocket.id),
  )
  const toll = tollOf(chosen, contents.today)
  const reasons = new Map<DueReason['code'], DueReason & { readonly pockets: string[] }>()
  for (const { site, reasons: of } of pockets)
    for (const reason of of) {
      const known = reasons.get(reason.code)
      reasons.set(reason.code, {
        code: reason.code,
        dueOn: known ? earlier(known.dueOn, reason.dueOn) : reason.dueOn,
        things: (known?.things ?? 0) + reason.things,
        since: earliest(known === undefined ? reason.since : known.since, reason.since),
        pockets: [...(known?.pockets ?? []), site.pocket.name],
      })
    }
  return {
    kitId: kit.id,
    kit: kit.name,
    placeId: place.id,
    place: place.name,
    hue: place.hue,
    dueOn,
    isDue,
    chance,
    // What only comes later is not why it is due.
    reasons: [...reasons.values()]
      .filter((reason) => reason.dueOn <= lastDay(pockets))
      .sort((a, b) => a.dueOn.localeCompare(b.dueOn)),
    pockets: chosen.map(({ id, name }) => ({ id, name })),
    allPockets: contents.pockets.map(({ id, name }) => ({ id, name })),
    toll,
    seconds: secondsFor(chosen, speed, contents.today),
    bring: bringing(kit.id, chosen, toll, errands, bought),
  }
}

const lastDay = (pockets: KitRound['pockets']): PlainDate =>
  pockets.map(({ dueOn }) => dueOn).reduce(later)
const earliest = (a: PlainDate | null, b: PlainDate | null): PlainDate | null =>
  a === null || b === null ? null : earlier(a, b)

function roundLine(
  round: Round,
  looks: InspectedStock,
  entries: readonly KeptEntry[],
  now: Date,
): RoundsView['open'] {
  const kit = looks.survey.kits.find(({ id }) => id === round.kitId)
  const place = looks.survey.places.find(({ id }) => id === kit?.placeId)
  if (!kit || !place) return []
  const own = entries.filter(({ roundId }) => roundId === round.id)
  const contents = contentsIn(looks, kit.id)
  const { asked, answered, seconds } = progressOf(round, contents, own, now.toISOString())
  return [
    {
      kitId: kit.id,
      kit: kit.name,
      placeId: place.id,
      place: place.name,
      hue: place.hue,
      round,
      pockets: pocketsOf(contents, round.pocketIds).map(({ name }) => name),
      asked,
      answered,
      seconds,
      hands: [...new Set([round.startedBy, ...own.map(({ by }) => by)])],
    },
  ]
}

function contentsIn(
  {
    survey,
    confirmations,
    sightings,
  }: Pick<InspectedStock, 'survey' | 'confirmations' | 'sightings'>,
  kitId: KitId,
): Contents {
  const kit = survey.kits.find(({ id }) => id === kitId)
  const place = survey.places.find(({ id }) => id === kit?.placeId)
  if (!kit || !place) throw notFound()
  return contentsOf(survey, kit, place, confirmations, sightings)
}

/** Inside an act. */
export const contentsNow = async (at: Today, kitId: KitId): Promise<Contents> =>
  contentsIn(await lookedAtNow(at), kitId)

/** What was bought and waits to be put into a kit. */
async function boughtFor(at: Reading, { survey }: InspectedStock): Promise<readonly Bought[]> {
  return (await readPurchases(at.trx)).filter(isHere).flatMap(({ itemId, goesTo }) =>
    goesTo.flatMap(({ pocketId, amount }): Bought[] => {
      const site = survey.sites.get(pocketId)
      const item = survey.lines.find((line) => line.item.id === itemId)?.item
      return site && item
        ? [
            {
              kitId: site.kit.id,
              title: itemTitle(item),
              unit: item.unit,
              amount,
              pocket: site.pocket.name,
            },
          ]
        : []
    }),
  )
}

export const readContents = (world: World, caller: Caller, kitId: KitId): Promise<GoingRound> =>
  reading(world, caller, async (at) => going(at, await inspectedStockOf(at), kitId))

type GoingRound = Pick<RoundView, 'contents' | 'speed' | 'dateOrder' | 'weekStart'>

const going = ({ household }: Reading, looks: InspectedStock, kitId: KitId): GoingRound => ({
  contents: contentsIn(looks, kitId),
  speed: looks.speed,
  dateOrder: household.dateOrder,
  weekStart: household.weekStart,
})

export const readRound = (world: World, caller: Caller, roundId: RoundId): Promise<RoundView> =>
  reading(world, caller, async (at) => {
    const round = await roundById(at.trx, roundId)
    if (!round) throw notFound()
    return {
      ...going(at, await inspectedStockOf(at), round.kitId),
      round,
      entries: await readEntries(at.trx, [roundId]),
      now: world.now().toISOString(),
    } as RoundView
  })
