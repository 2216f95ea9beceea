/** Which months of the year a thing is used in more than in others. */

/** Of each month, January first, against the mean of the year: 1 where it is as usual. */
export type Season = readonly number[]

export const EVERY_MONTH: Season = Array.from({ length: 12 }, () => 1)

/** Each month starts as if used so often; fewer uses than this tell nothing of a season. */
const SMOOTHING = 2

/**
 * Learned from the months of past uses, January 1; with few uses it stays near to none.
 * @param yearsSeen each month was lived through so often, by month
 */
export function seasonOf(months: readonly number[], yearsSeen: readonly number[]): Season {
  const counts = EVERY_MONTH.map((_, month) => months.filter((one) => one === month + 1).length)
  const rates = counts.map(
    (count, month) => (count + SMOOTHING) / ((yearsSeen[month] ?? 0) + SMOOTHING),
  )
  const mean = rates.reduce((sum, rate) => sum + rate, 0) / rates.length
  return rates.map((rate) => rate / mean)
}
