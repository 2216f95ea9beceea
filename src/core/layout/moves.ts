/** What a computed layout changes, thing by thing, and what each change is good for. */
import { FULL_AT, volumeOf } from './fill'
import { asItLies, type Bay, type Layout, type LayoutProblem, type Thing } from './problem'
import { underLabel } from './purpose'
import { breakdown, COSTS, type Cost, wishesOf } from './score'

/** Why a thing lies better where it is put, as facts of the kit before and after. */
export type Reason =
  | { readonly kind: 'sooner'; readonly from: number; readonly to: number }
  /** The pocket that it leaves is too full now. */
  | { readonly kind: 'closes'; readonly bay: string }
  | { readonly kind: 'fits' }
  /** The label says so. */
  | { readonly kind: 'label' }
  /** Beside what it is used with. */
  | { readonly kind: 'beside'; readonly title: string }
  /** Beside others of its kind. */
  | { readonly kind: 'group'; readonly title: string }
  | { readonly kind: 'fewer'; readonly from: number; readonly to: number }
  | { readonly kind: Plain }
  /** Only so that another thing goes where it lay. */
  | { readonly kind: 'room' }
type Plain =
  | 'whom'
  | 'temperature'
  | 'elsewhere'
  | 'strengths'
  | 'species'
  | 'spoilt'
  | 'lying'
  | 'light'
  | 'damp'
  | 'burns'

export interface LayoutMove {
  readonly key: string
  readonly title: string
  /** Indices of bays. */
  readonly from: number
  readonly to: number
  /** What gets better by it, the most first; never empty. */
  readonly why: readonly Reason[]
  /** By how much the layout would be worse without it. */
  readonly gain: number
}

/** Each moved thing judged by putting it alone back where it lay. */
export function movesOf(problem: LayoutProblem, layout: Layout): readonly LayoutMove[] {
  const lies = asItLies(problem)
  const before = breakdown(problem, lies)
  const after = breakdown(problem, layout)
  return problem.things
    .flatMap((thing, index) => {
      const to = layout[index] ?? thing.at
      if (to === thing.at) return []
      const put = (from: Layout, at: number): Layout =>
        from.map((one, other) => (other === index ? at : one))
      const back = breakdown(problem, put(layout, thing.at))
      const alone = breakdown(problem, put(lies, to))
      const better = COSTS.filter((cost) => back[cost] - after[cost] > 0.5)
        .sort((a, b) => back[b] - after[b] - (back[a] - after[a]))
        // What would only be worse because others come in is no reason to go.
        .filter((cost) => !OF_A_BAY.has(cost) || before[cost] - alone[cost] > 0.5)
      const why = better.flatMap((cost) => reasonOf(cost, problem, layout, index) ?? [])
      const gain = COSTS.reduce((total, cost) => total + back[cost] - after[cost], 0)
      const reasons: readonly Reason[] = why.length > 0 ? why : [{ kind: 'room' }]
      return [
        { key: thing.key, title: thing.title, from: thing.at, to, why: unique(reasons), gain },
      ]
    })
    .sort((a, b) => b.gain - a.gain)
}

/** Costs that a thing shares with what lies beside it. */
const OF_A_BAY: ReadonlySet<Cost> = new Set<Cost>([
  'digging',
  'tooFull',
  'overfull',
  'strengths',
  'species',
  'spoilt',
  'burns',
])

/** One of a kind, and each neighbour once. */
const unique = (reasons: readonly Reason[]): readonly Reason[] => {
  const same = (reason: Reason): string => ('title' in reason ? reason.title : reason.kind)
  return reasons.filter(
    (reason, at) => reasons.findIndex((one) => same(one) === same(reason)) === at,
  )
}

/** Shares of the room that can be filled; 0 where nobody has measured it. */
const shareOf = ({ things, bays }: LayoutProblem, layout: Layout, at: number): number => {
  const inner = bays[at]?.inner
  if (!inner) return 0
  const volume = things.reduce(
    (total, one, index) => total + (layout[index] === at ? one.volume : 0),
    0,
  )
  return volume / (FULL_AT * volumeOf(inner))
}

const countIn = (layout: Layout, at: number): number => layout.filter((one) => one === at).length

/** What lies in a pocket with a thing, of those that some test picks. */
const besideOf = (
  { things }: LayoutProblem,
  layout: Layout,
  index: number,
  picks: (other: Thing, at: number) => boolean,
): Thing | undefined =>
  things.find((other, at) => at !== index && layout[at] === layout[index] && picks(other, at))

