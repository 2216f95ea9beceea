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
export { catalogue, RuleBookError } from './catalogue/catalogue'
export type { CatalogueEntry } from './catalogue/entry'
export { type ItemFacts, itemFacts, ownFactsFaults } from './catalogue/itemFacts'
export type { OwnFacts } from './catalogue/ownFacts'
export { type UsesOfOne, usesOfOne } from './catalogue/usesOfOne'
export { checkDigit, type Gtin, readGtin } from './codes/gtin'
export { type CodeFields, type CodeReading, readCode } from './codes/readCode'
export { writeCode } from './codes/writeCode'
export type { Question } from './cover/asking'
export { type Board, board, type Cell } from './cover/board'
export { type Explanation, explain } from './cover/explain'
export { shortage } from './cover/joint'
export { gradeOf, gravest, type Objection, objectionsTo } from './cover/objections'
export { type CoverStock, type Pantry, pantry } from './cover/pantry'
export { type Proposal, propose } from './cover/proposal'
export { loadRuleBook } from './cover/ruleBook'
export { expectedAt } from './cover/scene'
export { type Schools, schoolsOf } from './cover/schools'
export { beyondLimits, nextAllowed, timingRefusals } from './dosing/allowance'
export { BARRELS, drawSyringe, drawUp, proposeBarrel } from './dosing/barrel'
export type { DoseCard } from './dosing/card'
export { cardFaults } from './dosing/cardFaults'
export { coursePlan } from './dosing/coursePlan'
export type { GivenDose } from './dosing/given'
export { ALL_LABELS, LABELS } from './dosing/labels'
export { offersFor } from './dosing/lots'
export type { DoseAnswer } from './dosing/question'
export type { DoseRefusal } from './dosing/refusal'
export { disagreeing, sourceGap } from './dosing/sources'
export { workOut } from './dosing/workOut'
export { type Findable, findAmong, sought } from './finding/sought'
export { type Forecast, forecast, type WhatIf, whatIfs } from './forecast/forecast'
export { simulate } from './forecast/simulate'
export { guideCard, guideFaults, guidesFor } from './guide/guide'
export { type Begun, type BegunFacts, begun } from './household/beginning'
export { type Container, type Shape, TEMPLATES } from './household/container'
export { guessCountry, habitsOf, wouldFollow } from './household/countryHabits'
export { type Course, type CourseState, courseState } from './household/course'
export { numbersToCall } from './household/emergencyNumbers'
export type { Member, MemberFacts } from './household/member'
export { guessRange } from './household/places'
export { ageInYears, weighingStandsFor, weightFault, weightOn } from './household/weight'
export { alarmLines } from './incident/alarmLines'
export { type AlarmState, alarmOf } from './incident/alarms'
export { atHand } from './incident/atHand'
export type { CareEntry, CareFact, Incident } from './incident/entry'
export { type Handover, handoverOf } from './incident/handover'
export { normalFor, standingOf, tapRate } from './incident/readings'
export { type Timeline, timelineOf } from './incident/timeline'
export { type CalendarReading, readCalendar } from './interchange/calendarFile'
export { exportList, templateList } from './interchange/exportList'
export { type Columns, columnsOf, type Field } from './interchange/headings'
export type { Known } from './interchange/known'
export { type ImportPlan, planImport } from './interchange/planImport'
export { type LineReading, type ListLine, readLine } from './interchange/readLine'
export { readList } from './interchange/readList'
export { readTable } from './interchange/table'
export { readPastedText, readTextFile } from './interchange/textFile'
export { judgeAgain } from './judgement/again'
export { type Evening, evening } from './judgement/evening'
export { type Judgement, judge } from './judgement/judgement'
export { type MemberSheet, memberSheet } from './judgement/memberSheet'
export { type Arranged, arrange } from './layout/arrange'
export { placeAt } from './layout/cells'
export { type Closing, type Fill, fillOf, fitsIn, type Load, loadOf } from './layout/fill'
export { firstFit } from './layout/firstFit'
export { type Goods, goodsOf } from './layout/goods'
export { type ProposedLabel, proposedLabels } from './layout/labels'
export { type Misplaced, misplacedIn } from './layout/misplaced'
export { type Gain, gainsOf, type LayoutMove, movesOf, type Reason } from './layout/moves'
export { layoutProblem } from './layout/ofKit'
export { type Pointer, pointersOf } from './layout/pointers'
export type { Layout, LayoutProblem } from './layout/problem'
export { isForOthers, type Purpose, purposeOf, underLabel } from './layout/purpose'
export { breakdown, scoreOf, WEIGHTS } from './layout/score'
export { assistedFeed, dilute, drink } from './mixing/mix'
export { SHIPPED_RECIPES } from './mixing/recipe'
export { type Difference, vetoes } from './naming/differences'
export { type EntryProposal, proposeEntry } from './naming/proposeEntry'
export { readName, type ThingName } from './naming/readName'
export { type Amount, amount, formatAmount, InvalidAmountError, units } from './quantity/amount'
export { exact } from './quantity/exact'
export { readMeasure, readStrength, readTemperature, readVolume } from './quantity/measure'
export { type AmountReading, readAmount } from './quantity/readAmount'
export { type Bulletin, isRecalled, recallFinder } from './recall/bulletin'
export { chancesAt } from './restock/chances'
export { Dealers } from './restock/dealers'
export { greedyPlan } from './restock/greedy'
export { type HouseholdProblem, householdProblem, type RestockFault } from './restock/household'
export type { Decisions } from './restock/plan'
export type { RestockProblem } from './restock/problem'
export { type Replayed, replay } from './restock/replay'
export { type RestockPlan, RestockPlanner } from './restock/restockPlan'
export { type Shortfall, shortfalls, spares } from './restock/shortfall'
export { type ReviewLine, review } from './review/review'
export { type Ask, asksOf, tollOf } from './rounds/asks'
export { type Contents, contentsOf, type Thing } from './rounds/contents'
export { decideLook } from './rounds/decideLook'
export { type KitRound, kitRounds } from './rounds/due'
export { learnSpeed, secondsFor } from './rounds/duration'
export { DUE_RULES, type Pace } from './rounds/pace'
export { type Progress, progressOf } from './rounds/progress'
export { type Report, reportOf } from './rounds/report'
export type { Entry, EntryFact, Look, Round } from './rounds/round'
export { smallRounds } from './rounds/small'
export { readTallyLine, tallyLines } from './rounds/tally'
export { type LidSheet, sheetContent } from './sheet/lidSheet'
export { type LastGood, lastGoodDay } from './shelf-life/lastGoodDay'
export type { Opened, OpenedClock } from './shelf-life/openedClock'
export { OPENED_RULES } from './shelf-life/openedRules'
export { proposePockets } from './shopping/proposePockets'
export { elsewhere, isMissingAt, type Purchase, partTargets } from './shopping/purchase'
export type { Solver } from './solving/program'
/** Every decision about a lot. */
export * from './stock/decide'
export { firstOut, soonerThan } from './stock/firstOut'
export { type Item, itemTitle, type Par } from './stock/item'
export { judgeLot, type LotState } from './stock/judge'
export { arriveLate, type LaterFact, stockBefore } from './stock/late'
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
export { type Telling, tellingOf } from './stock/telling'
export { CABIN_RULES, cabinVerdict } from './trips/cabin'
export { type TripFault, tripFaults } from './trips/faults'
export { planTripFrom, type TripPlan } from './trips/plan'
export { reachOf, traitsOf } from './trips/scenes'
export type { Trip } from './trips/trip'
export { type Confirmation, certainty } from './trust/certainty'
export { nextLooks } from './trust/nextLook'
export { type UseRate, useRate } from './usage/rate'
export { calendarEntries } from './watch/calendarEntries'
export { type Errand, putOffUntil } from './watch/errand'
export { errands } from './watch/errands'
export { type Headline, headline } from './watch/headline'
export { type Ribbon, ribbon } from './watch/ribbon'
export { type HouseholdStock, lineState, type Survey, survey, targetsMet } from './watch/survey'
