/** Where rows become values: one function a table, and nowhere else. */
import type { Selectable } from 'kysely'
import { formatExpiry, parseExpiry } from '../../core/calendar/expiry'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Rhythm, Visit } from '../../core/calendar/presence'
import type { DateOrder } from '../../core/calendar/readPrintedDate'
import type { OwnFacts } from '../../core/catalogue/ownFacts'
import type { ChosenSchools } from '../../core/cover/schools'
import { type Evacuation, NOTHING_SAID, type VehicleFacts } from '../../core/evacuation/evacuation'
import type { Container } from '../../core/household/container'
import type { Course } from '../../core/household/course'
import type { GoesWith } from '../../core/household/goesWith'
import type { Household } from '../../core/household/household'
import type { KitRange, KitWhom } from '../../core/household/kitUse'
import { blankFacts, type Member, type MemberFacts } from '../../core/household/member'
import type { Climate, Hue, Kit, Place, PlaceTrait, Signal } from '../../core/household/places'
import type { Millimetres, Pocket, PocketSort, Spot } from '../../core/household/pocket'
import type { Species } from '../../core/household/species'
import type { Weighing } from '../../core/household/weight'
import type {
  CourseId,
  HouseholdId,
  ItemId,
  KitId,
  LotId,
  MemberId,
  MovementId,
  PlaceId,
  PocketId,
} from '../../core/ids'
import type { Amount } from '../../core/quantity/amount'
import type { RestockSettings } from '../../core/restock/settings'
import type { Pace } from '../../core/rounds/pace'
import { asOpenedClock } from '../../core/shelf-life/openedClock'
import type { Item } from '../../core/stock/item'
import type { ItemKind } from '../../core/stock/itemKind'
import type { Condition, Lot, LotDetails, Origin, Standing } from '../../core/stock/lot'
import type { Fact, Movement } from '../../core/stock/movement'
import type { Verdict } from '../../core/stock/verdict'
import type {
  CourseTable,
  HouseholdTable,
  ItemTable,
  KitTable,
  LotTable,
  MemberTable,
  MovementTable,
  PlaceTable,
  PocketTable,
} from './tables'

/** The database holds what the application never writes. */
export class CorruptRowError extends Error {
  override readonly name = 'CorruptRowError'
}

export const toHousehold = (row: Selectable<HouseholdTable>): Household => ({
  id: row.id as HouseholdId,
  name: row.name,
  timeZone: row.time_zone,
  dateOrder: row.date_order as DateOrder,
  weekStart: row.week_start as Household['weekStart'],
  units: row.units as Household['units'],
  country: row.country,
  labels: row.labels as Household['labels'],
  emergencyNumber: row.emergency_number,
  poisonNumber: row.poison_number,
  currency: row.currency,
  lookaheadDays: row.lookahead_days,
  roundPace: row.round_pace as Pace,
  pharmacyDays: row.pharmacy_days as Household['pharmacyDays'],
  schools: row.schools as ChosenSchools,
  beginning: row.beginning as Household['beginning'],
  restock: row.restock as Partial<RestockSettings>,
  evacuation: { ...NOTHING_SAID, ...(row.evacuation as Partial<Evacuation>) },
  version: row.version,
})

export const toMember = (row: Selectable<MemberTable>, weighings: readonly Weighing[]): Member => ({
  id: row.id as MemberId,
  name: row.name,
  species: row.species as Species,
  born: row.born as PlainDate | null,
  helper: row.helper,
  note: row.note,
  facts: (row.facts as MemberFacts | null) ?? blankFacts(row.species as Species),
  weighings,
  guestUntil: row.guest_until as PlainDate | null,
  guestDays: row.guest_days as Member['guestDays'],
  version: row.version,
})

export const toCourse = (row: Selectable<CourseTable>): Course => ({
  id: row.id as CourseId,
  memberId: row.member_id as MemberId,
  itemId: row.item_id as ItemId,
  reason: row.reason,
  prescriber: row.prescriber,
  directions: row.directions,
  perDay: row.per_day as Amount | null,
  startsOn: row.starts_on as PlainDate,
  endsOn: row.ends_on as PlainDate | null,
  release: row.release as Course['release'],
  confirmedAgainstWarning: row.confirmed_against_warning,
  version: row.version,
})

export const toPlace = (row: Selectable<PlaceTable>, visits: readonly Visit[]): Place => ({
  id: row.id as PlaceId,
  name: row.name,
  hue: row.hue as Hue,
  minutesToHelp: row.minutes_to_help,
  note: row.note,
  traits: row.traits as readonly PlaceTrait[],
  minutesToVet: row.minutes_to_vet,
  signal: row.signal as Signal | null,
  climate: row.climate as Climate | null,
  usuallyThere: row.usually_there as readonly MemberId[],
  presence: { rhythm: row.rhythm as Rhythm, visits },
  vehicle: row.vehicle as VehicleFacts | null,
  version: row.version,
})

