/** What can have happened, by name: all that most screens need of it. */

export const KIND_NAMES = {
  bleeding: 'Bleeding hard',
  breathing: 'Choking or breathing badly',
  sting: 'Sting or bite',
  anaphylaxis: 'Severe allergy',
  rash: 'Rash',
  fever: 'Fever',
  wound: 'Wound',
  poison: 'Swallowed something',
  stomach: 'Vomiting, diarrhoea',
  burn: 'Burn',
  fall: 'Sprain or fall',
  eye: 'Eye',
  heat: 'Overheated',
  cold: 'Chilled',
  chest: 'Chest pain',
  sugar: 'Low sugar',
  tick: 'Tick',
  'not-eating': 'Does not eat',
  belly: 'Swollen belly, colic',
  nail: 'Torn nail',
  hoof: 'Hoof',
  coat: 'Quills, trap, coat',
  other: 'Something else',
} as const
export type IncidentKind = keyof typeof KIND_NAMES
export const INCIDENT_KIND_IDS = Object.keys(KIND_NAMES) as readonly IncidentKind[]
