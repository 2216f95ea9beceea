/**
 * Mixtures: a concentrate made thinner, a drink of sugar and salt, food for an animal that does
 * not eat. Exact; what is strong is measured down, what thins it fills up, so that a mixture is
 * never stronger than it should be.
 */
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
  if (lines.some(({ eighths }) => eighths === 0)) {
    const scarce = Math.min(...perLitre.map(({ eighths }) => eighths))
    return refused({ code: 'too_little', least: Math.ceil(1_000_000 / scarce) as Microlitres })
  }
  return { kind: 'mixed', mix: { water: volume, lines } }
}

export interface Feeding {
  /** One feed, measured down to whole millilitres. */
  readonly feed: Microlitres
  readonly feedsADay: number
  readonly day: Microlitres
  /** Of one feed. */
  readonly powder: Microlitres
  readonly water: Microlitres
  readonly fills: number
  readonly barrel: Microlitres
}

/** What a food powder's pack and the vet say. */
export interface FeedRule {
  readonly powderParts: number
  readonly waterParts: number
  /** Microlitres of the mixed food for each kilogram and feed. */
  readonly perKg: Microlitres
  readonly feedsADay: number
}

/** @param barrel capacity of the wide syringe that is used */
export function assistedFeed(
  { powderParts, waterParts, perKg, feedsADay }: FeedRule,
  grams: number | null,
  barrel: Microlitres,
): Mixed<Feeding> {
  if (grams === null) return refused({ code: 'no_weight' })
  if (powderParts <= 0 || waterParts <= 0 || perKg <= 0) return refused({ code: 'nothing' })
  if (feedsADay < 1) return refused({ code: 'no_feeds' })
  const feed = downTo(exact(perKg).mul(grams).div(1000), 500)
  if (feed === 0) return refused({ code: 'too_little', least: 500 as Microlitres })
  const powder = downTo(
    exact(feed)
      .mul(powderParts)
      .div(powderParts + waterParts),
    100,
  )
  return {
    kind: 'mixed',
    mix: {
      feed: feed as Microlitres,
      feedsADay,
      day: (feed * feedsADay) as Microlitres,
      powder: powder as Microlitres,
      water: (feed - powder) as Microlitres,
      fills: Math.ceil(feed / barrel),
      barrel,
    },
  }
}

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
