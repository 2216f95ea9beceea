/** Lays a trip out for packing: what can be taken, what is there anyhow, and what must be met. */
import { daysBetween } from '../calendar/plainDate'
import { Asking, TENTHS } from '../cover/asking'
import { dateGrade } from '../cover/objections'
import type { KnownItem, Pantry, Shelf } from '../cover/pantry'
import { PatientBook } from '../cover/patientBook'
import { isGoodOn, turnsFirst } from '../cover/taking'
import type { KitId, MemberId } from '../ids'
import { type Amount, amount, THOUSAND } from '../quantity/amount'
import { bagLoad, lyingIn } from './bagLoad'
import { CABIN_RULES, type cabinVerdict } from './cabin'
import type { Fixed, LoadoutProblem, PackedBag, Piece } from './problem'
import { mergedRequirements, type Required, requiredIn, type Supply } from './requirements'
import { assumedSize, type BagRoom, goesInto, sizeOf, volumeIn } from './room'
import {
  daysToJudge,
  goodThrough,
  questionOf,
  type Scene,
  type StayScene,
  scenesOf,
  staysOf,
} from './scenes'
import { verdictFor } from './takeOut'
import { awayDays, type Bag, lastDay, type Trip } from './trip'

/** Beyond the days away, of every regular medicine. */
const MEDICINE_DAYS_MORE = 2
/** Of an empty bag that nobody has weighed. A working figure of ours. */
const USUAL_BAG_GRAMS = 400

export interface LaidOut {
  readonly problem: LoadoutProblem
  readonly scenes: readonly Scene[]
  readonly stays: readonly StayScene[]
}

/** Bags of which some are to be chosen. */
export interface Choice {
  /** They stay unless it takes them; each may stand among the trip's bags once for each who could carry it. */
  readonly optional: ReadonlySet<KitId>
  readonly mostBags: number | null
}

/** @param rooms of the kits that come along */
export function layOutTrip(
  pantry: Pantry,
  trip: Trip,
  rooms: ReadonlyMap<KitId, BagRoom>,
  { optional, mostBags }: Choice = { optional: new Set(), mostBags: null },
): LaidOut {
  const scenes = scenesOf(trip, pantry.stock)
  const comes = { ...trip, bags: trip.bags.filter(({ kitId }) => !optional.has(kitId)) }
  const stays = trip.wishes.bareHome ? [] : staysOf(comes, pantry.stock)
  const pieces = piecesOf(pantry, trip, rooms, { stays, sceneCount: scenes.length, optional })
  const homes = stays.map(({ question }) => fixedIn(pantry, [...question.kits], question.date))
  const withBags = ({ bags, kits, to }: Scene): Fixed =>
    fixedIn(pantry, [...bags, ...kits], to, trip)
  const fixed = [
    ...scenes.map((scene) =>
      withBags({ ...scene, bags: scene.bags.filter((kitId) => !optional.has(kitId)) }),
    ),
    ...homes,
  ]
  const atMost = optional.size === 0 ? fixed : [...scenes.map(withBags), ...homes]
  const all = requiredBy(pantry, trip, { scenes, stays, pieces, fixed: atMost })
  const bagAt = (bag: Bag): PackedBag => {
    const plain = bagOf(pantry, trip, bag, rooms, scenes)
    if (!optional.has(bag.kitId)) return plain
    const there = fixedIn(pantry, [bag.kitId], lastDay(trip), trip)
    const lying = bagLoad(pantry, lyingIn(pantry, bag.kitId), bag, trip.cabinRules)
    const stay = stays.findIndex(({ question }) => question.kits.has(bag.kitId))
    return {
      ...plain,
      optional: {
        ...there,
        grams: (rooms.get(bag.kitId)?.ownGrams ?? USUAL_BAG_GRAMS) + lying.grams,
        stay: stay < 0 ? null : scenes.length + stay,
      },
    }
  }
  return {
    scenes,
    stays,
    problem: {
      pieces,
      bags: trip.bags.map(bagAt),
      sceneCount: scenes.length,
      fixed,
      requirements: mergedRequirements(all.requirements),
      unmet: [...all.unmet],
      kept: trip.wishes.keep.flatMap((itemId) => pantry.thingOf.get(itemId) ?? []),
      mostGrams: trip.wishes.mostGrams,
      mostBags,
    },
  }
}

// ---- what is there -----------------------------------------------------------------------------

/**
 * Tenths of a use of each thing in kits on a day; what is only looked at before use counts second.
 * @param trip what its bags must not carry as they travel is not there
 */
