/** The lot that a mixture is made from, and how much of it. */
import type { PlainDate } from '../calendar/plainDate'
import type { Pantry, Shelf } from '../cover/pantry'
import type { Thing } from '../cover/suitability'
import { isGoodOn, oneUse, turnsFirst } from '../cover/taking'
import { unitsTaken } from '../dosing/lots'
import type { LotId, PlaceId, PocketId } from '../ids'
import { type Amount, amount } from '../quantity/amount'
import { type Microlitres, type Percent, readConcentration, readPercent } from '../quantity/measure'
import type { Recipe } from './recipe'

export interface MixLot {
  readonly lotId: LotId
  readonly pocketId: PocketId
  readonly pocket: string
  readonly place: string
  readonly title: string
  /** What the mixture takes of it, as far as it lies there. */
  readonly amount: Amount
}

export interface MixQuestion {
  /** Where it is mixed; null: where the stock is kept. */
  readonly here: PlaceId | null
  readonly today: PlainDate
  /** The concentrate that is thinned, and how much of it; null where nothing is thinned. */
  readonly stock: { readonly strength: Percent; readonly volume: Microlitres } | null
}

/**
 * The recipe's own item, else what plays its role: here first, of that the first to turn. What is
 * thinned must be that very substance in that very strength: another one makes another mixture.
 */
export function lotFor(
  { stock, things, known, shelves }: Pantry,
  recipe: Pick<Recipe, 'itemId' | 'takes' | 'body'>,
  question: MixQuestion,
): MixLot | null {
  const placeOf = ({ kit }: Shelf) => stock.places.find(({ id }) => id === stock.kits[kit]?.placeId)
  const far = (shelf: Shelf): number => {
    const place = placeOf(shelf)
    return place?.id === question.here || (question.here === null && place?.isStore) ? 0 : 1
  }
  const [first] = shelves
    .filter((shelf) => fits(things[shelf.thing], recipe, question))
    .filter((shelf) => isGoodOn(shelf, question.today))
    .sort((a, b) => far(a) - far(b) || turnsFirst(a, b))
  const thing = first && things[first.thing]
  const unit = first && known[first.thing]?.item.unit
  if (!thing || unit === undefined) return null
  const { millilitres, uses } = thing.facts
  const measured =
    question.stock &&
    unitsTaken(
      { unit, unitMillilitres: millilitres },
      { unit: 'mL', thousandths: question.stock.volume },
    )
  return {
    lotId: first.lotId,
    pocketId: first.pocket.id,
    pocket: first.pocket.name,
    place: placeOf(first)?.name ?? '',
    title: thing.title,
    amount: amount(Math.min(first.amount, measured ?? oneUse(uses))),
  }
}

function fits(
  thing: Pantry['things'][number] | undefined,
  { itemId, takes, body }: Pick<Recipe, 'itemId' | 'takes' | 'body'>,
  { stock }: MixQuestion,
): boolean {
  if (!thing) return false
  if (itemId !== null) return thing.itemId === itemId
  if (!takes.some((role) => thing.facts.roles.includes(role))) return false
  if (body.kind !== 'dilution') return true
  return thing.facts.acting.includes(body.substance) && percentOf(thing) === stock?.strength
}

/** How strong a concentrate is, wherever that stands: in its strength, or in its name. */
export function percentOf({ title, strength }: Pick<Thing, 'title' | 'strength'>): Percent | null {
  const said = readConcentration(strength)
  if (said.kind === 'read') return said.value
  const named = [...title.matchAll(/(\d+(?:[.,]\d+)?)\s*%/g)].map(([, number = '']) =>
    readPercent(`${number} %`),
  )
  const [only, ...more] = named
  return only?.kind === 'read' && more.length === 0 ? only.value : null
}
