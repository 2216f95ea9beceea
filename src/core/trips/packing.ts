/** The whole program of a packing: how many of each piece go into which bag. */
import type { Tier } from '../cover/need'
import type { KitId } from '../ids'
import { type Entry, type Program, ProgramBuilder } from '../solving/program'
import type { LoadoutProblem, Piece } from './problem'
import type { Option, Requirement, Server } from './requirements'

export type Aim =
  /** Everything is met; the lightest. */
  | { readonly kind: 'all' }
  /** As little as possible is left out, by its weight. */
  | { readonly kind: 'least_missing'; readonly weightOf: Readonly<Record<Tier, number>> }
  /** All but these requirements and wishes, by their positions; the lightest. */
  | {
      readonly kind: 'without'
      readonly without: ReadonlySet<number>
      readonly dropped: ReadonlySet<number>
    }

export interface PackingProgram {
  readonly program: Program
  /** Column that says whether a requirement is left out; -1 where none may be. */
  readonly missing: (requirement: number) => number
  /** The same for a wish to keep something. */
  readonly dropped: (kept: number) => number
  /** Column that says whether an optional bag comes along; -1 of those that do anyhow. */
  readonly comes: (bag: number) => number
}

/** A wish to keep something weighs as much as what is urgent. */
const WISH_WEIGHT = 50
/** What moving something from one bag to another is worth, which weighs nothing more. */
const MOVE_GRAMS = 1
/** To have the first choice, where a life can be saved by another as well. */
const FIRST_CHOICE_WEIGHT = 300
/** Among equally light ones the fewer pieces. */
const GRAMS_PER_PIECE = 0.001

/** A sum that is a constant and columns with their factors. */
interface Sum {
  constant: number
  readonly entries: Entry[]
}

/** Columns of pieces come first: `piece × bags + bag`. */
export function packingProgram(problem: LoadoutProblem, aim: Aim): PackingProgram {
  return new Packing(problem, aim).build()
}

class Packing {
  private readonly program = new ProgramBuilder()
  private readonly piecesOf = new Map<number, Piece[]>()
  private readonly columnOf = new Map<Piece, number>()
  /** Supplies that count only with a companion, by scene, thing, grade and companions. */
  private readonly leaning = new Map<string, number>()
  private readonly missing: number[] = []
  private readonly dropped: number[] = []
  private readonly comes: number[] = []

  constructor(
    private readonly problem: LoadoutProblem,
    private readonly aim: Aim,
  ) {
    for (const piece of problem.pieces) {
      const known = this.piecesOf.get(piece.thing)
      if (known) known.push(piece)
      else this.piecesOf.set(piece.thing, [piece])
    }
  }

  build(): PackingProgram {
    const isLight = this.aim.kind !== 'least_missing'
    for (const piece of this.problem.pieces) {
      const first = this.problem.bags.map((_, bag) =>
        this.program.column({
          cost: isLight ? (piece.fromBag === null ? piece.grams : MOVE_GRAMS) + GRAMS_PER_PIECE : 0,
          upper: piece.bags.includes(bag) ? piece.count : 0,
          whole: 'whole',
        }),
      )[0]
      this.columnOf.set(piece, first ?? 0)
    }
    this.choices()
    this.limits()
    for (const [at, requirement] of this.problem.requirements.entries())
      this.require(requirement, at)
    for (const [at, thing] of this.problem.kept.entries()) this.keep(thing, at)
    return {
      program: this.program,
      missing: (at) => this.missing[at] ?? -1,
      dropped: (at) => this.dropped[at] ?? -1,
      comes: (bag) => this.comes[bag] ?? -1,
    }
  }

