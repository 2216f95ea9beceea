/** Recipes with their source. What a vet or a pack says of a food is the household's own. */
import type { Brand } from '../brand'
import type { PlainDate } from '../calendar/plainDate'
import type { RoleId } from '../catalogue/roles'
import type { SubstanceId } from '../catalogue/substances'
import type { ItemId, MemberId } from '../ids'
import type { Percent } from '../quantity/measure'
import { type FeedRule, type PerLitre, spoonedStep } from './mix'

export type RecipeId = Brand<string, 'RecipeId'>

export type RecipeBody =
  | {
      readonly kind: 'dilution'
      readonly substance: SubstanceId
      /** Strengths that concentrates are sold in, the usual first. */
      readonly stocks: readonly Percent[]
      readonly wanted: Percent
    }
  | {
      readonly kind: 'drink'
      readonly perLitre: readonly (PerLitre & { readonly never: 'more' | 'either' })[]
    }
  | { readonly kind: 'saline' }
  | { readonly kind: 'feed'; readonly rule: FeedRule; readonly memberId: MemberId | null }

export interface Recipe {
  readonly id: RecipeId
  readonly name: string
  readonly purpose: string
  readonly body: RecipeBody
  /** What of the household's stock it takes: an item, or whatever plays the role. */
  readonly takes: readonly RoleId[]
  readonly itemId: ItemId | null
  /** Hours that it keeps once mixed. */
  readonly keepHours: number
  readonly cautions: readonly string[]
  readonly source: { readonly who: string; readonly on: PlainDate | null }
  readonly version: number
}

const TEASPOON_EIGHTHS = 8

const shipped = (
  it: Omit<Recipe, 'id' | 'version' | 'itemId' | 'source'> & {
    readonly id: string
    readonly who: string
  },
): Recipe => {
  const { id, who, ...recipe } = it
  return {
    ...recipe,
    id: `recipe:${id}` as RecipeId,
    itemId: null,
    source: { who, on: null },
    version: 0,
  }
}

export const SHIPPED_RECIPES: readonly Recipe[] = [
  shipped({
    id: 'rehydration',
    name: 'Rehydration drink',
    purpose: 'After diarrhoea or vomiting, in small sips',
    body: {
      kind: 'drink',
      perLitre: [
        { name: 'sugar', eighths: 6 * TEASPOON_EIGHTHS, never: 'either' },
        { name: 'salt', eighths: TEASPOON_EIGHTHS / 2, never: 'more' },
      ],
    },
    takes: [],
    keepHours: 24,
    cautions: [
      'Clean water. Level spoons: too much salt harms.',
      'A packed sachet is surer: mix it with exactly the water that it names.',
      'Babies, and whoever cannot keep it down: call the doctor.',
    ],
    who: 'World Health Organization, home-made rehydration drink',
  }),
  shipped({
    id: 'chlorhexidine-wound',
    name: 'Chlorhexidine for a wound',
    purpose: 'Second after clean water or saline',
    body: {
      kind: 'dilution',
      substance: 'chlorhexidine',
      stocks: [2000, 4000, 5000, 1500],
      wanted: 50,
    },
    takes: ['dilute-antiseptic'],
    keepHours: 24,
    cautions: ['Not in eyes or ears. Plain concentrate only, no soap in it.'],
    who: 'Wound strength 0.05 %, first aid and veterinary teaching',
  }),
  shipped({
    id: 'povidone-wound',
    name: 'Povidone-iodine for a wound',
    purpose: 'Second after clean water or saline',
    body: { kind: 'dilution', substance: 'povidone-iodine', stocks: [10_000, 7500], wanted: 1000 },
    takes: ['dilute-antiseptic'],
    keepHours: 24,
    cautions: ['Not with thyroid disease or allergy to iodine. Animals must not lick it off.'],
    who: 'Wound strength 1 % or less (10 % stock 1 + 9), first aid and veterinary teaching',
  }),
  shipped({
    id: 'saline',
    name: 'Salt water at body strength',
    purpose:
      'Rinses a wound where no sterile saline is left; never an eye with broken skin around it',
    body: { kind: 'saline' },
    takes: [],
    keepHours: 24,
    cautions: [
      'Boil the water and let it cool covered. It is not sterile: sterile saline comes first.',
      'Weigh the salt; a level teaspoon of table salt is about 6 g.',
    ],
    who: 'Isotonic saline, 9 g of salt in a litre',
  }),
]

/** Millilitres of mixing volumes that are offered. */
const VOLUMES = [50, 100, 200, 250, 500, 1000] as const

/** Millilitres to offer: of a drink only those for which its spoons come out. */
export function volumesFor(body: RecipeBody): readonly number[] {
  if (body.kind !== 'drink') return VOLUMES
  const step = spoonedStep(body.perLitre) / 1000
  return [1, 2, 3, 4].map((times) => times * step)
}
