/**
 * The list a place should have, derived from who is there, what can happen there and how far
 * help is. Every line carries the needs that ask for it; the keeper accepts or overrules.
 */
import type { PlainDate } from '../calendar/plainDate'
import { monthNumber } from '../calendar/plainDate'
import { catalogue } from '../catalogue/catalogue'
import { companionRoles } from '../catalogue/companions'
import { isProposedIn } from '../catalogue/labelAges'
import { NEVER_COVER, type RoleId } from '../catalogue/roles'
import { mayUse } from '../catalogue/skills'
import { isFar } from '../household/places'
import type { ItemId, KitId, MemberId } from '../ids'
import { type Amount, NOTHING, THOUSAND, type Total, total, upToMost } from '../quantity/amount'
import { arises, concerns } from './arising'
import { Asking, companionsFor, OWN_MEDICINE, type Question, usesOf, waysOf } from './asking'
import { entryThing } from './entryThing'
import { type FormerLife, formerLife } from './formerLife'
import type { Need, Part, Tier, Way } from './need'
import { NEEDS } from './needs'
import { type CoverPlace, isShared, type Pantry } from './pantry'
import { kitsAt, leftOutAt, usesOfKits } from './scene'
import type { Schools } from './schools'
import { type Patient, suits, type Thing } from './suitability'

/** One need that asks for a line, and how much. */
export interface Reason {
  readonly needId: string
  readonly need: string
  readonly tier: Tier
  readonly way: string
  /** Whom it is for; empty for the party. */
  readonly members: readonly { readonly id: MemberId; readonly name: string }[]
  readonly uses: number
  /** The largest of the line: it sets the number. */
  readonly sets: boolean
  /** Asked for because another line is useless without it. */
  readonly companionOf: string | null
}

export interface ProposedLine {
  /** The item, or the catalogue entry where the household has no such item yet. */
  readonly key: string
  readonly itemId: ItemId | null
  readonly entryId: string | null
  readonly title: string
  readonly unit: string
  readonly tier: Tier
  readonly par: Amount
  /** Good here now. */
  readonly here: Total
  readonly costMinor: number | null
  readonly spec: string
  readonly reasons: readonly Reason[]
}

export interface Proposal {
  readonly lines: readonly ProposedLine[]
  /** Needs for which nothing suitable is known, by name. */
  readonly unmet: readonly {
    readonly needId: string
    readonly need: string
    readonly members: readonly string[]
  }[]
  readonly formerLife: readonly FormerLife[]
}

/** Expected use and one more, of what works once. */
const ONE_MORE: readonly RoleId[] = ['cold', 'warm', 'barrier']
const SEASON_AHEAD = 3

interface Wanted {
  readonly thing: Thing
  readonly reasons: Reason[]
}

export interface ProposalQuestion {
  readonly place: CoverPlace
  readonly members: ReadonlySet<MemberId>
  readonly skills: Question['skills']
  readonly date: PlainDate
  readonly days: number
}

/** Derives the list of a place. Needs of the coming season count as well. */
export function propose(
  pantry: Pantry,
  asked: ProposalQuestion,
  needs: readonly Need[] = NEEDS,
): Proposal {
  const { stock } = pantry
  const here = kitsAt(stock, asked.place, asked.date)
  const asking = new Asking(pantry, {
    ...asked,
    kits: new Set<KitId>(here.map(({ id }) => id)),
    without: new Set(),
    expected: usesOfKits(here, asked.place),
    leftOut: leftOutAt(stock, asked.place.id),
  })
  const month = monthNumber(asked.date)
  const arisesSoon = (need: Need): boolean =>
    Array.from({ length: SEASON_AHEAD + 1 }, (_, ahead) => ((month + ahead - 1) % 12) + 1).some(
      (one) => arises(need, asked.place, one),
    )
  const wanted = new Map<string, Wanted>()
  const unmet: { needId: string; need: string; members: string[] }[] = []
  for (const need of needs) {
    if (
      need.id === OWN_MEDICINE ||
      !arisesSoon(need) ||
      !isKeptHere(need.tier, asked, stock.schools)
    )
      continue
    const patients: readonly (Patient | null)[] =
      need.scope === 'party'
        ? asking.patients.length > 0
          ? asking.expects(need, null)
            ? [null]
            : []
          : []
        : asking.patients.filter(
            (patient) => concerns(need, patient) && asking.expects(need, patient.member),
          )
    if (patients.length === 0) continue
    const missed = patients.filter((patient) => !want(asking, need, patient, wanted))
    if (missed.length > 0)
      unmet.push({
        needId: need.id,
        need: need.name,
        members: missed.flatMap((one) => (one ? [one.member.name] : [])),
      })
  }
  return {
    lines: [...wanted].map(([key, one]) => lineOf(asking, key, one)).sort(byTier),
    unmet,
    formerLife: formerLife(asking, asked.place, needs),
  }
}

