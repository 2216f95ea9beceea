/**
 * Figures in a name: how much acts in how much, what a container holds, how long and wide it is,
 * how many there are. Each figure that is understood is taken out of the text; one that is not
 * stays there and is nobody's guess.
 */

/** What a figure in a name says. Whole micrograms, microlitres, hundredths of a per cent, tenths of a millimetre. */
export type Printed =
  /** "250 mg/5 mL": micrograms (or thousandths of a unit) in one millilitre, as an exact ratio. */
  | { readonly kind: 'in_volume'; readonly micrograms: number; readonly microlitres: number }
  /** "500 mg": in one tablet, or what a sachet holds. */
  | { readonly kind: 'mass'; readonly micrograms: number }
  | { readonly kind: 'units'; readonly units: number }
  | { readonly kind: 'percent'; readonly hundredths: number }
  /** "100 mL": what a container holds. */
  | { readonly kind: 'volume'; readonly microlitres: number }
  | { readonly kind: 'lengths'; readonly tenths: readonly number[] }
  /** "21 gauge" */
  | { readonly kind: 'gauge'; readonly gauge: number }
  /** "SPF 50", "50+" */
  | { readonly kind: 'factor'; readonly factor: number }

export interface PrintedReading {
  readonly printed: readonly Printed[]
  /** The text without the figures that were understood. */
  readonly rest: string
}

const N = '(\\d+(?:\\.\\d+)?)'
const MASS: Readonly<Record<string, number>> = {
  kg: 1e9,
  g: 1e6,
  gram: 1e6,
  grams: 1e6,
  mg: 1e3,
  ug: 1,
}
const VOLUME: Readonly<Record<string, number>> = {
  ul: 1,
  ml: 1e3,
  cl: 1e4,
  dl: 1e5,
  l: 1e6,
  lt: 1e6,
  ltr: 1e6,
  litre: 1e6,
  litres: 1e6,
  liter: 1e6,
  liters: 1e6,
  'fl oz': 29_570,
  tsp: 5000,
  teaspoon: 5000,
}
const LENGTH: Readonly<Record<string, number>> = {
  mm: 10,
  cm: 100,
  m: 10_000,
  metre: 10_000,
  metres: 10_000,
  meter: 10_000,
  meters: 10_000,
  in: 254,
  inch: 254,
  inches: 254,
  '"': 254,
  ft: 3048,
  foot: 3048,
  feet: 3048,
  yd: 9144,
  yards: 9144,
}
const oneOf = (units: Readonly<Record<string, number>>): string =>
  `(${Object.keys(units)
    .sort((a, b) => b.length - a.length)
    .join('|')})(?![a-z])`
const MASSES = oneOf(MASS)
const VOLUMES = oneOf(VOLUME)
const LENGTHS = oneOf(LENGTH)
const MAYBE_MASS = `(?:${MASSES})?`
const MAYBE_LENGTH = `(?:${LENGTHS})?`
const EACH =
  '(?:tablets?|tabs?|capsules?|caps?|caplets?|sachets?|puffs?|doses?|pieces?|suppository|suppositories|actuations?|sprays?|vials?|pens?)'
const COUNTED =
  '(?:pcs?|pieces?|count|ct|pack|packs|pk|pkt|boxes|box|pairs?|tablets?|tabs?|capsules?|caps|caplets?|sachets?|wipes?|pads?|strips?|plasters?|lozenges?|pods?|vials?|ampoules?|rolls?|sheets?|sticks?|bags?|bottles?|tubes?|tubs?|bars?|gloves?|dressings?|swabs?|needles?|syringes?|cells?|batteries|doses?|pouches|left)'

const value = (digits: string | undefined): number => Number(digits ?? 0)

interface Rule {
  readonly pattern: RegExp
  readonly read: (match: RegExpExecArray) => readonly Printed[]
}
const rule = (pattern: string, read: Rule['read']): Rule => ({
  pattern: new RegExp(pattern),
  read,
})

const round = Math.round

