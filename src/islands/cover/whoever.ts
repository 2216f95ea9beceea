/** In an address, where a problem concerns whoever is there. */
export const WHOEVER = 'whoever'
