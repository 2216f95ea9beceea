/** The first screen: places, the season ribbon, and errands by place. */
import type { z } from 'zod'
import type * as places from '../../contract/values/places'
import type * as watch from '../../contract/values/watch'
import { nextThere } from '../../core/calendar/presence'
import { takesSomething } from '../../core/cover/pantry'
import { notAsked } from '../../core/household/asked'
import type { PlaceId } from '../../core/ids'
import { itemTitle } from '../../core/stock/item'
import { type Headline, headline } from '../../core/watch/headline'
import { ribbon, ribbonTitle } from '../../core/watch/ribbon'
import type { JudgedHolding, Survey } from '../../core/watch/survey'
import { deletionOf } from '../../db/account/leaving'
import { readCourses, readMembers } from '../../db/members/members'
import { readPurchases } from '../../db/restock/shopping'
import { readDeferrals } from '../../db/watch/deferrals'
import { judgedStockOf } from '../cover/judgementOf'
import { onceFor } from '../frame/cache'
import { type Caller, type Reading, reading, type World } from '../frame/world'
import { recallCount } from '../restock/recalls'
import { inspectedStockOf } from '../rounds/inspection'
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
  return reading(world, caller, async (at) => {
    const all = await everything(at)
    const members = await readMembers(at.trx, at.today)
    const courses = members.length === 0 ? [] : await readCourses(at.trx)
    const unasked = members.flatMap((member) => {
      if (member.guestUntil !== null) return []
      const topics = notAsked(member, takesSomething(courses, member.id, at.today))
      return topics.length === 0
        ? []
        : [{ memberId: member.id, name: member.name, topics: [...topics] }]
    })
    return watchView({ ...all, recalled: recalled(all.survey), unasked }, onlyPlace)
  })
}

/** What the strap, Watch and single errands are made from. */
export async function everything(at: Reading) {
  const looks = await inspectedStockOf(at)
  const deferred = await readDeferrals(at.trx, at.today)
  const purchases = await readPurchases(at.trx)
  const { judgement } = await judgedStockOf(at)
  return {
    household: at.household,
    deletion: await deletionOf(at.trx),
    survey: looks.survey,
    judgement,
    ...openErrands(looks, deferred, purchases),
  }
}

export const readStrap = (world: World, caller: Caller): Promise<z.infer<typeof places.strap>> =>
  reading(world, caller, async (at) => {
    const { survey, judgement, open, household, deletion } = await everything(at)
    return strapOf(survey, judgement, open, household, deletion)
  })

/** Pure: the view of a survey and its open errands. */
export function watchView(
  {
    household,
    deletion,
    survey,
    judgement,
    open,
    later,
    listed,
    recalled,
    unasked,
  }: Awaited<ReturnType<typeof everything>> & {
    readonly recalled: number
    readonly unasked: WatchView['unasked']
  },
  onlyPlace?: PlaceId,
): WatchView {
  const groups = survey.places.map((place) => {
    const of = open.filter((errand) => errand.place.id === place.id)
    return {
      placeId: place.id,
      next: nextThere(place.presence, survey.today),
      total: of.length,
      errands: (onlyPlace ? of : of.slice(0, FIRST_ERRANDS)).map((errand) =>
        errandView(survey, errand),
      ),
    }
  })
  return {
    strap: strapOf(survey, judgement, open, household, deletion),
    headline: headlineView(headline(survey, open)),
    ribbon: ribbonView(survey),
    groups: onlyPlace ? groups.filter(({ placeId }) => placeId === onlyPlace) : groups,
    later,
    listed,
    recalled,
    unasked,
  }
}

function headlineView(facts: Headline): WatchView['headline'] {
  if ('place' in facts) return { ...facts, place: facts.place.name }
  if ('places' in facts) return { ...facts, places: facts.places.map(({ name }) => name) }
  return facts
}

const ribbonView = onceFor((survey: Survey): WatchView['ribbon'] => {
  const { from, to, lanes } = ribbon(survey)
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
