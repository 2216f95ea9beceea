/**
 * Mixtures: a concentrate made thinner, a drink of sugar and salt, food for an animal that does
 * not eat. Exact; what is strong is measured down, what thins it fills up, so that a mixture is
 * never stronger than it should be.
 */
import { BARRELS, drawUp, type Measuring } from '../dosing/barrel'
import { downTo, type Exact, exact } from '../quantity/exact'
import type { Microlitres, Percent } from '../quantity/measure'

export type MixFault =
  | { readonly code: 'nothing' }
  /** The concentrate is weaker than what it should become. */
  | { readonly code: 'too_weak'; readonly stock: Percent; readonly wanted: Percent }
  /** Less of the concentrate than can be measured: make more. */
  | { readonly code: 'too_little'; readonly least: Microlitres }
  | { readonly code: 'no_weight' }
  | { readonly code: 'no_feeds' }
  /** Spoons do not come out for this volume; these are the nearest for which they do. */
  | { readonly code: 'not_spooned'; readonly near: readonly Microlitres[] }

export type Mixed<T> =
  | { readonly kind: 'mixed'; readonly mix: T }
  | { readonly kind: 'refused'; readonly fault: MixFault }

const refused = (fault: MixFault): { readonly kind: 'refused'; readonly fault: MixFault } => ({
  kind: 'refused',
  fault,
})

export interface Dilution {
  readonly stock: Microlitres
  readonly water: Microlitres
  readonly total: Microlitres
  /** "1 + 9": so many parts of water to one of the concentrate, exactly. */
  readonly parts: Exact
  /** What it comes to, in thousandths of a per cent; never above what was wanted. */
  readonly strength: Exact
}

/** Marks of what a household measures concentrates with. */
const FINEST_MARK = 100

/**
 * C1·V1 = C2·V2. The concentrate is rounded down to a mark of 0.1 mL.
 * @example dilute(10_000, 1000, 100 mL) // 10 mL and 90 mL of water
 */
export function dilute(stock: Percent, wanted: Percent, total: Microlitres): Mixed<Dilution> {
  if (stock <= 0 || wanted <= 0 || total <= 0) return refused({ code: 'nothing' })
  if (stock < wanted) return refused({ code: 'too_weak', stock, wanted })
  const volume = downTo(exact(total).mul(wanted).div(stock), FINEST_MARK)
  if (volume === 0)
    return refused({
      code: 'too_little',
      least: Number(exact(FINEST_MARK).mul(stock).div(wanted).ceil().valueOf()) as Microlitres,
    })
  return {
    kind: 'mixed',
    mix: {
      stock: volume as Microlitres,
      water: (total - volume) as Microlitres,
      total,
      parts: exact(stock, wanted).sub(1),
      strength: exact(stock).mul(volume).div(total),
    },
  }
}

/**
 * All of a concentrate that there is, made thinner: what it comes to, and how much water.
 * The mixture is never stronger than wanted: the water is rounded up to a mark.
 * @param have microlitres of the concentrate
 */
export function diluteAll(stock: Percent, wanted: Percent, have: Microlitres): Mixed<Dilution> {
  if (stock <= 0 || wanted <= 0 || have <= 0) return refused({ code: 'nothing' })
  if (stock < wanted) return refused({ code: 'too_weak', stock, wanted })
  const total =
    Number(exact(have).mul(stock).div(wanted).div(FINEST_MARK).ceil().valueOf()) * FINEST_MARK
  return {
    kind: 'mixed',
    mix: {
      stock: have,
      water: (total - have) as Microlitres,
      total: total as Microlitres,
      parts: exact(total - have, have),
      strength: exact(stock).mul(have).div(total),
    },
  }
}

/**
 * So many parts of water to one of the concentrate, for a volume: what it comes to is told, and
 * may be stronger than a recipe wants.
 */
export function diluteByParts(stock: Percent, parts: Exact, total: Microlitres): Mixed<Dilution> {
  if (stock <= 0 || total <= 0 || parts.compare(0) < 0) return refused({ code: 'nothing' })
  const volume = downTo(exact(total).div(parts.add(1)), FINEST_MARK)
  if (volume === 0)
    return refused({
      code: 'too_little',
      least: Number(parts.add(1).mul(FINEST_MARK).ceil().valueOf()) as Microlitres,
    })
  return {
    kind: 'mixed',
    mix: {
      stock: volume as Microlitres,
      water: (total - volume) as Microlitres,
      total,
      parts,
      strength: exact(stock).mul(volume).div(total),
    },
  }
}

/** Eighths of a level teaspoon. */
export type SpoonEighths = number

export interface Drink {
  readonly water: Microlitres
  readonly lines: readonly {
    readonly name: string
    readonly eighths: SpoonEighths
    readonly exactly: boolean
  }[]
}

/** A dry ingredient for a litre, in eighths of a level teaspoon. */
export interface PerLitre {
  readonly name: string
  readonly eighths: SpoonEighths
}

/**
 * A drink for a chosen volume. Spoons are rounded to the nearest eighth; where one ingredient
 * would be too much (salt), down.
 */
