/** Endpoints of rounds. */
import { z } from 'zod'
import { endpoint } from './endpoint'
import * as wire from './primitives'
import * as rounds from './values/rounds'

const ofRound = z.object({ roundId: wire.roundId })

const signature = wire.shortText.min(1, 'Say who signs')

export const readRounds = endpoint(
  'GET',
  '/api/rounds',
  'Which rounds are due, open and done, with what each asks',
  { right: 'find' },
  rounds.roundsValue,
)

export const readContents = endpoint(
  'GET',
  '/api/kits/{kitId}/contents',
  'A kit as a round goes through it, pocket by pocket in the order in which they come out',
  { right: 'find', params: wire.ofKit },
  z.object(rounds.goingRound),
)

export const startRound = endpoint(
  'POST',
  '/api/rounds',
  'Start a round of some pockets of a kit; its id is made by the device',
  {
    right: 'count',
    records: ['round_started'],
    offline: 'device_first',
    body: z.object({
      roundId: wire.roundId,
      kitId: wire.kitId,
      pocketIds: z.array(wire.pocketId).min(1, 'Choose a pocket').max(80),
    }),
  },
  wire.done,
)

export const readRound = endpoint(
  'GET',
  '/api/rounds/{roundId}',
  'A round with everything that was said',
  { right: 'find', params: ofRound },
  rounds.roundValue,
)

export const sayEntry = endpoint(
  'POST',
  '/api/rounds/{roundId}/entries',
  'Say what is there; said again under the same id it is the same entry',
  {
    right: 'count',
    records: ['round_entry'],
    offline: 'device_first',
    params: ofRound,
    body: z.object({
      entryId: wire.entryId,
      seconds: z.int().min(0).max(3600),
      by: signature.optional().describe('Who looked, where somebody else writes it down'),
      fact: rounds.entryFact,
    }),
  },
  wire.done.extend({ outcome: rounds.outcome }),
)

export const finishRound = endpoint(
  'POST',
  '/api/rounds/{roundId}/finish',
  'Sign a round off',
  {
    right: 'use',
    records: ['round_finished'],
    offline: 'device_first',
    params: ofRound,
    body: z.object({ signedBy: signature }),
  },
  wire.done,
)

export const leaveRound = endpoint(
  'DELETE',
  '/api/rounds/{roundId}',
  'Leave a round; what was said of the stock stays',
  { right: 'use', records: ['round_left'], params: ofRound },
  wire.done,
)
