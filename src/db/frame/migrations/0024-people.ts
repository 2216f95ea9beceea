/**
 * Who belongs to a household and what they may see and do there. The rights of each role, the right that
 * each table and each kind of act asks for, are tables; row security is made from them and has the last
 * word, whatever the application does (docs/decisions/0025).
 */
import { type Kysely, sql } from 'kysely'

/** As `core/people/role.ts` has them; `house` is the house's own work, for no account. */
const RIGHTS = 'readiness find look count use care arrange settings own'
const ROLES = {
  house: `${RIGHTS} house`,
  keeper: RIGHTS,
  second_keeper: 'readiness find look count use care arrange settings',
  helper: 'readiness find look count use care',
  child_helper: 'find count',
  viewer: 'readiness find look',
  overseer: 'readiness',
}

/** Which right reads a table, and which writes it. */
const TABLES = {
  'find settings': 'household_user',
  'find count':
    'household place kit pocket act lot item balance movement round round_entry item_code',
  // A target may come with what is put in; setting one alone is an act of whoever arranges.
  'find use': 'kit_check par',
  'count count': 'act_result record_change',
  'look use': 'lot_paper errand_deferral sheet_print purchase shop_order trip_line temperature_log',
  'look care': 'care_entry incident care_photo weighing',
  'look arrange':
    'member visit course member_photo list_decision stock_view shop_offer restock_wish use_rate recall_notice dose_card dose_card_member recipe card_photo trip temperature_year',
  'look settings': 'calendar_feed',
  'look own': 'household_deletion',
  'settings settings': 'invitation',
}

/** Which right an act asks for. */
const ACTS = {
  count: 'code_taught counted round_entry round_started undone',
  use: 'amended cleaned decanted directions_kept discarded errand_done errand_put_off errand_taken_up evacuation_rehearsed given kit_checked lent many_counted many_discarded many_held many_missing many_moved moved opened purchase_added purchase_changed purchase_in_bag purchase_listed purchase_not_there purchase_removed put_away readings_added readings_fetched readings_typed received reused review_kept round_finished round_left sheet_printed taken_back trip_packed trip_unpacked used',
  care: 'care_about care_called care_dose care_ended care_looking_back care_mixed care_note care_photo care_reading care_reopened care_seen care_step care_struck care_timer care_timer_done care_tourniquet care_used incident_started weighed weighing_removed',
  arrange:
    'brought_in course_added course_changed course_removed dose_card_added dose_card_changed dose_card_removed evacuation_changed guest_added guest_stays incident_removed item_changed items_matched kit_added kit_arranged kit_changed leftover_released list_decided list_made member_added member_changed member_removed need_expected need_left_out offer_removed offer_set ordered par_set photo_set place_added place_changed plan_set pocket_added pocket_changed pocket_removed prices_taken rate_set readings_removed recall_taken recall_written recipe_added recipe_removed shop_asked trip_added trip_changed trip_planned trip_removed view_removed view_saved visit_added visit_removed visits_imported wish_added wish_removed year_told',
  settings:
    'feed_added feed_removed household_changed invited invitation_withdrawn role_given role_ended',
  own: 'demo_loaded',
  house: 'joined household_left',
}

/**
 * What holds no substance and goes into nobody: whoever may find things and no more sees only these.
 * What is not named here counts as a medicine.
 */
