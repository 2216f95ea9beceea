/** What is to be done, where, and why: errands, derived from the survey. */
import { addDays, byDay, type PlainDate } from '../calendar/plainDate'
import { nextThere } from '../calendar/presence'
import type { Kit, Place } from '../household/places'
import type { LotId, PocketId } from '../ids'
import { type Amount, less, NOTHING, type Total } from '../quantity/amount'
import { type Shortfall, type Spare, shortfalls, spares } from '../restock/shortfall'
import type { DueReason, KitRound } from '../rounds/due'
import type { DueCode } from '../rounds/pace'
import type { Item } from '../stock/item'
import type { HeldBecause, SpentWhy } from '../stock/judge'
import type { JudgedHolding, Line, Survey } from './survey'

/** What one does there, in the order in which it is done. */
export const ERRAND_ACTS = [
  'throw_away',
  'clean',
  'ask',
  'put_back',
  'look_for',
  'replace',
  'top_up',
  'check',
] as const
export type ErrandAct = (typeof ERRAND_ACTS)[number]

export type ErrandReason =
  | { readonly code: 'spent'; readonly why: SpentWhy }
  | { readonly code: 'held'; readonly because: HeldBecause }
  | { readonly code: 'lent'; readonly to: string; readonly since: PlainDate }
  | { readonly code: 'unclean'; readonly since: PlainDate }
  | { readonly code: 'missing'; readonly since: PlainDate }
  | {
      readonly code: 'turns'
      readonly day: PlainDate
      readonly clock: 'printed' | 'opened'
      readonly spare: SpareAt | null
    }
  | {
      readonly code: 'below_par'
      readonly good: Total
      readonly par: Amount
      readonly spare: SpareAt | null
    }
  | {
      readonly code: 'round_due'
      readonly why: DueCode
      /** The oldest look that it is about; null when nobody has looked yet. */
      readonly since: PlainDate | null
      readonly pockets: number
      readonly allPockets: number
    }
  | { readonly code: 'dates_missing'; readonly count: number }

/** Another place has some to spare. */
export interface SpareAt {
  readonly place: Place
  readonly amount: Total
}

export interface Errand {
  /** Stays the same while the reason stands, so that it can be put off. */
  readonly key: string
  readonly act: ErrandAct
  readonly place: Place
  readonly kit: Kit
  readonly pocketId: PocketId | null
  readonly item: Item | null
  readonly lotId: LotId | null
  readonly lotVersion: number | null
  readonly amount: Amount
  readonly reason: ErrandReason
  /** Sooner first; null when it is due already. */
  readonly due: PlainDate | null
  readonly essential: boolean
}

/**
 * All errands of the household, by place in the household's order, then act, then urgency.
 * @param rounds when each kit is next to be looked at
 */
export function errands(survey: Survey, rounds: readonly KitRound[]): readonly Errand[] {
  const spare = spares(survey)
  const all = [
    ...survey.holdings.flatMap(errandOfHolding),
    ...shortfalls(survey).flatMap((shortfall) => errandsOfShortfall(shortfall, spare)),
    ...rounds.filter(({ isDue }) => isDue).flatMap(errandOfRound),
    ...undatedErrands(survey),
  ]
  const placeOrder = new Map(survey.places.map((place, index) => [place.id, index]))
  return all
    .map((errand) => ({ errand, order: orderOf(errand, placeOrder.get(errand.place.id) ?? 0) }))
    .sort(
      (a, b) =>
        a.order - b.order ||
        byText(a.errand.due ?? '', b.errand.due ?? '') ||
        shareThere(a.errand) - shareThere(b.errand) ||
        names.compare(a.errand.item?.name ?? '', b.errand.item?.name ?? '') ||
        byText(a.errand.key, b.errand.key),
    )
    .map(({ errand }) => errand)
}

/** Place, then essentials that lack, then act, then essential: as one number to sort by. */
const orderOf = (errand: Errand, place: number): number =>
  place * 100 +
  (comesFirst(errand) ? 0 : 50) +
  ERRAND_ACTS.indexOf(errand.act) * 2 +
  (errand.essential ? 0 : 1)

/** What is bare comes before what is thin. */
const shareThere = ({ reason }: Errand): number =>
  reason.code === 'below_par' ? reason.good / reason.par : 1

const names = new Intl.Collator('en')
const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

/** An essential that lacks or turns comes before all tidying up. */
const comesFirst = ({ essential, act }: Errand): boolean =>
  essential && (act === 'top_up' || act === 'replace')

