/** How long fresh packs of a thing are good. */
import { daysBetween, type PlainDate } from '../calendar/plainDate'
import { lastGoodDay } from '../shelf-life/lastGoodDay'
import type { Item } from '../stock/item'
import type { ItemKind } from '../stock/itemKind'
import type { Survey } from '../watch/survey'

/** How long a fresh pack is good, where the household's own lots do not tell. Working figures. */
const USUAL_FRESH_DAYS: Readonly<Record<ItemKind, number | null>> = {
  medicine: 730,
  sterile: 1460,
  supply: null,
  instrument: null,
  sharp: 1825,
  battery: 1825,
  pressurised: 1095,
  food: 365,
  paper: null,
}

/** What came with less time left than this was no fresh pack. */
const LEAST_FRESH_DAYS = 30

/** The middle of what the household's own packs of it were good for when they came. */
export function freshDaysOf(item: Item, { holdings }: Survey, today: PlainDate): number | null {
  const seen = holdings
    .filter((one) => one.item.id === item.id && one.lot.opened.kind === 'sealed')
    .flatMap(({ lot }) => {
      const good = lastGoodDay({ expiry: lot.expiry, opened: lot.opened }, item.openedClock)
      return good.kind === 'day' && lot.receivedOn <= today
        ? [daysBetween(lot.receivedOn, good.day)]
        : []
    })
    .filter((days) => days > LEAST_FRESH_DAYS)
    .sort((a, b) => a - b)
  return seen[Math.floor(seen.length / 2)] ?? USUAL_FRESH_DAYS[item.kind]
}
