/** Which lot to take a dose from: the right strength, first expiring, nearest; and what is not to be taken. */
import type { PlainDate } from '../calendar/plainDate'
import type { Pantry, Shelf } from '../cover/pantry'
import { type Patient, type Unsuited, unsuited } from '../cover/suitability'
import { reachedFirst, turnsFirst } from '../cover/taking'
import type { LotId, PlaceId, PocketId } from '../ids'
import { readName } from '../naming/readName'
import { type Amount, amount, MOST, THOUSAND } from '../quantity/amount'
import { exact } from '../quantity/exact'
import { type Microlitres, readStrength, type Strength, sameStrength } from '../quantity/measure'
import type { DoseCard, Portion } from './card'
import type { DoseRefusal } from './refusal'

export interface LotOffer {
  readonly lotId: LotId
  readonly title: string
  readonly pocketId: PocketId
  readonly pocket: string
  readonly kit: string
  readonly placeId: PlaceId
  readonly place: string
  readonly through: PlainDate | null
  /** Units of the item that lie there, and what one is called. */
  readonly amount: Amount
  readonly unit: string
  /** Millilitres there, where it is measured out; null otherwise. */
  readonly millilitres: number | null
  /** What one unit holds, for taking it off the count. */
  readonly unitMillilitres: number | null
  /** Whether its tablets are scored; null where nobody has looked, which is not "may be cut". */
  readonly scored: boolean | null
}

export interface BarredOffer extends LotOffer {
  readonly why: DoseRefusal
}

export interface Offers {
  /** First to be taken first. */
  readonly good: readonly LotOffer[]
  /** The right thing, and not to be taken, with why. */
  readonly barred: readonly BarredOffer[]
  /** The same ingredient in another strength or form: the danger of one shelf. */
  readonly others: readonly LotOffer[]
}

/** What of "who must not have it" belongs to a thing and not to the ingredient or the card. */
function aboutThing(reasons: readonly Unsuited[], title: string): DoseRefusal | null {
  for (const reason of reasons) {
    if (reason.code === 'allergy') return { code: 'lot_allergy', title, to: reason.to }
    if (reason.code === 'somebody_elses')
      return { code: 'somebody_elses', title, whose: reason.whose }
    if (reason.code === 'left_over')
      return { code: 'left_over', title, prescriber: reason.prescriber }
  }
  return null
}

function barredWhy(shelf: Shelf, title: string, today: PlainDate): DoseRefusal | null {
  const { barred, through } = shelf
  if (barred?.code === 'held') return { code: 'lot_held', title, reason: barred.reason }
  if (barred?.code === 'opened_no_period') return { code: 'lot_no_period', title, on: barred.on }
  if (barred?.code === 'condition' || barred?.code === 'opened_over')
    return { code: 'lot_spent', title }
  if (barred) return { code: 'lot_away', title }
  return through !== null && through < today ? { code: 'lot_spent', title } : null
}

/**
 * @param here the place where it is given; its kits come first. Null: where the stock is kept
 */
export function offersFor(
  { stock, things, known, shelves, owners }: Pantry,
  card: DoseCard,
  patient: Patient,
  here: PlaceId | null,
): Offers {
  const placeOf = new Map(stock.places.map((place) => [place.id, place]))
  const good: (LotOffer & { readonly shelf: Shelf; readonly near: number })[] = []
  const barred: BarredOffer[] = []
  const others: LotOffer[] = []
  const substance = card.about.kind === 'substance' ? card.about.substance : null
  for (const shelf of shelves) {
    const thing = things[shelf.thing]
    const item = known[shelf.thing]?.item
    const kit = stock.kits[shelf.kit]
    const place = kit && placeOf.get(kit.placeId)
    if (!thing || !item || !kit || !place || !holdsIt(card, thing.facts.acting, item.id)) continue
    const each = thing.facts.millilitres
    const offer: LotOffer = {
      lotId: shelf.lotId,
      title: thing.title,
      pocketId: shelf.pocket.id,
      pocket: shelf.pocket.name,
      kit: kit.name,
      placeId: place.id,
      place: place.name,
      through: shelf.through,
      amount: shelf.amount,
      unit: item.unit,
      millilitres: each === null ? null : (each * shelf.amount) / THOUSAND,
      unitMillilitres: each,
      scored: thing.facts.own.scored ?? null,
    }
    const ingredients = thing.facts.entry?.ingredients ?? []
    const strength = strengthOf(item, ingredients, substance)
    if (!fits(card, strength, thing.facts.acting.length + thing.facts.named.length)) {
      others.push(offer)
      continue
    }
    const why =
      aboutThing(unsuited(thing, patient, owners, stock.schools), thing.title) ??
      barredWhy(shelf, thing.title, patient.day)
    if (why) barred.push({ ...offer, why })
    else
      good.push({
        ...offer,
        shelf,
        near: place.id === here || (here === null && place.isStore) ? 0 : 1,
      })
  }
  good.sort(
    (a, b) =>
      a.near - b.near ||
      turnsFirst(a, b) ||
      reachedFirst(a.shelf, b.shelf) ||
      a.lotId.localeCompare(b.lotId),
  )
  return { good: good.map(({ shelf: _, near: __, ...offer }) => offer), barred, others }
}

