/**
 * Which pockets of which kits are due, and why: by risk, not by one yearly date. What lies in a
 * pocket decides when it is looked at; trips, seasons and the end of a visit gather it.
 */
import { addDays, byDay, earlier, later, type PlainDate } from '../calendar/plainDate'
import { type NextThere, nextThere, type Presence, type Visit } from '../calendar/presence'
import type { Kit, Place } from '../household/places'
import type { KitId, PocketId } from '../ids'
import { goodsOf } from '../layout/goods'
import { type Entries, entryOf } from '../layout/ofKit'
import type { Confirmation } from '../trust/certainty'
import { confirmationKey } from '../trust/nextLook'
import type { JudgedHolding, Site, Survey } from '../watch/survey'
import { inOrderOut } from './order'
import { DUE_CODES, DUE_RULES, type DueCode, GATHERED_DAYS, type Pace } from './pace'

export interface DueReason {
  readonly code: DueCode
  readonly dueOn: PlainDate
  /** How many things are due for it. */
  readonly things: number
  /** The oldest look among them; null when there was none. */
  readonly since: PlainDate | null
}

export interface PocketDue {
  readonly site: Site
  readonly dueOn: PlainDate
  /** One a code, the most telling first. */
  readonly reasons: readonly DueReason[]
}

/** When a kit is next to be looked at, and which of its pockets then. */
export interface KitRound {
  readonly kit: Kit
  readonly place: Place
  readonly dueOn: PlainDate
  /** When somebody can. */
  readonly chance: NextThere
  /** Due by the coming chance: it is an errand. */
  readonly isDue: boolean
  /** Due then or soon after, in the order in which they come out. */
  readonly pockets: readonly PocketDue[]
  readonly allPockets: number
}

/**
 * All kits with something in them, the one due first first.
 * @param confirmations who last looked at what (see `Confirmation`)
 */
export function kitRounds(
  survey: Survey,
  confirmations: ReadonlyMap<string, Confirmation>,
  pace: Pace,
  entries: Entries,
): readonly KitRound[] {
  const places = new Map(survey.places.map((place) => [place.id, place]))
  const byKit = new Map<KitId, JudgedHolding[]>()
  for (const holding of survey.holdings) {
    const of = byKit.get(holding.site.kit.id)
    if (of) of.push(holding)
    else byKit.set(holding.site.kit.id, [holding])
  }
  const sites = new Map<KitId, number>()
  for (const { kit } of survey.sites.values()) sites.set(kit.id, (sites.get(kit.id) ?? 0) + 1)
  return survey.kits
    .flatMap((kit): KitRound[] => {
      const place = places.get(kit.placeId)
      const holdings = byKit.get(kit.id) ?? []
      if (!place || holdings.length === 0) return []
      const occasions = occasionsOf(place, survey, pace)
      const due = pocketsDue(kit, holdings, occasions, { survey, confirmations, pace, entries })
      const [first] = due.map(({ dueOn }) => dueOn).sort(byDay)
      if (!first) return []
      const chance = nextThere(place.presence, survey.today)
      const by = endOfChance(place.presence, chance, survey.today)
      const gathered = addDays(later(first, by), GATHERED_DAYS[pace])
      return [
        {
          kit,
          place,
          dueOn: first,
          chance,
          isDue: first <= by,
          pockets: due.filter(({ dueOn }) => dueOn <= gathered),
          allPockets: sites.get(kit.id) ?? 0,
        },
      ]
    })
    .sort((a, b) => byDay(a.dueOn, b.dueOn) || a.kit.name.localeCompare(b.kit.name))
}

/** The last day of the coming stay: what is due by then can be done before leaving. */
function endOfChance({ visits }: Presence, chance: NextThere, today: PlainDate): PlainDate {
  const day = chance.kind === 'on' ? chance.day : today
  return visits
    .filter(({ startsOn, endsOn }) => startsOn <= day && day <= endsOn)
    .map(({ endsOn }) => endsOn)
    .reduce(later, day)
}

interface Judging {
  readonly survey: Survey
  readonly confirmations: ReadonlyMap<string, Confirmation>
  readonly pace: Pace
  readonly entries: Entries
}

function pocketsDue(
  kit: Kit,
  holdings: readonly JudgedHolding[],
  occasions: readonly Occasion[],
  judging: Judging,
): readonly PocketDue[] {
  const pockets = new Map<PocketId, { site: Site; reasons: Map<DueCode, DueReason> }>()
  for (const holding of holdings) {
    const { site } = holding
    const of = pockets.get(site.pocket.id) ?? { site, reasons: new Map() }
    pockets.set(site.pocket.id, of)
    for (const reason of reasonsOf(kit, holding, occasions, judging)) {
      const known = of.reasons.get(reason.code)
      of.reasons.set(reason.code, known ? together(known, reason) : reason)
    }
  }
  const due = [...pockets.values()].flatMap(({ site, reasons }): PocketDue[] => {
    const all = [...reasons.values()].sort(
      (a, b) => byDay(a.dueOn, b.dueOn) || DUE_CODES.indexOf(a.code) - DUE_CODES.indexOf(b.code),
    )
    const [first] = all
    return first ? [{ site, dueOn: first.dueOn, reasons: all }] : []
  })
  const order = inOrderOut(due.map(({ site }) => site.pocket)).map(({ id }) => id)
  return due.sort((a, b) => order.indexOf(a.site.pocket.id) - order.indexOf(b.site.pocket.id))
}