function errandOfHolding(holding: JudgedHolding): Errand[] {
  const { judged } = holding
  switch (judged.state) {
    case 'spent':
      return [aboutLot(holding, 'throw_away', { code: 'spent', why: judged.why })]
    case 'held':
      return [aboutLot(holding, 'ask', { code: 'held', because: judged.because })]
    case 'lent':
      return [aboutLot(holding, 'put_back', { code: 'lent', to: judged.to, since: judged.since })]
    case 'unclean':
      return [aboutLot(holding, 'clean', { code: 'unclean', since: judged.since })]
    case 'missing':
      return [aboutLot(holding, 'look_for', { code: 'missing', since: judged.since })]
    case 'turning':
    case 'sound':
      return []
  }
}

const aboutLot = (
  { lot, item, site, amount }: JudgedHolding,
  act: ErrandAct,
  reason: ErrandReason,
): Errand => ({
  key: `${act}:${lot.id}:${site.pocket.id}`,
  act,
  reason,
  item,
  amount,
  place: site.place,
  kit: site.kit,
  pocketId: site.pocket.id,
  lotId: lot.id,
  lotVersion: lot.version,
  due: null,
  essential: item.essential,
})

function errandsOfShortfall(shortfall: Shortfall, spare: ReadonlyMap<string, Spare>): Errand[] {
  const { line, missing, turning } = shortfall
  const { item, site } = line
  const elsewhere = spare.get(item.id)
  const at: SpareAt | null =
    elsewhere && elsewhere.pocketId !== site.pocket.id
      ? { place: elsewhere.line.site.place, amount: elsewhere.amount }
      : null
  const common = {
    place: site.place,
    kit: site.kit,
    pocketId: site.pocket.id,
    item,
    lotId: null,
    lotVersion: null,
    essential: item.essential,
  }
  const made: Errand[] = []
  const first = turning > NOTHING ? firstTurning(line) : null
  if (first)
    made.push({
      ...common,
      key: `replace:${item.id}:${site.pocket.id}`,
      act: 'replace',
      amount: turning,
      due: first.day,
      reason: { code: 'turns', day: first.day, clock: first.clock, spare: at },
    })
  const lacking = less(missing, turning)
  if (lacking > NOTHING)
    made.push({
      ...common,
      key: `top_up:${item.id}:${site.pocket.id}`,
      act: 'top_up',
      amount: lacking,
      due: null,
      reason: { code: 'below_par', good: line.good, par: line.par, spare: at },
    })
  return made
}

function firstTurning(line: Line) {
  const turning = line.holdings.flatMap(({ judged }) =>
    judged.state === 'turning' ? [judged] : [],
  )
  return turning.sort((a, b) => byDay(a.day, b.day))[0] ?? null
}

const aboutKit = (
  key: string,
  kit: Kit,
  place: Place,
  due: PlainDate | null,
  reason: ErrandReason,
): Errand => ({
  key,
  reason,
  due,
  place,
  kit,
  act: 'check',
  pocketId: null,
  item: null,
  lotId: null,
  lotVersion: null,
  amount: NOTHING,
  essential: false,
})

function errandOfRound({ kit, place, dueOn, pockets, allPockets }: KitRound): Errand[] {
  const first = pockets
    .flatMap(({ reasons }) => reasons)
    .reduce<DueReason | null>((a, b) => (a && a.dueOn <= b.dueOn ? a : b), null)
  return first
    ? [
        aboutKit(`check:${kit.id}`, kit, place, dueOn, {
          code: 'round_due',
          why: first.code,
          since: first.since,
          pockets: pockets.length,
          allPockets,
        }),
      ]
    : []
}

/** Medicine and sterile goods whose date nobody has recorded, kit by kit. */
function undatedErrands(survey: Survey): Errand[] {
  const undated = new Map<Kit, { readonly place: Place; count: number }>()
  for (const { lot, item, judged, site } of survey.holdings) {
    if (lot.expiry.kind !== 'unknown' || judged.state === 'spent') continue
    if (item.kind !== 'medicine' && item.kind !== 'sterile') continue
    const of = undated.get(site.kit) ?? { place: site.place, count: 0 }
    undated.set(site.kit, { ...of, count: of.count + 1 })
  }
  return [...undated].map(([kit, { place, count }]) =>
    aboutKit(`dates:${kit.id}`, kit, place, null, { code: 'dates_missing', count }),
  )
}

/** One press puts an errand off until the chance after the coming one, or for a week. */
export function putOffUntil(place: Place, today: PlainDate): PlainDate {
  const there = nextThere(place.presence, today)
  return there.kind === 'on' ? addDays(there.day, 1) : addDays(today, 7)
}
