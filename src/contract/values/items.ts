/** Items as they are answered. */
import { z } from 'zod'
import { STORAGE_CLASS_IDS } from '../../core/catalogue/storageClass'
import { VERDICT_KINDS, type VerdictKind } from '../../core/stock/verdict'
import * as wire from '../primitives'
import * as members from './members'

export const newItem = z.object({
  name: wire.givenName,
  strength: wire.shortText.default(''),
  unit: wire.shortText.default(''),
  purpose: wire.longText.default(''),
  forWhom: wire.shortText.default(''),
  kind: wire.itemKind.optional(),
  catalogueId: wire.catalogueId.optional().describe('The entry that the keeper chose while typing'),
})

/** How a thing is to be kept, and who says so. */
export const keeping = z.object({
  storage: z.enum(STORAGE_CLASS_IDS).nullable(),
  source: z.enum(['label', 'catalogue']).nullable(),
  frostHarms: z.boolean(),
})

export const verdict = z.object({
  kind: z.enum(VERDICT_KINDS as [VerdictKind, ...VerdictKind[]]),
  words: wire.shortText,
  on: wire.plainDate,
})

export const itemPatch = z.object({
  ...wire.seen,
  name: wire.givenName.optional(),
  strength: wire.shortText.optional(),
  unit: wire.shortText.optional(),
  kind: wire.itemKind.optional(),
  purpose: wire.longText.optional(),
  forWhom: wire.shortText.optional(),
  essential: z.boolean().optional(),
  openedClock: wire.openedClock.optional(),
  packSize: wire.someAmount.nullable().optional(),
  packPriceMinor: wire.minor.nullable().optional(),
  shop: wire.shortText.optional(),
  note: wire.longText.optional(),
  catalogueId: wire.catalogueId.nullable().optional(),
  own: members.ownFacts.optional(),
  verdict: verdict.nullable().optional(),
})

export const itemCode = z.object({ gtin: z.string(), itemId: wire.itemId, title: z.string() })

export const itemValue = z.object({
  id: wire.itemId,
  name: z.string(),
  strength: z.string(),
  unit: z.string(),
  kind: wire.itemKind,
  purpose: z.string(),
  forWhom: z.string(),
  essential: z.boolean(),
  openedClock: wire.openedClock,
  packSize: wire.amount.nullable(),
  packPriceMinor: wire.minor.nullable(),
  shop: z.string(),
  note: z.string(),
  catalogueId: z.string().nullable(),
  own: members.ownFacts,
  verdict: verdict.nullable(),
  version: wire.version,
})