export function drink(
  volume: Microlitres,
  perLitre: readonly (PerLitre & { readonly never: 'more' | 'either' })[],
): Mixed<Drink> {
  if (volume <= 0) return refused({ code: 'nothing' })
  const lines = perLitre.map(({ name, eighths, never }) => {
    const exactly = exact(eighths).mul(volume).div(1_000_000)
    const rounded = never === 'more' ? exactly.floor() : exactly.round()
    return {
      name,
      eighths: Number(rounded.valueOf()),
      exactly: rounded.equals(exactly),
    }
  })
  // Spoons that do not come out would leave a fifth of the salt away: other volumes are offered.
  if (lines.some(({ exactly, eighths }) => eighths === 0 || !exactly))
    return refused({ code: 'not_spooned', near: nearestSpooned(volume, perLitre) })
  return { kind: 'mixed', mix: { water: volume, lines } }
}

/** Microlitres by which a drink grows so that every spoon comes out in eighths. */
export function spoonedStep(perLitre: readonly Pick<PerLitre, 'eighths'>[]): Microlitres {
  const scarce = Math.min(...perLitre.map(({ eighths }) => eighths))
  return Math.round(1_000_000 / scarce) as Microlitres
}

function nearestSpooned(
  volume: Microlitres,
  perLitre: readonly Pick<PerLitre, 'eighths'>[],
): readonly Microlitres[] {
  const step = spoonedStep(perLitre)
  const below = Math.floor(volume / step) * step
  return [below, below + step].filter((one) => one > 0) as Microlitres[]
}

export interface Feeding {
  /** One feed, drawn up to a mark of the chosen syringe. */
  readonly feed: Microlitres
  readonly feedsADay: number
  readonly day: Microlitres
  /** For one feed; more than enough where nobody has said how much they make together. */
  readonly powder: Microlitres
  readonly water: Microlitres
  readonly measuring: Measuring
  /** How much powder and water make together was said. */
  readonly makesKnown: boolean
}

/** What a food powder's pack and the vet say. */
export interface FeedRule {
  readonly powderParts: number
  readonly waterParts: number
  /**
   * Parts that powder and water make together: 1 and 2 may make 2½, not 3. Absent where nobody has
   * looked: then only the larger part is relied on, so that there is enough.
   */
  readonly makes?: number
  /** Microlitres of the mixed food for each kilogram and feed. */
  readonly perKg: Microlitres
  readonly feedsADay: number
}

/** Up to here a fine syringe serves for food as well; above it a wide tip is needed. */
const FINE_FEED: Microlitres = 3000 as Microlitres

/** The syringes that a feed of this size is drawn up with, the finest first. */
export const feedBarrels = (volume: Exact): readonly Measuring['barrel'][] =>
  BARRELS.filter(({ wide, capacity }) =>
    volume.compare(FINE_FEED) <= 0 ? capacity <= 5000 || wide : wide,
  )

/**
 * One feed of a powder and water, drawn up to the mark of a syringe.
 * @param barrel the one that is chosen; null for the smallest that holds it
 */
export function assistedFeed(
  { powderParts, waterParts, makes, perKg, feedsADay }: FeedRule,
  grams: number | null,
  barrel: Measuring['barrel'] | null,
): Mixed<Feeding> {
  if (grams === null) return refused({ code: 'no_weight' })
  if (powderParts <= 0 || waterParts <= 0 || perKg <= 0) return refused({ code: 'nothing' })
  if (feedsADay < 1) return refused({ code: 'no_feeds' })
  const wanted = exact(perKg).mul(grams).div(1000)
  const usual = feedBarrels(wanted)
  const chosen =
    barrel ?? usual.find(({ capacity }) => wanted.compare(capacity) <= 0) ?? usual.at(-1)
  const measuring = chosen ? drawUp(wanted, chosen) : null
  if (!measuring) return refused({ code: 'too_little', least: FINEST_FEED })
  const feed = measuring.total
  // Whole tenths of a millilitre, upwards: too little food in the glass cannot be drawn up.
  const made = exact(Math.round((makes ?? Math.max(powderParts, waterParts)) * 1000), 1000)
  const share = (parts: number): Microlitres =>
    (Number(exact(feed).mul(parts).div(made).div(100).ceil().valueOf()) * 100) as Microlitres
  return {
    kind: 'mixed',
    mix: {
      feed,
      feedsADay,
      day: (feed * feedsADay) as Microlitres,
      powder: share(powderParts),
      water: share(waterParts),
      measuring,
      makesKnown: makes !== undefined,
    },
  }
}

const FINEST_FEED: Microlitres = 10 as Microlitres

/** Grams of salt for isotonic saline (9 g a litre), in milligrams. */
export const salineSalt = (volume: Microlitres): number =>
  Number(exact(9000).mul(volume).div(1_000_000).floor().valueOf())

const CUP: Microlitres = 236_600 as Microlitres
const TABLESPOON: Microlitres = 15_000 as Microlitres
const TEASPOON: Microlitres = 5000 as Microlitres

export interface Vessels {
  readonly cups: number
  readonly tablespoons: number
  readonly teaspoons: number
  /** What is left over, in microlitres. */
  readonly rest: number
}

/** A volume in cups (by quarters), dosing tablespoons and teaspoons, largest first. */
export function inVessels(volume: Microlitres): Vessels {
  const quarter = CUP / 4
  const quarters = Math.floor(volume / quarter)
  let rest = volume - quarters * quarter
  const tablespoons = Math.floor(rest / TABLESPOON)
  rest -= tablespoons * TABLESPOON
  const teaspoons = Math.floor(rest / TEASPOON)
  rest -= teaspoons * TEASPOON
  return { cups: quarters / 4, tablespoons, teaspoons, rest }
}
