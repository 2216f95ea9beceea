/** Heat and frost as they are asked and answered. */
import { z } from 'zod'
import { WEATHERS } from '../../core/exposure/ahead'
import { COLDEST, HOTTEST, MOST_READINGS, SOURCES } from '../../core/exposure/readings'
import * as wire from '../primitives'
import { keeping } from './items'
import { unfit } from './kits'

/** Where a logger lies. */
export const spot = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('place'), id: wire.placeId }),
  z.object({ kind: z.literal('kit'), id: wire.kitId }),
  z.object({ kind: z.literal('pocket'), id: wire.pocketId }),
])

/** Minutes since 1970 in UTC, of this and the next century. */
export const minute = z.int().min(0).max(120_000_000)
export const hundredths = z.int().min(COLDEST).max(HOTTEST)

export const readings = z
  .object({
    from: minute,
    /** Minutes from the one before; the first is 0. */
    steps: z.array(z.int().min(0).max(10_000_000)).min(1).max(MOST_READINGS).readonly(),
    hundredths: z.array(hundredths).min(1).max(MOST_READINGS).readonly(),
  })
  .refine(
    ({ steps, hundredths: values }) =>
      steps.length === values.length && steps.every((step, n) => (n === 0 ? step === 0 : step > 0)),
    'Give a temperature for each time, the earliest first',
  )

/** What came in at once, as it is kept. */
export const logBody = z.union([
  z.strictObject({
    steps: z.array(z.int().min(0)).max(MOST_READINGS).readonly(),
    hundredths: z.array(hundredths).max(MOST_READINGS).readonly(),
  }),
  z.strictObject({ low: hundredths, high: hundredths }),
])

/** Mean of the coldest and of the hottest month, whole °C. */
export const year = z
  .object({
    coldestMonth: z.int().min(1).max(12),
    coldest: z.int().min(-60).max(50),
    hottestMonth: z.int().min(1).max(12),
    hottest: z.int().min(-60).max(60),
  })
  .refine(
    (of) => of.hottest >= of.coldest && of.hottestMonth !== of.coldestMonth,
    'The hottest month is warmer than the coldest',
  )

/** The lowest and the highest of each month that was measured, and its days with frost and heat. */
export const monthsMet = z
  .array(
    z
      .strictObject({
        low: hundredths,
        high: hundredths,
        days: z.int().min(1).max(366),
        frost: z.int().min(0).max(366),
        hot: z.int().min(0).max(366),
      })
      .nullable(),
  )
  .length(12)
  .readonly()

const harm = z.discriminatedUnion('code', [
  z.object({ code: z.literal('too_long'), above: z.int(), minutes: z.number() }),
  z.object({ code: z.literal('too_hot'), above: z.int(), hundredths: z.number() }),
  z.object({ code: z.literal('mean'), most: z.int(), hundredths: z.number() }),
  z.object({ code: z.literal('may_have_frozen'), minutes: z.number(), hundredths: z.number() }),
  z.object({ code: z.literal('froze'), minutes: z.number(), hundredths: z.number() }),
  z.object({ code: z.literal('frost_typed'), hundredths: z.number() }),
])
const told = z.discriminatedUnion('code', [
  z.object({ code: z.literal('above'), above: z.int(), minutes: z.number() }),
  z.object({ code: z.literal('above_typed'), above: z.int(), hundredths: z.number() }),
  z.object({ code: z.literal('below'), below: z.int(), hundredths: z.number() }),
])
const verdict = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('unknown'), because: z.enum(['class', 'heat', 'unmeasured']) }),
  z.object({ kind: z.literal('within') }),
  z.object({ kind: z.literal('excursion') }),
  z.object({ kind: z.literal('beyond'), harms: z.array(harm).readonly() }),
])
const extreme = z.object({ hundredths: z.number(), at: z.number() }).nullable()

/** A lot where it lies, with what it has met. */
export const judgedLot = z.object({
  lotId: wire.lotId,
  itemId: wire.itemId,
  title: z.string(),
  pocketId: wire.pocketId,
  pocket: z.string(),
  kitId: wire.kitId,
  kit: z.string(),
  placeId: wire.placeId,
  ...keeping.shape,
  verdict,
  told: z.array(told).readonly(),
  mean: z.number().nullable(),
  share: z.number(),
  hottest: extreme,
  coldest: extreme,
  isHeld: z.boolean(),
  since: z.number(),
})