/** First rules first: a strength in a volume before the volume alone. */
const RULES: readonly Rule[] = [
  // 250 mg/5 ml, 250 mg in 5 ml, 1 mg per ml
  rule(
    `\\b${N} ?${MASSES} ?(?:/|per|in|:) ?(?:a )?(?:${N} ?)?${VOLUMES}`,
    ([, mass, unit = '', volume, of = '']) => [
      {
        kind: 'in_volume',
        micrograms: round(value(mass) * (MASS[unit] ?? 0)),
        microlitres: round(value(volume ?? '1') * (VOLUME[of] ?? 0)),
      },
    ],
  ),
  rule(
    `\\b${N} ?(?:iu|ie|units?) ?(?:/|per|in) ?(?:${N} ?)?${VOLUMES}`,
    ([, units, volume, of = '']) => [
      {
        kind: 'units',
        units: value(units) / (value(volume ?? '1') * ((VOLUME[of] ?? 0) / 1000)),
      },
    ],
  ),
  // 500 mg/65 mg, 500/30 mg, 500 mg + 65 mg: two things act
  rule(
    `\\b${N} ?${MAYBE_MASS} ?(?:/|\\+|&|and|,) ?${N} ?${MASSES}`,
    ([, a, unitA, b, unitB = '']) => [
      { kind: 'mass', micrograms: round(value(a) * (MASS[unitA ?? unitB] ?? 0)) },
      { kind: 'mass', micrograms: round(value(b) * (MASS[unitB] ?? 0)) },
    ],
  ),
  rule(
    `\\b${N} ?${MASSES}(?: ?(?:/|per|in each|in a|each|a) ?(?:1 )?${EACH})?`,
    ([, mass, unit = '']) => [{ kind: 'mass', micrograms: round(value(mass) * (MASS[unit] ?? 0)) }],
  ),
  rule(`\\b${N} ?(?:iu|ie|units?)(?![a-z])`, ([, units]) => [
    { kind: 'units', units: value(units) },
  ]),
  rule(`\\b${N} ?%(?: ?(?:w/w|w/v|v/v))?`, ([, percent]) => [
    { kind: 'percent', hundredths: round(value(percent) * 100) },
  ]),
  rule(`\\b(?:spf|factor) ?${N} ?\\+?|\\b${N} ?\\+ ?(?:spf)?(?=$|[ ,)])`, ([, a, b]) => [
    { kind: 'factor', factor: value(a ?? b) },
  ]),
  rule(`\\b${N} ?(?:gauge|ga)\\b`, ([, gauge]) => [{ kind: 'gauge', gauge: value(gauge) }]),
  // 10 x 12 cm, 7.5 cm x 4 m, 4" x 4"
  rule(
    `\\b${N} ?${MAYBE_LENGTH} ?x ?${N} ?${MAYBE_LENGTH}(?: ?x ?${N} ?${LENGTHS})?`,
    ([whole, a, unitA, b, unitB, c, unitC]) => {
      const last = unitC ?? unitB ?? unitA
      if (last === undefined || whole === undefined) return []
      const tenths = [
        [a, unitA ?? unitB ?? last],
        [b, unitB ?? last],
        ...(c === undefined ? [] : [[c, unitC ?? last]]),
      ].map(([digits, unit]) => round(value(digits) * (LENGTH[unit ?? ''] ?? 0)))
      return [{ kind: 'lengths', tenths: tenths.sort((x, y) => x - y) }]
    },
  ),
  rule(`\\b${N} ?${VOLUMES}`, ([, volume, unit = '']) => [
    { kind: 'volume', microlitres: round(value(volume) * (VOLUME[unit] ?? 0)) },
  ]),
  rule(`\\b${N} ?-? ?${LENGTHS}`, ([, length, unit = '']) => [
    { kind: 'lengths', tenths: [round(value(length) * (LENGTH[unit] ?? 0))] },
  ]),
]

/** How many there are: says nothing of what the thing is. */
const COUNTS: readonly RegExp[] = [
  /\b(?:pack|packs|pk|pkt|box|boxes|bag|tub|tube|bottle|set|bundle|card|case|carton) of \d+\b/,
  /\(\s*(?:x ?)?\d+ ?(?:x|pcs|pieces)?\s*\)/,
  /(?:^|[ ,(])x ?\d+\b(?! ?(?:mm|cm|m|in|inch|"))/,
  /\b\d+ ?x(?= |$)(?! ?\d)/,
  new RegExp(`\\b\\d+ ?-? ?(?:x )?(?=${COUNTED}\\b)`),
  /\b\d+ ?s\b/,
]

/**
 * Takes the figures out of a name.
 * @param text as {@link plainText} makes it
 * @param needle a bare "21 g" of a needle is its gauge
 */
export function readPrinted(text: string): PrintedReading {
  const printed: Printed[] = []
  let rest = /\b(?:needle|cannula)/.test(text) ? text.replace(/\b(\d+) ?g\b/g, '$1 gauge') : text
  for (const { pattern, read } of RULES)
    for (let turn = 0; turn < 4; turn++) {
      const match = pattern.exec(rest)
      if (!match) break
      const found = read(match)
      if (found.length === 0) break
      printed.push(...found)
      rest = `${rest.slice(0, match.index)} ; ${rest.slice(match.index + match[0].length)}`
    }
  for (const pattern of COUNTS) rest = rest.replace(pattern, ' ')
  return { printed, rest }
}

/** Lengths measured in inches and in centimetres on the same thing differ by a little. */
const NEAR = 0.03
const near = (a: number, b: number): boolean => Math.abs(a - b) <= NEAR * Math.max(a, b)

/** Whether two figures say the same. */
export function samePrinted(a: Printed, b: Printed): boolean {
  if (a.kind === 'in_volume' && b.kind === 'in_volume')
    return a.micrograms * b.microlitres === b.micrograms * a.microlitres
  if (a.kind === 'lengths' && b.kind === 'lengths') return sameLengths(a.tenths, b.tenths)
  return JSON.stringify(a) === JSON.stringify(b)
}

/** "7.5 cm" is 7.5 × 7.5 cm, or the width of a roll whose length is not told. */
function sameLengths(a: readonly number[], b: readonly number[]): boolean {
  const [short, long] = a.length <= b.length ? [a, b] : [b, a]
  if (short.length === long.length)
    return short.every((one, at) => near(one, long[at] ?? Number.NaN))
  const [only] = short
  const [first, second] = long
  if (only === undefined || first === undefined || second === undefined) return false
  const isSquare = near(first, second)
  return near(only, first) && (isSquare || second > 8 * first)
}

/** Whether a figure says how strong the thing is, and not only how large. */
export const isStrength = ({ kind }: Printed): boolean =>
  kind === 'in_volume' ||
  kind === 'mass' ||
  kind === 'units' ||
  kind === 'percent' ||
  kind === 'factor'
