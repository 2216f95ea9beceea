/**
 * How good a layout is: one number, less is better, in seconds of a person who needs a thing
 * now. The weights are ours and are published in docs/core.md; the bench and the tests use
 * this score and no other.
 */
import type { Without } from '../catalogue/companions'
import { ROLE_IDS, type RoleId } from '../catalogue/roles'
import { FULL_AT, fitsIn, volumeOf } from './fill'
import type { Bay, Layout, LayoutProblem, Thing } from './problem'
import { isForOthers, namesSomebody, type Purpose, underLabel } from './purpose'
import { QUICK, USUAL_REACH } from './reach'
import type { Urgency } from './urgency'

export const WEIGHTS = {
  /** For each thing one looks past, × how much hurry the others are in; half where one sees through. */
  digging: 0.3,
  /** A bay does not close. */
  tooFull: 40,
  /** It is this much over, per whole bay. */
  overfull: 400,
  /** A stiff thing is put where it does not go in. */
  tooBig: 2000,
  /** It is too big for the bay it lies in, and its keeper has got it in. */
  bulges: 60,
  /** A cold thing out of the fridge, or anything in the freezer that frost harms. */
  temperature: 1000,
  /** A thing is put where things wait for an answer. */
  waits: 1000,
  /** It lies where another species, member or age is at home. */
  whom: 80,
  /** A thing that needs no fridge takes room in one, or hangs outside. */
  elsewhere: 60,
  /** The bay's label promises other things, and another bay's label names this one. */
  label: 35,
  /** The bay's label says nothing, and another bay's label names this thing. */
  unlabelled: 14,
  /** The bay's label promises other things, or it is a lid, and no label names this one. */
  homeless: 8,
  /** Each further plain bay over which a group is spread. */
  spread: 15,
  /** A thing of a bay that names somebody leaves it for one that does not name them. */
  taken: 40,
  /** What lay beside its companion is parted from it. */
  parted: 120,
  /** The companion lies in another bay, and did before; half where the thing is only weaker without it. */
  companion: 25,
  /** Two strengths of one ingredient in one bay. */
  strengths: 30,
  /** Medicines for people and for animals in one bay. */
  species: 30,
  /** What leaks beside what it spoils. */
  spoilt: 6,
  /** What leaks where it cannot stand. */
  lying: 6,
  /** What light harms where light gets in. */
  light: 12,
  /** What spoils in the damp where it is damp. */
  damp: 10,
  /** What burns beside what sparks. */
  burns: 40,
  /** Moving a thing: what is learnt by hand stays where it is unless it is worth it. */
  moved: 25,
  /** Of two layouts that are as good, from scratch, the one with fewer moves. */
  idle: 1,
} as const
export type Cost = keyof typeof WEIGHTS | 'reach'
export const COSTS = ['reach', ...Object.keys(WEIGHTS)] as readonly Cost[]

/** Got out within so many seconds, as from a lid. */
const AT_ONCE = 5
/** A lid is shallow; a quick drawer is deeper than this, in millimetres. */
const SHALLOW = 60

/** What a second of reaching weighs, and what a second past ten weighs on top. */
const SECONDS: Readonly<Record<Urgency, readonly [each: number, late: number]>> = {
  life: [3, 9],
  urgent: [0.4, 0],
  comfort: [0.1, 0],
}

const reachOf = ({ reachSeconds }: Pick<Bay, 'reachSeconds'>): number => reachSeconds ?? USUAL_REACH

/** A lid or a flap: what has always lain there lies well, whatever other labels say. */
export const isAtOnce = (bay: Pick<Bay, 'sort' | 'reachSeconds' | 'inner'>): boolean =>
  bay.sort === 'outside' || (reachOf(bay) <= AT_ONCE && Math.min(...(bay.inner ?? [0])) <= SHALLOW)

/** Where a thing is at home in its kit. */
export interface Home {
  /** Index of the bay that hands have learnt; null where nothing counts as learnt. */
  readonly learnt: number | null
  /** The label of some bay names it. */
  readonly isNamed: boolean
  /** The bay where it lies, if that names somebody. */
  readonly theirs: Purpose | null
}

export function homeOf({ goods, whose, at, pinned }: Thing, { bays, afresh }: LayoutProblem): Home {
  const learnt = afresh && !pinned ? null : at
  const here = learnt === null ? undefined : bays[learnt]?.purpose
  return {
    learnt,
    isNamed: bays.some(
      ({ purpose }) =>
        !purpose.waits &&
        underLabel(goods, whose, purpose) === 'named' &&
        !isForOthers(goods, whose, purpose),
    ),
    theirs: here && namesSomebody(here) && !isForOthers(goods, whose, here) ? here : null,
  }
}

const isTheirs = (theirs: Purpose, { species, members }: Purpose): boolean =>
  theirs.members.some((one) => members.includes(one)) ||
  theirs.species.some((one) => species.includes(one))

