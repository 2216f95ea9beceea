/** A packing as people read it: what goes into which bag, from where, and what it is there for. */
import type { PlainDate } from '../calendar/plainDate'
import { OWN_MEDICINE } from '../cover/asking'
import { board } from '../cover/board'
import { isReadyState, rank } from '../cover/cellState'
import type { Need, Tier } from '../cover/need'
import { NEEDS } from '../cover/needs'
import type { Pantry } from '../cover/pantry'
import type { KitId, LotId, MemberId, PlaceId, PocketId } from '../ids'
import { asksFor } from '../judgement/days'
import { type Readiness, readinessOf } from '../judgement/readiness'
import { add, NOTHING, type Total } from '../quantity/amount'
import { cabinVerdict } from './cabin'
import type { Taken } from './loadout'
import { type BagRoom, goesInto, sizeOf } from './room'
import { questionOf, type Scene, scenesOf } from './scenes'
import type { Trip } from './trip'

/** What would not be ready without a line, at which stop and for whom; nobody: for whoever is there. */
export interface LineReason {
  readonly need: string
  readonly tier: Tier
  readonly scene: number
  readonly members: readonly MemberId[]
}

export interface PackLine {
  readonly thing: number
  readonly title: string
  readonly unit: string
  readonly bag: KitId
  /** Where in the bag it goes. */
  readonly into: PocketId
  readonly amount: Total
  readonly grams: number
  readonly from: readonly {
    readonly lotId: LotId
    readonly pocketId: PocketId
    readonly placeId: PlaceId
    readonly amount: Taken['amount']
    readonly through: PlainDate | null
  }[]
  /** The gravest first; empty where it goes along because the keeper says so, or beside another. */
  readonly reasons: readonly LineReason[]
  /** Nobody has said how big and heavy it is: it is taken to be of a usual size. */
  readonly sizeIsAssumed: boolean
  /** Through a cabin it goes with its label, prescription or letter. */
  readonly withPapers: boolean
}

const TIERS: Readonly<Record<Tier, number>> = { life: 0, urgent: 1, comfort: 2 }

/** @param after the household's pantry with everything in its bag */
export function packLines(
  after: Pantry,
  trip: Trip,
  taken: readonly Taken[],
  rooms: ReadonlyMap<KitId, BagRoom>,
): readonly PackLine[] {
  const scenes = scenesOf(trip, after.stock)
  const before = scenes.map((scene) => readyIn(after, trip, scene, NEEDS, null))
  const byLine = new Map<string, Taken[]>()
  for (const one of taken) {
    const key = `${one.bag}/${one.thing}`
    const known = byLine.get(key)
    if (known) known.push(one)
    else byLine.set(key, [one])
  }
  const lines = [...byLine.values()].flatMap((of) => {
    const line = lineOf(after, trip, of, rooms, { scenes, before })
    return line ? [line] : []
  })
  return lines.sort(
    (a, b) => gravity(a) - gravity(b) || (a.title < b.title ? -1 : a.title > b.title ? 1 : 0),
  )
}

const gravity = ({ reasons }: PackLine): number => TIERS[reasons[0]?.tier ?? 'comfort']

function lineOf(
  after: Pantry,
  trip: Trip,
  of: readonly Taken[],
  rooms: ReadonlyMap<KitId, BagRoom>,
  { scenes, before }: { readonly scenes: readonly Scene[]; readonly before: readonly Readiness[] },
): PackLine | null {
  const [first] = of
  const thing = first && after.things[first.thing]
  const room = first && rooms.get(first.bag)
  if (!first || !thing || !room) return null
  const size = sizeOf(thing.facts)
  const stowage = trip.bags.find(({ kitId }) => kitId === first.bag)?.stowage
  return {
    thing: first.thing,
    title: thing.title,
    unit: after.known[first.thing]?.item.unit ?? '',
    bag: first.bag,
    into: pocketFor(thing.facts, room),
    amount: of.reduce<Total>((sum, { amount }) => add(sum, amount), NOTHING),
    grams: of.reduce((sum, one) => sum + one.grams, 0),
    from: of.map(({ lotId, from, placeId, amount }) => ({
      lotId,
      pocketId: from,
      placeId,
      amount,
      through:
        after.shelvesOf[first.thing]?.find((shelf) => shelf.lotId === lotId)?.through ?? null,
    })),
    reasons: reasonsFor(after, trip, first, { scenes, before }),
    sizeIsAssumed: size === null,
    withPapers:
      stowage === 'cabin' &&
      cabinVerdict({ facts: thing.facts, mm: size?.mm ?? null }, trip.cabinRules).kind ===
        'with_papers',
  }
}