const PLAIN =
  'pressure-dressing pressure-dressing-large large-dressing gauze-packing gauze-haemostatic tourniquet-windlass tourniquet-strap chest-seal emergency-bandage-cohesive nosebleed-plug plasters plasters-sensitive plaster-cut plasters-finger closure-strips closure-strips-wide skin-stapler gauze gauze-large gauze-roll non-stick-pad non-stick-pad-small adhesive-dressing film-dressing saline-pods saline-bottle staple-remover cohesive-wrap cohesive-wrap-latex conforming-bandage tape-fabric tape-paper tape-silicone padding-roll tubular-bandage cleansing-wipes soap-mild cotton-buds zip-bags gloves-s gloves-m gloves-l gloves-latex cling-film burn-sheet blister-plasters blister-felt elastic-bandage elastic-bandage-latex elastic-bandage-wide triangular-bandage splint-foldable splint-finger collar-neck ankle-brace safety-pins cold-pack-instant cold-pack-gel warm-pack thin-cloth scissors-blunt shears belt-cutter tweezers-fine tick-tweezers sharps-box thermometer thermometer-ear pet-thermometer probe-covers lubricant-gel button-cells lamp-cells head-lamp torch magnifier oral-syringe-5 oral-syringe-1 oral-syringe-10 dosing-spoon tablet-cutter breathing-barrier pocket-mask blood-pressure-cuff glucose-meter glucose-strips pulse-oximeter pen-card spine-light whistle mirror suction-device eye-rinse-vials eye-wash-bottle eye-pad eye-shield drying-pads contact-case sick-bags hot-water-bottle adrenaline-trainer spacer tablet-box muzzle cat-muzzle slip-lead towel-wrap carrier carry-sling recovery-collar paw-sock recovery-suit nail-clipper recovery-food recovery-food-meat vegetable-puree feeding-syringe hide-treat tablet-giver coat-wash comb-fine cool-mat dog-coat tick-tag bird-perch-heat horse-bandage hoof-pick foil-blanket fleece-blanket bivvy-bag tarp warm-hat-gloves rain-poncho sun-hat ice-grips warning-triangle vest reflector-band fire-blanket power-bank car-charger radio-wind-up lighter candles throw-line life-vest ice-picks leech-salt masks duct-tape multi-tool toilet-paper period-pads nappies incontinence-pads water-bottle water-canister water-tablets water-filter tinned-food baby-jars dog-food cat-food small-animal-food bird-seed horse-feed first-aid-booklet guide-animals numbers-card wallet-card medical-bracelet directions-copy care-plan papers-copy map incident-pad cash haemostatic-granules haemostatic-powder haemostatic-sponge nosebleed-gauze irrigation-syringe-20 irrigation-syringe-60 locking-forceps tweezers-blunt plasters-waterproof plasters-children knuckle-plasters adhesive-dressing-large hydrocolloid-dressing gauze-small gauze-unsterile cotton-wool splint-mouldable splint-wooden elastic-bandage-narrow conforming-bandage-wide kinesiology-tape knee-brace wrist-brace clothes-bandage starch styptic-pencil recovery-food-bag feeding-pipette feeding-syringe-60 feeding-syringe-1 scales-small snuggle-bag hay small-nail-clipper bird-perch-wrap heat-lamp protective-cone protective-cone-large wound-spray-animal paw-balm flea-comb halter dog-harness-lift horse-halter leg-padding horse-poultice epsom-salt hoof-boot horse-thermometer stethoscope cohesive-wrap-wide cohesive-wrap-latex-wide horse-dressing twitch gloves-vinyl-s gloves-vinyl-m gloves-vinyl-l gloves-vinyl-xl gloves-xl tissues bin-bags apron goggles cells-aa cells-d cells-9v cells-cr2032 cells-cr123a cells-lr44 hearing-cells forehead-thermometer nail-scissors aed-pads sewing-kit ear-plugs spare-glasses jump-leads tow-rope ice-scraper snow-shovel charging-cable solar-charger head-net rope compass saw thermos tin-opener cup-spoon stove sleeping-bag wool-socks spare-clothes umbrella sunglasses flare boat-horn bailer dry-bag water-330-l water-1-l water-1-5-l water-5-l vaccination-record pet-passport insurance-card medication-list vet-letter doctor-letter animal-photos notebook contents-list'

/** Rows that stand for a thing are seen where the thing is. */
const OF_A_LOT = ['balance', 'movement', 'lot_paper', 'trip_line']
const OF_AN_ITEM = ['lot', 'par', 'item_code']

