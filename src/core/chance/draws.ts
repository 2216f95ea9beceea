/** Draws from distributions, out of a seeded generator of numbers from 0 up to 1. */

export type Chance = () => number

/** How many events happen where so many are expected; by inversion, meant for small means. */
export function poisson(mean: number, chance: Chance): number {
  if (mean <= 0) return 0
  // Halved until the first term is no longer nothing.
  if (mean > 400) return poisson(mean / 2, chance) + poisson(mean / 2, chance)
  const at = chance()
  // Nothing happens at least so often; most draws end here.
  if (at < 1 - mean) return 0
  let term = Math.exp(-mean)
  let below = term
  let count = 0
  while (at > below && count < 10_000) {
    count++
    term *= mean / count
    below += term
  }
  return count
}

/** A standard normal number, after Box and Muller (1958). */
const normal = (chance: Chance): number =>
  Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance())

/** A gamma number of a shape above nothing and scale one, after Marsaglia and Tsang (2000). */
export function gamma(shape: number, chance: Chance): number {
  if (shape < 1) return gamma(shape + 1, chance) * (1 - chance()) ** (1 / shape)
  const d = shape - 1 / 3
  const c = 1 / Math.sqrt(9 * d)
  for (;;) {
    const x = normal(chance)
    const v = (1 + c * x) ** 3
    if (v > 0 && Math.log(1 - chance()) < 0.5 * x * x + d - d * v + d * Math.log(v)) return d * v
  }
}

/** A whole number near to another, so that the mean is kept; at least one. */
export function wholeNear(value: number, chance: Chance): number {
  const floor = Math.floor(value)
  return Math.max(1, floor + (chance() < value - floor ? 1 : 0))
}
