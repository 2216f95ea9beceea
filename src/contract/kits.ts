/** Endpoints of kits, their pockets and mats. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as kits from './values/kits'
import * as places from './values/places'

export const readKits = endpoint(
  'GET',
  '/api/kits',
  'All kits with their state',
  { right: 'find' },
  z.object({ kits: z.array(kits.kitCard), pockets: z.array(places.pocketRef) }),
)

export const createKit = endpoint(
  'POST',
  '/api/kits',
  'Add a kit with its pockets',
  {
    records: ['kit_added'],
    body: z.object({
      placeId: wire.placeId,
      name: wire.givenName,
      note: wire.longText.default(''),
      shape: kits.shape.optional().describe('Fills in the pockets such a container usually has'),
      pockets: z
        .array(wire.givenName)
        .max(20)
        .default([])
        .describe('By name alone; after those of the shape'),
    }),
  },
  wire.done.extend({ kitId: wire.kitId }),
)

export const readKit = endpoint(
  'GET',
  '/api/kits/{kitId}',
  'A kit as a mat: every pocket and lot',
  { right: 'find', params: wire.ofKit },
  kits.kitValue,
)

export const changeKit = endpoint(
  'PATCH',
  '/api/kits/{kitId}',
  'Change a kit',
  {
    records: ['kit_changed'],
    params: wire.ofKit,
    body: z.object({
      ...wire.seen,
      name: wire.givenName.optional(),
      note: wire.longText.optional(),
      placeId: wire.placeId.optional(),
      checkEveryDays: z.int().min(1).max(1500).optional(),
      container: kits.container.nullable().optional(),
      range: kits.range
        .nullable()
        .optional()
        .describe('How far it has to reach; null: as its place suggests'),
      whom: kits.whom.optional(),
      minutesAway: kits.minutesAway
        .nullable()
        .optional()
        .describe('Minutes to fetch it from where people at its place are; null: at hand'),
      goesWith: kits.goesWith
        .nullable()
        .optional()
        .describe('Who carries it, to which places; null: it stays at its place'),
    }),
  },
  wire.done,
)

export const checkKit = endpoint(
  'POST',
  '/api/kits/{kitId}/checks',
  'Note that the kit was looked through today',
  { right: 'use', records: ['kit_checked'], params: wire.ofKit },
  wire.done,
)

export const addPocket = endpoint(
  'POST',
  '/api/kits/{kitId}/pockets',
  'Add a pocket',
  {
    records: ['pocket_added'],
    params: wire.ofKit,
    body: z.object({ name: wire.givenName, ...z.object(kits.pocketFacts).partial().shape }),
  },
  wire.done.extend({ pocketId: wire.pocketId }),
)

export const changePocket = endpoint(
  'PATCH',
  '/api/pockets/{pocketId}',
  'Rename a pocket, measure it or say how it is reached',
  {
    records: ['pocket_changed'],
    params: wire.ofPocket,
    body: z.object({
      ...wire.seen,
      name: wire.givenName.optional(),
      ...z.object(kits.pocketFacts).partial().shape,
    }),
  },
  wire.done,
)

export const readLayout = endpoint(
  'GET',
  '/api/kits/{kitId}/layout',
  'A kit as the layout engine takes it',
  { params: wire.ofKit },
  kits.layoutValue,
)

export const carryOutLayout = endpoint(
  'POST',
  '/api/kits/{kitId}/layout',
  'Move things within a kit as a computed layout says, and write labels on its pockets',
  {
    records: ['kit_arranged'],
    params: wire.ofKit,
    body: z
      .object({
        steps: z
          .array(
            z.object({
              lotId: wire.lotId,
              from: wire.pocketId,
              to: wire.pocketId,
              amount: wire.someAmount,
              ...wire.seen,
            }),
          )
          .max(500),
        labels: z
          .array(z.object({ pocketId: wire.pocketId, name: wire.givenName, ...wire.seen }))
          .max(kits.MOST_POCKETS)
          .default([]),
      })
      .refine(({ steps, labels }) => steps.length + labels.length > 0, {
        error: 'Choose something to move or a label to write',
        path: ['steps'],
      }),
  },
  wire.done.extend({ moved: z.int() }),
)

export const arrangeMat = endpoint(
  'PUT',
  '/api/kits/{kitId}/mat',
  'Lay the pockets of a kit out on its mat',
  {
    records: ['kit_arranged'],
    params: wire.ofKit,
    body: z.object({
      cells: z
        .array(z.object({ pocketId: wire.pocketId, cell: kits.cell, ...wire.seen }))
        .min(1)
        .max(kits.MOST_POCKETS),
    }),
  },
  wire.done,
)

export const removePocket = endpoint(
  'DELETE',
  '/api/pockets/{pocketId}',
  'Take an empty pocket away',
  { records: ['pocket_removed'], params: z.object({ pocketId: wire.pocketId }) },
  wire.done,
)
