/** The first screen: places, the season ribbon, and errands by place. */
import type { z } from 'zod'
import type * as places from '../../contract/values/places'
import type * as watch from '../../contract/values/watch'
import { nextThere } from '../../core/calendar/presence'
import { catalogue } from '../../core/catalogue/catalogue'
import type { PlaceId } from '../../core/ids'
import { goodsOfLine } from '../../core/layout/ofKit'
import { itemTitle } from '../../core/stock/item'
import type { Errand } from '../../core/watch/errand'
import { gravest } from '../../core/watch/gravest'
import { type Headline, headline } from '../../core/watch/headline'
import { ribbon, ribbonTitle } from '../../core/watch/ribbon'
import type { JudgedHolding, Survey } from '../../core/watch/survey'
import { deletionOf } from '../../db/account/leaving'
import { readPurchases } from '../../db/restock/shopping'
import { openTrips } from '../../db/trips/trips'
import { readDeferrals } from '../../db/watch/deferrals'
import { judgedStockOf } from '../cover/judgementOf'
import { onceFor } from '../frame/cache'
import { type Caller, type Reading, reading, surveyOf, type World } from '../frame/world'
import { begunOf } from '../household/begunOf'
import { recallCount } from '../restock/recalls'
import { type InspectedStock, inspectedStockOf } from '../rounds/inspection'
import { errandView, openErrands, strapOf } from './views'

export type WatchView = z.infer<typeof watch.watchValue>

/** So many errands of a place are sent at first; asking for one place sends them all. */
export const FIRST_ERRANDS = 24
const MOST_ON_A_TAG = 12

export const readWatch = async (
  world: World,
  caller: Caller,
  onlyPlace?: PlaceId,
): Promise<WatchView> => {
  const recalled = await recallCount(world)
  return reading(world, caller, async (at) => watchView(await everything(at, recalled), onlyPlace))
}

/** The same with every errand of every place, for paper. */
export const readAllErrands = async (world: World, caller: Caller): Promise<WatchView> => {
  const recalled = await recallCount(world)
  return reading(world, caller, async (at) =>
    watchView(await everything(at, recalled), undefined, true),
  )
}

/** What the strap, Watch and single errands are made from. */
export async function everything(at: Reading, recalled: (survey: Survey) => number) {
  const looks = await inspectedStockOf(at)
  const deferred = await readDeferrals(at.trx, at.today)
  const purchases = await readPurchases(at.trx)
  return {
    household: { ...at.household, role: at.role },
    deletion: await deletionOf(at.trx),
    beginning: await begunOf(at),
    looks,
    ...openErrands(looks, deferred, purchases, recalled(looks.survey)),
  }
}

export const readStrap = (world: World, caller: Caller): Promise<z.infer<typeof places.strap>> =>
  reading(world, caller, strapAt)

/** The strap alone: what every screen stands in. */
export async function strapAt(at: Reading): Promise<z.infer<typeof places.strap>> {
  // Whoever does not see the medicines is told nothing of what they are for.
  const judgement = at.seesAll ? (await judgedStockOf(at)).judgement : null
  return strapOf(
    await surveyOf(at),
    judgement,
    { ...at.household, role: at.role },
    await deletionOf(at.trx),
    await begunOf(at),
    await openTrips(at.trx),
  )
}

/** Pure: the view of a survey and its open errands. @param isWhole all of them, not only the first */
export function watchView(
  {
    household,
    deletion,
    beginning,
    looks,
    open,
    putOff,
    listed,
  }: Awaited<ReturnType<typeof everything>>,
  onlyPlace?: PlaceId,
  isWhole = onlyPlace !== undefined,
): WatchView {
  const { survey, judged } = looks
  const { judgement } = judged
  const view = (errand: Errand) => errandView(looks, errand)
  const groups = survey.places.map((place) => {
    const of = open.filter((errand) => errand.place.id === place.id)
    return {
      placeId: place.id,
      next: nextThere(place.presence, survey.today),
      total: of.length,
      errands: (isWhole ? of : of.slice(0, FIRST_ERRANDS)).map(view),
    }
  })
  const facts = { survey, judgement, open, later: putOff.length, listed }
  return {
    strap: strapOf(
      survey,
      judgement,
      household,
      deletion,
      beginning,
      looks.trips.map(({ trip }) => trip),
    ),
    headline: headlineView(headline(facts), looks),
    ribbon: ribbonView(survey),
    groups: onlyPlace ? groups.filter(({ placeId }) => placeId === onlyPlace) : groups,
    gravest: gravest(open, survey.today).map(view),
    putOff: putOff.map(({ errand, until }) => ({ errand: view(errand), until })),
    listed,
  }
}

function headlineView(facts: Headline, { judged }: InspectedStock): WatchView['headline'] {
  const { members } = judged.pantry.stock
  const nameOf = (memberId: string) => members.find(({ id }) => id === memberId)?.name ?? ''
  switch (facts.code) {
    case 'not_ready':
      return {
        ...facts,
        place: facts.place.name,
        placeId: facts.place.id,
        problems: [...facts.problems],
        members: facts.members.map(nameOf),
      }
    case 'runs_out': {
      const { memberId, ...rest } = facts
      return { ...rest, member: nameOf(memberId) }
    }
    case 'to_do':
      return { ...facts, places: facts.places.map(({ name }) => name) }
    case 'lapses':
    case 'essentials_bare':
    case 'turns_before_back':
      return { ...facts, place: facts.place.name }
    default:
      return facts
  }
}

const ribbonView = onceFor((survey: Survey): WatchView['ribbon'] => {
  const entries = catalogue()
  const life = new Map<string, boolean>()
  const isLife = ({ item }: JudgedHolding): boolean => {
    const known = life.get(item.id) ?? goodsOfLine({ item }, entries).urgency === 'life'
    life.set(item.id, known)
    return known
  }
  const { from, to, lanes } = ribbon(survey, isLife)
  return {
    from,
    to,
    lanes: lanes.map(({ place, visits, tags }) => ({
      placeId: place.id,
      visits: visits.map(({ startsOn, endsOn, label }) => ({ startsOn, endsOn, label })),
      tags: tags.flatMap((tag) => {
        const [first] = tag.holdings
        if (!first) return []
        return {
          day: tag.day,
          row: tag.row,
          title: ribbonTitle(first),
          count: tag.holdings.length,
          turning: tag.holdings.some(({ judged }) => judged.state === 'turning'),
          lots: tag.holdings.slice(0, MOST_ON_A_TAG).map(ribbonLot),
        }
      }),
    })),
  }
})

const ribbonLot = ({ lot, item, site, amount, judged }: JudgedHolding) => ({
  lotId: lot.id,
  kitId: site.kit.id,
  kit: site.kit.name,
  title: itemTitle(item),
  day: judged.state === 'turning' ? judged.day : dayOf(judged),
  amount,
  unit: item.unit,
  turning: judged.state === 'turning',
})

/** Only lots with an end are on the ribbon. */
function dayOf(judged: JudgedHolding['judged']) {
  if ('lastGood' in judged && judged.lastGood.kind === 'day') return judged.lastGood.day
  throw new Error('A lot without an end is not on the ribbon')
}
