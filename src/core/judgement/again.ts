/** The household judged after an act: only what it touched is judged again. */
import type { PlainDate } from '../calendar/plainDate'
import type { RoleId } from '../catalogue/roles'
import { behind, rolesOf } from '../cover/leaning'
import { NEEDS } from '../cover/needs'
import type { CoverPlace, CoverStock, KnownItem, Pantry, Shelf } from '../cover/pantry'
import { PatientBook } from '../cover/patientBook'
import { kitsAt } from '../cover/scene'
import type { PlaceId } from '../ids'
import { ClosingBook } from './closingBook'
import { askersOf, isIn } from './days'
import { type Judged, type Judgement, judge, judgePlace, type PlaceJudgement } from './judgement'
import { problemId, readinessOf } from './readiness'

/**
 * The same as `judge`, and faster where little has changed: where members, places, kits and rules are as
 * they were, only the problems that ask for what changed are judged again, and only where it lies.
 */
export function judgeAgain(
  before: Judged,
  pantry: Pantry,
  today: PlainDate,
  until: ReadonlyMap<PlaceId, PlainDate>,
): Judgement {
  const { judgement } = before
  if (judgement.today !== today || !isSameFrame(before.pantry.stock, pantry.stock))
    return judge(pantry, today, until)
  const changed = changedItems(before.pantry.stock.items, pantry.stock.items)
  const isSameOrder =
    pantry.things.length === before.pantry.things.length &&
    pantry.things.every(({ itemId, carrier }, at) => {
      const was = before.pantry.things[at]
      return itemId === was?.itemId && carrier === was.carrier
    })
  const book = new PatientBook(
    pantry,
    changed.length === 0 && isSameOrder ? judgement.book : undefined,
  )
  const moved = changedShelves(before.pantry, pantry)
  const places = pantry.stock.places.map((place): PlaceJudgement => {
    const known = judgement.of.get(place.id)
    const days = { from: today, to: until.get(place.id) ?? today }
    if (!known || known.until !== days.to) return judgePlace(pantry, place, days, book)
    const touched = problemsTouched(before.pantry, pantry, place, moved, changed, today)
    if (touched.size === 0) return { ...known, place }
    const needs = NEEDS.filter((need) => touched.has(problemId(need)))
    return merged({ ...known, place }, judgePlace(pantry, place, days, book, needs), touched)
  })
  const closings = new ClosingBook(
    judgement.closings,
    pantry,
    rolesChanged(before.pantry, pantry, moved, changed),
  )
  return { today, places, of: new Map(places.map((one) => [one.place.id, one])), book, closings }
}

/** Every part that anything plays which changed, wherever it lies, as it was and as it is. */
const rolesChanged = (
  before: Pantry,
  now: Pantry,
  { were, are }: Moved,
  changed: readonly KnownItem[],
): ReadonlySet<RoleId> =>
  new Set([
    ...rolesOf(before, were),
    ...rolesOf(now, are),
    ...changed.flatMap(({ facts }) => facts.roles),
  ])

/** What was judged anew in place of the same problems; the rest as it was. */
function merged(
  known: PlaceJudgement,
  anew: PlaceJudgement,
  touched: ReadonlySet<string>,
): PlaceJudgement {
  const stays = ({ id }: { readonly id: string }): boolean => !touched.has(id)
  const rows = [...known.today.problems.filter(stays), ...anew.today.problems].flatMap(
    (problem) => problem.rows,
  )
  const order = new Map(NEEDS.map((need, at) => [need, at]))
  const at = ({ need }: (typeof rows)[number]): number => order.get(need) ?? 0
  const lapses = [...known.lapses.filter(({ problemId: id }) => stays({ id })), ...anew.lapses]
  return {
    ...anew,
    today: readinessOf(rows.sort((a, b) => at(a) - at(b))),
    lapses: lapses.sort((a, b) => (a.from < b.from ? -1 : a.from > b.from ? 1 : 0)),
  }
}

