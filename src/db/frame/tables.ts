/** Rows as the database keeps them; which columns may be written is part of their type. */
import type { ColumnType, GeneratedAlways } from 'kysely'

/** Written once. */
type Fixed<T> = ColumnType<T, T, never>
type Defaulted<T> = ColumnType<T, T | undefined, T>
/** JSON goes in as text and comes out parsed. */
type Json = ColumnType<unknown, string, string>
type FixedJson = ColumnType<unknown, string, never>

interface Acted {
  id: Fixed<string>
  household_id: Fixed<string>
  version: Defaulted<number>
  created_by_act: ColumnType<string | null, string | null, never>
  removed_by_act: ColumnType<string | null, string | null | undefined, string | null>
}

export interface HouseholdTable extends Omit<Acted, 'household_id'> {
  household_id: GeneratedAlways<string>
  name: string
  time_zone: string
  date_order: string
  week_start: string
  units: string
  country: string
  labels: Defaulted<string | null>
  emergency_number: string
  poison_number: string
  currency: string
  lookahead_days: number
  round_pace: Defaulted<string>
  pharmacy_days: ColumnType<unknown, string | undefined, string>
  restock: ColumnType<unknown, string | undefined, string>
  schools: ColumnType<unknown, string | undefined, string>
  beginning: Defaulted<string>
  evacuation: ColumnType<unknown, string | undefined, string>
  revision: ColumnType<number, never, number>
}
/** Kept by the sign-in library; its columns are named as it names them. */
export interface AccountTable {
  id: Fixed<string>
  name: string
  email: string
  emailVerified: boolean
}
export interface SessionTable {
  id: Fixed<string>
  userId: Fixed<string>
  userAgent: Fixed<string | null>
  createdAt: Fixed<Date>
  updatedAt: Fixed<Date>
  expiresAt: Fixed<Date>
}
export interface SignInTryTable {
  id: GeneratedAlways<number>
  bucket: Fixed<string>
  at: ColumnType<Date, undefined, never>
}
export interface RecoveryCodeTable {
  user_id: Fixed<string>
  hash: Fixed<string>
  used_at: ColumnType<Date | null, undefined, Date>
}
export interface PasskeyTable {
  id: Fixed<string>
  user_id: Fixed<string>
  public_key: Fixed<Buffer>
  counter: number
  transports: Fixed<string[]>
  name: Fixed<string>
  made_at: GeneratedAlways<Date>
  last_used_at: ColumnType<Date | null, undefined, Date>
}
export interface PasskeyQuestionTable {
  challenge: Fixed<string>
  user_id: Fixed<string | null>
  asked_at: GeneratedAlways<Date>
}
export interface HouseholdUserTable {
  id: ColumnType<string, undefined, never>
  household_id: Fixed<string>
  user_id: Fixed<string>
  name: string
  role: Defaulted<string>
  since: ColumnType<Date, Date | undefined, Date>
  ended_at: ColumnType<Date | null, undefined, Date | null>
}
export interface EveningTable {
  id: Fixed<string>
  household_id: Fixed<string>
  code_hash: Fixed<string>
  for_name: Fixed<string>
  from_at: ColumnType<Date, Date, never>
  to_at: ColumnType<Date, Date, never>
  plan: FixedJson
  made_by: Fixed<string>
  made_at: ColumnType<Date, Date, never>
  ended_at: ColumnType<Date | null, undefined, Date>
}
export interface LidCodeTable {
  id: Fixed<string>
  household_id: Fixed<string>
  kit_id: Fixed<string>
  code_hash: Fixed<string>
  shows: string
  may_take: boolean
  made_by: Fixed<string>
  made_at: ColumnType<Date, Date, never>
  ended_at: ColumnType<Date | null, undefined, Date>
}
export interface LabelPrintTable extends Acted {
  kit_id: Fixed<string>
  label_key: Fixed<string>
  on_day: string
  fingerprint: string
}
export interface PaperPrintTable extends Acted {
  paper_key: Fixed<string>
  on_day: string
  fingerprint: string
  hangs: string
}
export interface RoadsideTakingTable extends Acted {
  item_id: Fixed<string>
  pocket_id: Fixed<string>
  amount: Fixed<number>
  on_day: Fixed<string>
  by_lid: Fixed<boolean>
}
export interface InvitationTable {
  id: Fixed<string>
  household_id: Fixed<string>
  code_hash: Fixed<string>
  role: Fixed<string>
  for_name: Fixed<string>
  made_by: Fixed<string>
  made_at: ColumnType<Date, Date, never>
  ends_at: ColumnType<Date, Date, never>
  used_at: ColumnType<Date | null, undefined, Date>
  used_by: ColumnType<string | null, undefined, string>
  withdrawn_at: ColumnType<Date | null, undefined, Date>
}
export interface HouseholdDeletionTable {
  household_id: Fixed<string>
  asked_by: Fixed<string>
  account_id: Fixed<string | null>
  due_at: GeneratedAlways<Date>
}
export interface ActTable {
  id: Fixed<string>
  household_id: Fixed<string>
  idempotency_key: Fixed<string>
  request_hash: Fixed<string>
  kind: Fixed<string>
  who: Fixed<string>
  at: ColumnType<Date, Date, never>
  on_day: Fixed<string>
  why: Fixed<string>
  undoes: Fixed<string | null>
  received_at: ColumnType<Date | null, Date | null, never>
  by_user: Fixed<string | null>
  after_role: ColumnType<boolean, boolean, never>
}
export interface ActResultTable {
  act_id: Fixed<string>
  household_id: Fixed<string>
  result: FixedJson
}
export interface RecordChangeTable {
  act_id: Fixed<string>
  household_id: Fixed<string>
  position: Fixed<number>
  record: Fixed<string>
  record_id: Fixed<string>
  before: FixedJson
  after: FixedJson
}
export interface MemberTable extends Acted {
  name: string
  species: string
  born: string | null
  helper: boolean
  note: string
  /** Null for a member of whom nothing more is known. */
  facts: ColumnType<unknown, string | undefined, string>
  guest_until: ColumnType<string | null, string | null | undefined, string | null>
  guest_days: ColumnType<unknown, string | null | undefined, string | null>
}
export interface WeighingTable extends Acted {
  member_id: Fixed<string>
  on_day: Fixed<string>
  grams: number
  noted_at: GeneratedAlways<Date>
}
export interface CourseTable extends Acted {
  member_id: Fixed<string>
  item_id: Fixed<string>
  reason: string
  prescriber: string
  directions: string
  per_day: number | null
  starts_on: string
  ends_on: string | null
  release: ColumnType<unknown, string | null | undefined, string | null>
  confirmed_against_warning: boolean
}
export interface MemberPhotoTable extends Acted {
  member_id: Fixed<string>
  media_type: Fixed<string>
  bytes: ColumnType<Buffer, Buffer, never>
}
export interface ListDecisionTable extends Acted {
  place_id: Fixed<string>
  line_key: Fixed<string>
  decision: string
  note: string
}
export interface PlaceTable extends Acted {
  name: string
  hue: string
  minutes_to_help: number | null
  note: string
  traits: ColumnType<unknown, string | undefined, string>
  rhythm: Json
  position: number
  minutes_to_vet: ColumnType<number | null, number | null | undefined, number | null>
  signal: ColumnType<string | null, string | null | undefined, string | null>
  climate: ColumnType<string | null, string | null | undefined, string | null>
  usually_there: ColumnType<unknown, string | undefined, string>
  vehicle: ColumnType<unknown, string | null | undefined, string | null>
}
export interface VisitTable extends Acted {
  place_id: Fixed<string>
  starts_on: string
  ends_on: string
  label: string
  /** The calendar entry it was read from. */
  source_uid: ColumnType<string | null, string | null | undefined, string | null>
}
export interface KitTable extends Acted {
  place_id: string
  name: string
  note: string
  check_every_days: number
  container: ColumnType<unknown, string | null | undefined, string | null>
  range: string | null
  whom: ColumnType<string, string | undefined, string>
  minutes_away: ColumnType<number | null, number | null | undefined, number | null>
  goes_with: ColumnType<unknown, string | null | undefined, string | null>
}
export interface KitCheckTable extends Acted {
  kit_id: Fixed<string>
  on_day: Fixed<string>
  by_whom: Fixed<string>
}
export interface PocketTable extends Acted {
  kit_id: Fixed<string>
  name: string
  sort: string
  cell_column: number
  cell_row: number
  cell_columns: number
  cell_rows: number
  reach_seconds: number | null
  spot: ColumnType<string | null, string | null | undefined, string | null>
  inner_mm: ColumnType<unknown, string | null | undefined, string | null>
  clear: Defaulted<boolean>
  dry: Defaulted<boolean>
  upright: Defaulted<boolean>
}
export interface ItemTable extends Acted {
  name: string
  strength: string
  unit: string
  kind: string
  purpose: string
  for_whom: string
  essential: boolean
  opened_clock: Json
  pack_size: number | null
  pack_price_minor: number | null
  shop: string
  note: string
  catalogue_id: ColumnType<string | null, string | null | undefined, string | null>
  own_facts: ColumnType<unknown, string | undefined, string>
  verdict: ColumnType<unknown, string | null | undefined, string | null>
}
export interface ParTable extends Acted {
  item_id: Fixed<string>
  pocket_id: Fixed<string>
  amount: number
}
export interface LotTable {
  id: Fixed<string>
  household_id: Fixed<string>
  item_id: Fixed<string>
  expiry: string
  opened_on: string | null
  condition: string
  standing: Json
  batch: string
  bought_at: string
  unit_price_minor: number | null
  note: string
  received_on: Fixed<string>
  directions: string
  for_member_id: string | null
  origin: ColumnType<unknown, string | null, never>
  claimed_on: ColumnType<string | null, string | null | undefined, never>
  version: number
  created_by_act: Fixed<string>
}
export interface LotPaperTable extends Acted {
  lot_id: Fixed<string>
  media_type: Fixed<string>
  bytes: ColumnType<Buffer, Buffer, never>
}
export interface ShopOfferTable extends Acted {
  item_id: Fixed<string>
  shop: Fixed<string>
  pack_size: number
  price_minor: number | null
  lead_days: number
}
export interface RestockWishTable extends Acted {
  kind: Fixed<string>
  item_id: Fixed<string>
  lot_id: Fixed<string | null>
  from_pocket_id: Fixed<string | null>
  to_pocket_id: Fixed<string | null>
  shop: Fixed<string>
  amount: Fixed<number | null>
}
export interface UseRateTable extends Acted {
  item_id: Fixed<string>
  place_id: Fixed<string>
  per_year: number
}
export interface StockViewTable extends Acted {
  name: string
  filter: Json
}
export interface RoundTable extends Acted {
  kit_id: Fixed<string>
  pocket_ids: FixedJson
  started_at: ColumnType<Date, Date, never>
  started_by: Fixed<string>
  finished_at: ColumnType<Date | null, Date | null | undefined, Date | string | null>
  signed_by: ColumnType<string | null, string | null | undefined, string | null>
}
export interface RoundEntryTable extends Acted {
  round_id: Fixed<string>
  pocket_id: Fixed<string>
  lot_id: Fixed<string | null>
  said_at: ColumnType<Date, Date, never>
  said_by: Fixed<string>
  seconds: Fixed<number>
  fact: FixedJson
  outcome: ColumnType<unknown, string | null, never>
}
export interface ItemCodeTable extends Acted {
  item_id: Fixed<string>
  gtin: Fixed<string>
}
export interface SheetPrintTable extends Acted {
  kit_id: Fixed<string>
  on_day: Fixed<string>
  fingerprint: Fixed<string>
}
export interface CalendarFeedTable extends Acted {
  name: Fixed<string>
}
export interface DoseCardTable extends Acted {
  item_id: string | null
  body: Json
}
export interface DoseCardMemberTable extends Acted {
  card_id: Fixed<string>
  member_id: Fixed<string>
}
export interface RecipeTable extends Acted {
  item_id: string | null
  member_id: string | null
  body: Json
}
export interface TripTable extends Acted {
  name: string
  body: Json
  over_on: ColumnType<string | null, string | null | undefined, string | null>
  missed: Defaulted<string>
  cursed: Defaulted<string>
  /** What each of them says of it. */
  said: ColumnType<unknown, string | undefined, string>
}
export interface TripLineTable extends Acted {
  trip_id: Fixed<string>
  lot_id: Fixed<string>
  from_pocket_id: Fixed<string>
  into_pocket_id: Fixed<string>
  amount: Fixed<number>
  state: string
}
export interface TemperatureLogTable extends Acted {
  place_id: Fixed<string | null>
  kit_id: Fixed<string | null>
  pocket_id: Fixed<string | null>
  name: string
  source: Fixed<string>
  from_minute: Fixed<number>
  to_minute: Fixed<number>
  readings: Fixed<number>
  body: FixedJson
}
export interface TemperatureYearTable extends Acted {
  place_id: Fixed<string>
  coldest_month: number
  coldest: number
  hottest_month: number
  hottest: number
  measured: ColumnType<unknown, string | null, string | null>
}
export interface IncidentTable extends Acted {
  kind: string | null
  member_id: string | null
  guest: ColumnType<unknown, string | null, string | null>
  place_id: string | null
  stop_id: string | null
  started_at: ColumnType<Date, Date, never>
  started_by: Fixed<string>
  ended_at: ColumnType<Date | null, Date | null | undefined, Date | string | null>
}
export interface CareEntryTable extends Acted {
  incident_id: Fixed<string | null>
  member_id: Fixed<string | null>
  done_at: ColumnType<Date, Date, never>
  done_by: Fixed<string>
  fact: FixedJson
  outcome: ColumnType<unknown, string | null, never>
}
export interface CarePhotoTable extends Acted {
  entry_id: Fixed<string>
  media_type: Fixed<string>
  bytes: ColumnType<Buffer, Buffer, never>
}
export interface CardPhotoTable extends Acted {
  card_id: Fixed<string>
  media_type: Fixed<string>
  bytes: ColumnType<Buffer, Buffer, never>
}
export interface MovementTable {
  id: Fixed<string>
  household_id: Fixed<string>
  position: GeneratedAlways<number>
  act_id: Fixed<string>
  lot_id: Fixed<string>
  kind: Fixed<string>
  from_pocket_id: Fixed<string | null>
  to_pocket_id: Fixed<string | null>
  amount: Fixed<number>
  fact: FixedJson
}
export interface BalanceTable {
  household_id: Fixed<string>
  lot_id: Fixed<string>
  pocket_id: Fixed<string>
  amount: number
}
export interface ErrandDeferralTable extends Acted {
  errand_key: Fixed<string>
  until_day: Fixed<string>
}
export interface ShopOrderTable extends Acted {
  shop: Fixed<string>
  reference: Fixed<string>
  ordered_on: Fixed<string>
}
export interface PurchaseTable extends Acted {
  item_id: Fixed<string>
  shop: string
  packs: number
  pack_size: number
  price_minor: number | null
  wanted_by: Fixed<string | null>
  goes_to: Json
  source: 'plan' | 'hand'
  state: string
  on_day: string | null
  order_id: string | null
  back_ordered: boolean
}
export interface RecallNoticeTable extends Acted {
  bulletin_id: Fixed<string>
  taken_on: Fixed<string>
  bulletin: FixedJson
}