function fixedIn(
  pantry: Pantry,
  kits: readonly KitId[],
  through: Scene['to'],
  trip?: Pick<Trip, 'bags' | 'cabinRules'>,
): Fixed {
  const there = new Set(kits)
  const good = new Float64Array(pantry.things.length)
  const second = new Float64Array(pantry.things.length)
  for (const shelf of pantry.shelves) {
    const kit = pantry.stock.kits[shelf.kit]
    if (!kit || !there.has(kit.id) || shelf.barred) continue
    const bag = trip?.bags.find(({ kitId }) => kitId === kit.id)
    const facts = pantry.things[shelf.thing]?.facts
    if (bag && trip && facts && isRefused(bag, trip, facts)) continue
    const grade = dateGrade(pantry, shelf, through)
    if (grade === 'spent') continue
    const into = grade === 'good' ? good : second
    into[shelf.thing] = (into[shelf.thing] ?? 0) + shelf.uses * TENTHS
  }
  return { good, second }
}

const isRefused = (
  bag: Bag,
  trip: Pick<Trip, 'cabinRules'>,
  facts: Parameters<typeof sizeOf>[0] & Parameters<typeof cabinVerdict>[0]['facts'],
): boolean => verdictFor(bag, trip, { facts, mm: sizeOf(facts)?.mm ?? null })?.kind === 'refused'

// ---- what can be taken -------------------------------------------------------------------------

/** What may go along, as whole units; an opened rest is a piece of its own. */
function piecesOf(
  pantry: Pantry,
  trip: Trip,
  rooms: ReadonlyMap<KitId, BagRoom>,
  home: FromHome,
): readonly Piece[] {
  const sources = new Set(trip.sources)
  const along = new Set(trip.bags.map(({ kitId }) => kitId))
  const filled = new Set(trip.bags.flatMap((bag) => (bag.filled ? [bag.kitId] : [])))
  const leave = new Set(trip.wishes.leave)
  const through = goodThrough(trip)
  const shelvesAt = new Map<string, Shelf[]>()
  for (const shelf of pantry.shelves) {
    const kit = pantry.stock.kits[shelf.kit]
    const itemId = pantry.things[shelf.thing]?.itemId
    if (!kit || !itemId || pantry.things[shelf.thing]?.carrier !== undefined) continue
    // What lies in a bag that is filled for this may change to another one.
    if (!(along.has(kit.id) ? filled.has(kit.id) : sources.has(kit.placeId))) continue
    if (leave.has(itemId) || !isGoodOn(shelf, through)) continue
    const key = along.has(kit.id) ? `${kit.id}/${shelf.thing}` : `${kit.placeId}/${shelf.thing}`
    const known = shelvesAt.get(key)
    if (known) known.push(shelf)
    else shelvesAt.set(key, [shelf])
  }
  return [...shelvesAt.values()].flatMap((shelves) =>
    piecesFrom(pantry, trip, rooms, [...shelves].sort(turnsFirst), home),
  )
}

/** What a piece is taken from. */
interface FromHome extends Pick<Choice, 'optional'> {
  readonly stays: readonly StayScene[]
  readonly sceneCount: number
}

function piecesFrom(
  pantry: Pantry,
  trip: Trip,
  rooms: ReadonlyMap<KitId, BagRoom>,
  shelves: readonly Shelf[],
  { stays, sceneCount, optional }: FromHome,
): readonly Piece[] {
  const [first] = shelves
  const thing = first && pantry.things[first.thing]
  const placeId = first && pantry.stock.kits[first.kit]?.placeId
  if (!first || !thing || !placeId) return []
  const { facts } = thing
  const size = sizeOf(facts)
  const { mm, grams } = size ?? assumedSize((pantry.known[first.thing] as KnownItem).item)
  const verdicts = trip.bags.map((bag) => verdictFor(bag, trip, { facts, mm: size?.mm ?? null }))
  const kitId = pantry.stock.kits[first.kit]?.id
  const inOptional = kitId !== undefined && optional.has(kitId) ? { inOptional: kitId } : {}
  const fromBag =
    'inOptional' in inOptional ? -1 : trip.bags.findIndex((bag) => bag.kitId === kitId)
  const bags = trip.bags.flatMap((bag, at) => {
    if (bag.kitId === kitId) return []
    const room = rooms.get(bag.kitId)
    return bag.filled && room && verdicts[at]?.kind !== 'refused' && goesInto(facts, room)
      ? [at]
      : []
  })
  if (bags.length === 0) return []
  const liquid = verdicts.find((one) => one?.kind === 'in_liquids')
  const stay = stays.findIndex((one) => one.placeId === placeId)
  const made = (count: number, each: number, of: readonly Shelf[]): readonly Piece[] =>
    count === 0
      ? []
      : [
          {
            thing: first.thing,
            placeId,
            stay: stay < 0 || fromBag >= 0 ? null : sceneCount + stay,
            fromBag: fromBag < 0 ? null : fromBag,
            ...inOptional,
            count,
            each,
            tenths: Math.floor((each / THOUSAND) * facts.uses * TENTHS + 1e-9),
            // A begun bottle takes the room, and is taken to have the weight, of a whole one.
            grams,
            volume: mm[0] * mm[1] * mm[2],
            bags,
            liquidMl: liquid?.kind === 'in_liquids' ? liquid.millilitres : 0,
            shelves: of.map(({ lotId, pocket, amount: some }) => ({
              lotId,
              pocketId: pocket.id,
              amount: some,
            })),
          },
        ]
  const whole = shelves.reduce((sum, one) => sum + Math.floor(one.amount / THOUSAND), 0)
  const begun = shelves
    .filter((one) => one.amount % THOUSAND > 0)
    .sort((a, b) => (b.amount % THOUSAND) - (a.amount % THOUSAND))[0]
  return [
    ...made(
      whole,
      THOUSAND,
      shelves.flatMap((one) =>
        one.amount < THOUSAND ? [] : [{ ...one, amount: wholePart(one.amount) }],
      ),
    ),
    ...(begun
      ? made(1, begun.amount % THOUSAND, [{ ...begun, amount: amount(begun.amount % THOUSAND) }])
      : []),
  ]
}

