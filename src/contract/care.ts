/** Endpoints of dose cards, mixtures and incidents. */
import { z } from 'zod'
import { endpoint, file } from './endpoint'
import * as wire from './primitives'
import * as care from './values/care'

const ofCard = z.object({ cardId: wire.ownCardId })

const seenVersion = z.int().min(0)

export const readCare = endpoint(
  'GET',
  '/api/care',
  'Dose cards, recipes, incidents that go on, and every dose of the last two weeks',
  {},
  care.careValue,
)

export const readOpenIncidents = endpoint(
  'GET',
  '/api/open-incidents',
  'Incidents that go on, and timers that run',
  {},
  care.openIncidents,
)

export const addCard = endpoint(
  'POST',
  '/api/dose-cards',
  'Write down what a prescriber said',
  {
    records: ['dose_card_added'],
    body: care.cardBody.extend({ memberIds: care.cardFor, photo: wire.photo.optional() }),
  },
  wire.done.extend({ cardId: wire.ownCardId }),
)

export const changeCard = endpoint(
  'PUT',
  '/api/dose-cards/{cardId}',
  'Change a card of the household',
  {
    records: ['dose_card_changed'],
    params: ofCard,
    body: care.cardBody.extend({ memberIds: care.cardFor, seenVersion }),
  },
  wire.done,
)

export const removeCard = endpoint(
  'DELETE',
  '/api/dose-cards/{cardId}',
  'Take a card of the household away',
  { records: ['dose_card_removed'], params: ofCard },
  wire.done,
)

export const addRecipe = endpoint(
  'POST',
  '/api/recipes',
  'Write down a mixture with who says so',
  { records: ['recipe_added'], body: care.recipeFields },
  wire.done.extend({ recipeId: wire.recipeId }),
)

export const removeRecipe = endpoint(
  'DELETE',
  '/api/recipes/{recipeId}',
  'Take a recipe of the household away',
  { records: ['recipe_removed'], params: z.object({ recipeId: wire.recipeId }) },
  wire.done,
)

export const startIncident = endpoint(
  'POST',
  '/api/incidents',
  'Start an incident; its id is made by the device',
  {
    right: 'care',
    records: ['incident_started'],
    offline: 'device_first',
    body: z.object({
      incidentId: wire.incidentId,
      kind: care.incidentKind.nullable(),
      patient: care.incidentPatient,
      placeId: wire.placeId.nullable(),
      stopId: wire.stopId.nullable().optional(),
    }),
  },
  wire.done,
)

/** A slip: nothing was given and nothing used. Undoing the act brings it back. */
export const removeIncident = endpoint(
  'POST',
  '/api/incidents/{incidentId}/removal',
  'Take away an incident that was opened by a slip',
  {
    records: ['incident_removed'],
    params: z.object({ incidentId: wire.incidentId }),
    body: z.object({ why: wire.shortText.min(1, 'Say why: opened by a slip') }),
  },
  wire.done,
)

export const sayCare = endpoint(
  'POST',
  '/api/care/entries',
  'Note what was done or seen; said again under the same id it is the same entry',
  {
    right: 'care',
    records: care.careActs,
    offline: 'device_first',
    body: z
      .object({
        entryId: wire.careEntryId,
        incidentId: wire.incidentId.nullable(),
        memberId: wire.memberId.nullable(),
        by: wire.shortText.min(1).optional().describe('Who did it, where somebody else notes it'),
        fact: care.careFact,
        photo: wire.photo.optional(),
      })
      .refine(({ incidentId, memberId }) => incidentId !== null || memberId !== null, {
        message: 'Say whom it is about',
        path: ['memberId'],
      }),
  },
  wire.done.extend({ outcome: care.takeOutcome }),
)

/** The photo of a pack's own label. */

export const cardPhoto = file(
  '/api/dose-cards/{cardId}/photo',
  'The photo of the label that a dose card was written from',
  { params: ofCard },
  'image/*',
)
export const carePhoto = file(
  '/api/care/entries/{entryId}/photo',
  'A photo taken at an incident',
  { params: z.object({ entryId: wire.careEntryId }) },
  'image/*',
)
export const handoverPdf = file(
  '/api/incidents/{incidentId}/handover.pdf',
  'What was seen and done at an incident, for whoever takes over',
  { params: z.object({ incidentId: wire.incidentId }), query: z.object({ size: wire.paper }) },
  'application/pdf',
)
