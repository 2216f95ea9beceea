/**
 * How good a layout is: one number, less is better, in seconds of a person who needs a thing
 * now. The weights are ours and are published in docs/core.md; the bench and the tests use
 * this score and no other.
 */
import { FULL_AT, fitsIn, volumeOf } from './fill'
import type { Bay, Layout, LayoutProblem, Thing } from './problem'
import { URGENCY } from './urgency'

export const WEIGHTS = {
  /** Seconds for each other thing in the bay that one has to look past; half where one sees through. */
  digging: 1,
  /** A bay is this much over, per whole bay: it does not close. */
  overfull: 400,
  /** A stiff thing does not go in. */
  tooBig: 1000,
  /** A cold thing out of the fridge, or anything in the freezer that frost harms. */
  temperature: 1000,
  /** A thing that needs no fridge takes room in one, or hangs outside. */
  elsewhere: 60,
  /** The bay's label names other groups. */
  label: 25,
  /** Each further bay over which a group is spread. */
  spread: 15,
  /** A thing whose companion lies in another bay. */
  companion: 15,
  /** Two strengths of one ingredient in one bay. */
  strengths: 20,
  /** Medicines for people and for animals in one bay. */
  species: 20,
  /** What leaks beside what it spoils. */
  spoilt: 10,
  /** What leaks where it cannot stand. */
  lying: 6,
  /** What light harms where light gets in. */
  light: 12,
  /** What spoils in the damp where it is damp. */
  damp: 10,
  /** What burns beside what sparks. */
  burns: 40,
  /** Moving a thing: what is learnt by hand stays where it is unless it is worth it. */
  moved: 4,
} as const
export type Cost = keyof typeof WEIGHTS | 'reach'
export const COSTS = ['reach', ...Object.keys(WEIGHTS)] as readonly Cost[]

/** A bay that nobody has timed. */
export const USUAL_REACH = 12

/** What it costs to have a thing in a bay, whatever else lies there. */
export function unary(thing: Thing, bay: Bay, at: number): Partial<Record<Cost, number>> {
  const { goods } = thing
  const costs: Partial<Record<Cost, number>> = {
    reach: URGENCY[goods.urgency] * (bay.reachSeconds ?? USUAL_REACH),
  }
  if (thing.stiff && bay.inner && !fitsIn(thing.stiff, bay.inner)) costs.tooBig = WEIGHTS.tooBig
  const inFridge = bay.spot === 'fridge'
  if (goods.cold ? !inFridge : bay.spot === 'freezer' && goods.frostHarms)
    costs.temperature = WEIGHTS.temperature
  if (!goods.cold && bay.sort === 'elsewhere') costs.elsewhere = WEIGHTS.elsewhere
  if (goods.leaks && !bay.upright) costs.lying = WEIGHTS.lying
  if (goods.lightHarms && bay.clear) costs.light = WEIGHTS.light
  if (goods.spoils && !bay.dry) costs.damp = WEIGHTS.damp
  if (bay.topics.length > 0 && goods.group !== '' && !bay.topics.includes(goods.group))
    costs.label = WEIGHTS.label
  if (at !== thing.at) costs.moved = WEIGHTS.moved
  return costs
}

/** What it costs that these things share a bay. */
export function shared(things: readonly Thing[], bay: Bay): Partial<Record<Cost, number>> {
  const costs: Partial<Record<Cost, number>> = {}
  if (things.length > 1) {
    const hurry = things.reduce((total, { goods }) => total + URGENCY[goods.urgency], 0)
    const each = bay.clear ? WEIGHTS.digging / 2 : WEIGHTS.digging
    costs.digging = hurry * each * (things.length - 1)
  }
  if (bay.inner) {
    const volume = things.reduce((total, thing) => total + thing.volume, 0)
    const over = volume / (FULL_AT * volumeOf(bay.inner)) - 1
    if (over > 0) costs.overfull = WEIGHTS.overfull * over
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
    const of = known.get(goods.ingredient) ?? new Set<string>()
    if (of.size > 0 && !of.has(goods.strength)) strengths += 1
    known.set(goods.ingredient, of.add(goods.strength))
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
export function acrossOf({ things }: LayoutProblem): (layout: Layout) => {
  readonly spread: number
  readonly companion: number
} {
  const groupNames = [...new Set(things.map(({ goods }) => goods.group).filter((one) => one))]
  const groups = groupNames.map((name) => indicesOf(things, ({ goods }) => goods.group === name))
  const wishes = things.flatMap(({ goods }, index) =>
    goods.companions.flatMap((role) => {
      const players = indicesOf(things, (other) => other.goods.roles.includes(role))
      return players.length > 0 ? [{ index, players }] : []
    }),
  )
  return (layout) => {
    let spread = 0
    for (const members of groups) {
      let bays = 0
      for (const index of members) {
        const at = layout[index] ?? -1
        if (at >= 0) bays |= 1 << at
      }
      for (let rest = bays & (bays - 1); rest !== 0; rest &= rest - 1) spread += WEIGHTS.spread
    }
    let companion = 0
    for (const { index, players } of wishes) {
      const at = layout[index] ?? -1
      if (at >= 0 && players.every((one) => layout[one] !== at && (layout[one] ?? -1) >= 0))
        companion += WEIGHTS.companion
    }
    return { spread, companion }
  }
}

const indicesOf = (things: readonly Thing[], are: (thing: Thing) => boolean): readonly number[] =>
  things.flatMap((thing, index) => (are(thing) ? [index] : []))

/** Bays are bits of a number while groups are counted; no kit has as many pockets. */
export const MOST_BAYS = 31

/** Every cost of a layout by its name. */
export function breakdown(problem: LayoutProblem, layout: Layout): Record<Cost, number> {
  const total = Object.fromEntries(COSTS.map((cost) => [cost, 0])) as Record<Cost, number>
  const add = (costs: Partial<Record<Cost, number>>): void => {
    for (const cost of Object.keys(costs) as Cost[]) total[cost] += costs[cost] ?? 0
  }
  problem.things.forEach((thing, index) => {
    const at = layout[index] ?? 0
    const bay = problem.bays[at]
    if (bay) add(unary(thing, bay, at))
  })
  problem.bays.forEach((bay, at) => {
    add(
      shared(
        problem.things.filter((_, index) => layout[index] === at),
        bay,
      ),
    )
  })
  add(acrossOf(problem)(layout))
  return total
}

/** The one number; less is better. */
export const scoreOf = (problem: LayoutProblem, layout: Layout): number =>
  Object.values(breakdown(problem, layout)).reduce((total, cost) => total + cost, 0)
