/** Which lot to take a dose from: the right strength, first expiring, nearest; and what is not to be taken. */
import type { PlainDate } from '../calendar/plainDate'
import type { Form } from '../catalogue/entry'
import { gradeOf, isSetAside, type Objection, objectionsTo } from '../cover/objections'
import type { Pantry, Shelf } from '../cover/pantry'
import { reachedFirst } from '../cover/reaching'
import type { Patient, Thing } from '../cover/suitability'
import { turnsFirst } from '../cover/taking'
import type { LotId, PlaceId, PocketId } from '../ids'
import { readName } from '../naming/readName'
import { type Amount, amount, MOST, THOUSAND } from '../quantity/amount'
import { exact } from '../quantity/exact'
import { type Microlitres, readStrength, type Strength, sameStrength } from '../quantity/measure'
import { type DoseCard, isLabel, type Portion } from './card'
import type { DoseRefusal } from './refusal'

export interface LotOffer {
  readonly lotId: LotId
  /** Its full name with its strength. */
  readonly title: string
  readonly form: Form | null
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
  /** What does not speak against it and has to be said. */
  readonly remarks: readonly Objection[]
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

/**
 * What the card itself speaks of: age and weight by its lines, the ingredient by its prescriber,
 * what has to be asked before it. The rest belongs to the very bottle.
 */
function isSettledByCard(objection: Objection, card: DoseCard, { facts }: Thing): boolean {
  switch (objection.code) {
    case 'rule':
      return objection.about.every((one) => facts.acting.includes(one))
    case 'unsigned':
    case 'not_confirmed':
    case 'taken_already':
    case 'not_asked':
    case 'note_says':
    case 'ask_first':
    case 'cannot_swallow':
      return true
    case 'too_young':
    case 'too_light':
    case 'too_old':
    case 'age_unknown':
      // What the keeper read on the pack stands against a label of the country.
      return !isLabel(card) || facts.own.fromMonths === undefined
    default:
      return false
  }
}

/** The gravest reason against a bottle as a refusal with its name. */
function refusalOf(objection: Objection, title: string): DoseRefusal {
  switch (objection.code) {
    case 'allergy':
      return { code: 'lot_allergy', title, to: objection.to }
    case 'somebody_elses':
      return { code: 'somebody_elses', title, whose: objection.whose }
    case 'left_over':
      return { code: 'left_over', title, prescriber: objection.prescriber }
    case 'held':
      return { code: 'lot_held', title, reason: objection.reason }
    case 'opened_no_period':
      return { code: 'lot_no_period', title, on: objection.on }
    case 'condition':
    case 'opened_over':
    case 'spent':
      return { code: 'lot_spent', title }
    case 'lent':
    case 'unclean':
    case 'missing':
      return { code: 'lot_away', title }
    default:
      return gradeOf(objection) === 'forbidden'
        ? { code: 'lot_forbidden', title, objection }
        : { code: 'lot_ask', title, objection }
  }
}

/**
 * @param here the place where it is given; its kits come first. Null: where the stock is kept
 */
export function offersFor(
  pantry: Pantry,
  card: DoseCard,
  patient: Patient,
  here: PlaceId | null,
): Offers {
  const { stock, things, known, shelves } = pantry
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
      form: thing.facts.form,
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
      remarks: [],
    }
    const ingredients = thing.facts.entry?.ingredients ?? []
    const strength = strengthOf(item, ingredients, substance)
    if (!fits(card, strength, thing.facts.acting.length + thing.facts.named.length)) {
      others.push(offer)
      continue
    }
    const objections = objectionsTo(pantry, shelf, patient, patient.day).filter(
      (one) => !isSettledByCard(one, card, thing),
    )
    const [against] = objections
      .filter((one) => isSetAside(gradeOf(one)))
      .sort((a, b) => Number(gradeOf(b) === 'forbidden') - Number(gradeOf(a) === 'forbidden'))
    if (against) barred.push({ ...offer, why: refusalOf(against, thing.title) })
    else
      good.push({
        ...offer,
        remarks: objections,
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

/** A part of a tablet. */
export const isCut = ({ unit, thousandths }: Portion): boolean =>
  unit === 'tablet' && thousandths % THOUSAND !== 0

/** The lot that a dose is taken from: where it has to be cut, a scored one before the others. */
export function lotFor({ good }: Pick<Offers, 'good'>, portion: Portion): LotOffer | null {
  const [first = null] = good
  return isCut(portion) ? (good.find(({ scored }) => scored === true) ?? first) : first
}

type CutRefusal = Extract<DoseRefusal, { code: 'must_not_cut' | 'cut_unknown' }>

/**
 * Why the tablet of a lot is not cut for a portion. A table that speaks of halves is no leave: only
 * a scored tablet is divided, and unknown is not "may be cut".
 */
export const cutRefusal = (
  { scored, title }: Pick<LotOffer, 'scored' | 'title'>,
  portion: Portion,
): readonly CutRefusal[] =>
  !isCut(portion) || scored === true
    ? []
    : [{ code: scored === false ? 'must_not_cut' : 'cut_unknown', title, instead: [] }]

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