const holdsIt = (card: DoseCard, acting: readonly string[], itemId: string): boolean =>
  card.about.kind === 'item' ? card.about.itemId === itemId : acting.includes(card.about.substance)

/**
 * The strength of an ingredient in a thing: by the thing's own words, name and strength, or by the
 * catalogue's where they say none. Null where they contradict each other.
 */
export function strengthOf(
  written: { readonly name: string; readonly strength: string },
  ingredients: readonly { readonly substance: string; readonly strength: string }[],
  ingredient: string | null,
): Strength | null {
  const said = strengthsSaid(written)
  const [own] = said
  if (own && ingredients.length <= 1) return said.length === 1 ? own : null
  const listed = ingredients.find(({ substance }) => substance === ingredient)?.strength
  const known = listed ? readStrength(listed) : null
  return known?.kind === 'read' ? known.value : null
}

/** Every different strength that a thing's own words say; one in a volume is not what the bottle weighs. */
function strengthsSaid(written: {
  readonly name: string
  readonly strength: string
}): readonly Strength[] {
  const { printed } = readName(written.name, written.strength)
  const inVolume = printed.flatMap((one): Strength[] =>
    one.kind === 'in_volume'
      ? [
          {
            kind: 'liquid',
            holds: { unit: 'mg', thousandths: one.micrograms },
            in: one.microlitres as Microlitres,
          },
        ]
      : [],
  )
  const each = printed.flatMap((one): Strength[] =>
    one.kind === 'mass'
      ? [{ kind: 'each', holds: { unit: 'mg', thousandths: one.micrograms } }]
      : [],
  )
  const own = readStrength(written.strength)
  const said =
    inVolume.length > 0
      ? inVolume
      : [...each, ...(own.kind === 'read' && own.value.holds.unit === 'IU' ? [own.value] : [])]
  return said.filter((one, at) => said.findIndex((other) => sameStrength(one, other)) === at)
}

/** The same strength, and nothing else in it. A card that knows no strength is about its very item. */
const fits = (card: DoseCard, strength: Strength | null, acting: number): boolean =>
  card.about.kind === 'item' && card.strength === null
    ? true
    : card.strength !== null &&
      strength !== null &&
      acting <= 1 &&
      sameStrength(card.strength, strength)

/**
 * How much of the count a portion takes: tablets as they are counted, millilitres as a part of
 * the bottle. Null where the item is counted in something that does not fit.
 */
export function unitsTaken(
  { unit, unitMillilitres }: Pick<LotOffer, 'unit' | 'unitMillilitres'>,
  portion: Portion,
): Amount | null {
  if (portion.unit === 'mL') {
    if (unitMillilitres === null) return unit === 'mL' ? clamped(portion.thousandths) : null
    const part = exact(portion.thousandths, unitMillilitres * THOUSAND).mul(THOUSAND)
    return clamped(Number(part.round().valueOf()))
  }
  if (portion.unit === 'drop' || portion.unit === 'puff') return null
  const counted = unit === portion.unit || unit === '' || unit === 'piece'
  return counted ? clamped(portion.thousandths) : null
}

const clamped = (thousandths: number): Amount =>
  amount(Math.min(MOST, Math.max(1, Math.round(thousandths))))