/** The largest pocket that it goes into; the first where it goes into none by its measures. */
function pocketFor(facts: Parameters<typeof goesInto>[0], room: BagRoom): PocketId {
  const fitting = room.pockets.filter((pocket) => goesInto(facts, { ...room, pockets: [pocket] }))
  return (fitting[0] ?? room.pockets[0])?.id as PocketId
}

/**
 * What ceases to be ready when it is thought away, member by member: what one lacks anyhow says
 * nothing of the others. Where nothing does, what would be answered less well.
 */
function reasonsFor(
  after: Pantry,
  trip: Trip,
  { thing, bag }: Taken,
  { scenes, before }: { readonly scenes: readonly Scene[]; readonly before: readonly Readiness[] },
): readonly LineReason[] {
  const it = after.things[thing]
  if (!it) return []
  const roles = new Set(it.facts.roles)
  // A companion is missed by what goes with it, whatever that is for; a medicine by whoever takes it.
  const needs = NEEDS.filter(
    (need) => need.id === OWN_MEDICINE || asksFor(need, roles) || isCompanion(after, roles),
  )
  const missed = scenes.flatMap((scene, at) => {
    if (!scene.bags.includes(bag)) return []
    const known = new Map(cellsOf(before[at]).map(({ key, state }) => [key, state]))
    return cellsOf(readyIn(after, trip, scene, needs, thing)).flatMap((now) => {
      const was = known.get(now.key)
      return was && isReadyState(was) && rank(now.state) < rank(was)
        ? [{ ...now, scene: at, isLost: !isReadyState(now.state) }]
        : []
    })
  })
  const counted = missed.some(({ isLost }) => isLost)
    ? missed.filter(({ isLost }) => isLost)
    : missed
  const reasons = new Map<string, LineReason>()
  for (const { need, tier, scene, memberId } of counted) {
    const key = `${need}/${scene}`
    const known = reasons.get(key)?.members ?? []
    const members = memberId && !known.includes(memberId) ? [...known, memberId] : known
    reasons.set(key, { need, tier, scene, members })
  }
  return [...reasons.values()].sort((a, b) => TIERS[a.tier] - TIERS[b.tier])
}

const cellsOf = (readiness: Readiness | undefined) =>
  (readiness?.problems ?? []).flatMap(({ name, tier, rows }) =>
    rows.flatMap(({ need, cells, together }) =>
      [...cells, ...(together ? [together] : [])].map(({ memberId, state }) => ({
        key: `${need.id}/${memberId ?? ''}`,
        need: name,
        tier,
        memberId,
        state,
      })),
    ),
  )

const isCompanion = ({ things }: Pantry, roles: ReadonlySet<string>): boolean =>
  things.some(({ facts }) => facts.companions.some(({ role }) => roles.has(role)))

/** @param without a thing to think away, by its position */
function readyIn(
  after: Pantry,
  trip: Trip,
  scene: Scene,
  needs: readonly Need[],
  without: number | null,
): Readiness {
  const question = questionOf(scene, after.stock, trip.wishes, scene.from)
  const itemId = without === null ? null : after.things[without]?.itemId
  return readinessOf(
    board(after, { ...question, without: new Set(itemId ? [itemId] : []) }, needs).rows,
  )
}