  /** Bags that may stay: nothing goes into one that does, and one that comes is carried once. */
  private choices(): void {
    const { bags, pieces, mostBags } = this.problem
    const isLight = this.aim.kind !== 'least_missing'
    const copies = new Map<KitId, Entry[]>()
    for (const [at, { kitId, optional }] of bags.entries()) {
      if (!optional) continue
      const column = this.program.column({
        cost: isLight ? optional.grams : 0,
        upper: 1,
        whole: 'whole',
      })
      this.comes[at] = column
      copies.set(kitId, [...(copies.get(kitId) ?? []), [column, 1]])
      for (const piece of pieces)
        if (piece.bags.includes(at))
          this.program.atMost(0, [
            [this.at(piece, at), 1],
            [column, -piece.count],
          ])
    }
    for (const entries of copies.values()) if (entries.length > 1) this.program.atMost(1, entries)
    if (mostBags !== null && copies.size > 0)
      this.program.atMost(mostBags, [...copies.values()].flat())
    for (const piece of pieces) {
      const own = piece.inOptional && copies.get(piece.inOptional)
      if (own)
        this.program.atMost(piece.count, [
          ...piece.bags.map((bag): Entry => [this.at(piece, bag), 1]),
          ...own.map(([column]): Entry => [column, piece.count]),
        ])
    }
  }

  /** What optional bags bring to a scene of the trip, or take from those who stay. */
  private brought(thing: number, scene: number, withSecond: boolean, of: 'tenths' | 'pieces') {
    return this.problem.bags.flatMap(({ kitId, optional, scenes }, at): readonly Entry[] => {
      if (!optional) return []
      const isTrip = scene < this.problem.sceneCount
      if (isTrip ? !scenes.includes(scene) : optional.stay !== scene) return []
      const tenths = (optional.good[thing] ?? 0) + (withSecond ? (optional.second[thing] ?? 0) : 0)
      if (tenths <= 0) return []
      const column = this.comes[at] ?? -1
      if (of === 'tenths')
        return [[column, isTrip ? Math.floor(tenths + 1e-9) : -Math.ceil(tenths - 1e-9)]]
      const lying = (this.piecesOf.get(thing) ?? [])
        .filter(({ inOptional }) => inOptional === kitId)
        .reduce((sum, { count }) => sum + count, 0)
      return [[column, isTrip ? 1 : -Math.max(1, lying)]]
    })
  }

  private limits(): void {
    const { bags, mostGrams, pieces } = this.problem
    if (bags.length === 0) return
    for (const piece of pieces)
      if (piece.bags.length > 1)
        this.program.atMost(
          piece.count,
          piece.bags.map((bag) => [this.at(piece, bag), 1]),
        )
    for (const [bag, { freeGrams, freeVolume, liquidMl }] of bags.entries()) {
      const bounded = (most: number | null, of: (piece: Piece) => number): void => {
        if (most === null) return
        const entries = pieces.flatMap((piece): Entry[] => {
          if (of(piece) === 0) return []
          if (piece.fromBag === bag)
            return piece.bags.map((other): Entry => [this.at(piece, other), -of(piece)])
          return piece.bags.includes(bag) ? [[this.at(piece, bag), of(piece)]] : []
        })
        if (entries.length > 0) this.program.atMost(Math.max(0, most), entries)
      }
      bounded(freeGrams, ({ grams }) => grams)
      bounded(freeVolume, ({ volume }) => volume)
      bounded(liquidMl, (piece) => piece.liquidMl)
    }
    if (mostGrams !== null)
      this.program.atMost(
        mostGrams,
        pieces.flatMap((piece) =>
          piece.fromBag !== null
            ? []
            : piece.bags.map((bag): Entry => [this.at(piece, bag), piece.grams]),
        ),
      )
  }

  private at(piece: Piece, bag: number): number {
    return (this.columnOf.get(piece) ?? 0) + bag
  }

