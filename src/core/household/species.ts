/** Whom kits are kept for, as far as the species decides. */

export const SPECIES = [
  'person',
  'dog',
  'cat',
  'rabbit',
  'guinea pig',
  'hamster',
  'horse',
  'bird',
  'other',
] as const
export type Species = (typeof SPECIES)[number]
export type AnimalSpecies = Exclude<Species, 'person'>

export const ANIMALS = SPECIES.filter((one): one is AnimalSpecies => one !== 'person')

/** Lick at what is put on their skin. */
export const LICKERS: readonly Species[] = ['dog', 'cat', 'rabbit', 'guinea pig', 'hamster']
