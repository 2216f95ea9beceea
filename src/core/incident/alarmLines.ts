/**
 * From which reading somebody has to be seen, by whom and how soon. Defaults with their source: the
 * doctor's or the vet's own line for a patient wins, an own normal does not move a line.
 */
import type { Species } from '../household/species'

/** Hundredths of a degree Celsius, as readings are kept. */
export interface AlarmLines {
  /** Seen today. */
  readonly hot: number | null
  /** Seen at once, day or night, whatever else is seen. */
  readonly hotNow: number | null
  /** An emergency by itself. */
  readonly hotEmergency: number | null
  readonly cold: number | null
  readonly coldNow: number | null
  readonly coldEmergency: number | null
  /** Cooled down to here after heat, then no further. */
  readonly cooledTo: number | null
  /** From here on it counts as a heat stroke where it was hot, or after running. */
  readonly heat: number | null
}

const NONE: AlarmLines = {
  hot: null,
  hotNow: null,
  hotEmergency: null,
  cold: null,
  coldNow: null,
  coldEmergency: null,
  cooledTo: null,
  heat: null,
}

/** An emergency in anybody. */
export const ANYBODY_HOT = 4150
/** An emergency in people of every age. */
const PEOPLE_COLD = 3200
const PEOPLE_HEAT = 4000
const PEOPLE: AlarmLines = {
  ...NONE,
  hotEmergency: ANYBODY_HOT,
  coldEmergency: PEOPLE_COLD,
  cooledTo: 3890,
  heat: PEOPLE_HEAT,
}

export const ALARM_SOURCE =
  'First aid, paediatric and veterinary teaching; the doctor’s or vet’s own line wins'

/** Months below which a baby with fever is seen at once, and today. */
const NEWBORN_MONTHS = 3
const INFANT_MONTHS = 6

const BABY: AlarmLines = { ...PEOPLE, hotNow: 3800, coldNow: 3600 }
const INFANT: AlarmLines = { ...PEOPLE, hot: 3900, cold: 3550 }
const ANYBODY_ELSE: AlarmLines = { ...PEOPLE, hot: 4000, cold: 3500 }

const ANIMALS: Partial<Record<Species, AlarmLines>> = {
  dog: {
    ...NONE,
    hot: 4050,
    hotEmergency: 4110,
    cold: 3720,
    coldEmergency: 3500,
    cooledTo: 3940,
    heat: 4050,
  },
  cat: {
    ...NONE,
    hot: 4000,
    hotEmergency: 4100,
    cold: 3720,
    coldEmergency: 3500,
    cooledTo: 3940,
    heat: 4000,
  },
  rabbit: {
    ...NONE,
    hot: 4050,
    hotEmergency: 4100,
    coldEmergency: 3800,
    cooledTo: 4000,
    heat: 4050,
  },
  'guinea pig': {
    ...NONE,
    hot: 4050,
    hotEmergency: 4100,
    coldEmergency: 3650,
    cooledTo: 4000,
    heat: 4050,
  },
  horse: { ...NONE, hot: 3950, hotEmergency: 4100, cold: 3650, cooledTo: 3940, heat: 3950 },
}

/**
 * The lines of a species and an age. Where nobody has said how old a person is, the strictest hold.
 * No line ships for hamsters, ferrets, tortoises and others: only what is an emergency in anybody.
 * @param months whole months; null where nobody has said
 */
export function alarmLines(species: Species, months: number | null): AlarmLines {
  if (species !== 'person') return ANIMALS[species] ?? { ...NONE, hotEmergency: ANYBODY_HOT }
  if (months === null || months < NEWBORN_MONTHS) return BABY
  return months < INFANT_MONTHS ? INFANT : ANYBODY_ELSE
}

/** Under this age an ear thermometer is not trusted. */
export const EAR_FROM_MONTHS = INFANT_MONTHS
