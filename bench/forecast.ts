/** Forecasts: how long many futures of a large household take, and how far two seeds lie apart. */
import { seeded } from '../src/core/chance/seeded'
import { FUTURES, forecast, whatIfs } from '../src/core/forecast/forecast'
import type { ForecastProblem } from '../src/core/forecast/problem'
import { EVERY_MONTH } from '../src/core/usage/season'
import { LARGE, seededProblem } from '../tests/support/restock'

/** The large household of the plans, its uses as rates. */
function largeForecast(): ForecastProblem {
  const { today, days, stops, things, lines, shelves, offers } = seededProblem(1, LARGE)
  const chance = seeded(5)
  return {
    today,
    months: 24,
    stops: stops.map(({ chances }) => chances.map(({ day }) => day)),
    things: things.map(({ freshDays }, thing) => {
      const offer = offers.find((one) => one.thing === thing)
      return {
        freshDays,
        pack: offer ? { units: offer.units, priceMinor: offer.priceMinor } : null,
      }
    }),
    lines: lines.map(({ thing, stop, par, uses }) => ({
      thing,
      stop,
      par,
      mustBe: false,
      perYear: (uses.reduce((sum, { amount }) => sum + amount, 0) * 365) / days,
      each: 1,
      shape: 0.5 + Math.floor(chance() * 6),
      season: EVERY_MONTH,
    })),
    shelves: shelves.filter(({ lastDay }) => lastDay === null || lastDay >= 0),
  }
}

/** @returns lines to print */
export function timeForecasts(): readonly string[] {
  const problem = largeForecast()
  forecast(problem, 3, 10)
  let start = performance.now()
  const one = forecast(problem, 1)
  const futures = performance.now() - start
  const other = forecast(problem, 2)
  start = performance.now()
  whatIfs(problem, 1)
  const pars = performance.now() - start
  const apart = Math.abs(one.spentInAll.middle / other.spentInAll.middle - 1)
  return [
    `forecast of 150 things and 2,000 lots, ${FUTURES} futures of 24 months: ${(futures / 1000).toFixed(1)} s; one more and one fewer of ${problem.lines.length} lines: ${(pars / 1000).toFixed(1)} s`,
    `two seeds lie ${(apart * 100).toFixed(2)} % apart in what is spent`,
  ]
}
