/** What is known of a lot and of its item as the form has it, and what of that is changed. */
import { amendLot } from '../../../contract/stock'
import { type Expiry, formatExpiry } from '../../../core/calendar/expiry'
import type { PlainDate } from '../../../core/calendar/plainDate'
import {
  type DateOrder,
  readPrintedDate,
  writePrintedDate,
} from '../../../core/calendar/readPrintedDate'
import { formatAmount } from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import { readMeasures, writeMeasures } from '../../../core/quantity/readMeasures'
import { readNumber } from '../../../core/quantity/readNumber'
import { readPrice, writePrice } from '../../../core/quantity/readPrice'
import type { OpenedClock } from '../../../core/shelf-life/openedClock'
import type { OpenedRuleId } from '../../../core/shelf-life/openedRules'
import type { ItemKind } from '../../../core/stock/itemKind'
import { type Condition, READY, type Standing, sameDetail } from '../../../core/stock/lot'
import type { VerdictKind } from '../../../core/stock/verdict'
import { act, type FormReading, faultsIn, missing, UNCHANGED } from '../../../ui/formReading'
import * as words from '../../../words'
import { expiryFault } from '../../stock/lot/ExpiryField'
import type { LineOnMat, TagOnMat } from './view'

type Lot = TagOnMat['lot']
type Item = LineOnMat['item']

export type DetailsDraft = {
  readonly expiry: string
  readonly condition: Condition
  readonly standing: Standing['kind']
  /** Why it is held, or to whom it is lent. */
  readonly reason: string
  readonly batch: string
  readonly note: string
  readonly directions: string
  readonly forMember: string | null
  /** Of so many alone; all where nothing is written. */
  readonly only: string
  readonly verdict: VerdictKind | 'none'
  readonly verdictWords: string
  readonly size: string
  readonly sizeGrams: string
  readonly purpose: string
  readonly forWhom: string
  readonly shop: string
  readonly essential: boolean
  readonly kind: ItemKind
  readonly pack: string
  readonly packPrice: string
  readonly rule: ClockChoice
}

/** The choice that a clock is: a rule by its name, the label's own period, or none. */
export type ClockChoice = OpenedRuleId | 'own' | 'unset'
const clockChoice = (clock: OpenedClock): ClockChoice =>
  clock.kind === 'rule' ? clock.rule : clock.kind

/** A thing that is weighed at all weighs something. */
const GRAMS = { least: 0.001, most: 1_000_000 }

export const detailsDraft = (item: Item, lot: Lot, today: PlainDate): DetailsDraft => ({
  expiry: writePrintedDate(lot.expiry, today),
  condition: lot.condition,
  standing: lot.standing.kind,
  reason:
    lot.standing.kind === 'held'
      ? lot.standing.reason
      : lot.standing.kind === 'lent'
        ? lot.standing.to
        : '',
  batch: lot.batch,
  note: lot.note,
  directions: lot.directions,
  forMember: lot.forMember,
  only: '',
  verdict: item.verdict?.kind ?? 'none',
  verdictWords: item.verdict?.words ?? '',
  size: writeMeasures(item.own.size?.mm ?? null),
  sizeGrams: item.own.size ? String(item.own.size.grams) : '',
  purpose: item.purpose,
  forWhom: item.forWhom,
  shop: item.shop,
  essential: item.essential,
  kind: item.kind,
  pack: item.packSize === null ? '' : formatAmount(item.packSize),
  packPrice: writePrice(item.packPriceMinor),
  rule: clockChoice(item.openedClock),
})

interface About {
  readonly item: Item
  readonly lot: Lot
  readonly pocketId: string
  readonly today: PlainDate
  readonly order: DateOrder
}

