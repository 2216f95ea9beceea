/** What a kit is kept in, its pockets, how full they are, and layouts, as they cross the wire. */
import { z } from 'zod'
import { SHAPES } from '../core/household/container'
import { CLIMATES, SIGNALS } from '../core/household/places'
import {
  MAT_COLUMNS,
  MAT_ROWS,
  type Millimetres,
  SPOT_IDS,
  type Spot,
} from '../core/household/pocket'
import { POINTER_CODES, type PointerCode } from '../core/layout/pointers'
import type { LayoutProblem } from '../core/layout/problem'
import { MOST_BAYS } from '../core/layout/score'

const oneOf = <T extends string>(ids: readonly T[]) => z.enum(ids as readonly [T, ...T[]])

const edge = z.int('Give whole millimetres').min(1).max(5000)
/** Longest first, however they were typed. */
export const millimetres = z
  .tuple([edge, edge, edge])
  .readonly()
  .transform((edges) => [...edges].sort((a, b) => b - a) as unknown as Millimetres)
export const grams = z.int('Give whole grams').min(0).max(500_000)

export const shape = oneOf(SHAPES)
export const container = z.object({
  shape,
  outer: millimetres.nullable(),
  grams,
  carryGrams: grams.nullable(),
})
export const signal = oneOf(SIGNALS)
export const climate = oneOf(CLIMATES)
export const minutes = z.int().min(0).max(10_000)

export const cell = z.object({
  column: z.int().min(1).max(MAT_COLUMNS),
  row: z.int().min(1).max(MAT_ROWS),
  columns: z.int().min(1).max(MAT_COLUMNS),
  rows: z.int().min(1).max(20),
})
export const MOST_POCKETS = MOST_BAYS

export const pocketFacts = {
  sort: z.enum(['inside', 'outside', 'elsewhere']),
  spot: oneOf<Spot>(SPOT_IDS).nullable(),
  reachSeconds: z.int().min(0).max(3600).nullable(),
  inner: millimetres.nullable(),
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
export const pointerCode = oneOf<PointerCode>(POINTER_CODES)

/** Made by the core and read by the core: only carried. */
export const layoutProblem = z.custom<LayoutProblem>(
  (value) => typeof value === 'object' && value !== null && 'things' in value,
)
