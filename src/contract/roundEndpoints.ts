/** Endpoints of rounds, codes on packs, printed sheets, calendar feeds and the device itself. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as r from './roundValues'
import * as v from './values'

const ofRound = z.object({ roundId: r.roundId })
const ofKit = z.object({ kitId: v.kitId })
const signature = v.shortText.min(1, 'Say who signs')

export const readRounds = endpoint(
  'GET',
  '/api/rounds',
  'Which rounds are due, open and done, with what each asks',
  {},
  r.roundsValue,
)
export const readContents = endpoint(
  'GET',
  '/api/kits/{kitId}/contents',
  'A kit as a round goes through it, pocket by pocket in the order in which they come out',
  { params: ofKit },
  z.object(r.goingRound),
)
export const startRound = endpoint(
  'POST',
  '/api/rounds',
  'Start a round of some pockets of a kit; its id is made by the device',
  {
    body: z.object({
      roundId: r.roundId,
      kitId: v.kitId,
      pocketIds: z.array(v.pocketId).min(1, 'Choose a pocket').max(80),
    }),
  },
  v.done,
)
export const readRound = endpoint(
  'GET',
  '/api/rounds/{roundId}',
  'A round with everything that was said',
  { params: ofRound },
  r.roundValue,
)
export const sayEntry = endpoint(
  'POST',
  '/api/rounds/{roundId}/entries',
  'Say what is there; said again under the same id it is the same entry',
  {
    params: ofRound,
    body: z.object({
      entryId: r.entryId,
      seconds: z.int().min(0).max(3600),
      by: signature.optional().describe('Who looked, where somebody else writes it down'),
      fact: r.entryFact,
    }),
  },
  v.done.extend({ outcome: r.outcome }),
)
export const finishRound = endpoint(
  'POST',
  '/api/rounds/{roundId}/finish',
  'Sign a round off',
  { params: ofRound, body: z.object({ signedBy: signature }) },
  v.done,
)
export const leaveRound = endpoint(
  'DELETE',
  '/api/rounds/{roundId}',
  'Leave a round; what was said of the stock stays',
  { params: ofRound },
  v.done,
)

export const readCodes = endpoint(
  'GET',
  '/api/codes',
  'Which item each code on a pack stands for',
  {},
  z.object({ codes: z.array(r.itemCode) }),
)
export const teachCode = endpoint(
  'PUT',
  '/api/items/{itemId}/codes/{gtin}',
  'Say which item a code on a pack stands for',
  { params: z.object({ itemId: v.itemId, gtin: r.gtin }) },
  v.done,
)

export const notePrinted = endpoint(
  'POST',
  '/api/kits/{kitId}/sheet-prints',
  'Note that the lid sheet was printed as it is now',
  { params: ofKit },
  v.done,
)

export const readFeeds = endpoint(
  'GET',
  '/api/calendar-feeds',
  'Calendars that the dates go to',
  {},
  z.object({ feeds: z.array(r.feed) }),
)
export const addFeed = endpoint(
  'POST',
  '/api/calendar-feeds',
  'Make an address for a calendar to subscribe to',
  { body: z.object({ name: v.givenName }) },
  v.done.extend({ feedId: z.uuid() }),
)
export const removeFeed = endpoint(
  'DELETE',
  '/api/calendar-feeds/{feedId}',
  'Close a calendar’s address',
  { params: z.object({ feedId: z.uuid() }) },
  v.done,
)

export const readDevice = endpoint(
  'GET',
  '/api/device',
  'What a device needs to be of use without a connection: its key, and the addresses to keep',
  {},
  z.object({
    userId: z.string(),
    name: z.string(),
    /** Base64 of 32 bytes; seals what waits on the device. */
    key: z.string(),
    /** The same while nothing changes. */
    state: z.string(),
    pages: z.array(z.string()),
    answers: z.array(z.string()),
  }),
)