/** Fetched every week, by anybody: they lie well in a lid. */
const FETCHED_OFTEN: ReadonlySet<RoleId> = new Set<RoleId>([
  'plaster',
  'gloves',
  'clean-skin',
  'hand-clean',
  'barrier',
])

const isHandy = ({ goods }: Thing): boolean => {
  const [first] = goods.roles
  return goods.urgency === 'life' || (first !== undefined && FETCHED_OFTEN.has(first))
}

function labelCost(
  thing: Thing,
  bay: Bay,
  isHere: boolean,
  { isNamed }: Home,
): Partial<Record<Cost, number>> {
  const { purpose } = bay
  const standing = underLabel(thing.goods, thing.whose, purpose)
  const isSomebodys = namesSomebody(purpose)
  if (standing === 'named' || (isSomebodys && isHere)) return {}
  if (standing === 'other' || isSomebodys)
    return isNamed ? { label: WEIGHTS.label } : { homeless: WEIGHTS.homeless }
  if (!isAtOnce(bay)) return isNamed ? { unlabelled: WEIGHTS.unlabelled } : {}
  // A lid is for what is needed at once or often, and for what has always lain there.
  if (isHere || isHandy(thing)) return {}
  return isNamed ? { unlabelled: WEIGHTS.unlabelled } : { homeless: WEIGHTS.homeless }
}

/**
 * What it costs to have a thing in a bay, whatever else lies there.
 * @param home as {@link homeOf} says
 */
export function unary(
  thing: Thing,
  bay: Bay,
  at: number,
  home: Home,
): Partial<Record<Cost, number>> {
  const { goods, whose } = thing
  const [each, late] = SECONDS[goods.urgency]
  const seconds = reachOf(bay)
  const costs: Partial<Record<Cost, number>> = {
    reach: each * seconds + late * Math.max(0, seconds - QUICK),
    ...labelCost(thing, bay, at === home.learnt, home),
  }
  const isHere = at === home.learnt
  if (thing.stiff && bay.inner && !fitsIn(thing.stiff, bay.inner))
    costs[isHere ? 'bulges' : 'tooBig'] = isHere ? WEIGHTS.bulges : WEIGHTS.tooBig
  const inFridge = bay.spot === 'fridge'
  if (goods.cold ? !inFridge : bay.spot === 'freezer' && goods.frostHarms)
    costs.temperature = WEIGHTS.temperature
  if (bay.purpose.waits && !isHere) costs.waits = WEIGHTS.waits
  if (isForOthers(goods, whose, bay.purpose)) costs.whom = WEIGHTS.whom
  if (!goods.cold && bay.sort === 'elsewhere') costs.elsewhere = WEIGHTS.elsewhere
  if (goods.leaks && !bay.upright) costs.lying = WEIGHTS.lying
  if (goods.lightHarms && bay.clear) costs.light = WEIGHTS.light
  if (goods.spoils && !bay.dry) costs.damp = WEIGHTS.damp
  if (home.theirs && !isTheirs(home.theirs, bay.purpose)) costs.taken = WEIGHTS.taken
  if (home.learnt !== null && !isHere) costs.moved = WEIGHTS.moved
  else if (at !== thing.at) costs.idle = WEIGHTS.idle
  return costs
}

/** How much it matters that one has to look for it among others. */
const HURRY: Readonly<Record<Urgency, number>> = { life: 4, urgent: 1, comfort: 0.5 }

/** What it costs that these things share a bay. */
export function shared(things: readonly Thing[], bay: Bay): Partial<Record<Cost, number>> {
  const costs: Partial<Record<Cost, number>> = {}
  if (things.length > 1) {
    const hurry = things.reduce((total, { goods }) => total + HURRY[goods.urgency], 0)
    const each = bay.clear ? WEIGHTS.digging / 2 : WEIGHTS.digging
    costs.digging = hurry * each * (things.length - 1)
  }
  if (bay.inner) {
    const volume = things.reduce((total, thing) => total + thing.volume, 0)
    const over = volume / (FULL_AT * volumeOf(bay.inner)) - 1
    if (over > 0) {
      costs.tooFull = WEIGHTS.tooFull
      costs.overfull = WEIGHTS.overfull * over
    }
  }
  let leaks = 0
  let spoils = 0
  let burns = 0
  let sparks = 0
  let forPeople = false
  let forAnimals = false
  let strengths = 0
  const known = new Map<string, Set<string>>()
  for (const { goods } of things) {
    if (goods.leaks) leaks += 1
    if (goods.spoils) spoils += 1
    if (goods.flammable) burns += 1
    if (goods.sparks) sparks += 1
    if (!goods.isMedicine) continue
    if (goods.made === 'people') forPeople = true
    if (goods.made === 'animals') forAnimals = true
    if (goods.ingredient === '') continue
    // A bottle of syrup is not taken for a strip of tablets.
    const key = `${goods.ingredient}/${goods.form}`
    const of = known.get(key) ?? new Set<string>()
    if (of.size > 0 && !of.has(goods.strength)) strengths += 1
    known.set(key, of.add(goods.strength))
  }
  if (leaks > 0 && spoils > 0) costs.spoilt = WEIGHTS.spoilt * Math.min(leaks, spoils)
  if (burns > 0 && sparks > 0) costs.burns = WEIGHTS.burns * Math.min(burns, sparks)
  if (forPeople && forAnimals) costs.species = WEIGHTS.species
  if (strengths > 0) costs.strengths = WEIGHTS.strengths * strengths
  return costs
}