/** One lot where it lies: its way through the house, and what it met day by day. */
export const lotExposure = z.object({
  today: wire.plainDate,
  ...judgedLot.shape,
  place: z.string(),
  batch: z.string(),
  expiry: wire.expiry,
  note: z.string(),
  version: wire.version,
  /** On hold for heat or frost, and for nothing else that somebody has to answer. */
  isHeldForThis: z.boolean(),
  sinceOn: wire.plainDate,
  /** Hundredths of °C between which it may be; null for no end. */
  band: z.object({ from: z.int().nullable(), to: z.int().nullable() }),
  /** At or below, or above these it is told: a cool room is none. */
  outside: z.object({ from: z.int().nullable(), to: z.int().nullable() }),
  /** Minutes; null: still. */
  stays: z
    .array(
      z.object({
        pocket: z.string(),
        where: z.string(),
        from: z.int(),
        to: z.int().nullable(),
        on: wire.plainDate,
        until: wire.plainDate.nullable(),
      }),
    )
    .readonly(),
  days: z
    .array(
      z.object({
        on: wire.plainDate,
        range: z.object({ low: z.int(), high: z.int() }).nullable(),
        of: z.enum(['measured', 'typed', 'modelled']),
      }),
    )
    .readonly(),
  /** Measured minutes above each: hundredths of °C. */
  above: z.array(z.object({ of: z.int(), minutes: z.number() })).readonly(),
  frosts: z.array(z.object({ from: z.number(), to: z.number(), lowest: z.number() })).readonly(),
  loggers: z.array(z.string()).readonly(),
})

/** What the model sees coming at a place. */
export const ahead = z.object({
  placeId: wire.placeId,
  code: z.enum(WEATHERS),
  on: wire.plainDate,
  hundredths: z.int(),
  things: z
    .array(
      z.object({
        lotId: wire.lotId,
        pocketId: wire.pocketId,
        amount: wire.amount,
        version: wire.version,
        title: z.string(),
        pocket: z.string(),
      }),
    )
    .readonly(),
})

/** A year of hours at one spot. */
export const chart = z.object({
  from: wire.plainDate,
  days: z.int(),
  /** Tenths of °C of each hour of each day, local time; null where nothing is known. */
  tenths: z.array(z.int().nullable()).readonly(),
  /** "m" where it was measured, "t" typed, "." by the model or not known. */
  origin: z.string(),
})

export const exposureView = z.object({
  today: wire.plainDate,
  places: z
    .array(
      z.object({
        id: wire.placeId,
        name: z.string(),
        climate: z.string().nullable(),
        year: year.nullable(),
        /** Something was measured there. */
        isMeasured: z.boolean(),
      }),
    )
    .readonly(),
  /** The place and the spot in it that the chart is of. */
  placeId: wire.placeId.nullable(),
  spot: spot.nullable(),
  spots: z.array(z.object({ spot, name: z.string() })).readonly(),
  chart: chart.nullable(),
  logs: z
    .array(
      z.object({
        id: wire.temperatureLogId,
        where: z.string(),
        name: z.string(),
        source: z.enum(SOURCES),
        from: z.int(),
        to: z.int(),
        readings: z.int(),
      }),
    )
    .readonly(),
  /** When somebody was there, within the year of the chart. */
  visits: z.array(z.object({ on: wire.plainDate, label: z.string() })).readonly(),
  /** Radio loggers that have told something of the place: how full their batteries are, 0 to 1. */
  radio: z.array(z.object({ name: z.string(), battery: z.number() })).readonly(),
  /** Hours in which loggers at one spot said different things. */
  apartMinutes: z.number(),
  lots: z.array(judgedLot).readonly(),
  ahead: z.array(ahead).readonly(),
  unfit: z.array(unfit.extend({ placeId: wire.placeId })).readonly(),
  /** Pockets where it is neither hot nor freezing: of heated places, and no fridge. */
  shelters: z.array(z.object({ id: wire.pocketId, name: z.string() })).readonly(),
  /** What an insulated box would change at the place, by the model; null where there is none. */
  box: z
    .object({
      hotDays: z.int(),
      hotDaysBoxed: z.int(),
      frostDays: z.int(),
      frostDaysBoxed: z.int(),
    })
    .nullable(),
})
