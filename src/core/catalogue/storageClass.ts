/** How a thing is to be kept, as its label says in a few words. */
export const STORAGE_CLASSES = {
  room: 'Room temperature, 20 to 25 °C',
  'below-25': 'Below 25 °C',
  'below-30': 'Below 30 °C',
  fridge: 'In the fridge, 2 to 8 °C',
  'never-frozen': 'Never frozen',
  dry: 'Dry',
  dark: 'Dark',
  'no-limit': 'Anywhere: no limit',
} as const
export type StorageClass = keyof typeof STORAGE_CLASSES
export const STORAGE_CLASS_IDS = Object.keys(STORAGE_CLASSES) as [StorageClass, ...StorageClass[]]