export const toKit = (
  row: Selectable<KitTable>,
  lastCheck: { readonly on_day: string; readonly by_whom: string } | undefined,
): Kit => ({
  id: row.id as KitId,
  placeId: row.place_id as PlaceId,
  name: row.name,
  note: row.note,
  checkEveryDays: row.check_every_days,
  container: row.container as Container | null,
  range: row.range as KitRange | null,
  whom: row.whom as KitWhom,
  minutesAway: row.minutes_away,
  goesWith: row.goes_with as GoesWith | null,
  lastCheck: lastCheck ? { on: lastCheck.on_day as PlainDate, by: lastCheck.by_whom } : null,
  version: row.version,
})

export const toPocket = (row: Selectable<PocketTable>): Pocket => ({
  id: row.id as PocketId,
  kitId: row.kit_id as KitId,
  name: row.name,
  sort: row.sort as PocketSort,
  cell: {
    column: row.cell_column,
    row: row.cell_row,
    columns: row.cell_columns,
    rows: row.cell_rows,
  },
  reachSeconds: row.reach_seconds,
  spot: row.spot as Spot | null,
  inner: row.inner_mm as Millimetres | null,
  clear: row.clear,
  dry: row.dry,
  upright: row.upright,
  version: row.version,
})

export const toItem = (row: Selectable<ItemTable>): Item => ({
  id: row.id as ItemId,
  name: row.name,
  strength: row.strength,
  unit: row.unit,
  kind: row.kind as ItemKind,
  purpose: row.purpose,
  forWhom: row.for_whom,
  essential: row.essential,
  openedClock: asOpenedClock(row.opened_clock),
  packSize: row.pack_size as Amount | null,
  packPriceMinor: row.pack_price_minor,
  shop: row.shop,
  note: row.note,
  catalogueId: row.catalogue_id,
  own: row.own_facts as OwnFacts,
  verdict: row.verdict as Verdict | null,
  version: row.version,
})

/** What of a lot's row becomes a value; reading thousands, every further column counts. */
export const LOT_COLUMNS = [
  'lot.id',
  'lot.item_id',
  'lot.expiry',
  'lot.opened_on',
  'lot.condition',
  'lot.standing',
  'lot.batch',
  'lot.bought_at',
  'lot.unit_price_minor',
  'lot.note',
  'lot.received_on',
  'lot.directions',
  'lot.for_member_id',
  'lot.origin',
  'lot.claimed_on',
  'lot.version',
] as const

export function toLot(row: Omit<Selectable<LotTable>, 'household_id' | 'created_by_act'>): Lot {
  const expiry = parseExpiry(row.expiry)
  if (!expiry) throw new CorruptRowError(`Lot ${row.id} has the expiry "${row.expiry}"`)
  return {
    id: row.id as LotId,
    itemId: row.item_id as ItemId,
    expiry,
    opened:
      row.opened_on === null
        ? { kind: 'sealed' }
        : { kind: 'opened', on: row.opened_on as PlainDate },
    condition: row.condition as Condition,
    standing: row.standing as Standing,
    batch: row.batch,
    boughtAt: row.bought_at,
    unitPriceMinor: row.unit_price_minor,
    note: row.note,
    directions: row.directions,
    forMember: row.for_member_id as MemberId | null,
    receivedOn: row.received_on as PlainDate,
    origin: row.origin as Origin | null,
    claimedOn: row.claimed_on as PlainDate | null,
    version: row.version,
  }
}

export const toMovement = (
  row: Pick<Selectable<MovementTable>, 'id' | 'lot_id' | 'fact'>,
): Movement => ({
  id: row.id as MovementId,
  lotId: row.lot_id as LotId,
  fact: row.fact as Fact,
})

/** The columns that hold a lot's details; only those given are set. */
export function lotColumns(details: Partial<LotDetails>) {
  const { expiry, opened, condition, standing, batch, boughtAt, unitPriceMinor, note } = details
  const { directions, forMember } = details
  return {
    ...(expiry && {
      expiry: formatExpiry(expiry),
    }),
    ...(opened && { opened_on: opened.kind === 'opened' ? opened.on : null }),
    ...(condition && { condition }),
    ...(standing && { standing: JSON.stringify(standing) }),
    ...(batch !== undefined && { batch }),
    ...(boughtAt !== undefined && { bought_at: boughtAt }),
    ...(unitPriceMinor !== undefined && { unit_price_minor: unitPriceMinor }),
    ...(note !== undefined && { note }),
    ...(directions !== undefined && { directions }),
    ...(forMember !== undefined && { for_member_id: forMember }),
  }
}
