/** Items as they are answered. */
import { z } from 'zod'
import { VERDICT_KINDS, type VerdictKind } from '../../core/stock/verdict'
import * as v from '../primitives'
import * as members from './members'

export const newItem = z.object({
  name: v.givenName,
  strength: v.shortText.default(''),
  unit: v.shortText.default(''),
  purpose: v.longText.default(''),
  forWhom: v.shortText.default(''),
  kind: v.itemKind.optional(),
  catalogueId: v.catalogueId.optional().describe('The entry that the keeper chose while typing'),
})

export const verdict = z.object({
  kind: z.enum(VERDICT_KINDS as [VerdictKind, ...VerdictKind[]]),
  words: v.shortText,
  on: v.plainDate,
})

export const itemPatch = z.object({
  ...v.seen,
  name: v.givenName.optional(),
  strength: v.shortText.optional(),
  unit: v.shortText.optional(),
  kind: v.itemKind.optional(),
  purpose: v.longText.optional(),
  forWhom: v.shortText.optional(),
  essential: z.boolean().optional(),
  openedClock: v.openedClock.optional(),
  packSize: v.someAmount.nullable().optional(),
  packPriceMinor: v.minor.nullable().optional(),
  shop: v.shortText.optional(),
  note: v.longText.optional(),
  catalogueId: v.catalogueId.nullable().optional(),
  own: members.ownFacts.optional(),
  verdict: verdict.nullable().optional(),
})

export const itemCode = z.object({ gtin: z.string(), itemId: v.itemId, title: z.string() })

export const itemValue = z.object({
  id: v.itemId,
  name: z.string(),
  strength: z.string(),
  unit: z.string(),
  kind: v.itemKind,
  purpose: z.string(),
  forWhom: z.string(),
  essential: z.boolean(),
  openedClock: v.openedClock,
  packSize: v.amount.nullable(),
  packPriceMinor: v.minor.nullable(),
  shop: z.string(),
  note: z.string(),
  catalogueId: z.string().nullable(),
  own: members.ownFacts,
  verdict: verdict.nullable(),
  version: v.version,
})
