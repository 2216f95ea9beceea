/**
 * Application identifiers that are met on packs, from the GS1 General Specifications, section 3:
 * which length their data has, and which of them need no separator after it.
 */

export interface Identifier {
  readonly ai: string
  /** Fewest and most characters of its data. */
  readonly fewest: number
  readonly most: number
  readonly digitsOnly: boolean
  /** Its length follows from its first two digits (figure 7.8.5-2): no separator is needed. */
  readonly fixed: boolean
}

const fixed = (ai: string, length: number): Identifier => ({
  ai,
  fewest: length,
  most: length,
  digitsOnly: true,
  fixed: true,
})
const variable = (ai: string, most: number, digitsOnly = false, fewest = 1): Identifier => ({
  ai,
  fewest,
  most,
  digitsOnly,
  fixed: false,
})

const KNOWN: readonly Identifier[] = [
  fixed('00', 18),
  fixed('01', 14),
  fixed('02', 14),
  fixed('11', 6),
  fixed('12', 6),
  fixed('13', 6),
  fixed('15', 6),
  fixed('16', 6),
  fixed('17', 6),
  fixed('20', 2),
  variable('10', 20),
  variable('21', 20),
  variable('22', 20),
  variable('30', 8, true),
  variable('37', 8, true),
  variable('235', 28),
  variable('240', 30),
  variable('241', 30),
  variable('250', 30),
  variable('251', 30),
  variable('400', 30),
  variable('414', 13, true, 13),
  variable('420', 20),
  variable('422', 3, true, 3),
  variable('710', 20),
  variable('711', 20),
  variable('712', 20),
  variable('713', 20),
  variable('714', 20),
  variable('7003', 10, true, 10),
  variable('8020', 25),
  ...['90', '91', '92', '93', '94', '95', '96', '97', '98', '99'].map((ai) => variable(ai, 90)),
]
const BY_AI = new Map(KNOWN.map((identifier) => [identifier.ai, identifier]))

/** Measures: four digits that begin with 31 to 36, with six digits of data. */
const MEASURE = /^3[1-6]\d\d/

/** The identifier that a text begins with; null when none is known. */
export function identifierAt(text: string): Identifier | null {
  const measure = MEASURE.exec(text)
  if (measure) return fixed(measure[0], 6)
  for (const length of [2, 3, 4]) {
    const known = BY_AI.get(text.slice(0, length))
    if (known) return known
  }
  return null
}
