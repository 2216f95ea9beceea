/** Whom kits are kept for, as far as the species decides. */

export const SPECIES = [
  'person',
  'dog',
  'cat',
  'rabbit',
  'guinea pig',
  'hamster',
  'ferret',
  'horse',
  'bird',
  'hen',
  'tortoise',
  'other',
] as const
export type Species = (typeof SPECIES)[number]
export type AnimalSpecies = Exclude<Species, 'person'>

export const ANIMALS = SPECIES.filter((one): one is AnimalSpecies => one !== 'person')

/** Lick at what is put on their skin. */
export const LICKERS: readonly Species[] = [
  'dog',
  'cat',
  'rabbit',
  'guinea pig',
  'hamster',
  'ferret',
]

/** Can bring nothing up; whoever tries it harms them. */
export const CANNOT_VOMIT: readonly Species[] = ['rabbit', 'guinea pig', 'hamster', 'horse']

/** Eat plants all day: a gut that stands still is an emergency, and so are gut-upsetting medicines. */
export const GUT_SENSITIVE: readonly Species[] = ['rabbit', 'guinea pig', 'hamster']

/** Feathered: fumes and oily ointments harm them. */
export const BIRDS: readonly Species[] = ['bird', 'hen']
