/** Kits as they are answered: pockets, lines, tags, layouts. */
import { z } from 'zod'
import { WEATHERS } from '../../core/exposure/ahead'
import { SHAPES } from '../../core/household/container'
import { KIT_RANGES, KIT_WHOM } from '../../core/household/kitUse'
import { MAT_COLUMNS, MAT_ROWS, SPOT_IDS, type Spot } from '../../core/household/pocket'
import { POINTER_CODES, type PointerCode } from '../../core/layout/pointers'
import { type LayoutProblem, MOST_BAYS } from '../../core/layout/problem'
import * as wire from '../primitives'
import * as items from './items'
import * as places from './places'
import * as stock from './stock'

const holding = z.object({ lotId: wire.lotId, amount: wire.amount, seenVersion: wire.version })

/** Made by the core and read by the core: only carried. */
export const layoutProblem = z.custom<LayoutProblem>(
  (value) => typeof value === 'object' && value !== null && 'things' in value,
)

/** What frost or heat would harm where it stands, in the hottest or coldest months. */
export const unfit = z.object({
  code: z.enum(WEATHERS),
  days: z.int(),
  of: z.int(),
  /** Counted by a logger of the place; else by the model. */
  isMeasured: z.boolean(),
  months: z.tuple([z.int(), z.int()]).readonly(),
  titles: z.array(z.string()).readonly(),
})

export const layoutValue = z.object({
  problem: layoutProblem,
  lots: z.array(z.object({ key: z.string(), holdings: z.array(holding) })),
  /** By pocket, so that a new label says which one it saw. */
  pocketVersions: z.record(wire.pocketId, wire.version),
  /** What belongs in another kit of the same place. */
  misplaced: z.array(
    z.object({
      key: z.string(),
      title: z.string(),
      made: z.enum(['people', 'animals']),
      pocketId: wire.pocketId,
      to: z.object({ pocketId: wire.pocketId, pocket: z.string(), kit: z.string() }),
    }),
  ),
  /** What frost or heat would harm in this kit where it stands, by the model. */
  unfit: z.array(unfit),
})

export const emptyGrams = z.int('Give whole grams').min(0).max(500_000)

export const shape = wire.oneOf(SHAPES)

/** How far a kit was last looked through. */
export const kitLook = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('whole'), on: wire.plainDate, by: z.string() }),
  z.object({
    kind: z.literal('partly'),
    since: wire.plainDate,
    on: wire.plainDate,
    seen: z.int(),
    of: z.int(),
  }),
  z.object({ kind: z.literal('never') }),
])

/** How many targets of a kit are met today. */
const targets = z.object({ met: z.int(), of: z.int() })

export const range = wire.oneOf(KIT_RANGES)

export const whom = wire.oneOf(KIT_WHOM)

export const minutesAway = z.int().min(0).max(600)
export const goesWith = z.object({
  memberId: wire.memberId,
  /** Empty: everywhere they go. */
  to: z.array(wire.placeId).max(60).readonly(),
  /** Taken along on this day; null where it goes with them every day. */
  since: wire.plainDate.nullable(),
})

export const container = z.object({
  shape,
  outer: wire.millimetres.nullable(),
  grams: emptyGrams,
  carryGrams: emptyGrams.nullable(),
})

export const cell = z.object({
  column: z.int().min(1).max(MAT_COLUMNS),
  row: z.int().min(1).max(MAT_ROWS),
  columns: z.int().min(1).max(MAT_COLUMNS),
  rows: z.int().min(1).max(20),
})

export const MOST_POCKETS = MOST_BAYS

export const pocketFacts = {
  sort: z.enum(['inside', 'outside', 'elsewhere']),
  spot: wire.oneOf<Spot>(SPOT_IDS).nullable(),
  reachSeconds: z.int().min(0).max(3600).nullable(),
  inner: wire.millimetres.nullable(),
  clear: z.boolean(),
  dry: z.boolean(),
  upright: z.boolean(),
}

export const fill = z.object({
  volume: z.number(),
  share: z.number().nullable(),
  longest: z.int().nullable(),
  grams: z.int(),
  tooBig: z.array(z.string()).readonly(),
  unsized: z.int(),
})

export const load = z.object({
  grams: z.int(),
  tooHeavyBy: z.int(),
  volume: z.number(),
  valueMinor: z.int(),
  yearlyMinor: z.int(),
  unpriced: z.int(),
  unsized: z.int(),
  closes: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('closes') }),
    z.object({
      kind: z.literal('does_not'),
      pockets: z.array(z.string()).readonly(),
      overall: z.boolean(),
    }),
    z.object({ kind: z.literal('unknown'), unmeasured: z.int(), unsized: z.int() }),
  ]),
})

export const pointerCode = wire.oneOf<PointerCode>(POINTER_CODES)

export const tagValue = z.object({
  lot: stock.lotValue,
  amount: wire.amount,
  judged: stock.lotState,
  /** About so many uses are left; null where one is one use. */
  uses: z.int().nullable(),
  confirmed: z.object({ on: wire.plainDate, by: z.string() }).nullable(),
  /** Heat or frost has harmed it, or will soon where it lies. */
  weather: z
    .discriminatedUnion('kind', [
      z.object({ kind: z.literal('harmed') }),
      z.object({ kind: z.literal('coming'), what: z.enum(WEATHERS), on: wire.plainDate }),
    ])
    .nullable(),
})

export const lineValue = z.object({
  item: items.itemValue,
  keeping: items.keeping,
  par: wire.amount,
  good: wire.total,
  state: z.enum(['enough', 'thin', 'bare']),
  /** The lot to take first; null when none may be used. */
  firstOut: wire.lotId.nullable(),
  tags: z.array(tagValue),
})

export const pocketValue = z.object({
  id: wire.pocketId,
  name: z.string(),
  ...pocketFacts,
  cell: cell,
  fill: fill,
  version: wire.version,
  lines: z.array(lineValue),
})

export const kitValue = z.object({
  /** The lid sheet that somebody noted as printed; null when nobody has. */
  lidSheet: z.object({ on: wire.plainDate, upToDate: z.boolean() }).nullable(),
  id: wire.kitId,
  name: z.string(),
  note: z.string(),
  checkEveryDays: z.int(),
  container: container.nullable(),
  range: range.nullable(),
  whom: whom,
  minutesAway: minutesAway.nullable(),
  goesWith: goesWith.nullable(),
  load: load,
  pointers: z.array(
    z.object({
      code: pointerCode,
      pocketId: wire.pocketId,
      things: z.array(z.string()).readonly(),
      seconds: z.number().nullable(),
    }),
  ),
  members: z.array(z.object({ id: wire.memberId, name: z.string() })),
  look: kitLook,
  version: wire.version,
  place: places.strapPlace,
  nextCheck: wire.plainDate,
  targets: targets,
  pockets: z.array(pocketValue),
})

export const kitCard = z.object({
  id: wire.kitId,
  /** Who carries it, by name (null: somebody who is no longer here); absent where it stays at its place. */
  carrier: z.string().nullable().optional(),
  placeId: wire.placeId,
  name: z.string(),
  note: z.string(),
  targets: targets,
  pockets: z.int(),
  lots: z.int(),
  spent: z.int(),
  turning: z.int(),
  short: z.int(),
  look: kitLook,
})