const words = (text: string): readonly string[] => text.split(' ')
const rowsOf = (of: Readonly<Record<string, string>>): string =>
  Object.entries(of)
    .flatMap(([first, rest]) => words(rest).map((one) => `('${first}', '${one}')`))
    .join(', ')

const STATEMENTS = `
alter table household_user
  drop constraint household_user_user_id_key,
  add column id uuid not null default gen_random_uuid() unique,
  add column role text not null default 'keeper' check (role in ('keeper', 'second_keeper', 'helper', 'child_helper', 'viewer', 'overseer')),
  add column since timestamptz not null default now(),
  add column ended_at timestamptz;
create index household_user_of on household_user (user_id);
grant update (name, role, since, ended_at) on household_user to satchel_app;

alter table act
  add column by_user text,
  -- Done before a role ended and heard of after it.
  add column after_role boolean not null default false;

create table invitation (
  id uuid primary key default gen_random_uuid(),
  household_id uuid not null references household (id),
  code_hash text not null unique,
  role text not null check (role in ('keeper', 'second_keeper', 'helper', 'child_helper', 'viewer', 'overseer')),
  for_name text not null check (length(for_name) between 1 and 120),
  made_by text not null,
  made_at timestamptz not null default now(),
  ends_at timestamptz not null,
  used_at timestamptz,
  used_by text,
  withdrawn_at timestamptz
);
create index invitation_household on invitation (household_id);
grant select, insert on invitation to satchel_app;
grant update (used_at, used_by, withdrawn_at) on invitation to satchel_app;
alter table invitation enable row level security;
alter table invitation force row level security;
create policy own_household on invitation
  using (household_id = (select app_household()))
  with check (household_id = (select app_household()));
-- The owner's functions below look for a code, and for an account, in every household.
create policy code_anywhere on invitation to current_user using (true);
create policy account_anywhere on household_user to current_user using (true);
create policy name_anywhere on household for select to current_user using (true);

create table role_right (role text not null, "right" text not null, primary key (role, "right"));
create table table_right (name text primary key, sees text not null, writes text not null);
create table act_right (kind text primary key, "right" text not null);
create table plain_entry (id text primary key);
insert into role_right values ${rowsOf(ROLES)};
insert into table_right values ${Object.entries(TABLES)
  .flatMap(([rights, tables]) => {
    const [sees, writes] = words(rights)
    return words(tables).map((table) => `('${table}', '${sees}', '${writes}')`)
  })
  .join(', ')};
insert into act_right select kind, "right" from (values ${rowsOf(ACTS)}) as told ("right", kind);
insert into plain_entry values ${words(PLAIN)
  .map((id) => `('${id}')`)
  .join(', ')};
grant select on role_right, table_right, act_right, plain_entry to satchel_app;

-- Whether the transaction that goes on may do this.
create function app_may(asked text) returns boolean language sql stable as
  $$ select position(' ' || asked || ' ' in coalesce(current_setting('app.rights', true), '')) > 0 $$;

/*
 * Opens a transaction in one household. An account has the rights of its role there; no account means
 * the house's own work. What was counted before a role ended may still arrive.
 * Answers the role, "ended", or "stranger".
 */
create function enter_household(household uuid, account text) returns text language plpgsql as $$
declare
  held record;
  entered text;
  rights text;
begin
  perform set_config('app.household', household::text, true);
  perform set_config('app.user', coalesce(account, ''), true);
  -- To read who one is.
  perform set_config('app.rights', ' find ', true);
  if account is null then
    entered := 'house';
    select string_agg("right", ' ') into rights from role_right where role = 'house';
  else
    select role, ended_at into held from household_user
      where household_id = household and user_id = account;
    if not found then
      entered := 'stranger';
    elsif held.ended_at is null then
      entered := held.role;
      select string_agg("right", ' ') into rights from role_right where role = held.role;
    else
      entered := 'ended';
      select string_agg("right", ' ') into rights from role_right
        where role = held.role and "right" in ('find', 'look', 'count');
    end if;
  end if;
  perform set_config('app.rights', ' ' || coalesce(rights, '') || ' ', true);
  return entered;
end $$;

-- Every household that an account belongs to, or did.
create function households_of(account text)
  returns table (household_id uuid, household text, role text, ended boolean)
  language sql stable security definer set search_path = public, pg_temp as $$
  select of.household_id, household.name, of.role, of.ended_at is not null
    from household_user of join household on household.id = of.household_id
    where of.user_id = account
    order by of.since, of.household_id
$$;
revoke all on function households_of(text) from public;
grant execute on function households_of(text) to satchel_app;

-- The household that a code opens; whether it still does is asked there.
create function household_of_code(hash text) returns uuid
  language sql stable security definer set search_path = public, pg_temp as $$
  select household_id from invitation where code_hash = hash
$$;
revoke all on function household_of_code(text) from public;
grant execute on function household_of_code(text) to satchel_app;

do $$
begin
  execute replace(
    replace(
      replace(
        pg_get_functiondef('delete_due_households()'::regprocedure),
        'perform set_config(''app.household'', due.household_id::text, true);',
        'perform enter_household(due.household_id, null);'),
      'user_id = due.account_id)',
      'user_id = due.account_id and ended_at is null)'),
    'delete from household_user',
    'delete from invitation where household_id = due.household_id;
    delete from household_user');
end $$;
`

