/** Endpoints of the roadside: what is given away there, and the code on a lid. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as roadside from './values/roadside'

const byCode = z.object({ code: wire.typed(60).min(1) })
const some = { lotId: wire.lotId, pocketId: wire.pocketId }

export const takeAtRoadside = endpoint(
  'POST',
  '/api/roadside/takings',
  'Note what a professional took at a roadside; it is to be made up for',
  {
    right: 'use',
    records: ['taken_at_roadside'],
    offline: 'adds_up',
    body: z.object({ ...some, amount: wire.someAmount }),
  },
  wire.done,
)

export const readLidCode = endpoint(
  'GET',
  '/api/kits/{kitId}/lid-code',
  'The code on the lid of a kit, and how far it goes',
  { params: wire.ofKit },
  z.object({ onLid: roadside.lidSays.extend({ code: z.string() }).nullable() }),
)

export const setLidCode = endpoint(
  'PUT',
  '/api/kits/{kitId}/lid-code',
  'Put a code on the lid of a kit, or change how far the one that is there goes',
  {
    right: 'settings',
    records: ['lid_code_made'],
    stays: true,
    params: wire.ofKit,
    body: roadside.lidSays,
  },
  wire.done,
)

export const endLidCode = endpoint(
  'DELETE',
  '/api/kits/{kitId}/lid-code',
  'End the code on the lid of a kit, from now on',
  { right: 'settings', records: ['lid_code_ended'], stays: true, params: wire.ofKit },
  wire.done,
)

export const readLid = endpoint(
  'GET',
  '/api/lid/{code}',
  'What a kit says to whoever opened it by the code on its lid',
  { door: 'open', params: byCode },
  roadside.roadside.extend({
    kit: z.string(),
    emergency: z.string().nullable(),
    poison: z.string().nullable(),
    mayTake: z.boolean(),
  }),
)

export const takeByLid = endpoint(
  'POST',
  '/api/lid/{code}/takings',
  'Note what was taken by whoever opened the kit; said again under the same id it is the same',
  { door: 'open', params: byCode, body: z.object({ takingId: z.uuid(), ...some }) },
  z.object({}),
)
