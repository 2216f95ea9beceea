/** Endpoints of kits, their pockets and mats. */

import { z } from 'zod'
import { endpoint } from './endpoint'
import * as v from './primitives'
import * as kits from './values/kits'
import * as places from './values/places'

export const readKits = endpoint(
  'GET',
  '/api/kits',
  'All kits with their state',
  {},
  z.object({ kits: z.array(kits.kitCard), pockets: z.array(places.pocketRef) }),
)

export const createKit = endpoint(
  'POST',
  '/api/kits',
  'Add a kit with its pockets',
  {
    records: ['kit_added'],
    body: z.object({
      placeId: v.placeId,
      name: v.givenName,
      note: v.longText.default(''),
      shape: kits.shape.optional().describe('Fills in the pockets such a container usually has'),
      pockets: z
        .array(v.givenName)
        .max(20)
        .default([])
        .describe('By name alone; after those of the shape'),
    }),
  },
  v.done.extend({ kitId: v.kitId }),
)

export const readKit = endpoint(
  'GET',
  '/api/kits/{kitId}',
  'A kit as a mat: every pocket and lot',
  { params: v.ofKit },
  kits.kitValue,
)

export const changeKit = endpoint(
  'PATCH',
  '/api/kits/{kitId}',
  'Change a kit',
  {
    records: ['kit_changed'],
    params: v.ofKit,
    body: z.object({
      ...v.seen,
      name: v.givenName.optional(),
      note: v.longText.optional(),
      placeId: v.placeId.optional(),
      checkEveryDays: z.int().min(1).max(1500).optional(),
      container: kits.container.nullable().optional(),
    }),
  },
  v.done,
)

export const checkKit = endpoint(
  'POST',
  '/api/kits/{kitId}/checks',
  'Note that the kit was looked through today',
  { records: ['kit_checked'], params: v.ofKit },
  v.done,
)

export const addPocket = endpoint(
  'POST',
  '/api/kits/{kitId}/pockets',
  'Add a pocket',
  {
    records: ['pocket_added'],
    params: v.ofKit,
    body: z.object({ name: v.givenName, ...z.object(kits.pocketFacts).partial().shape }),
  },
  v.done.extend({ pocketId: v.pocketId }),
)

export const changePocket = endpoint(
  'PATCH',
  '/api/pockets/{pocketId}',
  'Rename a pocket, measure it or say how it is reached',
  {
    records: ['pocket_changed'],
    params: v.ofPocket,
    body: z.object({
      ...v.seen,
      name: v.givenName.optional(),
      ...z.object(kits.pocketFacts).partial().shape,
    }),
  },
  v.done,
)

export const readLayout = endpoint(
  'GET',
  '/api/kits/{kitId}/layout',
  'A kit as the layout engine takes it',
  { params: v.ofKit },
  kits.layoutValue,
)

export const carryOutLayout = endpoint(
  'POST',
  '/api/kits/{kitId}/layout',
  'Move things within a kit as a computed layout says',
  {
    records: ['kit_arranged'],
    params: v.ofKit,
    body: z.object({
      steps: z
        .array(
          z.object({
            lotId: v.lotId,
            from: v.pocketId,
            to: v.pocketId,
            amount: v.someAmount,
            ...v.seen,
          }),
        )
        .min(1)
        .max(500),
    }),
  },
  v.done.extend({ moved: z.int() }),
)

export const arrangeMat = endpoint(
  'PUT',
  '/api/kits/{kitId}/mat',
  'Lay the pockets of a kit out on its mat',
  {
    records: ['kit_arranged'],
    params: v.ofKit,
    body: z.object({
      cells: z
        .array(z.object({ pocketId: v.pocketId, cell: kits.cell, ...v.seen }))
        .min(1)
        .max(kits.MOST_POCKETS),
    }),
  },
  v.done,
)

export const removePocket = endpoint(
  'DELETE',
  '/api/pockets/{pocketId}',
  'Take an empty pocket away',
  { records: ['pocket_removed'], params: z.object({ pocketId: v.pocketId }) },
  v.done,
)