const together = (a: DueReason, b: DueReason): DueReason => ({
  code: a.code,
  dueOn: earlier(a.dueOn, b.dueOn),
  things: a.things + b.things,
  since: a.since === null || b.since === null ? null : earlier(a.since, b.since),
})

/** Errands of their own: to be thrown away, brought back, looked for. */
const SETTLED_OTHERWISE: ReadonlySet<string> = new Set(['spent', 'lent', 'missing'])

function reasonsOf(
  kit: Kit,
  { lot, item, site, judged }: JudgedHolding,
  occasions: readonly Occasion[],
  { survey, confirmations, pace, entries }: Judging,
): readonly DueReason[] {
  if (SETTLED_OTHERWISE.has(judged.state)) return []
  const { today } = survey
  const confirmed = confirmations.get(confirmationKey(lot.id, site.pocket.id)) ?? null
  const of = (code: DueCode, dueOn: PlainDate): DueReason => ({
    code,
    dueOn,
    things: 1,
    since: confirmed?.on ?? null,
  })
  if (!confirmed) return [of('never', today)]
  const after = (code: DueCode, from: PlainDate = confirmed.on): DueReason =>
    of(code, addDays(from, DUE_RULES[code].days?.[pace] ?? 0))
  const reasons: DueReason[] = [
    of(
      'yearly',
      addDays(
        confirmed.on,
        pace === 'thorough' ? Math.ceil(kit.checkEveryDays / 2) : kit.checkEveryDays,
      ),
    ),
  ]
  const entry = entryOf(item, entries)
  const goods = goodsOf(item, entry)
  if (confirmed.changedOn) reasons.push(after('used', confirmed.changedOn))
  if (lot.opened.kind === 'opened')
    reasons.push(after('opened', later(lot.opened.on, confirmed.on)))
  if (isExposed(site) && (goods.frostHarms || goods.isMedicine)) reasons.push(after('exposed'))
  if (entry?.form === 'drops') reasons.push(after('drops'))
  if (item.kind === 'battery') reasons.push(after('battery'))
  if (item.kind === 'medicine') reasons.push(after('medicine'))
  const ordinary = reasons.map(({ dueOn }) => dueOn).reduce(earlier)
  for (const { code, day, unlessSince, onlyIfDueBy } of occasions)
    if (confirmed.on < unlessSince && (onlyIfDueBy === null || ordinary <= onlyIfDueBy))
      reasons.push(of(code, day))
  return reasons
}

/** Where neither the house's warmth nor its cool keeps it. */
const isExposed = ({ place, pocket }: Site): boolean =>
  (place.climate === 'unheated' || place.climate === 'car' || place.traits.includes('vehicle')) &&
  pocket.sort !== 'elsewhere'

/** A day that gathers looks. */
interface Occasion {
  readonly code: DueCode
  readonly day: PlainDate
  /** Somebody who looked on or after this day has looked for it. */
  readonly unlessSince: PlainDate
  /** Only what falls due by then for another reason; null for everything. */
  readonly onlyIfDueBy: PlainDate | null
}

/** Occasions further ahead are not planned for. */
const OCCASION_DAYS = 120

function occasionsOf(place: Place, survey: Survey, pace: Pace): readonly Occasion[] {
  const { today } = survey
  const until = addDays(today, OCCASION_DAYS)
  const lead = (code: 'trip' | 'season', day: PlainDate): Occasion => ({
    code,
    day: later(today, addDays(day, -1)),
    unlessSince: addDays(day, -(DUE_RULES[code].days?.[pace] ?? 0)),
    onlyIfDueBy: null,
  })
  const occasions: Occasion[] = []
  const { rhythm } = place.presence
  if (rhythm.kind === 'season') {
    const begins = seasonAfter(rhythm.fromMonth, today)
    if (begins <= until) occasions.push(lead('season', begins))
  }
  if (place.traits.includes('vehicle') || place.traits.includes('road')) {
    const [trip] = survey.places
      .filter(({ id }) => id !== place.id)
      .flatMap(({ presence }) => presence.visits)
      .filter(({ startsOn }) => startsOn > today && startsOn <= until)
      .sort((a, b) => byDay(a.startsOn, b.startsOn))
    if (trip) occasions.push(lead('trip', trip.startsOn))
  }
  if (rhythm.kind === 'visits') {
    const ends = endOfVisit(place.presence.visits, today, pace)
    if (ends) occasions.push(ends)
  }
  return occasions
}

/** The first day of a month, in the coming twelve. */
function seasonAfter(month: number, today: PlainDate): PlainDate {
  const year = Number(today.slice(0, 4))
  const first = (of: number) => `${of}-${String(month).padStart(2, '0')}-01` as PlainDate
  return first(year) > today ? first(year) : first(year + 1)
}

/** Before leaving: what would fall due while nobody is there; the thorough look every time. */
function endOfVisit(visits: readonly Visit[], today: PlainDate, pace: Pace): Occasion | null {
  const coming = visits
    .filter(({ endsOn }) => endsOn >= today)
    .sort((a, b) => byDay(a.startsOn, b.startsOn))
  const [visit, next] = coming
  if (!visit) return null
  return {
    code: 'visit_ends',
    day: visit.endsOn,
    unlessSince: visit.startsOn,
    onlyIfDueBy: pace === 'thorough' ? null : (next?.startsOn ?? addDays(visit.endsOn, 182)),
  }
}