/** Beside which household a row belongs to: whether whoever asks may see it, and change it. */
const policiesOf = (table: string, sees: string, writes: string): string => `
create policy role_sees on ${table} as restrictive for select to satchel_app
  using ((select app_may('${sees}')));
create policy role_adds on ${table} as restrictive for insert to satchel_app
  with check ((select app_may('${writes}')));
create policy role_changes on ${table} as restrictive for update to satchel_app
  using ((select app_may('${writes}')));
create policy role_removes on ${table} as restrictive for delete to satchel_app
  using ((select app_may('${writes}')));`

const NARROWER = `
create policy plain_things on item as restrictive for select to satchel_app using (
  (select app_may('look'))
  or (kind in ('sterile', 'supply', 'instrument', 'battery', 'paper', 'food')
      and coalesce(own_facts -> 'contains', '[]') = '[]'
      and catalogue_id in (select id from plain_entry)));
${OF_AN_ITEM.map(
  (table) => `create policy plain_things on ${table} as restrictive for select to satchel_app
  using ((select app_may('look')) or item_id in (select id from item));`,
).join('\n')}
${OF_A_LOT.map(
  (table) => `create policy plain_things on ${table} as restrictive for select to satchel_app
  using ((select app_may('look')) or lot_id in (select id from lot));`,
).join('\n')}
create policy plain_things on round_entry as restrictive for select to satchel_app using (
  (select app_may('look')) or lot_id in (select id from lot)
  or fact ->> 'kind' in ('at_pocket', 'closed'));
-- What one did oneself may be sent again, and taken back.
create policy own_acts on act_result as restrictive for select to satchel_app using (
  (select app_may('look')) or act_id in (select id from act where by_user = (select app_user())));
create policy own_acts on record_change as restrictive for select to satchel_app using (
  (select app_may('look')) or act_id in (select id from act where by_user = (select app_user())));
create policy act_of_role on act as restrictive for insert to satchel_app with check (
  (select app_may('house'))
  or app_may((select "right" from act_right where act_right.kind = act.kind)));`

export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw(STATEMENTS).execute(db)
  for (const [rights, tables] of Object.entries(TABLES)) {
    const [sees = '', writes = ''] = words(rights)
    for (const table of words(tables)) await sql.raw(policiesOf(table, sees, writes)).execute(db)
  }
  await sql.raw(NARROWER).execute(db)
}