/**
 * What depends on several bays at once: groups pulled apart, companions parted. Prepared once
 * for a kit, because a search asks for it at every step.
 * @returns for a layout, in which -1 stands for a thing still in hand: it may yet go anywhere,
 *   so that it costs nothing so far
 */
export function acrossOf({
  things,
  bays,
  afresh = false,
}: LayoutProblem): (layout: Layout) => Across {
  const groupNames = [...new Set(things.map(({ goods }) => goods.group).filter((one) => one))]
  // Under a label that names it, or at hand in a lid, a thing is where one looks for it.
  const isApart = things.map((thing) =>
    bays.map(
      (bay) =>
        (isAtOnce(bay) && isHandy(thing)) ||
        underLabel(thing.goods, thing.whose, bay.purpose) === 'named',
    ),
  )
  const groups = groupNames.map((name) => indicesOf(things, ({ goods }) => goods.group === name))
  const wishes = wishesOf(things, afresh)
  return (layout) => {
    let spread = 0
    for (const members of groups) {
      let seen = 0
      for (const index of members) {
        const at = layout[index] ?? -1
        if (at >= 0 && !isApart[index]?.[at]) seen |= 1 << at
      }
      for (let rest = seen & (seen - 1); rest !== 0; rest &= rest - 1) spread += WEIGHTS.spread
    }
    const total = { spread, companion: 0, parted: 0 }
    const missing = new Set<number>()
    for (const { index, players, cost, weight, role } of wishes) {
      const at = layout[index] ?? -1
      if (at < 0 || !players.every((one) => layout[one] !== at && (layout[one] ?? -1) >= 0))
        continue
      // Two things of one bay that want scissors want them once.
      const key = role * bays.length + at
      if (cost === 'companion' && missing.has(key)) continue
      missing.add(key)
      total[cost] += weight
    }
    return total
  }
}

export interface Across {
  readonly spread: number
  readonly companion: number
  readonly parted: number
}

export const sumAcross = ({ spread, companion, parted }: Across): number =>
  spread + companion + parted

/** A thing that should lie beside any of some others. */
export interface Wish {
  readonly index: number
  readonly players: readonly number[]
  /** `parted` where it lies beside one of them now. */
  readonly cost: 'companion' | 'parted'
  readonly weight: number
  /** Which role is wanted, as a number. */
  readonly role: number
}

/** How much of a companion's weight counts where it never lay beside the thing. */
const APART: Readonly<Record<Without, number>> = { unsafe: 1, weaker: 0.5, tidier: 0.2 }

/** Of what the kit holds: a companion that is not there cannot be lain beside. */
export const wishesOf = (things: readonly Thing[], afresh = false): readonly Wish[] =>
  things
    .flatMap(({ goods, at }, index) =>
      goods.companions.flatMap(({ role, without }): Wish[] => {
        const players = indicesOf(things, (other) => other.goods.roles.includes(role)).filter(
          (one) => one !== index,
        )
        if (players.length === 0 || goods.roles.includes(role)) return []
        const isBeside = !afresh && players.some((one) => things[one]?.at === at)
        const weight = isBeside ? WEIGHTS.parted : WEIGHTS.companion * APART[without]
        const cost = isBeside ? 'parted' : 'companion'
        return [{ index, players, cost, weight, role: ROLE_IDS.indexOf(role) }]
      }),
    )
    // The dearest first: it is the one that counts.
    .sort((a, b) => b.weight - a.weight)

const indicesOf = (things: readonly Thing[], are: (thing: Thing) => boolean): readonly number[] =>
  things.flatMap((thing, index) => (are(thing) ? [index] : []))

/** Every cost of a layout by its name. */
export function breakdown(problem: LayoutProblem, layout: Layout): Record<Cost, number> {
  const total = Object.fromEntries(COSTS.map((cost) => [cost, 0])) as Record<Cost, number>
  const add = (costs: Partial<Record<Cost, number>>): void => {
    for (const cost of Object.keys(costs) as Cost[]) total[cost] += costs[cost] ?? 0
  }
  problem.things.forEach((thing, index) => {
    const at = layout[index] ?? 0
    const bay = problem.bays[at]
    if (bay) add(unary(thing, bay, at, homeOf(thing, problem)))
  })
  problem.bays.forEach((bay, at) => {
    add(
      shared(
        problem.things.filter((_, index) => layout[index] === at),
        bay,
      ),
    )
  })
  add({ ...acrossOf(problem)(layout) })
  return total
}

/** The one number; less is better. */
export const scoreOf = (problem: LayoutProblem, layout: Layout): number =>
  Object.values(breakdown(problem, layout)).reduce((total, cost) => total + cost, 0)
