/** Endpoints of dose cards, recipes, incidents and what is noted in them. */
import { z } from 'zod'
import * as c from './careValues'
import { endpoint } from './endpoint'
import { shortText } from './texts'
import * as v from './values'

const ofCard = z.object({ cardId: c.ownCardId })
const seenVersion = z.int().min(0)

export const readCare = endpoint(
  'GET',
  '/api/care',
  'Dose cards, recipes, incidents that go on, and every dose of the last two weeks',
  {},
  c.careValue,
)

export const readGoing = endpoint(
  'GET',
  '/api/going',
  'Incidents that go on, and timers that run',
  {},
  c.goingValue,
)

export const addCard = endpoint(
  'POST',
  '/api/dose-cards',
  'Write down what a prescriber said',
  { body: c.cardBody.extend({ memberIds: c.cardFor, photo: v.photo.optional() }) },
  v.done.extend({ cardId: c.ownCardId }),
)
export const changeCard = endpoint(
  'PUT',
  '/api/dose-cards/{cardId}',
  'Change a card of the household',
  { params: ofCard, body: c.cardBody.extend({ memberIds: c.cardFor, seenVersion }) },
  v.done,
)
export const removeCard = endpoint(
  'DELETE',
  '/api/dose-cards/{cardId}',
  'Take a card of the household away',
  { params: ofCard },
  v.done,
)

export const addRecipe = endpoint(
  'POST',
  '/api/recipes',
  'Write down a mixture with who says so',
  { body: c.recipeFields },
  v.done.extend({ recipeId: c.recipeId }),
)
export const removeRecipe = endpoint(
  'DELETE',
  '/api/recipes/{recipeId}',
  'Take a recipe of the household away',
  { params: z.object({ recipeId: c.recipeId }) },
  v.done,
)

export const startIncident = endpoint(
  'POST',
  '/api/incidents',
  'Start an incident; its id is made by the device',
  {
    body: z.object({
      incidentId: c.incidentId,
      kind: c.incidentKind.nullable(),
      patient: c.incidentPatient,
      placeId: v.placeId.nullable(),
    }),
  },
  v.done,
)
/** A slip: nothing was given and nothing used. Undoing the act brings it back. */
export const removeIncident = endpoint(
  'POST',
  '/api/incidents/{incidentId}/removal',
  'Take away an incident that was opened by a slip',
  {
    params: z.object({ incidentId: c.incidentId }),
    body: z.object({ why: shortText.min(1, 'Say why: opened by a slip') }),
  },
  v.done,
)
export const sayCare = endpoint(
  'POST',
  '/api/care/entries',
  'Note what was done or seen; said again under the same id it is the same entry',
  {
    body: z
      .object({
        entryId: c.careEntryId,
        incidentId: c.incidentId.nullable(),
        memberId: v.memberId.nullable(),
        by: v.shortText.min(1).optional().describe('Who did it, where somebody else notes it'),
        fact: c.careFact,
        photo: v.photo.optional(),
      })
      .refine(({ incidentId, memberId }) => incidentId !== null || memberId !== null, {
        message: 'Say whom it is about',
        path: ['memberId'],
      }),
  },
  v.done.extend({ outcome: c.takeOutcome }),
)

/** The photo of a pack's own label. */
export const CARD_PHOTO_PATH = (cardId: string): string => `/api/dose-cards/${cardId}/photo`
export const CARE_PHOTO_PATH = (entryId: string): string => `/api/care/entries/${entryId}/photo`
export const HANDOVER_PDF_PATH = (incidentId: string): string =>
  `/api/incidents/${incidentId}/handover.pdf`