const wholePart = (of: Amount): Amount => amount(of - (of % THOUSAND))

function bagOf(
  pantry: Pantry,
  trip: Trip,
  { kitId, stowage, carrier }: Bag,
  rooms: ReadonlyMap<KitId, BagRoom>,
  scenes: readonly Scene[],
): PackedBag {
  const room = rooms.get(kitId)
  const load = bagLoad(pantry, lyingIn(pantry, kitId), { stowage }, trip.cabinRules)
  const whole = room ? volumeIn(room) : null
  const carry = room?.carryGrams ?? null
  return {
    kitId,
    freeGrams: carry === null ? null : Math.max(0, carry - load.grams),
    freeVolume: whole === null ? null : Math.max(0, whole - load.volume),
    liquidMl:
      stowage === 'cabin' ? Math.max(0, CABIN_RULES[trip.cabinRules].bagMl - load.liquidMl) : null,
    scenes: scenes.flatMap(({ members }, at) => (members.includes(carrier) ? [at] : [])),
  }
}

// ---- what must be met --------------------------------------------------------------------------

function requiredBy(
  pantry: Pantry,
  trip: Trip,
  laid: {
    readonly scenes: readonly Scene[]
    readonly stays: readonly StayScene[]
    readonly pieces: readonly Piece[]
    readonly fixed: readonly Fixed[]
  },
): Required {
  const { scenes, stays, pieces, fixed } = laid
  const book = new PatientBook(pantry)
  const sources = pantry.stock.kits.flatMap(({ id, placeId, goesWith }) =>
    trip.sources.includes(placeId) && !goesWith ? [id] : [],
  )
  const found: Required[] = []
  for (const [at, scene] of scenes.entries()) {
    const reached = new Set(
      trip.bags.flatMap(({ carrier }, bag) => (scene.members.includes(carrier) ? [bag] : [])),
    )
    const supply = supplyOf(fixed[at], pieces, (piece) =>
      piece.bags.some((bag) => reached.has(bag)),
    )
    for (const day of daysToJudge(pantry, scene)) {
      const question = questionOf(scene, pantry.stock, trip.wishes, day, [
        ...scene.bags,
        ...scene.kits,
        ...sources,
      ])
      found.push(
        requiredIn({
          scene: at,
          asking: new Asking(pantry, question, book),
          supply,
          medicineDays: (member) => medicineDaysOf(trip, member),
          isStay: false,
        }),
      )
    }
  }
  for (const [at, { question }] of stays.entries())
    found.push(
      requiredIn({
        scene: scenes.length + at,
        asking: new Asking(pantry, question, book),
        supply: supplyOf(fixed[scenes.length + at], [], () => false),
        medicineDays: () => null,
        isStay: true,
      }),
    )
  const unmet = new Map(
    found
      .flatMap((one) => one.unmet)
      .map((one) => [`${one.scene}/${one.need.id}/${one.members.join()}`, one] as const)
      .reverse(),
  )
  return {
    requirements: found.flatMap((one) => one.requirements),
    unmet: [...unmet.values()].reverse(),
  }
}

/** Days away, both ends counted, and two more. */
export function medicineDaysOf(trip: Pick<Trip, 'stops'>, member: MemberId): number | null {
  const away = awayDays(trip, member)
  return away && daysBetween(away.from, away.to) + 1 + MEDICINE_DAYS_MORE
}

function supplyOf(
  fixed: Fixed | undefined,
  pieces: readonly Piece[],
  isReached: (piece: Piece) => boolean,
): Supply {
  const most = new Map<number, number>()
  // What lies in a bag that may come along is there with its bag.
  for (const piece of pieces)
    if (isReached(piece) && piece.inOptional === undefined)
      most.set(piece.thing, (most.get(piece.thing) ?? 0) + piece.count * piece.tenths)
  return {
    good: (thing) => (fixed?.good[thing] ?? 0) + (most.get(thing) ?? 0),
    second: (thing) => fixed?.second[thing] ?? 0,
  }
}
