/**
 * The public face of the core: everything Vivid Satchel knows how to judge and work out, as
 * pure functions over plain values. docs/core.md explains it with worked examples, which the
 * tests run.
 */
export { type Expiry, formatExpiry, parseExpiry, printedLastDay } from './calendar/expiry'
export {
  addDays,
  addMonths,
  dayAt,
  daysBetween,
  InvalidDateError,
  isPlainDate,
  lastDayOfMonth,
  type PlainDate,
  type PlainMonth,
  plainDate,
  plainMonth,
} from './calendar/plainDate'
export {
  type Lookahead,
  lookahead,
  type NextThere,
  nextCheckDay,
  nextThere,
  type Presence,
} from './calendar/presence'
export { type DateReading, readPrintedDate, writePrintedDate } from './calendar/readPrintedDate'
export { numbersToCall } from './household/emergencyNumbers'
export { exportList, templateList } from './interchange/exportList'
export { type Columns, columnsOf, type Field } from './interchange/headings'
export { type ImportPlan, type Known, planImport } from './interchange/planImport'
export { type LineReading, type ListLine, readLine } from './interchange/readLine'
export { readList } from './interchange/readList'
export { readTable } from './interchange/table'
export { readPastedText, readTextFile } from './interchange/textFile'
export { type Amount, amount, formatAmount, InvalidAmountError, units } from './quantity/amount'
export { type AmountReading, readAmount } from './quantity/readAmount'
export { restockList, type ShopList } from './restock/list'
export { type Shortfall, shortfalls, spares } from './restock/shortfall'
export { type LidSheet, lidSheet } from './sheet/lidSheet'
export { type LastGood, lastGoodDay } from './shelf-life/lastGoodDay'
export type { Opened, OpenedClock } from './shelf-life/openedClock'
export { OPENED_RULES } from './shelf-life/openedRules'
export {
  type Decision,
  decideAmend,
  decideCount,
  decideDiscard,
  decideMove,
  decideOpen,
  decideReceive,
  decideUse,
} from './stock/decide'
export { type Item, itemTitle, type Par } from './stock/item'
export { judgeLot, type LotState } from './stock/judge'
export type { Holding, Lot, LotDetails } from './stock/lot'
export {
  evolve,
  type Fact,
  fold,
  type LotStock,
  type Movement,
  NegativeStockError,
  reverse,
} from './stock/movement'
export { type Errand, errands, putOffUntil } from './watch/errands'
export { type Headline, headline } from './watch/headline'
export { type Ribbon, ribbon } from './watch/ribbon'
export { type HouseholdStock, lineState, readiness, type Survey, survey } from './watch/survey'