/** One act: lot and item are changed together, or neither is. */
export function readDetailsDraft(
  draft: DetailsDraft,
  { item, lot, pocketId, ...settings }: About,
): FormReading<DetailsDraft, typeof amendLot> {
  const expiry = readPrintedDate(draft.expiry, settings)
  const pack = draft.pack.trim() === '' ? null : readAmount(draft.pack)
  const only = draft.only.trim() === '' ? null : readAmount(draft.only)
  const price = readPrice(draft.packPrice)
  const size = readMeasures(draft.size)
  const grams = readNumber(draft.sizeGrams, GRAMS)
  const faults = faultsIn<DetailsDraft>({
    expiry: expiryFault(draft.expiry, settings),
    reason:
      draft.standing === 'held' || draft.standing === 'lent' ? missing(draft.reason) : undefined,
    pack:
      pack?.kind === 'refused'
        ? words.imports.amountRefused(pack.refusal)
        : pack?.amount === 0
          ? words.stock.lot.emptyPack
          : undefined,
    only: only?.kind === 'refused' ? words.imports.amountRefused(only.refusal) : undefined,
    packPrice: price === 'not_a_price' ? words.imports.notAPrice : undefined,
    size: size === 'wrong' ? words.kits.shapes.wrong : undefined,
    sizeGrams:
      size !== 'none' && size !== 'wrong' && typeof grams !== 'number'
        ? words.items.size.wrongGrams
        : undefined,
  })
  if (faults || expiry.kind !== 'read') return faults ?? { kind: 'faults', faults: {} }
  const ofLot = lotChanges(draft, lot, expiry.expiry, settings.today)
  const ofItem = {
    ...itemChanges(draft, item, settings.today),
    ...changed('packSize', pack?.kind === 'read' ? pack.amount : null, item.packSize),
    ...(price !== 'not_a_price' && changed('packPriceMinor', price, item.packPriceMinor)),
    ...sizeChange(size === 'wrong' ? 'none' : size, typeof grams === 'number' ? grams : 0, item),
  }
  const [hasLot, hasItem] = [ofLot, ofItem].map((patch) => Object.keys(patch).length > 0)
  if (!hasLot && !hasItem) return UNCHANGED
  const part =
    hasLot && only?.kind === 'read' && only.amount > 0 ? { pocketId, amount: only.amount } : null
  return act(amendLot, {
    params: { lotId: lot.id },
    body: {
      seenVersion: lot.version,
      ...ofLot,
      ...(part && { part }),
      ...(hasItem && { item: { seenVersion: item.version, ...ofItem } }),
    } as never,
  })
}

/** The one field, where it is another than it was. */
const changed = <Name extends string, T>(
  name: Name,
  next: T,
  now: T,
): { readonly [N in Name]?: T } =>
  sameDetail(next, now) ? {} : ({ [name]: next } as { readonly [N in Name]?: T })

/** What it measures is one of the things that are its own; without measures it has none. */
function sizeChange(
  mm: Exclude<ReturnType<typeof readMeasures>, 'wrong'>,
  grams: number,
  item: Item,
) {
  const { size: now, ...own } = item.own
  const size = mm === 'none' ? undefined : { mm, grams }
  return sameDetail(size, now) ? {} : { own: { ...own, ...(size && { size }) } }
}

function standingOf({ standing, reason }: DetailsDraft, now: Standing, today: PlainDate): Standing {
  if (standing === 'held') return { kind: 'held', reason }
  if (standing === 'lent')
    return { kind: 'lent', to: reason, since: now.kind === 'lent' ? now.since : today }
  return standing === now.kind ? now : READY
}

const lotChanges = (draft: DetailsDraft, lot: Lot, expiry: Expiry, today: PlainDate) => ({
  ...(formatExpiry(expiry) !== formatExpiry(lot.expiry) && { expiry }),
  ...changed('standing', standingOf(draft, lot.standing, today), lot.standing),
  ...changed('condition', draft.condition, lot.condition),
  ...changed('batch', draft.batch, lot.batch),
  ...changed('note', draft.note, lot.note),
  ...changed('directions', draft.directions, lot.directions),
  ...changed('forMember', draft.forMember, lot.forMember),
})

const itemChanges = (draft: DetailsDraft, item: Item, today: PlainDate) => ({
  ...changed(
    'verdict',
    draft.verdict === 'none'
      ? null
      : { kind: draft.verdict, words: draft.verdictWords, on: item.verdict?.on ?? today },
    item.verdict,
  ),
  ...changed('purpose', draft.purpose, item.purpose),
  ...changed('forWhom', draft.forWhom, item.forWhom),
  ...changed('shop', draft.shop, item.shop),
  ...changed('essential', draft.essential, item.essential),
  ...changed('kind', draft.kind, item.kind),
  // What the label says is entered where it is opened; here it can be given up for a rule.
  ...(draft.rule !== clockChoice(item.openedClock) &&
    draft.rule !== 'own' && {
      openedClock:
        draft.rule === 'unset'
          ? ({ kind: 'unset' } as const)
          : ({ kind: 'rule', rule: draft.rule } as const),
    }),
})
