/** What a round of a kit would find, by the record, and what there is to ask about each thing. */
import type { Expiry } from '../calendar/expiry'
import type { PlainDate } from '../calendar/plainDate'
import type { Kit, Place } from '../household/places'
import type { Pocket } from '../household/pocket'
import type { ItemId, LotId, PocketId } from '../ids'
import { type Amount, NOTHING } from '../quantity/amount'
import type { Opened } from '../shelf-life/openedClock'
import { itemTitle } from '../stock/item'
import type { ItemKind } from '../stock/itemKind'
import type { LotState } from '../stock/judge'
import type { Condition } from '../stock/lot'
import type { Confirmation } from '../trust/certainty'
import { confirmationKey } from '../trust/nextLook'
import type { Line, Survey } from '../watch/survey'
import { inOrderOut } from './order'

/** When a date, a seal or a battery of a lot was last seen with somebody's own eyes. */
export interface Sighting {
  readonly date: PlainDate | null
  readonly seal: PlainDate | null
  readonly battery: PlainDate | null
}
export const UNSEEN: Sighting = { date: null, seal: null, battery: null }

/** One lot in one pocket, with all that the card shows. */
export interface Thing {
  readonly lotId: LotId
  readonly itemId: ItemId
  readonly pocketId: PocketId
  readonly title: string
  readonly unit: string
  readonly kind: ItemKind
  readonly essential: boolean
  readonly purpose: string
  readonly forWhom: string
  readonly directions: string
  readonly note: string
  readonly batch: string
  readonly recorded: Amount
  readonly expiry: Expiry
  readonly opened: Opened
  readonly condition: Condition
  readonly judged: LotState
  readonly confirmed: Confirmation | null
  readonly sighting: Sighting
}

/** Belongs into the pocket, and nothing of it is recorded there. */
export interface Bare {
  readonly itemId: ItemId
  readonly title: string
  readonly unit: string
  readonly par: Amount
}

export interface RoundPocket {
  readonly id: PocketId
  readonly name: string
  readonly sort: Pocket['sort']
  readonly cell: Pocket['cell']
  readonly reachSeconds: number | null
  readonly things: readonly Thing[]
  readonly bare: readonly Bare[]
}

/** A kit as a round goes through it: its pockets in the order in which they come out. */
export interface Contents {
  readonly kit: Pick<Kit, 'id' | 'name' | 'note'>
  readonly place: Pick<Place, 'id' | 'name' | 'hue'>
  readonly today: PlainDate
  readonly pockets: readonly RoundPocket[]
}

export function contentsOf(
  survey: Survey,
  kit: Kit,
  place: Place,
  confirmations: ReadonlyMap<string, Confirmation>,
  sightings: ReadonlyMap<LotId, Sighting>,
): Contents {
  const pockets = [...survey.sites.values()]
    .filter((site) => site.kit.id === kit.id)
    .map(({ pocket }) => pocket)
  const lines = new Map<PocketId, Line[]>(pockets.map(({ id }) => [id, []]))
  for (const line of survey.lines) lines.get(line.site.pocket.id)?.push(line)
  return {
    kit: { id: kit.id, name: kit.name, note: kit.note },
    place: { id: place.id, name: place.name, hue: place.hue },
    today: survey.today,
    pockets: inOrderOut(pockets).map((pocket) => ({
      id: pocket.id,
      name: pocket.name,
      sort: pocket.sort,
      cell: pocket.cell,
      reachSeconds: pocket.reachSeconds,
      things: (lines.get(pocket.id) ?? [])
        .flatMap((line) => thingsOf(line, confirmations, sightings))
        .sort(byTitle),
      bare: (lines.get(pocket.id) ?? [])
        .filter(({ par, holdings }) => par > NOTHING && holdings.length === 0)
        .map(({ item, par }) => ({
          itemId: item.id,
          title: itemTitle(item),
          unit: item.unit,
          par,
        }))
        .sort(byTitle),
    })),
  }
}

const names = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })
const byTitle = (
  a: { readonly title: string; readonly lotId?: LotId },
  b: { readonly title: string; readonly lotId?: LotId },
): number => names.compare(a.title, b.title) || (a.lotId ?? '').localeCompare(b.lotId ?? '')

const thingsOf = (
  { item, site, holdings }: Line,
  confirmations: ReadonlyMap<string, Confirmation>,
  sightings: ReadonlyMap<LotId, Sighting>,
): Thing[] =>
  holdings.map(({ lot, amount, judged }) => ({
    lotId: lot.id,
    itemId: item.id,
    pocketId: site.pocket.id,
    title: itemTitle(item),
    unit: item.unit,
    kind: item.kind,
    essential: item.essential,
    purpose: item.purpose,
    forWhom: item.forWhom,
    directions: lot.directions,
    note: lot.note,
    batch: lot.batch,
    recorded: amount,
    expiry: lot.expiry,
    opened: lot.opened,
    condition: lot.condition,
    judged,
    confirmed: confirmations.get(confirmationKey(lot.id, site.pocket.id)) ?? null,
    sighting: sightings.get(lot.id) ?? UNSEEN,
  }))
