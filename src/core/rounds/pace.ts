/** How often what is looked at: working rules, each with its source; a household chooses its pace. */

export const PACES = ['calm', 'thorough'] as const
export type Pace = (typeof PACES)[number]

/** Why something is due, the most telling first. */
export const DUE_CODES = [
  'never',
  'used',
  'opened',
  'exposed',
  'drops',
  'battery',
  'medicine',
  'trip',
  'season',
  'visit_ends',
  'yearly',
] as const
export type DueCode = (typeof DUE_CODES)[number]

interface DueRule {
  /** Days since the last look; null where the kit's own interval counts. */
  readonly days: Readonly<Record<Pace, number>> | null
  readonly source: string
}

/** The label wins over each of them; the kit's own interval is set on its page. */
export const DUE_RULES: Readonly<Record<DueCode, DueRule>> = {
  never: { days: { calm: 0, thorough: 0 }, source: 'Nobody has counted it here yet' },
  used: {
    days: { calm: 14, thorough: 2 },
    source: 'Customary: after every use; the days leave time for the next time there',
  },
  opened: {
    days: { calm: 60, thorough: 30 },
    source: 'Opened things run on a shorter clock, the shortest common one is 28 days',
  },
  exposed: {
    days: { calm: 91, thorough: 45 },
    source: 'Heat and frost outside the range on the label; once a season',
  },
  drops: {
    days: { calm: 91, thorough: 45 },
    source: 'Customary: drops turn soonest of all medicine',
  },
  battery: {
    days: { calm: 182, thorough: 91 },
    source: 'Customary: batteries every six months',
  },
  medicine: {
    days: { calm: 182, thorough: 91 },
    source: 'Customary: medicines every six months',
  },
  trip: { days: { calm: 90, thorough: 30 }, source: 'Customary: before each trip' },
  season: { days: { calm: 60, thorough: 30 }, source: 'Customary: before each season' },
  visit_ends: {
    days: null,
    source: 'What falls due before somebody is there again is looked at before leaving',
  },
  yearly: { days: null, source: 'Customary: every kit once a year; each kit may say otherwise' },
}

/** Nobody comes twice for what is due a little later. */
export const GATHERED_DAYS: Readonly<Record<Pace, number>> = { calm: 30, thorough: 7 }
/** A round of one pocket may take so long. */
export const SMALL_ROUND_SECONDS = 240