  /** What is there of a thing in a scene. @param of what one piece counts for */
  private there(thing: number, scene: number, withSecond: boolean, of: 'tenths' | 'pieces'): Sum {
    const { fixed, sceneCount, bags } = this.problem
    const known = fixed[scene]
    const constant = (known?.good[thing] ?? 0) + (withSecond ? (known?.second[thing] ?? 0) : 0)
    const some = (this.piecesOf.get(thing) ?? []).flatMap((piece): Entry[] => {
      const each = of === 'tenths' ? piece.tenths : piece.tenths > 0 ? 1 : 0
      if (each === 0) return []
      // What goes along is taken from those who stay.
      if (scene >= sceneCount)
        return piece.stay === scene
          ? piece.bags.map((bag): Entry => [this.at(piece, bag), -each])
          : []
      const here = (bag: number | null): number =>
        bag !== null && bags[bag]?.scenes.includes(scene) ? each : 0
      return piece.bags.flatMap((bag): Entry[] => {
        // What is moved from one bag to another is missing in the first.
        const factor = here(bag) - here(piece.fromBag)
        return factor === 0 ? [] : [[this.at(piece, bag), factor]]
      })
    })
    const entries = [...some, ...this.brought(thing, scene, withSecond, of)]
    return {
      constant:
        of === 'tenths' ? Math.floor(constant + 1e-9) : this.piecesFixed(thing, scene, constant),
      entries,
    }
  }

  /** Whole pieces that are there anyhow: of those who stay, as many as they have. */
  private piecesFixed(thing: number, scene: number, tenths: number): number {
    if (scene < this.problem.sceneCount) return tenths > 0 ? 1 : 0
    const own = (this.piecesOf.get(thing) ?? []).filter(({ stay }) => stay === scene)
    const takeable = own.reduce((sum, { count }) => sum + count, 0)
    const usable = own.reduce((sum, piece) => sum + piece.count * piece.tenths, 0)
    return takeable + (tenths > usable ? 1 : 0)
  }

  private served(server: Server, scene: number, withSecond: boolean, of: 'tenths' | 'pieces'): Sum {
    const plain = this.there(server.thing, scene, withSecond, of)
    const groups = server.leansOn.map((group) => this.anyOf(group, scene, withSecond))
    const open = groups.filter(({ constant, entries }) => constant < 1 || entries.some(isTaken))
    if (open.length === 0) return plain
    const key = `${scene}/${server.thing}/${withSecond}/${of}/${server.leansOn.map((g) => g.join()).join('&')}`
    const known = this.leaning.get(key)
    if (known !== undefined) return { constant: 0, entries: [[known, 1]] }
    const most = this.mostOf(plain)
    const column = this.program.column({ upper: most })
    this.leaning.set(key, column)
    this.program.atMost(plain.constant, [[column, 1], ...plain.entries.map(negated)])
    for (const { constant, entries } of open)
      this.program.atMost(most * constant, [
        [column, 1],
        ...entries.map(([at, factor]): Entry => [at, -factor * most]),
      ])
    return { constant: 0, entries: [[column, 1]] }
  }

  private anyOf(group: readonly number[], scene: number, withSecond: boolean): Sum {
    const sums = group.map((thing) => this.there(thing, scene, withSecond, 'pieces'))
    return {
      constant: sums.reduce((all, { constant }) => all + constant, 0),
      entries: sums.flatMap(({ entries }) => entries),
    }
  }

  private mostOf({ constant, entries }: Sum): number {
    return entries.reduce(
      (most, [column, factor]) => most + Math.max(0, factor) * (this.program.upper[column] ?? 0),
      constant,
    )
  }

  private require(requirement: Requirement, position: number): void {
    const { aim } = this
    this.missing[position] = -1
    if (aim.kind === 'without' && aim.without.has(position)) return
    const isStay = requirement.scene >= this.problem.sceneCount
    const slack =
      aim.kind === 'least_missing'
        ? this.program.column({
            // Those who stay must not pay for those who go.
            cost: requirement.isFirstChoice
              ? FIRST_CHOICE_WEIGHT
              : aim.weightOf[requirement.tier] * (isStay ? 100 : 1),
            upper: 1,
            whole: 'whole',
          })
        : null
    if (slack !== null) this.missing[position] = slack
    const [only] = requirement.options
    if (requirement.options.length === 1) {
      this.meet(only, requirement.scene, slack === null ? null : { kind: 'unless', column: slack })
      return
    }
    const chosen = requirement.options.map((option) => {
      const column = this.program.column({ upper: 1, whole: 'whole' })
      this.meet(option, requirement.scene, { kind: 'if', column })
      return [column, 1] as Entry
    })
    this.program.atLeast(1, slack === null ? chosen : [...chosen, [slack, 1]])
  }