const TIER_ORDER: Readonly<Record<Tier, number>> = { life: 0, urgent: 1, comfort: 2 }
const byTier = (a: ProposedLine, b: ProposedLine): number =>
  TIER_ORDER[a.tier] - TIER_ORDER[b.tier] || a.title.localeCompare(b.title)

/** The household's school on duplicates: what is kept away from the store. */
function isKeptHere(tier: Tier, { place }: ProposalQuestion, { duplicates }: Schools): boolean {
  if (place.isStore || duplicates === 'everywhere') return true
  if (duplicates === 'one-store') return tier === 'life'
  return tier !== 'comfort' || isFar(place)
}

/** Adds what the first workable way asks for; false when none works for this patient. */
function want(
  asking: Asking,
  need: Need,
  patient: Patient | null,
  wanted: Map<string, Wanted>,
): boolean {
  for (const way of waysOf(need, asking.pantry.stock.schools)) {
    const parts = way.parts.filter((part) => !asking.comesFromTap(part))
    const chosen = parts.map((part) => ({ part, thing: choose(asking, part, patient) }))
    if (chosen.some(({ thing }) => thing === null)) continue
    for (const { part, thing } of chosen)
      if (thing) note(asking, { need, way, part, thing, patient, companionOf: null }, wanted)
    return true
  }
  return false
}

/** What the household has and knows already comes first; else the catalogue's first for the role. */
function choose(asking: Asking, part: Part, patient: Patient | null): Thing | null {
  const { pantry, question } = asking
  const fits = (thing: Thing): boolean =>
    (patient === null || suits(thing, patient, pantry.house)) &&
    (thing.facts.skill === null ||
      mayUse(thing.facts.skill, question.skills) ||
      // Who carries their own auto-injector uses it before anybody else is trained.
      (patient !== null && thing.facts.skill === 'auto-injector'))
  /** A shelf full of small packs is no answer where a large one exists. */
  const handy = ({ facts }: Thing): boolean => part.uses / facts.uses <= HANDFUL
  const candidates = part.any
    .filter((role) => !NEVER_COVER.includes(role))
    .flatMap((role) => playersOf(asking, role))
    .filter(fits)
  return candidates.find(handy) ?? candidates[0] ?? null
}

const HANDFUL = 20

/**
 * Things that play a role, in the order in which they are proposed: what lies here, then what is
 * made for the role, then in the catalogue's order. Whether the household knows a thing as an
 * item decides last, so that accepting a line does not turn the next proposal over.
 */
function playersOf(asking: Asking, role: RoleId): readonly Thing[] {
  const { pantry } = asking
  const owned = (pantry.byRole.get(role) ?? []).flatMap((at) => {
    const thing = pantry.things[at]
    return thing ? [{ thing, here: asking.isPresent(at) }] : []
  })
  const known = new Set(owned.map(({ thing }) => thing.facts.entry?.id))
  const entries = [...catalogue().values()]
    .filter(
      (entry) =>
        isProposedIn(entry, pantry.house.labels) &&
        entry.roles.includes(role) &&
        !known.has(entry.id),
    )
    .map((entry) => ({ thing: entryThing(entry), here: false }))
  const place = new Map([...catalogue().keys()].map((id, at) => [id, at]))
  const rank = ({ thing, here }: { thing: Thing; here: boolean }): readonly number[] => [
    here ? 0 : 1,
    thing.facts.roles[0] === role ? 0 : 1,
    place.get(thing.facts.entry?.id ?? '') ?? Number.MAX_SAFE_INTEGER,
  ]
  return [...owned, ...entries]
    .map((one) => ({ one, by: rank(one) }))
    .sort((a, b) => a.by.reduce((found, value, at) => found || value - (b.by[at] ?? 0), 0))
    .map(({ one }) => one.thing)
}

