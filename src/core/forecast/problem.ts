/** What a forecast is made from, as plain data: days are counted from today, amounts in units. */
import type { PlainDate } from '../calendar/plainDate'
import type { Season } from '../usage/season'

/** So many of a thing belong in one pocket, where it is used now and then. */
export interface ForecastLine {
  readonly thing: number
  readonly stop: number
  readonly par: number
  /** It may save a life, the keeper says it must be there, or somebody takes it: none fewer. */
  readonly mustBe: boolean
  /** Units a year. */
  readonly perYear: number
  /** Units that go each time. */
  readonly each: number
  /** Of the gamma distribution believed of the rate; null where it is known. */
  readonly shape: number | null
  readonly season: Season
}

export interface ForecastThing {
  /** A fresh pack is good for so many days; null when it never turns. */
  readonly freshDays: number | null
  /** Units in the pack that is bought, and what it costs; null where no price is known. */
  readonly pack: { readonly units: number; readonly priceMinor: number } | null
}

export interface ForecastShelf {
  readonly thing: number
  readonly stop: number
  readonly line: number | null
  readonly amount: number
  /** The last day on which it is good; null when it never turns. */
  readonly lastDay: number | null
}

export interface ForecastProblem {
  readonly today: PlainDate
  /** Looked ahead so many months, the running one included. */
  readonly months: number
  /** Of each place, the days on which somebody can act there, in order. */
  readonly stops: readonly (readonly number[])[]
  readonly things: readonly ForecastThing[]
  readonly lines: readonly ForecastLine[]
  readonly shelves: readonly ForecastShelf[]
}