export interface Tables {
  household: HouseholdTable
  household_user: HouseholdUserTable
  household_deletion: HouseholdDeletionTable
  invitation: InvitationTable
  evening: EveningTable
  lid_code: LidCodeTable
  roadside_taking: RoadsideTakingTable
  label_print: LabelPrintTable
  paper_print: PaperPrintTable
  act: ActTable
  act_result: ActResultTable
  record_change: RecordChangeTable
  member: MemberTable
  place: PlaceTable
  visit: VisitTable
  kit: KitTable
  kit_check: KitCheckTable
  pocket: PocketTable
  item: ItemTable
  par: ParTable
  lot: LotTable
  movement: MovementTable
  balance: BalanceTable
  errand_deferral: ErrandDeferralTable
  shop_order: ShopOrderTable
  purchase: PurchaseTable
  trip: TripTable
  trip_line: TripLineTable
  recall_notice: RecallNoticeTable
  weighing: WeighingTable
  course: CourseTable
  member_photo: MemberPhotoTable
  list_decision: ListDecisionTable
  lot_paper: LotPaperTable
  stock_view: StockViewTable
  round: RoundTable
  round_entry: RoundEntryTable
  item_code: ItemCodeTable
  sheet_print: SheetPrintTable
  calendar_feed: CalendarFeedTable
  shop_offer: ShopOfferTable
  restock_wish: RestockWishTable
  use_rate: UseRateTable
  dose_card: DoseCardTable
  dose_card_member: DoseCardMemberTable
  recipe: RecipeTable
  temperature_log: TemperatureLogTable
  temperature_year: TemperatureYearTable
  incident: IncidentTable
  care_entry: CareEntryTable
  care_photo: CarePhotoTable
  card_photo: CardPhotoTable
  'auth.user': AccountTable
  'auth.session': SessionTable
  'auth.sign_in_try': SignInTryTable
  'auth.recovery_code': RecoveryCodeTable
  'auth.passkey': PasskeyTable
  'auth.passkey_question': PasskeyQuestionTable
}

/**
 * Records that acts create, edit and remove, and that undo brings back, in an order in which what
 * is inside goes before what holds it. An act can touch no table that is not named here.
 */
export const ACTED_TABLES = [
  'temperature_log',
  'temperature_year',
  'trip_line',
  'trip',
  'roadside_taking',
  'restock_wish',
  'shop_offer',
  'use_rate',
  'recall_notice',
  'purchase',
  'shop_order',
  'care_photo',
  'card_photo',
  'care_entry',
  'incident',
  'recipe',
  'dose_card_member',
  'dose_card',
  'round_entry',
  'round',
  'item_code',
  'sheet_print',
  'label_print',
  'paper_print',
  'calendar_feed',
  'errand_deferral',
  'list_decision',
  'stock_view',
  'lot_paper',
  'member_photo',
  'weighing',
  'course',
  'kit_check',
  'par',
  'visit',
  'pocket',
  'kit',
  'place',
  'item',
  'member',
  'household',
] as const
export type ActedTable = (typeof ACTED_TABLES)[number]