const keyOf = (thing: Thing): string => thing.itemId ?? `+${thing.facts.entry?.id ?? thing.title}`

function note(
  asking: Asking,
  {
    need,
    way,
    part,
    thing,
    patient,
    companionOf,
  }: {
    need: Need
    way: Way
    part: Part
    thing: Thing
    patient: Patient | null
    companionOf: string | null
  },
  wanted: Map<string, Wanted>,
): void {
  const key = keyOf(thing)
  const line = wanted.get(key) ?? { thing, reasons: [] }
  wanted.set(key, line)
  const shared = part.any.every(isShared)
  const uses = usesOf(part, asking.question, asking.pantry.stock.schools, patient?.grams ?? null)
  const member = patient && { id: patient.member.id, name: patient.member.name }
  const before = line.reasons.findIndex(
    (reason) => reason.needId === need.id && reason.companionOf === companionOf,
  )
  const known = line.reasons[before]
  if (known) {
    // What befalls everybody at once adds up; else the kit is for one patient at a time.
    const together =
      need.everybodyAtOnce && !shared ? known.uses + uses : Math.max(known.uses, uses)
    line.reasons[before] = {
      ...known,
      uses: together,
      members:
        member && !known.members.some(({ id }) => id === member.id)
          ? [...known.members, member]
          : known.members,
    }
  } else
    line.reasons.push({
      needId: need.id,
      need: need.name,
      tier: need.tier,
      way: way.name,
      members: member ? [member] : [],
      uses,
      sets: false,
      companionOf,
    })
  if (companionOf !== null) return
  const { facts, title } = thing
  for (const role of companionRoles(companionsFor(facts, patient), 'unsafe', 'weaker')) {
    if (asking.comesFromTap({ any: [role], uses: 1 })) continue
    if (way.parts.some(({ any }) => any.includes(role))) continue
    const companion = choose(asking, { any: [role], uses: 1 }, patient)
    if (companion)
      note(
        asking,
        {
          need,
          way,
          part: { any: [role], uses: 1 },
          thing: companion,
          patient,
          companionOf: title,
        },
        wanted,
      )
  }
}

function lineOf(asking: Asking, key: string, { thing, reasons }: Wanted): ProposedLine {
  const { facts, itemId, title } = thing
  const spare = facts.roles.slice(0, 1).some((role) => ONE_MORE.includes(role)) ? 1 : 0
  const most = Math.max(...reasons.map(({ uses }) => uses))
  const tier = reasons.reduce<Tier>(
    (top, { tier: one }) => (TIER_ORDER[one] < TIER_ORDER[top] ? one : top),
    'comfort',
  )
  const at = itemId === null ? undefined : asking.pantry.thingOf.get(itemId)
  const known = at === undefined ? undefined : asking.pantry.known[at]
  const units = Math.ceil(most / facts.uses - 1e-9) + spare
  const here = itemId === null ? NOTHING : goodHere(asking, itemId)
  const packUnits = known?.item.packSize
    ? known.item.packSize / THOUSAND
    : (facts.entry?.pack.units ?? null)
  const packPrice = known?.item.packPriceMinor ?? facts.entry?.pack.priceMinor ?? null
  const missing = Math.max(0, units - here / THOUSAND)
  return {
    key,
    itemId,
    entryId: facts.entry?.id ?? null,
    title,
    unit: known?.item.unit ?? facts.entry?.unit ?? '',
    tier,
    par: upToMost(total(units * THOUSAND)),
    here,
    costMinor:
      missing === 0
        ? 0
        : packUnits === null || packPrice === null
          ? null
          : Math.ceil(missing / packUnits - 1e-9) * packPrice,
    spec: facts.entry?.spec ?? '',
    reasons: reasons
      .map((reason) => ({ ...reason, sets: reason.uses === most }))
      .sort((a, b) => TIER_ORDER[a.tier] - TIER_ORDER[b.tier] || b.uses - a.uses),
  }
}

function goodHere(asking: Asking, itemId: ItemId): Total {
  const at = asking.pantry.thingOf.get(itemId)
  return total(
    asking.pantry.shelves.reduce(
      (sum, shelf) =>
        shelf.thing === at && asking.gradeOf(shelf) === 'good' ? sum + shelf.amount : sum,
      0,
    ),
  )
}
