/** The sheet for the inside of a lid: what is in here, for anyone who opens it. No private data. */
import type { Expiry } from '../calendar/expiry'
import type { PlainDate } from '../calendar/plainDate'
import type { Keeping } from '../exposure/storage'
import type { NumbersToCall } from '../household/emergencyNumbers'
import type { Kit } from '../household/places'
import type { LidCodeId } from '../ids'
import { type Amount, NOTHING, type Total } from '../quantity/amount'
import { type Item, itemTitle } from '../stock/item'
import type { KitLook } from '../trust/kitLook'
import type { Line, Survey } from '../watch/survey'
import { withoutNames } from './withoutNames'

export interface SheetLine {
  readonly title: string
  readonly unit: string
  readonly purpose: string
  readonly good: Total
  readonly par: Amount
  /** The soonest of what is there; null when nothing is. */
  readonly expiry: Expiry | null
  readonly opened: boolean
  /** How it is kept, and who says so. */
  readonly keeping: Keeping
}

/** What is in the kit, as it is printed. */
export interface SheetContent {
  /** Whose kit. */
  readonly household: string
  readonly kit: string
  readonly numbers: NumbersToCall
  readonly printedOn: PlainDate
  /** The code that is on it, by its id; null without one. */
  readonly lidCode: LidCodeId | null
  readonly pockets: readonly { readonly name: string; readonly lines: readonly SheetLine[] }[]
}

/** The same with how far the kit was looked through. */
export interface LidSheet extends SheetContent {
  readonly look: KitLook
}

/**
 * The sheet of one kit. For whom a thing is, prices, notes and places stay off it, and the
 * names of members are taken out of what is shown.
 */
export function sheetContent(
  survey: Survey,
  kit: Kit,
  of: {
    readonly household: string
    readonly numbers: NumbersToCall
    readonly memberNames: readonly string[]
    readonly keepingOf: (item: Item) => Keeping
    readonly lidCode: LidCodeId | null
  },
): SheetContent {
  const hide = withoutNames(of.memberNames)
  const pockets = [...survey.sites.values()]
    .filter((site) => site.kit.id === kit.id)
    .sort(
      (a, b) =>
        a.pocket.cell.row - b.pocket.cell.row || a.pocket.cell.column - b.pocket.cell.column,
    )
  return {
    household: of.household,
    kit: kit.name,
    numbers: of.numbers,
    printedOn: survey.today,
    lidCode: of.lidCode,
    pockets: pockets.map(({ pocket }) => ({
      name: hide(pocket.name),
      lines: survey.lines
        .filter(
          (line) =>
            line.site.pocket.id === pocket.id && (line.good > NOTHING || line.par > NOTHING),
        )
        .map((line) => sheetLine(line, of.keepingOf(line.item), hide))
        .sort((a, b) => a.title.localeCompare(b.title)),
    })),
  }
}

function sheetLine(line: Line, keeping: Keeping, hide: (text: string) => string): SheetLine {
  const good = line.holdings.filter(
    ({ judged }) => judged.state === 'sound' || judged.state === 'turning',
  )
  const dated = good.flatMap(({ judged, lot }) => {
    const day =
      judged.state === 'turning'
        ? judged.day
        : judged.state === 'sound' && judged.lastGood.kind === 'day'
          ? judged.lastGood.day
          : null
    const byOpening =
      (judged.state === 'turning' && judged.clock === 'opened') ||
      (judged.state === 'sound' &&
        judged.lastGood.kind === 'day' &&
        judged.lastGood.clock === 'opened')
    return day === null
      ? []
      : [{ day, expiry: byOpening ? ({ kind: 'day', day } as const) : lot.expiry }]
  })
  const [soonest] = dated.sort((a, b) => a.day.localeCompare(b.day))
  return {
    title: hide(itemTitle(line.item)),
    unit: line.item.unit,
    purpose: hide(line.item.purpose),
    good: line.good,
    par: line.par,
    expiry: soonest?.expiry ?? good[0]?.lot.expiry ?? null,
    opened: good.some(({ lot }) => lot.opened.kind === 'opened'),
    keeping,
  }
}