function reasonOf(
  cost: Cost,
  problem: LayoutProblem,
  layout: Layout,
  index: number,
): Reason | undefined {
  const { things, bays } = problem
  const thing = things[index]
  const to = layout[index]
  if (!thing || to === undefined) return undefined
  const [source, target] = [bays[thing.at], bays[to]]
  if (!source || !target) return undefined
  switch (cost) {
    case 'reach':
      return source.reachSeconds !== null && target.reachSeconds !== null
        ? { kind: 'sooner', from: source.reachSeconds, to: target.reachSeconds }
        : undefined
    case 'tooFull':
    case 'overfull':
      return shareOf(problem, asItLies(problem), thing.at) > 1
        ? { kind: 'closes', bay: source.name }
        : undefined
    case 'tooBig':
    case 'bulges':
      return { kind: 'fits' }
    case 'label':
    case 'unlabelled':
    case 'homeless':
      return isNamedBy(thing, target) ? { kind: 'label' } : undefined
    case 'companion':
    case 'parted': {
      const players = new Set(
        wishesOf(things).flatMap((wish) =>
          wish.index === index ? wish.players : wish.players.includes(index) ? [wish.index] : [],
        ),
      )
      const other = besideOf(problem, layout, index, (_, at) => players.has(at))
      return other && { kind: 'beside', title: other.title }
    }
    case 'spread': {
      const other = besideOf(
        problem,
        layout,
        index,
        ({ goods }) => goods.group !== '' && goods.group === thing.goods.group,
      )
      return other && { kind: 'group', title: other.title }
    }
    case 'digging': {
      const [from, now] = [countIn(asItLies(problem), thing.at) - 1, countIn(layout, to) - 1]
      return now < from ? { kind: 'fewer', from, to: now } : undefined
    }
    case 'whom':
    case 'temperature':
    case 'elsewhere':
    case 'strengths':
    case 'species':
    case 'spoilt':
    case 'lying':
    case 'light':
    case 'damp':
    case 'burns':
      return { kind: cost }
    case 'waits':
    case 'idle':
    case 'taken':
    case 'moved':
      return undefined
  }
}

const isNamedBy = ({ goods, whose }: Thing, { purpose }: Bay): boolean =>
  underLabel(goods, whose, purpose) === 'named'

/** What somebody has of the whole layout, in the order in which it matters. */
export type Gain =
  /** What a life depends on comes to hand. */
  | { readonly kind: 'sooner'; readonly title: string; readonly from: number; readonly to: number }
  | { readonly kind: 'closes'; readonly bay: string }
  /** It did close before. */
  | { readonly kind: 'fuller'; readonly bay: string }
  | { readonly kind: 'beside'; readonly title: string; readonly with: string }
  /** So many more things lie under a label that names them. */
  | { readonly kind: 'labelled'; readonly count: number }

const pairOf = (one: Gain): string =>
  one.kind === 'beside' ? [one.title, one.with].sort().join('\n') : one.kind

export function gainsOf(problem: LayoutProblem, layout: Layout): readonly Gain[] {
  const { things, bays } = problem
  const lies = asItLies(problem)
  const seconds = (at: number): number | null => bays[at]?.reachSeconds ?? null
  const sooner = things.flatMap((thing, index): Gain[] => {
    const [from, to] = [seconds(thing.at), seconds(layout[index] ?? thing.at)]
    return thing.goods.urgency === 'life' && from !== null && to !== null && to < from
      ? [{ kind: 'sooner', title: thing.title, from, to }]
      : []
  })
  const filled = bays.flatMap(({ name }, at): Gain[] => {
    const [was, is] = [shareOf(problem, lies, at) > 1, shareOf(problem, layout, at) > 1]
    return was === is ? [] : [{ kind: was ? 'closes' : 'fuller', bay: name }]
  })
  const wishes = wishesOf(things)
  const beside = wishes.flatMap(({ index, players, cost }): Gain[] => {
    const met = players.find((one) => layout[one] === layout[index])
    const [title, other] = [things[index]?.title, met === undefined ? '' : things[met]?.title]
    return cost === 'companion' && title && other ? [{ kind: 'beside', title, with: other }] : []
  })
  // Each wishes for the other: the pair is told once.
  const pairs = beside.filter(
    (one, at) => beside.findIndex((other) => pairOf(other) === pairOf(one)) === at,
  )
  const labelled = (of: Layout): number =>
    things.filter((thing, index) => {
      const bay = bays[of[index] ?? thing.at]
      return bay !== undefined && isNamedBy(thing, bay)
    }).length
  const count = labelled(layout) - labelled(lies)
  return [
    ...sooner,
    ...filled,
    ...pairs,
    ...(count > 0 ? [{ kind: 'labelled', count } as const] : []),
  ]
}