/** Everything that is not stock: who is there, what is kept where, by which rules. */
const FRAME = [
  'members',
  'courses',
  'places',
  'kits',
  'schools',
  'labels',
  'signed',
  'leftOut',
] as const satisfies readonly (keyof CoverStock)[]

const isSameFrame = (a: CoverStock, b: CoverStock): boolean =>
  FRAME.every((part) => a[part] === b[part] || JSON.stringify(a[part]) === JSON.stringify(b[part]))

/** Items that are new, gone, or of which something else is known. */
function changedItems(
  before: readonly KnownItem[],
  now: readonly KnownItem[],
): readonly KnownItem[] {
  const known = new Map(before.map((one) => [one.item.id, one]))
  const changed = now.flatMap((one) => {
    const was = known.get(one.item.id)
    known.delete(one.item.id)
    return !was ? [one] : isSameItem(was, one) ? [] : [was, one]
  })
  return [...changed, ...known.values()]
}

/** What is known of an item follows from it and from the catalogue, which does not change. */
const isSameItem = (a: KnownItem, b: KnownItem): boolean =>
  a === b ||
  (JSON.stringify(a.item) === JSON.stringify(b.item) &&
    a.facts.entry?.id === b.facts.entry?.id &&
    JSON.stringify(a.facts.own) === JSON.stringify(b.facts.own))

/** Shelves of which something differs, as they were and as they are. */
interface Moved {
  readonly were: readonly Shelf[]
  readonly are: readonly Shelf[]
}

function changedShelves(before: Pantry, now: Pantry): Moved {
  const known = saidOfShelves(before)
  const said = saidOfShelves(now)
  const of = (all: ReadonlyMap<string, Shelf>, others: ReadonlyMap<string, Shelf>) =>
    [...all].flatMap(([key, shelf]) => (others.has(key) ? [] : [shelf]))
  return { were: of(known, said), are: of(said, known) }
}

const saidOf = new WeakMap<Pantry, ReadonlyMap<string, Shelf>>()

/** Each shelf by all of it that decides what it answers. */
function saidOfShelves(pantry: Pantry): ReadonlyMap<string, Shelf> {
  const known = saidOf.get(pantry)
  if (known) return known
  const said = new Map(
    pantry.shelves.map((shelf) => {
      const { lotId, thing, kit, pocket, uses, amount, through, barred, forMember } = shelf
      const item = pantry.things[thing]?.itemId
      const where = `${lotId}/${item}/${pantry.stock.kits[kit]?.id}/${pocket.id}`
      const why = barred && JSON.stringify(barred)
      return [`${where}/${uses}/${amount}/${through}/${forMember}/${why}`, shelf]
    }),
  )
  saidOf.set(pantry, said)
  return said
}

/** Problems at a place that ask for anything that changed there. */
function problemsTouched(
  before: Pantry,
  now: Pantry,
  place: CoverPlace,
  { were, are }: Moved,
  changed: readonly KnownItem[],
  today: PlainDate,
): ReadonlySet<string> {
  // What is carried there by whoever comes later concerns nobody but them.
  const kits = new Set(kitsAt(now.stock, place, today).map(({ id }) => id))
  const known = new Set(changed.map(({ item }) => item.id))
  const touched = new Set<string>()
  for (const [pantry, moved] of [
    [before, were],
    [now, are],
  ] as const) {
    const here = pantry.shelves.filter(
      (shelf) => isIn(pantry, kits, shelf) && isOf(pantry, known, shelf),
    )
    const shelves = [...moved.filter((shelf) => isIn(pantry, kits, shelf)), ...here]
    if (shelves.length === 0) continue
    const roles: ReadonlySet<RoleId> = behind(pantry, rolesOf(pantry, shelves))
    for (const need of askersOf(pantry, NEEDS)(shelves, roles)) touched.add(problemId(need))
  }
  return touched
}

const isOf = (
  { things }: Pantry,
  items: ReadonlySet<KnownItem['item']['id']>,
  { thing }: Shelf,
): boolean => {
  const id = things[thing]?.itemId
  return items.size > 0 && id !== undefined && id !== null && items.has(id)
}