  /** All demands of a way; only if, or unless, a column is one. */
  private meet(
    { demands, withSecond }: Option,
    scene: number,
    when: { readonly kind: 'if' | 'unless'; readonly column: number } | null,
  ): void {
    const atLeast = (least: number, { constant, entries }: Sum): void => {
      const factor = when === null ? 0 : when.kind === 'if' ? -least : least
      const rest = (when?.kind === 'if' ? 0 : least) - constant
      this.program.atLeast(rest, when === null ? entries : [...entries, [when.column, factor]])
    }
    for (const demand of demands)
      if (demand.isTool)
        atLeast(1, sumOf(demand.from.map((one) => this.served(one, scene, withSecond, 'pieces'))))
    const used = groupedBySource(demands.filter((one) => !one.isTool))
    if (areApart(used)) {
      for (const { tenths, from } of used)
        atLeast(tenths, sumOf(from.map((one) => this.served(one, scene, withSecond, 'tenths'))))
      return
    }
    // A thing that could serve two parts serves each with a part of itself.
    const givenOf = new Map<string, { server: Server; columns: Entry[] }>()
    for (const { tenths, from } of used) {
      const columns = from.map((server): Entry => {
        const column = this.program.column({})
        const key = keyOf(server)
        const given = givenOf.get(key) ?? { server, columns: [] }
        given.columns.push([column, 1])
        givenOf.set(key, given)
        return [column, 1]
      })
      atLeast(tenths, { constant: 0, entries: columns })
    }
    const byThing = new Map<number, Entry[]>()
    for (const { server, columns } of givenOf.values()) {
      const { constant, entries } = this.served(server, scene, withSecond, 'tenths')
      this.program.atMost(constant, [...columns, ...entries.map(negated)])
      byThing.set(server.thing, [...(byThing.get(server.thing) ?? []), ...columns])
    }
    for (const [thing, columns] of byThing) {
      const { constant, entries } = this.there(thing, scene, withSecond, 'tenths')
      this.program.atMost(constant, [...columns, ...entries.map(negated)])
    }
  }

  private keep(thing: number, position: number): void {
    const { aim } = this
    this.dropped[position] = -1
    if (aim.kind === 'without' && aim.dropped.has(thing)) return
    const entries = (this.piecesOf.get(thing) ?? []).flatMap((piece) =>
      piece.bags.map((bag): Entry => [this.at(piece, bag), 1]),
    )
    if (aim.kind !== 'least_missing') {
      this.program.atLeast(1, entries)
      return
    }
    const column = this.program.column({ cost: WISH_WEIGHT, upper: 1, whole: 'whole' })
    this.dropped[position] = column
    this.program.atLeast(1, [...entries, [column, 1]])
  }
}

const negated = ([column, factor]: Entry): Entry => [column, -factor]
const isTaken = ([, factor]: Entry): boolean => factor < 0
const keyOf = ({ thing, leansOn }: Server): string =>
  `${thing}<${leansOn.map((group) => group.join()).join('&')}`

const sumOf = (sums: readonly Sum[]): Sum => ({
  constant: sums.reduce((all, { constant }) => all + constant, 0),
  entries: sums.flatMap(({ entries }) => entries),
})

type Used = Pick<Option['demands'][number], 'tenths' | 'from'>

/** Demands that anything of the same would serve are one. */
function groupedBySource(demands: readonly Used[]): readonly Used[] {
  const groups = new Map<string, Used>()
  for (const one of demands) {
    const key = one.from.map(keyOf).sort().join('|')
    const known = groups.get(key)
    groups.set(key, known ? { ...known, tenths: known.tenths + one.tenths } : one)
  }
  return [...groups.values()]
}

/** Whether nothing could serve two of them. */
function areApart(demands: readonly Used[]): boolean {
  const seen = new Set<number>()
  for (const { from } of demands) {
    const things = new Set(from.map(({ thing }) => thing))
    for (const thing of things) if (seen.has(thing)) return false
    for (const thing of things) seen.add(thing)
  }
  return true
}
