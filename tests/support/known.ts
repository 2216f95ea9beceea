/** A household with people, places and stock, judged whole: for what every engine says together. */
import { lookahead } from '../../src/core/calendar/presence'
import { catalogue } from '../../src/core/catalogue/catalogue'
import { knownItem } from '../../src/core/cover/knownItem'
import { pantry } from '../../src/core/cover/pantry'
import { schoolsOf } from '../../src/core/cover/schools'
import type { Course } from '../../src/core/household/course'
import type { Member } from '../../src/core/household/member'
import type { Kit, Place } from '../../src/core/household/places'
import type { CourseId, ItemId } from '../../src/core/ids'
import { judge } from '../../src/core/judgement/judgement'
import { amount, units } from '../../src/core/quantity/amount'
import type { Item } from '../../src/core/stock/item'
import type { Lot } from '../../src/core/stock/lot'
import type { Errand } from '../../src/core/watch/errand'
import { errands, type Known } from '../../src/core/watch/errands'
import { type Headline, headline } from '../../src/core/watch/headline'
import { survey } from '../../src/core/watch/survey'
import { aKit, aLot, anItem, aPlace, aPocket, onDay, TODAY } from './household'

/** So much of a catalogue entry at the place of that number, against so much that belongs there. */
export interface Laid {
  readonly of: string
  readonly at?: number
  readonly there?: number
  readonly par?: number
  /** Its last good day. */
  readonly until?: string
  readonly lot?: Partial<Lot>
  readonly item?: Partial<Item>
  /** The lot's number, where it is to stay the same whatever lies before it. */
  readonly number?: number
}

export interface Household {
  readonly members?: readonly Member[]
  /** The first is where the household lives, unless it says otherwise. */
  readonly places?: readonly (Partial<Place> & { readonly kit?: Partial<Kit> })[]
  readonly laid?: readonly Laid[]
  readonly courses?: readonly (Partial<Course> & { readonly member: Member; readonly of: string })[]
  readonly pharmacyDays?: Known['pharmacyDays']
  readonly recalled?: number
  readonly followUps?: Known['followUps']
  readonly trips?: Known['trips']
  readonly coming?: Known['coming']
  readonly takings?: Known['takings']
}

const entryOf = (id: string) => {
  const entry = catalogue().get(id)
  if (!entry) throw new Error(`The catalogue has no ${id}`)
  return entry
}

/** The same for an entry in every household. */
const numberOf = (id: string): number => 1 + [...catalogue().keys()].indexOf(id)

export function knownOf({
  members = [],
  places = [{}],
  laid = [],
  courses = [],
  pharmacyDays = [1, 2, 3, 4, 5, 6, 7],
  recalled = 0,
  followUps = [],
  trips = [],
  coming = [],
  takings = [],
}: Household): Known {
  const sites = places.map(({ kit, ...fields }, n) => {
    const place = { ...aPlace(n + 1, `Place ${n + 1}`), ...fields }
    const made = { ...aKit(n + 1, place), ...kit }
    return { place, kit: made, pocket: aPocket(n + 1, made) }
  })
  const entries = [...new Set([...laid.map(({ of }) => of), ...courses.map(({ of }) => of)])]
  const items = new Map(
    entries.map((of) => {
      const { name, strength, unit, kind, id } = entryOf(of)
      const own = laid.find((one) => one.of === of)?.item
      return [of, anItem(numberOf(id), { name, strength, unit, kind, catalogueId: id, ...own })]
    }),
  )
  const itemOf = (of: string) => items.get(of) ?? anItem(99)
  const pocketAt = (at = 0) => {
    const site = sites[at]
    if (!site) throw new Error(`No place ${at}`)
    return site.pocket.id
  }
  const lots = laid.flatMap(({ of, at, there = 0, until, lot, number }, n) =>
    there === 0
      ? []
      : [
          {
            lot: aLot(number ?? n + 1, itemOf(of), {
              ...(until && { expiry: onDay(until) }),
              ...lot,
            }),
            pocketId: pocketAt(at),
            amount: amount(there * 1000),
          },
        ],
  )
  const made: readonly Course[] = courses.map(({ member, of, ...rest }, n) => ({
    id: `course-${n}` as CourseId,
    memberId: member.id,
    itemId: itemOf(of).id as ItemId,
    reason: '',
    prescriber: 'Dr Vale',
    directions: 'As written',
    perDay: units(1),
    startsOn: TODAY,
    endsOn: null,
    release: null,
    confirmedAgainstWarning: false,
    version: 1,
    ...rest,
  }))
  const stock = {
    places: sites.map(({ place }) => place),
    kits: sites.map(({ kit }) => kit),
    pockets: sites.map(({ pocket }) => pocket),
    items: [...items.values()],
    pars: laid.flatMap(({ of, at, par = 0 }) =>
      par > 0
        ? [{ itemId: itemOf(of).id, pocketId: pocketAt(at), amount: amount(par * 1000) }]
        : [],
    ),
    lots: lots.map(({ lot }) => lot),
    holdings: lots.map((one) => ({
      lotId: one.lot.id,
      pocketId: one.pocketId,
      amount: one.amount,
    })),
    courses: made,
  }
  const judgedStock = survey(stock, TODAY, lookahead(30))
  const laidOut = pantry({
    members,
    courses: made,
    places: stock.places.map((place) => ({
      ...place,
      isStore: place.presence.rhythm.kind === 'always',
    })),
    kits: stock.kits,
    pockets: stock.pockets,
    items: stock.items.map(knownItem),
    lots: stock.lots,
    holdings: stock.holdings,
    schools: schoolsOf({}),
    labels: 'us',
    signed: [],
    leftOut: [],
  })
  const until = new Map(
    [...judgedStock.sites.values()].map(({ place, nextCheck }) => [place.id, nextCheck]),
  )
  return {
    survey: judgedStock,
    rounds: [],
    judged: { pantry: laidOut, judgement: judge(laidOut, TODAY, until) },
    pharmacyDays,
    recalled,
    followUps,
    trips,
    coming,
    harsh: new Set(),
    takings,
  }
}

export const headlineOf = (
  known: Known,
  open: readonly Errand[] = errands(known),
  later = 0,
  listed = 0,
): Headline =>
  headline({
    survey: known.survey,
    judgement: known.judged.judgement,
    open,
    later,
    listed,
  })
